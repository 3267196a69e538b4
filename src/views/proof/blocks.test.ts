import { describe, expect, test } from '@jest/globals';
import { blocksOf, itemsByBlock, piecesOf } from './blocks';
import { nextProblem } from './nextProblem';

const TEXT = '# Head\n\nOne line\nand another.\n- first\n- second\n\n> quoted\n> words\n> — Lease, p. 3';

describe('the blocks of a text', () => {
  test('are its headings, paragraphs, items and quotations, in place', () => {
    const blocks = blocksOf(TEXT);
    expect(blocks.map(({ start, end, kind }) => [kind, TEXT.slice(start, end)])).toEqual([
      ['heading', '# Head'],
      ['plain', 'One line\nand another.'],
      ['item', '- first'],
      ['item', '- second'],
      ['quote', '> quoted\n> words\n> — Lease, p. 3'],
    ]);
  });

  test('are cut where items begin and end, their signs left out', () => {
    const block = blocksOf(TEXT).at(-1);
    if (block === undefined) throw new Error('There is no block.');
    const start = TEXT.indexOf('quoted');
    const end = TEXT.indexOf('words') + 5;
    const pieces = piecesOf(TEXT, block, [{ item: { start, end } }]);
    expect(pieces.map(({ words, shown }) => [words, shown !== null])).toEqual([
      ['quoted words', true],
      ['\n— Lease, p. 3', false],
    ]);
  });

  test('leave an item to the one that it lies in', () => {
    const block = { start: 0, end: 10, kind: 'plain' as const };
    const pieces = piecesOf('abcdefghij', block, [{ item: { start: 1, end: 6 } }, { item: { start: 2, end: 4 } }]);
    expect(pieces.map((one) => one.words)).toEqual(['a', 'bcdef', 'ghij']);
  });
});

test('the next problem is behind, else from the front again', () => {
  expect(nextProblem([true, false, true], 0)).toBe(2);
  expect(nextProblem([true, false, true], 2)).toBe(0);
  expect(nextProblem([false], -1)).toBe(-1);
});

test('a table set with bars is a block of its own between the paragraphs around it', () => {
  const text = 'Costs:\n\n| Cost | 2025 |\n|---|---|\n| Fuel | 12 |\nThat is all.';
  const blocks = blocksOf(text);
  expect(blocks.map(({ kind, start, end }) => [kind, text.slice(start, end)])).toEqual([
    ['plain', 'Costs:'],
    ['table', '| Cost | 2025 |\n|---|---|\n| Fuel | 12 |'],
    ['plain', 'That is all.'],
  ]);
  const [cell] = blocks[1]?.table?.rows[0]?.slice(1) ?? [];
  expect(text.slice(cell?.start, cell?.end)).toBe('12');
});

test('a paragraph has no part in the items of others', () => {
  const block = { start: 4, end: 8, kind: 'plain' as const };
  const pieces = piecesOf('abcdefghijkl', block, [{ item: { start: 0, end: 2 } }, { item: { start: 5, end: 6 } }, { item: { start: 9, end: 11 } }]); // prettier-ignore
  expect(pieces.map((one) => one.words)).toEqual(['e', 'f', 'gh']);
});

test('items are told apart by paragraph, and one over two is of both', () => {
  const blocks = [{ start: 0, end: 10 }, { start: 12, end: 20 }, { start: 22, end: 30 }].map((range) => ({ ...range, kind: 'plain' as const })); // prettier-ignore
  const item = (start: number, end: number) => ({ item: { start, end } });
  const items = [item(1, 3), item(8, 14), item(15, 16), item(24, 25)];
  expect(itemsByBlock(blocks, items).map((own) => own.map((one) => one.item.start))).toEqual([[1, 8], [8, 15], [24]]);
});
