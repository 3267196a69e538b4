import Big from 'big.js';
import type { FigureSaid } from './around';
import type { Figure } from './figures';
import { decimalsOf, printNumber, worth, type Quantity } from './quantity';
import { measureWords } from './unitWords';
import { roundsTo, unitsMeet } from './same';
import type { StatedFigure } from './stated';

export type Operation = 'difference' | 'change' | 'share' | 'ratio' | 'sum' | 'average' | 'time-between';

/** A figure worked out from stated ones. */
export interface Worked {
  readonly operation: Operation;
  /** In the order of the calculation: what it went from first. */
  readonly operands: readonly StatedFigure[];
  /** What comes out, as it is said. */
  readonly result: string;
  /** The calculation, written out. */
  readonly working: string;
  /** Whether the figure says that; else what is wrong with it. */
  readonly verdict: 'right' | 'sign' | 'points' | 'wrong';
}

const UP =
  /\b(?:ris\w*|rose|grow\w*|grew|increas\w*|higher|more|greater|larger|up|gain\w*|improv\w*|climb\w*|jump\w*|exceed\w*|add(?:ed|s|ition)|above (?:the|that|last|(?:19|20)\d\d)|gestiegen|mehr|höher)\b/i;
const DOWN =
  /\b(?:f[ae]ll\w*|drop\w*|decreas\w*|declin\w*|lower|less|fewer|smaller|down|shr[aiu]nk\w*|reduc\w*|cut|lost|worsen\w*|short(?:fall|er)?|below (?:the|that|last|(?:19|20)\d\d)|gesunken|weniger|niedriger)\b/i;
const MOVES = /\b(?:chang\w*|differen\w*|variance|movement|swing|compared|versus|gap|margin between|veränder\w*)\b/i;
const SHARES =
  /\b(?:share|proportion|portion|part|of (?:the )?(?:total|all|overall)|of (?:its|their|the) |accounts? for|accounted for|represent\w*|made up|makes up|contribut\w*|equivalent to|equal to|anteil|margin|ratio|rate)\b/i;
const RATIOS = /\b(?:times|fold|ratio|multiple|twice|double|as (?:much|many|large|high))\b/i;
const SUMS =
  /\b(?:total\w*|sum\w*|together|combined|altogether|aggregate\w*|in all|overall|both|jointly|insgesamt|zusammen|summe)\b/i;
const AVERAGES = /\b(?:average\w*|mean|on average|durchschnitt\w*)\b/i;
const BETWEEN =
  /\b(?:after|before|later|between|from|until|since|long|last\w*|run\w*|term|period|within|apart|earlier|span\w*|over|dauer\w*)\b/i;

const YEARS = /\b(?:19|20)\d\d\b/g;

/** What a figure's sentence says that was done to get it. */
export function operationsSaid(said: FigureSaid): Operation[] {
  const { text, figure } = said;
  const found: Operation[] = [];
  const { kind } = figure;
  if (kind === 'date') return [];
  // What something rose to is no difference.
  const level = /\b(?:to|at|from)\s+(?:about\s+|nearly\s+|almost\s+|over\s+)?$/i.test(
    text.slice(0, figure.start - said.at),
  );
  const moves = !level && (UP.test(text) || DOWN.test(text) || MOVES.test(text));
  if (moves && (kind === 'percentage' || kind === 'points')) found.push('change');
  if (moves && kind !== 'percentage') found.push('difference');
  if (SHARES.test(text) && kind === 'percentage') found.push('share');
  if (RATIOS.test(text) && kind === 'number') found.push('ratio');
  // What is summed is said next to the sum.
  const near =
    text
      .slice(Math.max(0, figure.start - said.at - 90), figure.start - said.at)
      .replace(YEARS, '')
      .split(/\d/)
      .at(-1) ?? '';
  const behind = text.slice(figure.end - said.at, figure.end - said.at + 30).split(/[\d(]/)[0] ?? '';
  if (SUMS.test(`${near} ${behind}`) && kind !== 'percentage') found.push('sum');
  if (AVERAGES.test(`${near} ${behind}`)) found.push('average');
  if (BETWEEN.test(text) && kind === 'duration') found.push('time-between');
  return found;
}

/** The direction that the words next to a figure give it; null when they give none, or both. */
function directionSaid({ text, figure, at }: FigureSaid): 'up' | 'down' | null {
  // The word nearest before the figure turns it; else the first behind it.
  const before = text
    .slice(0, figure.start - at)
    .split(/\s+/)
    .reverse()
    .slice(0, 14);
  const behind = text
    .slice(figure.end - at)
    .split(/\s+/)
    .slice(0, 6);
  const word = [...behind.slice(0, 2), ...before, ...behind.slice(2)].find((one) => UP.test(one) || DOWN.test(one));
  return word === undefined ? null : UP.test(word) ? 'up' : 'down';
}

/** Whether a result is what the figure says: as it comes out, or as it would from operands that are themselves rounded. */
function says(figure: Figure, result: Big, slack: Big = new Big(0)): boolean {
  const unsigned = { ...figure, value: new Big(figure.value).abs().toFixed() };
  if (roundsTo(unsigned, result.abs())) return true;
  const off = worth(unsigned).minus(result.abs()).abs();
  return slack.gt(0) && off.lte(slack.plus(new Big(10).pow(-decimalsOf(figure)).times(figure.scale).div(2)));
}

function halfStep(quantity: Quantity): Big {
  return new Big(10).pow(-decimalsOf(quantity)).times(quantity.scale).div(2);
}

/** Operands that are printed in a coarse scale are rounded themselves; what that does to a change in per cent. */
function slackOfChange(from: Quantity, to: Quantity): Big {
  const [a, b] = [worth(from).abs(), worth(to).abs()];
  if (a.eq(0) || (from.scale === 1 && to.scale === 1)) return new Big(0);
  return halfStep(to)
    .plus(halfStep(from).times(b.div(a)))
    .div(a)
    .times(100);
}

function said(value: Big, unit: string | null, scale: number, decimals: number): string {
  return `${printNumber(value.div(scale), decimals)} ${measureWords(unit, scale, true)}`.trim();
}

/** The change between two stated figures against the figure that tells it. */
function workChange(said_: FigureSaid, from: StatedFigure, to: StatedFigure): Worked | null {
  const { figure } = said_;
  const [a, b] = [from.quantity, to.quantity];
  if (!unitsMeet(a.unit, b.unit)) return null;
  // A cost is printed in parentheses in one table and without them in the next.
  const losses = worth(b).lt(0) && worth(a).lt(0) ? true : from.home !== to.home && worth(a).lt(0) !== worth(b).lt(0);
  const [first, second] = losses ? [worth(a).abs(), worth(b).abs()] : [worth(a), worth(b)];
  const difference = second.minus(first);
  const shares = a.unit === '%' || b.unit === '%';
  const decimals = Math.max(decimalsOf(a), decimalsOf(b));
  const scale = Math.max(a.scale, b.scale);
  const [one, two] = [printNumber(first.div(scale), decimals), printNumber(second.div(scale), decimals)];
  const subtraction = `${two} − ${one} = ${printNumber(difference.div(scale), decimals)}`;
  const direction = difference.gt(0) ? 'up' : 'down';
  const claimed = directionSaid(said_) ?? (worth(figure).lt(0) ? 'down' : null);
  const told = (right: boolean, verdict: Worked['verdict']): Worked['verdict'] =>
    !right ? 'wrong' : claimed !== null && claimed !== direction && !difference.eq(0) ? 'sign' : verdict;
  const operands = [from, to];
  if (figure.kind === 'percentage' || figure.kind === 'points') {
    const percent = first.eq(0) || first.lt(0) !== second.lt(0) ? null : difference.div(first.abs()).times(100);
    const points = shares && says({ ...figure, scale: 1 }, difference.times(figure.unit === 'basis point' ? 100 : 1));
    if (shares && (points || figure.kind === 'points')) {
      const result = `${printNumber(difference, decimals)} percentage points`;
      const relative = figure.kind === 'percentage' && percent !== null && says(figure, percent);
      return { operation: 'difference', operands, result, working: subtraction, verdict: relative ? told(true, 'right') : told(points, figure.kind === 'points' ? 'right' : 'points') }; // prettier-ignore
    }
    if (percent === null) return null;
    const result = `${printNumber(percent, Math.max(1, decimalsOf(figure)))} %`;
    const working = `${subtraction}; ${printNumber(difference.div(scale), decimals)} ÷ ${one} = ${result}`;
    const right = says(figure, percent, slackOfChange(a, b));
    return { operation: 'change', operands, result, working, verdict: told(right, figure.kind === 'points' ? 'points' : 'right') }; // prettier-ignore
  }
  if (shares || !unitsMeet(figure.unit, a.unit)) return null;
  const result = said(difference, a.unit ?? b.unit, scale, decimals);
  return { operation: 'difference', operands, result, working: subtraction, verdict: told(says(figure, difference), 'right') }; // prettier-ignore
}

function workQuotient(
  operation: 'share' | 'ratio',
  { figure }: FigureSaid,
  part: StatedFigure,
  whole: StatedFigure,
): Worked | null {
  const [a, b] = [part.quantity, whole.quantity];
  if (!unitsMeet(a.unit, b.unit) || a.unit === '%' || worth(b).eq(0)) return null; // prettier-ignore
  const quotient = worth(a)
    .div(worth(b))
    .abs()
    .times(operation === 'share' ? 100 : 1);
  const digits = Math.max(1, decimalsOf(figure));
  const result = `${printNumber(quotient, digits)}${operation === 'share' ? ' %' : ''}`;
  const scale = Math.max(a.scale, b.scale);
  const print = (quantity: Quantity): string => printNumber(worth(quantity).abs().div(scale), decimalsOf(quantity));
  return {
    operation,
    operands: [part, whole],
    result,
    working: `${print(a)} ÷ ${print(b)} = ${result}`,
    verdict: says(figure, quotient) ? 'right' : 'wrong',
  };
}

function workSum(
  operation: 'sum' | 'average',
  { figure }: FigureSaid,
  operands: readonly StatedFigure[],
): Worked | null {
  const [first] = operands;
  if (first === undefined || operands.length < 2) return null;
  if (operands.some(({ quantity }) => worth(quantity).eq(0) || !unitsMeet(quantity.unit, first.quantity.unit)))
    return null;
  if (!unitsMeet(figure.unit, first.quantity.unit)) return null;
  const allNegative = operands.every(({ quantity }) => worth(quantity).lt(0));
  const worths = operands.map(({ quantity }) => (allNegative ? worth(quantity).abs() : worth(quantity)));
  const sum = worths.reduce((one, two) => one.plus(two), new Big(0));
  const value = operation === 'sum' ? sum : sum.div(operands.length);
  const scale = Math.max(...operands.map(({ quantity }) => quantity.scale));
  const decimals = Math.max(...operands.map(({ quantity }) => decimalsOf(quantity)), operation === 'average' ? decimalsOf(figure) : 0); // prettier-ignore
  const list = worths.map((one) => printNumber(one.div(scale), decimals)).join(' + ');
  const result = said(value, first.quantity.unit, scale, decimals);
  const working = operation === 'sum' ? `${list} = ${printNumber(sum.div(scale), decimals)}` : `(${list}) ÷ ${operands.length} = ${printNumber(value.div(scale), decimals)}`; // prettier-ignore
  return { operation, operands, result, working, verdict: says(figure, value) ? 'right' : 'wrong' };
}

const DAY = 86_400_000;

/** Days, weeks, months or years between two dates; the last day may count or not. */
function workTime({ figure }: FigureSaid, from: StatedFigure, to: StatedFigure): Worked | null {
  const [a, b] = [from.quantity.value, to.quantity.value].sort() as [string, string];
  if (!/^\d{4}-\d\d-\d\d$/.test(a) || !/^\d{4}-\d\d-\d\d$/.test(b)) return null;
  const days = (Date.parse(b) - Date.parse(a)) / DAY;
  const [one, two] = [a, b].map((date) => date.split('-').map(Number)) as [number[], number[]];
  const months = 12 * ((two[0] as number) - (one[0] as number)) + (two[1] as number) - (one[1] as number) + ((two[2] as number) - (one[2] as number)) / 31; // prettier-ignore
  const unit = figure.unit ?? 'day';
  const value =
    unit === 'day'
      ? days
      : unit === 'week'
        ? days / 7
        : unit === 'month'
          ? months
          : unit === 'year'
            ? months / 12
            : null;
  if (value === null || days === 0) return null;
  const claimed = Number(worth(figure));
  const result = `${printNumber(new Big(value), Number.isInteger(value) ? 0 : 1)} ${unit}s`;
  const right =
    Math.abs(claimed - value) <= (unit === 'day' ? 1 : unit === 'week' ? 0.15 : unit === 'month' ? 0.04 : 0.05);
  return { operation: 'time-between', operands: [from, to], result, working: `${a} to ${b}: ${result}`, verdict: right ? 'right' : 'wrong' }; // prettier-ignore
}

/** One operation tried on operands; null where they are not of its kind. Sums take them all, the others the first two. */
export function work(operation: Operation, said: FigureSaid, operands: readonly StatedFigure[]): Worked | null {
  const [one, two] = operands;
  if (one === undefined || two === undefined) return null;
  const dates = operation === 'time-between';
  if (operands.some((operand) => (operand.kind === 'date') !== dates)) return null;
  if (operation === 'sum' || operation === 'average') return workSum(operation, said, operands);
  if (operation === 'share' || operation === 'ratio') return workQuotient(operation, said, one, two);
  return operation === 'time-between' ? workTime(said, one, two) : workChange(said, one, two);
}
