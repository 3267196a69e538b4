import type { Span } from '../types';
import type { Table, TableRow } from './types';

/** A row of a table that a sentence-like unit of text is, with what stands over it. */
export interface RowOfTable {
  readonly table: Table;
  readonly row: TableRow;
}

/** A row with where its own label and its cells stand on one page. */
export interface PlacedRow extends RowOfTable {
  readonly spans: readonly Span[];
}

/** Rows by the page they stand on; tables are immutable, so each list is laid out once. */
const laidOut = new WeakMap<readonly Table[], ReadonlyMap<number, readonly PlacedRow[]>>();

/** The rows of tables by the page they stand on, in the order of the tables. */
export function rowsByPage(tables: readonly Table[]): ReadonlyMap<number, readonly PlacedRow[]> {
  const known = laidOut.get(tables);
  if (known !== undefined) return known;
  const pages = new Map<number, PlacedRow[]>();
  for (const table of tables) {
    for (const row of table.rows) {
      const spans = [...(row.spans.at(-1) ?? []), ...row.cells.flatMap((cell) => cell?.spans ?? [])];
      for (const page of new Set(spans.map((span) => span.page))) {
        const placed = pages.get(page) ?? [];
        placed.push({ table, row, spans: spans.filter((span) => span.page === page) });
        pages.set(page, placed);
      }
    }
  }
  laidOut.set(tables, pages);
  return pages;
}

const stretches = new WeakMap<readonly Table[], ReadonlyMap<number, readonly Span[]>>();

/** The stretch of a page's text that each row takes, from its first word to its last, by page and in order; none for rows between whose words those of another stand. */
export function rowStretches(tables: readonly Table[]): ReadonlyMap<number, readonly Span[]> {
  const known = stretches.get(tables);
  if (known !== undefined) return known;
  const pages = new Map<number, readonly Span[]>();
  for (const [page, rows] of rowsByPage(tables)) {
    const whole = rows
      .map(({ spans }) => ({
        page,
        start: Math.min(...spans.map(({ start }) => start)),
        end: Math.max(...spans.map(({ end }) => end)),
      }))
      .sort((a, b) => a.start - b.start);
    pages.set(
      page,
      whole.filter(
        ({ start, end }, at) =>
          whole.slice(0, at).every((other) => other.end <= start) && (whole[at + 1]?.start ?? end) >= end,
      ),
    );
  }
  stretches.set(tables, pages);
  return pages;
}
