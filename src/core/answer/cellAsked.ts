import type { RowOfTable } from '../source';
import { sayQuantity, tableRowAt } from '../figure';
import { termSet } from '../search';
import type { Language } from '../text';
import { columnNamed } from './columnNamed';
import { UNITS_OF_TIME } from './measuredNumbers';
import type { Evidence } from './evidence';
import { columnOfProperty } from './properties';
import type { Question } from './question';
import { EMPTY, operandAt, quotedClaim, quoteOfCell } from './quoted';
import { isMoney } from './sumsTold';
import { headsOver, HOLDS, shareHeld, TOTAL } from './tableCompared';
import type { AnswerKind, ReaderAnswer } from './types';

/** Kinds of value that a column may tell by its unit alone. */
const BY_UNIT: Readonly<Partial<Record<AnswerKind, (unit: string) => boolean>>> = {
  duration: (unit) => UNITS_OF_TIME.test(unit),
  percentage: (unit) => unit === '%',
  amount: isMoney,
};

/** The only column of a row whose figure is in a unit of the kind asked for; null where there is none, or several. */
function columnInUnit({ row }: RowOfTable, kind: AnswerKind): number | null {
  const isOfKind = BY_UNIT[kind];
  const columns = row.cells.flatMap((cell, at) =>
    cell?.value != null && cell.unit !== null && isOfKind?.(cell.unit) === true ? [at] : [],
  );
  return columns.length === 1 ? (columns[0] as number) : null;
}

/** The column of a row that a question asks for: by a property, by words of its head that are none of the label's, or by its unit; null where nothing tells. */
function columnOf(row: RowOfTable, label: ReadonlySet<string>, question: Question, language: Language): number | null {
  const rest = { ...question, text: '', subject: question.subject.filter(({ term }) => !label.has(term)) };
  return (
    columnOfProperty(row.table, question.text, ['asked']) ??
    columnNamed(row.table, rest, language) ??
    columnInUnit(row, question.kind)
  );
}

/**
 * The cell of a table where a row that a question names whole meets a column that it names, in figures or words: "Who issues the radio certificate?" of a row
 * "Radio" and a column "Issued by". Null where no table of the evidence has such a one.
 */
export function cellAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  for (const { source, unit } of evidence) {
    const { language } = source.segment;
    // A row of words alone is read as a sentence.
    const row = tableRowAt(source.tables, unit.spans);
    const called = row?.row.path.at(-1) ?? '';
    const [label, spoken] = [termSet(called, language), termSet(question.text, language)];
    if (row === null || label.size === 0 || TOTAL.test(called) || ![...label].every((term) => spoken.has(term)))
      continue;
    const column = columnOf(row, label, question, language);
    const cell = column === null ? null : row.row.cells[column];
    if (column === null || cell == null || cell.text === '') continue;
    if (shareHeld(question, '', [row.row.path.join(' '), ...headsOver(row.table, column)], language) < HOLDS) continue;
    const operand = operandAt(source, row, column);
    return {
      ...EMPTY,
      headline: operand === null ? cell.text : sayQuantity(operand, language),
      claims: [quotedClaim(quoteOfCell(source, row, column))],
    };
  }
  return null;
}
