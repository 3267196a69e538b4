import type { WeighedTerm } from './queryTerms';
import type { Segment } from './segment';
import type { ShelfSource } from './shelf';
import { statisticsOf } from './statistics';

/** A passage of a document, by its number, with what it is worth for a question. */
export interface Hit {
  readonly source: ShelfSource;
  readonly passage: number;
  readonly score: number;
}

/** Whether a passage may be found at all: false outside the pages and sections that are asked. */
export type Within = (source: ShelfSource, passage: number) => boolean;
export const anywhere: Within = () => true;

/** Okapi BM25 with fields (Robertson and Zaragoza 2009): saturation, length normalisation, weight of the heading field. */
const K1 = 1.1;
const B = 0.45;
const HEADING_WEIGHT = 1.2;

/** What each passage's count of a term is multiplied by for its length, over an average; kept with the segment. */
const lengths = new WeakMap<Segment, { readonly average: number; readonly shares: Float32Array }>();

function lengthShares(segment: Segment, average: number): Float32Array {
  const known = lengths.get(segment);
  if (known?.average === average) return known.shares;
  const shares = Float32Array.from(segment.passageWords, (words) => 1 / (1 - B + (B * words) / average));
  lengths.set(segment, { average, shares });
  return shares;
}

/** Adds what one spelling of a term, the segment's term `number`, is worth in each passage that holds it; a passage that holds several counts the best of them. */
function addTerm(
  { postingStarts, postingPassages, postingText, postingHeading }: Segment,
  number: number,
  worth: number,
  shares: Float32Array,
  scores: Float32Array,
  before: Float32Array,
): void {
  const end = postingStarts[number + 1] as number;
  const most = worth * (K1 + 1);
  for (let at = postingStarts[number] as number; at < end; at += 1) {
    const passage = postingPassages[at] as number;
    const tf = (postingText[at] as number) * (shares[passage] as number) + HEADING_WEIGHT * (postingHeading[at] as number); // prettier-ignore
    const score = (most * tf) / (tf + K1);
    const known = before[passage] as number;
    if (score <= known) continue;
    before[passage] = score;
    scores[passage] = (scores[passage] as number) + score - known;
  }
}

/** The scores of a document's passages, `at` being its place among all that are asked; null where it holds none of the terms. */
function scoresOf(sources: readonly ShelfSource[], at: number, terms: readonly WeighedTerm[]): Float32Array | null {
  const { segment } = sources[at] as ShelfSource;
  const told = terms
    .map(({ variants }) => variants.filter(({ numbers }) => (numbers[at] as number) >= 0))
    .filter((held) => held.length > 0);
  if (told.length === 0) return null;
  const shares = lengthShares(segment, statisticsOf(sources).average);
  const [scores, before] = [new Float32Array(shares.length), new Float32Array(shares.length)];
  for (const held of told) {
    before.fill(0);
    for (const { numbers, worth } of held) addTerm(segment, numbers[at] as number, worth, shares, scores, before);
  }
  return scores;
}

/** The `most` best passages by their words alone, best first. Ties fall to the earlier source and page, so that the same question gets the same answer. */
export function hitsOf(
  sources: readonly ShelfSource[],
  terms: readonly WeighedTerm[],
  most: number,
  within: Within = anywhere,
): Hit[] {
  const top: Hit[] = [];
  /** What a score must be above to be among the best so far. */
  let floor = 0;
  for (const [at, source] of sources.entries()) {
    const scores = scoresOf(sources, at, terms);
    if (scores === null) continue;
    for (let passage = 0; passage < scores.length; passage += 1) {
      const score = scores[passage] as number;
      if (score <= floor || !within(source, passage)) continue;
      let [from, to] = [0, top.length];
      while (from < to) {
        const middle = (from + to) >> 1;
        if ((top[middle] as Hit).score >= score) from = middle + 1;
        else to = middle;
      }
      top.splice(from, 0, { source, passage, score });
      if (top.length > most) top.pop();
      if (top.length === most) floor = (top[most - 1] as Hit).score;
    }
  }
  return top;
}
