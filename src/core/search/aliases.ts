import type { Language } from '../text';
import type { Equivalent } from './equivalents';
import type { QueryTerm } from './rank';
import type { ShelfSource } from './shelf';
import { termSet } from './terms';

/** Two ways in which a document names one thing: "gross tonnage" and "GT", "Merrowby Ferry Company plc" and "Operator". */
export type Alias = readonly [string, string];

const NAME = String.raw`\p{Lu}[\p{L}\p{N}.&’'-]*(?:\s+(?:(?:of|the|and|&|for|von|der)\s+)?\p{Lu}[\p{L}\p{N}.&’'-]*|\s+(?:plc|ltd|limited|inc|llc|gmbh|co)\b\.?)*`;
const LONG_SHORT = /((?:\p{L}[\p{L}’'-]*\s+){1,7})\((?:the\s+)?[“"]?([A-Z][A-Z\d]{1,7})[”"]?\)/gu;
const SHORT_LONG = /\b([A-Z][A-Z\d]{1,7})\s+\((\p{L}[\p{L}\s’'-]{4,70})\)/gu;
const CALLED = new RegExp(
  String.raw`(${NAME})(?:,[^()]{0,160})?\s*\([^()“"]{0,30}?(?:[“"](?:the )?|the )(\p{Lu}[\p{L}]+(?: \p{Lu}[\p{L}]+)?)[”"]?\)`,
  'gu',
);
const MEANS = new RegExp(
  String.raw`(?:^|\n|[“"])(\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)?)[”"]?\s+means\s+(?:the )?(${NAME})`,
  'gu',
);
/** Words of names that questions leave out. */
const SUFFIXES = new Set(['plc', 'ltd', 'limit', 'inc', 'llc', 'gmbh', 'co', 'corpor', 'ag']);
const SMALL = /^(?:of|the|and|for|in|on|a|an|to|und|der|die|das|für)$/i;

/** The words at the end of a phrase that an abbreviation stands for, letter by letter; null when it does not. */
function spelledOut(phrase: string, short: string): string | null {
  const words = phrase.trim().split(/\s+/);
  const letters = short.replace(/\d/g, '').toLowerCase();
  let at = letters.length - 1;
  for (let index = words.length - 1; index >= 0; index -= 1) {
    const word = words[index] as string;
    if (word[0]?.toLowerCase() === letters[at]) at -= 1;
    else if (!SMALL.test(word)) return null;
    if (at < 0) return words.slice(index).join(' ');
  }
  return null;
}

/** The aliases that a passage introduces. */
export function aliasesIn(text: string): Alias[] {
  if (!text.includes('(') && !text.includes(' means ')) return [];
  const plain = text.replace(/[^\S\n]+/g, ' ');
  const flat = plain.replace(/\s+/g, ' ');
  const found: Alias[] = [];
  for (const [, phrase = '', short = ''] of flat.matchAll(LONG_SHORT)) {
    const long = spelledOut(phrase, short);
    if (long !== null) found.push([long, short]);
  }
  for (const [, short = '', phrase = ''] of flat.matchAll(SHORT_LONG)) {
    const long = spelledOut(phrase, short);
    if (long !== null) found.push([long, short]);
  }
  for (const [, name = '', called = ''] of flat.matchAll(CALLED)) if (name.includes(' ')) found.push([name, called]);
  for (const [, called = '', name = ''] of plain.matchAll(MEANS)) if (name.includes(' ')) found.push([name, called]);
  return found;
}

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
