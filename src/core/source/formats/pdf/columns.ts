import { median } from '../../../median';
import { wordsOfLine } from '../../../text';
import type { Piece, Row } from './rows';

/** Rows of one column of running text, top to bottom: what is read before going on to the next block. */
export type Block = readonly Row[];

const MIN_GUTTER = 0.7;
const MIN_ROWS = 4;

interface Gutter {
  readonly x: number;
  readonly from: number;
  readonly to: number;
  readonly score: number;
}

/** Middles of the gaps wide enough to part columns. */
function candidateXs(rows: readonly Row[]): number[] {
  const seen = new Set<number>();
  for (const row of rows) {
    for (let at = 1; at < row.pieces.length; at += 1) {
      const left = (row.pieces[at - 1] as Piece).x1;
      const right = (row.pieces[at] as Piece).x0;
      if (right - left >= MIN_GUTTER * row.size) seen.add(Math.round((left + right) / 2 / 2) * 2);
    }
  }
  // Columns whose baselines differ never share a row; the edges of rows show their gutter.
  for (let at = 1; at < rows.length; at += 1) {
    const [one, two] = [rows[at - 1] as Row, rows[at] as Row];
    const [a, b] = [extent(one.pieces), extent(two.pieces)];
    const gap = a.x1 < b.x0 ? [a.x1, b.x0] : b.x1 < a.x0 ? [b.x1, a.x0] : null;
    if (gap !== null) seen.add(Math.round(((gap[0] as number) + (gap[1] as number)) / 2 / 2) * 2);
  }
  return [...seen];
}

function extent(pieces: readonly Piece[]): { x0: number; x1: number } {
  let x0 = Infinity;
  let x1 = -Infinity;
  for (const piece of pieces) {
    x0 = Math.min(x0, piece.x0);
    x1 = Math.max(x1, piece.x1);
  }
  return { x0, x1 };
}

interface Side {
  readonly rows: number;
  /** Words a row, and the share of rows that are set in cells. */
  readonly words: number;
  readonly cells: number;
  readonly fill: number;
  readonly width: number;
  readonly letters: number;
  readonly top: number;
  readonly bottom: number;
}

function wordsIn(pieces: readonly Piece[]): number {
  return wordsOfLine(pieces.map((piece) => piece.text).join(' '));
}

function hasCells(row: Row, pieces: readonly Piece[]): boolean {
  return pieces.some((piece, at) => at > 0 && piece.x0 - (pieces[at - 1] as Piece).x1 > 1.2 * row.size);
}

/** Dots that lead from an entry of an index to its page are no text. */
const LEADERS = /(?:\s?[.·…]){4,}/g;

function describeSide(rows: readonly Row[], keep: (piece: Piece) => boolean): Side {
  const segments = rows.map((row) => ({ row, pieces: row.pieces.filter(keep) })).filter((one) => one.pieces.length > 0);
  const extents = segments.map((one) => extent(one.pieces));
  const left = Math.min(...extents.map((one) => one.x0));
  const right = Math.max(...extents.map((one) => one.x1));
  const text = segments
    .flatMap((one) => one.pieces.map((piece) => piece.text))
    .join('')
    .replace(LEADERS, '');
  const letters = text.replace(/[^\p{L}]/gu, '').length / Math.max(1, text.replace(/\s/g, '').length);
  return {
    rows: segments.length,
    words: median(segments.map((one) => wordsIn(one.pieces))),
    cells: segments.filter((one) => hasCells(one.row, one.pieces)).length / Math.max(1, segments.length),
    fill: median(extents.map((one) => one.x1 - one.x0)) / Math.max(1, right - left),
    width: right - left,
    letters,
    top: segments[0]?.row.y ?? 0,
    bottom: segments[segments.length - 1]?.row.y ?? 0,
  };
}

/**
 * True when the file draws one side before the other. A table is drawn row by row, to and fro over the gap; columns are drawn one after the
 * other, whatever stands in them.
 */
function drawnApart(rows: readonly Row[], x: number): boolean {
  const pieces = rows.flatMap((row) => row.pieces).sort((a, b) => a.order - b.order);
  let switches = 0;
  for (let at = 1; at < pieces.length; at += 1) {
    const [one, two] = [pieces[at - 1] as Piece, pieces[at] as Piece];
    if (one.x1 <= x !== two.x1 <= x) switches += 1;
  }
  return switches <= Math.max(1, 0.06 * rows.length);
}

/** Words a row of running text has, at least. */
const RUNNING_WORDS = 3;
/** Words a line of a column of text has, at least. */
const LINE_WORDS = 5;

/**
 * True when the file draws the left side to its end and then goes back up to draw the right one from its top: columns of which the last is
 * short, as on the last page of a paper.
 */
function goesBackUp(rows: readonly Row[], x: number, [left, right]: readonly [Side, Side]): boolean {
  if (left.rows < MIN_ROWS || right.rows < 2) return false;
  // A table may be drawn column by column too, but its cells are no lines of running text.
  if ([left, right].some((one) => one.words < LINE_WORDS || one.letters < 0.5 || one.fill < 0.4)) return false;
  const pieces = rows.flatMap((row) => row.pieces).sort((a, b) => a.order - b.order);
  const first = pieces.findIndex((piece) => piece.x0 >= x);
  const drawnAfter = pieces.slice(first).every((piece) => piece.x0 >= x);
  return drawnAfter && left.bottom - right.top > 0.5 * (left.bottom - left.top);
}
/** Rows that must be drawn apart before columns are believed that do not read as running text. */
const APART_ROWS = 10;

/** Running text on both sides, of one height: not a table, whose cells are short or numeric. */
function partsColumns(rows: readonly Row[], x: number, regionWidth: number): boolean {
  const left = describeSide(rows, (piece) => piece.x1 <= x);
  const right = describeSide(rows, (piece) => piece.x0 >= x);
  const fewer = Math.min(left.rows, right.rows);
  if (goesBackUp(rows, x, [left, right])) return true;
  if (fewer < MIN_ROWS || fewer < 0.4 * Math.max(left.rows, right.rows)) return false;
  const overlap = Math.min(left.bottom, right.bottom) - Math.max(left.top, right.top);
  if (overlap < 0.5 * Math.min(left.bottom - left.top, right.bottom - right.top)) return false;
  const roomy = [left, right].every((one) => one.width >= 0.2 * regionWidth && one.letters >= 0.4);
  if (roomy && fewer >= APART_ROWS && drawnApart(rows, x)) return true;
  return [left, right].every(
    (side) =>
      side.fill >= 0.66 &&
      side.letters >= 0.6 &&
      side.width >= 0.17 * regionWidth &&
      side.words >= RUNNING_WORDS &&
      side.cells < 0.5,
  );
}

function findGutter(rows: readonly Row[]): Gutter | null {
  const region = extent(rows.flatMap((row) => row.pieces));
  let best: Gutter | null = null;
  for (const x of candidateXs(rows)) {
    let from = 0;
    if (x - region.x0 < 0.15 * (region.x1 - region.x0) || region.x1 - x < 0.15 * (region.x1 - region.x0)) continue;
    for (let at = 0; at <= rows.length; at += 1) {
      const row = rows[at];
      const free = row?.pieces.every((piece) => piece.x1 <= x + 1 || piece.x0 >= x - 1) ?? false;
      if (free) continue;
      const run = rows.slice(from, at);
      if (run.length >= MIN_ROWS && run.length > (best?.score ?? 0) && partsColumns(run, x, region.x1 - region.x0)) {
        best = { x, from, to: at, score: run.length };
      }
      from = at + 1;
    }
  }
  return best;
}

function side(rows: readonly Row[], keep: (piece: Piece) => boolean): Row[] {
  return rows
    .map((row) => {
      const pieces = row.pieces.filter(keep);
      const largest = pieces.reduce<Piece | null>(
        (best, one) => (best === null || one.size > best.size ? one : best),
        null,
      );
      return { y: largest?.y ?? row.y, size: largest?.size ?? row.size, pieces };
    })
    .filter((row) => row.pieces.length > 0)
    .sort((a, b) => a.y - b.y);
}

/**
 * Rows of a page cut into blocks in reading order: wherever a gutter stays free over a run of rows with running text on
 * both sides, the left side is read before the right, and what lies above and below is cut again
 * (recursive cuts, after Nagy and Seth 1984). Tables, whose sides do not read as text, are left in rows.
 */
export function readingOrder(rows: readonly Row[], depth = 0): Block[] {
  if (rows.length === 0) return [];
  const gutter = depth < 6 && rows.length >= MIN_ROWS ? findGutter(rows) : null;
  if (gutter === null) return [rows];
  const run = rows.slice(gutter.from, gutter.to);
  return [
    ...readingOrder(rows.slice(0, gutter.from), depth + 1),
    ...readingOrder(
      side(run, (piece) => piece.x1 <= gutter.x + 1),
      depth + 1,
    ),
    ...readingOrder(
      side(run, (piece) => piece.x1 > gutter.x + 1),
      depth + 1,
    ),
    ...readingOrder(rows.slice(gutter.to), depth + 1),
  ];
}
