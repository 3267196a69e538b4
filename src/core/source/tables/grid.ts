import type { Page, Span } from '../types';
import type { Atom, Band, Turn } from './atoms';

/** A drawn line of one direction, in points of the upright frame. */
export interface Stroke {
  /** Place across its direction. */
  readonly at: number;
  readonly from: number;
  readonly to: number;
}

/** A column's extent in points, in the upright frame of the table's text. */
export interface Extent {
  readonly x0: number;
  readonly x1: number;
}

/** What stands in one cell of a grid; `from` and `to` are the first and last column it covers. */
export interface GridCell {
  readonly atoms: readonly Atom[];
  readonly text: string;
  readonly from: number;
  readonly to: number;
  readonly x0: number;
  readonly x1: number;
}

export interface GridRow {
  readonly cells: readonly GridCell[];
  readonly y0: number;
  readonly y1: number;
  /** True when a rule is drawn right above it over most of the table. */
  readonly ruled: boolean;
}

/** Rows and columns of a table on one page, before heads and labels are told from cells. */
export interface Grid {
  readonly page: Page;
  readonly turn: Turn;
  readonly columns: readonly Extent[];
  readonly rows: readonly GridRow[];
  /** Rows at the top that a drawn rule sets apart as heads, 0 when nothing drawn tells. */
  readonly headRows: number;
  readonly bands: readonly Band[];
  /** Level rules of the page, in the same frame. */
  readonly level: readonly Stroke[];
  /** True when drawn rules tell how far each cell reaches. */
  readonly framed: boolean;
}

/** Spans of a cell's atoms, those that follow one another on a line made one. */
export function spansOf(page: Page, atoms: readonly Atom[]): Span[] {
  const spans: Span[] = [];
  for (const { start, end } of atoms) {
    const last = spans.at(-1);
    if (last !== undefined && start >= last.end && /^ *$/.test(page.text.slice(last.end, start)))
      spans[spans.length - 1] = { ...last, end };
    else spans.push({ page: page.number, start, end });
  }
  return spans;
}

/** The text of several atoms in their order, hyphens at the ends of lines joined. */
export function textOf(atoms: readonly Atom[]): string {
  let text = '';
  let last: Atom | undefined;
  for (const atom of atoms) {
    const below = last !== undefined && atom.y0 > last.y0 + 0.5 * (last.y1 - last.y0);
    if (below && /\p{Ll}-$/u.test(text) && /^\p{Ll}/u.test(atom.text)) text = text.slice(0, -1) + atom.text;
    // A bracket or percent sign set in a column of its own closes the figure before it.
    else text += (text === '' || /^[)%]+$/.test(atom.text) ? '' : ' ') + atom.text;
    last = atom;
  }
  return text.replace(/\s+/g, ' ').trim();
}

export function makeCell(atoms: readonly Atom[], from: number, to: number): GridCell {
  const x0 = Math.min(...atoms.map((one) => one.x0));
  const x1 = Math.max(...atoms.map((one) => one.x1));
  return { atoms, text: textOf(atoms), from, to, x0, x1 };
}

/** The cell of a row that stands in a column, or reaches over it. */
export function cellAt(row: GridRow, column: number): GridCell | undefined {
  return row.cells.find((cell) => cell.from <= column && cell.to >= column);
}

/** True for a row with a figure behind its label. */
export function holdsFigures(row: GridRow): boolean {
  return row.cells.some((cell) => cell.from > 0 && isFigure(cell.text));
}

/** Less than this, in heights of type, is no step from one printed row to the next. */
export const HALF_A_STEP = 0.8;

/** Middles of the gaps between columns. */
export function gapsOf(columns: readonly Extent[]): number[] {
  return columns.slice(1).map((column, at) => (column.x0 + (columns[at] as Extent).x1) / 2);
}

/** First and last column that an extent lies over; the nearest one when it lies in a gap. */
export function columnsOver(
  columns: readonly Extent[],
  { x0, x1 }: Extent,
): { readonly from: number; readonly to: number } {
  let from = -1;
  let to = -1;
  columns.forEach((column, at) => {
    const overlap = Math.min(column.x1, x1) - Math.max(column.x0, x0);
    if (overlap > Math.min(2, 0.3 * (x1 - x0))) {
      if (from < 0) from = at;
      to = at;
    }
  });
  if (from >= 0) return { from, to };
  const middle = (x0 + x1) / 2;
  const distance = (column: Extent): number => Math.max(column.x0 - middle, middle - column.x1, 0);
  const nearest = columns.reduce(
    (best, column, at) => (distance(column) < distance(columns[best] as Extent) ? at : best),
    0,
  );
  return { from: nearest, to: nearest };
}

const CURRENCY = /^(?:US)?[$€£¥]$/;

/** Lays the atoms of one printed row into columns; those that share one become one cell. */
export function layInto(columns: readonly Extent[], atoms: readonly Atom[]): GridCell[] {
  const sorted = [...atoms].sort((a, b) => a.x0 - b.x0);
  return mergeCells(
    sorted.map((atom, at) => {
      // A sign of currency belongs to the figure behind it, however far it is set from it.
      const next = sorted[at + 1];
      const { from, to } = columnsOver(columns, CURRENCY.test(atom.text) && next !== undefined ? next : atom);
      return makeCell([atom], from, to);
    }),
  );
}

/** Cells that share a column made one, from left to right. */
export function mergeCells(given: readonly GridCell[]): GridCell[] {
  const cells: GridCell[] = [];
  for (const cell of given) {
    const at = cells.findIndex((one) => one.from <= cell.to && cell.from <= one.to);
    const home = cells[at];
    if (home === undefined) cells.push(cell);
    else
      cells[at] = makeCell([...home.atoms, ...cell.atoms], Math.min(home.from, cell.from), Math.max(home.to, cell.to));
  }
  return cells.sort((a, b) => a.from - b.from);
}

/** Joins rows printed one below the other into one, column by column. */
export function stackRows(rows: readonly GridRow[]): GridRow {
  const [first] = rows as [GridRow];
  const cells = mergeCells(rows.flatMap((row) => row.cells));
  return { cells, y0: first.y0, y1: Math.max(...rows.map((row) => row.y1)), ruled: first.ruled };
}

const FIGURE =
  /^[($€£¥+−–△▲-]*\s?(?:US)?[$€£¥]?\s?[\d.,]*\d[\d.,’' ]*\)?\s?%?\)?(?:\s?(?:\([a-z\d]{1,2}\)|[*†‡¹²³⁴-⁹]+))?$|^[–—－-]$|^n\/?[am]\.?$/i;
/** A year, or a whole day in digits, as they head columns. */
const YEAR =
  /^(?:(?:19|20)\d{2}(?:[/–-]\d{2,4})?|[0-3]?\d([./])[01]?\d\1(?:19|20)\d{2}|(?:19|20)\d{2}([./-])[01]?\d\2[0-3]?\d)$/;

/** True for text that stands where a table has figures: numbers, dashes, "n/a"; no year by itself. */
export function isFigure(text: string): boolean {
  return FIGURE.test(text) && !YEAR.test(text);
}

export function isYear(text: string): boolean {
  return YEAR.test(text);
}
