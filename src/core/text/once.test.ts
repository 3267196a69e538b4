import { expect, test } from '@jest/globals';
import { datesOf, findDates, findNumbers, numbersOf, stemWord, tokenize, tokensOf } from '.';

const TEXTS = Array.from(
  { length: 700 },
  (_, at) => `On ${(at % 28) + 1} March 2025 sixteen boats paid ${at},500 crowns.`,
);

test('what is remembered of a text is what is found in it, however many came between', () => {
  for (const text of [...TEXTS, ...TEXTS.slice(0, 30)]) {
    expect(tokensOf(text)).toEqual(tokenize(text));
    expect(numbersOf(text, 'en')).toEqual(findNumbers(text, 'en'));
    expect(datesOf(text)).toEqual(findDates(text));
  }
});

test('numbers are remembered by language', () => {
  expect(numbersOf('1.250 Euro', 'de').map((one) => one.value)).toEqual(['1250']);
  expect(numbersOf('1.250 Euro', 'en').map((one) => one.value)).toEqual(['1.25']);
});

test('numbers in words are found without a digit near them', () => {
  expect(findNumbers('sixteen boats and seventy nets', 'en').map((one) => one.value)).toEqual(['16', '70']);
  expect(findNumbers('boats and nets', 'en')).toEqual([]);
});

test('a word is stemmed by its language, the second time as the first', () => {
  const stems = (): string[] => [stemWord('sailings', 'en'), stemWord('mieten', 'de'), stemWord('mieten', 'en')];
  expect(stems()).toEqual(stems());
  expect(stemWord('sailings', 'en')).toBe('sail');
  expect(stemWord('mieten', 'de')).not.toBe(stemWord('mieten', 'en'));
});
