import Big from 'big.js';
import { plainUnit } from '../source';
import { CURRENCY_CODES, datesOf, isDigit, numbersOf, type Language, type NumberMention } from '../text';
import type { Quantity } from './quantity';

export type FigureKind = 'date' | 'percentage' | 'points' | 'duration' | 'amount' | 'number';

/** A figure as a text says it; `[start, end)` in UTF-16 code units. A date's `value` is ISO 8601, `--03-31` without its year. */
export interface Figure extends Quantity {
  readonly kind: FigureKind;
  readonly start: number;
  readonly end: number;
  /** Said with "about", "more than" or the like: it need not be exact. */
  readonly hedged: boolean;
  /** A small number in words, or a year alone: worth a word only where the documents say otherwise. */
  readonly weak: boolean;
}

/** What a number behind it names a place, a thing or a version with, rather than counting anything. */
const NAMES_PLACE =
  /(?:\b(?:pages?|pp?|clauses?|sections?|secs?|articles?|arts?|schedules?|annex(?:es)?|appendix|appendices|notes?|tables?|figures?|figs?|chapters?|parts?|paragraphs?|paras?|items?|exhibits?|rules?|regulations?|volumes?|vols?|versions?|lots?|forms?|lines?|rows?|steps?|questions?|numbers?|nos?|nr|isbn|iso|rfc|seiten?|ziffern?|abschnitte?|klauseln?|anlagen?|tabellen?|artikel|absatz|kapitel|berths?|levels?|stages?|phases?|types?|class|category|edition|issue|units?|finding|recommendation)\.?|[§#№]|第)\s*(?:\(?\d+(?:\.\d+)*\)?(?:\([a-z\d]+\))*\s*(?:,|and|or|to|und|bis|[-–—&])\s*)*\(?$/iu;
const HEDGES =
  /\b(?:about|around|approximately|approx\.?|roughly|some|nearly|almost|circa|ca\.|over|more than|less than|under|at least|at most|up to|just|close to|in excess of|exceeding|well|not quite|a little|slightly|rund|etwa|knapp|über|mehr als|fast|weniger als)\s+(?:(?:over|under|above|below|more than|less than)\s+)?(?:[$€£¥]|[A-Z]{3}\s)?$/iu;
/** Behind these a date ends or begins a period that figures are of; it says nothing by itself. */
const ENDS_PERIOD =
  /\b(?:years?|quarters?|months?|period|half(?:[- ]year)?)\s+(?:ended|ending|to)\s+(?:on\s+)?$|\b(?:as (?:at|of)|at)\s+$/iu;
/** Capitals that a number is part of the name of, "MW 40"; a currency is none. */
const NAMED_IN_CAPITALS = new RegExp(String.raw`(?<![\p{L}\d])(?!TEUR|${CURRENCY_CODES})[A-Z][A-Z\d-]+\s$`, 'u');
const LIST_MARK = /(?:^|\n)\s*[([]?$/;
const YEAR = /^\(?(?:19|20)\d\d\)?$/;
/** Before a year that is followed by what it counts for all the world: "In 2022 passengers". */
const LEADS_YEAR = /\b(?:in|for|of|during|since|by|until|year|and|to|from|or)\s$/i;
const TIME_UNIT =
  /^(?:second|minute|hour|day|week|month|quarter|year|sekunde|minute|stunde|tage?|woche|monate?|jahre?)$/;
const POINTS = /^(?:percentage point|basis point)$/;

function kindOf(unit: string | null): FigureKind {
  if (unit === null) return 'number';
  if (unit === '%') return 'percentage';
  if (POINTS.test(unit)) return 'points';
  return TIME_UNIT.test(unit) ? 'duration' : 'amount';
}

/** True for digits that are part of a name, a reference, a time or a list's mark. */
function isNoFigure(text: string, { start, end, value }: NumberMention, spelt: boolean): boolean {
  const before = text.slice(Math.max(0, start - 80), start);
  const after = text.slice(end, end + 12);
  if (NAMES_PLACE.test(before) || /^\s?(?:ページ|頁|章|条|項|号|節|ページ目)/u.test(after)) return true;
  if (spelt) return value === '1' && !/\s/.test(text.slice(start, end));
  if (/[\p{Script=Latin}_/)\]]$/u.test(before)) return true;
  if (/[\p{Script=Latin}][-–.]$|\d:$/u.test(before) && !/[$€£¥]/.test(text.slice(start, end))) return true;
  if (isRange(text, start) && NAMES_PLACE.test(before.replace(/\d+$/, ''))) return true;
  if (/^(?::\d|\/\d|_|\.\d|[A-Za-z]|\([a-z]\))/u.test(after)) return true;
  // The number of a clause or heading stands before its first word.
  if (LIST_MARK.test(before) && /^\d{1,2}(?:\.\d{1,3})?$/.test(text.slice(start, end)) && /^\s+\p{Lu}/u.test(after))
    return true;
  if (LIST_MARK.test(before) && /^(?:[.)\]]|\.\d+)*\.?[.)\]]\s|^(?:\.\d+)+\s/.test(after)) return true;
  return NAMED_IN_CAPITALS.test(before) && /^\d{1,5}$/.test(value);
}

/** True for four digits that name a year, rather than so many of something: "over 1900 models". */
function isYear(
  text: string,
  { text: own, unit, start, end }: Pick<Figure, 'text' | 'unit' | 'start' | 'end'>,
): boolean {
  if (!YEAR.test(own) || unit !== null) return false;
  const before = text.slice(Math.max(0, start - 40), start);
  return LEADS_YEAR.test(before) || (!HEDGES.test(before) && !/^\s\p{Ll}{4,}/u.test(text.slice(end, end + 12)));
}

/** A year before a noun is no number of these. */
function withoutFalseUnit(text: string, number: NumberMention): NumberMention {
  const year = /^(?:19|20)\d\d(?=\s)/.exec(text.slice(number.start, number.end));
  if (year === null || number.scale !== 1 || !LEADS_YEAR.test(text.slice(Math.max(0, number.start - 8), number.start))) return number; // prettier-ignore
  return { ...number, end: number.start + 4, unit: null };
}

/** True for a dash that stands between two numbers rather than before a negative one. */
function isRange(text: string, start: number): boolean {
  return /[-−–]/.test(text[start] ?? '') && isDigit(text[start - 1]);
}

/** "1,250" in a text's own units, with currency and scale that stand around it. */
function measured(
  text: string,
  { start, end, value, unit, scale }: NumberMention,
): Omit<Figure, 'kind' | 'hedged' | 'weak'> {
  let from = start;
  let worth = new Big(value);
  if (isRange(text, start)) [from, worth] = [start + 1, worth.abs()];
  if (/^[(](?![^()]*[)]$)/.test(text.slice(from, end))) from += 1;
  return { text: text.slice(from, end), value: worth.div(scale).toFixed(), unit: unit === null ? null : plainUnit(unit), scale, start: from, end }; // prettier-ignore
}

/**
 * The figures that a text says: amounts, numbers, percentages, dates and durations, in order. Page, clause and note numbers, marks of lists, times of day, digits in
 * names and the years that other figures are of are none.
 */
export function figuresIn(text: string, language: Language): Figure[] {
  const dates = datesOf(text);
  const figures: Figure[] = dates
    .filter((date) => !ENDS_PERIOD.test(text.slice(Math.max(0, date.start - 40), date.start)))
    .map(({ start, end, value }) => ({ kind: 'date', text: text.slice(start, end), value, unit: null, scale: 1, start, end, hedged: false, weak: !/-\d\d-\d\d$/.test(value) })); // prettier-ignore
  for (const mention of numbersOf(text, language)) {
    const number = withoutFalseUnit(text, mention);
    if (dates.some((date) => date.start < number.end && number.start < date.end)) continue;
    const spelt = /^\p{L}/u.test(text.slice(number.start, number.end));
    if (isNoFigure(text, number, spelt)) continue;
    const figure = measured(text, number);
    if (figures.some((other) => other.start < figure.end && figure.start < other.end)) continue;
    const year = isYear(text, figure);
    figures.push({
      ...figure,
      kind: year ? 'date' : kindOf(figure.unit),
      hedged: HEDGES.test(text.slice(Math.max(0, figure.start - 40), figure.start)),
      weak: year || (figure.unit === null && figure.scale === 1 && Math.abs(Number(figure.value)) < 13),
    });
  }
  return shared(
    text,
    figures.sort((a, b) => a.start - b.start),
  );
}

/**
 * The unit and scale of a number that only its neighbour says: the second of two ("from 28,910 to 28,680 thousand crowns"), or what stands before brackets that part it
 * ("10,400 thousand crowns (1,600 now and 8,800 later)").
 */
function shared(text: string, figures: readonly Figure[]): Figure[] {
  return figures.map((figure, at) => {
    const next = figures[at + 1];
    const joined =
      next !== undefined && /^\s*(?:to|and|or|bis|und|oder|[-–—])\s*$/.test(text.slice(figure.end, next.start));
    const whole = figures.findLast((one) => one.end < figure.start && one.scale > 1);
    const parted = whole !== undefined && /^[^()]*\([^()]*$/.test(text.slice(whole.end, figure.start)) && /^\d{1,3}(?:,\d{3})*$/.test(figure.text); // prettier-ignore
    if (parted && figure.kind === 'number' && figure.scale === 1 && figure.text.length > 2)
      return { ...figure, unit: whole.unit, scale: whole.scale, kind: whole.kind, weak: false };
    if (!joined || figure.kind !== 'number' || figure.scale !== 1 || next.kind === 'date' || next.unit === null) return figure; // prettier-ignore
    return { ...figure, unit: next.unit, scale: next.scale, kind: next.kind, weak: false };
  });
}
