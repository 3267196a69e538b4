import { expect, test } from '@jest/globals';
import { countsThings } from './counted';
import { measuredNumbers } from './measuredNumbers';

test.each([
  ['See station cave-1 and the 3 entrances', ['3']],
  ['Once logged into an account (2), the program offers two doors', ['two']],
  ['Staff begin at half past six, with 3 clerks', ['3']],
  ['By Christmas 1999 we had 32 files', ['32']],
])('of “%s” are numbers that measure or count: %j', (text, numbers) => {
  expect(measuredNumbers(text, 'en').map(({ start, end }) => text.slice(start, end))).toEqual(numbers);
});

test('in Japanese, what stands in a row is not counted', () => {
  const text = '2 行目と3番目の設問には選択肢が 12 個ある。';
  expect(measuredNumbers(text, 'ja').map(({ start, end }) => text.slice(start, end).trim())).toEqual(['12']);
});

test('a number counts both of two names for one thing', () => {
  const text = 'It offers eleven protocols or modes, and 30 metres or a rope.';
  const counts = (thing: string): boolean =>
    countsThings(text, measuredNumbers(text, 'en'), (term) => term === thing, 'en');
  expect([counts('mode'), counts('rope')]).toEqual([true, false]);
});

test('a number in brackets counts what stands close before it, not what a comma parts from it', () => {
  const text = 'Most often umbrellas were found (412), then gloves, of wool (12).';
  const counts = (thing: string): boolean =>
    countsThings(text, measuredNumbers(text, 'en'), (term) => term === thing, 'en');
  expect([counts('found'), counts('glove')]).toEqual([true, false]);
});
