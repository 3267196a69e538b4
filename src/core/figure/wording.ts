import type { Fault } from './faults';
import { sayQuantity, type Quantity } from './quantity';
import type { StatedFigure } from './stated';
import type { TracedFigure } from './trace';
import { sayDate } from '../text';

const FAULTS: Readonly<Record<Fault, string>> = {
  scale: 'wrong scale',
  sign: 'turned round',
  unit: 'another unit',
  points: 'per cent and percentage points mixed up',
  period: 'of another period',
  column: 'from another column',
  row: 'of something else',
  arithmetic: 'does not come out',
  changed: 'another figure',
  nowhere: 'not in the documents',
};

/** What is wrong with a figure in two or three words. */
export function sayFault(fault: Fault): string {
  return FAULTS[fault];
}

/** A stated figure as it is said: dates in words, numbers with scale and unit. */
export function sayStated({ kind, quantity }: StatedFigure): string {
  return kind === 'date' ? sayDate(quantity.value) : sayQuantity(plainly(quantity));
}

/** Words already hold their scale and unit. */
function plainly(quantity: Quantity): Quantity {
  return /\p{L}|[%$€£¥]/u.test(quantity.text) ? { ...quantity, unit: quantity.unit === '%' ? '%' : null, scale: 1 } : quantity; // prettier-ignore
}

/** How a figure was traced, in a sentence: what states it, its calculation, or what is wrong and what stands instead. */
export function sayTraced({ verdict, fault, stated, worked }: TracedFigure): string {
  if (verdict === 'quoted') return stated?.how ?? '';
  if (worked !== null && verdict === 'computed') return worked.working;
  const wrong = fault === null ? '' : sayFault(fault);
  if (worked !== null) return `${wrong}: ${worked.working}`;
  return stated === null ? wrong : `${wrong}: stated is ${sayStated(stated)} (${stated.how})`;
}
