import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { agree, cellQuantity, changeOf, quantityAt, sayQuantity, type Quantity } from '.';

const thousand = (text: string, value: string): Quantity => ({ text, value, unit: 'crown', scale: 1000 });

const share = (text: string): Quantity => ({ text: `${text}%`, value: text, unit: '%', scale: 1 });

describe('a change', () => {
  test('is told with its size, its share and how it was worked out', () => {
    expect(changeOf(thousand('28,680', '28680'), thousand('31,200', '31200'))).toEqual({
      direction: 'up',
      difference: '2,520 thousand crowns',
      percent: '8.8 %',
      working: '31,200 − 28,680 = 2,520; 2,520 ÷ 28,680 = 8.8 %',
    });
  });

  test('of costs in parentheses goes by their size', () => {
    const change = changeOf(thousand('(3,288)', '-3288'), thousand('(3,022)', '-3022'));
    expect([change?.direction, change?.difference, change?.percent]).toEqual(['down', '266 thousand crowns', '8.1 %']);
  });

  test('from a loss to a profit has no percentage', () => {
    const change = changeOf(thousand('(1,915)', '-1915'), thousand('5,934', '5934'));
    expect([change?.direction, change?.difference, change?.percent]).toEqual(['up', '7,849 thousand crowns', null]);
  });

  test('counts what its unit names', () => {
    const sailings = (text: string): Quantity => ({ text, value: text, unit: 'sailing', scale: 1 });
    expect(changeOf(sailings('41'), sailings('26'))?.difference).toBe('15 sailings');
    expect(changeOf(sailings('27'), sailings('26'))?.difference).toBe('1 sailing');
  });

  test('is written as German and Japanese write it', () => {
    const [from, to] = [thousand('28.680', '28680'), thousand('31.200', '31200')];
    expect(changeOf(from, to, 'de')?.difference).toBe('2.520 Tausend Kronen');
    expect(changeOf(from, to, 'de')?.working).toBe('31.200 − 28.680 = 2.520; 2.520 ÷ 28.680 = 8,8 %');
    expect(changeOf({ ...from, unit: 'yen' }, { ...to, unit: 'yen' }, 'ja')?.difference).toBe('2,520千円');
    expect(changeOf({ ...from, unit: 'vessel' }, { ...to, unit: 'vessel' }, 'ja')?.difference).toBe('2,520千隻');
    expect(changeOf(share('96.2'), share('97.1'), 'de')?.difference).toBe('0,9 Prozentpunkte');
  });

  test('of a share is in percentage points', () => {
    const change = changeOf(share('96.2'), share('97.1'));
    expect([change?.difference, change?.percent]).toEqual(['0.9 percentage points', null]);
  });

  test('turns one scale into the other', () => {
    const million: Quantity = { text: '28.68 million', value: '28.68', unit: 'crown', scale: 1_000_000 };
    expect(changeOf(million, thousand('31,200', '31200'))?.difference).toBe('2,520 thousand crowns');
  });

  test('is none between different units', () => {
    expect(changeOf(thousand('1', '1'), { ...thousand('1', '1'), unit: 'euro' })).toBeNull();
  });

  test('there and back again is of one size', () => {
    const whole = fc.integer({ min: 1, max: 1_000_000 });
    fc.assert(
      fc.property(whole, whole, (one, two) => {
        const [a, b] = [thousand(String(one), String(one)), thousand(String(two), String(two))];
        return changeOf(a, b)?.difference === changeOf(b, a)?.difference;
      }),
    );
  });
});

describe('a quantity', () => {
  test('is said with scale and unit, neither twice', () => {
    const cell = { text: '31,200', spans: [], value: 31_200, unit: 'crown', scale: 1000 };
    const said = cellQuantity(cell);
    expect(said === null ? '' : sayQuantity(said)).toBe('31,200 thousand crowns');
    const text = 'Revenue was 13.62 million crowns.';
    const quantity = quantityAt(text, 12, 25, 'en');
    expect(quantity === null ? '' : sayQuantity(quantity)).toBe('13.62 million crowns');
  });

  test('agrees with another as far as the coarser is printed', () => {
    const million: Quantity = { text: '13.6 million', value: '13.6', unit: 'crown', scale: 1_000_000 };
    expect(agree(million, thousand('13,620', '13620'))).toBe(true);
    expect(agree(million, thousand('13,690', '13690'))).toBe(false);
    expect(agree(thousand('28,910', '28910'), thousand('28,680', '28680'))).toBe(false);
  });
});
