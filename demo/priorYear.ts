import { costs, finance, revenue, tax, type SmallTable, type StatementRow } from './figures';

const THOUSANDS = 'in thousands of crowns';

/** What the operator first reported as charter income and repairs for 2024; both were restated in 2025, which left the profit as it was. */
const SETTLEMENT = 230;
const charter = revenue.charter[1] + SETTLEMENT;
const repairs = costs.repairs[1] - SETTLEMENT;
const sum = (...values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

const revenue2024 = sum(revenue.fares[1], revenue.support[1], revenue.catering[1], charter);
const revenue2023 = sum(23_870, 125, 1_846, 1_103);
const costs2024 = [costs.staff[1], costs.fuel[1], repairs, costs.board[1], costs.depreciation[1], costs.other[1]];
const costs2023 = [-8_870, -3_283, -2_744, -1_289, -2_961, -4_420];
const operating2024 = sum(revenue2024, ...costs2024);
const operating2023 = sum(revenue2023, ...costs2023);
const before2024 = operating2024 + finance[1];
const before2023 = operating2023 - 525;
const LABELS = [
  'Staff costs',
  'Fuel and power',
  'Repairs and maintenance',
  'Concession fee and share of revenue',
  'Depreciation and amortisation',
  'Other operating costs',
];

/** The income statement for 2024 as it was first published. */
export const priorIncome: readonly StatementRow[] = [
  { label: 'Revenue', values: [revenue2024, revenue2023], kind: 'total' },
  ...LABELS.map((label, at): StatementRow => ({ label, values: [costs2024[at] ?? 0, costs2023[at] ?? 0] })),
  { label: 'Operating profit', values: [operating2024, operating2023], kind: 'total' },
  { label: 'Finance costs', values: [finance[1], -525] },
  { label: 'Profit before tax', values: [before2024, before2023], kind: 'total' },
  { label: 'Tax', values: [tax[1], -638] },
  { label: 'Profit for the year', values: [before2024 + tax[1], before2023 - 638], kind: 'grand' },
];

/** Tables of the filing for 2024. */
export const priorTables: Readonly<Record<string, SmallTable>> = {
  performance: {
    caption: 'Passengers and sailings',
    unit: 'thousands of passengers, except where stated',
    head: ['', '2024', '2023'],
    totals: 0,
    rows: [
      ['Passengers', 3_180, 3_011],
      ['Sailings performed (per cent)', '96.2', '96.8'],
      ['Punctuality (per cent)', '92.1', '91.4'],
      ['Employees at the end of the year', 174, 170],
    ],
  },
  revenue: {
    caption: 'Revenue by source',
    unit: THOUSANDS,
    head: ['', '2024', '2023'],
    totals: 1,
    rows: [
      ['Fares', revenue.fares[1], 23_870],
      ['Support payments', 250, 125],
      ['Catering and freight', 1_987, 1_846],
      ['Charter', charter, 1_103],
      ['Revenue', revenue2024, revenue2023],
    ],
  },
  penalties: {
    caption: 'Service penalties',
    unit: THOUSANDS,
    head: ['', '2024', '2023'],
    totals: 1,
    rows: [
      ['Late departures', 518, 402],
      ['Sailings not performed', 1_016, 734],
      ['Vessel days out of service', 326, 198],
      ['Total', 1_860, 1_334],
    ],
  },
  fuel: {
    caption: 'Fuel and power',
    unit: THOUSANDS,
    head: ['', '2024', '2023'],
    totals: 1,
    rows: [
      ['Marine diesel', 2_780, 2_912],
      ['Electricity', 508, 371],
      ['Total', 3_288, 3_283],
    ],
  },
};
