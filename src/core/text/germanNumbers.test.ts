import { describe, expect, test } from '@jest/globals';
import { findNumbers } from '.';

describe('numbers of a German text in words', () => {
  test.each([
    ['läuft auf sieben Jahre fest', [['sieben Jahre', '7', 'year']]],
    ['nach einundzwanzig Tagen', [['einundzwanzig Tagen', '21', 'day']]],
    [
      'zweihundertfünfzig Euro und zwölf Monate',
      [
        ['zweihundertfünfzig Euro', '250', 'euro'],
        ['zwölf Monate', '12', 'month'],
      ],
    ],
    ['dreitausendvierhundert Stück', [['dreitausendvierhundert', '3400', null]]],
    ['innerhalb einer Woche', [['einer Woche', '1', 'week']]],
    ['zwei Millionen Euro', [['zwei Millionen Euro', '2000000', 'euro']]],
    ['genau einen Hauptserver und ein Netz', [['einen', '1', null]]],
    ['eine Wohnung mit Achtung und Dreieck', []],
    ['5.850 Kronen je Krone', [['5.850 Kronen', '5850', 'crown']]],
    ['binnen 14 Tagen', [['14 Tagen', '14', 'day']]],
  ])('of “%s”', (text, found) => {
    const told = findNumbers(text, 'de').map(({ start, end, value, unit }) => [text.slice(start, end), value, unit]);
    expect(told).toEqual(found);
  });

  test('are none in other languages', () => {
    expect(findNumbers('the acht of sieben', 'en')).toEqual([]);
  });
});
