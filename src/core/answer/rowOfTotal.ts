import { sayQuantity } from '../figure';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { EMPTY, operandAt, quotedClaim } from './quoted';
import { columnAsked } from './rowEvidence';
import { headsOver, HOLDS, shareHeld, TOTAL } from './tableCompared';
import type { ReaderAnswer } from './types';

/** Asks for all of something together. */
const ASKS_TOTAL =
  /\b(?:in all|in total|altogether|all together|all told|overall|(?:the|what) total)\b|(?<!\p{L})(?:insgesamt|zusammen|gesamt\p{L}*)(?!\p{L})|合計|総計|全部で|全体で/iu;

/** True for a question for all of something together. */
export function asksTotal(text: string): boolean {
  return ASKS_TOTAL.test(text);
}

/** The total of a table that holds what is asked, of the period asked for; null for any other question, and where no table of the evidence tells it. */
export function totalAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  for (const { row, source } of evidence) {
    const label = row?.row.path.at(-1) ?? '';
    if (row === null || !TOTAL.test(label)) continue;
    const { language } = source.segment;
    const column = columnAsked(row, question, language);
    const operand = column === null ? null : operandAt(source, row, column);
    if (column === null || operand === null) continue;
    const labels = row.table.rows.map(({ path }) => path.join(' '));
    const aside = ASKS_TOTAL.exec(question.text)?.[0] ?? '';
    if (shareHeld(question, aside, [...headsOver(row.table, column), ...labels], language) < HOLDS) continue;
    return { ...EMPTY, headline: sayQuantity(operand, language), claims: [quotedClaim(operand.citation)] };
  }
  return null;
}
