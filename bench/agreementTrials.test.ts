import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { commonInOrder } from './agreementTrials';

const words = fc.array(fc.constantFrom('quay', 'berth', 'sea', 'crew'), { maxLength: 12 });

/** The same by the book, in a full table. */
function naive(one: readonly string[], two: readonly string[]): number {
  const table = Array.from({ length: one.length + 1 }, () => new Array<number>(two.length + 1).fill(0));
  for (let a = 1; a <= one.length; a += 1) {
    for (let b = 1; b <= two.length; b += 1) {
      const row = table[a] as number[];
      const above = table[a - 1] as number[];
      row[b] =
        one[a - 1] === two[b - 1] ? (above[b - 1] as number) + 1 : Math.max(above[b] as number, row[b - 1] as number);
    }
  }
  return (table[one.length] as number[])[two.length] as number;
}

describe('words in common, in order', () => {
  test('are counted as a full table counts them', () => {
    fc.assert(fc.property(words, words, (one, two) => expect(commonInOrder(one, two)).toBe(naive(one, two))));
  });

  test('are all of a list held against itself, none of strangers', () => {
    fc.assert(fc.property(words, (one) => expect(commonInOrder(one, one)).toBe(one.length)));
    expect(commonInOrder(['quay', 'berth'], ['crew'])).toBe(0);
    expect(commonInOrder(['a', 'b', 'c', 'd'], ['c', 'd', 'a', 'b'])).toBe(2);
  });
});
