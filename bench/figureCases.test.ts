import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Library } from '../src/core/library';
import { libraryOfTexts } from '../tests/support/shelf';
import { makeFigureCases, yearCells, type FigureCase } from './figureCases';
import { runFigureTrials } from './figureTrials';
import { makeMemo } from './madeMemo';
import { runMemoTrial } from './memoTrials';
import { Random } from './random';

const ACCOUNTS = [
  'The accounts of the harbour tell what came in and what was spent in the last two years, and what was owed at their ends.',
  '',
  'Income statement (in thousands of crowns)',
  '',
  '                                2025      2024',
  'Mooring dues                  31,200    28,680',
  'Crane hire                     4,310     3,905',
  'Operating costs              (25,266)  (24,499)',
  'Operating profit              10,244     8,086',
  'Profit for the year            7,940     6,015',
].join('\n');
const MANUAL = [
  'The keeper shall log the height of the tide at intervals of 45 minutes and keep the log for 180 days in the office.',
  '',
  'A berth that is longer than 52 metres must be surveyed by two persons, one of whom holds a certificate of the port.',
  '',
  'The fee for a copy of the chart is 125 crowns and is paid at the window of the office before the copy is made there.',
  '',
  'Every vessel that lies at the quay for more than 36 hours shall give the office the name of a person who keeps watch.',
].join('\n');

let library: Library;
beforeAll(() => {
  library = libraryOfTexts({ 'Accounts 2025.txt': ACCOUNTS, 'Manual.txt': MANUAL });
});

function made(seed: number): FigureCase[] {
  return makeFigureCases(new Random(seed), library.sources(), 4);
}

describe('claims made for the trial of figures', () => {
  test('come from every cell under a year, and are the same for the same seed', () => {
    expect(yearCells(library.sources())).toHaveLength(10);
    expect(made(3)).toEqual(made(3));
    expect(made(3)).not.toEqual(made(4));
  });

  test('quote what stands where they cite it, right or wrong', () => {
    for (const { citations } of made(5))
      for (const { quote, source, page } of citations)
        expect(library.quotes.check({ quote, sourceId: source, page }).mark).toBe('exact');
  });

  test('have right and wrong ones of many kinds', () => {
    const kinds = new Map(made(6).map((one) => [one.kind, one.right]));
    expect([...kinds.values()].filter((right) => right).length).toBeGreaterThanOrEqual(4);
    expect([...kinds.values()].filter((right) => !right).length).toBeGreaterThanOrEqual(7);
  });

  test('are judged rightly, nineteen of twenty and more', () => {
    const { kinds } = runFigureTrials(library, 8, 8);
    const all = [...kinds.values()];
    const share = (right: boolean): number => {
      const those = all.filter((one) => one.right === right);
      return those.reduce((sum, one) => sum + one.good, 0) / those.reduce((sum, one) => sum + one.count, 0);
    };
    expect(share(true)).toBeGreaterThanOrEqual(0.95);
    expect(share(false)).toBeGreaterThanOrEqual(0.95);
  });
});

describe('a memo made for the trial of proofs', () => {
  const PLAN = { quotes: 6, figures: 10, wrongQuotes: 2, wrongFigures: 3 };

  test('holds what was planned, each item where it says', () => {
    const { text, items } = makeMemo(new Random(2), library.sources(), [], PLAN);
    expect(items.filter((one) => !one.right).length).toBeLessThanOrEqual(5);
    for (const { start, end } of items) expect(text.slice(start, end).trim().length).toBeGreaterThan(10);
    expect(items.every((one, at) => at === 0 || one.start > (items[at - 1]?.end ?? 0))).toBe(true);
  });

  test('has nearly all of its faults found', () => {
    const { planted, found } = runMemoTrial(library, [], 2);
    expect(planted).toBeGreaterThan(8);
    expect(found / planted).toBeGreaterThanOrEqual(0.9);
  });
});
