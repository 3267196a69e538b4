import type { Language } from '../text';
import type { Equivalent } from './equivalents';
import type { QueryTerm } from './queryTerms';
import type { ShelfSource } from './shelf';
import { termSet } from './terms';

/** Words of names that questions leave out. */
const SUFFIXES = new Set(['plc', 'ltd', 'limit', 'inc', 'llc', 'gmbh', 'co', 'corpor', 'ag']);
/** What part of a term's weight another name of the same thing brings. */
const ALIAS_SHARE = 0.7;

function own(name: string, language: Language): string[] {
  const terms = [...termSet(name, language)].filter((term) => !SUFFIXES.has(term) && !/^[#@=]/.test(term));
  // The last character of a name stands alone only at its end; in a sentence it pairs with what follows.
  const pairs = terms.filter((term) => term.length > 1);
  return language === 'ja' && pairs.length > 0 ? pairs : terms;
}

/** Every two names of one thing: those a document introduces, in its language, and those of the analyst's own groups, in each. */
function* namePairs(
  sources: readonly ShelfSource[],
  groups: readonly (readonly string[])[],
): Generator<readonly [one: string, two: string, language: Language]> {
  for (const { segment } of sources) for (const [one, two] of segment.aliases) yield [one, two, segment.language];
  for (const language of new Set(sources.map(({ segment }) => segment.language)))
    for (const group of groups)
      for (const [at, one] of group.entries()) for (const two of group.slice(at + 1)) yield [one, two, language];
}

/** A question's terms widened by the other names of what it names: those that the documents give themselves, and the groups of words that stand for each other. */
export function withAliases(
  terms: readonly QueryTerm[],
  sources: readonly ShelfSource[],
  groups: readonly (readonly string[])[] = [],
): QueryTerm[] {
  const asked = new Set(terms.map((one) => one.term));
  const more = new Map<string, Map<string, Equivalent>>();
  for (const [one, two, language] of namePairs(sources, groups)) {
    const [a, b] = [own(one, language), own(two, language)];
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const) {
      if (from.length === 0 || !from.every((term) => asked.has(term))) continue;
      for (const term of from) {
        const added = more.get(term) ?? new Map<string, Equivalent>();
        for (const other of to)
          if (!asked.has(other)) added.set(other, { term: other, share: ALIAS_SHARE / Math.sqrt(to.length) });
        more.set(term, added);
      }
    }
  }
  return terms.map((one) => {
    const added = more.get(one.term);
    return added === undefined ? one : { ...one, equivalents: [...(one.equivalents ?? []), ...added.values()] };
  });
}

/** What an equivalent may count at most: no more than the word asked for. */
const MOST_SHARE = 0.9;

/** Terms whose equivalents count `weight` times as much as they do by default, never as much as the word itself; 0 leaves them out. */
export function withParaphrase(terms: readonly QueryTerm[], weight: number): readonly QueryTerm[] {
  if (weight === 1) return terms;
  return terms.map((one) => {
    const scaled = (one.equivalents ?? []).map((other) => ({ ...other, share: Math.min(MOST_SHARE, weight * other.share) })); // prettier-ignore
    return { ...one, equivalents: weight === 0 ? [] : scaled };
  });
}
