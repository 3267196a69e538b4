import { agree, cellQuantity, type PeriodSpan, type Quantity, sayQuantity, spanOfColumn } from '../figure';
import { sameTerms, termSet } from '../search';
import type { Heads, Table, TableRow } from '../source';
import type { Language } from '../text';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { columnAsked } from './rowEvidence';
import { quotedClaim, quoteOfCell } from './quoted';
import type { Side } from './sides';
import type { AskedSource } from './types';

const YEAR = /^#(?:19|20)\d{2}$/;

/** What the row that answers says in other documents, where its value differs there; the same label, of the same period, in the same unit. */
export function otherRows(best: Evidence, question: Question, sources: readonly AskedSource[]): Side[] {
  const { row, source } = best;
  const { language } = source.segment;
  const column = row === null ? null : columnAsked(row, question, language);
  const cell = row === null || column === null ? null : row.row.cells[column];
  const quantity = cell == null ? null : cellQuantity(cell);
  if (row === null || column === null || quantity === null) return [];
  const label = termSet(row.row.path.at(-1) ?? '', language);
  const heads = termSet((row.table.columns[column]?.path ?? []).join(' '), language);
  const period = question.periods.find((one) => heads.has(one)) ?? [...heads].find((term) => YEAR.test(term));
  if (period === undefined || label.size === 0) return [];
  const span = spanOfColumn(row.table, column);
  return sources.flatMap((other) => {
    if (other.id === source.id) return [];
    const found = rowsNamed(other, label, period, span).filter(({ value }) => value.unit === quantity.unit);
    const [first] = found;
    if (first === undefined || found.some(({ value }) => agree(value, quantity))) return [];
    return [sideOfRow(other, first)];
  });
}

interface NamedCell {
  readonly table: Table;
  readonly row: TableRow;
  readonly column: number;
  readonly value: Quantity;
}

/** Terms of labels and heads; tables are immutable, so each is taken apart once. */
const labels = new WeakMap<TableRow, ReadonlySet<string>>();
const heads = new WeakMap<Heads, ReadonlySet<string>>();

function labelTerms(row: TableRow, language: Language): ReadonlySet<string> {
  const terms = labels.get(row) ?? termSet(row.path.at(-1) ?? '', language);
  labels.set(row, terms);
  return terms;
}

function headTerms(column: Heads, language: Language): ReadonlySet<string> {
  const terms = heads.get(column) ?? termSet(column.path.join(' '), language);
  heads.set(column, terms);
  return terms;
}

/** Cells of rows with these words for a label and nothing more, in the column of a period. */
function rowsNamed(source: AskedSource, label: ReadonlySet<string>, period: string, span: PeriodSpan): NamedCell[] {
  const { language } = source.segment;
  return source.tables.flatMap((table) => {
    const column = table.columns.findIndex(
      (one, at) => headTerms(one, language).has(period) && spanOfColumn(table, at) === span,
    );
    if (column < 0) return [];
    return table.rows.flatMap((row) => {
      const own = labelTerms(row, language);
      const cell = row.cells[column];
      const value = cell == null ? null : cellQuantity(cell);
      return sameTerms(own, label) && value !== null ? [{ table, row, column, value }] : [];
    });
  });
}

function sideOfRow(source: AskedSource, { table, row, column, value }: NamedCell): Side {
  const claim = quotedClaim(quoteOfCell(source, { table, row }, column));
  return { source, said: sayQuantity(value, source.segment.language), claim, amends: false };
}
