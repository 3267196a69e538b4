import { CURRENCIES, type Language, type Range } from '../text';
import { freshMentions } from './kinds';
import { termSet } from '../search';
import { isPointer, type RowOfTable, type Table, type TableRow } from '../source';
import { spanMeant, spanOfColumn, type PeriodSpan } from '../figure';
import type { Measured } from './measured';
import { columnOfProperty } from './properties';
import type { Question } from './question';
import { isMoney } from './sumsTold';
import type { AskedSource } from './types';
import { yearIn, yearMeant } from './years';

/** What a table says over a row: labels, the caption, the heads of its columns; as search terms. */
export interface RowTerms {
  readonly label: ReadonlySet<string>;
  readonly path: ReadonlySet<string>;
  readonly caption: ReadonlySet<string>;
  readonly heads: ReadonlySet<string>;
}

/** The labels a row stands under and the heads of its columns, as text. */
export function wordsOver({ table, row }: RowOfTable): string {
  return [...row.path, table.corner ?? '', ...table.columns.flatMap((column) => column.path)].join(' ');
}

export function rowTerms({ table, row }: RowOfTable, language: Language): RowTerms {
  return {
    label: termSet(row.path.at(-1) ?? '', language),
    path: termSet(row.path.join(' '), language),
    caption: termSet(table.caption ?? '', language),
    heads: termSet([table.corner ?? '', ...table.columns.flatMap((column) => column.path)].join(' '), language),
  };
}

/** The share of a row's own label that is asked for: 1 for "Revenue" when revenue is asked, less for "Revenue from charter". */
export function labelShare(label: ReadonlySet<string>, asked: (term: string) => number): number {
  if (label.size === 0) return 0;
  return [...label].reduce((sum, term) => sum + asked(term), 0) / label.size;
}

/** What a column loses whose figures are of a shorter or longer period than is asked for. */
const OTHER_SPAN = 0.75;
/** What a column gains that tells the property asked for: "Depth (m)", of how deep something is. */
const OF_PROPERTY = 1.5;
/** What the latest period gains where none is asked for. */
const OF_LATEST = 0.1;

/** True for a table with a column for the property asked of a thing, or for what is counted; `heads` are the terms of its heads. */
export function hasColumn(
  table: Table,
  heads: ReadonlySet<string>,
  { text }: Question,
  { counted }: Measured,
): boolean {
  return columnOfProperty(table, text, ['asked']) !== null || [...counted].some((term) => heads.has(term));
}

/** The years by which tables call their columns, and those by which they call their rows; null for each of none. */
interface YearsOfTable {
  readonly columns: readonly (number | null)[];
  readonly rows: readonly (number | null)[];
}

const calledByYear = new WeakMap<Table, YearsOfTable>();

function yearsOf(table: Table, language: Language): YearsOfTable {
  const known = calledByYear.get(table);
  if (known !== undefined) return known;
  const years = {
    columns: table.columns.map(({ path }) => yearIn(path.join(' '), language)),
    rows: table.rows.map(({ path }) => yearIn(path.at(-1) ?? '', language)),
  };
  calledByYear.set(table, years);
  return years;
}

/** The row of the year that a question means which names none, where a row stands in a table of a row a year; null otherwise. */
export function rowOfYear({ table, row }: RowOfTable, question: Question, language: Language): TableRow | null {
  const { rows } = yearsOf(table, language);
  const dated = rows.filter((year) => year !== null).length > 1 && rows[table.rows.indexOf(row)] !== null;
  return dated ? (table.rows[yearMeant(rows, question)] ?? null) : null;
}

/**
 * The column that a question asks of a row: the one whose heads hold most of its periods and words; where it names no period, the latest is meant. Null when no cell with a figure stands there, or none is of the period asked for.
 */
export function columnAsked({ table, row }: RowOfTable, question: Question, language: Language): number | null {
  const own = termSet(row.path.join(' '), language);
  const spoken = [...question.terms.map((one) => one.term), ...termSet(question.text, language)];
  const asked = new Set(spoken.filter((term) => !own.has(term)));
  const wanted = spanOfTable(table, question, language);
  const ofProperty = columnOfProperty(table, question.text, ['asked']);
  const latest = yearMeant(yearsOf(table, language).columns, question);
  let best: number | null = null;
  let most = -Infinity;
  table.columns.forEach((column, at) => {
    const heads = termSet(column.path.join(' '), language);
    if (row.cells[at]?.value == null || isPointer(column.path.join(' '))) return;
    const periods = question.periods.filter((period) => heads.has(period)).length;
    const words = [...heads].filter((term) => asked.has(term)).length;
    const score =
      2 * periods +
      words +
      (at === ofProperty ? OF_PROPERTY : 0) +
      (at === latest ? OF_LATEST : 0) -
      (spanOfColumn(table, at) === wanted ? 0 : OTHER_SPAN);
    if (score > most) [best, most] = [at, score];
  });
  const otherPeriod =
    question.periods.length > 0 &&
    table.columns.some((column) => column.path.some((head) => /\b(?:19|20)\d{2}\b/.test(head)));
  return otherPeriod && most < 2 - OTHER_SPAN ? null : best;
}

/** The length of period that a question means of a table: of columns that are all of one, that one. */
export function spanOfTable(table: Table, question: Question, language: Language): PeriodSpan {
  const dated = table.columns.flatMap(({ path }, at) => (yearIn(path.join(' '), language) === null ? [] : [at]));
  return spanMeant(new Set(dated.map((at) => spanOfColumn(table, at))), question.text);
}

/** What may answer in a unit of text; of a row, where shares are asked for, also the cells that a head says to be shares. */
export function answersIn(text: string, row: RowOfTable | null, question: Question, language: Language): Range[] {
  const told = freshMentions(text, question, language);
  if (told.length > 0 || row === null || question.kind !== 'percentage') return told;
  return row.row.cells.flatMap((cell) => {
    const start = cell?.unit === '%' && cell.value !== null ? text.indexOf(cell.text) : -1;
    return start < 0 ? [] : [{ start, end: start + (cell?.text.length ?? 0) }];
  });
}

/** Says once for all tables of a document that they tell sums: "Prices are in crowns". */
const PRICES_IN = new RegExp(
  String.raw`\b(?:prices?|fees?|charges?|rates?|dues|amounts?|sums?|tariffs?|costs?|figures)\b[^.]{0,40}?\bin (?:\p{L}+ )?(?:${CURRENCIES})|(?:preise|gebühren|entgelte|beträge|kosten|angaben)(?!\p{L})[^.]{0,40}? in (?:${CURRENCIES})|単位[：:]?\s?[千百万億]*円`,
  'iu',
);
/** Pages at the front of a document that may say so. */
const FRONT = 3;
const pricing = new WeakMap<AskedSource, boolean>();

/** True where a table tells sums that its cells print no currency of: a head says that it tells prices, or the document says so at its front. */
function tellsPrices(table: Table, source: AskedSource): boolean {
  if (columnOfProperty(table, 'dearest', ['most']) !== null) return true;
  const known = pricing.get(source);
  if (known !== undefined) return known;
  const front = Array.from({ length: FRONT }, (_, at) => source.page(at + 1)?.text ?? '').join('\n');
  const told = PRICES_IN.test(front);
  pricing.set(source, told);
  return told;
}

/** False for a row whose figures measure or count something else than is asked for: by the units of its cells, and by what it and its table are called. */
export function rowMeasures(
  { quantity, counted, money, each }: Measured,
  row: RowOfTable,
  source: AskedSource,
): boolean {
  const { language } = source.segment;
  const units = row.row.cells.flatMap((cell) => cell?.unit ?? []);
  if (quantity !== null && units.length > 0 && !units.some((unit) => quantity.test(unit))) return false;
  if (each && row.row.cells.some((cell) => (cell?.scale ?? 1) > 1)) return false;
  if (counted.size > 0) {
    const called = termSet(`${wordsOver(row)} ${row.table.caption ?? ''}`, language);
    // "Messtage" are days.
    const says = (term: string): boolean =>
      called.has(term) || (language === 'de' && [...called].some((word) => word.endsWith(term)));
    if (![...counted].some(says)) return false;
  }
  // A row of people and what they cost tells how many there are, too.
  if (counted.size > 0) return row.row.cells.some((cell) => cell?.value != null && !isMoney(cell.unit ?? ''));
  const bare = row.row.cells.some((cell) => cell?.value != null && cell.unit === null);
  return !money || units.some(isMoney) || (bare && tellsPrices(row.table, source));
}
