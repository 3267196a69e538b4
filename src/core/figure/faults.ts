import Big from 'big.js';
import type { FigureSaid } from './around';
import type { Figure } from './figures';
import { periodsAgree } from './likeness';
import type { Weighed } from './operands';
import { worth, type Quantity } from './quantity';
import { unitsMeet } from './same';
import type { StatedFigure } from './stated';

/**
 * What is wrong with a figure: its scale, sign or unit; percent for percentage points; a figure of another period, column or row; a calculation that does not come
 * out; digits that changed; or nothing like it anywhere.
 */
export type Fault =
  'scale' | 'sign' | 'unit' | 'points' | 'period' | 'column' | 'row' | 'arithmetic' | 'changed' | 'nowhere';

/** Words that make a loss or a cost of a number that is said without its sign. */
const LOSSES =
  /\b(?:loss\w*|deficit\w*|negative|outflow\w*|cost\w*|expens\w*|charg\w*|spen[dt]\w*|paid|pay\w*|repa\w*|deduct\w*|impair\w*|depreciat\w*|amorti\w*|tax\w*|interest|liabilit\w*|debts?|payables?|owed|owing|due|lease\w*|dividend\w*|purchas\w*|invest\w*|acqui\w*|used|borrow\w*|provision\w*|write\W?off|verlust\w*|aufwand\w*|aufwendung\w*|kosten|minus|wages|salar\w*|fuel|rent\w*|fees?|insurance|maintenance|repairs?|f[ae]ll\w*|decreas\w*|declin\w*|reduc\w*|lower|down|drop\w*)\b/i;
const LOSS_ONLY = /\b(?:loss(?:es)?|deficits?|negative|verluste?)\b/i;
const RESULT = /\b(?:profit|result|income|surplus|earnings|cash flow|net cash|cash from|gain|gewinn|ergebnis)\b/i;
const ROSE = /\b(?:ris(?:es?|en|ing)|rose|grow(?:s|n|ing|th)?|grew|increas\w*|climb\w*|higher|gestiegen)\b/i;
const FELL = /\b(?:f[ae]ll(?:s|en|ing)?|drop(?:s|ped)?|decreas\w*|declin\w*|shr[aiu]nk|lower|gesunken)\b/i;

/** Whether a text says that its figure rose where what is stated says that it fell, or the other way round. */
function turnedRound({ figure, text, at }: FigureSaid, { cell, how, quantity }: StatedFigure): boolean {
  const before = text.slice(0, figure.start - at);
  const near = `${before.split(/[;:,]\s/).at(-1) ?? ''} ${text.slice(figure.end - at).split(/[;:,.]\s/)[0] ?? ''}`;
  const [up, down] = [ROSE.test(near), FELL.test(near)];
  if (up === down) return false;
  if (cell === null) return up ? FELL.test(how) && !ROSE.test(how) : ROSE.test(how) && !FELL.test(how);
  const head = (cell.row.table.columns[cell.column]?.path ?? []).join(' ');
  const change = figure.kind === 'percentage' && /change|growth|increase|variance|±|veränderung/i.test(head);
  return change && !worth(quantity).eq(0) && up !== worth(quantity).gt(0);
}

/** Below this likeness nothing that is stated is what is spoken of. */
const LEAST = 0.34;

/** Whether what is said to be a gain is stated as a loss, or the other way round. A cost may be said without its sign. */
export function signsDiffer(claim: FigureSaid, stating: StatedFigure): boolean {
  const { figure, text } = claim;
  const { quantity, cell, kind, how } = stating;
  if (figure.kind === 'date' || kind === 'date') return false;
  if (turnedRound(claim, stating)) return true;
  const [said, stated] = [worth(figure).s, worth(quantity).s];
  const label = cell?.row.row.path.at(-1) ?? '';
  const what = cell === null ? how : label;
  if (said === stated) return said > 0 && LOSS_ONLY.test(text) && RESULT.test(what) && !LOSS_ONLY.test(what);
  if (worth(quantity).eq(0)) return false;
  // Parentheses say of a cost, or of cash that went out, no more than its name does.
  if (stated < 0) return RESULT.test(label) ? !LOSSES.test(text) : cell === null;
  return !LOSSES.test(label);
}

/** Whether two stated figures stand in one table or one sentence. */
export function neighbours(one: StatedFigure, two: StatedFigure): boolean {
  if (one.sourceId !== two.sourceId) return false;
  return one.cell !== null && two.cell !== null ? one.cell.row.table === two.cell.row.table : one.home === two.home;
}

const digitsOf = (quantity: Quantity): string =>
  new Big(quantity.value)
    .abs()
    .toFixed()
    .replace(/\D/g, '')
    .replace(/^0+|0+$/g, '');

/** True for numbers that differ by one digit changed, left out or put in, or by two that changed places. */
function slips(one: string, two: string): boolean {
  if (one === two || Math.abs(one.length - two.length) > 1 || Math.max(one.length, two.length) < 2) return false;
  let lead = 0;
  while (lead < one.length && one[lead] === two[lead]) lead += 1;
  let tail = 0;
  while (tail < Math.min(one.length, two.length) - lead && one.at(-1 - tail) === two.at(-1 - tail)) tail += 1;
  const [a, b] = [one.slice(lead, one.length - tail), two.slice(lead, two.length - tail)];
  return Math.max(a.length, b.length) <= 1 || (a.length === 2 && a === [...b].reverse().join(''));
}

/** What a figure of one value is against another: a power of ten, the other sign, digits; null where nothing joins them. */
function against(figure: Figure, stated: Quantity): Fault | null {
  const [a, b] = [worth(figure), worth(stated)];
  if (a.eq(0) || b.eq(0)) return null;
  const alike = digitsOf(figure) === digitsOf(stated);
  const ratio = a.div(b).abs();
  if (alike && !unitsMeet(figure.unit, stated.unit)) {
    const share = /^(?:%|percentage point|basis point)$/;
    return share.test(figure.unit ?? '') && share.test(stated.unit ?? '') ? 'points' : 'unit';
  }
  const factor = [10, 100, 1000, 1e4, 1e5, 1e6, 1e9].find((one) => {
    const off = ratio.div(one).minus(1).abs();
    const under = ratio.times(one).minus(1).abs();
    return off.lt(0.006) || under.lt(0.006);
  });
  if (factor !== undefined) return 'scale';
  if (ratio.eq(1)) return 'sign';
  return slips(digitsOf(figure), digitsOf(stated)) ? 'changed' : null;
}

/** Whether figures of two kinds may be of one thing. */
function kindsMeet(figure: Figure, stated: StatedFigure): boolean {
  if (figure.kind === 'date' || stated.kind === 'date') return figure.kind === stated.kind;
  const share = (kind: string): boolean => kind === 'percentage' || kind === 'points';
  return share(figure.kind) === share(stated.kind);
}

/**
 * What is wrong with a figure that nothing supports, and what the documents state instead. `all` are stated figures, likeliest first; `same` tells those of
 * the figure's own value.
 */
export function faultOf(
  said: FigureSaid,
  all: readonly Weighed[],
): { readonly fault: Fault; readonly stated: StatedFigure | null } {
  const { figure } = said;
  const likely = all.filter((one) => one.likeness >= LEAST);
  const meant = likely.find((one) => kindsMeet(figure, one.stated) && !one.same && periodsAgree(said.period, one.stated.period) >= 0); // prettier-ignore
  for (const { stated } of likely.filter((one) => one.same)) {
    if (signsDiffer(said, stated)) return { fault: 'sign', stated };
    if (stated.home === meant?.stated.home)
      return { fault: periodsAgree(said.period, stated.period) < 0 ? 'period' : 'column', stated: meant.stated };
    if (periodsAgree(said.period, stated.period) < 0) return { fault: 'period', stated: meant?.stated ?? stated };
    if (meant !== undefined) return { fault: 'row', stated: meant.stated };
  }
  const besides = all.find(({ stated, same }) => same && meant !== undefined && neighbours(stated, meant.stated));
  if (besides !== undefined && meant !== undefined) return { fault: 'row', stated: meant.stated };
  if (figure.kind !== 'date') {
    for (const { stated, likeness } of likely) {
      if (stated.kind === 'date' || likeness < (likely[0]?.likeness ?? 0) - 0.3) continue;
      const fault = against(figure, stated.quantity);
      if (fault !== null) return { fault, stated };
    }
  }
  return meant === undefined ? { fault: 'nowhere', stated: null } : { fault: 'changed', stated: meant.stated };
}
