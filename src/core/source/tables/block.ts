import type { Span } from '../types';
import type { Table, TableCell, TableRow } from './types';

/** A block of neighbouring cells of one table, as someone points it out on a page. */
export interface CellBlock {
  readonly table: Table;
  readonly rows: readonly TableRow[];
  /** Which of the table's columns, from 0. */
  readonly columns: readonly number[];
}

interface Corner {
  readonly table: Table;
  readonly row: number;
  /** -1 for the row label. */
  readonly column: number;
}

function touches(spans: readonly Span[], { page, start, end }: Span): boolean {
  return spans.some((one) => one.page === page && one.start < end && start < one.end);
}

/** Labels and cells that a span touches, in the order of rows. */
function touched(table: Table, span: Span): Corner[] {
  return table.rows.flatMap((row, at) => [
    ...(touches(row.spans.at(-1) ?? [], span) ? [{ table, row: at, column: -1 }] : []),
    ...row.cells.flatMap((cell, column) =>
      cell !== null && touches(cell.spans, span) ? [{ table, row: at, column }] : [],
    ),
  ]);
}

/**
 * The block of cells between the two ends of a selection: from the cell or label at its first character to that at its last, over all rows and columns
 * between. Null where either end stands outside a table, or both in different ones, or only labels are meant.
 */
export function blockBetween(tables: readonly Table[], span: Span): CellBlock | null {
  const [first, last] = [
    { ...span, end: span.start + 1 },
    { ...span, start: span.end - 1 },
  ];
  for (const table of tables) {
    const [from] = touched(table, first);
    const to = touched(table, last).at(-1);
    if (from === undefined || to === undefined) continue;
    const left = Math.max(0, Math.min(from.column, to.column));
    const right = Math.max(from.column, to.column);
    if (right < 0) return null;
    const rows = table.rows.slice(Math.min(from.row, to.row), Math.max(from.row, to.row) + 1);
    return { table, rows, columns: Array.from({ length: right - left + 1 }, (_, at) => left + at) };
  }
  return null;
}

/** The cells of a block that are not empty, with row and column. */
export function cellsOf(block: CellBlock): { row: TableRow; column: number; cell: TableCell }[] {
  return block.rows.flatMap((row) =>
    block.columns.flatMap((column) => {
      const cell = row.cells[column];
      return cell == null ? [] : [{ row, column, cell }];
    }),
  );
}
