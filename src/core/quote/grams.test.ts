import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { GramFilter } from './grams';

test('a text that holds a stretch is never said not to, however it grew', () => {
  const text = fc.string({ unit: 'grapheme', minLength: 20, maxLength: 400 });
  fc.assert(
    fc.property(text, text, fc.nat(), fc.nat(), (one, two, start, length) => {
      const filter = new GramFilter();
      filter.mayHold(one, 'something else');
      const whole = one + two;
      const from = start % whole.length;
      const wanted = whole.slice(from, from + 1 + (length % 60));
      return filter.mayHold(whole, wanted);
    }),
  );
});

test('of stretches that a text does not hold hardly any seems to stand there', () => {
  let state = 7;
  const letter = (): string => {
    state = (Math.imul(state, 1_103_515_245) + 12_345) & 0x7fffffff;
    return 'abcdefghijklmnopqrstuvwxyz'[(state >> 16) % 26] ?? '';
  };
  const words = (length: number): string => Array.from({ length }, letter).join('');
  const filter = new GramFilter();
  const text = words(60_000);
  const strange = Array.from({ length: 500 }, () => words(30));
  expect(strange.filter((one) => filter.mayHold(text, one)).length).toBeLessThan(5);
});
