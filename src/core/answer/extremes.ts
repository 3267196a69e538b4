import { isPointer, type Table } from '../source';
import { sayQuantity, worth, type RowOfTable } from '../figure';
import { sameTerms, termSet } from '../search';
import type { Language } from '../text';
import { columnNamed } from './columnNamed';
import type { Evidence } from './evidence';
import { firmWordingsOf, type Question } from './question';
import { EMPTY, operandAt, quotedClaim } from './quoted';
import { columnAsked } from './rowEvidence';
import type { AskedSource, Operand, ReaderAnswer } from './types';
import { yearIn } from './years';

/** Asks which of several, rather than how much at most: "What is the highest fine?" is told by a sentence. */
const ASKS_WHICH =
  /^(?:(?:in|on|at|for|of|from|to|by|during) )?(?:which|what (?=\w+ (?:had|has|was|were|is|are|brought|took|cost|made|saw|did)\b)|who|where|when)\b|^(?:(?:in|an|bei|für|auf) )?(?:welche[rsmn]?|wer|wo|wann)(?!\p{L})|どの|どこ|どれ|いつ|何月|何年|誰/iu;
const MOST =
  /\b(?:most|highest|largest|biggest|greatest|longest|deepest|heaviest|fastest|dearest|tallest|widest)\b|(?<!\p{L})(?:höchste|meiste|größte|längste|schwerste|teuerste|tiefste)[nrs]?(?!\p{L})|(?:最も|一番|いちばん)(?:多|高|大き|長|重)|最(?:多|高|大|長)/iu;
const LEAST =
  /\b(?:least|lowest|smallest|fewest|shortest|lightest|slowest|cheapest|shallowest)\b|(?<!\p{L})(?:niedrigste|wenigste|kleinste|kürzeste|geringste|leichteste|billigste)[nrs]?(?!\p{L})|(?:最も|一番|いちばん)(?:少な|低|小さ|短|軽)|最(?:少|低|小|短)/iu;
const TOTAL = /^(?:total|sum|all|together|altogether|gesamt|summe|insgesamt|zusammen|合計|総計|計)(?!\p{L})|\btotal$/iu;
const ASKS_YEAR =
  /\b(?:(?:which|what) (?:financial |fiscal )?(?:year|period)|when)\b|welche[mn]? jahr|(?<!\p{L})wann(?!\p{L})|いつ|何年/iu;

/** True for a question of which thing, place or year has most or least of something. */
export function asksExtreme(text: string): boolean {
  return ASKS_WHICH.test(text.trim()) && (MOST.test(text) || LEAST.test(text));
}

/** Share of what is asked that a table's caption and column head must hold, or the labels of its row. */
const HOLDS = 0.5;
/** Tables of the evidence that are looked at, and figures that are shown beside the one at the end. */
const TABLES = 3;
const SHOWN = 5;

/** A figure with what it is of. */
interface Compared {
  readonly label: string;
  readonly operand: Operand;
}

/** The figures of one column, a row each, without totals. */
function downColumn(source: AskedSource, table: Table, column: number): Compared[] {
  return table.rows.flatMap((row) => {
    const label = row.path.at(-1) ?? '';
    const operand = label === '' || TOTAL.test(label) ? null : operandAt(source, { table, row }, column);
    return operand === null ? [] : [{ label, operand }];
  });
}

/** The figures of rows that are called what is asked, a year each, over all tables that have them: of a year that several tell, by the first. */
function overYears(
  evidence: readonly Evidence[],
  sources: readonly AskedSource[],
  question: Question,
  superlative: string,
): Compared[] {
  const found = evidence.find(
    ({ source, row }) =>
      row !== null && shareHeld(question, superlative, [row.row.path.join(' ')], source.segment.language) >= HOLDS,
  );
  if (found === undefined || found.row === null) return [];
  const labelOf = ({ path }: RowOfTable['row'], { segment }: AskedSource): ReadonlySet<string> =>
    termSet(path.at(-1) ?? '', segment.language);
  const label = labelOf(found.row.row, found.source);
  const years = new Map<number, Compared>();
  for (const source of [found.source, ...sources.filter((one) => one !== found.source)])
    for (const table of source.tables)
      for (const row of table.rows.filter((one) => sameTerms(labelOf(one, source), label)))
        table.columns.forEach(({ path }, column) => {
          const head = path.join(' ');
          const year = isPointer(head) ? null : yearIn(head, source.segment.language);
          const operand = year === null || years.has(year) ? null : operandAt(source, { table, row }, column);
          if (year !== null && operand !== null) years.set(year, { label: `${year}`, operand });
        });
  return [...years.values()];
}

/** The share of the words asked for, by their weight, that texts hold. */
function shareHeld(question: Question, superlative: string, texts: readonly string[], language: Language): number {
  const left = termSet(superlative, language);
  const there = new Set(texts.flatMap((text) => [...termSet(text, language)]));
  const words = question.subject.filter(({ term }) => !left.has(term) && !/^[#@=\d]/.test(term));
  const total = words.reduce((sum, { weight }) => sum + weight, 0);
  const held = words.filter((one) => firmWordingsOf(one).some((word) => there.has(word)));
  return total === 0 ? 0 : held.reduce((sum, { weight }) => sum + weight, 0) / total;
}

/** The figures of a table's rows that a question sets against one another; none where the table is of something else. */
function downRows(source: AskedSource, row: RowOfTable, question: Question, superlative: string): Compared[] {
  const { language } = source.segment;
  const { table } = row;
  const caption = table.caption ?? '';
  const named = columnNamed(table, question, language);
  const columns = table.columns.flatMap((_, at) =>
    table.rows.some(({ cells }) => cells[at]?.value != null) ? [at] : [],
  );
  // Of columns that are periods, the one asked for, or the latest.
  const periods = columns.some((at) => yearIn(table.columns[at]?.path.join(' ') ?? '', language) !== null);
  const column = named ?? (columns.length > 1 && !periods ? null : columnAsked(row, question, language));
  if (column == null) return [];
  const heads = [caption, table.columns[column]?.path.join(' ') ?? ''];
  return shareHeld(question, superlative, heads, language) >= HOLDS ? downColumn(source, table, column) : [];
}

/**
 * Which of a table's rows, or of its years, has the highest or lowest figure, where a question asks for it: "Which beach had the least nitrate?" The figures it is
 * set against are told beside it. Null for any other question, and where no table of the evidence holds what is asked.
 */
export function extremeAnswer(
  evidence: readonly Evidence[],
  sources: readonly AskedSource[],
  question: Question,
): ReaderAnswer | null {
  const { text } = question;
  const most = MOST.exec(text)?.[0];
  const superlative = most ?? LEAST.exec(text)?.[0];
  if (superlative === undefined || !asksExtreme(text)) return null;
  // A sentence that says so itself is the better answer; "most of it" says nothing of the kind.
  const [best] = evidence;
  const says = new RegExp(`${superlative}(?! of\\b)`, 'i');
  if (best?.row === null && says.test(best.text) && best.features.led >= HOLDS) return null;
  const seen = new Set<Table>();
  const compared = ASKS_YEAR.test(text) ? [overYears(evidence, sources, question, superlative)] : [];
  for (const { row, source } of evidence) {
    if (row === null || seen.has(row.table) || seen.size === TABLES) continue;
    seen.add(row.table);
    compared.push(downRows(source, row, question, superlative));
  }
  const told = compared.find(
    (one) => one.length > 1 && new Set(one.map(({ operand }) => `${operand.unit} ${operand.scale}`)).size === 1,
  );
  return told === undefined
    ? null
    : sayEnd(told, most === undefined ? 1 : -1, evidence[0]?.source.segment.language ?? 'en');
}

/** The one at the end of several figures, the least for 1, the greatest for -1, with those it is set against. */
function sayEnd(compared: readonly Compared[], sign: 1 | -1, language: Language): ReaderAnswer {
  const sorted = [...compared].sort((a, b) => sign * worth(a.operand).cmp(worth(b.operand)));
  const [first] = sorted as [Compared];
  const tied = sorted.filter(({ operand }) => worth(operand).eq(worth(first.operand)));
  const lines = tied.map(({ label, operand }) => `${label}: ${sayQuantity(operand, language)}`);
  const shown = sorted.slice(0, Math.max(tied.length, SHOWN)).map(({ operand }) => quotedClaim(operand.citation));
  const claims = shown.filter(({ text }, at) => shown.findIndex((other) => other.text === text) === at);
  return { ...EMPTY, headline: lines.join('; '), ...(lines.length > 1 ? { lines } : {}), claims };
}
