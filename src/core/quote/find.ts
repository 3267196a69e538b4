import { fold, tokenize } from '../text';
import type { Span } from '../source';
import { placesOf, type CheckedSource } from './places';
import { onWordBounds } from './stream';
import type { Place, QuoteCheck } from './types';

/** How words are looked for: as they are written, one after the other, or all of them near each other in any order. */
export type FindWay = 'phrase' | 'near';

/** Places told of one document, at most. */
export const MOST_FOUND = 200;
/** Folded characters within which all words must stand to be near: some thirty words. */
const NEAR = 170;

function inOrder(places: readonly Place[]): Place[] {
  const at = (place: Place): Span => place.spans[0] as Span;
  return [...places].sort((a, b) => at(a).page - at(b).page || at(a).start - at(b).start);
}

/** The stretch of a flow that holds every word nearest to a place of the first one; null where one is too far. */
function stretchAround(
  source: CheckedSource,
  anchor: number,
  keys: readonly string[],
): { from: number; to: number } | null {
  let [from, to] = [anchor, anchor + (keys[0] as string).length];
  for (const key of keys.slice(1)) {
    let best: number | null = null;
    for (const at of source.flow.occurrences(key, 60, Math.max(0, anchor - NEAR))) {
      if (at > anchor + NEAR) break;
      if (best === null || Math.abs(at - anchor) < Math.abs(best - anchor)) best = at;
    }
    if (best === null) return null;
    from = Math.min(from, best);
    to = Math.max(to, best + key.length);
  }
  return to - from <= NEAR ? { from, to } : null;
}

function placesNear(source: CheckedSource, wanted: string): Place[] {
  const keys = [...new Set(tokenize(wanted).map((token) => fold(token.word).text))].filter((key) => key !== '');
  const [first] = keys;
  if (first === undefined) return [];
  // The longest word is the rarest, as a rule: places are looked for around it.
  keys.sort((a, b) => b.length - a.length);
  const places: Place[] = [];
  let end = -1;
  for (const anchor of source.flow.occurrences(keys[0] as string, 20 * MOST_FOUND)) {
    const stretch = anchor < end ? null : stretchAround(source, anchor, keys);
    if (stretch === null) continue;
    const spans = source.flow.spansOf(stretch.from, stretch.to, (number) => source.page(number));
    if (spans.length === 0 || !onWordBounds(spans, (number) => source.page(number))) continue;
    end = stretch.to;
    places.push({ sourceId: source.id, spans });
    if (places.length >= MOST_FOUND) break;
  }
  return places;
}

/** Where words stand in a document, in order of place, typography aside; at most `MOST_FOUND`. */
export function findIn(source: CheckedSource, wanted: string, way: FindWay): Place[] {
  if (way === 'near') return placesNear(source, wanted);
  const phrase = wanted.trim();
  const places = placesOf(source, phrase);
  return inOrder(places.length > 0 ? places : placesOf(source, phrase, { across: true }))
    .slice(0, MOST_FOUND)
    .map(({ sourceId, spans }) => ({ sourceId, spans }));
}

/** What the check says of words that were read off a place: they stand there. */
export function standsAt(at: Place, printed: string): QuoteCheck {
  const found = { at, places: [at], matched: printed, score: 1, differences: [], instead: null, tooShort: false };
  return { mark: 'exact', words: 'exact', place: 'uncited', ...found };
}
