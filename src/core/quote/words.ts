import { Recent } from '../recent';
import { piecesOf, startAt } from './pieces';
import { isSpace, tokenize } from '../text';
import { isFlow, type Line, type PageText, type Span } from '../source';
import type { ComparedWord } from './differences';

/** Folded words to numbers, shared by all documents of an index. */
export class Vocabulary {
  private readonly numbers = new Map<string, number>();
  private readonly words: string[] = [];

  add(word: string): number {
    let number = this.numbers.get(word);
    if (number === undefined) {
      number = this.words.length;
      this.numbers.set(word, number);
      this.words.push(word);
    }
    return number;
  }

  find(word: string): number {
    return this.numbers.get(word) ?? -1;
  }

  word(number: number): string {
    return this.words[number] ?? '';
  }

  get size(): number {
    return this.words.length;
  }
}

interface Postings {
  readonly starts: Uint32Array;
  readonly positions: Uint32Array;
}

/** A document's words as they are stored: `ids` point into its own `vocabulary`. */
export interface PackedWords {
  readonly vocabulary: readonly string[];
  readonly ids: Uint32Array;
  readonly pageStarts: Uint32Array;
  readonly pageNumbers: Uint32Array;
}

/** Pages whose words' places are kept. */
const PLACED_PAGES = 64;

interface PlacedWord {
  readonly word: string;
  readonly start: number;
  readonly end: number;
}

/** The words of a page's lines of some kind, and where each stands in its text. */
function wordsOf(page: PageText, wanted: (line: Line) => boolean): PlacedWord[] {
  const { text, pieces } = piecesOf(page, wanted);
  let piece = 0;
  return tokenize(text).map(({ word, start, end }) => {
    while (piece + 1 < pieces.length && (pieces[piece + 1] as { at: number }).at <= start) piece += 1;
    let endPiece = piece;
    while (endPiece + 1 < pieces.length && (pieces[endPiece + 1] as { at: number }).at < end) endPiece += 1;
    const shift = (at: number, position: number): number => {
      const home = pieces[at] as { at: number; start: number };
      return home.start + position - home.at;
    };
    return { word, start: shift(piece, start), end: shift(endPiece, end) };
  });
}

/**
 * The words of one document's sentences in reading order. Positions count words from 0; where a word stands is read off its page anew, since that
 * is asked of few.
 */
export class WordStream {
  private ids = new Uint32Array(1024);
  private count = 0;
  private readonly pageStarts: number[] = [];
  private readonly pageNumbers: number[] = [];
  private readonly placed = new Recent<number, readonly PlacedWord[]>(PLACED_PAGES);
  private postings: Postings | null = null;

  /** `page` gives a page by its number; `wanted` tells the lines whose words are taken, those of sentences unless it is given. */
  constructor(
    private readonly vocabulary: Vocabulary,
    private readonly page: (number: number) => PageText | null,
    private readonly wanted: (line: Line) => boolean = isFlow,
  ) {}

  get length(): number {
    return this.count;
  }

  /** The stream as it is stored. */
  pack(): PackedWords {
    const own = new Map<number, number>();
    const ids = this.ids.slice(0, this.count).map((id) => {
      const known = own.get(id) ?? own.size;
      own.set(id, known);
      return known;
    });
    const vocabulary = [...own.keys()].map((id) => this.vocabulary.word(id));
    return { vocabulary, ids, pageStarts: Uint32Array.from(this.pageStarts), pageNumbers: Uint32Array.from(this.pageNumbers) }; // prettier-ignore
  }

  /** Takes the pages of a stored stream, before any other. */
  unpack({ vocabulary, ids, pageStarts, pageNumbers }: PackedWords): void {
    const shared = vocabulary.map((word) => this.vocabulary.add(word));
    this.ids = ids.map((id) => shared[id] as number);
    this.count = ids.length;
    for (const start of pageStarts) this.pageStarts.push(start);
    for (const number of pageNumbers) this.pageNumbers.push(number);
  }

  addPage(page: PageText): void {
    this.pageStarts.push(this.count);
    this.pageNumbers.push(page.number);
    this.postings = null;
    for (const { word } of wordsOf(page, this.wanted)) this.push(this.vocabulary.add(word));
  }

  private push(id: number): void {
    if (this.count === this.ids.length) {
      const longer = new Uint32Array(Math.max(1024, 2 * this.count));
      longer.set(this.ids);
      this.ids = longer;
    }
    this.ids[this.count] = id;
    this.count += 1;
  }

  id(position: number): number {
    return position < this.count ? (this.ids[position] ?? -1) : -1;
  }

  word(position: number): string {
    return this.vocabulary.word(this.id(position));
  }

  /** Positions of a word, in order. */
  positionsOf(id: number): Uint32Array {
    this.postings ??= this.post();
    const { starts, positions } = this.postings;
    if (id < 0 || id + 1 >= starts.length) return new Uint32Array(0);
    return positions.subarray(starts[id], starts[id + 1]);
  }

  /** First and last position + 1 of the words of a page; an empty range when it has none. */
  rangeOfPage(page: number): { from: number; to: number } {
    const at = this.pageNumbers.indexOf(page);
    if (at < 0) return { from: 0, to: 0 };
    return { from: this.pageStarts[at] as number, to: this.pageStarts[at + 1] ?? this.count };
  }

  pageOf(position: number): number {
    return this.pageNumbers[this.pageIndexOf(position)] ?? 0;
  }

  private pageIndexOf(position: number): number {
    return startAt(this.pageStarts, position);
  }

  /** Spans of the words `[from, to)`, one a page. */
  spans(from: number, to: number): Span[] {
    const spans: Span[] = [];
    for (let position = from; position < to; position += 1) {
      const page = this.pageOf(position);
      const { start, end } = this.placeOf(position);
      const last = spans.at(-1);
      if (last?.page === page)
        spans[spans.length - 1] = { page, start: Math.min(last.start, start), end: Math.max(last.end, end) };
      else spans.push({ page, start, end });
    }
    return spans;
  }

  compared(position: number): ComparedWord {
    const text = this.page(this.pageOf(position))?.text ?? '';
    const { word, start, end } = this.placeOf(position);
    return {
      word,
      printed: text
        .slice(start, end)
        .replace(/[-\u2010\u00ad]\s*\n\s*/g, '')
        .replace(/\s+/g, ' '),
      opensSentence: opensSentence(text, start),
    };
  }

  private placeOf(position: number): PlacedWord {
    const at = this.pageIndexOf(position);
    const number = this.pageNumbers[at] ?? 0;
    const words = this.placed.get(number, () => {
      const page = this.page(number);
      return page === null ? [] : wordsOf(page, this.wanted);
    });
    return words[position - (this.pageStarts[at] ?? 0)] ?? { word: this.vocabulary.word(this.id(position)), start: 0, end: 0 }; // prettier-ignore
  }

  private post(): Postings {
    const starts = new Uint32Array(this.vocabulary.size + 1);
    const ids = this.ids.subarray(0, this.count);
    for (const id of ids) starts[id + 1] = (starts[id + 1] as number) + 1;
    for (let at = 1; at < starts.length; at += 1) starts[at] = (starts[at] as number) + (starts[at - 1] as number);
    const next = starts.slice();
    const positions = new Uint32Array(ids.length);
    ids.forEach((id, position) => {
      positions[next[id] as number] = position;
      next[id] = (next[id] as number) + 1;
    });
    return { starts, positions };
  }
}

/** The words of one page, its running heads, folios and notes among them, as a stream of their own. */
export function wholePage(vocabulary: Vocabulary, page: PageText): WordStream {
  const stream = new WordStream(
    vocabulary,
    (number) => (number === page.number ? page : null),
    () => true,
  );
  stream.addPage(page);
  return stream;
}

/** How many of some words stand in a page's running heads, folios and notes. */
export function wordsAside(page: PageText, words: ReadonlySet<string>): number {
  if (page.lines.every(isFlow)) return 0;
  const aside = wordsOf(page, (line) => !isFlow(line)).map(({ word }) => word);
  return new Set(aside.filter((word) => words.has(word))).size;
}

/** True for a word at the start of a text or behind the end of a sentence. */
export function opensSentence(text: string, start: number): boolean {
  let before = start - 1;
  while (before >= 0 && (isSpace(text[before]) || /["“‘'(]/.test(text[before] as string))) before -= 1;
  return before < 0 || /[.!?:;•]/.test(text[before] as string);
}
