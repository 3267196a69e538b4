import { fold, stemWord, type Language } from '../text';
import { ENGLISH_DERIVATIONS } from './derivations';
import { ENGLISH_GROUPS } from './englishGroups';
import { GERMAN_GROUPS } from './germanGroups';
import type { Neighbours } from './neighbours';

type Table = ReadonlyMap<string, readonly string[]>;

const tables = new Map<'en' | 'de', Table>();
let derivations: Table | null = null;

function build(groups: string, language: 'en' | 'de'): Table {
  const found = new Map<string, string[]>();
  for (const line of groups.trim().split('\n')) {
    const stems = [...new Set(line.split(' ').map((word) => stemWord(fold(word).text, language)))];
    for (const stem of stems) {
      const others = stems.filter((other) => other !== stem);
      found.set(stem, [...new Set([...(found.get(stem) ?? []), ...others])]);
    }
  }
  return found;
}

/** The groups of words of the trade that stand for each other, as they are kept: English ones, then German ones. */
export function knownEquivalents(): string[][] {
  return [ENGLISH_GROUPS, GERMAN_GROUPS].flatMap((groups) =>
    groups
      .trim()
      .split('\n')
      .map((line) => line.trim().split(' ')),
  );
}

/** A term that counts for another, and what part of the other's weight it brings where that does not stand itself. */
export interface Equivalent {
  readonly term: string;
  readonly share: number;
  /** True for a word that is merely used like it: it counts only where the documents hardly hold the word itself. */
  readonly loose?: boolean;
}

/** What another word of the same root counts against the word asked for: it says the same. */
const ROOT_SHARE = 0.85;
/** What an equivalent of the trade counts against the word asked for, and what a word that is merely used like it counts, times its likeness. */
const TRADE_SHARE = 0.5;
const NEIGHBOUR_SHARE = 0.6;

/** Search terms that may stand for a term, none of them the term itself: equivalents of the trade, then words used like it. */
export function equivalentsOf(term: string, language: Language, neighbours: Neighbours | null = null): Equivalent[] {
  const own = language === 'und' ? 'en' : language;
  if (own !== 'en' && own !== 'de') return [];
  const table = tables.get(own) ?? build(own === 'en' ? ENGLISH_GROUPS : GERMAN_GROUPS, own);
  tables.set(own, table);
  const trade = table.get(term) ?? [];
  derivations ??= build(ENGLISH_DERIVATIONS, 'en');
  const derived = own === 'en' ? (derivations.get(term) ?? []) : [];
  const known = new Set([...trade, ...derived]);
  const used = (own === 'en' ? (neighbours?.of(term) ?? []) : []).filter((one) => !known.has(one.term));
  return [
    ...derived.map((one) => ({ term: one, share: ROOT_SHARE })),
    ...trade.filter((one) => !derived.includes(one)).map((one) => ({ term: one, share: TRADE_SHARE })),
    ...used.map(({ term: one, likeness }) => ({ term: one, share: NEIGHBOUR_SHARE * likeness, loose: true })),
  ];
}
