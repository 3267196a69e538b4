/** The operator's accounts, in thousands of crowns; totals are worked out so that the statements add up. */
export interface StatementRow {
  readonly label: string;
  readonly note?: string;
  /** This year, last year. */
  readonly values: readonly [number, number];
  readonly kind?: 'total' | 'grand' | 'head';
}

type Pair = readonly [number, number];
const add = (...pairs: readonly Pair[]): Pair => [
  pairs.reduce((sum, pair) => sum + pair[0], 0),
  pairs.reduce((sum, pair) => sum + pair[1], 0),
];
const minus = (pair: Pair): Pair => [-pair[0], -pair[1]];

export const revenue = {
  fares: [27_833, 25_310],
  support: [250, 250],
  catering: [2_201, 1_987],
  charter: [916, 1_133],
} as const satisfies Record<string, Pair>;
export const costs = {
  staff: [-9_894, -9_343],
  fuel: [-3_022, -3_288],
  repairs: [-3_346, -2_912],
  board: [-1_520, -1_329],
  depreciation: [-3_318, -3_034],
  other: [-4_166, -4_593],
} as const satisfies Record<string, Pair>;
export const finance: Pair = [-569, -532];
export const tax: Pair = [-1_125, -799];

const totalRevenue = add(...Object.values(revenue));
const operating = add(totalRevenue, ...Object.values(costs));
const beforeTax = add(operating, finance);
const profit = add(beforeTax, tax);

export const income: readonly StatementRow[] = [
  { label: 'Revenue', note: '3', values: totalRevenue, kind: 'total' },
  { label: 'Staff costs', note: '4', values: costs.staff },
  { label: 'Fuel and power', note: '5', values: costs.fuel },
  { label: 'Repairs and maintenance', values: costs.repairs },
  { label: 'Concession fee and share of revenue', note: '8', values: costs.board },
  { label: 'Depreciation and amortisation', note: '6', values: costs.depreciation },
  { label: 'Other operating costs', note: '9', values: costs.other },
  { label: 'Operating profit', values: operating, kind: 'total' },
  { label: 'Finance costs', note: '10', values: finance },
  { label: 'Profit before tax', values: beforeTax, kind: 'total' },
  { label: 'Tax', note: '11', values: tax },
  { label: 'Profit for the year', values: profit, kind: 'grand' },
];

const vessels: Pair = [19_866, 20_902];
const rights: Pair = [446, 792];
const fixed = add(vessels, rights);
const inventories: Pair = [671, 634];
const receivables: Pair = [1_235, 1_172];
const dividends: Pair = [-1_375, -1_125];
const cashStart: Pair = [3_084, 2_618];

const generated: Pair = add(operating, minus(costs.depreciation), [-37, 22], [-63, -118], [241, 96]);
const paidTax: Pair = [-986, -744];
const fromOperations = add(generated, paidTax);
const capital: Pair = [-2_050, -2_440];
const sold: Pair = [114, 0];
const invested = add(capital, sold);
const repaid: Pair = [-1_600, -1_600];
const leasesPaid: Pair = [-317, -308];
const interestPaid: Pair = [-569, -532];
const financed = add(repaid, leasesPaid, interestPaid, dividends);
const change = add(fromOperations, invested, financed);
const cashEnd = add(cashStart, change);

export const cash: readonly StatementRow[] = [
  { label: 'Operating profit', values: operating },
  { label: 'Depreciation and amortisation', note: '6', values: minus(costs.depreciation) },
  { label: 'Increase in inventories', note: '15', values: [-37, 22] },
  { label: 'Increase in receivables', note: '16', values: [-63, -118] },
  { label: 'Increase in payables and provisions', note: '19', values: [241, 96] },
  { label: 'Tax paid', values: paidTax },
  { label: 'Net cash from operating activities', values: fromOperations, kind: 'total' },
  { label: 'Purchase of vessels and equipment', note: '13', values: capital },
  { label: 'Proceeds of sale of equipment', values: sold },
  { label: 'Net cash used in investing activities', values: invested, kind: 'total' },
  { label: 'Repayment of borrowings', note: '18', values: repaid },
  { label: 'Payment of lease liabilities', note: '14', values: leasesPaid },
  { label: 'Interest paid', note: '10', values: interestPaid },
  { label: 'Dividends paid', note: '12', values: dividends },
  { label: 'Net cash used in financing activities', values: financed, kind: 'total' },
  { label: 'Net increase in cash', values: change, kind: 'total' },
  { label: 'Cash at the beginning of the year', values: cashStart },
  { label: 'Cash at the end of the year', note: '17', values: cashEnd, kind: 'grand' },
];

const current = add(inventories, receivables, cashEnd);
const assets = add(fixed, current);
const capitalIssued: Pair = [12_500, 12_500];
const loan: Pair = [-8_800, -10_400];
const loanSoon: Pair = [-1_600, -1_600];
const leases: Pair = [-474, -791];
const payables: Pair = [-3_468, -3_401];
const provisions: Pair = [-620, -445];
const deferred: Pair = [-1_640, -1_502];
const liabilities = add(loan, loanSoon, leases, payables, provisions, deferred);
const net = add(assets, liabilities);

export const balance: readonly StatementRow[] = [
  { label: 'Vessels and equipment', note: '13', values: vessels },
  { label: 'Right-of-use assets', note: '14', values: rights },
  { label: 'Non-current assets', values: fixed, kind: 'total' },
  { label: 'Inventories', note: '15', values: inventories },
  { label: 'Trade and other receivables', note: '16', values: receivables },
  { label: 'Cash', note: '17', values: cashEnd },
  { label: 'Current assets', values: current, kind: 'total' },
  { label: 'Total assets', values: assets, kind: 'grand' },
  { label: 'Borrowings due within one year', note: '18', values: loanSoon },
  { label: 'Trade and other payables', note: '19', values: payables },
  { label: 'Borrowings due after one year', note: '18', values: loan },
  { label: 'Lease liabilities', note: '14', values: leases },
  { label: 'Provisions', note: '20', values: provisions },
  { label: 'Deferred tax', note: '11', values: deferred },
  { label: 'Total liabilities', values: liabilities, kind: 'total' },
  { label: 'Net assets', values: net, kind: 'grand' },
  { label: 'Share capital', note: '21', values: capitalIssued },
  { label: 'Retained earnings', values: add(net, minus(capitalIssued)) },
  { label: 'Total equity', values: net, kind: 'grand' },
];

export const equity: readonly StatementRow[] = [
  { label: 'Equity at the beginning of the year', values: add(net, minus(profit), minus(dividends)) },
  { label: 'Profit for the year', values: profit },
  { label: 'Dividends', note: '12', values: dividends },
  { label: 'Equity at the end of the year', values: net, kind: 'grand' },
];

/** (1,230) for a negative amount, a dash for none: the custom of accounts. */
export function amount(value: number): string {
  if (value === 0) return '–';
  const digits = Math.abs(value).toLocaleString('en');
  return value < 0 ? `(${digits})` : digits;
}

export interface SmallTable {
  readonly caption: string;
  readonly unit: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
  /** How many rows at the end are totals. */
  readonly totals: number;
}

const THOUSANDS = 'in thousands of crowns';
const years = ['2025', '2024'] as const;
const two = (label: string, pair: Pair): (string | number)[] => [label, ...pair];

export const tables: Readonly<Record<string, SmallTable>> = {
  passengers: {
    caption: 'Passengers by route',
    unit: 'in thousands of journeys',
    head: ['', ...years, 'Change'],
    totals: 1,
    rows: [
      ['Aldmere to Skerrow', 1_962, 1_841, '6.6%'],
      ['Aldmere to Great Holm', 1_107, 1_006, '10.0%'],
      ['Skerrow to Great Holm', 351, 333, '5.4%'],
      ['All routes', 3_420, 3_180, '7.5%'],
    ],
  },
  penalties: {
    caption: 'Service penalties',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [
      two('Late departures', [402, 518]),
      two('Sailings not performed', [704, 1_016]),
      two('Vessel days out of service', [204, 326]),
      two('Total', [1_310, 1_860]),
    ],
  },
  quarters: {
    caption: 'Results by quarter, 2025',
    unit: THOUSANDS,
    head: ['', 'First', 'Second', 'Third', 'Fourth', 'Year'],
    totals: 0,
    rows: [
      ['Revenue', 4_980, 8_640, 10_612, 6_968, 31_200],
      ['Operating costs', -6_102, -6_388, -6_540, -6_236, -25_266],
      ['Operating profit', -1_122, 2_252, 4_072, 732, 5_934],
      ['Passengers (thousands)', 498, 934, 1_227, 761, 3_420],
    ],
  },
  directors: {
    caption: 'Directors and attendance',
    unit: 'meetings attended of nine',
    head: ['', 'Since', 'Attended'],
    totals: 0,
    rows: [
      ['Ingram Hale, chair', '2017', 9],
      ['Sunniva Broch, chief executive', '2020', 9],
      ['Pell Ostrander, finance', '2022', 9],
      ['Edda Varley', '2014', 9],
      ['Tam Rosdahl', '2015', 8],
      ['Mirel Quayle', '2021', 9],
      ['Josse Antrim', '2023', 8],
    ],
  },
  revenue: {
    caption: 'Revenue by source',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [
      two('Fares', revenue.fares),
      two('Support payments', revenue.support),
      two('Catering and freight', revenue.catering),
      two('Charter', revenue.charter),
      two('Revenue', totalRevenue),
    ],
  },
  staff: {
    caption: 'Staff costs',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [
      two('Wages and salaries', [8_012, 7_569]),
      two('Social contributions', [1_094, 1_033]),
      two('Pensions', [788, 741]),
      two('Total', [9_894, 9_343]),
    ],
  },
  fuel: {
    caption: 'Fuel and power',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [two('Marine diesel', [2_381, 2_780]), two('Electricity', [641, 508]), two('Total', [3_022, 3_288])],
  },
  depreciation: {
    caption: 'Depreciation and amortisation',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [
      two('Vessels', [2_306, 2_041]),
      two('Equipment', [666, 648]),
      two('Right-of-use assets', [346, 345]),
      two('Total', [3_318, 3_034]),
    ],
  },
  board: {
    caption: 'Payments to the Harbour Board',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [
      two('Concession fee', [1_290, 1_250]),
      two('Share of fare revenue', [230, 79]),
      two('Total', [1_520, 1_329]),
    ],
  },
  tax: {
    caption: 'Tax on profit',
    unit: THOUSANDS,
    head: ['', ...years],
    totals: 1,
    rows: [two('Current tax', [987, 721]), two('Deferred tax', [138, 78]), two('Total', [1_125, 799])],
  },
  vessels: {
    caption: 'Vessels and equipment',
    unit: THOUSANDS,
    head: ['', 'Vessels', 'Equipment', 'Total'],
    totals: 1,
    rows: [
      ['Cost at 1 January 2025', 36_480, 7_912, 44_392],
      ['Additions', 310, 1_740, 2_050],
      ['Disposals', -204, -96, -300],
      ['Cost at 31 December 2025', 36_586, 9_556, 46_142],
      ['Accumulated depreciation', -20_886, -5_390, -26_276],
      ['Carrying amount', 15_700, 4_166, 19_866],
    ],
  },
  summary: {
    caption: 'Five-year summary',
    unit: `${THOUSANDS}, except where stated`,
    head: ['', '2025', '2024', '2023', '2022', '2021'],
    totals: 0,
    rows: [
      ['Revenue', 31_200, 28_680, 26_944, 24_310, 17_862],
      ['Operating profit', 5_934, 4_181, 3_377, 2_406, -1_915],
      ['Profit for the year', 4_240, 2_850, 2_214, 1_502, -2_046],
      ['Net cash from operating activities', 8_407, 6_471, 5_880, 4_702, 611],
      ['Capital expenditure', 2_050, 2_440, 8_912, 3_150, 1_020],
      ['Passengers (thousands)', 3_420, 3_180, 3_011, 2_744, 1_986],
      ['Sailings performed (per cent)', '97.1', '96.2', '96.8', '95.9', '97.4'],
      ['Employees at the end of the year', 186, 174, 170, 166, 158],
      ['Dividend a share (hundredths of a crown)', 14, 11, 9, 6, '–'],
    ],
  },
};
