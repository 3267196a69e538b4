import type Big from 'big.js';
import type { Language } from '../text';
import { decimalsOf, printNumber, worth, type Quantity } from './quantity';
import { measureWords } from './unitWords';

/** How one figure came from another. Costs in parentheses count by their size: a larger one has risen. */
export interface Change {
  readonly direction: 'up' | 'down' | 'same';
  /** By how much, as it is said: "2,520 thousand crowns", "1.5 percentage points". */
  readonly difference: string;
  /** In per cent of the first, one digit behind the point; null for shares, and where it would mean nothing. */
  readonly percent: string | null;
  /** The calculation, written out. */
  readonly working: string;
}

/**
 * The change from one figure to a later one, in decimal arithmetic, with as many digits as are printed. Null when their units differ. The first figure's scale is
 * turned into the second's. It is written as the language writes numbers and units.
 */
export function changeOf(from: Quantity, to: Quantity, language: Language = 'en'): Change | null {
  if (from.unit !== to.unit) return null;
  const losses = worth(from).lt(0) && worth(to).lt(0);
  const size = (quantity: Quantity): Big => {
    const value = worth(quantity).div(to.scale);
    return losses ? value.abs() : value;
  };
  const [first, second] = [size(from), size(to)];
  const decimals = Math.max(decimalsOf(to), from.scale === to.scale ? decimalsOf(from) : 0);
  const difference = second.minus(first);
  const share = to.unit === '%';
  const print = (value: Big, digits = decimals): string => printNumber(value, digits, language);
  const measure = measureWords(share ? 'percentage point' : to.unit, to.scale, share || !difference.abs().eq(1), language); // prettier-ignore
  const said = `${print(difference.abs())}${language === 'ja' ? '' : ' '}${measure}`.trim();
  const percent = share || first.eq(0) || first.lt(0) !== second.lt(0) ? null : difference.div(first.abs()).times(100);
  const [a, b] = [print(first), print(second)];
  const working = [
    `${b} − ${a} = ${print(difference)}`,
    ...(percent === null ? [] : [`${print(difference)} ÷ ${a} = ${print(percent, 1)} %`]),
  ].join('; ');
  return {
    direction: difference.eq(0) ? 'same' : difference.gt(0) ? 'up' : 'down',
    difference: said,
    percent: percent === null ? null : `${print(percent.abs(), 1)} %`,
    working,
  };
}
