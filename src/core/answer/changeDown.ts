import type { Table, TableRow } from '../source';
import type { Language } from '../text';
import { changeTold, countsAsked } from './change';
import { columnNamed } from './columnNamed';
import type { Evidence } from './evidence';
import { asksChange } from './moves';
import type { Question } from './question';
import { operandAt } from './quoted';
import type { ReaderAnswer } from './types';
import { yearIn, yearsAsked } from './years';

/** The rows of a table that are headed by years; none where the columns are. */
function rowsByYear(table: Table, language: Language): ReadonlyMap<number, TableRow> {
  const rows = new Map<number, TableRow>();
  for (const row of table.rows) {
    const year = yearIn(row.path.at(-1) ?? '', language);
    if (year !== null && !rows.has(year)) rows.set(year, row);
  }
  return rows;
}

/** The two years that a question compares among those there are, the earlier first; null where one is missing. */
function yearsCompared(question: Question, there: readonly number[]): readonly [number, number] | null {
  const asked = yearsAsked(question);
  const to = asked.length === 0 ? Math.max(...there) : Math.max(...asked);
  const from = asked.length > 1 ? Math.min(...asked) : to - 1;
  return there.includes(from) && there.includes(to) ? [from, to] : null;
}

/** How a figure moved between two years of a table whose rows are years; null when the question asks for no move, or no such table of the evidence holds it. */
export function changeOverRows(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  if (!asksChange(question.text)) return null;
  const seen = new Set<Table>();
  for (const { row: found, source } of evidence) {
    if (found === null || seen.has(found.table)) continue;
    seen.add(found.table);
    const { table } = found;
    const { language } = source.segment;
    const rows = rowsByYear(table, language);
    const years = rows.size < 2 ? null : yearsCompared(question, [...rows.keys()]);
    const column = columnNamed(table, question, language);
    if (years === null || column === null) continue;
    const [from, to] = years.map((year) => operandAt(source, { table, row: rows.get(year) as TableRow }, column));
    if (from == null || to == null || !countsAsked(question, to)) continue;
    const told = changeTold(question, { from, to }, [`${years[0]}`, `${years[1]}`], language);
    if (told !== null) return told;
  }
  return null;
}
