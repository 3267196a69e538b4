import { fold, isSpace, tokenize, type Folded } from '../text';
import type { PageText, Span } from '../source';
import { isFigure, isNegation } from './lexicon';
import type { Joint, QuoteParts } from './parts';
import type { KeyStream } from './stream';
import { onWordBounds, sameCharacters } from './stream';
import type { Difference, Place } from './types';

/** A document as the check holds it. */
export interface CheckedSource {
  readonly id: string;
  readonly pages: KeyStream;
  readonly asides: KeyStream;
  readonly flow: KeyStream;
  page(number: number): PageText | null;
}

export interface FoundPlace extends Place {
  readonly exact: boolean;
  /** What an ellipsis or a bracket hides; empty when it is honest. */
  readonly hidden: readonly Difference[];
}

/** Most places of the same words that are told. */
const MOST_PLACES = 200;
/** Folded characters that an ellipsis may leave out at most, about two hundred words, and that a bracket may stand for. */
const ELLIPSIS_REACH = 1_200;
const BRACKET_REACH = 60;

/** The page's own words at a place, a space between pages. */
export function textAt(source: CheckedSource, spans: readonly Span[]): string {
  return spans.map((span) => (source.page(span.page)?.text ?? '').slice(span.start, span.end)).join('\n');
}

/**
 * Every place where the quote's words stand in one document, typography aside: within its running text and within what stands apart from it, or, with
 * `across`, over both in the order of the page, which costs as much again. `folded` is the quote folded.
 */
export function placesOf(
  source: CheckedSource,
  quote: string,
  { folded = fold(quote), across = false }: { readonly folded?: Folded; readonly across?: boolean } = {},
): FoundPlace[] {
  const key = folded.text;
  if (key === '') return [];
  const page = (number: number): PageText | null => source.page(number);
  const places: FoundPlace[] = [];
  const seen = new Set<string>();
  for (const stream of across ? [source.pages] : [source.flow, source.asides]) {
    for (const at of stream.occurrences(key, MOST_PLACES)) {
      const touched = stream.pagesOf(at, at + key.length);
      const spans = takeInMarks(source, stream.spansOf(at, at + key.length, page), folded, quote);
      const id = placeId(spans);
      if (touched.length === 0 || seen.has(id) || !onWordBounds(spans, page)) continue;
      seen.add(id);
      places.push({ sourceId: source.id, spans, exact: sameCharacters(quote, textAt(source, spans)), hidden: [] });
    }
  }
  return places;
}

/** Tells places of one document apart. */
export function placeId(spans: readonly Span[]): string {
  return spans.map((span) => `${span.page}:${span.start}`).join(' ');
}

/** Lengthens a place by the punctuation that the quote has before its first and behind its last word, where the page has it too. */
function takeInMarks(source: CheckedSource, spans: readonly Span[], folded: Folded, quote: string): Span[] {
  const [first, last] = [spans[0], spans.at(-1)];
  if (first === undefined || last === undefined) return [];
  const lead = quote.slice(0, folded.map.startOf(0)).replace(/\s/g, '');
  const tail = quote.slice(folded.map.endOf(folded.map.length - 1)).replace(/\s/g, '');
  const headText = source.page(first.page)?.text ?? '';
  const tailText = source.page(last.page)?.text ?? '';
  let start = first.start;
  for (const char of [...lead].reverse()) {
    let before = start - 1;
    while (isSpace(headText[before])) before -= 1;
    if (headText[before] !== char) break;
    start = before;
  }
  let end = last.end;
  for (const char of tail) {
    let behind = end;
    while (isSpace(tailText[behind])) behind += 1;
    if (tailText[behind] !== char) break;
    end = behind + 1;
  }
  return spans.map((span) => ({
    page: span.page,
    start: span === first ? start : span.start,
    end: span === last ? end : span.end,
  }));
}

/** Places where the pieces of a quote with ellipses or bracketed words stand in order. */
export function placesOfParts(source: CheckedSource, parts: QuoteParts): FoundPlace[] {
  const keys = parts.pieces.map((piece) => fold(piece).text);
  if (keys.some((key) => key === '')) return [];
  const page = (number: number): PageText | null => source.page(number);
  const places: FoundPlace[] = [];
  for (const first of source.flow.occurrences(keys[0] as string, 50)) {
    const stretches = follow(source.flow, keys, first, parts);
    if (stretches === null) continue;
    const pieces = stretches.map((stretch) => source.flow.spansOf(stretch.from, stretch.to, page));
    if (pieces.some((spans) => !onWordBounds(spans, page))) continue;
    const hidden = stretches.slice(1).flatMap((stretch, at) => {
      const gap = source.flow.spansOf((stretches[at] as { to: number }).to, stretch.from, page);
      return hiddenIn(textAt(source, gap), parts.joints[at] as Joint);
    });
    places.push({
      sourceId: source.id,
      spans: pieces.flat(),
      exact: false,
      hidden: [...hidden, ...insertedOutside(parts)],
    });
  }
  return places.sort((a, b) => a.hidden.length - b.hidden.length);
}

function follow(
  stream: KeyStream,
  keys: readonly string[],
  first: number,
  parts: QuoteParts,
): { from: number; to: number }[] | null {
  const stretches = [{ from: first, to: first + (keys[0] as string).length }];
  for (let at = 1; at < keys.length; at += 1) {
    const key = keys[at] as string;
    const behind = (stretches.at(-1) as { to: number }).to;
    const found = stream.indexOf(key, behind);
    const reach = parts.joints[at - 1]?.kind === 'bracket' ? BRACKET_REACH : ELLIPSIS_REACH;
    if (found < 0 || found - behind > reach) return null;
    stretches.push({ from: found, to: found + key.length });
  }
  return stretches;
}

/** What makes a gap dishonest: a negation, an exception or a figure that it swallows or puts in. */
function hiddenIn(gap: string, joint: Joint): Difference[] {
  const inserted = joint.kind === 'bracket' ? tokenize(joint.inserted).map((token) => token.word) : [];
  const swallowed = tokenize(gap)
    .map((token) => ({ word: token.word, printed: gap.slice(token.start, token.end) }))
    .filter(({ word }) => (isNegation(word) || isTelling(word)) && !inserted.includes(word));
  const left: Difference[] = swallowed.map(({ word, printed }) => ({
    kind: isNegation(word) ? 'negation' : 'figure',
    expected: printed,
    found: '',
    grave: true,
  }));
  const gapWords = new Set(tokenize(gap).map((token) => token.word));
  // Brackets that the page has too are its own: what else stands beside them was dropped.
  const own = inserted.length > 0 && inserted.every((word) => gapWords.has(word));
  if (own && gapWords.size > new Set(inserted).size) {
    const beside = tokenize(gap).filter((token) => !inserted.includes(token.word));
    const expected = beside.map((token) => gap.slice(token.start, token.end)).join(' ');
    return [...left, { kind: 'dropped', expected, found: '', grave: false }];
  }
  const put: Difference[] = inserted
    .filter((word) => (isNegation(word) || isTelling(word)) && !gapWords.has(word))
    .map((word) => ({ kind: isNegation(word) ? 'negation' : 'figure', expected: '', found: word, grave: true }));
  return [...left, ...put];
}

/** What brackets before and behind a quote put in that the page does not have. */
export function insertedOutside(parts: QuoteParts): Difference[] {
  return parts.outer.flatMap((joint) => hiddenIn('', joint));
}

/** A number in digits, or a number word that counts; "one" is a pronoun too often. */
function isTelling(word: string): boolean {
  return isFigure(word) && word !== 'one' && word !== '-';
}
