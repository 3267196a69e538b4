import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pagesOf } from '../../../tests/support/pages';
import { piecesOf, startAt } from './pieces';

test('the pieces of a page say where each of its wanted lines stands, marks of footnotes left out', () => {
  const [page] = pagesOf('The dues1 rose\nin May\nand fell.');
  if (page === undefined) throw new Error('a page is needed');
  const marked = { ...page, notes: [{ mark: '1', start: 0, end: 0, at: { start: 8, end: 9 } }] };
  const { text, pieces } = piecesOf(marked, (line) => line.start !== page.lines[1]?.start);
  expect(text).toBe('The dues rose\nand fell.\n');
  for (const { at, start, length } of pieces)
    expect(text.slice(at, at + length)).toBe(page.text.slice(start, start + length));
  expect(pieces).toHaveLength(3);
});

test('the last start not behind a position is found as by looking at all of them', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.nat(500), { minLength: 1 }), fc.nat(600), (some, position) => {
      const starts = some.sort((a, b) => a - b);
      expect(startAt(starts, position)).toBe(
        Math.max(
          0,
          starts.findLastIndex((start) => start <= position),
        ),
      );
    }),
  );
});
