import type { FigureSaid, PeriodSaid } from './around';
import { periodsAgree } from './likeness';
import { worth } from './quantity';
import { ratioNamed } from './ratios';
import type { StatedFigure } from './stated';
import { operationsSaid, work, type Operation, type Worked } from './work';

/** A stated figure with how far it is of what is spoken of. */
export interface Weighed {
  readonly stated: StatedFigure;
  readonly likeness: number;
  /** The cell of a row whose whole label is said. */
  readonly named: boolean;
  /** It states the figure's own value, its sign aside. */
  readonly same: boolean;
}

/** How far below the likeliest a row may be and still be what a calculation is of. */
const CLOSE = 0.12;
const ROWS = 4;
const MOST_NAMED = 6;
const MOST_VARIANTS = 4;

function earlier(one: PeriodSaid, two: PeriodSaid): boolean {
  const year = ({ years }: PeriodSaid): number => Math.max(0, ...[...years].map(Number));
  return one.years.size > 0 && two.years.size > 0 && year(one) < year(two);
}

/** Pairs of figures of one home in different periods, the earlier first: the row or sentence that moved. */
function pairsOfHome(
  figures: readonly StatedFigure[],
  said: FigureSaid,
  operation: Operation,
): [StatedFigure, StatedFigure][] {
  const pairs: [StatedFigure, StatedFigure][] = [];
  // The year a figure is of, where it is said, is the one the change came to; a ratio may be said to either.
  const years = operation === 'ratio' ? new Set<string>() : said.period.years;
  for (const [at, one] of figures.entries()) {
    for (const two of figures.slice(at + 1)) {
      if (one.home !== two.home || one.kind !== two.kind) continue;
      if (one.kind !== 'date' && (Number(one.quantity.value) === 0 || Number(two.quantity.value) === 0)) continue;
      const [from, to] =
        one.period.years.size > 0 && two.period.years.size > 0
          ? earlier(one.period, two.period)
            ? [one, two]
            : [two, one]
          : [one, two];
      if (years.size === 1 && to.period.years.size > 0 && ![...years].some((year) => to.period.years.has(year)))
        continue;
      pairs.push([from, to]);
    }
  }
  return pairs;
}

const alike = (one: ReadonlySet<string>, two: ReadonlySet<string>): boolean =>
  one.size === two.size && [...one].every((term) => two.has(term));

/** The two sides of a ratio that goes by a name, in one period of one document. */
function* sidesOfRatio(said: FigureSaid, weighed: readonly Weighed[]): Generator<[StatedFigure, StatedFigure]> {
  const ratio = ratioNamed(said.text, said.language);
  if (ratio === null) return;
  const cells = weighed.map((one) => one.stated).filter(({ cell, period }) => cell !== null && periodsAgree(said.period, period) >= 0); // prettier-ignore
  const of = (labels: readonly ReadonlySet<string>[]): StatedFigure[] =>
    labels.flatMap((label) => cells.filter((one) => alike(one.label, label)));
  for (const part of of(ratio.part))
    for (const whole of of(ratio.whole))
      if (part.sourceId === whole.sourceId && sameYears(part, whole)) yield [part, whole];
}

function sameYears(one: StatedFigure, two: StatedFigure): boolean {
  return [...one.period.years].join() === [...two.period.years].join() && one.period.span === two.period.span;
}

interface Try {
  readonly operation: Operation;
  readonly operands: readonly StatedFigure[];
  /** True where the operands are what the sentence itself says, or its likeliest row: then a wrong result is its fault. */
  readonly meant: boolean;
}

function* tries(said: FigureSaid, own: readonly StatedFigure[], weighed: readonly Weighed[]): Generator<Try> {
  const operations = operationsSaid(said);
  const best = weighed[0]?.likeness ?? 0;
  const likely = weighed.filter((one) => one.likeness >= best - CLOSE).map((one) => one.stated);
  const named = weighed.filter((one) => one.named);
  const called = named.filter((one) => one.likeness >= (named[0]?.likeness ?? 0) - CLOSE).map((one) => one.stated);
  const homes = [...new Set((called.length > 0 ? called : likely).map((one) => one.home))].slice(0, ROWS);
  for (const operands of sidesOfRatio(said, weighed)) {
    yield { operation: said.figure.kind === 'percentage' ? 'share' : 'ratio', operands, meant: true };
  }
  for (const operation of operations) {
    if (operation === 'sum' || operation === 'average') {
      if (own.length >= 2) yield { operation, operands: own, meant: true };
      for (let count = 2; count < own.length; count += 1)
        yield { operation, operands: own.slice(-count), meant: false };
      for (const one of own)
        for (const two of own)
          if (own.indexOf(one) < own.indexOf(two)) yield { operation, operands: [one, two], meant: false };
      for (const home of homes) {
        const cells = likely.filter((one) => one.home === home);
        if (cells.length >= 2) yield { operation, operands: cells, meant: false };
      }
      const labels = variantsOfEach(weighed, said);
      if (labels.length >= 2) yield { operation, operands: labels.flatMap(([first]) => first ?? []), meant: true };
      for (const operands of pairsOf(labels)) yield { operation, operands, meant: false };
      continue;
    }
    for (const [at, one] of own.entries()) {
      for (const two of own.slice(at + 1)) {
        const [from, to] = earlier(two.period, one.period) ? [two, one] : [one, two];
        yield { operation, operands: [from, to], meant: own.length === 2 };
        // Where the periods do not tell which came first, the other order is as good.
        const dated = one.period.years.size > 0 && two.period.years.size > 0;
        if (!dated || operation === 'share' || operation === 'ratio')
          yield { operation, operands: [to, from], meant: false };
      }
    }
    if (operation === 'change' || operation === 'difference' || operation === 'ratio') {
      for (const [at, home] of homes.entries()) {
        for (const operands of pairsOfHome(
          weighed.map((one) => one.stated).filter((one) => one.home === home),
          said,
          operation,
        )) {
          // A ratio of two periods is the later one's to the earlier.
          const inOrder = operation === 'ratio' ? operands.toReversed() : operands;
          yield { operation, operands: inOrder, meant: at === 0 && own.length === 0 && operands[0]?.cell !== null };
        }
      }
    }
    if (operation === 'share' || operation === 'ratio' || operation === 'difference') {
      const labels = variantsOfEach(weighed, said);
      for (const [one, two] of pairsOf(labels)) {
        const meant = operation !== 'difference' && labels.length === 2;
        yield { operation, operands: [one, two], meant };
        yield { operation, operands: [two, one], meant: false };
      }
    }
  }
}

/** The cells of each label that is named, likeliest first: tables repeat their rows, and later documents restate them. */
function variantsOfEach(weighed: readonly Weighed[], said: FigureSaid): StatedFigure[][] {
  const found = new Map<string, StatedFigure[]>();
  for (const { stated, named } of weighed) {
    if (!named || Number(stated.quantity.value) === 0 || periodsAgree(said.period, stated.period) < 0) continue;
    const label = [...stated.label].sort().join(' ');
    const known = found.get(label) ?? [];
    found.set(label, known);
    const again = known.some(({ quantity }) => worth(quantity).eq(worth(stated.quantity)));
    if (!again && known.length < MOST_VARIANTS) known.push(stated);
  }
  return [...found.values()].slice(0, MOST_NAMED);
}

/** What a row of many tables is called: it is meant beside a row of its own. */
const COMMON = /^(?:(?:sub)?total|sum|other|summe|gesamt)$/;

function belong(one: StatedFigure, two: StatedFigure): boolean {
  const common = ({ label }: StatedFigure): boolean => label.size > 0 && [...label].every((term) => COMMON.test(term));
  return one.cell?.row.table === two.cell?.row.table || !(common(one) || common(two));
}

/** Every pair of one variant each of two labels, the likeliest first. */
function* pairsOf(variants: readonly (readonly StatedFigure[])[]): Generator<[StatedFigure, StatedFigure]> {
  for (const [at, ones] of variants.entries())
    for (const twos of variants.slice(at + 1))
      for (const one of ones) for (const two of twos) if (belong(one, two)) yield [one, two];
}

/**
 * A figure worked out from what is stated: the first calculation that gives it, else the calculation that its sentence means and that gives another
 * result. `own` are the stated figures behind the other figures of the text, in order; `weighed` all that may be meant, likeliest first. Null when the words
 * ask for no calculation, or nothing is there to work with.
 */
export function workedOut(said: FigureSaid, own: readonly StatedFigure[], weighed: readonly Weighed[]): Worked | null {
  let failed: Worked | null = null;
  for (const { operation, operands, meant } of tries(said, own, weighed)) {
    const worked = work(operation, said, operands);
    if (worked?.verdict === 'right') return worked;
    if (worked !== null && (worked.verdict !== 'wrong' || meant)) failed = better(failed, worked);
  }
  return failed;
}

/** A calculation that gives the figure but for its sign or its kind explains more than one that does not. */
function better(one: Worked | null, two: Worked): Worked {
  return one === null || (one.verdict === 'wrong' && two.verdict !== 'wrong') ? two : one;
}
