import type { Equivalent } from './equivalents';
import type { ShelfSource } from './shelf';
import { documentFrequency, inverseFrequency, statisticsOf } from './statistics';

/** A term that is searched for, with the weight the question gives it. */
export interface QueryTerm {
  readonly term: string;
  readonly weight: number;
  /** Terms that count for it, less, where it does not stand itself. */
  readonly equivalents?: readonly Equivalent[];
}

/** A term or one of its equivalents with what it is worth. */
interface Variant {
  readonly worth: number;
  /** Its number in each of the documents, -1 where one has it not. */
  readonly numbers: Int32Array;
}

/** A term with what it is worth among the documents, and all it is searched by: itself first. */
export interface WeighedTerm {
  readonly worth: number;
  readonly variants: readonly Variant[];
}

/** What a trade equivalent counts in documents that hold the word itself nowhere, at most, and how much more than elsewhere: it is their word for it. */
const THEIR_WORD = 0.8;
const THEIR_WORD_MORE = 1.6;

function theirShare(share: number): number {
  return Math.max(share, Math.min(THEIR_WORD, THEIR_WORD_MORE * share));
}

/**
 * The equivalents of a term that count among these documents: all of the trade, the more where the documents hold the term itself nowhere; loose ones only
 * there.
 */
export function equivalentsAmong(
  sources: readonly ShelfSource[],
  { term, equivalents = [] }: QueryTerm,
): readonly Equivalent[] {
  if (equivalents.length === 0) return equivalents;
  if (documentFrequency(sources, term) > 0) return equivalents.filter((one) => one.loose !== true);
  return equivalents.map((one) => (one.loose === true ? one : { ...one, share: theirShare(one.share) }));
}

/** What a word that is merely used like the one asked counts in a search: half the word's weight at a likeness of 1, more where the documents hold the word nowhere. */
const LOOSE_SHARE = 0.83;

/**
 * What a term is searched by besides itself: its equivalents, and words merely used like it, wherever it stands itself. Such words bring passages for a reader to
 * look at; what answers is weighed without them. Tried on 150 questions, see docs/measurements.md.
 */
export function searchedBy(sources: readonly ShelfSource[], term: QueryTerm): readonly Equivalent[] {
  const absent = documentFrequency(sources, term.term) === 0;
  const loose = (term.equivalents ?? []).flatMap((one) => {
    const share = LOOSE_SHARE * one.share;
    return one.loose === true ? [{ ...one, share: absent ? theirShare(share) : share }] : [];
  });
  return [...equivalentsAmong(sources, term).filter((one) => one.loose !== true), ...loose];
}

/** The terms of a query with what each of their spellings is worth among these documents; those that stand nowhere are left out. */
export function weighTerms(sources: readonly ShelfSource[], query: readonly QueryTerm[]): WeighedTerm[] {
  const statistics = statisticsOf(sources);
  const variant = (term: string, worth: number): Variant => ({ worth, numbers: statistics.numbersOf(term) });
  return query.map((given) => {
    const worth = given.weight * inverseFrequency(sources, given.term);
    const others = searchedBy(sources, given)
      .filter(({ term }) => documentFrequency(sources, term) > 0)
      .map(({ term, share }) => variant(term, share * Math.min(worth, given.weight * inverseFrequency(sources, term))));
    return { worth, variants: [variant(given.term, worth), ...others] };
  });
}
