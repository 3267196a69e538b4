import type { Language } from '../text';
import { weighTerms, type QueryTerm, type WeighedTerm } from './queryTerms';
import { anywhere, hitsOf, type Hit, type Within } from './scores';
import { unitKindAt } from './segment';
import { isDraft, unitsOfPassage, type ShelfSource, type UnitText } from './shelf';
import { shareInCommon } from './terms';

/** How many of the best by words are looked at again for nearness. */
const LOOKED_AT = 48;
const NEAR = 6;
/** What two of a question's words near each other are worth, of the lesser of the two: in order side by side, or otherwise. */
const IN_ORDER = 0.5;
const NEARBY = 0.22;
/** Part of its score that a page of contents or an index keeps. */
const CONTENTS_SHARE = 0.35;
/** Part of its score that a passage of a draft keeps, so that what was agreed comes before it. */
const DRAFT_SHARE = 0.95;
/** What the score of a passage is multiplied by for what its units hold: a date where one is asked for, the definition of the term; 1 for nothing. */
export type Worth = (units: readonly UnitText[], language: Language) => number;
/** Of the first ten, how many may come from one document while others have hits too. */
const QUOTA = 7;

/** For each of a document's terms that a question is searched by, which of the question's terms it stands for. */
function wantedIn(terms: readonly WeighedTerm[], at: number): ReadonlyMap<number, number> {
  return new Map(
    terms.flatMap(({ variants }, index) => variants.map(({ numbers }) => [numbers[at] as number, index] as const).reverse()), // prettier-ignore
  );
}

/** What pairs of the question's words that stand near each other add to a passage (sequential dependence, Metzler and Croft 2005). */
function nearness(
  { source: { segment }, passage }: Hit,
  terms: readonly WeighedTerm[],
  wanted: ReadonlyMap<number, number>,
): number {
  const { passageTerms, termsInOrder, termSteps } = segment;
  const seen: { readonly index: number; readonly position: number }[] = [];
  const best = new Float64Array(terms.length * terms.length);
  let position = 0;
  for (let at = passageTerms[passage] as number; at < (passageTerms[passage + 1] as number); at += 1) {
    position += termSteps[at] as number;
    const index = wanted.get(termsInOrder[at] as number);
    if (index === undefined) continue;
    for (const one of seen) {
      const distance = position - one.position;
      if (one.index === index || distance > NEAR) continue;
      const share = index === one.index + 1 && distance <= 2 ? IN_ORDER : NEARBY;
      const worth = share * Math.min((terms[one.index] as WeighedTerm).worth, (terms[index] as WeighedTerm).worth);
      const pair = Math.min(one.index, index) * terms.length + Math.max(one.index, index);
      best[pair] = Math.max(best[pair] as number, worth);
    }
    seen.push({ index, position });
    if (seen.length > 3) seen.shift();
  }
  return best.reduce((sum, worth) => sum + worth, 0);
}

function isContents({ source: { segment }, passage }: Hit): boolean {
  const [from, to] = [segment.passageUnits[passage] as number, segment.passageUnits[passage + 1] as number];
  let contents = 0;
  for (let unit = from; unit < to; unit += 1) if (unitKindAt(segment, unit) === 'contents') contents += 1;
  return contents > (to - from) / 2;
}

/** Share of words that passages of two documents have in common from which on they say the same. */
const TWINS = 0.75;
/** Passages saying the same as a better one that are given besides, at most. */
const MOST_TWINS = 6;

function wordsOf({ source: { segment }, passage }: Hit): ReadonlySet<string> {
  const { vocabulary, termsInOrder, passageTerms } = segment;
  const terms = termsInOrder.subarray(passageTerms[passage], passageTerms[passage + 1]);
  return new Set(Array.from(terms, (term) => vocabulary[term] as string));
}

/**
 * The best `count` hits, no more than a quota from one document while others have some; behind them those that say the same as one of them in another document,
 * so that a draft does not take the place of something else, and can still be held against what was agreed.
 */
function withQuota(hits: readonly Hit[], count: number): Hit[] {
  const taken: { readonly hit: Hit; readonly words: ReadonlySet<string> }[] = [];
  const held: Hit[] = [];
  const twins: Hit[] = [];
  const perSource = new Map<string, number>();
  const alone = hits.every(({ source }) => source === hits[0]?.source);
  for (const hit of hits) {
    const words = alone ? new Set<string>() : wordsOf(hit);
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
  { worth, within = anywhere }: { readonly worth?: Worth | undefined; readonly within?: Within | undefined } = {},
): Hit[] {
  const terms = weighTerms(sources, query);
  const places = new Map(sources.map((source, at) => [source, at]));
  const wanted = new Map<ShelfSource, ReadonlyMap<number, number>>();
  const wantedOf = (source: ShelfSource): ReadonlyMap<number, number> => {
    const known = wanted.get(source) ?? wantedIn(terms, places.get(source) as number);
    wanted.set(source, known);
    return known;
  };
  const near = hitsOf(sources, terms, LOOKED_AT, within).map((hit): Hit => {
    const { source, passage } = hit;
    const shown = isContents(hit) ? CONTENTS_SHARE : 1;
    const drafted = isDraft(source.name) ? DRAFT_SHARE : 1;
    const held = worth === undefined ? 1 : worth(unitsOfPassage(source, passage), source.segment.language);
    return { ...hit, score: (hit.score + nearness(hit, terms, wantedOf(source))) * shown * drafted * held };
  });
  near.sort((a, b) => b.score - a.score);
  return withQuota(near, count);
}
