import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { analyseQuestion } from './question';
import { columnAsked } from './rowEvidence';
import { cellPlace, cellQuoted, sayCell, tableRowAt } from '../figure';
import type { AskedSource } from './types';

const TEXT = [
  'Accounts of the quay',
  '',
  'The quay was busy. Fares rose above 24 million crowns, of which the board had a share of revenue in 2025.',
  '',
  'Income statement (in thousands of crowns)',
  '',
  '                              Note      2025      2024',
  'Revenue                          3    31,200    28,680',
  'Revenue from charter                     916     1,133',
  'Operating costs                        (25,266)  (24,499)',
  'Margin, per cent                        19.0      14.6',
  '',
  'The board met nine times.',
].join('\n');

const library = libraryOfTexts({ Accounts: TEXT });
const [source] = library.sources() as [AskedSource];
const ask = (question: string): ReturnType<typeof askBuiltIn> =>
  askBuiltIn(question, [source], library.quotes, { now: () => 0 });
const at = (words: string): { page: number; start: number; end: number } => {
  const start = TEXT.indexOf(words);
  return { page: 1, start, end: start + words.length };
};
const said = (spans: readonly { start: number; end: number }[] | undefined): string =>
  (spans ?? []).map((span) => TEXT.slice(span.start, span.end)).join('|');

describe('a question that a table answers', () => {
  test.each([
    ['What was the revenue in 2025?', '31,200 thousand crowns'],
    ['What was the revenue in 2024?', '28,680 thousand crowns'],
    ['How much revenue came from charter in 2024?', '1,133 thousand crowns'],
    ['What was the margin in 2025?', '19.0 %'],
  ])('“%s” is answered by its cell', (question, headline) => {
    expect(ask(question).headline).toBe(headline);
  });

  test('cites the row, and points at the cell with its label and column head', () => {
    const citation = ask('What was the revenue in 2024?').claims[0]?.citations[0];
    expect(citation?.mark).toBe('exact');
    expect([said(citation?.cell?.value), said(citation?.cell?.row), said(citation?.cell?.column)]).toEqual([
      '28,680',
      'Revenue',
      '2024',
    ]);
  });

  test('is not answered with a figure of another period', () => {
    const row = tableRowAt(source.tables, [at('Revenue   ')]);
    expect(row?.row.path).toEqual(['Revenue']);
    const column = (question: string): number | null =>
      row === null ? null : columnAsked(row, analyseQuestion(question, 'en'), 'en');
    expect([
      column('What was the revenue in 2024?'),
      column('What was the revenue?'),
      column('What was the revenue in 2019?'),
    ]).toEqual([2, 1, null]);
  });
});

describe('the cell that a quote means', () => {
  test('is the one it covers, or the one whose figure the claim says', () => {
    const row = at('Revenue                          3    31,200    28,680');
    const cell = (quoted: ReturnType<typeof at>, claim: string): string =>
      said(cellQuoted(source.tables, [quoted], claim)?.value);
    expect(cell(at('28,680'), 'It fell.')).toBe('28,680');
    expect(cell(row, 'Revenue was 31,200 thousand crowns.')).toBe('31,200');
    expect(cell(row, 'Revenue rose from 28,680 to 31,200 thousand crowns.')).toBe('');
    expect(cell(at('The board met nine times.'), 'It met nine times.')).toBe('');
  });

  test('is none where nothing is printed', () => {
    const row = tableRowAt(source.tables, [at('Revenue from charter')]);
    expect(row === null ? 'no row' : cellPlace(row, 0)).toBeNull();
  });

  test('is said with scale and unit', () => {
    const cell = { text: '1,204', value: 1204, unit: 'crown', scale: 1000, spans: [] };
    expect(sayCell(cell)).toBe('1,204 thousand crowns');
    expect(sayCell({ ...cell, text: '€ 1,204', unit: 'euro', scale: 1 })).toBe('€ 1,204');
    expect(sayCell({ ...cell, text: '38.2', value: 38.2, unit: 'm', scale: 1 })).toBe('38.2 m');
    expect(sayCell({ ...cell, text: '8.8%', value: 8.8, unit: '%', scale: 1 })).toBe('8.8%');
    expect(sayCell({ ...cell, text: 'summer', value: null, unit: null })).toBe('summer');
  });
});

describe('the rows of a table', () => {
  const LISTED = [
    'Press manual',
    '',
    'The press stands in the workshop.',
    '',
    'Troubles by kind (in hours lost)',
    '',
    '                              2025      2024',
    'Ram does not move             12         3',
    'Pressure falls                 8         5',
    'Pump is springy                2         9',
    '',
    'The workshop opens at nine.',
  ].join('\n');
  const manual = libraryOfTexts({ Manual: LISTED });
  const told = (question: string) => askBuiltIn(question, manual.sources(), manual.quotes, { now: () => 0 });

  test('are told one by one where all of them are asked for', () => {
    const answer = told('Which troubles are listed?');
    expect(answer.headline).toBe('Ram does not move; Pressure falls; Pump is springy');
    expect(answer.claims).toHaveLength(3);
    expect(answer.claims.every(({ citations }) => citations[0]?.mark === 'exact')).toBe(true);
  });

  test('are not, where something else of it is asked for', () => {
    expect(told('Which workshops are open at nine?').headline).toContain('workshop opens');
  });
});
