import { standsAsCited } from '../quote';
import type { ProofItem } from './types';

/** True for an item that somebody must look at: a quotation that does not stand where it is said to, a figure nothing supports. */
export function isProblem(item: ProofItem): boolean {
  if (item.kind === 'figure') return item.verdict === 'unsupported' || item.placeFault !== null;
  return (
    (!standsAsCited(item.citation) && !(item.tooShort && item.citation.mark === 'absent')) || item.placeFault !== null
  );
}

/** True for a problem that changes what is said: a changed figure, date, name, negation or modal verb, or a figure that is stated otherwise. */
export function isGrave(item: ProofItem): boolean {
  if (!isProblem(item)) return false;
  if (item.kind === 'quote') return item.citation.differences.some((one) => one.grave);
  return item.fault !== null && item.fault !== 'nowhere';
}

/** How many of what a text says stand. */
export interface ProofTally {
  readonly quotes: number;
  readonly quotesStanding: number;
  readonly figures: number;
  readonly figuresSupported: number;
  readonly problems: number;
}

export function tallyOf(items: readonly ProofItem[]): ProofTally {
  const quotes = items.filter((item) => item.kind === 'quote');
  const figures = items.filter((item) => item.kind === 'figure');
  const standing = (those: readonly ProofItem[]): number => those.filter((item) => !isProblem(item)).length;
  return {
    quotes: quotes.length,
    quotesStanding: standing(quotes),
    figures: figures.length,
    figuresSupported: standing(figures),
    problems: items.filter(isProblem).length,
  };
}
