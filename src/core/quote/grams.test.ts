import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { GramFilter } from './grams';

function all(text: string, wanted: string): number[] {
  const found: number[] = [];
  for (let at = text.indexOf(wanted); at >= 0; at = text.indexOf(wanted, at + 1)) found.push(at);
  return found;
}

test('finds a stretch wherever it stands, however the text grew', () => {
  const text = fc.string({ unit: 'grapheme', minLength: 20, maxLength: 400 });
  fc.assert(
    fc.property(text, text, fc.nat(), fc.nat(), (one, two, start, length) => {
      const filter = new GramFilter();
      expect([...filter.occurrences(one, 'something else')]).toEqual(all(one, 'something else'));
      const whole = one + two;
      const from = start % whole.length;
      const wanted = whole.slice(from, from + 1 + (length % 60));
      expect([...filter.occurrences(whole, wanted)]).toEqual(all(whole, wanted));
    }),
  );
});

test('finds what goes from one block into the next, and what is longer than a block', () => {
  let state = 11;
  const next = (): string => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
    return 'abcdefghijklmnopqrstuvwxyz'[(state >> 16) % 26] ?? '';
  };
  const text = Array.from({ length: 150_000 }, next).join('');
  const filter = new GramFilter();
  const block = 1 << 15;
  // Ends a few characters behind the block, so that its last stretches are known only later.
  for (const end of [block + 3, 2 * block, text.length]) {
    const held = text.slice(0, end);
    expect([...filter.occurrences(held, held.slice(-30))]).toEqual([end - 30]);
  }
  for (const from of [0, block - 20, block - 7, 2 * block - 1, 3 * block + 40])
    for (const length of [8, 40, 70_000])
      expect([...filter.occurrences(text, text.slice(from, from + length))]).toEqual([from]);
  expect([...filter.occurrences(text, text.slice(40, 90), 41)]).toEqual([]);
});
