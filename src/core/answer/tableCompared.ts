import { termSet } from '../search';
import type { Table, RowOfTable } from '../source';
import type { Language } from '../text';
import type { Evidence } from './evidence';
import { firmWordingsOf, type Question } from './question';
import { operandAt } from './quoted';
import type { AskedSource, Operand } from './types';

/** The label of a row that tells all of the others together. */
export const TOTAL =
  /^(?:total|sum|all|together|altogether|gesamt|summe|insgesamt|zusammen|合計|総計|計)(?!\p{L})|\btotal$/iu;

/** Share of what is asked that a table's caption and heads must hold, or the labels of its rows. */
export const HOLDS = 0.5;

/** Tables that are looked at, and rows of one that are quoted beside one another. */
const TABLES = 3;
export const SHOWN = 12;

/** The first tables that evidence stands in, each with the row that it was met by. */
export function tablesAmong(evidence: readonly Evidence[]): readonly TableMet[] {
  const met = new Map<Table, TableMet>();
  for (const { row, source } of evidence)
    if (row !== null && met.size < TABLES && !met.has(row.table)) met.set(row.table, { row, source });
  return [...met.values()];
}

/** A table of a document, by one of its rows. */
export interface TableMet {
  readonly row: RowOfTable;
  readonly source: AskedSource;
}

/** A figure with what it is of. */
export interface Compared {
  readonly label: string;
  readonly operand: Operand;
}

/** The figures of one column, a row each, without totals. */
export function downColumn(source: AskedSource, table: Table, column: number): Compared[] {
  return table.rows.flatMap((row) => {
    const label = row.path.at(-1) ?? '';
    const operand = label === '' || TOTAL.test(label) ? null : operandAt(source, { table, row }, column);
    return operand === null ? [] : [{ label, operand }];
  });
}

/** Of rows some of which are called by a word that is asked for, those alone: of berths the quays. */
export function rowsNamed<T extends Compared>(
  rows: readonly T[],
  { subject }: Question,
  language: Language,
): readonly T[] {
  const asked = subject.map(({ term }) => term).filter((term) => !/^[#@=\d]/.test(term));
  const called = rows.filter(({ label }) => {
    const words = termSet(label, language);
    return asked.some((term) => words.has(term));
  });
  return called.length > 1 ? called : rows;
}

/** What a column of a table stands under: the caption, what stands over the labels, and its own head. */
export function headsOver(table: Table, column: number): string[] {
  return [table.caption ?? '', table.corner ?? '', table.columns[column]?.path.join(' ') ?? ''];
}

/** The share of the words asked for, by their weight, that texts hold; `aside` are words that say how things are compared. */
export function shareHeld(question: Question, aside: string, texts: readonly string[], language: Language): number {
  const left = termSet(aside, language);
  const there = new Set(texts.flatMap((text) => [...termSet(text, language)]));
  const words = question.subject.filter(({ term }) => !left.has(term) && !/^[#@=\d]/.test(term));
  const total = words.reduce((sum, { weight }) => sum + weight, 0);
  const held = words.filter((one) => firmWordingsOf(one).some((word) => there.has(word)));
  return total === 0 ? 0 : held.reduce((sum, { weight }) => sum + weight, 0) / total;
}
