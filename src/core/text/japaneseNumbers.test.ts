import { describe, expect, test } from '@jest/globals';
import { findNumbers, sayDate } from '.';

describe('numbers of a Japanese text', () => {
  test.each([
    ['船価は940万クラウンとし', [['940万クラウン', '9400000', 'crown']]],
    [
      '蓄電池は8年間、船体は2年間保証',
      [
        ['8年間', '8', 'year'],
        ['2年間', '2', 'year'],
      ],
    ],
    [
      '全長は43.2メートル、旅客定員は380名',
      [
        ['43.2メートル', '43.2', 'm'],
        ['380名', '380', 'person'],
      ],
    ],
    ['一日につき1,500クラウン', [['1,500クラウン', '1500', 'crown']]],
    ['売上高は3億2,000万円', [['3億2,000万円', '320000000', 'yen']]],
    ['上限は2万5,000円', [['2万5,000円', '25000', 'yen']]],
    ['容量が８０％を下回る', [['８０％', '80', '%']]],
  ])('“%s”', (text, numbers) => {
    const found = findNumbers(text, 'ja').map(({ start, end, value, unit }) => [text.slice(start, end), value, unit]);
    expect(found).toEqual(numbers);
  });

  test('are not the parts of a date', () => {
    expect(findNumbers('2026年6月30日まで有効', 'ja').filter((one) => one.unit !== null)).toEqual([]);
  });
});

test('a date is said as people write it', () => {
  expect(['2025-03-31', '2025-12', '2025'].map(sayDate)).toEqual(['31 March 2025', 'December 2025', '2025']);
});
