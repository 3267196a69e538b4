import type { SmallTable } from './figures';

/** Tables of the concession's schedules. */
export const concessionTables: Readonly<Record<string, SmallTable>> = {
  routes: {
    caption: 'Routes',
    unit: 'nautical miles',
    head: ['', 'Length', 'Minutes'],
    totals: 0,
    rows: [
      ['Aldmere to Skerrow', '4.6', 25],
      ['Aldmere to Great Holm', '9.8', 50],
      ['Skerrow to Great Holm', '6.1', 35],
    ],
  },
  fleet: {
    caption: 'Vessels',
    unit: 'length in metres',
    head: ['Name', 'Built', 'Passengers', 'Length', 'Propulsion'],
    totals: 0,
    rows: [
      ['Kittiwake', '1998', '310', '38.2', 'diesel'],
      ['Tern', '2006', '280', '35.0', 'diesel'],
      ['Sandpiper', '2011', '240', '31.4', 'diesel'],
      ['Dunlin', '2014', '240', '31.4', 'diesel'],
      ['Great Holm', '2022', '350', '41.6', 'electric'],
    ],
  },
  sailings: {
    caption: 'Scheduled Sailings a day, each way',
    unit: 'number of sailings',
    head: ['', 'Weekdays', 'Saturdays', 'Sundays'],
    totals: 0,
    rows: [
      ['Skerrow, summer', 26, 30, 28],
      ['Skerrow, winter', 18, 16, 12],
      ['Great Holm, summer', 12, 14, 14],
      ['Great Holm, winter', 7, 6, 4],
      ['Skerrow to Great Holm, summer', 6, 8, 8],
      ['Skerrow to Great Holm, winter', 2, 2, 0],
    ],
  },
  firstlast: {
    caption: 'First and last sailings from Aldmere',
    unit: '',
    head: ['To', 'Season', 'First', 'Last'],
    totals: 0,
    rows: [
      ['Skerrow', 'summer', '5.40', '23.50'],
      ['Skerrow', 'winter', '6.10', '22.40'],
      ['Great Holm', 'summer', '6.30', '21.15'],
      ['Great Holm', 'winter', '7.00', '19.30'],
    ],
  },
  fares: {
    caption: 'Fares',
    unit: 'in crowns',
    head: ['', 'Single', 'Return', 'Monthly', 'Yearly'],
    totals: 0,
    rows: [
      ['Aldmere to Skerrow, adult', '8.40', '15.60', '148', '1,480'],
      ['Aldmere to Skerrow, child', '4.20', '7.80', '74', '740'],
      ['Aldmere to Great Holm, adult', '12.80', '23.50', '214', '2,140'],
      ['Aldmere to Great Holm, child', '6.40', '11.80', '107', '1,070'],
      ['Skerrow to Great Holm, adult', '6.90', '12.70', '119', '1,190'],
      ['Bicycle, July and August', '3.00', '3.00', '–', '–'],
      ['Dog', '1.50', '3.00', '20', '200'],
    ],
  },
  index: {
    caption: 'Parts of the Fee Index',
    unit: 'per cent',
    head: ['', 'Weight'],
    totals: 1,
    rows: [
      ['Wages in transport', 46],
      ['Consumer prices', 31],
      ['Marine fuel', 15],
      ['Electricity', 8],
      ['All', 100],
    ],
  },
  targets: {
    caption: 'Targets and lower levels',
    unit: 'per cent',
    head: ['', 'Target', 'Notice below'],
    totals: 0,
    rows: [
      ['Punctuality', '94.0', '88.0'],
      ['Reliability, Skerrow', '99.0', '94.0'],
      ['Reliability, Great Holm', '98.0', '94.0'],
    ],
  },
};

/** Tables of the regulation's annexes. */
export const regulationTables: Readonly<Record<string, SmallTable>> = {
  crew: {
    caption: 'Least number of crew',
    unit: 'persons',
    head: ['Passengers', 'Class A', 'Class B'],
    totals: 0,
    rows: [
      ['13 to 50', 3, 2],
      ['51 to 100', 4, 3],
      ['101 to 175', 6, 4],
      ['176 to 250', 8, 6],
      ['251 to 400', 11, 9],
      ['more than 400', 14, 12],
    ],
  },
  equipment: {
    caption: 'Equipment',
    unit: 'number, or per cent of persons on board',
    head: ['', 'Class A', 'Class B'],
    totals: 0,
    rows: [
      ['Life rafts', '100%', '50%'],
      ['Lifebuoys with light', 8, 4],
      ['Child lifejackets', '10%', '10%'],
      ['Distress rockets', 12, 6],
      ['Fire hydrants', 2, 1],
      ['Immersion suits', 6, 2],
      ['First-aid chests', 2, 1],
    ],
  },
  fees: {
    caption: 'Fees',
    unit: 'in crowns',
    head: ['', 'Under 24 m', '24 m and over'],
    totals: 0,
    rows: [
      ['Annual survey', 310, 690],
      ['Survey out of the water', 540, '1,220'],
      ['Occasional survey', 260, 480],
      ['Approval of an alteration', 190, 430],
      ['Copy of a certificate', 25, 25],
      ['Exemption', 600, '1,400'],
    ],
  },
};
