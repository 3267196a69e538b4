import { type Change, changeOf, type PeriodSpan, sayQuantity, spanMeant, spanOfColumn } from '../figure';
import type { Language } from '../text';
import type { Evidence } from './evidence';
import { asksChange } from './moves';
import type { Question } from './question';
import { EMPTY, operandAt } from './quoted';
import { isMoney } from './sumsTold';
import type { Operand, ReaderAnswer } from './types';
import { yearsAsked, yearsIn } from './years';

/** How little of a row's label and of the question may meet for the row to be the one that moved. */
const LEAST_LABEL = 0.34;

/** An average, of which the sum itself tells nothing. */
const AVERAGE = /\b(?:average|mean)\b|durchschnitt|mittlere|平均/i;

interface Column {
  readonly at: number;
  readonly year: number | null;
  readonly said: string;
  readonly span: PeriodSpan;
}

/** The row's columns that hold a figure and are headed by a period, in the order of the table. */
export function periodColumns({ row }: Pick<Evidence, 'row'>, language: Language): Column[] {
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
  const spans = new Set(columns.map((column) => column.span));
  // A table of nothing but quarters is meant by a question that names no length.
  const span = spanMeant(spans, question.text);
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

/** How a change is told in the language of its figures. */
interface Wording {
  readonly moved: Readonly<Record<'up' | 'down', (size: string) => string>>;
  readonly same: string;
  readonly yes: string;
  readonly no: string;
  readonly ends: (from: string, to: string) => string;
}

const ENGLISH: Wording = {
  moved: { up: (size) => `Up by ${size}`, down: (size) => `Down by ${size}` },
  same: 'Unchanged',
  yes: 'Yes',
  no: 'No',
  ends: (from, to) => `from ${from} to ${to}`,
};
const WORDINGS: Partial<Record<Language, Wording>> = {
  de: {
    moved: { up: (size) => `Um ${size} gestiegen`, down: (size) => `Um ${size} gesunken` },
    same: 'Unverändert',
    yes: 'Ja',
    no: 'Nein',
    ends: (from, to) => `von ${from} auf ${to}`,
  },
  ja: {
    moved: { up: (size) => `${size}の増加`, down: (size) => `${size}の減少` },
    same: '変わらず',
    yes: 'はい',
    no: 'いいえ',
    ends: (from, to) => `${from}から${to}へ`,
  },
};

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
function lines({ text, kind }: Question, change: Change, ends: readonly [string, string], wording: Wording): string[] {
  const { difference, percent, direction } = change;
  const size = percent === null ? difference : `${difference} (${percent})`;
  const moved = direction === 'same' ? wording.same : wording.moved[direction](size);
  const yesNo =
    kind === 'yes-no' ||
    /^(?:did|was|were|has|have|is|are|does|do|wurden?|ist|sind|hat|haben)\b/i.test(text) ||
    /:\s*(?:was|were|is|are|did|has|have)\b/i.test(text);
  const asked = yesNo ? supposed(text.replace(/^.*:\s*/, '')) : null;
  const verdict = asked === null ? '' : `${asked === direction ? wording.yes : wording.no}: `;
  const plain = verdict === '' ? moved : moved.charAt(0).toLowerCase() + moved.slice(1);
  return [`${verdict}${plain}`, wording.ends(...ends)];
}

/**
 * A change as an answer: how it moved, from what to what, both figures quoted, the calculation; null for figures of different units. `said` are the heads of the two
 * periods, `language` is that of the figures.
 */
export function changeTold(
  question: Question,
  { from, to }: { readonly from: Operand; readonly to: Operand },
  said: readonly [string, string],
  language: Language,
): ReaderAnswer | null {
  const change = changeOf(from, to, language);
  if (change === null) return null;
  const ends = [from, to].map((one, at) => `${sayQuantity(one, language)} (${said[at]})`) as [string, string];
  const told = lines(question, change, ends, WORDINGS[language] ?? ENGLISH);
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

/** False for a sum of money where it is asked how many of something there are. */
export function countsAsked({ text }: Question, { unit }: Operand): boolean {
  return (
    unit === null ||
    !isMoney(unit) ||
    !/\bhow many\b|\bnumbers? of\b|\bwie ?viele\b|\banzahl\b|何[人件本台個]/i.test(text)
  );
}

/**
 * How the figure of a table row moved between two periods, worked out from its two cells; null when the question does not ask for a move, or no row of the
 * evidence holds both periods.
 */
export function changeAnswer(evidence: readonly Evidence[], question: Question): ReaderAnswer | null {
  if (!asksChange(question.text)) return null;
  const average = AVERAGE.test(question.text);
  const rows = evidence.filter(
    (one) =>
      one.row !== null &&
      one.features.label >= LEAST_LABEL &&
      one.features.whole >= 0.5 &&
      (!average || AVERAGE.test(one.row.row.path.join(' '))),
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
    const [first, second] = compared;
    if (from === null || to === null || !countsAsked(question, to)) continue;
    const told = changeTold(question, { from, to }, [first.said, second.said], one.source.segment.language);
    if (told !== null) return told;
  }
  return null;
}
