import { tokenize } from '../text';
import type { Span } from '../source';
import { alignWords, nearWords, type Step } from './align';
import { describeDifferences, type ComparedWord } from './differences';
import type { Difference } from './types';
import { opensSentence, type Vocabulary, type WordStream } from './words';

/** The nearest place of a quote in one document. */
export interface Nearest {
  /** Its words in the document's stream, `[from, to)`. */
  readonly from: number;
  readonly to: number;
  /** How the quote's words pair with them, counted from the first. */
  readonly steps: readonly Step[];
  /** Weighted share of the quote's words that stand there in order, 0 to 1: rare words count more than common ones. */
  readonly likeness: number;
  /** Cost of the alignment in words, per word of the quote. */
  readonly distance: number;
}

/** A nearest place as it is told. */
export interface Told {
  readonly spans: readonly Span[];
  readonly differences: readonly Difference[];
}

export interface QuoteWords {
  readonly ids: readonly number[];
  readonly words: readonly ComparedWord[];
}

const BUCKET = 8;
/** Postings looked at for one quote in one document, the rarest words first: once this many words have voted, no more than this part of the document's. */
const VOTERS = 6;
const WORK = 0.06;
const CANDIDATES = 5;

export function quoteWords(quote: string, vocabulary: Vocabulary): QuoteWords {
  const tokens = tokenize(quote);
  return {
    ids: tokens.map((token) => vocabulary.find(token.word)),
    words: tokens.map((token) => ({
      word: token.word,
      printed: quote.slice(token.start, token.end),
      opensSentence: opensSentence(quote, token.start),
    })),
  };
}

function weightOf(stream: WordStream, id: number): number {
  const count = id < 0 ? 0 : stream.positionsOf(id).length;
  return Math.log(1 + stream.length / (1 + count));
}

/** A stretch of a document where a quote's words gather: its first position, and the weight of the words that meet there. */
export interface Seed {
  readonly at: number;
  readonly score: number;
}

/**
 * Where the quote's words gather on one diagonal, best first: seeds in the manner of Altschul et al. 1990, voted by rarity. In the whole document, or on
 * one page when `only` names it.
 */
export function findSeeds(stream: WordStream, quote: QuoteWords, only: number | null): Seed[] {
  const { from, to } = only === null ? { from: 0, to: stream.length } : stream.rangeOfPage(only);
  if (to <= from) return [];
  const length = quote.ids.length;
  const buckets = Math.ceil((to - from + length) / BUCKET) + 2;
  const votes = emptyVotes(buckets);
  const order = quote.ids
    .map((id, at) => ({ id, at, count: id < 0 ? 0 : stream.positionsOf(id).length }))
    .filter((word) => word.count > 0)
    .sort((a, b) => a.count - b.count);
  let work = 0;
  let voters = 0;
  for (const { id, at, count } of order) {
    work += count;
    if (voters >= VOTERS && work > WORK * stream.length) break;
    voters += 1;
    const weight = weightOf(stream, id);
    const positions = stream.positionsOf(id);
    const shift = length - at - from;
    for (let nth = 0; nth < positions.length; nth += 1) {
      const position = positions[nth] as number;
      if (position < from || position >= to) continue;
      const bucket = ((position + shift) / BUCKET) | 0;
      votes[bucket] = (votes[bucket] as number) + weight;
    }
  }
  return bestBuckets(votes, buckets).map(({ bucket, score }) => ({ at: bucket * BUCKET + from - length, score }));
}

/** The buckets that gather most with the one behind them, no two next to each other. The loop over them all captures nothing, which would cost six times as much. */
function bestBuckets(votes: Float32Array, length: number): { bucket: number; score: number }[] {
  const best: { bucket: number; score: number }[] = [];
  let floor = 0;
  const consider = (bucket: number, score: number): void => {
    if (best.some((one) => Math.abs(one.bucket - bucket) < 2 && one.score >= score)) return;
    best.push({ bucket, score });
    best.sort((a, b) => b.score - a.score);
    if (best.length > CANDIDATES) best.pop();
    if (best.length === CANDIDATES) floor = (best.at(-1) as { score: number }).score;
  };
  let before = votes[0] ?? 0;
  for (let bucket = 1; bucket < length; bucket += 1) {
    const here = votes[bucket] as number;
    if (before + here > floor) consider(bucket - 1, before + here);
    before = here;
  }
  return best;
}

/** Votes are counted in one array that is used again: a fresh one for each quote and document costs more than the counting. */
let counted = new Float32Array(1 << 14);

function emptyVotes(length: number): Float32Array {
  if (counted.length < length) counted = new Float32Array(2 * length);
  counted.fill(0, 0, length);
  return counted;
}

/** The nearest place around a seed, aligned word by word; null when no word pairs. */
export function alignAt(stream: WordStream, quote: QuoteWords, seed: Seed): Nearest | null {
  const length = quote.ids.length;
  const slack = Math.min(120, 14 + Math.ceil(length * 0.6));
  const from = Math.max(0, seed.at - slack);
  const to = Math.min(stream.length, seed.at + BUCKET * 2 + length + slack);
  const words = Array.from({ length: to - from }, (_, at) => stream.word(from + at));
  const ids = words.map((_, at) => stream.id(from + at));
  const same = (q: number, p: number): boolean => quote.ids[q] === ids[p];
  const near = (q: number, p: number): boolean => nearWords((quote.words[q] as ComparedWord).word, words[p] as string);
  const { steps, cost } = alignWords(length, to - from, same, near);
  const paired = steps.filter((step) => step.quote >= 0 && step.page >= 0);
  const [first, last] = [paired[0], paired.at(-1)];
  if (first === undefined || last === undefined) return null;
  return {
    from: from + first.page,
    to: from + last.page + 1,
    steps: trimSteps(steps).map((step) => (step.page < 0 ? step : { ...step, page: step.page - first.page })),
    likeness: likeness(stream, quote, steps, same, near),
    distance: cost / length,
  };
}

/** Where a nearest place stands, and what differs there: its words are only read off their pages for a place that is told. */
export function tellNearest(stream: WordStream, quote: QuoteWords, { from, to, steps }: Nearest): Told {
  const words: ComparedWord[] = [];
  for (let position = from; position < to; position += 1) words.push(stream.compared(position));
  return { spans: stream.spans(from, to), differences: describeDifferences(steps, quote.words, words) };
}

/** Page words before the first and behind the last pair belong to no difference. */
function trimSteps(steps: readonly Step[]): readonly Step[] {
  const first = steps.findIndex((step) => step.quote >= 0);
  const last = steps.findLastIndex((step) => step.quote >= 0);
  return steps.slice(first, last + 1);
}

function likeness(
  stream: WordStream,
  quote: QuoteWords,
  steps: readonly Step[],
  same: (q: number, p: number) => boolean,
  near: (q: number, p: number) => boolean,
): number {
  const weights = quote.ids.map((id) => 1 + weightOf(stream, id));
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  let met = 0;
  for (const step of steps) {
    if (step.quote < 0 || step.page < 0) continue;
    const share = same(step.quote, step.page) ? 1 : near(step.quote, step.page) ? 0.6 : 0;
    met += share * (weights[step.quote] as number);
  }
  return total === 0 ? 0 : met / total;
}
