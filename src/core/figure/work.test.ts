import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { FigureShelf, sayTraced, traceFigures } from '.';

const TEXT = [
  'Accounts of the ropeway',
  '',
  'The ropeway opened on 3 May 2019. Its licence ends on 3 May 2029, and its cabins were last inspected on 12 March 2026.',
  '',
  'Income statement (in thousands of crowns)',
  '',
  '                              2025      2024',
  'Sales                        4,000     3,200',
  'Gross profit                 1,500     1,280',
  'Operating profit               500       400',
  'Finance costs                 (100)      (80)',
  'Profit before tax              400       320',
  'Income tax                    (100)      (64)',
  'Net income                     300       256',
  '',
  'Balance sheet (in thousands of crowns)',
  '',
  '                              2025      2024',
  'Current assets               2,400     2,000',
  'Total assets                 9,000     8,000',
  'Current liabilities          1,200     1,250',
  'Total liabilities            4,500     4,400',
  'Total equity                 4,500     3,600',
  '',
  'Cabins in service, per cent of all',
  '',
  '                              2025      2024',
  'Upper line                    92.5      90.0',
].join('\n');
const library = libraryOfTexts({ 'ropeway.txt': TEXT });
const shelf = new FigureShelf(library.sources(), 'en');

/** Verdict or fault of each figure, with its calculation. */
function traced(text: string): string[][] {
  const options = { language: 'en', sense: shelf.sense, support: shelf.about(text), rivals: [] } as const;
  return traceFigures(text, options).map((one) => [one.fault ?? one.verdict, sayTraced(one)]);
}

describe('worked out of stated figures', () => {
  test.each([
    ['Sales and gross profit together made 5,500 thousand crowns in 2025.', '1,500 + 4,000 = 5,500'],
    ['Sales in 2025 were 1.25 times those of 2024.', '4,000 ÷ 3,200 = 1.25'],
    ['On average, sales of 2025 and 2024 were 3,600 thousand crowns.', '(4,000 + 3,200) ÷ 2 = 3,600'],
    ['Sales grew by 0.8 million crowns in 2025.', '4,000 − 3,200 = 800'],
    ['Sales grew by about a quarter, 25 per cent, in 2025.', '4,000 − 3,200 = 800; 800 ÷ 3,200 = 25.0 %'],
    ['Finance costs rose by 20 thousand crowns in 2025.', '100 − 80 = 20'],
    ['The upper line’s share of cabins in service rose by 2.5 percentage points in 2025.', '92.5 − 90.0 = 2.5'],
  ])('%s', (text, working) => {
    const [last] = traced(text).slice(-1);
    expect(last).toEqual(['computed', working]);
  });

  test.each([
    ['The operating margin was 12.5 per cent in 2025.', '500 ÷ 4,000 = 12.5 %'],
    ['The gross margin was 37.5 per cent in 2025.', '1,500 ÷ 4,000 = 37.5 %'],
    ['The net margin of 2024 was 8 per cent.', '256 ÷ 3,200 = 8.0 %'],
    ['The effective tax rate was 25 per cent in 2025.', '100 ÷ 400 = 25.0 %'],
    ['The current ratio stood at 2.0 in 2025.', '2,400 ÷ 1,200 = 2.0'],
    ['The equity ratio was 50 per cent in 2025.', '4,500 ÷ 9,000 = 50.0 %'],
    ['Interest cover was 5.0 in 2025.', '500 ÷ 100 = 5.0'],
  ])('by the name of a ratio: %s', (text, working) => {
    expect(traced(text)).toEqual([['computed', working]]);
  });

  test('a time between two dates that the text gives', () => {
    const text = 'The ropeway opened on 3 May 2019 and its licence ends on 3 May 2029, a term of ten years.';
    expect(traced(text).map(([verdict]) => verdict)).toEqual(['quoted', 'quoted', 'computed']);
    const wrong = text.replace('ten years', 'eleven years');
    expect(traced(wrong).at(-1)?.[0]).toBe('arithmetic');
  });
});

describe('a wrong result is told for what it is', () => {
  test.each([
    ['sign', 'Sales fell by 25 per cent in 2025.'],
    ['arithmetic', 'Sales rose by 28 per cent in 2025.'],
    ['points', 'The upper line’s share of cabins in service rose by 2.5 per cent in 2025.'],
    ['arithmetic', 'The operating margin was 15.2 per cent in 2025.'],
    ['arithmetic', 'Sales and gross profit together made 5,900 thousand crowns in 2025.'],
  ])('%s: %s', (fault, text) => {
    expect(traced(text).at(-1)?.[0]).toBe(fault);
  });
});
