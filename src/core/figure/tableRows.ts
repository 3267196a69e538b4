import {
  rowsByPage,
  type PageText,
  type PlacedRow,
  type RowOfTable,
  type Span,
  type Table,
  type TableCell,
  type TableRow,
} from '../source';
import { oneLine, type Language } from '../text';
import { cellQuantity, sayQuantity } from './quantity';
import type { CellPlace } from '../quote';

/** True for two spans that share characters. */
export function overlaps(one: Span, two: Span): boolean {
  return one.page === two.page && one.start < two.end && two.start < one.end;
}

/** The table row that stands at some spans of a document, the one with most cells there; null where no table is. */
export function tableRowAt(tables: readonly Table[], spans: readonly Span[]): RowOfTable | null {
  let best: PlacedRow | null = null;
  let most = 0;
  for (const span of spans) {
    for (const placed of rowsByPage(tables).get(span.page) ?? []) {
      const shared = placed.spans.filter((own) => overlaps(own, span)).length;
      if (shared > most) [best, most] = [placed, shared];
    }
  }
  return best;
}

/** Tells whether some words of a document's tables stand at some spans of it; where they all stand is looked up once. */
function standsAt(
  wordsOf: (table: Table) => readonly Span[],
): (tables: readonly Table[], spans: readonly Span[]) => boolean {
  const known = new WeakMap<readonly Table[], ReadonlyMap<number, readonly Span[]>>();
  const byPage = (tables: readonly Table[]): ReadonlyMap<number, readonly Span[]> => {
    const pages = new Map<number, Span[]>();
    for (const span of tables.flatMap(wordsOf))
      if (pages.get(span.page)?.push(span) === undefined) pages.set(span.page, [span]);
    return pages;
  };
  return (tables, spans) => {
    const pages = known.get(tables) ?? byPage(tables);
    known.set(tables, pages);
    return spans.some((span) => pages.get(span.page)?.some((one) => overlaps(one, span)) === true);
  };
}

/** True where the caption of a table stands at some spans of a document. */
export const isCaption = standsAt(({ captionSpans }) => captionSpans);

const headsColumn = standsAt(({ columns }) => columns.flatMap(({ spans }) => spans.flat()));

/** True where nothing but heads of a table's columns stands at some spans of a document. */
export function isHeadOfTable(tables: readonly Table[], spans: readonly Span[]): boolean {
  return headsColumn(tables, spans) && tableRowAt(tables, spans) === null;
}

/** Every table row that some spans of a document touch, in the order of the page. */
export function rowsTouched(tables: readonly Table[], spans: readonly Span[]): RowOfTable[] {
  const found = new Set<PlacedRow>();
  for (const span of spans)
    for (const placed of rowsByPage(tables).get(span.page) ?? [])
      if (placed.spans.some((own) => overlaps(own, span))) found.add(placed);
  return [...found];
}

/** Where a cell stands, with its labels and column heads. */
export function cellPlace({ table, row }: RowOfTable, column: number): CellPlace | null {
  const cell = row.cells[column];
  if (cell === null || cell === undefined) return null;
  return { value: cell.spans, row: row.spans.flat(), column: table.columns[column]?.spans.flat() ?? [] };
}

/** The one cell with a figure that a quote names: that which it covers, or, where it covers several, the one whose figure `text` says; null otherwise. */
export function cellQuoted(tables: readonly Table[], spans: readonly Span[], text: string): CellPlace | null {
  const found = tableRowAt(tables, spans);
  if (found === null) return null;
  const covered = found.row.cells.flatMap((cell, column) =>
    cell !== null && cell.value !== null && cell.spans.some((own) => spans.some((span) => overlaps(own, span)))
      ? [{ cell, column }]
      : [],
  );
  const named = covered.length === 1 ? covered : covered.filter(({ cell }) => text.split(/\s+/).includes(cell.text));
  return named.length === 1 ? cellPlace(found, (named[0] as { column: number }).column) : null;
}

/** A cell as it is said: the figure as printed, with its scale and unit ("31,200 thousand crowns", "12.5%"). */
export function sayCell(cell: TableCell, language: Language = 'en'): string {
  const quantity = cellQuantity(cell);
  return quantity === null ? cell.text : sayQuantity(quantity, language);
}

/**
 * A row's own label and cells as they are printed on a page, on one line; null where nothing of it stands there. The labels of the groups it is in stand above it, with
 * other rows between.
 */
export function printedRow({ spans, cells }: TableRow, page: PageText): string | null {
  const own = [...(spans.at(-1) ?? []), ...cells.flatMap((cell) => cell?.spans ?? [])].filter(
    (span) => span.page === page.number,
  );
  if (own.length === 0) return null;
  return oneLine(page.text.slice(Math.min(...own.map((one) => one.start)), Math.max(...own.map((one) => one.end))));
}
