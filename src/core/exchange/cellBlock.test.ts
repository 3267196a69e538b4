import { describe, expect, test } from '@jest/globals';
import { blockBetween, cellsOf, type Table, type TableCell } from '../source';
import { cellsText } from './cellsText';

const TEXT = 'Crowns 2025 2024\nRevenue 31,200 28,910\nCosts –12,000 =1+1\nOther 7 8';

function at(word: string): { page: number; start: number; end: number } {
  const start = TEXT.indexOf(word);
  return { page: 3, start, end: start + word.length };
}

const cell = (text: string): TableCell => ({ text, spans: [at(text)], value: 1, unit: 'crown', scale: 1 });
const row = (label: string, cells: readonly string[]): Table['rows'][number] => ({
  path: [label],
  spans: [[at(label)]],
  cells: cells.map(cell),
});

const table: Table = {
  caption: null,
  captionSpans: [],
  unit: null,
  scale: 1,
  columns: [
    { path: ['Year', '2025'], spans: [[], [at('2025')]] },
    { path: ['Year', '2024'], spans: [[], [at('2024')]] },
  ],
  rows: [row('Revenue', ['31,200', '28,910']), row('Costs', ['–12,000', '=1+1']), row('Other', ['7', '8'])],
  places: [],
};

const between = (from: string, to: string): ReturnType<typeof blockBetween> =>
  blockBetween([table], { page: 3, start: at(from).start, end: at(to).end });

describe('cells pointed out by a selection', () => {
  test('are all between its ends, whichever corner it began in', () => {
    const block = between('28,910', '–12,000');
    expect(block === null ? [] : cellsOf(block).map((one) => one.cell.text)).toEqual([
      '31,200',
      '28,910',
      '–12,000',
      '=1+1',
    ]);
  });

  test('are one cell where it stays within one', () => {
    const block = between('28,910', '28,910');
    expect(block === null ? [] : cellsOf(block).map((one) => [one.row.path.at(-1), one.column])).toEqual([
      ['Revenue', 1],
    ]);
  });

  test('begin at the first column where it begins in a label', () => {
    expect(between('Costs', '=1+1')?.columns).toEqual([0, 1]);
  });

  test('are none where only labels, or words outside the table, are selected', () => {
    expect(between('Revenue', 'Revenue')).toBeNull();
    expect(between('Crowns', '31,200')).toBeNull();
    expect(blockBetween([table], { ...at('31,200'), page: 4 })).toBeNull();
  });

  test('go to the clipboard under their heads and behind their labels, formulas neutralised', () => {
    const block = between('31,200', '=1+1');
    expect(block === null ? '' : cellsText(block).split('\n')).toEqual([
      '\tYear / 2025\tYear / 2024',
      'Revenue\t31,200\t28,910',
      `Costs\t–12,000\t"'=1+1"`,
    ]);
  });
});
