import { tokensOf, type Language } from '../text';
import type { ShelfSource } from './shelf';
import { isDraft, unitsOfPassage, type UnitText } from './shelf';
import type { Equivalent } from './equivalents';
import type { Segment } from './segment';
import { documentFrequency, inverseFrequency, statisticsOf } from './statistics';
import { shareInCommon, termsOf } from './terms';

/** A term that is searched for, with the weight the question gives it. */
export interface QueryTerm {
  readonly term: string;
  readonly weight: number;
  /** Terms that count for it, less, where it does not stand itself. */
  readonly equivalents?: readonly Equivalent[];
}

export interface Hit {
  readonly source: ShelfSource;
  readonly passage: number;
  readonly score: number;
}

/** Okapi BM25 with fields (Robertson and Zaragoza 2009): saturation, length normalisation, weight of the heading field. */
const K1 = 1.1;
const B = 0.45;
const HEADING_WEIGHT = 1.2;
/** How many of the best by words are looked at again for nearness. */
const LOOKED_AT = 48;
const NEAR = 6;
/** Part of its score that a page of contents or an index keeps. */
const CONTENTS_SHARE = 0.35;
/** Part of its score that a passage of a draft keeps, so that what was agreed comes before it. */
const DRAFT_SHARE = 0.95;
/** What the score of a passage is multiplied by for what its units hold: a date where one is asked for, the definition of the term; 1 for nothing. */
export type Worth = (units: readonly UnitText[], language: Language) => number;
/** Of the first ten, how many may come from one document while others have hits too. */
const QUOTA = 7;

/** A term or one of its equivalents with what it is worth. */
interface Variant {
  readonly term: string;
  readonly worth: number;
  /** Its number in each of the documents, -1 where one has it not. */
  readonly numbers: Int32Array;
}

interface WeighedTerm extends QueryTerm {
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

function weighTerms(sources: readonly ShelfSource[], query: readonly QueryTerm[]): WeighedTerm[] {
  const statistics = statisticsOf(sources);
  const variant = (term: string, worth: number): Variant => ({ term, worth, numbers: statistics.numbersOf(term) });
  return query.map((given) => {
    const worth = given.weight * inverseFrequency(sources, given.term);
    const others = searchedBy(sources, given)
      .filter(({ term }) => documentFrequency(sources, term) > 0)
      .map(({ term, share }) => variant(term, share * Math.min(worth, given.weight * inverseFrequency(sources, term))));
    return { ...given, worth, variants: [variant(given.term, worth), ...others] };
  });
}

/** Adds what one spelling of a term, the segment's term `number`, is worth in each passage that holds it; a passage that holds several counts the best of them. */
function addTerm(
  segment: Segment,
  number: number,
  worth: number,
  average: number,
  scores: Float32Array,
  before: Float32Array | null,
): void {
  const end = segment.postingStarts[number + 1] as number;
  for (let at = segment.postingStarts[number] as number; at < end; at += 1) {
    const passage = segment.postingPassages[at] as number;
    const length = 1 - B + (B * (segment.passageWords[passage] as number)) / average;
    const tf = (segment.postingText[at] as number) / length + HEADING_WEIGHT * (segment.postingHeading[at] as number);
    const score = (worth * tf * (K1 + 1)) / (tf + K1);
    const known = before === null ? 0 : (before[passage] as number);
    if (score <= known) continue;
    if (before !== null) before[passage] = score;
    scores[passage] = (scores[passage] as number) + score - known;
  }
}

/** The scores of a document's passages, `at` being its place among all that are asked; null where it holds none of the terms. */
function scoresOf(sources: readonly ShelfSource[], at: number, terms: readonly WeighedTerm[]): Float32Array | null {
  const { segment } = sources[at] as ShelfSource;
  const { average } = statisticsOf(sources);
  let scores: Float32Array | null = null;
  let told = null as Float32Array | null;
  for (const { variants } of terms) {
    const held = variants.filter(({ numbers }) => (numbers[at] as number) >= 0);
    if (held.length === 0) continue;
    scores ??= new Float32Array(segment.passageSections.length);
    if (held.length > 1) told = told?.fill(0) ?? new Float32Array(scores.length);
    const before = held.length > 1 ? told : null;
    for (const { numbers, worth } of held) addTerm(segment, numbers[at] as number, worth, average, scores, before);
  }
  return scores;
}

/** The hits of the highest scores, in order. Ties fall to the earlier source and page, so that the same question gets the same answer. */
function best(hits: readonly Hit[], count: number): Hit[] {
  const top: Hit[] = [];
  for (const hit of hits) {
    if (top.length === count && hit.score <= (top.at(-1)?.score ?? Infinity)) continue;
    let [from, to] = [0, top.length];
    while (from < to) {
      const middle = (from + to) >> 1;
      if ((top[middle] as Hit).score >= hit.score) from = middle + 1;
      else to = middle;
    }
    top.splice(from, 0, hit);
    if (top.length > count) top.pop();
  }
  return top;
}

/** A hit with its units and their text, taken out of the pages once. */
interface Looked {
  readonly hit: Hit;
  readonly units: readonly UnitText[];
}

/** `wanted` has the number of the term that each spelling stands for. Pairs of the question's words that stand near each other add to a passage (sequential dependence, Metzler and Croft 2005). */
function nearness({ hit, units }: Looked, terms: readonly WeighedTerm[], wanted: ReadonlyMap<string, number>): number {
  const { language } = hit.source.segment;
  const seen: { index: number; position: number }[] = [];
  let before = 0;
  for (const { text } of units) {
    for (const { term, position } of termsOf(text, language)) {
      const index = wanted.get(term);
      if (index !== undefined) seen.push({ index, position: before + position });
    }
    before += tokensOf(text).length;
  }
  const pairs = new Map<string, number>();
  for (let at = 1; at < seen.length; at += 1) {
    for (let back = at - 1; back >= 0 && back >= at - 3; back -= 1) {
      const [one, two] = [seen[back] as (typeof seen)[number], seen[at] as (typeof seen)[number]];
      const distance = two.position - one.position;
      if (one.index === two.index || distance > NEAR) continue;
      const inOrder = two.index === one.index + 1 && distance <= 2;
      const [a, b] = [terms[one.index], terms[two.index]] as [WeighedTerm, WeighedTerm];
      const worth = (inOrder ? 0.5 : 0.22) * Math.min(a.worth, b.worth);
      const key = `${Math.min(one.index, two.index)} ${Math.max(one.index, two.index)}`;
      pairs.set(key, Math.max(pairs.get(key) ?? 0, worth));
    }
  }
  const contents = units.filter((unit) => unit.unit.kind === 'contents').length > units.length / 2;
  const sum = hit.score + [...pairs.values()].reduce((total, worth) => total + worth, 0);
  return contents ? sum * CONTENTS_SHARE : sum;
}

/** Share of words that passages of two documents have in common from which on they say the same. */
const TWINS = 0.75;
/** Passages saying the same as a better one that are given besides, at most. */
const MOST_TWINS = 6;

/**
 * The best `count` hits, no more than a quota from one document while others have some; behind them those that say the same as one of them in another document,
 * so that a draft does not take the place of something else, and can still be held against what was agreed.
 */
function withQuota(looked: readonly Looked[], count: number): Hit[] {
  const taken: { readonly hit: Hit; readonly words: ReadonlySet<string> }[] = [];
  const held: Hit[] = [];
  const twins: Hit[] = [];
  const perSource = new Map<string, number>();
  const alone = looked.every(({ hit }) => hit.source === looked[0]?.hit.source);
  for (const { hit, units } of looked) {
    const words = new Set(alone ? [] : units.flatMap(({ text }) => tokensOf(text).map((token) => token.word)));
    const used = perSource.get(hit.source.id) ?? 0;
    const other = taken.find((one) => one.hit.source.id !== hit.source.id && shareInCommon(one.words, words) >= TWINS);
    if (other !== undefined) twins.push(hit);
    else if (used >= QUOTA) held.push(hit);
    else {
      taken.push({ hit, words });
      perSource.set(hit.source.id, used + 1);
    }
    if (taken.length === count) break;
  }
  const first = [...taken.map(({ hit }) => hit), ...held].slice(0, count).sort((a, b) => b.score - a.score);
  return [...first, ...twins.slice(0, MOST_TWINS)];
}

/** Whether a passage may be found at all: false outside the pages and sections that are asked. */
export type Within = (source: ShelfSource, passage: number) => boolean;
const anywhere: Within = () => true;

/** Every passage that may still be among the `most` best by its words, best first. */
function hitsOf(
  sources: readonly ShelfSource[],
  terms: readonly WeighedTerm[],
  most: number,
  within: Within = anywhere,
): Hit[] {
  let hits: Hit[] = [];
  let floor = 0;
  for (const [at, source] of sources.entries()) {
    const scores = scoresOf(sources, at, terms);
    if (scores === null) continue;
    for (let passage = 0; passage < scores.length; passage += 1) {
      const score = scores[passage] as number;
      if (score > floor && within(source, passage)) hits.push({ source, passage, score });
    }
    // Only what can still be among the best is kept, however many the documents.
    if (hits.length <= most) continue;
    hits = best(hits, most);
    floor = (hits.at(-1) as Hit).score;
  }
  return best(hits, most);
}

/** The `count` best passages by their words alone, best first: for looking something up, at a fraction of the cost of a search. */
export function lookUpPassages(sources: readonly ShelfSource[], query: readonly QueryTerm[], count: number): Hit[] {
  return hitsOf(sources, weighTerms(sources, query), count);
}

/**
 * The `count` best passages of all sources, best first, none that holds no term, none that `within` refuses; behind them a few that say the same as one of
 * them. Deterministic.
 */
export function searchPassages(
  sources: readonly ShelfSource[],
  query: readonly QueryTerm[],
  count: number,
  {
    worth = () => 1,
    within = anywhere,
  }: { readonly worth?: Worth | undefined; readonly within?: Within | undefined } = {},
): Hit[] {
  const terms = weighTerms(sources, query);
  const wanted = new Map(
    terms.flatMap(({ variants }, index) => variants.map(({ term }) => [term, index] as const).reverse()),
  );
  const near = hitsOf(sources, terms, LOOKED_AT, within).map((hit): Looked => {
    const looked: Looked = { hit, units: unitsOfPassage(hit.source, hit.passage) };
    const drafted = isDraft(hit.source.name) ? DRAFT_SHARE : 1;
    const held = worth(looked.units, hit.source.segment.language);
    return { ...looked, hit: { ...hit, score: nearness(looked, terms, wanted) * drafted * held } };
  });
  near.sort((a, b) => b.hit.score - a.hit.score);
  return withQuota(near, count);
}
