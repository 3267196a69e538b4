import type { TableCell } from '../src/core/source';
import type { Random } from './random';

/** Scales as a claim says them behind a number. */
export const SCALE_WORDS: Readonly<Record<number, string>> = {
  1: '',
  1000: ' thousand',
  1000000: ' million',
  1000000000: ' billion',
};

/** A number without its sign, thousands set apart. */
export function grouped(value: number, decimals: number): string {
  return Math.abs(value).toLocaleString('en', { minimumFractionDigits: decimals, maximumFractionDigits: decimals });
}

/** Digits behind the point of a cell's text. */
export function decimalsIn(text: string): number {
  return /\.(\d+)/.exec(text)?.[1]?.length ?? 0;
}

/** A unit as it is said behind a number. */
export function unitWords(cell: TableCell): string {
  if (cell.unit === '%' || cell.unit === null) return '';
  return /^(?:crown|euro|dollar|pound|day|month|year|hour|person|share)$/.test(cell.unit)
    ? ` ${cell.unit}s`
    : ` ${cell.unit}`;
}

/** A cell's figure as a claim may say it: as printed with its scale, in the next scale, or in full. */
export function sayValue(random: Random, cell: TableCell & { readonly value: number }, scale = cell.scale): string {
  const decimals = decimalsIn(cell.text);
  if (cell.unit === '%') return `${grouped(cell.value, decimals)} ${random.pick(['%', 'per cent'])}`;
  const unit = unitWords(cell);
  const worth = Math.abs(cell.value) * cell.scale;
  const inMillion = worth / 1e6;
  const way = random.below(3);
  if (way === 1 && scale === cell.scale && cell.scale > 1 && inMillion >= 1) return `${Number(inMillion.toFixed(3)).toLocaleString('en', { maximumFractionDigits: 3 })} million${unit}`; // prettier-ignore
  if (way === 2 && scale === cell.scale && cell.scale === 1000) return `${grouped(worth, 0)}${unit}`;
  return `${grouped(cell.value, decimals)}${SCALE_WORDS[scale] ?? ''}${unit}`;
}

/** A text with one of its digits changed. */
export function otherDigit(random: Random, text: string): string {
  const digits = [...text.matchAll(/\d/g)];
  const at = digits[random.below(digits.length)]?.index ?? 0;
  const other = (Number(text[at]) + 1 + random.below(8)) % 10;
  return text.slice(0, at) + (at === digits[0]?.index && other === 0 ? 7 : other) + text.slice(at + 1);
}
