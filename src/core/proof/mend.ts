import Big from 'big.js';
import { oneLine } from '../text';
import { sayStated, type TracedFigure } from '../figure';
import type { ProofItem } from './types';

/** The digits of a figure's words, and what stands around them. */
const DIGITS = /\d[\d.,'’\u00a0]*\d|\d/;

/**
 * A figure as it should be said: the stated or worked-out value in the scale and with the words the text uses; null where the fault does not tell what
 * is right, or the text spells the number out.
 */
export function rightFigure({ figure, fault, stated, worked }: TracedFigure): string | null {
  if (fault === null || fault === 'nowhere') return null;
  if (worked !== null)
    return worked.verdict === 'wrong' || worked.verdict === 'points' ? worked.result.replace(/^−/, '') : null;
  if (stated === null || figure.kind === 'date' || stated.kind === 'date')
    return stated === null ? null : sayStated(stated);
  if (fault === 'sign') return null;
  if (fault === 'unit' || fault === 'points' || !DIGITS.test(figure.text)) return sayStated(stated);
  const value = new Big(stated.quantity.value).times(stated.quantity.scale).div(figure.scale).abs();
  const decimals = (value.toFixed().split('.')[1] ?? '').length;
  // A value that the text's scale would make unreadable is said in its own.
  if (decimals > 3 || value.lt(0.1)) return sayStated(stated);
  const [whole = '0', part] = value.toFixed().split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, ',') + (part === undefined ? '' : `.${part}`);
  return figure.text.replace(DIGITS, grouped);
}

/** A change to a text: `[start, end)` is replaced. */
export interface Mending {
  readonly start: number;
  readonly end: number;
  readonly text: string;
}

/** What puts an item right: the page's own words, the true page or clause, the true figure; null where nothing is wrong or nothing is known. */
export function mendingOf(item: ProofItem): Mending | null {
  if (item.kind === 'quote' && item.citation.mark === 'altered' && item.citation.matched !== '')
    return { start: item.start, end: item.end, text: withEnd(item.text, oneLine(item.citation.matched)) };
  if (item.kind === 'figure' && item.right !== null) return { start: item.start, end: item.end, text: item.right };
  if (item.placeSaid !== null && item.rightPlace !== null) return { ...item.placeSaid, text: item.rightPlace };
  return null;
}

/** The stop that ends the quotation stays: what was matched ends with a word. */
function withEnd(quote: string, matched: string): string {
  const stop = /[.!?;:,]$/.exec(quote)?.[0] ?? '';
  return matched.endsWith(stop) ? matched : matched + stop;
}

/** A text with some of its items put right, which must not overlap. */
export function mended(text: string, mendings: readonly Mending[]): string {
  let out = text;
  for (const { start, end, text: right } of [...mendings].sort((a, b) => b.start - a.start))
    out = out.slice(0, start) + right + out.slice(end);
  return out;
}
