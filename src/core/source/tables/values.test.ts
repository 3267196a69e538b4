import { describe, expect, test } from '@jest/globals';
import { isMeasureLine, titlesMeasure } from './linesAbove';
import { cellValue, measured, measureOf } from './values';

const value = (text: string, language: 'en' | 'de' = 'en'): number | null => cellValue(text, language).value;

describe('the figure of a cell', () => {
  test('is negative in parentheses and behind a minus sign, nil for a dash', () => {
    expect(['(1,204)', '( 1,204 )', '−3.5', '- 7', '–', '—', '-', 'nil'].map((text) => value(text))).toEqual([
      -1204, -1204, -3.5, -7, 0, 0, 0, 0,
    ]);
  });

  test('is read without signs of currency, marks of footnotes and units', () => {
    expect(
      ['$ 1,204', '€(98)', '1,204*', '28.4²', '12 (a)', '– (1)', '3.4 m', '12 %', '1.2 million'].map((text) =>
        value(text),
      ),
    ).toEqual([1204, -98, 1204, 28.4, 12, 0, 3.4, 12, 1.2]);
    expect(cellValue('12 %', 'en').unit).toBe('%');
    expect(cellValue('£ 40', 'en').unit).toBe('pound');
    expect(cellValue('1.2 million', 'en').scale).toBe(1e6);
  });

  test('follows the language and groups by spaces', () => {
    expect([value('1.204,5', 'de'), value('1 204 000'), value('12’500')]).toEqual([1204.5, 1204000, 12500]);
  });

  test('is none for words, ranges, dates and numbers that name something', () => {
    expect(
      ['summer', '10–20', '5 May 2025', 'n/a', 'Class 2', '4.2(b)', '1,234.567,8', '1.2.3', ''].map((text) =>
        value(text),
      ),
    ).toEqual(Array(9).fill(null));
  });
});

describe('what stands over a cell', () => {
  test('gives unit and scale', () => {
    const cases: readonly (readonly [string, string | null, number | null])[] = [
      ['(in thousands of crowns)', 'crown', 1000],
      ['Table 3-2 Oil samples in parts per million', 'ppm', null],
      ['Thickness of the plating in millimetres', 'mm', null],
      ['Crowns million', 'crown', 1e6],
      ['€ million', 'euro', 1e6],
      ['($ 000)', 'dollar', 1000],
      ['in Tausend Euro', 'euro', 1000],
      ['（単位：百万円）', 'yen', 1e6],
      ['Length (m)', 'm', 1],
      ['Phosphorus (µg/l)', 'µg/l', 1],
      ['Sediment (g/m² per day)', 'g/m² per day', 1],
      ['Change, per cent', '%', 1],
      ['Operating profit', null, null],
      ['Zahlen in Tausend Kronen', 'crown', 1000],
    ];
    for (const [text, unit, scale] of cases)
      expect([text, measureOf(text).unit, measureOf(text).scale]).toEqual([text, unit, scale]);
  });

  test('is a line of its own only when it says nothing else', () => {
    expect(
      [
        '(in thousands of crowns)',
        'Amounts in crowns',
        'In millions, except per share data',
        'for the year to 31 December, in thousands of crowns',
        'At 30 June 2024 (in € million)',
      ].map(isMeasureLine),
    ).toEqual([true, true, true, true, true]);
    expect(['Cash flow in millions of crowns', 'Zahlen in Tausend Kronen'].map(titlesMeasure)).toEqual([true, true]);
    expect(['Amounts in crowns', 'All figures are in thousands of crowns'].map(titlesMeasure)).toEqual([false, false]);
    expect(titlesMeasure('The company made a loss, as in the year before')).toBe(false);
    const others = [
      'In 2024 the Board met nine times.',
      'Mooring dues',
      'Year ended 31 December',
      'per cent on 1 April 2025, in line with the prices',
    ];
    expect(others.map(isMeasureLine)).toEqual([false, false, false, false]);
  });

  test('holds unless the row, the column or an exception says otherwise', () => {
    const table = measureOf('(in thousands of crowns, except where stated)');
    const scaled = (row: string, column = '2025', text = '12'): readonly unknown[] => {
      const { unit, scale } = measured(text, 'en', { row, label: row, column, table });
      return [unit, scale];
    };
    expect(scaled('Revenue')).toEqual(['crown', 1000]);
    expect(scaled('Margin, per cent')).toEqual(['%', 1]);
    expect(scaled('Revenue', 'Change', '8.8%')).toEqual(['%', 1]);
    expect(scaled('Passengers (thousands)')).toEqual([null, 1000]);
    expect(scaled('Employees at the end of the year')).toEqual([null, 1]);
    expect(scaled('Dividend a share')).toEqual(['crown', 1]);
    expect(scaled('Revenue', 'Note', '3')).toEqual([null, 1]);
    expect(scaled('Length of the quay (m)')).toEqual(['m', 1]);
  });
});
