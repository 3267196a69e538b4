import type { Table } from '../source';

/** How long a period a figure is of. */
export type PeriodSpan = 'quarter' | 'half' | 'nine-months' | 'year';

const SPANS: readonly (readonly [PeriodSpan, RegExp])[] = [
  [
    'quarter',
    /\bquarter(?:s|ly)?\b|\bq[1-4]\b|\b[1-4]q\b|\bthree[- ]months?\b|\b3 ?m\b|\bquartals?\b|\bvierteljahr|四半期/i,
  ],
  ['nine-months', /\bnine[- ]months?\b|\bneun monate|\b9 ?m\b|\b9 monate|\bjan\w* (?:to|bis) sep\w*|第3四半期累計/i],
  [
    'half',
    /\bhalf[- ]?year(?:ly)?\b|\b(?:first|second|same|previous) half\b|\bhalf\b(?= (?:of )?(?:19|20)\d\d)|\bsix[- ]months?\b|\bh[12]\b|\b[12]h\b|\b6 ?m\b|\b6 monate|\bsechs monate|\bjan\w* (?:to|bis) jun\w*|上期|中間期|\bhalbjahr|半期/i,
  ],
  ['year', /\b(?:full |whole )?year\b|\bannual(?:ly)?\b|\btwelve months\b|\bgesch[äa]ftsjahr|年度|通期/i],
];

/** The length of period that words name; null when they name none. */
export function spanNamed(text: string): PeriodSpan | null {
  return SPANS.find(([, pattern]) => pattern.test(text))?.[0] ?? null;
}

/** The length of period that a column's figures are of: by its head, else by the table's caption; a year when neither says. */
export function spanOfColumn(table: Table, column: number): PeriodSpan {
  const head = (table.columns[column]?.path ?? []).join(' ');
  return spanNamed(head) ?? spanNamed(table.caption ?? '') ?? 'year';
}

/** The length of period a question means of figures that are of some lengths: where it names none, the only one there is. */
export function spanMeant(spans: ReadonlySet<PeriodSpan>, question: string): PeriodSpan {
  const [only] = spans;
  return spans.size === 1 && only !== undefined && spanNamed(question) === null ? only : spanAsked(question);
}

/** The length of period a question is about; a year when it says nothing of it. */
export function spanAsked(question: string): PeriodSpan {
  return (
    spanNamed(question.replace(/\byear (?:before|after|earlier)\b|\b(?:previous|prior|last|next) year\b/gi, ' ')) ??
    'year'
  );
}
