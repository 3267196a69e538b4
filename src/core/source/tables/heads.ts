import type { Span } from '../types';
import {
  cellAt,
  holdsFigures,
  isFigure,
  isYear,
  spansOf,
  type Extent,
  type Grid,
  type GridCell,
  type GridRow,
} from './grid';
import type { Heads } from './types';
import { isMeasureLine } from './linesAbove';

/** Rows of heads, at most. */
const MOST_HEADS = 6;

function covers(row: GridRow, columns: number): boolean {
  const held = new Set(
    row.cells.flatMap((cell) => Array.from({ length: cell.to - cell.from + 1 }, (_, at) => cell.from + at)),
  );
  for (let column = 1; column < columns; column += 1) if (!held.has(column)) return false;
  return row.cells.every((cell) => cell.from === cell.to);
}

/** True for what stands beside a label as its value, "36.4 m", "18 months", rather than over others as their head. */
function tellsValue(text: string): boolean {
  return /^(?:(?:about|ca\.|approx\.|up to|max\.?|min\.?|bis) )?[\d.,]+\s?[\p{L}²³°/%]{1,12}$/u.test(text);
}

/** True for a row of nothing but short words, none over the labels, as units stand below the heads: "kg", "百万円", "%". */
function namesUnits({ cells }: GridRow): boolean {
  return cells.length > 1 && cells.every(({ from, text }) => from > 0 && text.length <= 8 && !/\d/.test(text));
}

/** How many rows at the top of a grid are heads: those above the first that holds figures or goes on below a full row of heads with a label of its own. */
export function countHeads(grid: Grid): number {
  const { rows, columns } = grid;
  let heads = grid.headRows;
  let full = rows.slice(0, heads).some((row) => covers(row, columns.length));
  for (let at = heads; at < Math.min(rows.length - 1, MOST_HEADS); at += 1) {
    const row = rows[at] as GridRow;
    const label = row.cells.some((cell) => cell.from === 0);
    const others = row.cells.filter((cell) => cell.from > 0 || cell.to > 0);
    if (holdsFigures(row) || (at === 0 && columns.length === 2 && tellsValue(others[0]?.text ?? ''))) break;
    // A label alone heads a group of rows, unless more heads come below it.
    if (others.length === 0) continue;
    if (full && label) break;
    if (full && row.ruled && !namesUnits(row)) break;
    heads = at + 1;
    full = full || covers(row, columns.length);
  }
  return heads;
}

/** Columns, at most, over which heads are dealt out by trying. */
const MOST_DEALT = 16;
/** Points by which a head may miss the edge or middle of the column it stands over. */
const ALIGNED = 2.5;

type Side = (one: Extent) => number;

const SIDES: readonly Side[] = [(one) => one.x0, (one) => one.x1, (one) => (one.x0 + one.x1) / 2];

/** By which side most heads of one column are set: the one in which they keep nearest to their columns. */
function settingSide(extents: readonly Extent[], columns: readonly Extent[]): Side {
  const off = (side: Side): number =>
    extents.reduce((sum, one, at) => sum + (at === 0 ? 0 : Math.abs(side(one) - side(columns[at] as Extent))), 0);
  return SIDES.reduce((best, side) => (off(side) < off(best) ? side : best));
}

/** Columns under the short rule that is drawn beneath a head, to tell how far it reaches; null when there is none. */
function underlined(
  cell: GridCell,
  row: GridRow,
  below: GridRow | undefined,
  { columns, level }: Grid,
): { from: number; to: number } | null {
  const width = (columns.at(-1) as Extent).x1 - (columns[0] as Extent).x0;
  const middle = (cell.x0 + cell.x1) / 2;
  const rule = level.find(
    (one) =>
      one.at > (row.y0 + row.y1) / 2 &&
      one.at < (below === undefined ? row.y1 + 6 : (below.y0 + below.y1) / 2) &&
      one.from < middle &&
      one.to > middle &&
      one.to - one.from < 0.8 * width,
  );
  if (rule === undefined) return null;
  const inside = columns.flatMap((column, at) => {
    const centre = (column.x0 + column.x1) / 2;
    return at > 0 && centre > rule.from && centre < rule.to ? [at] : [];
  });
  return inside.length === 0 ? null : { from: inside[0] as number, to: inside.at(-1) as number };
}

/** Extents of the heads below a row, where that row has one for each column, else of the columns themselves. */
function extentsBelow(below: GridRow | undefined, columns: readonly Extent[]): Extent[] {
  return columns.map((column, at) => {
    const head = below === undefined ? undefined : cellAt(below, at);
    return head !== undefined && head.from === head.to ? head : column;
  });
}

/**
 * Which columns each head of a row stands over. White space does not draw how far a head reaches: heads that stand over no one column each are dealt
 * out over all columns, in order, so that each lies nearest to the middle of its own.
 */
function reaches(row: GridRow, below: GridRow | undefined, grid: Grid): { from: number; to: number }[] {
  const { columns } = grid;
  const ruled = row.cells.map((cell) => (cell.from === 0 ? cell : underlined(cell, row, below, grid)));
  if (ruled.every((one) => one !== null) && row.cells.length > 0) return ruled;
  const heads = row.cells.filter((cell) => cell.from > 0);
  const extents = extentsBelow(below, columns);
  const side = settingSide(extents, columns);
  const alone = (cell: GridCell): boolean =>
    [columns, extents].some((any) => Math.abs(side(cell) - side(any[cell.from] as Extent)) < ALIGNED);
  const count = columns.length - 1;
  const drawn = heads.some((cell) => cell.to > cell.from);
  if (heads.length === 0 || heads.length >= count || count > MOST_DEALT || (!drawn && heads.every(alone)))
    return row.cells.map(({ from, to }) => ({ from, to }));
  let best: number[] = [];
  let error = Infinity;
  const deal = (head: number, from: number, sizes: readonly number[], missed: number): void => {
    if (missed >= error) return;
    if (head === heads.length) {
      if (from === count + 1) {
        best = [...sizes];
        error = missed;
      }
      return;
    }
    const cell = heads[head] as GridCell;
    for (let size = 1; size <= count + 1 - from - (heads.length - head - 1); size += 1) {
      const [first, last] = [extents[from] as Extent, extents[from + size - 1] as Extent];
      const off =
        size === 1 ? Math.abs(side(cell) - side(first)) : Math.abs((cell.x0 + cell.x1 - first.x0 - last.x1) / 2);
      // Heads that stand over as many columns each are the rule.
      const even = size * heads.length === count ? 0.5 : 1;
      deal(head + 1, from + size, [...sizes, size], missed + even * off);
    }
  };
  deal(0, 1, [], 0);
  // Far from every middle, the heads are set in another way: each is then left where it stands.
  const width = (columns.at(-1) as Extent).x1 - (columns[1] as Extent).x0;
  if (best.length === 0 || error > 0.12 * width * heads.length) return row.cells.map(({ from, to }) => ({ from, to }));
  let at = 1;
  const dealt = best.map((size) => ({ from: at, to: (at += size) - 1 }));
  return row.cells.map((cell) => dealt[heads.indexOf(cell)] ?? cell);
}

interface Level {
  text: string;
  spans: Span[];
  readonly wide: boolean;
}

/** The heads over each column of a grid but the first, outermost first; words of one head on several lines are joined. */
export function columnHeads(grid: Grid, heads: number): Heads[] {
  const levels: Level[][] = grid.columns.map(() => []);
  grid.rows.slice(0, heads).forEach((row, index) => {
    const below = index + 1 < heads ? grid.rows[index + 1] : undefined;
    const over = grid.framed ? row.cells : reaches(row, below, grid);
    row.cells.forEach((cell, at) => {
      const { from, to } = over[at] as GridCell;
      const spans = spansOf(grid.page, cell.atoms);
      for (let column = Math.max(1, from); column <= to; column += 1) {
        const own = levels[column] as Level[];
        const last = own.at(-1);
        const wide = to > from;
        if (last?.text === cell.text) continue;
        if (last !== undefined && !last.wide && !wide) {
          last.text = `${last.text} ${cell.text}`;
          last.spans = [...last.spans, ...spans];
        } else own.push({ text: cell.text, spans: [...spans], wide });
      }
    });
  });
  return levels.slice(1).map((own) => ({ path: own.map((one) => one.text), spans: own.map((one) => one.spans) }));
}

/**
 * A grid without the row above its heads that gives caption and measure ("Staff costs … in thousands of crowns"), and what that row says: one phrase set
 * to the right edge, or one that is nothing but a unit and scale.
 */
export function withoutMeasureRow(grid: Grid): {
  readonly grid: Grid;
  readonly measure: string;
  readonly label: GridCell | null;
} {
  const edge = Math.max(...grid.rows.flatMap((row) => row.cells.map((cell) => cell.x1)));
  const at = grid.rows.slice(0, MOST_HEADS).findIndex((row, index) => {
    const [other, ...more] = row.cells.filter((cell) => cell.from > 0);
    if (other === undefined || more.length > 0 || isFigure(other.text) || isYear(other.text)) return false;
    const below = grid.rows[index + 1];
    const heads =
      below !== undefined &&
      !holdsFigures(below) &&
      below.cells.filter((cell) => cell.from > 0).length >= Math.min(2, grid.columns.length - 1);
    if (grid.columns.length > 2 && isMeasureLine(other.text)) return true;
    return index === 0 && heads && cellAt(row, 0) !== undefined && Math.abs(other.x1 - edge) < 3;
  });
  const row = grid.rows[at];
  if (row === undefined) return { grid, measure: '', label: null };
  const rows = grid.rows.filter((one) => one !== row);
  const headRows = at < grid.headRows ? grid.headRows - 1 : grid.headRows;
  return { grid: { ...grid, rows, headRows }, measure: row.cells.at(-1)?.text ?? '', label: cellAt(row, 0) ?? null };
}

/** What stands over the labels at the left, such as "Crowns thousand"; empty when nothing does. */
export function cornerOf(grid: Grid, heads: number): string {
  return grid.rows
    .slice(0, heads)
    .flatMap((row) => row.cells.filter((cell) => cell.from === 0).map((cell) => cell.text))
    .join(' ');
}

/** True when a row repeats, on a later page, the heads that the table began with. */
export function repeatsHeads(row: GridRow, heads: readonly GridRow[]): boolean {
  const key = (one: GridRow): string =>
    one.cells
      .map((cell) => cell.text)
      .join('|')
      .toLowerCase();
  return (
    heads.some((one) => key(one) === key(row)) || (row.cells.length > 1 && row.cells.every((cell) => isYear(cell.text)))
  );
}
