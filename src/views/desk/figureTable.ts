import type { KeyFigure } from '@/core/summary';

/** Key figures as a table: a row a label, a column a head, the measure that most of them have told once. */
export interface FigureTable {
  /** Heads of the columns; one empty head where values stand in words. */
  readonly heads: readonly string[];
  /** "thousand crowns" where most values have it; empty otherwise. */
  readonly measure: string;
  readonly rows: readonly { readonly label: string; readonly cells: readonly (FigureCell | null)[] }[];
}

export interface FigureCell {
  readonly figure: KeyFigure;
  /** The value, without the measure that is told once. */
  readonly value: string;
}

/** Columns at most. */
const MOST = 3;

export function figureTable(figures: readonly KeyFigure[]): FigureTable {
  const heads = [...new Set(figures.map((one) => one.head))].slice(0, MOST);
  const counts = new Map<string, number>();
  for (const one of figures) counts.set(one.measure, (counts.get(one.measure) ?? 0) + 1);
  const [most = '', count = 0] = [...counts].sort((a, b) => b[1] - a[1])[0] ?? [];
  const measure = count > figures.length / 2 ? most : '';
  const cellOf = (figure: KeyFigure | undefined): FigureCell | null => {
    if (figure === undefined) return null;
    const own = figure.measure === measure ? '' : figure.measure;
    return { figure, value: `${figure.value} ${own}`.trim() };
  };
  const labels = [...new Set(figures.map((one) => one.label))];
  return {
    heads,
    measure,
    rows: labels.map((label) => ({
      label,
      cells: heads.map((head) => cellOf(figures.find((one) => one.label === label && one.head === head))),
    })),
  };
}
