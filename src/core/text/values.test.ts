import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { erasIn, findDates } from './dates';
import { detectLanguage } from './language';
import { findNumbers, parseDigits, parseNumberWords } from './numbers';
import { oneLine } from './oneLine';
import { stemWord } from './stem';

describe('numbers', () => {
  test.each([
    ['1.25 million', '1250000', null],
    ['1,250,000', '1250000', null],
    ['2,400,000 crowns', '2400000', 'crown'],
    ['(569)', '569', null],
    ['(1,125)', '-1125', null],
    ['12 per cent', '12', '%'],
    ['€3.5 billion', '3500000000', '€'],
    ['forty-five days', '45', 'day'],
    ['one thousand four hundred and fifty crowns', '1450', 'crown'],
    ['ten working days', '10', 'day'],
    ['EUR 350', '350', 'eur'],
    ['USD 1.2 million', '1200000', 'usd'],
    ['EUR 1,50', '1.5', 'eur'],
    ['Kr. 1,200', '1200', 'crown'],
    ['US$ 400', '400', '$'],
    ['£2m', '2000000', '£'],
    ['EUR 5k', '5000', 'eur'],
    ['31.2m crowns', '31200000', 'crown'],
    ['NOK 5 000', '5000', 'nok'],
    ['△455', '-455', null],
    ['95 s', '95', 'second'],
    ['24 h', '24', 'hour'],
  ])('read “%s” as %s %s', (text, value, unit) => {
    const [found] = findNumbers(text);
    expect(found?.value).toBe(value);
    expect(found?.unit).toBe(unit);
  });

  test('read German notation in German', () => {
    expect(parseDigits('1.250,5', 'de')).toBe('1250.5');
    expect(parseDigits('1.250', 'de')).toBe('1250');
    expect(parseDigits('1.250', 'en')).toBe('1.25');
  });

  test.each([
    ['1.234,50 €', '1234.5', '€'],
    ['2,- €', '2', '€'],
    ['10.000,-- EUR', '10000', 'eur'],
    ['35,– Kronen', '35', 'crown'],
    ['TEUR 350', '350000', '€'],
    ['1.200 T€', '1200000', '€'],
    ['2,5 Mio. EUR', '2500000', 'eur'],
  ])('read “%s” in German as %s %s', (text, value, unit) => {
    expect(findNumbers(text, 'de').map((one) => [one.value, one.unit])).toEqual([[value, unit]]);
  });

  test('are one over the spaces of thousands, but not over those between cells, or behind the number of an article', () => {
    const read = (text: string) => findNumbers(text).map(({ value }) => value);
    expect(read('ships above 5 000 gross tonnage')).toEqual(['5000']);
    expect(read('a fee of 12\u202f450 is due')).toEqual(['12450']);
    expect(read('Kestrel 12 450 310')).toEqual(['12', '450', '310']);
    expect(read('under Article 3 200 tonnes')).toEqual(['3', '200']);
  });

  test('bear no letters of a word for a currency', () => {
    expect(findNumbers('drawn by cad 350 times').map(({ unit, start }) => [unit, start])).toEqual([[null, 13]]);
  });

  test('say where they stand', () => {
    const text = 'a fee of 480 crowns is due';
    const [found] = findNumbers(text);
    expect(text.slice(found?.start, found?.end)).toBe('480 crowns');
  });

  test('give back any whole number written with thousands separators', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2_000_000_000 }), (value) => {
        expect(parseDigits(value.toLocaleString('en'))).toBe(String(value));
      }),
    );
  });

  test('in words are null when a word is none', () => {
    expect(parseNumberWords('two hundred and six')).toBe(206);
    expect(parseNumberWords('two boats')).toBeNull();
  });
});

describe('a bracket beside a number', () => {
  test('belongs to it only where it opens and closes', () => {
    const text = 'It was 96 (2023: 101), less (4,870) of them.';
    expect(findNumbers(text).map(({ start, end }) => text.slice(start, end))).toEqual(['96', '2023', '101', '(4,870)']);
  });
});

describe('dates', () => {
  test.each([
    ['31 March 2027', '2027-03-31'],
    ['on the 4th day of February 2019', '2019-02-04'],
    ['March 31, 2027', '2027-03-31'],
    ['2027-03-31', '2027-03-31'],
    ['31.3.2027', '2027-03-31'],
    ['2025年4月1日', '2025-04-01'],
    ['in June 2022', '2022-06'],
    ['by 30 September each year', '--09-30'],
    ['am 3. Oktober 2020', '2020-10-03'],
    ['bis zum 1. März zu entrichten', '--03-01'],
    ['the 30th of April, 2024', '2024-04-30'],
    ['by May 14', '--05-14'],
    ['open from May 14 to the end of summer', '--05-14'],
    ['on May 14th the house', '--05-14'],
    ['due by 29/04/2024.', '2024-04-29'],
    ['dated 03/31/2025', '2025-03-31'],
    ['05/04/2024', '2024-04-05'],
    ['2024/03/31', '2024-03-31'],
    ['am 01. 04. 2025', '2025-04-01'],
  ])('read “%s” as %s', (text, value) => {
    expect(findDates(text).map((one) => one.value)).toEqual([value]);
  });

  test('are those of Japanese eras too', () => {
    expect(findDates('1997 年 12 月まで、令和 6 年 3 月 15 日から').map(({ value }) => value)).toEqual([
      '1997-12',
      '2024-03-15',
    ]);
    expect(findDates('令和6年3月15日').map(({ value }) => value)).toEqual(['2024-03-15']);
    expect(findDates('平成元年4月').map(({ value }) => value)).toEqual(['1989-04']);
    expect(erasIn('令和5年の水揚げ量').map(({ year }) => year)).toEqual(['2023']);
  });

  test('are no months with a sum or a share behind them, and no fractions', () => {
    expect(findDates('Fares rose in May 3.5 per cent, and in July 12 million crowns came in')).toEqual([]);
    expect(findDates('Between October and April 20 degrees are to be reached')).toEqual([]);
    expect(findDates('clause 12/3/45, 1/2/2024/6, 13/14/2024')).toEqual([]);
  });

  test('are not found in impossible days', () => {
    expect(findDates('on 45 March 2027').map((one) => one.value)).toEqual(['2027-03']);
  });
});

describe('languages', () => {
  test.each([
    ['en', 'The operator shall pay the board for each of the sailings that is not performed by it.'],
    ['de', 'Der Betreiber zahlt und die Behörde prüft, ob das Schiff nicht mit der Karte und den Listen fährt.'],
    ['fr', 'Le concessionnaire et les autorités sont dans une situation que le conseil examine pour la ville.'],
    ['ja', 'この船は検査を受けなければなりません。'],
    ['und', '4711 0815'],
  ])('are told apart: %s', (language, text) => {
    expect(detectLanguage(text)).toBe(language);
  });

  test('have stems of their own', () => {
    expect(stemWord('sailings', 'en')).toBe(stemWord('sailing', 'en'));
    expect(stemWord('Schiffen'.toLowerCase(), 'de')).toBe(stemWord('schiffe', 'de'));
    expect(stemWord('14b', 'en')).toBe('14b');
  });
});

test('a text for people is one line, broken words joined', () => {
  expect(oneLine(' The conces-\nsion\n of  a co-operator ')).toBe('The concession of a co-operator');
  expect(oneLine('thirty-\nfive days, non-\nstructural, forty-\nish')).toBe(
    'thirty-five days, non-structural, fortyish',
  );
});
