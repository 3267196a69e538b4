import { termSet } from '../search';
import { numbersOf, type Language } from '../text';

/** Numbers between two bounds, both included; an open end is infinite. */
interface Bounds {
  readonly least: number;
  readonly most: number;
  /** What they measure; null where the label does not say. */
  readonly unit: string | null;
}

const JOINED = /^\s*(?:years?\s|metres?\s|m\s|tonnes?\s|t\s)?(?:to|–|-|bis|and|und|から|～|~)\s*(?:zu\s)?$/iu;
const FROM = /\b(?:over|above|more than|exceeding|from|at least|ab|über|mehr als|mindestens)\s$/i;
const UP_TO = /\b(?:under|below|less than|up to|not exceeding|not more than|until|bis(?: zu)?|unter|höchstens)\s$/i;
const OR_MORE = /^\s*(?:(?:and|or) (?:more|over|above|older)|und mehr|以上|超)/i;
const OR_LESS = /^\s*(?:(?:and|or) (?:less|under|below|younger)|und weniger|以下|未満|まで)/i;

/** The range that a row's label names: "from six to fifteen", "2,001 to 8,000 tonnes", "over 20 metres"; null where it names none. */
function rangeNamed(label: string, language: Language): Bounds | null {
  const [first, second] = numbersOf(label, language);
  if (first === undefined) return null;
  const one = Number(first.value);
  const unit = second?.unit ?? first.unit;
  if (second !== undefined)
    return JOINED.test(label.slice(first.end, second.start)) ? { least: one, most: Number(second.value), unit } : null;
  const [before, behind] = [label.slice(0, first.start), label.slice(first.end)];
  if (FROM.test(before) || OR_MORE.test(behind)) return { least: one, most: Infinity, unit };
  return UP_TO.test(before) || OR_LESS.test(behind) ? { least: -Infinity, most: one, unit } : null;
}

/** Words behind a number that say what it measures: "ten-year-old", "40 years of age". */
const MEASURED = /^(?:[-\s](?:years?|months?))?(?:[-\s](?:olds?|long|wide|deep|high|of age))?(?![\p{L}])/iu;
const YEAR = /^(?:19|20)\d{2}$/;

/**
 * The search terms of a question by which a row with a range for a label is the one asked for: those of the number that lies in it, "a ten-year-old" for "from six to
 * fifteen". None where no number of the question does; null where the label names no range, or the question no number.
 */
export function termsInRange(label: string, asked: string, language: Language): ReadonlySet<string> | null {
  const numbers = numbersOf(asked, language).filter(({ value, unit }) => unit !== null || !YEAR.test(value));
  const bounds = numbers.length === 0 ? null : rangeNamed(label, language);
  if (bounds === null) return null;
  const inside = numbers.filter(
    ({ value, unit }) =>
      (bounds.unit === null || bounds.unit === unit) && bounds.least <= Number(value) && Number(value) <= bounds.most,
  );
  return new Set(
    inside.flatMap(({ start, end }) => [
      ...termSet(asked.slice(start, end + (MEASURED.exec(asked.slice(end))?.[0].length ?? 0)), language),
    ]),
  );
}
