import { isPointer, type Table, type TableRow } from '../source';
import { sayQuantity, worth } from '../figure';
import { sectionOf, termSet } from '../search';
import type { Language } from '../text';
import { columnNamed } from './columnNamed';
import type { Evidence } from './evidence';
import { firmWordingsOf, type Question } from './question';
import { EMPTY, operandAt, quotedClaim } from './quoted';
import type { AskedSource, Operand, ReaderAnswer } from './types';
import { yearsIn } from './years';

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

/** Share of what is asked that the heads, the caption and the section of a table must hold. */
const HOLDS = 0.5;
/** Tables of the evidence that are looked at, and figures that are shown beside the one at the end. */
const TABLES = 3;
const SHOWN = 5;

/** A figure with what it is of. */
interface Compared {
  readonly label: string;
  readonly operand: Operand;
}

function asOperand(source: AskedSource, table: Table, row: TableRow, column: number): Operand | null {
  return operandAt(source, { table, row }, column);
}

/** The figures of one column, a row each, without totals. */
function downColumn(source: AskedSource, table: Table, column: number): Compared[] {
  return table.rows.flatMap((row) => {
    const label = row.path.at(-1) ?? '';
    const operand = label === '' || TOTAL.test(label) ? null : asOperand(source, table, row, column);
    return operand === null ? [] : [{ label, operand }];
  });
}

/** The figures of one row, a year each. */
function overYears(source: AskedSource, table: Table, row: TableRow): Compared[] {
  return table.columns.flatMap(({ path }, column) => {
    const head = path.join(' ');
    const operand =
      isPointer(head) || yearsIn(head, source.segment.language).length !== 1
        ? null
        : asOperand(source, table, row, column);
    return operand === null ? [] : [{ label: head, operand }];
  });
}

/** The share of the words asked for, by their weight, that texts hold. */
function shareHeld(question: Question, asked: string, texts: readonly string[], language: Language): number {
  const superlative = termSet(asked, language);
  const there = new Set(texts.flatMap((text) => [...termSet(text, language)]));
  const words = question.subject.filter(({ term }) => !superlative.has(term));
  const total = words.reduce((sum, { weight }) => sum + weight, 0);
  const held = words.filter((one) => firmWordingsOf(one).some((word) => there.has(word)));
  return total === 0 ? 0 : held.reduce((sum, { weight }) => sum + weight, 0) / total;
}

/** The figures that a question sets against one another in a table; none where it is of something else. */
function comparedIn({ source, row, unit }: Evidence, question: Question, asked: string): Compared[] {
  const { language } = source.segment;
  const { table } = row as NonNullable<Evidence['row']>;
  const around = [table.caption ?? '', sectionOf(source, unit.section)];
  if (ASKS_YEAR.test(question.text)) {
    const best = table.rows
      .map((one) => ({ one, held: shareHeld(question, asked, [...around, one.path.join(' ')], language) }))
      .reduce((a, b) => (b.held > a.held ? b : a));
    const years = best.held >= HOLDS ? overYears(source, table, best.one) : [];
    if (years.length > 1) return years;
  }
  const named = columnNamed(table, question, language);
  const columns = table.columns.flatMap((_, at) =>
    table.rows.some(({ cells }) => cells[at]?.value != null) ? [at] : [],
  );
  const column = named ?? (columns.length === 1 ? columns[0] : undefined);
  if (column === undefined) return [];
  const heads = [...around, table.columns[column]?.path.join(' ') ?? ''];
  return shareHeld(question, asked, heads, language) >= HOLDS ? downColumn(source, table, column) : [];
}

/**
 * Which of a table's rows, or of its years, has the highest or lowest figure, where a question asks for it: "Which beach had the least nitrate?" The figures it is
 * set against are told beside it. Null for any other question, and where no table of the evidence holds what is asked.
 */
export function extremeAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  const { text } = question;
  const most = MOST.exec(text)?.[0];
  const asked = most ?? LEAST.exec(text)?.[0];
  if (asked === undefined || !asksExtreme(text)) return null;
  // A sentence that says so itself is the better answer.
  const [best] = evidence;
  if (best?.row === null && new RegExp(asked, 'i').test(best.text) && best.features.led >= HOLDS) return null;
  const seen = new Set<Table>();
  for (const one of evidence) {
    if (one.row === null || seen.has(one.row.table) || seen.size === TABLES) continue;
    seen.add(one.row.table);
    const compared = comparedIn(one, question, asked);
    const units = new Set(compared.map(({ operand }) => `${operand.unit} ${operand.scale}`));
    if (compared.length < 2 || units.size > 1) continue;
    const sign = most === undefined ? 1 : -1;
    const sorted = [...compared].sort((a, b) => sign * worth(a.operand).cmp(worth(b.operand)));
    const [first] = sorted as [Compared];
    const tied = sorted.filter(({ operand }) => worth(operand).eq(worth(first.operand)));
    const { language } = one.source.segment;
    const lines = tied.map(({ label, operand }) => `${label}: ${sayQuantity(operand, language)}`);
    const shown = sorted.slice(0, Math.max(tied.length, SHOWN)).map(({ operand }) => quotedClaim(operand.citation));
    const claims = shown.filter(({ text: said }, at) => shown.findIndex((other) => other.text === said) === at);
    return { ...EMPTY, headline: lines.join('; '), ...(lines.length > 1 ? { lines } : {}), claims };
  }
  return null;
}
