import { type Change, changeOf, type PeriodSpan, sayQuantity, spanAsked, spanOfColumn } from '../figure';
import type { Language } from '../text';
import type { Evidence } from './evidence';
import { asksChange } from './moves';
import type { Question } from './question';
import { EMPTY, operandAt } from './quoted';
import type { Operand, ReaderAnswer } from './types';
import { yearsAsked, yearsIn } from './years';

/** How little of a row's label and of the question may meet for the row to be the one that moved. */
const LEAST_LABEL = 0.34;

interface Column {
  readonly at: number;
  readonly year: number | null;
  readonly said: string;
  readonly span: PeriodSpan;
}

/** The row's columns that hold a figure and are headed by a period, in the order of the table. */
function periodColumns({ row }: Evidence, language: Language): Column[] {
  if (row === null) return [];
  return row.table.columns.flatMap((column, at) => {
    const said = column.path.join(' ');
    if (row.row.cells[at]?.value == null) return [];
    const years = yearsIn(said, language);
    const period =
      years.length > 0 || /\b(?:quarter|half|months|first|second|third|fourth|year|q[1-4]|h[12])\b/i.test(said);
    return period && !/change|%|difference|variance/i.test(said)
      ? [{ at, year: years[0] ?? null, said, span: spanOfColumn(row.table, at) }]
      : [];
  });
}

/** The two columns that a question compares, the earlier first: those of its two years, of its year and the one before, those it names by their heads, or the two latest. */
function comparedColumns(columns: readonly Column[], question: Question): [Column, Column] | null {
  const years = yearsAsked(question).sort();
  const span = spanAsked(question.text);
  const of = (year: number | undefined): Column | undefined =>
    columns.find((column) => column.year === year && column.span === span);
  const named = columns.filter(
    ({ said, year }) =>
      year === null &&
      said
        .toLowerCase()
        .split(/\s+/)
        .some((word) => word.length > 3 && question.spoken.has(word)),
  );
  if (named.length === 2) return [named[0] as Column, named[1] as Column];
  if (years.length >= 2) return pair(of(years[0]), of(years.at(-1)));
  const [year] = years;
  const dated = columns.filter((column) => column.year !== null && column.span === span);
  if (year !== undefined) {
    return /\b(?:year|period) after\b|\bnext year\b/i.test(question.text)
      ? pair(of(year), of(year + 1))
      : (pair(of(year - 1), of(year)) ?? pair(of(year), of(year + 1)));
  }
  const latest = Math.max(...dated.map((column) => column.year as number));
  return pair(of(latest - 1), of(latest));
}

function pair(from: Column | undefined, to: Column | undefined): [Column, Column] | null {
  return from === undefined || to === undefined ? null : [from, to];
}

const WAYS = { up: 'Up', down: 'Down', same: 'Unchanged' } as const;

/** Whether a question supposes a rise or a fall; null when it leaves that open. */
function supposed(text: string): 'up' | 'down' | null {
  if (
    /\b(?:fell|fall(?:en)?|drop|decreas|declin|lower|less|fewer|smaller|down|shr[aiu]nk|gesunken|weniger|niedriger)/i.test(
      text,
    )
  )
    return 'down';
  return /\b(?:ris|rose|grow|grew|increas|higher|more|greater|larger|up|gestiegen|mehr|höher)/i.test(text)
    ? 'up'
    : null;
}

/** How it moved, and from what to what: a line each. */
function lines(question: Question, change: Change, from: string, to: string): string[] {
  const size = change.percent === null ? change.difference : `${change.difference} (${change.percent})`;
  const moved = change.direction === 'same' ? 'Unchanged' : `${WAYS[change.direction]} by ${size}`;
  const yesNo = question.kind === 'yes-no' || /:\s*(?:was|were|is|are|did|has|have)\b/i.test(question.text);
  const asked = yesNo ? supposed(question.text.replace(/^.*:\s*/, '')) : null;
  const verdict = asked === null ? '' : asked === change.direction ? 'Yes: ' : 'No: ';
  const plain = verdict === '' ? moved : moved.charAt(0).toLowerCase() + moved.slice(1);
  return [`${verdict}${plain}`, `from ${from} to ${to}`];
}

/** A change as an answer: how it moved, from what to what, both figures quoted, the calculation. `said` are the heads of the two periods. */
export function changeTold(
  question: Question,
  change: Change,
  { from, to }: { readonly from: Operand; readonly to: Operand },
  said: readonly [string, string],
): ReaderAnswer {
  const told = lines(question, change, `${sayQuantity(from)} (${said[0]})`, `${sayQuantity(to)} (${said[1]})`);
  return {
    ...EMPTY,
    headline: told.join(', '),
    lines: told,
    claims: [{ text: from.citation.quote, citations: [to.citation, from.citation] }],
    calculations: [
      {
        operation: 'change',
        operands: [from, to],
        result: change.percent === null ? change.difference : `${change.difference}, ${change.percent}`,
        working: change.working,
      },
    ],
  };
}

/**
 * How the figure of a table row moved between two periods, worked out from its two cells; null when the question does not ask for a move, or no row of the
 * evidence holds both periods.
 */
export function changeAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  if (!asksChange(question.text)) return null;
  const rows = evidence.filter(
    (one) => one.row !== null && one.features.label >= LEAST_LABEL && one.features.whole >= 0.5,
  );
  const moves = rows.flatMap((one) => {
    const compared = comparedColumns(periodColumns(one, one.source.segment.language), question);
    return compared === null ? [] : [{ one, compared }];
  });
  // The row whose label is asked for; of those alike the latest, then the likeliest.
  const tenth = (label: number): number => Math.round(10 * label);
  moves.sort(
    (a, b) =>
      tenth(b.one.features.label) - tenth(a.one.features.label) ||
      (b.compared[1].year ?? 0) - (a.compared[1].year ?? 0) ||
      b.one.score - a.one.score,
  );
  for (const { one, compared } of moves) {
    const [from, to] = compared.map(({ at }) => (one.row === null ? null : operandAt(one.source, one.row, at))) as [
      Operand | null,
      Operand | null,
    ];
    const change = from === null || to === null ? null : changeOf(from, to);
    if (change === null || from === null || to === null) continue;
    const [first, second] = compared;
    return changeTold(question, change, { from, to }, [first.said, second.said]);
  }
  return null;
}
