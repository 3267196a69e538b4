import type { HeldSource } from './heldSource';
import { alignAt, findSeeds, tellNearest, type Nearest, type QuoteWords, type Seed, type Told } from './nearest';
import type { QuoteRequest } from './types';
import { wholePage, wordsAside, type Vocabulary, type WordStream } from './words';

/** Beyond this cost per word, or below this likeness, the nearest place is not the quote's. Absent quotes differ in 30% of their words or more. */
const ALTERED_DISTANCE = 0.36;
const ALTERED_LIKENESS = 0.6;

/** Places that are aligned for one quote, and what part of the strongest one's votes a further one needs. */
const ALIGNED = 6;
const STRONG_ENOUGH = 0.35;
/** Cost per word of a place that is plainly meant; then only stretches that gather about as much are looked at further. */
const PLAINLY = 0.14;
const AS_STRONG = 0.75;
/** Likeliest stretches whose pages are read with their running heads, and words of these that a quote must have. */
const PAGES_ACROSS = 3;
const WORDS_ASIDE = 2;

/** A document's nearest place for some words. */
export interface Candidate {
  readonly source: HeldSource;
  /** The words it was aligned with. */
  readonly stream: WordStream;
  readonly words: QuoteWords;
  readonly near: Nearest;
}

/** True when a place has words on a page. */
function touches({ words }: HeldSource, { from, to }: Nearest, page: number): boolean {
  const range = words.rangeOfPage(page);
  return from < range.to && range.from < to;
}

/** Where a nearest place stands, and what differs there. */
export function tell({ stream, words, near }: Candidate): Told {
  return tellNearest(stream, words, near);
}

/** The nearer of two places, the first where they are as near. */
export function better(one: Candidate | null, two: Candidate | null): Candidate | null {
  if (one === null || two === null) return one ?? two;
  return two.near.distance < one.near.distance ? two : one;
}

/** A stretch of a document where a quote's words gather. */
interface Seeded {
  readonly source: HeldSource;
  readonly seed: Seed;
}

/** Where a quote's words gather in documents, the strongest first; on one page when it is named. */
export function seedsIn(sources: readonly HeldSource[], words: QuoteWords, page: number | null): Seeded[] {
  return sources
    .flatMap((source) => findSeeds(source.words, words, page).map((seed) => ({ source, seed })))
    .sort((a, b) => b.seed.score - a.seed.score);
}

/** The nearest place around some seeds, on one page when it is named; null when none is close enough. */
export function nearestPlace(seeds: readonly Seeded[], words: QuoteWords, page: number | null): Candidate | null {
  const strongest = seeds[0]?.seed.score ?? 0;
  let best: Candidate | null = null;
  for (const { source, seed } of seeds.slice(0, ALIGNED)) {
    const enough = best !== null && best.near.distance < PLAINLY ? AS_STRONG : STRONG_ENOUGH;
    if (seed.score < enough * strongest) break;
    const near = alignAt(source.words, words, seed);
    if (near === null || isFar(near)) continue;
    if (page !== null && !touches(source, near, page)) continue;
    best = better(best, { source, stream: source.words, words, near });
  }
  return best;
}

/** The nearest place on the pages likeliest meant, their running heads, folios and notes read with the rest; pages where the quote has no words of these are passed over. */
export function nearestAcrossAsides(
  vocabulary: Vocabulary,
  sources: readonly HeldSource[],
  words: QuoteWords,
  seeds: readonly Seeded[],
  { sourceId, page }: QuoteRequest,
): Candidate | null {
  let best: Candidate | null = null;
  const own = new Set(words.words.map(({ word }) => word));
  const named = page == null ? [] : sources.filter(({ id }) => (sourceId ?? id) === id).map((source) => ({ source, number: page })); // prettier-ignore
  const likely = seeds.slice(0, PAGES_ACROSS).flatMap(({ source, seed: { at } }) => {
    const ends = [Math.max(0, at), Math.min(source.words.length - 1, at + words.ids.length)];
    return ends.map((position) => ({ source, number: source.words.pageOf(position) }));
  });
  const pages = new Map([...named, ...likely].map((one) => [`${one.source.id} ${one.number}`, one]));
  for (const { source, number } of pages.values()) {
    const text = source.page(number);
    if (text === null || wordsAside(text, own) < WORDS_ASIDE) continue;
    const stream = wholePage(vocabulary, text);
    for (const seed of findSeeds(stream, words, null)) {
      const near = alignAt(stream, words, seed);
      if (near === null || isFar(near)) continue;
      best = better(best, { source, stream, words, near });
    }
  }
  return best;
}

function isFar({ distance, likeness }: Nearest): boolean {
  return distance > ALTERED_DISTANCE || likeness < ALTERED_LIKENESS;
}
