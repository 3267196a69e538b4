import { quantityAt, worth } from '../figure';
import { findDates, fold } from '../text';
import type { Evidence } from './evidence';
import { closestMention } from './headline';
import { intervalOf } from './intervals';
import { measuredNumbers } from './measuredNumbers';
import { asksHolder, partyNamed, someoneNamed } from './partyNamed';
import type { Question } from './question';

/** Lengths of time in hours, by their units; a month has many lengths and compares with years alone. */
const HOURS: Readonly<Record<string, number>> = { minute: 1 / 60, hour: 1, day: 24, week: 168 };

/** A value as it is compared with another. */
export interface Value {
  readonly unit: string;
  readonly worth: string;
  /** The unit as it is told, where `unit` is one that others are turned into. */
  readonly told?: string;
}

/** A value as it is compared: what it measures, and how much; a date measures nothing but itself, nor does a name, where it is asked who. */
export function valueOf(text: string, evidence: Evidence, { kind }: Pick<Question, 'kind'>): Value | null {
  if (kind === 'party') return { unit: 'name', worth: fold(text).text };
  const date = findDates(text)[0]?.value;
  if (date !== undefined) return { unit: 'date', worth: date };
  if (kind === 'date' && /\p{L}{3}.*\b(?:19|20)\d{2}\b/u.test(text)) return { unit: 'date', worth: fold(text).text };
  const { language } = evidence.source.segment;
  const every = intervalOf(text, language);
  if (every !== null) return { unit: 'interval', worth: every };
  const times = measuredNumbers(text, language).map(({ value, unit }) => ({ unit, hours: Number(value) * (HOURS[unit ?? ''] ?? NaN) })); // prettier-ignore
  const hours = times.reduce((sum, one) => sum + one.hours, 0);
  // "7時間45分" is one length of time.
  if (times.length > 0 && !Number.isNaN(hours)) return { unit: 'hour', worth: hours.toFixed(2), told: times[0]?.unit ?? '' }; // prettier-ignore
  const quantity = quantityAt(text, 0, text.length, language);
  if (quantity === null) return null;
  if (quantity.unit === 'year') return { unit: 'month', worth: worth(quantity).times(12).toFixed(), told: 'year' };
  return { unit: quantity.unit ?? '', worth: worth(quantity).toFixed() };
}

/** Units of which one is no multiple of the other, of lengths of time: months have many lengths. */
const OF_TIME: ReadonlySet<string> = new Set(['hour', 'month']);

/** How two values stand to each other: of different things, of one thing in the same unit or in one that only sentences which are alike can mean the same by, or both lengths of time. */
export function unitsOf(one: Value, two: Value): 'same' | 'akin' | 'of time' | 'apart' {
  if (one.unit === two.unit) return one.told === two.told ? 'same' : 'akin';
  return OF_TIME.has(one.unit) && OF_TIME.has(two.unit) ? 'of time' : 'apart';
}

/** What evidence says of a question that asks for a value or a name, as it is told; null where it says none. */
export function valueSaid(one: Evidence, question: Question): string | null {
  if (question.kind !== 'party') return closestMention(one, question);
  return partyNamed(one.text, question) ?? (asksHolder(question) ? someoneNamed(one.text, question.text) : null);
}
