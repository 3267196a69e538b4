import { tokenize, type Token } from '../text';
import { alignWords, nearWords } from './align';
import type { CitableSource } from './citation';
import type { Place, QuoteCheck } from './types';

/** A stretch of words; `differs` where the other side has other words, or none. */
export interface Part {
  readonly text: string;
  readonly differs: boolean;
}

/** A page on which words stand. */
export interface StandsOn {
  readonly sourceId: string;
  readonly source: string;
  /** Physical, from 1, and as printed. */
  readonly page: number;
  readonly label: string | null;
}

/** Why a mark is what it is: what was looked for, what was found, and where. */
export interface Explanation {
  /** The words that were looked for: case, ligatures, full-width forms and line ends made alike, stops, dashes and marks of quotation left aside. */
  readonly searched: string;
  /** The quote and the page's own words beside each other; null where the words stand nowhere. */
  readonly sides: { readonly quote: readonly Part[]; readonly page: readonly Part[] } | null;
  /** Likeness to the page's words, 0 to 1. */
  readonly score: number;
  /** All pages they stand on, the best first; for altered words the nearest one. */
  readonly places: readonly StandsOn[];
  /** What the cited page says instead, where that is close. */
  readonly instead: { readonly on: StandsOn; readonly text: string } | null;
}

/** Words that are aligned at most: a longer quote is shown without the words that differ picked out. */
const MOST_WORDS = 600;

/** A text cut at its words, each piece with what follows it up to the next; `differs` tells which words have no like. */
function partsOf(text: string, words: readonly Token[], differs: readonly boolean[]): Part[] {
  const parts: Part[] = [];
  for (const [at, word] of words.entries()) {
    const piece = text.slice(at === 0 ? 0 : word.start, words[at + 1]?.start ?? text.length);
    const last = parts.at(-1);
    const own = differs[at] === true;
    if (last?.differs === own) parts[parts.length - 1] = { text: last.text + piece, differs: own };
    else parts.push({ text: piece, differs: own });
  }
  return parts;
}

/** Two wordings beside each other, each cut where it has what the other has not. */
export function sideBySide(quote: string, page: string): { readonly quote: Part[]; readonly page: Part[] } {
  const [own, other] = [tokenize(quote), tokenize(page)];
  if (own.length > MOST_WORDS || other.length > 2 * MOST_WORDS)
    return { quote: [{ text: quote, differs: false }], page: [{ text: page, differs: false }] };
  const word = (words: readonly Token[], at: number): string => words[at]?.word ?? '';
  const same = (one: number, two: number): boolean => word(own, one) === word(other, two);
  const near = (one: number, two: number): boolean => nearWords(word(own, one), word(other, two));
  const { steps } = alignWords(own.length, other.length, same, near);
  const differs = { quote: own.map(() => true), page: other.map(() => true) };
  for (const { quote: one, page: two } of steps)
    if (one >= 0 && two >= 0 && same(one, two)) [differs.quote[one], differs.page[two]] = [false, false];
  return { quote: partsOf(quote, own, differs.quote), page: partsOf(page, other, differs.page) };
}

function standsOn(place: Place, sources: readonly CitableSource[]): StandsOn[] {
  const source = sources.find((one) => one.id === place.sourceId);
  const page = place.spans[0]?.page;
  if (source === undefined || page === undefined) return [];
  return [{ sourceId: source.id, source: source.name, page, label: source.page(page)?.label ?? null }];
}

/** Explains a check of a quote; `sources` are the documents it was held against. */
export function explainCheck(quote: string, check: QuoteCheck, sources: readonly CitableSource[]): Explanation {
  const places = check.places.length > 0 ? check.places : check.at === null ? [] : [check.at];
  const pages = new Map(places.flatMap((place) => standsOn(place, sources)).map((one) => [`${one.sourceId} ${one.page}`, one])); // prettier-ignore
  const [on] = check.instead === null ? [] : standsOn(check.instead.at, sources);
  return {
    searched: tokenize(quote)
      .map((token) => token.word)
      .join(' '),
    sides: check.matched === '' ? null : sideBySide(quote, check.matched),
    score: check.score,
    places: [...pages.values()],
    instead: check.instead === null || on === undefined ? null : { on, text: check.instead.matched },
  };
}
