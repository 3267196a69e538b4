import { findNumbers, isIdeographic, opensWithDate } from '../../../text';
import { unionBox } from '../../geometry';
import type { Box, Geometry } from '../../types';
import { composeAccents, composed } from './accents';
import { isAutospace, setsAutospace, withoutAutospace } from './autospace';
import { readingOrder, type Block } from './columns';
import type { RawItem, RawPage } from './engine';
import { makeRows, type Piece, type Row } from './rows';

/** A line before the document around it is known: no role, no section yet. */
export interface DraftLine {
  readonly start: number;
  readonly end: number;
  readonly box: Box;
  readonly size: number;
  readonly font: string;
  readonly opens: boolean;
  readonly cells: readonly number[] | null;
  /** True for text that does not run upright, such as a watermark or a note in the margin. */
  readonly askew: boolean;
}

export interface DraftPage {
  readonly text: string;
  readonly width: number;
  readonly height: number;
  readonly lines: readonly DraftLine[];
  readonly geometry: Geometry;
}

/** A gap above this part of the type size is a space between words. */
const WORD_GAP = 0.16;
/** A gap below this part of the type size may be one that is set between Japanese characters and figures. */
const AUTOSPACE = 0.4;
/** A gap above this part of the type size parts table cells. */
const CELL_GAP = 1.5;
const LIST_MARK =
  /^(?:[•◦▪–—·*-]\s|\(?(?:[a-zA-Z]|[ivx]{1,5}|\d{1,2})\)\s|(?!\d{1,3}\.\d{3}\s)\d{1,2}(?:\.\d{1,3})*\.?\s+(?:\((?:\d{1,2}|[a-z])\)\s+)?\p{Lu}|§\s?\d|第[\d〇一二三四五六七八九十百]+[条章節](?:の[\d一二三四五六七八九十]+)?[（(\s]|(?:Clause|CLAUSE|Condition|CONDITION|Artikel|Ziffer)\s\d+(?:\.\d+)*[.:]?\s+(?:[–—-]\s)?\p{Lu}|Art\.\s\d+\.?\s+\p{Lu}|(?:Article|ARTICLE|Section|SECTION|Chapter|CHAPTER|Part|PART|Schedule|SCHEDULE|Annex|ANNEX|Exhibit|EXHIBIT|Appendix|APPENDIX)\s(?:\d+(?:\.\d+)*[A-Z]?|[IVXLC]+|[A-Z])(?:[.:]?\s+\p{Lu}|[.:]?\s*$))/u;
/** A bare number that goes on with the sentence of the line before, where that ends in "of", "until", "clause". */
const BARE_NUMBER = /^\d{1,2}(?:\.\d{1,3})*\s/;
const LEANS =
  /\b(?:of|to|on|until|till|from|by|and|or|than|least|most|the|an?|at|in|for|with|about|over|under|between|within|clauses?|articles?|sections?|notes?|pages?|tables?|figures?|schedule|annex|chapter|bis|vom|von|zum|zur|am|ab|und|oder|als|mit|seit|der|die|das|den|dem|ein|eine)\s*$/;

/** True for a line that opens with the number in figures that the line above ends with in words: “fourteen (14) days” is no item of a list. */
function saysAgain(above: string, text: string): boolean {
  const figures = /^\((\d{1,3})\)/.exec(text)?.[1];
  if (figures === undefined) return false;
  const tail = above.trimEnd().slice(-40);
  const words = findNumbers(tail, 'de').at(-1);
  return words !== undefined && words.end === tail.length && words.value === figures;
}

function boxOf(item: RawItem): Box {
  const [ascent, descent] = [0.8 * item.size, 0.21 * item.size];
  const quarter = Math.round(item.angle / 90) % 4;
  if (quarter === 1) return { x: item.x - descent, y: item.y, w: ascent + descent, h: item.width };
  if (quarter === 2) return { x: item.x - item.width, y: item.y - descent, w: item.width, h: ascent + descent };
  if (quarter === 3) return { x: item.x - ascent, y: item.y - item.width, w: ascent + descent, h: item.width };
  return { x: item.x, y: item.y - ascent, w: item.width, h: ascent + descent };
}

function spaced(before: Piece, after: Piece): boolean {
  if (/\s$/.test(before.text) || /^\s/.test(after.text)) return true;
  const gap = after.x0 - before.x1;
  const size = Math.min(before.size, after.size);
  const wide = isIdeographic(before.text.at(-1)) && isIdeographic(after.text[0]);
  return gap > (wide ? 0.6 : WORD_GAP) * size;
}

/** What each piece of a row says; an accent at the end of one that lies over the first letter of the next is set on that letter. */
function visibleTexts(pieces: readonly Piece[]): string[] {
  const texts = pieces.map((piece) => composeAccents(piece.text.trim().replace(/[\t\n\r\u00a0]/g, ' ')));
  // An accent over a capital is drawn on its own, a little into the word that the capital opens.
  pieces.forEach((accent, at) => {
    if (texts[at]?.length !== 1) return;
    const under = pieces.findIndex(
      (piece, other) => other !== at && Math.abs(accent.x0 - piece.x0 - 0.2 * piece.size) < 0.4 * piece.size,
    );
    const word = texts[under] ?? '';
    const letter = composed(texts[at], word.charAt(0));
    if (letter === null) return;
    texts[under] = letter + word.slice(1);
    texts[at] = '';
  });
  for (let at = 1; at < pieces.length; at += 1) {
    const [before, here] = [texts[at - 1] as string, texts[at] as string];
    const lies = (pieces[at] as Piece).x0 < (pieces[at - 1] as Piece).x1;
    const letter = lies ? composed(before.at(-1) ?? '', here.charAt(0)) : null;
    if (letter === null) continue;
    texts[at - 1] = before.slice(0, -1);
    texts[at] = letter + here.slice(1);
  }
  return texts;
}

/** The type that a whole row is set in; null where there are several. */
function fontOf(row: Row): string | null {
  const fonts = new Set(row.pieces.filter((piece) => piece.text.trim() !== '').map((piece) => piece.item.font));
  return fonts.size === 1 ? ([...fonts][0] as string) : null;
}

/** The type that most characters of a page are set in. */
function runningFont(items: readonly RawItem[]): string {
  const letters = new Map<string, number>();
  for (const { font, text } of items) letters.set(font, (letters.get(font) ?? 0) + text.length);
  return [...letters].reduce((best, one) => (one[1] > best[1] ? one : best), ['', 0])[0];
}

class PageWriter {
  private text = '';
  private readonly lines: DraftLine[] = [];
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];
  private readonly boxes: number[] = [];

  /** The type of running text on the page, and whether Japanese figures stand apart on it, as `setsAutospace` tells. */
  constructor(
    private readonly font: string,
    private readonly autospaced: boolean,
  ) {}

  writeBlock(block: Block, askew: boolean): void {
    const right = Math.max(...block.map((row) => (row.pieces.at(-1) as Piece).x1));
    const steps = block
      .slice(1)
      .map((row, at) => row.y - (block[at] as Row).y)
      .sort((a, b) => a - b);
    const leading = steps[Math.floor(steps.length / 2)] ?? 0;
    block.forEach((row, at) => {
      const before = block[at - 1];
      this.writeRow(row, before === undefined ? 'first' : { before, leading, right }, askew);
    });
  }

  private writeRow(row: Row, around: 'first' | { before: Row; leading: number; right: number }, askew: boolean): void {
    if (this.text !== '') this.text += '\n';
    const start = this.text.length;
    const cells: number[] = [];
    const boxes: Box[] = [];
    const texts = visibleTexts(row.pieces);
    row.pieces.forEach((piece, at) => {
      const previous = row.pieces[at - 1];
      const isCell = previous === undefined || piece.x0 - previous.x1 > CELL_GAP * row.size;
      const before = this.text.slice(start);
      const narrow = previous !== undefined && piece.x0 - previous.x1 < AUTOSPACE * row.size;
      const parted = previous !== undefined && spaced(previous, piece) && !before.endsWith(' ');
      const autospace = this.autospaced && narrow && isAutospace(before, texts[at] as string);
      if (parted && !autospace) this.text += ' ';
      if (isCell) cells.push(this.text.length);
      const box = boxOf(piece.item);
      boxes.push(box);
      const said = texts[at] as string;
      const visible = this.autospaced ? withoutAutospace(this.text.slice(start), said) : said;
      if (visible === '') return;
      this.starts.push(this.text.length);
      this.text += visible;
      this.ends.push(this.text.length);
      this.boxes.push(box.x, box.y, box.w, box.h);
    });
    const largest = row.pieces.reduce((best, piece) => (piece.text.length > best.text.length ? piece : best));
    this.lines.push({
      start,
      end: this.text.length,
      box: unionBox(boxes),
      size: Math.round(row.size * 10) / 10,
      font: largest.item.font,
      opens: this.opens(row, around, cells.length, this.text.slice(start)),
      cells: cells.length > 1 ? cells : null,
      askew,
    });
  }

  private opens(
    row: Row,
    around: 'first' | { before: Row; leading: number; right: number },
    cells: number,
    text: string,
  ): boolean {
    const last = this.lines.at(-1);
    // A new column or block may go on with the sentence of the one before.
    if (around === 'first' || last === undefined)
      return last === undefined || Math.abs(last.size - row.size) > 0.1 * row.size;
    const { before, leading, right } = around;
    if (row.y - before.y > 1.35 * leading || Math.abs(row.size - before.size) > 0.12 * row.size) return true;
    const above = this.text.slice(last.start, last.end);
    const goesOn =
      (BARE_NUMBER.test(text) && LEANS.test(above)) ||
      (text.startsWith('§') && /,\s*$/.test(above)) ||
      saysAgain(above, text);
    if ((LIST_MARK.test(text) && !opensWithDate(text) && !goesOn) || cells > 2 || (last.cells?.length ?? 0) > 2)
      return true;
    const [head, beforeHead] = [(row.pieces[0] as Piece).x0, (before.pieces[0] as Piece).x0];
    const endsEarly = (before.pieces.at(-1) as Piece).x1 < right - 3 * row.size;
    // A title follows running text in another type, however close; so does a label what stands set in over it.
    const [font, fontAbove] = [fontOf(row), fontOf(before)];
    const otherType = font !== null && font !== this.font && fontAbove !== null && fontAbove !== font;
    if (/:\s*$/.test(text) && endsEarly && beforeHead - head > row.size && cells === 1) return true;
    if (otherType && endsEarly && cells === 1 && last.cells === null) return true;
    // A quotation or bracket that ends a line ends no sentence that goes on in small letters.
    const closed = /[.:;!?。]\s*$/.test(above) || (/[」)”"]\s*$/.test(above) && !/^\p{Ll}/u.test(text));
    return closed && (endsEarly || head - beforeHead > 0.8 * row.size);
  }

  finish(width: number, height: number): DraftPage {
    const geometry: Geometry = {
      starts: Uint32Array.from(this.starts),
      ends: Uint32Array.from(this.ends),
      boxes: Float32Array.from(this.boxes),
    };
    return { text: this.text, width, height, lines: this.lines, geometry };
  }
}

/**
 * The canonical text of a page: items to rows, rows to columns, columns to lines in reading order, the direction most of the text
 * runs in first. Every run keeps its box, in points.
 */
export function layOutPage(raw: RawPage): DraftPage {
  const groups = new Map<number, RawItem[]>();
  for (const item of raw.items) {
    const quarter = (Math.round(item.angle / 90) * 90) % 360;
    const askew = Math.abs(item.angle - Math.round(item.angle / 90) * 90) > 3;
    const key = askew ? -1 : quarter;
    const group = groups.get(key);
    if (group === undefined) groups.set(key, [item]);
    else group.push(item);
  }
  const size = (items: readonly RawItem[]): number => items.reduce((sum, item) => sum + item.text.trim().length, 0);
  const ordered = [...groups].sort((a, b) => size(b[1]) - size(a[1]));
  const writer = new PageWriter(runningFont(raw.items), setsAutospace(raw.items.map(({ text }) => text)));
  ordered.forEach(([angle, items], at) => {
    for (const block of readingOrder(makeRows(items, Math.max(0, angle))))
      writer.writeBlock(block, at > 0 || angle < 0);
  });
  return writer.finish(raw.width, raw.height);
}
