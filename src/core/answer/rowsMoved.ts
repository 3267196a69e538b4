import { sayQuantity, worth, type RowOfTable } from '../figure';
import { isPointer, type Table } from '../source';
import type { Language } from '../text';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { EMPTY, operandAt, quotedClaim } from './quoted';
import { headsOver, HOLDS, rowsNamed, shareHeld, TOTAL, type Compared } from './tableCompared';
import type { AskedSource, ReaderAnswer } from './types';
import { yearIn } from './years';

/** Asks for those of several things that have more than before, or less: "Which routes grew?" */
const ASKS_THOSE =
  /^(?:(?:in|on|at) )?(?:which\b(?! of\b)|what (?=\p{L}+ (?:grew|rose|fell|lost|gained|increased|declined|decreased|shrank|dropped)\b))|^(?:(?:in|an|bei|auf) )?welche[rsmn]?(?!\p{L})/iu;
const UP =
  /\b(?:grew|grow|grown|rose|rise|risen|increased?|gained?|went up|more than (?:in )?the year before)\b|(?<!\p{L})(?:gestiegen|stieg(?:en)?|gewachsen|wuchs(?:en)?|zugenommen|zugelegt)(?!\p{L})/iu;
const DOWN =
  /\b(?:fell|fall|fallen|declined?|decreased?|lost|lose|shrank|shrunk|shrink|dropped|drop|went down|(?:less|fewer) than (?:in )?the year before)\b|(?<!\p{L})(?:gesunken|sank(?:en)?|gefallen|fiel(?:en)?|abgenommen|verloren|geschrumpft)(?!\p{L})/iu;
const FURTHEST = /\b(?:most|furthest|fastest|strongest|sharpest|hardest)\b|am (?:meisten|stärksten)/iu;
const TABLES = 3;
const SHOWN = 12;

/** True for a question of those of several things that moved up or down. */
export function asksMoved(text: string): boolean {
  return ASKS_THOSE.test(text.trim()) && (UP.test(text) || DOWN.test(text));
}

/** A row with what it tells of the later period, and by how much that is more than of the earlier one. */
interface Moved extends Compared {
  readonly by: ReturnType<typeof worth>;
}

/** The last two periods that head columns of a table, the earlier first; null where there are no two. */
function lastTwo(table: Table, language: Language): readonly [number, number] | null {
  const years = table.columns.flatMap(({ path }, at) => {
    const head = path.join(' ');
    const year = isPointer(head) ? null : yearIn(head, language);
    return year === null ? [] : [{ at, year }];
  });
  const [later, earlier] = years.sort((a, b) => b.year - a.year);
  return later === undefined || earlier === undefined || later.year === earlier.year ? null : [earlier.at, later.at];
}

/** How far each row of a table moved between its last two periods; none where the table is of something else. */
function moves(source: AskedSource, { table }: RowOfTable, question: Question): readonly Moved[] {
  const { language } = source.segment;
  const periods = lastTwo(table, language);
  if (periods === null) return [];
  const rows = table.rows.flatMap((row): Moved[] => {
    const label = row.path.at(-1) ?? '';
    const [before, now] = periods.map((column) => operandAt(source, { table, row }, column));
    if (label === '' || TOTAL.test(label) || before == null || now == null) return [];
    // A cost in brackets rises as it falls below nothing.
    return [{ label, operand: now, by: worth(now).abs().minus(worth(before).abs()) }];
  });
  const aside = (UP.exec(question.text) ?? DOWN.exec(question.text))?.[0] ?? '';
  const named = rowsNamed(rows, question, language);
  const labels = named === rows ? [] : named.map(({ label }) => label);
  const heads = [...headsOver(table, periods[1]), ...labels];
  const held = shareHeld(question, `${aside} ${FURTHEST.exec(question.text)?.[0] ?? ''}`, heads, language);
  return held < HOLDS ? [] : named;
}

/**
 * Those rows of a table that rose or fell from the year before to the last, or the one that did most, where a question asks for them: "Which routes lost
 * passengers?" Null for any other question, where a sentence names one of them as such, and where no table of the evidence tells it.
 */
export function movedAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  const sign = DOWN.test(question.text) ? -1 : 1;
  const seen = new Set<Table>();
  for (const { row, source } of evidence) {
    if (row === null || seen.has(row.table) || seen.size === TABLES) continue;
    seen.add(row.table);
    const rows = moves(source, row, question);
    const moved = rows.filter(({ by }) => by.times(sign).gt(0)).sort((a, b) => sign * b.by.cmp(a.by));
    const [first] = moved;
    if (rows.length < 2 || first === undefined) continue;
    // A sentence that says it of one of them is the better answer.
    const [best] = evidence;
    const said = (UP.test(best?.text ?? '') && sign > 0) || (DOWN.test(best?.text ?? '') && sign < 0);
    if (best?.row === null && said && rows.some(({ label }) => best.text.includes(label))) return null;
    const told = FURTHEST.test(question.text) ? [first] : moved;
    const by = `${sign > 0 ? '+' : '−'}${first.by.abs().div(first.operand.scale).toFixed()}`;
    const value = { ...first.operand, text: by };
    return {
      ...EMPTY,
      headline:
        told === moved
          ? moved.map(({ label }) => label).join('; ')
          : `${first.label}: ${sayQuantity(value, source.segment.language)}`,
      claims: told.slice(0, SHOWN).map(({ operand }) => quotedClaim(operand.citation)),
    };
  }
  return null;
}
