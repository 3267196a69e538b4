import { isPointer, type Table, type RowOfTable } from '../source';
import { sayQuantity, worth } from '../figure';
import { sameTerms, termSet } from '../search';
import type { Language } from '../text';
import { columnNamed } from './columnNamed';
import type { Evidence } from './evidence';
import { columnOfProperty, endAsked, namesProperty, superlativeIn } from './properties';
import type { Question } from './question';
import { EMPTY, operandAt, quotedClaim } from './quoted';
import { columnAsked } from './rowEvidence';
import {
  downColumn,
  headsOver,
  rowsNamed,
  shareHeld,
  HOLDS,
  tablesAmong,
  TOTAL,
  type Compared,
  type TableMet,
} from './tableCompared';
import type { AskedSource, ReaderAnswer } from './types';
import { yearIn } from './years';

/** Asks which of several, rather than how much at most: "What is the highest fine?" is told by a sentence. */
const ASKS_WHICH =
  /^(?!(?:by|until|till|from|since) when\b)(?:(?:in|on|at|for|of|from|to|by|during) )?(?:which|what (?=\w+ (?:had|has|was|were|is|are|brought|took|cost|made|saw|did)\b)|who|where|when)\b|^(?:(?:in|an|bei|für|auf) )?(?:welche[rsmn]?|wer|wo|wann)(?!\p{L})|どの|どこ|どれ|いつ|何月|何年|誰/iu;
const MOST =
  /\b(?:most(?! of\b)|highest|largest|biggest|greatest|longest|deepest|heaviest|fastest|dearest|tallest|widest)\b|(?<!\p{L})(?:höchste|meiste|größte|längste|schwerste|teuerste|tiefste)[nrs]?(?!\p{L})|(?:最も|一番|いちばん)[^、。]{0,8}?(?:多|高|大き|長|重)|最(?:多|高|大|長)/iu;
const LEAST =
  /\b(?:least|lowest|smallest|fewest|shortest|lightest|slowest|cheapest|shallowest)\b|(?<!\p{L})(?:niedrigste|wenigste|kleinste|kürzeste|geringste|leichteste|billigste)[nrs]?(?!\p{L})|(?:最も|一番|いちばん)[^、。]{0,8}?(?:少な|低|小さ|短|軽)|最(?:少|低|小|短)/iu;
const ASKS_YEAR =
  /\b(?:(?:which|what) (?:financial |fiscal )?(?:year|period)|when)\b|welche[mn]? jahr|(?<!\p{L})wann(?!\p{L})|いつ|何年/iu;

/** Names one of several by what it has most or least of: "What is the oldest berth?" */
const ASKS_ONE = /^(?:what|was) (?:is|was|are|were|ist|war) (?:the|der|die|das) /iu;

/** True for a question of which thing, place or year has most or least of something. */
export function asksExtreme(text: string): boolean {
  const plain = text.trim();
  const end = MOST.test(plain) || LEAST.test(plain);
  if (ASKS_WHICH.test(plain)) return end || superlativeIn(plain) !== undefined;
  return ASKS_ONE.test(plain) && (superlativeIn(plain) !== undefined || (end && namesProperty(plain)));
}

/** The word by which a question says which end of several it asks for; undefined where it asks for none. */
function superlativeOf(text: string): string | undefined {
  return asksExtreme(text) ? (superlativeIn(text) ?? MOST.exec(text)?.[0] ?? LEAST.exec(text)?.[0]) : undefined;
}

/** Asks which of a kind has most or least of a property: "Which vessel is the fastest?" */
const PICKS = /^(?:which|welche[rsmn]?)\s\p{L}+\s(?:is|was|are|were|ist|war|sind|has|had|hat)\b/iu;

/** The word by which a question picks one of a kind, which nothing answers that speaks of no such thing; undefined where it picks none. */
export function pickedBy(text: string): string | undefined {
  return PICKS.test(text.trim()) ? superlativeOf(text) : undefined;
}

/** Heads of columns that are no things: changes, sums of all, what is set off between them. */
const NO_THING =
  /^(?:change|growth|variance|difference|group|consolidated|eliminations?|adjustments?|average|veränderung|konzern|konsolidierung|überleitung|durchschnitt|調整額?|増減|連結|平均)(?!\p{L})|%/iu;

/** Figures that are shown beside the one at the end. */
const SHOWN = 5;

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

/** Figures that are set against one another, and which end of them is asked for: the least for 1, the greatest for -1. */
interface Range {
  readonly figures: readonly Compared[];
  readonly sign: 1 | -1;
}

/** The column that is headed by what stands behind the word for the end of it: "the most hours". */
function columnBehind(table: Table, question: string, language: Language): number | null {
  const end = MOST.exec(question) ?? LEAST.exec(question);
  const [behind = ''] = /^\s*\p{L}+/u.exec(question.slice(end === null ? question.length : end.index + end[0].length)) ?? []; // prettier-ignore
  const [term] = termSet(behind, language);
  const at = term === undefined ? -1 : table.columns.findIndex(({ path }) => termSet(path.join(' '), language).has(term)); // prettier-ignore
  return at < 0 ? null : at;
}

/** The column that a question sets the rows of a table against one another by: one of the property it speaks of, one it names, or the only one, of the period asked for. */
function columnCompared(row: RowOfTable, question: Question, language: Language): number | null {
  const { table } = row;
  const one = ASKS_ONE.test(question.text.trim());
  const ofProperty = columnOfProperty(table, question.text, one ? ['head', 'most', 'least'] : ['most', 'least']);
  // "Oldest" is said of nothing but an age.
  const only = one || !(MOST.test(question.text) || LEAST.test(question.text));
  if (ofProperty !== null || only) return ofProperty;
  const named = columnBehind(table, question.text, language) ?? columnNamed(table, question, language);
  const total = table.columns.findIndex(({ path }) => TOTAL.test(path.at(-1) ?? ''));
  if (named !== null || total >= 0) return named ?? total;
  const columns = table.columns.flatMap((_, at) =>
    table.rows.some(({ cells }) => cells[at]?.value != null) ? [at] : [],
  );
  // Of columns that are periods, the one asked for, or the latest.
  const periods = columns.some((at) => yearIn(table.columns[at]?.path.join(' ') ?? '', language) !== null);
  return columns.length > 1 && !periods ? null : columnAsked(row, question, language);
}

/** The figures of a table's rows that a question sets against one another; none where the table is of something else. */
function downRows({ row, source }: TableMet, question: Question, superlative: string): Range | null {
  const { language } = source.segment;
  const { table } = row;
  const column = columnCompared(row, question, language);
  if (column === null) return null;
  const sign = endAsked(table, column, question.text) ?? (MOST.test(question.text) ? -1 : 1);
  const all = downColumn(source, table, column);
  const figures = rowsNamed(all, question, language);
  const labels = figures === all ? [] : figures.map(({ label }) => label);
  const heads = [...headsOver(table, column), ...labels];
  return shareHeld(question, superlative, heads, language) >= HOLDS ? { figures, sign } : null;
}

/** True where the rows of a table are things of the kind that is asked for, since several of them are called so, or what stands over them is: a coal pier is a pier, segment revenue no segment. */
function rowsAreOfKind({ rows, corner = '' }: Table, kind: string, language: Language): boolean {
  const called = (text: string): boolean => termSet(text.trim().split(/\s+/).at(-1) ?? '', language).has(kind);
  return called(corner) || rows.filter(({ path }) => called(path.at(-1) ?? '')).length > 1;
}

/** The figures of one row, a column each, where the columns of its table are what a question sets against one another: "Which segment earned the most?" None for other tables. */
function acrossRow({ row, source }: TableMet, question: Question, superlative: string): Range | null {
  const { language } = source.segment;
  const { table } = row;
  const kind = [...termSet(KIND_ASKED.exec(question.text.trim())?.groups?.['kind'] ?? '', language)][0];
  const over = [table.caption ?? '', row.row.path.join(' ')];
  if (kind === undefined && language !== 'ja') return null;
  if (kind !== undefined && rowsAreOfKind(table, kind, language)) return null;
  if (columnOfProperty(table, question.text, ['most', 'least', 'head']) !== null || columnBehind(table, question.text, language) !== null) return null; // prettier-ignore
  if (shareHeld(question, superlative, over, language) < HOLDS) return null;
  const figures = table.columns.flatMap(({ path }, column): Compared[] => {
    const label = path.at(-1) ?? '';
    if (label === '' || TOTAL.test(label) || isPointer(label) || NO_THING.test(label) || yearIn(label, language) !== null) return []; // prettier-ignore
    const operand = operandAt(source, row, column);
    return operand === null ? [] : [{ label, operand }];
  });
  return figures.length > 2 || (figures.length === 2 && table.columns.length > 2)
    ? { figures, sign: MOST.test(question.text) ? -1 : 1 }
    : null;
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
  const superlative = superlativeOf(text);
  if (superlative === undefined) return null;
  // A sentence that says so itself is the better answer; "most of it" says nothing of the kind.
  const [best] = evidence;
  const says = new RegExp(`${superlative}(?! of\\b)`, 'i');
  if (best?.row === null && says.test(best.text) && best.features.led >= HOLDS) return null;
  const sign = MOST.test(text) ? -1 : 1;
  const overTime: Range[] = ASKS_YEAR.test(text) ? [{ figures: overYears(evidence, sources, question, superlative), sign }] : []; // prettier-ignore
  const compared = [
    ...overTime,
    ...tablesAmong(evidence).flatMap(
      (met) => acrossRow(met, question, superlative) ?? downRows(met, question, superlative) ?? [],
    ),
  ];
  const told = compared.find(
    ({ figures }) =>
      figures.length > 1 && new Set(figures.map(({ operand }) => `${operand.unit} ${operand.scale}`)).size === 1,
  );
  return told === undefined ? null : sayEnd(told, evidence[0]?.source.segment.language ?? 'en');
}

/** The one at the end of several figures, with those it is set against. */
function sayEnd({ figures, sign }: Range, language: Language): ReaderAnswer {
  const sorted = [...figures].sort((a, b) => sign * worth(a.operand).cmp(worth(b.operand)));
  const [first] = sorted as [Compared];
  const tied = sorted.filter(({ operand }) => worth(operand).eq(worth(first.operand)));
  const lines = tied.map(({ label, operand }) => `${label}: ${sayQuantity(operand, language)}`);
  const shown = sorted.slice(0, Math.max(tied.length, SHOWN)).map(({ operand }) => quotedClaim(operand.citation));
  const claims = shown.filter(({ text }, at) => shown.findIndex((other) => other.text === text) === at);
  return { ...EMPTY, headline: lines.join('; '), ...(lines.length > 1 ? { lines } : {}), claims };
}

/** The thing that has most or least, as it is told before its figure, and what kind of thing was asked for. */
const TOLD = /^(?<label>[^:;]*\p{L}[^:;]*): [^;]+$/u;
const KIND_ASKED = /^(?:which|what|welche[rsmn]?)(?: is the \p{L}+)? (?<kind>\p{L}{3,})/iu;

/** A further part of a question with the thing that the part before found in place of its kind: "how deep is it" of the coal pier, after "Which berth is the longest". */
export function withThingTold(part: string, before: string, headline: string | null): string {
  const label = asksExtreme(before) ? TOLD.exec(headline ?? '')?.groups?.['label'] : undefined;
  const kind = KIND_ASKED.exec(before.trim())?.groups?.['kind'];
  if (label === undefined || kind === undefined || ASKS_WHICH.test(part.trim().replace(/^when\b/i, ''))) return part;
  return part.replace(new RegExp(String.raw`(?<!\p{L})(?:(?:the|that|this) )?(?:${kind}|it)(?!\p{L})`, 'iu'), label);
}
