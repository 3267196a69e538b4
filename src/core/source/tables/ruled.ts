import { median } from '../../median';
import type { Page } from '../types';
import { bandsOf, turned, type Band, type Turn } from './atoms';
import { columnsOf, isHeadLike } from './columns';
import {
  gapsOf,
  holdsFigures,
  layInto,
  makeCell,
  mergeCells,
  stackRows,
  type Extent,
  type Grid,
  type GridCell,
  type GridRow,
  type Stroke,
} from './grid';
import type { Rule } from './types';

/** Rules whose ends or crossings are this near, in points, meet. */
const MEETS = 3;
/** Places this near, in points, are one. */
const SAME = 2.5;
/** Level rules of one width from which a table without upright ones is known. */
const LEVEL_RULES = 3;
/** Printed rows between two level rules, at most on average, for what they part to be rows of a table and not columns of text. */
const MOST_LINES = 8;

/** Strokes of one direction, those that go on from one another made one. */
function merged(strokes: readonly Stroke[]): Stroke[] {
  const sorted = [...strokes].sort((a, b) => a.at - b.at || a.from - b.from);
  const made: Stroke[] = [];
  for (const stroke of sorted) {
    const home = made.findIndex(
      (one) => Math.abs(one.at - stroke.at) < 1.5 && stroke.from <= one.to + MEETS && stroke.to >= one.from - MEETS,
    );
    const before = made[home];
    if (before === undefined) made.push(stroke);
    else made[home] = { at: before.at, from: Math.min(before.from, stroke.from), to: Math.max(before.to, stroke.to) };
  }
  return made;
}

function distinct(values: readonly number[]): number[] {
  const found: number[] = [];
  for (const value of [...values].sort((a, b) => a - b)) {
    if (value - (found.at(-1) ?? -Infinity) > SAME) found.push(value);
  }
  return found;
}

export interface Frame {
  readonly level: readonly Stroke[];
  readonly upright: readonly Stroke[];
}

/** Rules that cross or touch one another, gathered: each group frames one table. */
function frames(level: readonly Stroke[], upright: readonly Stroke[]): Frame[] {
  const groups: { level: Stroke[]; upright: Stroke[] }[] = [];
  const meets = (h: Stroke, v: Stroke): boolean =>
    v.at >= h.from - MEETS && v.at <= h.to + MEETS && h.at >= v.from - MEETS && h.at <= v.to + MEETS;
  for (const v of upright) {
    const touched = groups.filter((group) => group.level.some((h) => meets(h, v)));
    const own = level.filter((h) => meets(h, v));
    if (own.length === 0) continue;
    const joined = {
      level: [...new Set([...touched.flatMap((one) => one.level), ...own])],
      upright: [...touched.flatMap((one) => one.upright), v],
    };
    for (const one of touched) groups.splice(groups.indexOf(one), 1);
    groups.push(joined);
  }
  return groups;
}

function inside(band: Band, x0: number, x1: number, y0: number, y1: number): Band | null {
  const middle = (band.y0 + band.y1) / 2;
  if (middle <= y0 || middle >= y1) return null;
  const atoms = band.atoms.filter((one) => (one.x0 + one.x1) / 2 > x0 && (one.x0 + one.x1) / 2 < x1);
  return atoms.length === 0 ? null : { ...band, atoms };
}

/** True when what stands between two level rules is several rows of figures, not one row whose words are wrapped. */
function holdsRows(rows: readonly GridRow[]): boolean {
  return rows.filter(holdsFigures).length > 1;
}

/** Cells of one printed row in a drawn grid: each as wide as the upright rules beside it tell. */
function framedCells(band: Band, columns: readonly Extent[], parts: (boundary: number) => boolean): GridCell[] {
  return mergeCells(
    layInto(columns, band.atoms).map((cell) => {
      let { from, to } = cell;
      while (from > 0 && !parts(from)) from -= 1;
      while (to < columns.length - 1 && !parts(to + 1)) to += 1;
      return makeCell(cell.atoms, from, to);
    }),
  );
}

/** Gives a cell that reaches over several rows to each of them. */
function spreadDown(rows: GridRow[], columns: number, parts: (column: number, boundary: number) => boolean): GridRow[] {
  const out = rows.map((row) => ({ ...row, cells: [...row.cells] }));
  for (let column = 0; column < columns; column += 1) {
    let top = 0;
    for (let at = 1; at <= out.length; at += 1) {
      if (at < out.length && !parts(column, at)) continue;
      const group = out.slice(top, at);
      top = at;
      if (group.length < 2) continue;
      const held = group.flatMap((row) => row.cells.filter((cell) => cell.from === column));
      if (held.length === 0 || held.some((cell) => cell.to > column)) continue;
      const whole = makeCell(
        held.flatMap((cell) => cell.atoms),
        column,
        column,
      );
      for (const row of group)
        row.cells = [...row.cells.filter((cell) => cell.from !== column), whole].sort((a, b) => a.from - b.from);
    }
  }
  return out;
}

/** A table framed by upright and level rules. */
function framedGrid(page: Page, turn: Turn, { level, upright }: Frame): Grid | null {
  const [left, right] = [Math.min(...level.map((one) => one.from)), Math.max(...level.map((one) => one.to))];
  const [top, bottom] = [
    Math.min(...level.map((one) => one.at), ...upright.map((one) => one.from)),
    Math.max(...level.map((one) => one.at), ...upright.map((one) => one.to)),
  ];
  const tall = upright.filter((one) => one.to - one.from > 0.3 * (bottom - top));
  const xs = distinct([...tall.map((one) => one.at), left, right]);
  const wide = level.filter((one) => one.to - one.from > 0.15 * (right - left));
  const ys = distinct([...wide.map((one) => one.at), top, bottom]);
  if (xs.length < 3 || ys.length < 2) return null;
  const columns = xs.slice(1).map((x1, at) => ({ x0: xs[at] as number, x1 }));
  const bands = bandsOf(page, turn, true, { ruled: xs, open: [] }).flatMap(
    (band) => inside(band, left, right, top, bottom) ?? [],
  );
  const rows: GridRow[] = [];
  const lastOf: number[] = [];
  for (let at = 0; at + 1 < ys.length; at += 1) {
    const [y0, y1] = [ys[at] as number, ys[at + 1] as number];
    const own = bands.flatMap((band) => inside(band, left, right, y0, y1) ?? []);
    if (own.length === 0) continue;
    const parts = (boundary: number): boolean =>
      upright.some(
        (one) =>
          Math.abs(one.at - (xs[boundary] as number)) < MEETS && one.from < (y0 + y1) / 2 && one.to > (y0 + y1) / 2,
      );
    const printed = own.map((band) => ({
      cells: framedCells(band, columns, parts),
      y0: band.y0,
      y1: band.y1,
      ruled: false,
    }));
    const added = holdsRows(printed) ? printed : [stackRows(printed)];
    rows.push(...added.map((row, index) => ({ ...row, ruled: index === 0 })));
    while (lastOf.length < rows.length) lastOf.push(y0);
  }
  const drawn = (column: number, boundary: number): boolean => {
    const { x0, x1 } = columns[column] as Extent;
    const [y, above] = [lastOf[boundary] as number, lastOf[boundary - 1] as number];
    if (y === above) return true;
    const middle = (x0 + x1) / 2;
    return level.some((one) => Math.abs(one.at - y) < MEETS && one.from < middle && one.to > middle);
  };
  return {
    page,
    turn,
    columns,
    rows: spreadDown(rows, columns.length, drawn),
    headRows: 0,
    bands,
    level,
    framed: true,
  };
}

/** A table between level rules of one width, its columns told by white space. */
function levelGrid(page: Page, turn: Turn, strokes: readonly Stroke[]): Grid | null {
  const [first, last] = [strokes[0] as Stroke, strokes.at(-1) as Stroke];
  const [left, right] = [first.from - MEETS, first.to + MEETS];
  const all = bandsOf(page, turn, true).flatMap((band) => inside(band, left, right, first.at, last.at) ?? []);
  const columns = columnsOf(all);
  if (columns.length < 2 || all.length < 2 || all.length / (strokes.length - 1) > MOST_LINES) return null;
  const bands = bandsOf(page, turn, true, { ruled: [], open: gapsOf(columns) }).flatMap(
    (band) => inside(band, left, right, first.at, last.at) ?? [],
  );
  const rows: GridRow[] = [];
  let headRows = 0;
  let several = 0;
  strokes.slice(1).forEach((stroke, at) => {
    const above = strokes[at] as Stroke;
    const printed = bands
      .flatMap((band) => inside(band, left, right, above.at, stroke.at) ?? [])
      .map((band) => ({ cells: layInto(columns, band.atoms), y0: band.y0, y1: band.y1, ruled: false }));
    if (printed.length === 0) return;
    if (holdsRows(printed)) several += 1;
    const each = strokes.length > 3 && !holdsRows(printed) && at > 0;
    const added = each ? [stackRows(printed)] : printed;
    rows.push(...added.map((row, index) => ({ ...row, ruled: index === 0 })));
    if (at === 0 && !printed.some(holdsFigures)) headRows = printed.length;
  });
  // Rules that part groups of rows with figures frame no cells: white space tells those rows better.
  return rows.length < 2 || several > 0
    ? null
    : { page, turn, columns, rows, headRows, bands, level: strokes, framed: false };
}

/** Level rules of one width that stand one below the other. */
function levelGroups(level: readonly Stroke[]): Stroke[][] {
  const groups: Stroke[][] = [];
  for (const stroke of [...level].sort((a, b) => a.at - b.at)) {
    const home = groups.find((group) => {
      const [one] = group as [Stroke];
      return Math.abs(one.from - stroke.from) < 4 && Math.abs(one.to - stroke.to) < 4;
    });
    if (home === undefined) groups.push([stroke]);
    else home.push(stroke);
  }
  return groups.filter((group) => group.length >= LEVEL_RULES);
}

/** True for a line between two level rules of a table's width that is none of its rows: running text, or a heading or caption where the two lie further apart than rows do. */
function isBetween({ atoms, lines }: Band, { from, to }: Stroke, apart: boolean): boolean {
  const [first] = atoms;
  if (first === undefined || atoms.length > 1 || first.x0 >= from + 6) return false;
  return first.x1 - first.x0 > 0.6 * (to - from) || (apart && lines.some((line) => line.role === 'heading'));
}

/** Steps between level rules, against the usual one, from which on more than a row may stand between them. */
const APART = 1.8;

/** Parts rules of one width where running text, or a heading, stands between two of them: each part belongs to a table of its own. */
function partedByText(page: Page, turn: Turn, strokes: readonly Stroke[]): Stroke[][] {
  const bands = bandsOf(page, turn, true);
  const usual = median(strokes.slice(1).map(({ at }, index) => at - (strokes[index] as Stroke).at));
  const parts: Stroke[][] = [[]];
  strokes.forEach((stroke, at) => {
    const above = strokes[at - 1];
    const text =
      above !== undefined &&
      bands.some(
        (band) =>
          band.y0 >= above.at && band.y1 <= stroke.at && isBetween(band, stroke, stroke.at - above.at > APART * usual),
      );
    if (text) parts.push([]);
    (parts.at(-1) as Stroke[]).push(stroke);
  });
  return parts.filter((part) => part.length >= LEVEL_RULES);
}

/** How far above the first rule of a table its heads may stand, in heights of their type. */
const HEADS_OVER = 1.2;

/** Level rules with one above the heads that stand right over the first of them: only what is below each row is drawn there. */
function withHeadsOver(page: Page, turn: Turn, strokes: readonly Stroke[]): readonly Stroke[] {
  const [first] = strokes as [Stroke];
  const over = bandsOf(page, turn, true)
    .filter(({ y0, y1 }) => (y0 + y1) / 2 < first.at)
    .at(-1);
  if (over === undefined || over.atoms.length < 2 || !isHeadLike(over)) return strokes;
  const outside = over.atoms.some((one) => one.x0 < first.from - MEETS || one.x1 > first.to + MEETS);
  if (outside || first.at - over.y1 > HEADS_OVER * (over.y1 - over.y0)) return strokes;
  return [{ ...first, at: over.y0 - 1 }, ...strokes];
}

/** A page's rules as strokes of the two directions, in the upright frame of its text. */
export function strokesOf(rules: readonly Rule[], turn: Turn): Frame {
  const laid = rules.map((rule) => turned(rule, turn));
  return {
    level: merged(laid.filter((one) => one.y1 - one.y0 <= 1).map((one) => ({ at: one.y0, from: one.x0, to: one.x1 }))),
    upright: merged(
      laid.filter((one) => one.x1 - one.x0 <= 1).map((one) => ({ at: one.x0, from: one.y0, to: one.y1 })),
    ),
  };
}

/** Tables that drawn rules set out on a page. */
export function ruledGrids(page: Page, turn: Turn, { level, upright }: Frame): Grid[] {
  const grids: Grid[] = [];
  const used = new Set<Stroke>();
  for (const frame of frames(level, upright)) {
    for (const stroke of frame.level) used.add(stroke);
    const grid = framedGrid(page, turn, frame);
    if (grid !== null && isTable(grid)) grids.push(grid);
  }
  const width = Math.max(
    ...bandsOf(page, turn, true).map((band) => (band.atoms.at(-1)?.x1 ?? 0) - (band.atoms[0]?.x0 ?? 0)),
    1,
  );
  const free = level.filter((one) => !used.has(one) && one.to - one.from > 0.4 * width);
  for (const group of levelGroups(free).flatMap((one) => partedByText(page, turn, one))) {
    const grid = levelGrid(page, turn, withHeadsOver(page, turn, group));
    if (grid !== null && isTable(grid)) grids.push(grid);
  }
  return grids;
}

/** Two columns and rows at least, most rows with more than one cell; a box around a text is none. */
function isTable(grid: Grid): boolean {
  const filled = grid.rows.filter((row) => row.cells.length > 1);
  if (filled.length < 2 || filled.length < 0.3 * grid.rows.length) return false;
  const words = median(filled.flatMap((row) => row.cells.map((cell) => cell.text.split(' ').length)));
  return words <= 60;
}
