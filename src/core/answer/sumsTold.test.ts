import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { measuredNumbers } from './measuredNumbers';
import { saysMillions, saysMoney } from './sumsTold';

const REPORT = `Report of the railway

The pension scheme shows a deficit of 1.9 million after a rise in life expectancy. In the region live 2.4 million people.

Earnings per share were 31 öre against 36 öre. The new engines burn a third less fuel than the old ones.

Certificates of other ports are recognised until 31 December 2026. Fees are told at the counter.`;

function said(question: string): string | null {
  const library = libraryOfTexts({ Report: REPORT });
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 }).headline;
}

describe('what a report tells without naming the currency', () => {
  test.each([
    ['a deficit of 1.9 million after a rise', true],
    ['fees brought 6.4 million, a tenth more', true],
    ['there live 2.4 million people', false],
    ['Der Fehlbetrag betrug 3,1 Millionen im Jahr', true],
    ['Dort leben 3,1 Millionen Menschen', false],
    ['it took 60 after a while', false],
  ])('“%s” tells a sum: %s', (text, money) => {
    const figures = measuredNumbers(text, text.startsWith('D') ? 'de' : 'en');
    expect(figures.some((one) => saysMillions(text, one))).toBe(money);
  });

  test('a sum of smaller coins is money', () => {
    expect(saysMoney('31 öre')).toBe(true);
    expect(said('How much was earned per share?')).toContain('31 öre');
  });

  test('a deficit in millions and a third less answer how much', () => {
    expect(said('How large is the deficit of the pension scheme?')).toContain('1.9 million');
    expect(said('How much less fuel do the new engines burn?')).toContain('third');
  });

  test('what is recognised until a day is told by it', () => {
    expect(said('How long are certificates of other ports recognised?')).toContain('31 December 2026');
  });
});

describe('a number that begins a sentence', () => {
  test.each([
    ['61 Menschen wurden aus Lebensgefahr gerettet.', 'de', ['61']],
    ['2 Geltungsbereich', 'de', []],
    ['4.1 Die Bühne trägt 320 kg.', 'de', ['320 kg']],
    ['7 Winches must be greased.', 'en', []],
  ] as const)('“%s”', (text, language, told) => {
    expect(measuredNumbers(text, language).map(({ start, end }) => text.slice(start, end))).toEqual(told);
  });
});
