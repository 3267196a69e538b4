import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import type { Answer } from './types';

const ACCOUNTS = [
  'Annual report 2024',
  '',
  'Income statement (in thousands of crowns)',
  '',
  '                              2024      2023',
  'Turnover                    80,000    75,000',
  'Operating profit            12,000    15,000',
  'Finance costs               (6,000)   (5,000)',
  'Profit before tax            6,000    10,000',
  'Tax                         (1,500)   (2,100)',
].join('\n');

const LAKE = [
  'Report on the lake',
  '',
  'Table 2. Means of the deep basin',
  '',
  'Year      Lowest oxygen (mg/l)    Phosphorus (µg/l)    Days of ice',
  '2021      2.4                     24                   41',
  '2022      1.2                     20                   38',
  '2023      1.8                     18                   12',
].join('\n');

const library = libraryOfTexts({ 'Annual report 2024': ACCOUNTS, 'Report on the lake': LAKE });

function ask(question: string): Answer {
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

describe('a ratio that goes by a name', () => {
  test('is worked out from the two rows it is made of, both cited', () => {
    const { headline, calculations, claims } = ask('What was the operating margin in 2024?');
    expect(headline).toBe('15.0 %; operating margin, 2024');
    expect(calculations).toMatchObject([{ operation: 'ratio', working: '12,000 ÷ 80,000 = 15.0 %' }]);
    expect(claims[0]?.citations.map((one) => one.mark)).toEqual(['exact', 'exact']);
  });

  test('counts costs as what they come to, and tells times where it is told so', () => {
    expect(ask('What was the effective tax rate in 2023?').headline).toContain('21.0 %');
    expect(ask('What was interest cover in 2024?').headline).toContain('2.0 times');
  });

  test('is not made up where a row or the year is missing', () => {
    expect(ask('What was the current ratio in 2024?').calculations).toEqual([]);
    expect(ask('What was the operating margin in 2019?').calculations).toEqual([]);
  });
});

describe('a change down a table whose rows are years', () => {
  test('is worked out from the column that is named, with its unit', () => {
    const { headline, calculations } = ask('By how much did phosphorus fall between 2021 and 2023?');
    expect(headline).toContain('Down by 6 µg/l (25.0 %)');
    expect(calculations[0]?.operands.map(({ text }) => text)).toEqual(['24', '18']);
  });

  test('takes the year before where one is named', () => {
    expect(ask('How much did the lowest oxygen rise in 2023?').headline).toContain('Up by 0.6 mg/l (50.0 %)');
  });

  test('is not told of a year that the table lacks', () => {
    expect(ask('By how much did phosphorus fall between 2019 and 2023?').calculations).toEqual([]);
  });
});
