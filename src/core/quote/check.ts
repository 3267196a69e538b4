import { fold, isIdeographic, tokenize } from '../text';
import { HeldSource, type PackedStreams } from './heldSource';
import { findIn, type FindWay } from './find';
import type { PageText } from '../source';
import { quoteWords, type QuoteWords } from './nearest';
import { better, nearestAcrossAsides, nearestPlace, seedsIn, tell, type Candidate } from './nearestPlace';
import { splitParts, trimQuote } from './parts';
import { insertedOutside, placeId, placesOf, placesOfParts, textAt, type FoundPlace } from './places';
import type { Difference, Place, QuoteCheck, QuoteRequest } from './types';
import { Vocabulary } from './words';

/** A quote of fewer words is only held against the cited page. */
const TELLING_WORDS = 4;
/** Cost per word from where on a nearest place may lack what a running head has. */
const WORDS_MISSING = 0.15;
/** Words in brackets and ellipses. */
const INSERTED = /\[[^\]]{2,80}\]|\[?(?:\.\s?){3,}\]?|\[?…\]?/g;

const ABSENT: QuoteCheck = {
  mark: 'absent',
  words: 'absent',
  place: 'none',
  at: null,
  places: [],
  matched: '',
  score: 0,
  differences: [],
  instead: null,
  tooShort: false,
};

/** Ideographs count half, since two make a word about as long as one of ours. */
function wordsIn(quote: string): number {
  return tokenize(quote).reduce((sum, token) => sum + (isIdeographic(token.word) ? 0.5 : 1), 0);
}

/** Holds the pages of documents and checks quotes against them. Page numbers are physical, from 1. */
export class QuoteIndex {
  private readonly sources = new Map<string, HeldSource>();
  private readonly vocabulary = new Vocabulary();

  /** Adds a document without pages; `page` gives those already added by their number. */
  addSource(id: string, page: (number: number) => PageText | null): void {
    this.sources.set(id, new HeldSource(id, this.vocabulary, page));
  }

  /** Takes the next page of a document. Throws RangeError for a document that was not added. */
  addPage(id: string, page: PageText): void {
    this.get(id).addPage(page);
  }

  /** A document's streams as they are stored. Throws RangeError for a document that was not added. */
  pack(id: string): PackedStreams {
    return this.get(id).pack();
  }

  /** Gives a document that has no pages yet its stored streams. Throws RangeError for a document that was not added. */
  unpack(id: string, streams: PackedStreams): void {
    this.get(id).unpack(streams);
  }

  private get(id: string): HeldSource {
    const source = this.sources.get(id);
    if (source === undefined) throw new RangeError(`No document “${id}” was added to this index.`);
    return source;
  }

  removeSource(id: string): void {
    this.sources.delete(id);
  }

  /** Finds the quote and says which words stand where; `among` limits the documents looked at. */
  check(request: QuoteRequest, among?: readonly string[]): QuoteCheck {
    const quote = trimQuote(request.quote);
    const cited = request.sourceId ?? null;
    const sources = [...this.sources.values()].filter(
      (one) => one.id === cited || among === undefined || among.includes(one.id),
    );
    const inOrder = [...sources.filter((one) => one.id === cited), ...sources.filter((one) => one.id !== cited)];
    if (fold(quote).text === '') return ABSENT;
    const found = this.find(inOrder, quote, request);
    const places = found.filter((place) => place.hidden.length === 0);
    const onCited = places.filter((place) => this.isCited(place, request));
    if (wordsIn(quote) < TELLING_WORDS) return this.short(quote, request, places, onCited, inOrder);
    const best = preferred(onCited) ?? preferred(places, request);
    if (best !== undefined) return this.good(best, places, request, quote);
    const dishonest = found.find((place) => this.isCited(place, request)) ?? found[0];
    if (dishonest !== undefined) return this.swallowed(dishonest, request);
    return this.altered(quote, request, inOrder) ?? ABSENT;
  }

  /** Where words stand, document by document in order of place; `among` limits the documents looked at. */
  places(wanted: string, way: FindWay, among?: readonly string[]): Place[] {
    return [...this.sources.values()]
      .filter((source) => among === undefined || among.includes(source.id))
      .flatMap((source) => findIn(source, wanted, way));
  }

  private find(sources: readonly HeldSource[], quote: string, request: QuoteRequest): FoundPlace[] {
    const whole = this.findWhole(sources, quote, request);
    if (whole.length > 0) return whole;
    const parts = splitParts(quote);
    if (parts === null) return [];
    const [only] = parts.pieces;
    if (parts.pieces.length === 1 && only !== undefined)
      return sources.flatMap((source) =>
        placesOf(source, only).map((place) => ({ ...place, exact: false, hidden: insertedOutside(parts) })),
      );
    return sources.flatMap((source) => placesOfParts(source, parts));
  }

  private findWhole(sources: readonly HeldSource[], quote: string, request: QuoteRequest): FoundPlace[] {
    const folded = fold(quote);
    const places = sources.flatMap((source) => placesOf(source, quote, { folded }));
    if (places.length > 0 && (request.page == null || places.some((place) => this.isCited(place, request))))
      return places;
    // Words that go from a line of text into a note or a running head are looked for last: anywhere when nothing was found, else where they are cited.
    const left =
      places.length === 0 ? sources : sources.filter((source) => (request.sourceId ?? source.id) === source.id);
    const known = new Set(places.map((place) => `${place.sourceId} ${placeId(place.spans)}`));
    const across = left.flatMap((source) => placesOf(source, quote, { folded, across: true }));
    return [...places, ...across.filter((place) => !known.has(`${place.sourceId} ${placeId(place.spans)}`))];
  }

  private isCited(place: Place, request: QuoteRequest): boolean {
    if (request.sourceId != null && request.sourceId !== place.sourceId) return false;
    return request.page == null || place.spans.some((span) => span.page === request.page);
  }

  private good(best: FoundPlace, places: readonly FoundPlace[], request: QuoteRequest, quote: string): QuoteCheck {
    const cited = this.isCited(best, request);
    const named = request.page != null || request.sourceId != null;
    const words = best.exact ? 'exact' : 'same';
    return {
      mark: cited ? (best.exact ? 'exact' : 'same-words') : 'elsewhere',
      words,
      place: cited ? (named ? 'cited' : 'uncited') : 'elsewhere',
      at: plain(best),
      places: [best, ...places.filter((one) => one !== best)].map(plain),
      matched: this.textOf(best),
      score: 1,
      differences: [],
      instead: cited ? null : this.instead(quote, request),
      tooShort: false,
    };
  }

  private swallowed(place: FoundPlace, request: QuoteRequest): QuoteCheck {
    return {
      ...ABSENT,
      mark: 'altered',
      words: 'altered',
      place: this.placeOf(place, request),
      at: plain(place),
      matched: this.textOf(place),
      score: 0.9,
      differences: place.hidden,
    };
  }

  private short(
    quote: string,
    request: QuoteRequest,
    places: readonly FoundPlace[],
    onCited: readonly FoundPlace[],
    sources: readonly HeldSource[],
  ): QuoteCheck {
    const best = preferred(request.page == null ? places : onCited);
    if (best !== undefined) return { ...this.good(best, places, request, quote), tooShort: request.page == null };
    const near =
      request.page == null
        ? null
        : this.altered(
            quote,
            request,
            sources.filter((one) => one.id === request.sourceId || request.sourceId == null),
            true,
          );
    return { ...(near ?? ABSENT), places: places.map(plain), tooShort: near === null };
  }

  /** The nearest place with other words: on the cited page first, then anywhere. */
  private altered(
    quote: string,
    request: QuoteRequest,
    sources: readonly HeldSource[],
    onlyCited = false,
  ): QuoteCheck | null {
    const vocabulary = this.vocabularyOf(sources);
    // What stands in brackets may be the quoter's own words, or the page's.
    const readings = [...new Set([quote, quote.replace(INSERTED, ' ')])].map((text) => quoteWords(text, vocabulary));
    let cited: Candidate | null = null;
    let anywhere: Candidate | null = null;
    const sought: { readonly words: QuoteWords; readonly seeds: ReturnType<typeof seedsIn> }[] = [];
    for (const words of readings.filter((reading) => reading.ids.length > 0)) {
      if (request.page != null) {
        const named = sources.filter((one) => request.sourceId == null || one.id === request.sourceId);
        cited = better(cited, nearestPlace(seedsIn(named, words, request.page), words, request.page));
      }
      if (onlyCited) continue;
      const seeds = seedsIn(sources, words, null);
      sought.push({ words, seeds });
      anywhere = better(anywhere, nearestPlace(seeds, words, null));
    }
    // The cited page comes first, unless another place is plainly what was quoted.
    const chosen =
      cited !== null && (anywhere === null || cited.near.distance <= 2.5 * anywhere.near.distance + 0.06)
        ? cited
        : anywhere;
    // Words that no sentence near has may be those of a running head between.
    const apart = chosen === null || chosen.near.distance > WORDS_MISSING;
    const last = (apart ? sought : []).reduce(
      (best, { words, seeds }) => better(best, nearestAcrossAsides(this.vocabulary, sources, words, seeds, request)),
      chosen,
    );
    return last === null ? null : this.told(last, request, quote);
  }

  private told(chosen: Candidate, request: QuoteRequest, quote: string): QuoteCheck {
    const nearest = tell(chosen);
    const place = { sourceId: chosen.source.id, spans: nearest.spans };
    const where = this.placeOf(place, request);
    // Words in brackets that were passed over, and that no honest reading of the quote was found for, are added ones.
    const added = quote.match(INSERTED)?.filter((one) => /[\p{L}\p{N}]/u.test(one)) ?? [];
    const differences: readonly Difference[] =
      nearest.differences.length === 0 && added.length > 0
        ? [{ kind: 'added', expected: '', found: added.join(' '), grave: false }]
        : nearest.differences;
    const differs = differences.length > 0;
    return {
      ...ABSENT,
      mark: differs ? 'altered' : where === 'elsewhere' ? 'elsewhere' : 'same-words',
      words: differs ? 'altered' : 'same',
      place: where,
      at: place,
      places: differs ? [] : [place],
      matched: textAt(chosen.source, place.spans),
      score: Math.max(0, 1 - chosen.near.distance),
      differences,
    };
  }

  /** What the cited page says instead of words that stand elsewhere, where it is close. */
  private instead(quote: string, request: QuoteRequest): QuoteCheck['instead'] {
    const source = request.sourceId == null ? null : (this.sources.get(request.sourceId) ?? null);
    if (source === null || request.page == null) return null;
    const words = quoteWords(quote, this.vocabularyOf([source]));
    const candidate = nearestPlace(seedsIn([source], words, request.page), words, request.page);
    if (candidate === null) return null;
    const { spans, differences } = tell(candidate);
    return { at: { sourceId: source.id, spans }, matched: textAt(source, spans), differences };
  }

  private placeOf(place: Place, request: QuoteRequest): QuoteCheck['place'] {
    if (request.page == null && request.sourceId == null) return 'uncited';
    return this.isCited(place, request) ? 'cited' : 'elsewhere';
  }

  private textOf(place: Place): string {
    const source = this.sources.get(place.sourceId);
    return source === undefined ? '' : textAt(source, place.spans);
  }

  /** The vocabulary with every word of these documents in it: they are only needed once a quote is not found as it stands. */
  private vocabularyOf(sources: readonly HeldSource[]): Vocabulary {
    for (const source of sources) void source.words;
    return this.vocabulary;
  }
}

/** Exact words before same words; among equals the document cited, then the page nearest to the one cited. */
function preferred(places: readonly FoundPlace[], request?: QuoteRequest): FoundPlace | undefined {
  const far = (place: FoundPlace): number => {
    const other = request?.sourceId != null && place.sourceId !== request.sourceId ? 1e6 : 0;
    return other + (request?.page == null ? 0 : Math.abs((place.spans[0]?.page ?? 0) - request.page));
  };
  return [...places].sort((a, b) => Number(b.exact) - Number(a.exact) || far(a) - far(b))[0];
}

function plain({ sourceId, spans }: Place): Place {
  return { sourceId, spans };
}
