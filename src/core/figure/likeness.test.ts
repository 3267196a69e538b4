import { describe, expect, test } from '@jest/globals';
import { periodOf, wordsInOrder } from './around';
import { periodsAgree, says, shareIn, type WordSense } from './likeness';

const words = (text: string): string[] => wordsInOrder(text, 'en');
const [TURNOVER] = words('turnover');
const SENSE: WordSense = { weight: () => 1, equivalents: (term) => (term === TURNOVER ? words('revenue') : []) };
const label = (text: string): Set<string> => new Set(words(text));

describe('a text says a row’s label', () => {
  test.each([
    [true, 'Total assets came to nine million.', 'Total assets'],
    [true, 'The total of all assets came to nine million.', 'Total assets'],
    [false, 'Assets were sold, and total liabilities fell.', 'Total assets'],
    [false, 'The total was not told, while many others spoke at length of assets.', 'Total assets'],
    [true, 'Profit for the year was low.', 'Profit for the year'],
    [false, 'Profit was low.', 'Gross profit before other charges'],
  ])('%s: “%s” of “%s”', (expected, text, of) => {
    expect(says(words(text), label(of), SENSE)).toBe(expected);
  });

  test('a word that stands for another counts less than the word itself', () => {
    const revenue = label('revenue');
    expect(shareIn(label('turnover'), revenue, SENSE)).toBeLessThan(shareIn(revenue, revenue, SENSE));
    expect(shareIn(label('turnover'), revenue, SENSE)).toBeGreaterThan(0);
  });
});

describe('periods', () => {
  test.each([
    [1, 'in 2025', 'year to December 2025'],
    [-1, 'in 2025', '2024'],
    [0, 'the crane', '2024'],
  ])('agree as %s: %s and %s', (expected, said, stated) => {
    expect(periodsAgree(periodOf(said), periodOf(stated))).toBe(expected);
  });
});
