import { Recent } from '../recent';
import { findDates, type DateMention } from './dates';
import type { Language } from './language';
import type { NumberMention } from './numberMention';
import { findNumbers } from './numbers';
import { tokenize, type Token } from './tokens';

/** Texts whose words, numbers and dates are remembered: a question looks at each sentence it weighs from several sides. */
const REMEMBERED = 600;
const tokens = new Recent<string, readonly Token[]>(REMEMBERED);
const numbers = new Recent<string, readonly NumberMention[]>(REMEMBERED);
const dates = new Recent<string, readonly DateMention[]>(REMEMBERED);

/** The words of a text, as `tokenize` gives them. */
export function tokensOf(text: string): readonly Token[] {
  return tokens.get(text, () => tokenize(text));
}

/** The numbers of a text, as `findNumbers` gives them. */
export function numbersOf(text: string, language: Language): readonly NumberMention[] {
  return numbers.get(`${language} ${text}`, () => findNumbers(text, language));
}

/** The dates of a text, as `findDates` gives them. */
export function datesOf(text: string): readonly DateMention[] {
  return dates.get(text, () => findDates(text));
}
