import type { Page } from '../types';
import { bandsOf, type Band, type Turn } from './atoms';
import { columnsOf, isHeadLike } from './columns';
import { median } from '../../median';
import { gapsOf, HALF_A_STEP, isFigure, isYear, layInto, textOf, type Extent, type Grid, type Stroke } from './grid';
import { isMeasureLine, namesTable } from './linesAbove';

/** Rows without cells that may stand between two rows of a table: group headings, wrapped labels. */
const BETWEEN = 3;
/** Wider than this part of the page's text, with as many words, a row of one atom is running text. */
const PROSE_WIDTH = 0.6;
const PROSE_WORDS = 9;
/** Wider than this, in heights of type, a gap is one between cells. */
const CELL_GAP = 1;
/** Steps from row to row, against the usual one, at which a table ends, and at which another may begin. */
const FAR = 4.5;
const APART = 1.5;
const NUMBERING = /^(?:\(?[a-z\d]{1,4}[).]?|\d{1,2}(?:\.\d{1,3})+\.?|[•◦▪–*-]|(?:Article|Section|Note|Clause)\s\S+)$/i;
/** Heads that may stand above the first row with figures. */
const HEAD_REACH = 5;

/** The widest gap of a row against the height of its type: words of running text stand closer than cells. */
function widestGap({ atoms, y0, y1 }: Band): number {
  return Math.max(...atoms.slice(1).map((one, at) => one.x0 - (atoms[at] as { x1: number }).x1)) / (y1 - y0);
}

function isSeed(band: Band): boolean {
  const { atoms, lines } = band;
  if (atoms.length < 2 || lines.some((line) => line.role === 'contents' || line.role === 'note')) return false;
  const behind = atoms.slice(1);
  const figures = behind.filter((one) => isFigure(one.text)).length;
  if (widestGap(band) < CELL_GAP && figures < 3) return false;
  if (
    atoms.length === 2 &&
    NUMBERING.test(atoms[0]?.text ?? '') &&
    !behind.some((one) => isFigure(one.text) || isYear(one.text))
  )
    return false;
  return atoms.length > 2 || behind.some((one) => isFigure(one.text) || isYear(one.text));
}

function isProse(band: Band, textWidth: number): boolean {
  const text = band.atoms.map((one) => one.text).join(' ');
  const [first, last] = [band.atoms[0], band.atoms.at(-1)];
  if (first === undefined || last === undefined || band.atoms.length > 2) return false;
  const numbered = band.atoms.length === 2 && NUMBERING.test(first.text);
  if (band.atoms.length === 2 && !numbered) return false;
  return last.x1 - first.x0 > PROSE_WIDTH * textWidth && text.split(' ').length >= PROSE_WORDS;
}

interface Run {
  readonly from: number;
  readonly to: number;
}

/** Runs of rows that hold together as a table: rows with cells, with few others between and no running text. */
function runsOf(bands: readonly Band[], taken: (band: Band) => boolean): Run[] {
  const textWidth = Math.max(...bands.map((band) => (band.atoms.at(-1)?.x1 ?? 0) - (band.atoms[0]?.x0 ?? 0)), 1);
  const height = median(bands.map((band) => band.y1 - band.y0));
  const runs: Run[] = [];
  let from = -1;
  let last = -1;
  let prose = 0;
  const close = (): void => {
    if (from >= 0 && last > from) runs.push({ from, to: last });
    from = -1;
  };
  bands.forEach((band, at) => {
    if (taken(band) || band.side) return close();
    const before = bands[at - 1];
    if (from >= 0 && before !== undefined && band.y0 - before.y0 > FAR * height) close();
    if (isSeed(band)) {
      if (from < 0) from = at;
      last = at;
      prose = 0;
      return;
    }
    if (from < 0) return;
    if (isProse(band, textWidth)) prose += 1;
    const ends = isProse(band, textWidth) && /[.:;]$/.test(band.atoms.at(-1)?.text ?? '');
    if (prose > 1 || ends || at - last > BETWEEN) close();
  });
  close();
  return runs;
}

/** Parts a run where heads of columns come again below rows with figures: two tables, one below the other. */
function splitRun(bands: readonly Band[], { from, to }: Run): Run[] {
  const steps = bands.slice(from + 1, to + 1).map((band, at) => band.y0 - (bands[from + at] as Band).y0);
  const usual = median(steps);
  let rows = 0;
  for (let at = from; at < to; at += 1) {
    const band = bands[at] as Band;
    if (isSeed(band) && !isHeadLike(band)) rows += 1;
    if (rows < 2 || !isSeed(band) || !isHeadLike(band) || at === to - 1) continue;
    let top = at;
    while (top > from && !isSeed(bands[top - 1] as Band)) top -= 1;
    const step = (bands[top] as Band).y0 - (bands[top - 1] as Band).y0;
    if (top === at && step < APART * usual) continue;
    const below = bands.slice(at, to + 1).filter((one) => isSeed(one) && !isHeadLike(one)).length;
    // Headings and captions between the two are no rows of either.
    if (below > 0 && step > 1.2 * usual) return [{ from, to: top - 1 }, ...splitRun(bands, { from: at, to })];
  }
  return [{ from, to }];
}

/** The heads above a run's first row: rows close above whose words stand over its columns. */
function headsAbove(
  bands: readonly Band[],
  from: number,
  grid: readonly Extent[],
  taken: (band: Band) => boolean,
): number {
  const height = median(bands.map((band) => band.y1 - band.y0));
  const labelEnd = grid[0]?.x1 ?? 0;
  let top = from;
  for (let at = from - 1; at >= 0 && from - at <= HEAD_REACH; at -= 1) {
    const band = bands[at] as Band;
    if (
      taken(band) ||
      band.lines.some((line) => line.role === 'heading' && band.atoms.length === 1) ||
      (bands[at + 1] as Band).y0 - band.y1 > 1.1 * height ||
      !isHeadLike(band) ||
      isMeasureLine(textOf(band.atoms)) ||
      namesTable(textOf(band.atoms))
    )
      break;
    const over = band.atoms.filter((one) => one.x0 > labelEnd - 2);
    if (
      over.length === 0 ||
      band.atoms.some((one) => one.x0 < labelEnd - 2 && one.x1 > labelEnd + 0.3 * ((grid.at(-1)?.x1 ?? 0) - labelEnd))
    )
      break;
    top = at;
  }
  return top;
}

/**
 * Tables that white space alone sets out: rows with figures or three cells and more, whose gaps lie one below the other. `taken` tells rows that
 * belong to a drawn grid already.
 */
export function openGrids(page: Page, turn: Turn, level: readonly Stroke[], taken: (band: Band) => boolean): Grid[] {
  const bands = bandsOf(page, turn, false);
  const grids: Grid[] = [];
  for (const run of runsOf(bands, taken).flatMap((one) => splitRun(bands, one))) {
    const columns = columnsOf(bands.slice(run.from, run.to + 1));
    const seeds = bands.slice(run.from, run.to + 1).filter(isSeed).length;
    if (columns.length < 2 || seeds < 2 || (seeds < 3 && columns.length < 3)) continue;
    const from = headsAbove(bands, run.from, columns, taken);
    const to = labelsBelow(bands, run.to, columns);
    const [top, bottom] = [(bands[from] as Band).y0, (bands[to] as Band).y1];
    const own = bandsOf(page, turn, false, { ruled: [], open: gapsOf(columns) }).filter(
      (band) => band.y0 >= top - 1 && band.y1 <= bottom + 1,
    );
    const rows = own.map((band, at) => ({
      cells: layInto(columns, band.atoms),
      y0: band.y0,
      y1: band.y1,
      ruled: at > 0 && isRuled(own[at - 1] as Band, band, columns, level),
    }));
    grids.push({ page, turn, columns, rows, headRows: 0, bands: own, level, framed: false });
  }
  return grids;
}

/** True when a rule over most of the table is drawn between two rows. */
function isRuled(upper: Band, lower: Band, columns: readonly Extent[], level: readonly Stroke[]): boolean {
  const width = (columns.at(-1)?.x1 ?? 0) - (columns[0]?.x0 ?? 0);
  const [top, bottom] = [(upper.y0 + upper.y1) / 2, (lower.y0 + lower.y1) / 2];
  return level.some((one) => one.at > top && one.at < bottom && one.to - one.from > 0.7 * width);
}

/** Takes in the second line of a last label that goes on below its figures, or stands half a step below figures set at the middle of it. */
function labelsBelow(bands: readonly Band[], to: number, columns: readonly Extent[]): number {
  const [last, next] = [bands[to], bands[to + 1]];
  if (last === undefined || next === undefined || next.atoms.length !== 1) return to;
  const [only] = next.atoms as [Band['atoms'][number]];
  const close = next.y0 - last.y1 < 0.35 * (last.y1 - last.y0);
  const label = only.x1 <= (columns[0]?.x1 ?? 0) + 2;
  const centred = next.y0 - last.y0 < HALF_A_STEP * (last.y1 - last.y0) && last.atoms.every((one) => one.x0 > (columns[0]?.x1 ?? 0)); // prettier-ignore
  return label && (centred || (close && /^\p{Ll}/u.test(only.text))) ? to + 1 : to;
}
