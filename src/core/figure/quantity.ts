import Big from 'big.js';
import { findNumbers, type Language } from '../text';
import type { TableCell } from '../source';
import { measureWords, SCALES } from './unitWords';

/** A figure as it is printed, with what it is worth. `value` is plain decimal notation without the scale; `scale` a power of ten. */
export interface Quantity {
  readonly text: string;
  readonly value: string;
  readonly unit: string | null;
  readonly scale: number;
}

/** What a cell holds; null for words, and for a dash. */
export function cellQuantity({ text, value, unit, scale }: TableCell): Quantity | null {
  return value === null ? null : { text, value: new Big(value).toFixed(), unit, scale };
}

/** The figure that stands at `[start, end)` of a text; null where no number is found there. */
export function quantityAt(text: string, start: number, end: number, language: Language): Quantity | null {
  const found = findNumbers(text, language).find((one) => one.start < end && start < one.end);
  if (found === undefined) return null;
  return {
    text: text.slice(found.start, found.end),
    value: new Big(found.value).div(found.scale).toFixed(),
    unit: found.unit,
    scale: found.scale,
  };
}

/** What it is worth, the scale multiplied in. */
export function worth({ value, scale }: Quantity): Big {
  return new Big(value).times(scale);
}

/** Digits behind the decimal point as printed. */
export function decimalsOf({ value, text }: Quantity): number {
  const printed = /[.,](\d{1,2})(?!\d)[^\d]*$/.exec(text)?.[1]?.length ?? 0;
  return Math.max(printed, value.split('.')[1]?.length ?? 0);
}

/** A plain number as it is printed in a language: thousands set apart, a true minus sign. */
export function printNumber(value: Big, decimals: number, language: Language = 'en'): string {
  const [whole = '0', part] = value.abs().toFixed(decimals).split('.');
  const [thousands, point] = language === 'de' ? ['.', ','] : [',', '.'];
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, thousands);
  return `${value.lt(0) ? '−' : ''}${grouped}${part === undefined ? '' : `${point}${part}`}`;
}

/** A figure as it is said: as printed, with its scale and unit in the language it stands in ("31,200 thousand crowns", "12.5%"). */
export function sayQuantity({ text, value, unit, scale }: Quantity, language: Language = 'en'): string {
  if (unit === '%') return /%|per cent|prozent|パーセント/i.test(text) ? text : `${text} %`;
  const scaled = scale !== 1 && new RegExp(SCALES[scale] ?? '^$', 'i').test(text) ? 1 : scale;
  const named = /[$€£¥]|\p{L}/u.test(text.replace(/thousand|million|billion/gi, ''));
  if (named && language !== 'en') return text;
  const words = measureWords(named ? null : unit, scaled, !new Big(value).abs().eq(1), language);
  return `${text}${language === 'ja' ? '' : ' '}${words}`.trim();
}

/** True when two figures say the same as far as the coarser is printed: 13.6 million and 13,620 thousand. */
export function agree(one: Quantity, two: Quantity): boolean {
  const step = (quantity: Quantity): Big => new Big(10).pow(-decimalsOf(quantity)).times(quantity.scale);
  const [a, b] = [step(one), step(two)];
  const coarser = a.gt(b) ? a : b;
  return worth(one).minus(worth(two)).abs().lte(coarser.div(2));
}

/** Units that are no amounts: shares and times stay in their own. */
const NO_AMOUNT = /^(?:%|second|minute|hour|day|week|month|quarter|year|percentage point)/;

/** An amount of money or goods in another scale ("1,250 thousand crowns" for 1,250,000 of them); null for what is no amount, a number without unit and scale among them. */
export function sayInScale(
  text: string,
  { value, unit, scale }: Pick<Quantity, 'value' | 'unit' | 'scale'>,
  wanted: number,
): string | null {
  if ((unit === null && scale === 1) || (unit !== null && NO_AMOUNT.test(unit))) return null;
  const whole = new Big(value).div(wanted);
  const sign = /^[$€£¥]/.exec(text)?.[0] ?? '';
  const number = printNumber(whole, whole.toFixed().split('.')[1]?.length ?? 0);
  return `${sign}${number} ${measureWords(sign === '' ? unit : null, wanted, !whole.abs().eq(1))}`.trim();
}
