import { Recent } from '../recent';
import { fold, stemWord, type Language } from '../text';
import { DEALINGS_GROUPS } from './dealingsGroups';
import { ENGLISH_DERIVATIONS } from './derivations';
import { ENGLISH_GROUPS } from './englishGroups';
import { EVERYDAY_GROUPS } from './everydayGroups';
import { GERMAN_DEALINGS_GROUPS } from './germanDealingsGroups';
import { GERMAN_DERIVATIONS } from './germanDerivations';
import { GERMAN_EVERYDAY_GROUPS } from './germanEverydayGroups';
import { GERMAN_GROUPS } from './germanGroups';
import { GERMAN_PLAIN_GROUPS } from './germanPlainGroups';
import { germanVerbs } from './germanVerbs';
import { JAPANESE_GROUPS } from './japaneseGroups';
import { PLAIN_GROUPS } from './plainGroups';
import { THINGS_GROUPS } from './thingsGroups';
import type { Neighbour, Neighbours } from './neighbours';

const ENGLISH = [ENGLISH_GROUPS, PLAIN_GROUPS, EVERYDAY_GROUPS, THINGS_GROUPS, DEALINGS_GROUPS]
  .map((groups) => groups.trim())
  .join('\n');
const GERMAN = [GERMAN_GROUPS, GERMAN_EVERYDAY_GROUPS, GERMAN_PLAIN_GROUPS, GERMAN_DEALINGS_GROUPS]
  .map((groups) => groups.trim())
  .join('\n');

type Table = ReadonlyMap<string, readonly string[]>;

const tables = new Map<'en' | 'de', Table>();
const derivations = new Map<'en' | 'de', Table>();

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

function groupsIn(lines: string): string[][] {
  return lines
    .trim()
    .split('\n')
    .map((line) => line.trim().split(' '));
}

/** The groups of words of the trade that stand for each other, as they are kept: English ones, then German and Japanese ones. */
export function knownEquivalents(): string[][] {
  return [ENGLISH, GERMAN, JAPANESE_GROUPS].flatMap(groupsIn);
}

let japanese: string[][] | null = null;

/** Groups of words that are looked for in a question as they are written, since its language has no words between spaces. */
export function writtenGroups(language: Language): readonly (readonly string[])[] {
  if (language !== 'ja') return [];
  japanese ??= groupsIn(JAPANESE_GROUPS);
  return japanese;
}

/** A term that counts for another, and what part of the other's weight it brings where that does not stand itself. */
export interface Equivalent {
  readonly term: string;
  readonly share: number;
  /** True for a word that is merely used like it: it counts only where the documents hardly hold the word itself. */
  readonly loose?: boolean;
  /** True for a word that a dictionary explains it by, or that it explains. */
  readonly told?: boolean;
  /** True for a word of the same root. */
  readonly root?: boolean;
}

/** What another word of the same root counts against the word asked for: it says the same. */
const ROOT_SHARE = 0.85;
/** What an equivalent of the trade counts against the word asked for, and what a word that is merely used like it counts, times its likeness. */
const TRADE_SHARE = 0.5;
const NEIGHBOUR_SHARE = 0.6;
/** What a word that means alike counts, times how much alike; and how much alike it must mean to count in an answer, not in a search alone. */
const SYNONYM_SHARE = 0.7;
const FIRM = 0.25;

/** A word that says "not" by its beginning, "unregistered": its clause may say it with "not" and the plain word. */
const UNDONE = /^(?:un|non)(?=\p{L}{4})/u;
const UNDONE_SHARE = 0.6;
/** A word that says "again", "recharge", which is told by the plain word as well; other words only begin so. */
const AGAIN = /^re(?!cover|present|search|source|spons|quest|strict|spect|flect)(?=\p{L}{5})/u;

/** Those of a list whose terms are not known yet; they are then. */
function notKnown<One extends { readonly term: string }>(list: readonly One[], known: Set<string>): One[] {
  const fresh = list.filter(({ term }) => !known.has(term));
  for (const { term } of fresh) known.add(term);
  return fresh;
}

interface Meaning extends Neighbour {
  readonly told: boolean;
}

/** What dictionaries give for a term, the likest first: words that mean alike, and those that explain it, each as much alike as either says. */
function meaning(term: string, language: 'en' | 'de', neighbours: Neighbours | null): Meaning[] {
  const found = new Map<string, Meaning>();
  for (const one of neighbours?.synonymsOf(term, language) ?? []) found.set(one.term, { ...one, told: false });
  for (const one of language === 'en' ? (neighbours?.explainedBy(term) ?? []) : []) {
    const known = found.get(one.term);
    if (known === undefined) found.set(one.term, { ...one, told: true });
    else if (known.likeness < one.likeness) found.set(one.term, { ...known, likeness: one.likeness });
  }
  return [...found.values()].sort((a, b) => b.likeness - a.likeness);
}

function standIn({ term, likeness, told }: Meaning): Equivalent {
  return { term, share: SYNONYM_SHARE * likeness, ...(told ? { told } : {}) };
}

/** Terms whose equivalents are remembered: the parts of a question and those that follow it use the same ones. */
const TERMS = 2_000;

/** What was found last with some words that may stand for others, and of which edition of theirs. */
interface Found {
  readonly editions: number;
  readonly terms: Recent<string, readonly Equivalent[]>;
}

const found = new WeakMap<Neighbours, Found>();
const withoutNeighbours: Found = { editions: 0, terms: new Recent(TERMS) };

function foundWith(neighbours: Neighbours | null): Found {
  if (neighbours === null) return withoutNeighbours;
  const known = found.get(neighbours);
  if (known?.editions === neighbours.editions) return known;
  const fresh = { editions: neighbours.editions, terms: new Recent<string, readonly Equivalent[]>(TERMS) };
  found.set(neighbours, fresh);
  return fresh;
}

/**
 * Search terms that may stand for a term, none of them the term itself nor told twice: words of its root, equivalents of the trade, words that mean alike, words
 * that explain it, then those merely used like it.
 */
export function equivalentsOf(
  term: string,
  language: Language,
  neighbours: Neighbours | null = null,
): readonly Equivalent[] {
  const own = language === 'und' ? 'en' : language;
  if (own !== 'en' && own !== 'de') return [];
  return foundWith(neighbours).terms.get(`${own} ${term}`, () => findEquivalents(term, own, neighbours));
}

/** Callings by the ends of their stems, to which German adds "in", or "erin" where the stemmer took "er" away. */
const CALLING = /(?:wart|eur|ist|ent|ant|chef|wirt|anwalt)$/;
const CALLING_IN_ER = /(?:meist|leit|fuhr|pruf|vertret|sprech|vorsteh|verwalt)$/;

/** A German calling in the other sex, by its stem: "Hallenwartin" of "Hallenwart", and back. */
function otherSex(term: string): string[] {
  const plain = term.replace(/(?:er)?in$/, '');
  if (plain !== term) return CALLING.test(plain) || CALLING_IN_ER.test(plain) ? [plain] : [];
  return CALLING.test(term) ? [`${term}in`] : CALLING_IN_ER.test(term) ? [`${term}erin`] : [];
}

function findEquivalents(term: string, own: 'en' | 'de', neighbours: Neighbours | null): Equivalent[] {
  const table = tables.get(own) ?? build(own === 'en' ? ENGLISH : GERMAN, own);
  tables.set(own, table);
  // German forms that the stemmer leaves apart, "verbraucht", are found by the verb.
  const known =
    table.get(term) ?? (own === 'de' ? table.get(term.replace(/^ge(?=.{4,}t$)/, '').replace(/e?t$/, '')) : undefined);
  const trade = (known ?? []).map((one) => ({ term: one, share: TRADE_SHARE }));
  const alike = meaning(term, own, neighbours);
  const firm = alike.filter(({ likeness }) => likeness >= FIRM).map((one) => standIn(one));
  const told = new Set([term]);
  const sameRoot =
    derivations.get(own) ??
    build(own === 'en' ? ENGLISH_DERIVATIONS : `${GERMAN_DERIVATIONS.trim()}\n${germanVerbs()}`, own);
  derivations.set(own, sameRoot);
  const roots = (sameRoot.get(term) ?? []).map((one) => ({ term: one, share: ROOT_SHARE, root: true }));
  if (own === 'de') {
    const persons = otherSex(term).map((one) => ({ term: one, share: ROOT_SHARE, root: true }));
    return [roots, persons, trade, firm].flatMap((list: readonly Equivalent[]) => notKnown(list, told));
  }
  // "Stored" finds "kept" by "keep".
  const forms = [...trade, ...firm].flatMap(({ term: one, share }) =>
    (sameRoot.get(one) ?? []).map((form) => ({ term: form, share: share * ROOT_SHARE })),
  );
  const plain = [UNDONE, AGAIN].filter((one) => one.test(term)).map((one) => term.replace(one, ''));
  const positive = plain.map((one) => ({ term: one, share: UNDONE_SHARE }));
  const used = (neighbours?.of(term) ?? []).map(({ term: one, likeness }) => ({
    term: one,
    share: NEIGHBOUR_SHARE * likeness,
    loose: true,
  }));
  const faint = alike.map((one) => ({ ...standIn(one), loose: true }));
  return [roots, positive, trade, firm, forms, used, faint].flatMap((list: readonly Equivalent[]) =>
    notKnown(list, told),
  );
}
