import Big from 'big.js';
import type { Language } from '../text';
import { figuresIn, type Figure } from './figures';
import { agree, decimalsOf, worth, type Quantity } from './quantity';

/** Units of time and measure in terms of one another: what is said in months may be stated in years. */
const CONVERSIONS: readonly (readonly [string, string, number])[] = [
  ['year', 'month', 12],
  ['week', 'day', 7],
  ['day', 'hour', 24],
  ['hour', 'minute', 60],
  ['minute', 'second', 60],
  ['km', 'm', 1000],
  ['m', 'cm', 100],
  ['m', 'mm', 1000],
  ['cm', 'mm', 10],
  ['tonne', 'kg', 1000],
  ['kg', 'g', 1000],
  ['mwh', 'kwh', 1000],
  ['mw', 'kw', 1000],
  ['percentage point', 'basis point', 100],
];
/** Things that are counted rather than measured: a table of them seldom says so at its figures. */
const COUNTED =
  /^(?:person|people|employee|passenger|journey|trip|sailing|vessel|page|share|quarter|case|time|company|bit|byte)$/;
const ALIKE: Readonly<Record<string, string>> = {
  ton: 'tonne',
  kilometre: 'km',
  kilometer: 'km',
  litre: 'l',
  kilogram: 'kg',
  metre: 'm',
  meter: 'm',
};

/** True when two units may be of one thing: alike, or one of them not said. A share is never a plain number, nor money one of time. */
export function unitsMeet(said: string | null, stated: string | null): boolean {
  const plain = (unit: string | null): string | null =>
    unit === null || COUNTED.test(unit) ? null : (ALIKE[unit] ?? unit);
  const [one, two] = [plain(said), plain(stated)];
  if (one === null || two === null) return one !== '%' && two !== '%' && one !== 'percentage point';
  return one === two;
}

/** How much a figure's last digit is worth, hedged ones by their last digit that is not nil. */
function step(figure: Figure): Big {
  const own = new Big(10).pow(-decimalsOf(figure)).times(figure.scale);
  if (!figure.hedged) return own;
  const digits = worth(figure).abs().toFixed().replace('.', '');
  const nils = /0*$/.exec(worth(figure).abs().toFixed())?.[0].length ?? 0;
  return worth(figure).abs().toFixed().includes('.') || digits === '0' ? own : new Big(10).pow(nils);
}

/** True when a value is the figure's as far as its own digits go. */
export function roundsTo(figure: Figure, value: Big): boolean {
  return worth(figure).minus(value).abs().lte(step(figure).div(2));
}

/** The stated quantity in the unit that the figure is said in; null where there is no such conversion. */
export function converted(stated: Quantity, unit: string | null): Quantity | null {
  for (const [large, small, factor] of CONVERSIONS) {
    if (stated.unit === large && unit === small)
      return { ...stated, unit, value: new Big(stated.value).times(factor).toFixed() };
    if (stated.unit === small && unit === large)
      return { ...stated, unit, value: new Big(stated.value).div(factor).toFixed() };
  }
  return null;
}

/** Told first, in plain arithmetic: two sizes that no rounding joins. A last digit is worth no more than the scale, or, hedged, than the figure. */
function farApart(figure: Figure, stated: Quantity): boolean {
  const [one, two] = [figure, stated].map(({ value, scale }) => Math.abs(Number(value)) * scale) as [number, number];
  const reach = figure.hedged ? Math.max(one, stated.scale) : Math.max(figure.scale, stated.scale);
  return Math.abs(one - two) > 0.51 * reach + 1e-6 * one;
}

/** Whether a figure is what is stated, rounding respected; signs aside with `unsigned`. */
export function sameFigure(figure: Figure, stated: Quantity, unsigned = false): boolean {
  if (!unitsMeet(figure.unit, stated.unit)) {
    const other = converted(stated, figure.unit);
    return other !== null && sameFigure(figure, other, unsigned);
  }
  if (farApart(figure, stated)) return false;
  const size = (quantity: Quantity): Quantity =>
    unsigned ? { ...quantity, value: new Big(quantity.value).abs().toFixed() } : quantity;
  if (figure.hedged && roundsTo({ ...figure, ...size(figure) }, worth(size(stated)))) return true;
  // A figure may be rounded from what is stated; it may not be more precise.
  return step(figure).gte(new Big(10).pow(-decimalsOf(stated)).times(stated.scale))
    ? roundsTo({ ...figure, ...size(figure) }, worth(size(stated)))
    : worth(size(figure)).eq(worth(size(stated))) || agreeHedged(figure, size(figure), size(stated));
}

/** A stated figure that is itself rounded ("some 31 million") stands for any that rounds to it, where the claim hedges too. */
function agreeHedged(figure: Figure, one: Quantity, two: Quantity): boolean {
  return figure.hedged && agree(one, two);
}

/** True when a text says a figure that none of the quotes says. */
export function addsFigure(text: string, quotes: readonly string[], language: Language): boolean {
  const held = quotes.flatMap((quote) => figuresIn(quote, language));
  return figuresIn(text, language)
    .filter(({ weak }) => !weak)
    .some((figure) => !held.some((one) => sayTheSame(figure, one)));
}

function sayTheSame(one: Figure, two: Figure): boolean {
  if (one.kind === 'date' || two.kind === 'date') return one.kind === two.kind && one.value === two.value;
  return sameFigure(one, two);
}
