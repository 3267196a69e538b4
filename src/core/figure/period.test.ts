import { describe, expect, test } from '@jest/globals';
import type { Table } from '../source';
import { spanAsked, spanMeant, spanNamed, spanOfColumn, type PeriodSpan } from './period';

describe('the length of a period', () => {
  test.each([
    ['Results of the third quarter', 'quarter'],
    ['Three months to 31 March 2025', 'quarter'],
    ['Revenue for the first half of 2025', 'half'],
    ['Six months ended 30 June', 'half'],
    ['the nine months to September', 'nine-months'],
    ['Geschäftsjahr 2024', 'year'],
    ['Halbjahr 2025', 'half'],
    ['9M 2025', 'nine-months'],
    ['von Januar bis September', 'nine-months'],
    ['a six-month period', 'half'],
    ['1H 2026', 'half'],
    ['2025 (3M)', 'quarter'],
    ['Half of the passengers', null],
    ['The board met nine times', null],
  ])('“%s”', (text, span) => {
    expect(spanNamed(text)).toBe(span);
  });

  test.each([
    ['What was revenue in 2025?', 'year'],
    ['Was revenue in the first half of 2025 more than the year before?', 'half'],
    ['What was it in the second quarter?', 'quarter'],
    ['What did the company earn last year?', 'year'],
  ])('that is asked: “%s”', (question, span) => {
    expect(spanAsked(question)).toBe(span);
  });

  test.each([
    ['What was revenue in 2025?', ['nine-months'], 'nine-months'],
    ['What was revenue in 2025?', ['quarter', 'year'], 'year'],
    ['What was revenue in the first half?', ['nine-months'], 'half'],
  ] as const)('that “%s” means of figures of %j is %s', (question, spans, meant) => {
    expect(spanMeant(new Set<PeriodSpan>(spans), question)).toBe(meant);
  });

  test('is the column’s own before the caption’s, and a year when neither says', () => {
    const table = (caption: string | null, ...heads: string[]): Table =>
      ({ caption, columns: heads.map((head) => ({ path: [head], spans: [[]] })) }) as unknown as Table;
    const quarters = table('Results by quarter, 2025', 'First', 'Year');
    expect([spanOfColumn(quarters, 0), spanOfColumn(quarters, 1)]).toEqual(['quarter', 'year']);
    expect(spanOfColumn(table(null, '2025'), 0)).toBe('year');
    expect(spanOfColumn(table('Six months to 30 June', '2025'), 0)).toBe('half');
  });
});
