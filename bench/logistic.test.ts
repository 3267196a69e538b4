import { describe, expect, test } from '@jest/globals';
import { fitLogistic, oddsOf, type Example } from './logistic';
import { Random } from './random';

/** Examples of a class that holds with the odds of a known line. */
function examplesOf(count: number): Example[] {
  const random = new Random(5);
  return Array.from({ length: count }, () => {
    const [one, two] = [random.next(), random.next()];
    const chance = 1 / (1 + Math.exp(-(4 * one - 2 * two - 1)));
    return { signs: { one, two, none: random.next() }, holds: random.next() < chance, weight: 1 };
  });
}

describe('logistic regression', () => {
  const model = fitLogistic(examplesOf(8000), ['one', 'two', 'none', 'never'], 1);

  test('finds the line that the examples were made by', () => {
    expect(model.weights['one']).toBeCloseTo(4, 0);
    expect(model.weights['two']).toBeCloseTo(-2, 0);
    expect(Math.abs(model.weights['none'] ?? 1)).toBeLessThan(0.3);
    expect(model.constant).toBeCloseTo(-1, 0);
  });

  test('gives no weight to a sign that none has', () => {
    expect(model.weights['never']).toBe(0);
  });

  test('tells the odds', () => {
    expect(oddsOf({ weights: { one: 2 }, constant: -1 }, { one: 1.5, two: 9 })).toBe(2);
  });

  test('counts what weighs twice as two', () => {
    const rows = examplesOf(400);
    const twice = fitLogistic([...rows, ...rows], ['one', 'two'], 1);
    const heavy = fitLogistic(
      rows.map((row) => ({ ...row, weight: 2 })),
      ['one', 'two'],
      1,
    );
    expect(heavy.weights['one']).toBeCloseTo(twice.weights['one'] ?? 0, 6);
  });
});
