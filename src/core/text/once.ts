import { Recent } from '../recent';
import { findDates, type DateMention } from './dates';
import type { Language } from './language';
import type { NumberMention } from './numberMention';
import { findNumbers } from './numbers';
import { tokenize, type Token } from './tokens';

/** Texts whose words, numbers and dates are remembered: a question looks at each sentence it weighs from several sides. */
const REMEMBERED = 600;
/** Shorter texts are found anew each time: single words would take the place of sentences. */
const WORTH_IT = 24;
const tokens = new Recent<string, readonly Token[]>(REMEMBERED);
const dates = new Recent<string, readonly DateMention[]>(REMEMBERED);

/** `find` with what it found in the texts asked for last, each in its language. */
export function remembered<V>(find: (text: string, language: Language) => V): (text: string, language: Language) => V {
  const held = new Map<Language, Recent<string, V>>();
  return (text, language) => {
    if (text.length < WORTH_IT) return find(text, language);
    let texts = held.get(language);
    if (texts === undefined) {
      texts = new Recent(REMEMBERED);
      held.set(language, texts);
    }
    return texts.get(text, () => find(text, language));
  };
}

/** The words of a text, as `tokenize` gives them. */
export function tokensOf(text: string): readonly Token[] {
  return text.length < WORTH_IT ? tokenize(text) : tokens.get(text, () => tokenize(text));
}

/** The numbers of a text, as `findNumbers` gives them. */
export const numbersOf: (text: string, language: Language) => readonly NumberMention[] = remembered(findNumbers);

/** The dates of a text, as `findDates` gives them. */
export function datesOf(text: string): readonly DateMention[] {
  return text.length < WORTH_IT ? findDates(text) : dates.get(text, () => findDates(text));
}
