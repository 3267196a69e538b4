import type { RawItem } from './engine';

/** A piece of a row in the upright frame: an item, or several glued together. */
export interface Piece {
  readonly item: RawItem;
  readonly x0: number;
  readonly x1: number;
  readonly y: number;
  readonly size: number;
  readonly text: string;
  /** When it was drawn, counted from the first item of the page. */
  readonly order: number;
}

/** Pieces that share a baseline, left to right. `y` is the baseline of the largest piece. */
export interface Row {
  y: number;
  size: number;
  pieces: Piece[];
}

/** Baselines within this part of the type size are one row; superscripts sit at about a third. */
const SAME_BASELINE = 0.3;
const SCRIPT_SHIFT = 0.62;

/** Turns an item of a frame rotated by `angle` (0, 90, 180, 270) upright. */
function upright(item: RawItem, angle: number, order: number): Piece {
  const [x, y] =
    angle === 0
      ? [item.x, item.y]
      : angle === 90
        ? [item.y, -item.x]
        : angle === 180
          ? [-item.x, -item.y]
          : [-item.y, item.x];
  return { item, x0: x, x1: x + item.width, y, size: item.size, text: item.text, order };
}

function belongs(row: Row, piece: Piece): boolean {
  const shift = Math.abs(row.y - piece.y);
  if (shift <= SAME_BASELINE * Math.min(row.size, piece.size)) return true;
  const larger = Math.max(row.size, piece.size);
  const smaller = Math.min(row.size, piece.size);
  if (smaller > 0.85 * larger || shift > SCRIPT_SHIFT * larger) return false;
  // A superscript or subscript touches the word it belongs to.
  return row.pieces.some((other) => piece.x0 - other.x1 < 0.5 * larger && other.x0 - piece.x1 < 0.5 * larger);
}

function place(rows: Row[], piece: Piece): void {
  let home: Row | undefined;
  for (const row of rows) {
    const nearer = home === undefined || Math.abs(row.y - piece.y) < Math.abs(home.y - piece.y);
    if (nearer && belongs(row, piece)) home = row;
  }
  if (home === undefined) rows.push({ y: piece.y, size: piece.size, pieces: [piece] });
  else {
    home.pieces.push(piece);
    if (piece.size > home.size) Object.assign(home, { size: piece.size, y: piece.y });
  }
}

/** Groups the visible items of one direction into rows, top to bottom. White-space items only part words and are dropped. */
export function makeRows(items: readonly RawItem[], angle: number): Row[] {
  const pieces = items
    .map((item, order) => upright(item, angle, order))
    .filter((piece) => piece.text.trim() !== '' && piece.size > 0)
    .sort((a, b) => a.y - b.y || a.x0 - b.x0);
  const sizes = pieces.map((piece) => piece.size).sort((a, b) => a - b);
  const usual = sizes[Math.floor(sizes.length / 2)] ?? 0;
  const rows: Row[] = [];
  // Superscripts and other small type come last, so that each finds the row it belongs to standing.
  for (const piece of pieces) {
    if (piece.size < 0.85 * usual) continue;
    const recent = rows.slice(-6);
    place(recent, piece);
    if (recent.length > Math.min(6, rows.length)) rows.push(recent.at(-1) as Row);
  }
  for (const piece of pieces) if (piece.size < 0.85 * usual) place(rows, piece);
  rows.sort((a, b) => a.y - b.y);
  for (const row of rows) row.pieces.sort((a, b) => a.x0 - b.x0);
  return rows;
}
