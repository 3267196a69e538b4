import Big from 'big.js';
import { worth } from '../figure';
import type { Table, RowOfTable } from '../source';
import { numbersOf, type Language } from '../text';
import { columnNamed } from './columnNamed';
import type { Evidence } from './evidence';
import { columnOfProperty, sideAsked } from './properties';
import type { Question } from './question';
import { EMPTY, quotedClaim } from './quoted';
import { columnAsked } from './rowEvidence';
import {
  downColumn,
  headsOver,
  HOLDS,
  rowsNamed,
  shareHeld,
  SHOWN,
  tablesAmong,
  type Compared,
  type TableMet,
} from './tableCompared';
import type { ReaderAnswer } from './types';
import { yearIn } from './years';

/** Asks for those of several things, or how many of them, that lie beyond a figure: "Which berths are deeper than 5 metres?" */
const ASKS_THOSE = /^(?:which|what|how many|welche[rsmn]?|wie ?viele)\b/iu;
const BEYOND =
  /(?<side>\p{L}+) (?:than|als) (?=\d)|\b(?<over>over|above|exceed(?:s|ed|ing)?|at least|über|mindestens) (?=\d)|\b(?<under>under|below|at most|unter|höchstens) (?=\d)|(?<year>before|after|since|vor|nach|seit) (?=(?:1[5-9]|20)\d\d\b)/iu;
const FEWER = /^(?:less|fewer|weniger|before|vor)$/iu;
const MORE = /^(?:more|mehr|after|since|nach|seit)$/iu;
const COUNTED = /^(?:how many|wie ?viele)\b/iu;
/** Units, or things, that stand behind the figure. */
const BEHIND = /^\S+(?:\s+\p{L}+){0,2}/u;

/** True for a question of those of several things that lie beyond a figure. */
export function asksBeyond(text: string): boolean {
  return ASKS_THOSE.test(text.trim()) && BEYOND.test(text);
}

/** The column that a question compares the rows of a table by: one of the property it speaks of, one it names, or, where all are periods, the one asked for or the latest. */
function columnOf(row: RowOfTable, question: Question, language: Language): number | null {
  const { table } = row;
  const told = columnOfProperty(table, question.text, ['more', 'less']) ?? columnNamed(table, question, language);
  const periods = table.columns.every(({ path }) => yearIn(path.join(' '), language) !== null);
  return told ?? (periods ? columnAsked(row, question, language) : null);
}

/** Whether more than the figure is asked for, or less: 1 and -1; null where nothing tells. */
function sideOf(match: RegExpExecArray, table: Table, column: number, question: string): 1 | -1 | null {
  const { side, over, under, year } = match.groups ?? {};
  if (over !== undefined || under !== undefined) return over !== undefined ? 1 : -1;
  const word = side ?? year ?? '';
  const told = sideAsked(table, column, question);
  return told ?? (MORE.test(word) ? 1 : FEWER.test(word) ? -1 : null);
}

/** The rows of a table that lie beyond the figure asked for, and what they are set against; null where the table is of something else. */
function beyond({ row, source }: TableMet, question: Question, match: RegExpExecArray): readonly Compared[] | null {
  const { language } = source.segment;
  const from = match.index + match[0].length;
  const bound = numbersOf(question.text, language).find(({ start, end }) => start <= from && from < end);
  const column = columnOf(row, question, language);
  const side = column === null ? null : sideOf(match, row.table, column, question.text);
  if (bound === undefined || column === null || side === null) return null;
  const behind = BEHIND.exec(question.text.slice(from))?.[0] ?? '';
  const aside = `${match[0]} ${behind}`;
  if (shareHeld(question, aside, headsOver(row.table, column), language) < HOLDS) return null;
  const limit = new Big(bound.value);
  const rows = rowsNamed(downColumn(source, row.table, column), question, language);
  const inclusive = /at least|at most|mindestens|höchstens|since|seit/i.test(match[0]);
  return rows.filter(({ operand }) => {
    const compared = side * worth(operand).cmp(limit);
    return inclusive ? compared >= 0 : compared > 0;
  });
}

/**
 * Those rows of a table that lie beyond a figure, or how many they are, where a question asks for them: "Which berths are deeper than 5 metres?" Null for any other
 * question, and where no table of the evidence tells it or none of its rows does.
 */
export function beyondAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  const match = BEYOND.exec(question.text);
  if (match === null || !asksBeyond(question.text)) return null;
  for (const met of tablesAmong(evidence)) {
    const rows = beyond(met, question, match);
    if (rows === null || rows.length === 0) continue;
    const names = rows.map(({ label }) => label).join('; ');
    return {
      ...EMPTY,
      headline: COUNTED.test(question.text.trim()) ? `${rows.length}: ${names}` : names,
      claims: rows.slice(0, SHOWN).map(({ operand }) => quotedClaim(operand.citation)),
    };
  }
  return null;
}
