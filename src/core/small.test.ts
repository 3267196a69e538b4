import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isLitter } from './litter';
import { median } from './median';
import { Recent } from './recent';
import { unionBox, type Box } from './source';

describe('the median', () => {
  test('has as many numbers on one side as on the other, whatever their order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1 }), (values) => {
        const middle = median(values);
        expect(values).toContain(middle);
        expect(values.filter((one) => one < middle).length).toBeLessThanOrEqual(values.length / 2);
        expect(values.filter((one) => one > middle).length).toBeLessThanOrEqual(values.length / 2);
      }),
    );
  });

  test('is the upper of two, and nought of none', () => {
    expect([median([3, 1]), median([])]).toEqual([3, 0]);
  });
});

describe('the box around boxes', () => {
  const number = fc.integer({ min: 0, max: 500 });
  const box: fc.Arbitrary<Box> = fc.record({ x: number, y: number, w: number, h: number });

  test('holds each of them, and touches one at every side', () => {
    fc.assert(
      fc.property(fc.array(box, { minLength: 1 }), (boxes) => {
        const all = unionBox(boxes);
        expect(Math.min(...boxes.map((one) => one.x))).toBe(all.x);
        expect(Math.min(...boxes.map((one) => one.y))).toBe(all.y);
        expect(Math.max(...boxes.map((one) => one.x + one.w))).toBe(all.x + all.w);
        expect(Math.max(...boxes.map((one) => one.y + one.h))).toBe(all.y + all.h);
      }),
    );
  });
});

describe('litter', () => {
  test('is what hides, wherever in a path, and what one system packs along', () => {
    expect(['.DS_Store', 'leases/.git/a.pdf', '__MACOSX/a.pdf', '../a.pdf'].map(isLitter)).toEqual([
      true,
      true,
      true,
      true,
    ]);
    expect(['a.pdf', 'leases/v1.2/a.pdf', ''].map(isLitter)).toEqual([false, false, false]);
  });
});

describe('what was asked for last', () => {
  test('is kept, and what was not asked for longest goes', () => {
    const recent = new Recent<string, number>(2);
    let made = 0;
    const get = (key: string): number => recent.get(key, () => (made += 1));
    expect([get('a'), get('b'), get('a'), get('c')]).toEqual([1, 2, 1, 3]);
    expect(get('a')).toBe(1);
    expect(get('b')).toBe(4);
  });
});
