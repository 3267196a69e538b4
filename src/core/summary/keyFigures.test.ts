import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { keyFiguresOf } from '.';

function told(name: string, text: string): string[] {
  const library = libraryOfTexts({ [name]: text });
  return library
    .sources()
    .flatMap((source) => keyFiguresOf(source, library.quotes))
    .map(({ label, head, value, measure }) =>
      [label, head, `${value} ${measure}`.trim()].filter((part) => part !== '').join(' | '),
    );
}

const ACCOUNTS = [
  'Annual report of the ropeway\n\nThe year was good, and nothing of note was left undone.',
  'Income statement (in thousands of crowns)\n\n                     Note     2025     2024     2023\nSales                   3    4,000    3,200    3,100\nOperating profit                 500      400      380\nNet income                       300      256      240\n',
  'Balance sheet (in thousands of crowns)\n\n                              2025     2024\nTotal assets                 9,000    8,000\n',
].join('\f');

describe('key figures', () => {
  test('of accounts are the rows that accounts have, of the last two periods, with their scale', () => {
    expect(told('report.txt', ACCOUNTS)).toEqual([
      'Sales | 2025 | 4,000 thousand crowns',
      'Sales | 2024 | 3,200 thousand crowns',
      'Operating profit | 2025 | 500 thousand crowns',
      'Operating profit | 2024 | 400 thousand crowns',
      'Net income | 2025 | 300 thousand crowns',
      'Net income | 2024 | 256 thousand crowns',
      'Total assets | 2025 | 9,000 thousand crowns',
      'Total assets | 2024 | 8,000 thousand crowns',
    ]);
  });

  test('of a contract are when it runs and how it ends, in its own words', () => {
    const lease =
      'Lease agreement\n\nThis agreement begins on 1 May 2024 and runs for two years, ending on 30 April 2026. Either party may end the agreement by six months’ notice in writing.';
    expect(told('lease.txt', lease)).toEqual(
      expect.arrayContaining(['Begins | 1 May 2024', 'Ends | 30 April 2026', 'Term | two years', 'Notice to end | six months']), // prettier-ignore
    );
  });

  test('stand where they are cited', () => {
    const library = libraryOfTexts({ 'report.txt': ACCOUNTS });
    const [source] = library.sources();
    if (source === undefined) throw new Error('the report was added');
    const figures = keyFiguresOf(source, library.quotes);
    expect(figures.map((one) => [one.citation.mark, one.citation.page, one.citation.cell !== undefined])).toEqual(
      figures.map((one) => ['exact', one.label === 'Total assets' ? 3 : 2, true]),
    );
  });

  test('are none of a document that is neither', () => {
    expect(told('walk.txt', 'A walk around the harbour\n\nThe walk takes two hours. Sales of maps were 12 in 2025.')).toEqual([]); // prettier-ignore
  });
});
