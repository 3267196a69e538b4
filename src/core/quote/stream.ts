import { Recent } from '../recent';
import { GramFilter } from './grams';
import { piecesOf, startAt } from './pieces';
import { fold, isDigit, isIdeographic, isSpace, isWordChar } from '../text';
import { isFlow, type Line, type PageText, type Span } from '../source';

/** Keeps pages apart in a stream, so that nothing is found over a break by chance; never in folded text. */
const BREAK = '\u0001';

/** Pages whose map back to their text is kept: a long quote and its neighbours are asked for again and again. */
const FOLDED_PAGES = 64;

export interface PackedKeys {
  readonly text: string;
  readonly starts: Uint32Array;
  readonly numbers: Uint32Array;
}

/**
 * The folded text of a document's pages as one string to search. `pages` streams hold every line and keep pages apart; `flow` streams leave
 * running heads, folios and footnotes out and run over page breaks; `asides` hold what they leave out, pages apart.
 */
export class KeyStream {
  private text = '';
  private readonly starts: number[] = [];
  private readonly numbers: number[] = [];
  private readonly grams = new GramFilter();
  private readonly folded = new Recent<number, FoldedPage>(FOLDED_PAGES);

  constructor(private readonly kind: StreamKind) {}

  /** The stream as it is stored. */
  pack(): PackedKeys {
    return { text: this.text, starts: Uint32Array.from(this.starts), numbers: Uint32Array.from(this.numbers) };
  }

  /** Takes the pages of a stored stream, before any other. */
  unpack({ text, starts, numbers }: PackedKeys): void {
    this.text = text;
    for (const start of starts) this.starts.push(start);
    for (const number of numbers) this.numbers.push(number);
  }

  addPage(page: PageText): void {
    this.starts.push(this.text.length);
    this.numbers.push(page.number);
    this.text += fold(this.kind === 'pages' ? page.text : piecesOf(page, WANTED[this.kind]).text).text;
    if (this.kind !== 'flow') this.text += BREAK;
  }

  /** Positions of `key`, at most `limit`, from `from` on. */
  *occurrences(key: string, limit: number, from = 0): Generator<number> {
    let count = 0;
    for (const at of this.grams.occurrences(this.text, key, from)) {
      if (count >= limit) return;
      count += 1;
      yield at;
    }
  }

  indexOf(key: string, from: number): number {
    return this.text.indexOf(key, from);
  }

  slice(from: number, to: number): string {
    return this.text.slice(from, to);
  }

  /** Physical numbers of the pages that the stretch `[from, to)` touches. */
  pagesOf(from: number, to: number): number[] {
    const pages: number[] = [];
    for (let at = startAt(this.starts, from); at < this.starts.length && (this.starts[at] as number) < to; at += 1) {
      pages.push(this.numbers[at] as number);
    }
    return pages;
  }

  /** The canonical spans of `[from, to)`, one for each stretch of a page without lines left out; `page` gives a page by its number. */
  spansOf(from: number, to: number, page: (number: number) => PageText | null): Span[] {
    const spans: Span[] = [];
    for (let at = startAt(this.starts, from); at < this.starts.length && (this.starts[at] as number) < to; at += 1) {
      const number = this.numbers[at] as number;
      const source = page(number);
      if (source === null) continue;
      const folded = this.folded.get(number, () => foldedPage(source, this.kind));
      const start = Math.max(0, from - (this.starts[at] as number));
      const end = Math.min(folded.map.length, to - (this.starts[at] as number));
      if (end <= start) continue;
      const range = folded.map.range(start, end);
      for (const stretch of folded.stretches(range.start, range.end)) spans.push({ page: number, ...stretch });
    }
    return spans;
  }
}

type StreamKind = 'pages' | 'flow' | 'asides';

const inFlow = (line: Line): boolean => isFlow(line) && line.role !== 'note';
const WANTED = { flow: inFlow, asides: (line: Line): boolean => !inFlow(line) } as const;

interface FoldedPage {
  readonly map: ReturnType<typeof fold>['map'];
  /** Canonical stretches of a range of the text that was folded: parted where lines were left out. */
  stretches(start: number, end: number): { readonly start: number; readonly end: number }[];
}

function foldedPage(page: PageText, kind: StreamKind): FoldedPage {
  if (kind === 'pages') return { map: fold(page.text).map, stretches: (start, end) => [{ start, end }] };
  const { text, pieces } = piecesOf(page, WANTED[kind]);
  return {
    map: fold(text).map,
    stretches: (start, end) => {
      const stretches: { start: number; end: number }[] = [];
      pieces.forEach((piece) => {
        const [from, to] = [Math.max(start, piece.at), Math.min(end, piece.at + piece.length)];
        if (to <= from) return;
        const [begin, stop] = [piece.start + from - piece.at, piece.start + to - piece.at];
        const last = stretches.at(-1);
        if (last?.end === begin - 1) last.end = stop;
        else stretches.push({ start: begin, end: stop });
      });
      return stretches;
    },
  };
}

function joinsBefore(text: string, start: number): boolean {
  const [first, before] = [text[start], text[start - 1]];
  if (first === undefined || before === undefined || !isWordChar(first)) return false;
  if (isDigit(first)) {
    if (isDigit(before)) return true;
    if ((before === '.' || before === ',') && isDigit(text[start - 2])) return true;
  }
  if (isIdeographic(first)) return false;
  if (isWordChar(before) && !isIdeographic(before)) return true;
  if (before === '-' || before === '\u2010' || before === '\u00ad') {
    return /(?:^|[^\p{L}])(?:non|un|anti|in|de|dis)$/iu.test(text.slice(Math.max(0, start - 6), start - 1));
  }
  // A line-end hyphen: the word began on the line before.
  return (
    before === '\n' &&
    /[\p{L}][-\u2010\u00ad]\n$/u.test(text.slice(Math.max(0, start - 4), start)) &&
    /\p{Ll}/u.test(first)
  );
}

function joinsAfter(text: string, end: number): boolean {
  const [last, after] = [text[end - 1], text[end]];
  if (last === undefined || after === undefined || !isWordChar(last)) return false;
  if (isDigit(last)) {
    if (isDigit(after)) return true;
    if ((after === '.' || after === ',') && isDigit(text[end + 1])) return true;
  }
  if (isIdeographic(last) || isIdeographic(after)) return false;
  if (isWordChar(after))
    return !isDigit(last) || isDigit(after) || !/[\p{L}]/u.test(after) || /^\p{L}{3,}/u.test(text.slice(end, end + 3));
  return (
    (after === '-' || after === '\u2010' || after === '\u00ad') &&
    text[end + 1] === '\n' &&
    /\p{Ll}/u.test(text[end + 2] ?? '') &&
    /\p{L}/u.test(last)
  );
}

/** True when the spans begin and end where words do: "250" inside "1,250", or "lawful" inside "unlawful", is no place. */
export function onWordBounds(spans: readonly Span[], page: (number: number) => PageText | null): boolean {
  const [first, last] = [spans[0], spans.at(-1)];
  if (first === undefined || last === undefined) return false;
  const [head, tail] = [page(first.page)?.text, page(last.page)?.text];
  if (head === undefined || tail === undefined) return false;
  return !joinsBefore(head, first.start) && !joinsAfter(tail, last.end);
}

/** Characters alike, white space, soft hyphens and hyphens at line ends aside. */
export function sameCharacters(quote: string, pageText: string): boolean {
  const one = quote.normalize('NFC');
  const two = pageText.normalize('NFC');
  let [a, b] = [0, 0];
  for (;;) {
    while (isSpace(one[a]) || one[a] === '\u00ad') a += 1;
    while (isSpace(two[b]) || two[b] === '\u00ad') b += 1;
    if (a >= one.length || b >= two.length) break;
    if (one[a] === two[b]) {
      a += 1;
      b += 1;
    } else if (isLineEndHyphen(two, b)) b += 1;
    else if (isLineEndHyphen(one, a)) a += 1;
    else return false;
  }
  return one.slice(a).trim() === '' && two.slice(b).trim() === '';
}

function isLineEndHyphen(text: string, index: number): boolean {
  return (text[index] === '-' || text[index] === '\u2010') && /^[^\S\n]*\n/.test(text.slice(index + 1, index + 4));
}
