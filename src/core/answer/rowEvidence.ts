import type { Language } from '../text';
import { termSet } from '../search';
import { isPointer } from '../source';
import { type RowOfTable, spanAsked, spanOfColumn } from '../figure';
import type { Measured } from './measured';
import type { Question } from './question';
import { isMoney } from './sumsTold';

/** What a table says over a row: labels, the caption, the heads of its columns; as search terms. */
export interface RowTerms {
  readonly label: ReadonlySet<string>;
  readonly path: ReadonlySet<string>;
  readonly caption: ReadonlySet<string>;
  readonly heads: ReadonlySet<string>;
}

/** The labels a row stands under and the heads of its columns, as text. */
export function wordsOver({ table, row }: RowOfTable): string {
  return [...row.path, ...table.columns.flatMap((column) => column.path)].join(' ');
}

export function rowTerms({ table, row }: RowOfTable, language: Language): RowTerms {
  return {
    label: termSet(row.path.at(-1) ?? '', language),
    path: termSet(row.path.join(' '), language),
    caption: termSet(table.caption ?? '', language),
    heads: termSet(table.columns.flatMap((column) => column.path).join(' '), language),
  };
}

/** The share of a row's own label that is asked for: 1 for "Revenue" when revenue is asked, less for "Revenue from charter". */
export function labelShare(label: ReadonlySet<string>, asked: (term: string) => number): number {
  if (label.size === 0) return 0;
  return [...label].reduce((sum, term) => sum + asked(term), 0) / label.size;
}

/** What a column loses whose figures are of a shorter or longer period than is asked for. */
const OTHER_SPAN = 0.75;

/**
 * The column that a question asks of a row: the one whose heads hold most of its periods and words; by the custom of accounts the latest period stands
 * first. Null when no cell with a figure stands there, or none is of the period asked for.
 */
export function columnAsked({ table, row }: RowOfTable, question: Question, language: Language): number | null {
  const own = termSet(row.path.join(' '), language);
  const asked = new Set(question.terms.map((one) => one.term).filter((term) => !own.has(term)));
  const wanted = spanAsked(question.text);
  let best: number | null = null;
  let most = -Infinity;
  table.columns.forEach((column, at) => {
    const heads = termSet(column.path.join(' '), language);
    if (row.cells[at]?.value == null || isPointer(column.path.join(' '))) return;
    const periods = question.periods.filter((period) => heads.has(period)).length;
    const words = [...heads].filter((term) => asked.has(term)).length;
    const score = 2 * periods + words - (spanOfColumn(table, at) === wanted ? 0 : OTHER_SPAN);
    if (score > most) [best, most] = [at, score];
  });
  const otherPeriod =
    question.periods.length > 0 &&
    table.columns.some((column) => column.path.some((head) => /\b(?:19|20)\d{2}\b/.test(head)));
  return otherPeriod && most < 2 - OTHER_SPAN ? null : best;
}

/** False for a row whose figures measure or count something else than is asked for: by the units of its cells, and by what it and its table are called. */
export function rowMeasures(
  { quantity, counted, money, each }: Measured,
  row: RowOfTable,
  language: Language,
): boolean {
  const units = row.row.cells.flatMap((cell) => cell?.unit ?? []);
  if (quantity !== null && units.length > 0 && !units.some((unit) => quantity.test(unit))) return false;
  if (each && row.row.cells.some((cell) => (cell?.scale ?? 1) > 1)) return false;
  if (counted.size > 0) {
    const called = termSet(`${wordsOver(row)} ${row.table.caption ?? ''}`, language);
    if (![...counted].some((term) => called.has(term))) return false;
  }
  const ofSums = units.some(isMoney);
  return counted.size > 0 ? !ofSums : !money || ofSums;
}
