import type { Language } from '../text';
import type { Equivalent } from './equivalents';
import type { QueryTerm } from './rank';
import type { ShelfSource } from './shelf';
import { termSet } from './terms';

/** Words of names that questions leave out. */
const SUFFIXES = new Set(['plc', 'ltd', 'limit', 'inc', 'llc', 'gmbh', 'co', 'corpor', 'ag']);
/** What part of a term's weight another name of the same thing brings. */
const ALIAS_SHARE = 0.7;

function own(name: string, language: Language): string[] {
  return [...termSet(name, language)].filter((term) => !SUFFIXES.has(term) && !/^[#@=]/.test(term));
}

/** A question's terms widened by the other names that the documents themselves give to what it names. */
export function withAliases(terms: readonly QueryTerm[], sources: readonly ShelfSource[]): QueryTerm[] {
  const asked = new Set(terms.map((one) => one.term));
  const more = new Map<string, Map<string, Equivalent>>();
  for (const { segment } of sources)
    for (const [one, two] of segment.aliases) {
      const [a, b] = [own(one, segment.language), own(two, segment.language)];
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
