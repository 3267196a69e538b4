import { quantityAt, worth } from '../figure';
import type { Language } from '../text';

/** Intervals that are said without a number. */
const INTERVALS: readonly (readonly [RegExp, string])[] = [
  [/^(?:every|each) hour\b|^hourly\b|^(?:stündlich|jede stunde)|毎時/i, '1 hour'],
  [/^(?:every|each) (?:day|morning|evening|night)\b|^daily\b|^(?:täglich|jeden (?:tag|morgen|abend))|毎日/i, '1 day'],
  [/^(?:every|each) week\b|^weekly\b|^(?:wöchentlich|jede woche)|毎週/i, '1 week'],
  [/^(?:every|each) month\b|^monthly\b|^(?:monatlich|jeden monat)|毎月/i, '1 month'],
  [/^(?:every|each) quarter\b|^quarterly\b|^(?:vierteljährlich|jedes (?:quartal|vierteljahr))|四半期ごと/i, '3 month'],
  [/^(?:every|each) year\b|^(?:yearly|annually)\b|^(?:jährlich|jedes jahr)|毎年/i, '1 year'],
];

/** How often something happens, by number and unit of time: "every two weeks" is 2 week; null for what tells no interval. */
export function intervalOf(text: string, language: Language): string | null {
  const named = INTERVALS.find(([words]) => words.test(text))?.[1];
  if (named !== undefined) return named;
  if (!/^(?:every|each|alle)\s|(?:ごと|おき|毎に)$/i.test(text)) return null;
  const quantity = quantityAt(text, 0, text.length, language);
  return quantity === null ? null : `${worth(quantity).toFixed()} ${quantity.unit ?? ''}`;
}
