import type { Atom, Band } from './atoms';
import { median } from '../../median';
import { isFigure, isYear, type Extent } from './grid';

/** Share of rows that may run over the gap between two columns, as a long label does. */
const RUN_OVER = 0.06;
/** Narrower than this part of the type size is no gap between columns. */
const MIN_GAP = 0.35;

/** True for a printed row with figures behind its first words. */
export function hasFigures(band: Band): boolean {
  return band.atoms.length > 1 && band.atoms.slice(1).some((one) => isFigure(one.text));
}

/** Columns that hold only signs of currency belong to the figures behind them, closing brackets and percent signs to those before. */
function absorbSigns(columns: Extent[], bands: readonly Band[]): Extent[] {
  const holds = (column: Extent): readonly Atom[] =>
    bands.flatMap((band) => band.atoms.filter((one) => one.x0 >= column.x0 - 1 && one.x1 <= column.x1 + 1));
  const kept: Extent[] = [];
  let opens: number | null = null;
  for (const column of columns) {
    const atoms = holds(column);
    const all = (pattern: RegExp): boolean => atoms.length > 0 && atoms.every((one) => pattern.test(one.text));
    const last = kept.at(-1);
    if (all(/^(?:US)?[$€£¥(]+$/)) opens ??= column.x0;
    else if (last !== undefined && all(/^[)%*†‡¹²³]+$|^\([a-z\d]\)$/) && opens === null)
      kept[kept.length - 1] = { ...last, x1: column.x1 };
    else {
      kept.push({ x0: opens ?? column.x0, x1: column.x1 });
      opens = null;
    }
  }
  return kept;
}

/**
 * Columns of a run of rows: the stretches that atoms cover, parted where (nearly) no row with figures prints anything. Rows without figures, such
 * as heads and group headings, are passed over while there are others.
 */
export function columnsOf(bands: readonly Band[]): Extent[] {
  const figured = bands.filter(hasFigures);
  const telling = figured.length >= 2 ? figured : bands.filter((band) => band.atoms.length > 1);
  if (telling.length === 0) return [];
  const size = median(telling.map((band) => band.y1 - band.y0));
  const events = telling
    .flatMap((band) =>
      band.atoms.flatMap((one) => [
        { x: one.x0, step: 1 },
        { x: one.x1, step: -1 },
      ]),
    )
    .sort((a, b) => a.x - b.x || b.step - a.step);
  const allowed = Math.floor(RUN_OVER * telling.length);
  const columns: Extent[] = [];
  let depth = 0;
  let from = 0;
  for (const { x, step } of events) {
    const before = depth;
    depth += step;
    if (before <= allowed && depth > allowed) {
      const last = columns.at(-1);
      if (last !== undefined && x - last.x1 < MIN_GAP * size) {
        columns.pop();
        from = last.x0;
      } else from = x;
    } else if (before > allowed && depth <= allowed) columns.push({ x0: from, x1: x });
  }
  return absorbSigns(columns, telling);
}

/** True when two sets of columns stand at the same places, `shift` points apart. */
export function sameColumns(one: readonly Extent[], two: readonly Extent[], shift = 0): boolean {
  if (one.length !== two.length) return false;
  // The edges of columns move with what they hold; their order and most of their width do not.
  return one.every((column, at) => {
    const other = two[at] as Extent;
    const overlap = Math.min(column.x1, other.x1 + shift) - Math.max(column.x0, other.x0 + shift);
    return overlap > 0.4 * Math.min(column.x1 - column.x0, other.x1 - other.x0);
  });
}

/** True for a row whose atoms are words or years only: the heads of columns. */
export function isHeadLike(band: Band): boolean {
  return band.atoms.length > 0 && band.atoms.every((one) => !isFigure(one.text) || isYear(one.text));
}
