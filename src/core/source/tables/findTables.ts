import type { Language } from '../../text';
import type { Line, Page } from '../types';
import { turned, turnOf, type Band, type Turn } from './atoms';
import { captionOf, type Caption } from './captions';
import { sameColumns } from './columns';
import { cellAt, holdsFigures, isFigure, spansOf, type Grid, type GridRow } from './grid';
import { columnHeads, cornerOf, countHeads, repeatsHeads, withoutMeasureRow } from './heads';
import { joinWrapped, labelRows, stubColumns } from './labels';
import { openGrids } from './regions';
import { ruledGrids, strokesOf, type Frame } from './ruled';
import { stripsOf } from './strips';
import type { Rule, Table, TableCell, TablePlace, TableRow } from './types';
import { measured, plainUnit, SIGN, type Measure } from './values';

/** Lines that may stand above the rest of a table on its next page, such as a title that comes again. */
const LINES_BETWEEN = 1;

/** More rules than this are a drawing or a form's ground, and frame no table. */
const MOST_RULES = 3000;
/** More runs than this are a page made to hold a reader up: no tables are looked for. */
const MOST_RUNS = 20_000;

/** Grids of one page, column of text by column, top to bottom, as printed. */
function gridsOf(page: Page, rules: readonly Rule[]): Grid[] {
  if (page.geometry.starts.length > MOST_RUNS) return [];
  const turn = turnOf(page);
  const strokes = strokesOf(rules.length > MOST_RULES ? [] : rules, turn);
  return (turn === 0 ? stripsOf(page) : [page]).flatMap((strip) => gridsOfStrip(strip, turn, strokes));
}

/** Grids of one column of text: drawn ones first taken, then what white space sets out. */
function gridsOfStrip(page: Page, turn: Turn, strokes: Frame): Grid[] {
  const ruled = ruledGrids(page, turn, strokes);
  const taken = (band: Band): boolean =>
    ruled.some((grid) => grid.bands.some((own) => own.lines.some((line) => band.lines.includes(line))));
  return [...ruled, ...openGrids(page, turn, strokes.level, taken)].sort((a, b) => topOf(a) - topOf(b));
}

function topOf(grid: Grid): number {
  return grid.bands[0]?.y0 ?? 0;
}

/** A grid with the page it stands on, of which it may know a column of text only. */
interface Standing {
  readonly grid: Grid;
  readonly page: Page;
}

/** True when nothing but a short line ("continued") stands between the end of one grid and the beginning of the next page's first. */
function goesOn(one: Standing, two: Standing, caption: string | null): boolean {
  const [upper, lower] = [one.grid, two.grid];
  if (lower.page.number !== upper.page.number + 1 || upper.turn !== lower.turn) return false;
  const textOf = ({ start, end }: Line, page: Page): string => page.text.slice(start, end);
  const flow = ({ grid, page }: Standing, before: boolean): readonly Line[] => {
    const lines = new Set(grid.bands.flatMap((band) => band.lines));
    const [first, last] = [grid.bands[0]?.lines[0], grid.bands.at(-1)?.lines.at(-1)];
    return page.lines.filter((line) => {
      if (line.role !== 'body' && line.role !== 'heading') return false;
      if (lines.has(line)) return false;
      if (/continued|fortsetzung|carried (?:forward|over)|brought forward|続き/i.test(textOf(line, page))) return false;
      return before ? line.start < (first?.start ?? 0) : line.start > (last?.end ?? 0);
    });
  };
  const between = flow(two, true);
  if (flow(one, false).length > 0 || between.length > LINES_BETWEEN) return false;
  // Another heading opens another table.
  if (between.some((line) => line.role === 'heading' && textOf(line, two.page) !== caption)) return false;
  const shift = (upper.columns[0]?.x0 ?? 0) - (lower.columns[0]?.x0 ?? 0);
  return sameColumns(upper.columns, lower.columns, shift);
}

interface Part extends Standing {
  readonly body: readonly GridRow[];
}

function placeOf(grid: Grid): TablePlace {
  const atoms = grid.rows.flatMap((row) => row.cells.flatMap((cell) => cell.atoms));
  const box = {
    x0: Math.min(...atoms.map((one) => one.x0)),
    x1: Math.max(...atoms.map((one) => one.x1)),
    y0: Math.min(...atoms.map((one) => one.y0)),
    y1: Math.max(...atoms.map((one) => one.y1)),
  };
  // Turned text is laid back into the page as displayed: a quarter turn the other way.
  const { x0, x1, y0, y1 } = grid.turn === 0 ? box : turnedBack(box, grid.turn);
  return { page: grid.page.number, box: { x: x0, y: y0, w: x1 - x0, h: y1 - y0 } };
}

function turnedBack(box: { x0: number; x1: number; y0: number; y1: number }, turn: 90 | 270): typeof box {
  return turned(box, turn === 90 ? 270 : 90);
}

/**
 * The measure of a table whose amounts bear a sign of currency in some rows only, as accounts print it in the first and at totals: it is that of all. `rows` are
 * those below the heads.
 */
function withSign(measure: Measure, rows: readonly GridRow[]): Measure {
  if (measure.unit !== null) return measure;
  const figured = rows.filter(holdsFigures);
  const signs = figured.map(({ cells }) => SIGN.exec(cells.find(({ from, text }) => from > 0 && isFigure(text))?.text ?? '')?.[0]); // prettier-ignore
  const [first] = signs;
  const signed = signs.filter((one) => one !== undefined);
  const enough = measure.scale !== null || signed.length > 1;
  return first !== undefined && enough && signed.length < signs.length && signed.every((one) => one === first)
    ? { ...measure, unit: plainUnit(first), stated: true }
    : measure;
}

function tableOf(parts: readonly Part[], heads: number, caption: Caption, language: Language): Table | null {
  const [first] = parts as [Part];
  const { grid } = first;
  const body = parts.flatMap((part) => joinWrapped(part.body).map((row) => ({ row, grid: part.grid })));
  const stubs = stubColumns(
    body.map((one) => one.row),
    grid.columns.length,
  );
  const columns = columnHeads(grid, heads).slice(stubs - 1);
  const corner = cornerOf(grid, heads);
  const measure = withSign(caption.measure, body.map((one) => one.row)); // prettier-ignore
  const rows = labelRows(body, stubs).map(({ row, grid: own, labels }): TableRow => {
    const path = labels.map((label) => label.text);
    const cells = columns.map((column, at): TableCell | null => {
      const cell = cellAt(row, at + stubs);
      if (cell === undefined || cell.from < stubs) return null;
      const over = {
        row: path.join(' '),
        label: path.at(-1) ?? '',
        column: column.path.join(' '),
        table: measure,
      };
      return { text: cell.text, spans: spansOf(own.page, cell.atoms), ...measured(cell.text, language, over) };
    });
    return { path, spans: labels.map((label) => spansOf(own.page, label.atoms)), cells };
  });
  if (rows.length === 0 || columns.length === 0) return null;
  return {
    caption: caption.text,
    captionSpans: caption.spans,
    unit: measure.unit,
    scale: measure.scale ?? 1,
    ...(corner === '' ? {} : { corner }),
    columns,
    rows,
    places: parts.map((part) => placeOf(part.grid)),
  };
}

/**
 * Finds the tables of pages given in order; one that goes on over pages comes as one, when its last page is passed. Rules, where the file draws any,
 * come with each page.
 */
export class TableFinder {
  private open: { parts: Part[]; heads: number; caption: Caption } | null = null;

  constructor(private readonly language: Language) {}

  /** Tables that end before this page, or stand whole on it above another. */
  addPage(page: Page, rules: readonly Rule[]): Table[] {
    const done: Table[] = [];
    for (const found of gridsOf(page, rules)) {
      const { grid, measure, label } = withoutMeasureRow(found);
      const upper = this.open?.parts.at(-1);
      if (this.open !== null && upper !== undefined && goesOn(upper, { grid, page }, this.open.caption.text)) {
        const heads = this.open.parts[0]?.grid.rows.slice(0, this.open.heads) ?? [];
        let at = 0;
        while (at < grid.rows.length && repeatsHeads(grid.rows[at] as GridRow, heads)) at += 1;
        this.open.parts.push({ grid, page, body: grid.rows.slice(at) });
        continue;
      }
      done.push(...this.finish());
      const heads = countHeads(grid);
      this.open = {
        parts: [{ grid, page, body: grid.rows.slice(heads) }],
        heads,
        caption: captionOf(grid, [measure, cornerOf(grid, heads)], label),
      };
    }
    return done;
  }

  /** Ends the last table. */
  finish(): Table[] {
    const { open } = this;
    this.open = null;
    if (open === null) return [];
    const table = tableOf(open.parts, open.heads, open.caption, this.language);
    return table === null ? [] : [table];
  }
}

/** True for a page on which rules may matter: lines in cells, or lines side by side. Reading what a page draws costs as much as its text. */
export function mayHoldTables(page: Page): boolean {
  let rows = 0;
  for (const line of page.lines) if (line.cells !== null && line.role !== 'contents') rows += 1;
  if (rows >= 2) return true;
  const { lines } = page;
  let beside = 0;
  for (let at = 1; at < lines.length; at += 1) {
    const [one, two] = [lines[at - 1]?.box, lines[at]?.box];
    if (one !== undefined && two !== undefined && two.y + two.h < one.y - 2 && two.x > one.x) beside += 1;
  }
  return beside > 0;
}
