import type { RowOfTable } from '../source';
import { oneLine } from '../text';
import { cellPlace, cellQuantity } from '../figure';
import type { UnitText } from '../search';
import type { CellPlace } from '../quote';
import type { AskedSource, DraftCitation, DraftClaim, Operand, ReaderAnswer } from './types';

/** A sentence or table row of a document as a citation: its words on one line, its page, and the cell that is meant, if one is. */
export function quoteOf(source: AskedSource, { unit, text }: UnitText, cell: CellPlace | null = null): DraftCitation {
  const page = unit.spans[0]?.page ?? null;
  return { sourceId: source.id, page, quote: oneLine(text), ...(cell === null ? {} : { cell }) };
}

/** A cell of a table as a citation: its row's label and cells as they stand on the page of the cell. */
export function quoteOfCell(source: AskedSource, { table, row }: RowOfTable, column: number): DraftCitation {
  const spans = [...(row.spans.at(-1) ?? []), ...row.cells.flatMap((cell) => cell?.spans ?? [])];
  const page = row.cells[column]?.spans[0]?.page ?? 1;
  const here = spans.filter((span) => span.page === page);
  const [start, end] = [Math.min(...here.map((span) => span.start)), Math.max(...here.map((span) => span.end))];
  const cell = cellPlace({ table, row }, column);
  return {
    sourceId: source.id,
    page,
    quote: oneLine(source.page(page)?.text.slice(start, end) ?? ''),
    ...(cell === null ? {} : { cell }),
  };
}

/** A cell that tells a period, and no figure of one. */
const HEADS_COLUMN = /\p{L}{3}.*(?<!\d)(?:19|20)\d{2}(?!\d)/u;

/** The figure of a cell as an operand of a calculation; null where none stands there. */
export function operandAt(source: AskedSource, at: RowOfTable, column: number): Operand | null {
  const cell = at.row.cells[column];
  // "Nine months 2024" heads a column.
  const quantity = cell == null || HEADS_COLUMN.test(cell.text) ? null : cellQuantity(cell);
  return quantity === null ? null : { ...quantity, citation: quoteOfCell(source, at, column) };
}

/** A claim that is a quote itself. */
export function quotedClaim(citation: DraftCitation): DraftClaim {
  return { text: citation.quote, citations: [citation] };
}

/** An answer without anything in it, to be filled. */
export const EMPTY: ReaderAnswer = { headline: null, claims: [], calculations: [], conflicts: [], missing: [] };
