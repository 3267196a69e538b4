import { ratioNamed, subjectOf, workRatio } from '../figure';
import { sameTerms } from '../search';
import type { Table, RowOfTable } from '../source';
import type { Language } from '../text';
import type { Question } from './question';
import { EMPTY, operandAt } from './quoted';
import type { AskedSource, ReaderAnswer } from './types';
import { yearsAsked, yearsIn } from './years';

/** The first row of a table that goes by one of the labels, tried in their order. */
function rowCalled(table: Table, labels: readonly ReadonlySet<string>[], language: Language): RowOfTable | null {
  for (const label of labels) {
    const row = table.rows.find((one) => sameTerms(subjectOf(one.path.at(-1) ?? '', language), label));
    if (row !== undefined) return { table, row };
  }
  return null;
}

/** The column of the year asked for, or of the latest where none is asked; null where no column is headed by it. */
function columnOfYear(table: Table, question: Question, language: Language): { at: number; year: number } | null {
  const dated = table.columns.flatMap(({ path }, at) =>
    yearsIn(path.join(' '), language).map((year) => ({ at, year })),
  );
  const wanted = yearsAsked(question)[0] ?? Math.max(...dated.map(({ year }) => year));
  return dated.find(({ year }) => year === wanted) ?? null;
}

/** A ratio that goes by a name, such as the operating margin, worked out from the two rows of a table that it is made of; null where the question names none or no table holds both. */
export function ratioAnswer(question: Question, sources: readonly AskedSource[]): ReaderAnswer | null {
  for (const source of sources) {
    const { language } = source.segment;
    const ratio = ratioNamed(question.text, language);
    if (ratio === null) continue;
    for (const table of source.tables) {
      const [part, whole] = [ratio.part, ratio.whole].map((labels) => rowCalled(table, labels, language));
      const column = part == null || whole == null ? null : columnOfYear(table, question, language);
      if (part == null || whole == null || column === null) continue;
      const [above, below] = [part, whole].map((row) => operandAt(source, row, column.at));
      const worked = above == null || below == null ? null : workRatio(above, below, ratio);
      if (above == null || below == null || worked === null) continue;
      const lines = [worked.result, `${ratio.name}, ${column.year}`];
      return {
        ...EMPTY,
        headline: lines.join(', '),
        lines,
        claims: [{ text: above.citation.quote, citations: [above.citation, below.citation] }],
        calculations: [{ operation: 'ratio', operands: [above, below], ...worked }],
      };
    }
  }
  return null;
}

/** True for an answer whose own words name the ratio that is asked: it need not be worked out. */
export function saysRatio(drafted: ReaderAnswer, question: Question): boolean {
  const name = ratioNamed(question.text, 'en')?.name.toLowerCase();
  return (
    name === undefined || (drafted.headline !== null && (drafted.claims[0]?.text.toLowerCase().includes(name) ?? false))
  );
}
