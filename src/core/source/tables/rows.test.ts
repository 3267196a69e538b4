import { describe, expect, test } from '@jest/globals';
import type { Page } from '..';
import { columnsOf } from './columns';
import { columnHeads, countHeads, withoutMeasureRow } from './heads';
import { layInto, makeCell, type Extent, type Grid, type GridRow, type Stroke } from './grid';
import type { Atom, Band } from './atoms';
import { joinWrapped, labelRows, stubColumns } from './labels';

const HEIGHT = 10;
/** Text set at a place: five points a character, from the left, or with its end at `x` for figures. */
function atom(text: string, x: number, y: number): Atom {
  const width = 5 * text.length;
  const right = /^[\d(–]/.test(text);
  return {
    text,
    start: y * 1000 + x,
    end: y * 1000 + x + text.length,
    x0: right ? x - width : x,
    x1: right ? x : x + width,
    y0: y,
    y1: y + HEIGHT,
  };
}

type Set = readonly (readonly [string, number])[];

const band = (y: number, set: Set): Band => ({
  atoms: set.map(([text, x]) => atom(text, x, y)),
  y0: y,
  y1: y + HEIGHT,
  lines: [],
  side: false,
});

function gridOf(columns: readonly Extent[], sets: readonly Set[], level: readonly Stroke[] = []): Grid {
  const bands = sets.map((set, at) => band(100 + 14 * at, set));
  const rows = bands.map((one): GridRow => ({
    cells: layInto(columns, one.atoms),
    y0: one.y0,
    y1: one.y1,
    ruled: false,
  }));
  return {
    page: { number: 1, text: '' } as unknown as Page,
    turn: 0,
    columns,
    rows,
    headRows: 0,
    bands,
    level,
    framed: false,
  };
}

const COLUMNS: readonly Extent[] = [
  { x0: 70, x1: 200 },
  { x0: 270, x1: 300 },
  { x0: 330, x1: 360 },
  { x0: 390, x1: 420 },
  { x0: 450, x1: 480 },
];

describe('columns', () => {
  test('are parted where no row with figures prints anything', () => {
    const bands = [
      band(100, [['A heading that runs over all of it', 70]]),
      band(114, [
        ['Dues', 70],
        ['1,204', 300],
        ['990', 360],
      ]),
      band(128, [
        ['Pilotage and towage', 70],
        ['44', 300],
        ['(39)', 362],
      ]),
    ];
    expect(columnsOf(bands).map(({ x0, x1 }) => [x0, x1])).toEqual([
      [70, 165],
      [275, 300],
      [342, 362],
    ]);
  });

  test('take the signs of currency that stand apart in with their figures', () => {
    const bands = [100, 114].map((y) =>
      band(y, [
        ['Dues', 70],
        ['€', 240],
        ['1,204', 300],
      ]),
    );
    expect(columnsOf(bands)).toHaveLength(2);
    const [, cell] = layInto(columnsOf(bands), (bands[0] as Band).atoms);
    expect(cell?.text).toBe('€ 1,204');
  });
});

describe('heads', () => {
  const years: Set = [
    ['2025', 300],
    ['2024', 360],
    ['2025', 420],
    ['2024', 480],
  ];
  const data: Set = [
    ['Dues', 70],
    ['1,204', 300],
    ['1,087', 360],
    ['990', 420],
    ['870', 480],
  ];
  const paths = (grid: Grid): string[] => columnHeads(grid, countHeads(grid)).map((one) => one.path.join(' > '));

  test('that stand over several columns are dealt out by their middles', () => {
    expect(
      paths(
        gridOf(COLUMNS, [
          [
            ['North quay', 295],
            ['South quay', 415],
          ],
          years,
          data,
          data,
        ]),
      ),
    ).toEqual(['North quay > 2025', 'North quay > 2024', 'South quay > 2025', 'South quay > 2024']);
  });

  test('reach as far as the rule beneath them', () => {
    const under = (from: number, to: number): Stroke => ({ at: 112, from, to });
    const grid = gridOf(
      COLUMNS,
      [
        [
          ['Quays', 320],
          ['Sheds', 455],
        ],
        years,
        data,
        data,
      ],
      [under(265, 425), under(440, 485)],
    );
    expect(paths(grid)).toEqual(['Quays > 2025', 'Quays > 2024', 'Quays > 2025', 'Sheds 2024']);
  });

  test('on two lines over one column are one', () => {
    const upper: Set = [
      ['Calls', 275],
      ['Calls', 335],
      ['Total', 395],
      ['Share', 455],
    ];
    const lower: Set = [
      ['ferry', 275],
      ['cargo', 335],
      ['calls', 395],
      ['total', 455],
    ];
    expect(paths(gridOf(COLUMNS, [upper, lower, data, data]))).toEqual([
      'Calls ferry',
      'Calls cargo',
      'Total calls',
      'Share total',
    ]);
  });

  test('end where figures or a full row’s second label begin', () => {
    const words: Set = [
      ['Route', 70],
      ['Season', 270],
      ['Days', 335],
      ['From', 395],
      ['To', 455],
    ];
    const row: Set = [
      ['Skerrow', 70],
      ['summer', 270],
      ['daily', 335],
      ['April', 395],
      ['June', 455],
    ];
    expect(countHeads(gridOf(COLUMNS, [words, row, row]))).toBe(1);
    expect(countHeads(gridOf(COLUMNS, [years, data]))).toBe(1);
  });

  test('are told from the row that gives caption and measure', () => {
    const found = withoutMeasureRow(
      gridOf(COLUMNS, [
        [
          ['Staff costs', 70],
          ['in thousands of crowns', 370],
        ],
        years,
        data,
      ]),
    );
    expect([found.label?.text, found.measure, found.grid.rows.length]).toEqual([
      'Staff costs',
      'in thousands of crowns',
      2,
    ]);
    expect(withoutMeasureRow(gridOf(COLUMNS, [years, data])).measure).toBe('');
  });
});

describe('rows', () => {
  const paths = (sets: readonly Set[]): string[] => {
    const grid = gridOf(COLUMNS, sets);
    const rows = joinWrapped(grid.rows).map((row) => ({ row, grid }));
    return labelRows(rows, stubColumns(grid.rows, COLUMNS.length)).map((one) =>
      one.labels.map((label) => label.text).join(' > '),
    );
  };

  test('stand under labels set in less, and under labels alone until a sum', () => {
    const figures: Set = [
      ['1,204', 300],
      ['1,087', 360],
    ];
    expect(
      paths([[['Assets', 70]], [['Vessels', 80], ...figures], [['Cash', 80], ...figures], [['Total', 70], ...figures]]),
    ).toEqual(['Assets > Vessels', 'Assets > Cash', 'Total']);
    expect(
      paths([
        [['Income', 70]],
        [['Dues', 70], ...figures],
        [['Total income', 70], ...figures],
        [['Result', 70], ...figures],
        [['Costs', 70]],
        [['Wages', 70], ...figures],
      ]),
    ).toEqual(['Income > Dues', 'Income > Total income', 'Result', 'Costs > Wages']);
  });

  test('are put together when a label goes on below or above its figures', () => {
    const figures: Set = [
      ['1,204', 300],
      ['1,087', 360],
    ];
    expect(
      paths([
        [['Dues', 70], ...figures],
        [['Costs of keeping the', 70], ...figures],
        [['channel', 70]],
        [['Rents', 70], ...figures],
      ]),
    ).toEqual(['Dues', 'Costs of keeping the channel', 'Rents']);
  });

  test('keep an unlabelled sum for themselves', () => {
    const figures: Set = [
      ['1,204', 300],
      ['1,087', 360],
    ];
    expect(paths([[['Dues', 70], ...figures], [['Rents', 70], ...figures], figures])).toEqual(['Dues', 'Rents', '']);
  });
});

test('a cell says its words in order, hyphens at line ends joined', () => {
  expect(makeCell([atom('certifi-', 70, 100), atom('cate shown', 70, 112)], 0, 0).text).toBe('certificate shown');
});
