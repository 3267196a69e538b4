import { isFlow, type Line, type Page } from '../types';

/** A stretch of one printed row without a gap as wide as between columns, in the upright frame of its text (points). */
export interface Atom {
  readonly text: string;
  /** Offsets in the page's text. */
  readonly start: number;
  readonly end: number;
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** What shares a baseline, left to right. */
export interface Band {
  readonly atoms: readonly Atom[];
  readonly y0: number;
  readonly y1: number;
  /** The page's lines it is made of. */
  readonly lines: readonly Line[];
  /** True for what was taken for a running head: heads of columns that come again on every page look the same. */
  readonly side: boolean;
}

/** Turns a place of the page as displayed into the frame in which its text runs upright. */
export type Turn = 0 | 90 | 270;

interface Rect {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** Lays a rectangle of the displayed page into the frame of text turned by `turn` degrees clockwise. */
export function turned({ x0, x1, y0, y1 }: Rect, turn: Turn): Rect {
  if (turn === 90) return { x0: y0, x1: y1, y0: -x1, y1: -x0 };
  if (turn === 270) return { x0: -y1, x1: -y0, y0: x0, y1: x1 };
  return { x0, x1, y0, y1 };
}

/** How most of a page's text is turned; a landscape table is often printed upwards on an upright page. */
export function turnOf(page: Page): Turn {
  const { starts, ends, boxes } = page.geometry;
  const votes = { 0: 0, 90: 0, 270: 0 };
  for (let run = 0; run < starts.length; run += 1) {
    const length = (ends[run] as number) - (starts[run] as number);
    const [w, h] = [boxes[4 * run + 2] as number, boxes[4 * run + 3] as number];
    if (length < 3) continue;
    if (h <= 1.5 * w) votes[0] += length;
    else {
      const line = page.lines.find((one) => one.start <= (starts[run] as number) && one.end >= (ends[run] as number));
      const upwards = line === undefined || runsUp(page, line);
      votes[upwards ? 270 : 90] += length;
    }
  }
  if (votes[0] >= votes[90] + votes[270]) return 0;
  return votes[90] > votes[270] ? 90 : 270;
}

function runsUp(page: Page, line: Line): boolean {
  const { starts, ends, boxes } = page.geometry;
  let first: number | null = null;
  for (let run = 0; run < starts.length; run += 1) {
    if ((starts[run] as number) < line.start || (ends[run] as number) > line.end) continue;
    const y = boxes[4 * run + 1] as number;
    if (first === null) first = y;
    else if (Math.abs(y - first) > 1) return y < first;
  }
  return true;
}

/** A gap above this part of the type size parts atoms of words; figures stand closer. */
const GAP = 0.75;
const FIGURE_GAP = 0.45;
const FIGURE = /^[($€£¥+−–△▲-]?[$€£¥]?\d[\d.,]*[)%]*$|^[–—－-]$|^[$€£¥]$/;
const BOTH_FIGURES_GAP = 0.28;
/** A run of several figures, as a file may draw a whole row in one; figures grouped by spaces are one. */
const FIGURES_ONLY = /^\s*[($€£¥+−–△▲-]*\d[\d.,]*[)%]*(?:\s+(?:[($€£¥+−–△▲-]*\d[\d.,]*[)%]*|[–—－-]))+\s*$/;
const GROUPED = /^\s*[($€£¥+−–-]*\d{1,3}(?: \d{3})+(?:[.,]\d+)?[)%]*\s*$/;
/** Dots that lead the eye from a label to its figures. */
const LEADERS = /(?:\s?[.·…_]){4,}/g;

interface Piece extends Rect {
  readonly start: number;
  readonly end: number;
}

/** Where atoms are parted whatever the gap (upright rules), and where a gap between words does (edges of columns). */
export interface Cuts {
  readonly ruled: readonly number[];
  readonly open: readonly number[];
}

export const NO_CUTS: Cuts = { ruled: [], open: [] };
const CUT_GAP = 0.4;

/** Pieces of pages that are being looked through: their rows are asked for several times, in several ways. */
const laidOut = new WeakMap<Page, readonly Piece[]>();

/** The page's runs without leaders, cut where spaces stand in a row, in order of the text. `turn` is the page's own. */
function piecesOf(page: Page, turn: Turn): readonly Piece[] {
  let pieces = laidOut.get(page);
  if (pieces === undefined) {
    pieces = cutPieces(page, turn).sort((a, b) => a.start - b.start);
    laidOut.set(page, pieces);
  }
  return pieces;
}

function cutPieces(page: Page, turn: Turn): Piece[] {
  const { starts, ends, boxes } = page.geometry;
  const pieces: Piece[] = [];
  for (let run = 0; run < starts.length; run += 1) {
    const [from, to] = [starts[run] as number, ends[run] as number];
    const [x, y, w, h] = [0, 1, 2, 3].map((at) => boxes[4 * run + at] as number) as [number, number, number, number];
    const whole = turned({ x0: x, x1: x + w, y0: y, y1: y + h }, turn);
    const text = page.text.slice(from, to).replace(LEADERS, (dots) => ' '.repeat(dots.length));
    const each = (whole.x1 - whole.x0) / Math.max(1, to - from);
    for (const match of text.matchAll(FIGURES_ONLY.test(text) && !GROUPED.test(text) ? /\S+/g : /\S+(?:\s\S+)*/g)) {
      const end = match.index + match[0].length;
      pieces.push({
        start: from + match.index,
        end: from + end,
        x0: whole.x0 + each * match.index,
        x1: whole.x0 + each * end,
        y0: whole.y0,
        y1: whole.y1,
      });
    }
  }
  return pieces;
}

function parted(page: Page, last: Atom, piece: Piece, text: string, cuts: Cuts): boolean {
  // What stands between the two on another line was not printed between them.
  if (piece.start < last.end || page.text.slice(last.end, piece.start).includes('\n')) return true;
  const size = 0.95 * Math.min(piece.y1 - piece.y0, last.y1 - last.y0);
  const gap = piece.x0 - last.x1;
  const between = (x: number): boolean => x > last.x1 - 2 && x < piece.x0 + 2;
  if (cuts.ruled.some(between) || (gap > CUT_GAP * size && cuts.open.some(between))) return true;
  const [one, two] = [FIGURE.test(last.text), FIGURE.test(text)];
  if (one && two && !(/^\(?\d{1,3}$/.test(last.text) && /^\d{3}\b/.test(text))) return gap > BOTH_FIGURES_GAP * size;
  return gap > (one || two ? FIGURE_GAP : GAP) * size;
}

function joined(page: Page, pieces: readonly Piece[], cuts: Cuts): Atom[] {
  const atoms: Atom[] = [];
  const sorted = [...pieces].sort((a, b) => a.x0 - b.x0);
  for (const piece of sorted) {
    const last = atoms.at(-1);
    const text = page.text.slice(piece.start, piece.end);
    if (last === undefined || parted(page, last, piece, text, cuts)) {
      atoms.push({ ...piece, text });
      continue;
    }
    const size = 0.95 * Math.min(piece.y1 - piece.y0, last.y1 - last.y0);
    const closes = /^[)%]+$/.test(text);
    const spaced = !closes && (page.text.slice(last.end, piece.start) !== '' || piece.x0 - last.x1 > 0.16 * size);
    atoms[atoms.length - 1] = {
      text: `${last.text}${spaced ? ' ' : ''}${text}`,
      start: last.start,
      end: piece.end,
      x0: Math.min(last.x0, piece.x0),
      x1: Math.max(last.x1, piece.x1),
      y0: Math.min(last.y0, piece.y0),
      y1: Math.max(last.y1, piece.y1),
    };
  }
  return atoms;
}

/**
 * The page's text in printed rows, top to bottom, folios left out, and running heads in one piece but `withHeads`. A row is one line of the page's text, or, with `across`, all that
 * shares a baseline, as in a grid whose cells were read one after the other.
 */
export function bandsOf(page: Page, turn: Turn, across: boolean, cuts: Cuts = NO_CUTS, withHeads = false): Band[] {
  const pieces = piecesOf(page, turn);
  const byLine: { line: Line; pieces: Piece[] }[] = [];
  let at = 0;
  for (const line of page.lines) {
    while (at < pieces.length && (pieces[at] as Piece).start < line.start) at += 1;
    const own: Piece[] = [];
    while (at < pieces.length && (pieces[at] as Piece).start < line.end) own.push(pieces[at++] as Piece);
    if ((isFlow(line) || (line.role === 'head' && (withHeads || line.cells !== null))) && own.length > 0)
      byLine.push({ line, pieces: own });
  }
  const groups: { lines: Line[]; pieces: Piece[]; y0: number; y1: number }[] = [];
  for (const { line, pieces: own } of byLine) {
    const [y0, y1] = [Math.min(...own.map((one) => one.y0)), Math.max(...own.map((one) => one.y1))];
    const home = across
      ? groups.find((one) => Math.min(one.y1, y1) - Math.max(one.y0, y0) > 0.6 * Math.min(y1 - y0, one.y1 - one.y0))
      : undefined;
    if (home === undefined) groups.push({ lines: [line], pieces: own, y0, y1 });
    else {
      home.lines.push(line);
      home.pieces.push(...own);
    }
  }
  return groups
    .map(({ pieces: own, lines, y0, y1 }) => ({
      atoms: joined(page, own, cuts),
      lines,
      y0,
      y1,
      side: !lines.some(isFlow),
    }))
    .sort((a, b) => a.y0 - b.y0);
}
