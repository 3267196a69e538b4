import { describe, expect, test } from '@jest/globals';
import { figuresIn } from './figures';
import type { Quantity } from './quantity';
import { addsFigure, sameFigure, unitsMeet } from './same';

const stated = (text: string, value: string, unit: string | null, scale = 1): Quantity => ({
  text,
  value,
  unit,
  scale,
});

function same(said: string, quantity: Quantity, unsigned = false): boolean {
  const [figure] = figuresIn(said, 'en');
  if (figure === undefined) throw new Error(`“${said}” holds no figure.`);
  return sameFigure(figure, quantity, unsigned);
}

describe('a figure is what is stated', () => {
  const revenue = stated('31,200', '31200', 'crown', 1000);
  test.each([
    '31,200 thousand crowns',
    '31.2 million crowns',
    '31,200,000 crowns',
    '31 million crowns',
    'about 30 million crowns',
    '31,200 thousand',
  ])('as %s', (said) => {
    expect(same(said, revenue)).toBe(true);
  });

  test.each([
    '31,200 million crowns',
    '31.3 million crowns',
    '31,250 thousand crowns',
    '31.2 million euros',
    '31.2 %',
    'about 40 million crowns',
  ])('not as %s', (said) => {
    expect(same(said, revenue)).toBe(false);
  });

  test('may be converted: months for years, points for basis points', () => {
    expect(same('24 months', stated('2 years', '2', 'year'))).toBe(true);
    expect(same('25 months', stated('2 years', '2', 'year'))).toBe(false);
    expect(same('0.5 percentage points', stated('50 basis points', '50', 'basis point'))).toBe(true);
    expect(same('2 km', stated('2,000 m', '2000', 'm'))).toBe(true);
  });

  test('has a sign that can be passed over', () => {
    const loss = stated('(1,915)', '-1915', 'crown', 1000);
    expect(same('1,915 thousand crowns', loss)).toBe(false);
    expect(same('1,915 thousand crowns', loss, true)).toBe(true);
  });
});

test.each([
  ['crown', 'crown', true],
  ['crown', null, true],
  ['passenger', 'person', true],
  ['vessel', null, true],
  ['%', null, false],
  ['crown', 'euro', false],
  ['percentage point', '%', false],
])('units %s and %s may be of one thing: %s', (one, two, expected) => {
  expect(unitsMeet(one, two)).toBe(expected);
});

test('a text adds a figure when none of its quotes says it, in whatever scale', () => {
  expect(addsFigure('It was 31.2 million crowns.', ['31,200 thousand crowns'], 'en')).toBe(false);
  expect(addsFigure('It was 31.2 million crowns on 1 May 2025.', ['31,200 thousand crowns'], 'en')).toBe(true);
  expect(addsFigure('There were two.', ['none'], 'en')).toBe(false);
});
