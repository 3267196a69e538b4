import { changeOf, worth } from '../figure';
import type { Language } from '../text';
import { changeTold, periodColumns } from './change';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { EMPTY, operandAt } from './quoted';
import {
  headsOver,
  HOLDS,
  rowsNamed,
  shareHeld,
  SHOWN,
  tablesAmong,
  TOTAL,
  type Compared,
  type TableMet,
} from './tableCompared';
import type { Operand, ReaderAnswer } from './types';

/** Asks for those of several things that have more than before, or less: "Which routes grew?" */
const ASKS_THOSE =
  /^(?:(?:in|on|at) )?(?:which\b(?! of\b)|what (?=\p{L}+ (?:grew|rose|fell|lost|gained|increased|declined|decreased|shrank|dropped)\b))|^(?:(?:in|an|bei|auf) )?welche[rsmn]?(?!\p{L})/iu;
const UP =
  /\b(?:grew|grow|grown|rose|rise|risen|increased?|gained?|went up|more than (?:in )?the year before)\b|(?<!\p{L})(?:gestiegen|stieg(?:en)?|gewachsen|wuchs(?:en)?|zugenommen|zugelegt)(?!\p{L})/iu;
const DOWN =
  /\b(?:fell|fall|fallen|declined?|decreased?|lost|lose|shrank|shrunk|shrink|dropped|drop|went down|(?:less|fewer) than (?:in )?the year before)\b|(?<!\p{L})(?:gesunken|sank(?:en)?|gefallen|fiel(?:en)?|abgenommen|verloren|geschrumpft)(?!\p{L})/iu;
const FURTHEST = /\b(?:most|furthest|fastest|strongest|sharpest|hardest)\b|am (?:meisten|stärksten)/iu;

/** True for a question of those of several things that moved up or down. */
export function asksMoved(text: string): boolean {
  return ASKS_THOSE.test(text.trim()) && (UP.test(text) || DOWN.test(text));
}

/** A row with what it tells of the later period, and of the earlier one. */
interface Moved extends Compared {
  readonly before: Operand;
}

/** The columns of the last two years that a table tells, the earlier first; null where there are no two. */
function lastTwo({ row }: TableMet, language: Language): ReturnType<typeof periodColumns> | null {
  const [later, earlier] = periodColumns({ row }, language).sort((a, b) => (b.year ?? 0) - (a.year ?? 0));
  return later?.year == null || earlier?.year == null || later.year === earlier.year ? null : [earlier, later];
}

/** What the rows of a table tell of two periods; none where the table is of something else. */
function rowsOver(
  { row: { table }, source }: TableMet,
  periods: ReturnType<typeof periodColumns>,
  question: Question,
): readonly Moved[] {
  const { language } = source.segment;
  const rows = table.rows.flatMap((row): Moved[] => {
    const label = row.path.at(-1) ?? '';
    const [before, operand] = periods.map(({ at }) => operandAt(source, { table, row }, at));
    return label === '' || TOTAL.test(label) || before == null || operand == null ? [] : [{ label, operand, before }];
  });
  const aside = (UP.exec(question.text) ?? DOWN.exec(question.text))?.[0] ?? '';
  const named = rowsNamed(rows, question, language);
  const labels = named === rows ? [] : named.map(({ label }) => label);
  const heads = [...headsOver(table, periods[1]?.at ?? 0), ...labels];
  const held = shareHeld(question, `${aside} ${FURTHEST.exec(question.text)?.[0] ?? ''}`, heads, language);
  return held < HOLDS ? [] : named;
}

/** By how much a figure moved, whichever way. */
function size({ before, operand }: Moved): ReturnType<typeof worth> {
  return worth(operand).minus(worth(before)).abs();
}

/** True where a sentence says of some of the rows that they moved the way asked for. */
function isSaid(best: Evidence | undefined, rows: readonly Moved[], way: RegExp): boolean {
  return best?.row === null && way.test(best.text) && rows.some(({ label }) => best.text.includes(label));
}

/**
 * Those rows of a table that rose or fell from the year before to the last, or the one that did most, each worked out, where a question asks for them: "Which
 * routes lost passengers?" Null for any other question, where a sentence says it of one of them, and where no table of the evidence tells it.
 */
export function movedAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  const direction = DOWN.test(question.text) ? 'down' : 'up';
  for (const met of tablesAmong(evidence)) {
    const { language } = met.source.segment;
    const periods = lastTwo(met, language);
    const rows = periods === null ? [] : rowsOver(met, periods, question);
    if (periods === null || rows.length < 2) continue;
    if (isSaid(evidence[0], rows, direction === 'up' ? UP : DOWN)) return null;
    const [from, to] = periods.map(({ said }) => said) as [string, string];
    const moved = rows
      .filter(({ before, operand }) => changeOf(before, operand, language)?.direction === direction)
      .sort((one, two) => size(two).cmp(size(one)));
    const asked = FURTHEST.test(question.text) ? moved.slice(0, 1) : moved.slice(0, SHOWN);
    const told = asked.flatMap(({ label, before, operand }) => {
      const change = changeTold(question, { from: before, to: operand }, [from, to], language);
      return change === null ? [] : [{ label, change }];
    });
    if (told.length === 0) continue;
    const lines = told.map(({ label, change: { lines: [how = ''] = [] } }) => `${label}: ${how.charAt(0).toLowerCase()}${how.slice(1)}`); // prettier-ignore
    return {
      ...EMPTY,
      headline: lines.join('; '),
      ...(lines.length > 1 ? { lines } : {}),
      claims: told.flatMap(({ change }) => change.claims),
      calculations: told.flatMap(({ change }) => change.calculations),
    };
  }
  return null;
}
