import { describe, expect, test } from '@jest/globals';
import { findNumbers } from '.';

describe('numbers of a German text in words', () => {
  test.each([
    ['läuft auf sieben Jahre fest', [['sieben Jahre', '7', 'jahre']]],
    ['nach einundzwanzig Tagen', [['einundzwanzig Tagen', '21', 'tagen']]],
    [
      'zweihundertfünfzig Euro und zwölf Monate',
      [
        ['zweihundertfünfzig Euro', '250', 'euro'],
        ['zwölf Monate', '12', 'monate'],
      ],
    ],
    ['dreitausendvierhundert Stück', [['dreitausendvierhundert', '3400', null]]],
    ['innerhalb einer Woche', [['einer Woche', '1', 'woche']]],
    ['zwei Millionen Euro', [['zwei Millionen Euro', '2000000', 'euro']]],
    ['eine Wohnung mit Achtung und Dreieck', []],
    ['binnen 14 Tagen', [['14 Tagen', '14', 'tagen']]],
  ])('of “%s”', (text, found) => {
    const told = findNumbers(text, 'de').map(({ start, end, value, unit }) => [text.slice(start, end), value, unit]);
    expect(told).toEqual(found);
  });

  test('are none in other languages', () => {
    expect(findNumbers('the acht of sieben', 'en')).toEqual([]);
  });
});
