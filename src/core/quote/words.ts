import { isSpace, tokenize } from '../text';
import { isFlow, type Page, type Span } from '../source';
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

/** The words of one document's sentences in reading order, with where each stands. Positions count words from 0. */
export class WordStream {
  private readonly ids: number[] = [];
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];
  private readonly pageStarts: number[] = [];
  private readonly pageNumbers: number[] = [];
  private postings: Postings | null = null;

  constructor(private readonly vocabulary: Vocabulary) {}

  get length(): number {
    return this.ids.length;
  }

  addPage(page: Page): void {
    this.pageStarts.push(this.ids.length);
    this.pageNumbers.push(page.number);
    this.postings = null;
    let text = '';
    const pieces: { at: number; start: number }[] = [];
    for (const line of page.lines) {
      if (!isFlow(line)) continue;
      pieces.push({ at: text.length, start: line.start });
      text += `${page.text.slice(line.start, line.end)}\n`;
    }
    let piece = 0;
    for (const token of tokenize(text)) {
      while (piece + 1 < pieces.length && (pieces[piece + 1] as { at: number }).at <= token.start) piece += 1;
      let endPiece = piece;
      while (endPiece + 1 < pieces.length && (pieces[endPiece + 1] as { at: number }).at < token.end) endPiece += 1;
      const shift = (at: number, position: number): number => {
        const home = pieces[at] as { at: number; start: number };
        return home.start + position - home.at;
      };
      this.ids.push(this.vocabulary.add(token.word));
      this.starts.push(shift(piece, token.start));
      this.ends.push(shift(endPiece, token.end));
    }
  }

  id(position: number): number {
    return this.ids[position] ?? -1;
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
    return { from: this.pageStarts[at] as number, to: this.pageStarts[at + 1] ?? this.ids.length };
  }

  pageOf(position: number): number {
    let [low, high] = [0, this.pageStarts.length - 1];
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if ((this.pageStarts[middle] as number) <= position) low = middle;
      else high = middle - 1;
    }
    return this.pageNumbers[low] ?? 0;
  }

  /** Spans of the words `[from, to)`, one a page. */
  spans(from: number, to: number): Span[] {
    const spans: Span[] = [];
    for (let position = from; position < to; position += 1) {
      const page = this.pageOf(position);
      const [start, end] = [this.starts[position] as number, this.ends[position] as number];
      const last = spans.at(-1);
      if (last?.page === page)
        spans[spans.length - 1] = { page, start: Math.min(last.start, start), end: Math.max(last.end, end) };
      else spans.push({ page, start, end });
    }
    return spans;
  }

  compared(position: number, page: (number: number) => Page | null): ComparedWord {
    const text = page(this.pageOf(position))?.text ?? '';
    const [start, end] = [this.starts[position] as number, this.ends[position] as number];
    return {
      word: this.vocabulary.word(this.id(position)),
      printed: text
        .slice(start, end)
        .replace(/[-\u2010\u00ad]\s*\n\s*/g, '')
        .replace(/\s+/g, ' '),
      opensSentence: opensSentence(text, start),
    };
  }

  private post(): Postings {
    const starts = new Uint32Array(this.vocabulary.size + 1);
    for (const id of this.ids) starts[id + 1] = (starts[id + 1] as number) + 1;
    for (let at = 1; at < starts.length; at += 1) starts[at] = (starts[at] as number) + (starts[at - 1] as number);
    const next = starts.slice();
    const positions = new Uint32Array(this.ids.length);
    this.ids.forEach((id, position) => {
      positions[next[id] as number] = position;
      next[id] = (next[id] as number) + 1;
    });
    return { starts, positions };
  }
}

/** True for a word at the start of a text or behind the end of a sentence. */
export function opensSentence(text: string, start: number): boolean {
  let before = start - 1;
  while (before >= 0 && (isSpace(text[before]) || /["“‘'(]/.test(text[before] as string))) before -= 1;
  return before < 0 || /[.!?:;•]/.test(text[before] as string);
}
