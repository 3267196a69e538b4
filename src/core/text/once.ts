import { Recent } from '../recent';
import { findDates, type DateMention } from './dates';
import type { Language } from './language';
import type { NumberMention } from './numberMention';
import { findNumbers } from './numbers';
import { tokenize, type Token } from './tokens';

/** Texts whose words, numbers and dates are remembered: a question looks at each sentence it weighs from several sides. */
const REMEMBERED = 1500;
/** Shorter texts are found anew each time: single words would take the place of sentences. */
const WORTH_IT = 24;

function rememberedText<V>(find: (text: string) => V): (text: string) => V {
  const held = new Recent<string, V>(REMEMBERED);
  return (text) => (text.length < WORTH_IT ? find(text) : held.get(text, () => find(text)));
}

/** `find` with what it found in the texts asked for last, each in its language. */
export function remembered<V>(find: (text: string, language: Language) => V): (text: string, language: Language) => V {
  const inLanguages = new Map<Language, (text: string) => V>();
  return (text, language) => {
    const known = inLanguages.get(language) ?? rememberedText((one) => find(one, language));
    inLanguages.set(language, known);
    return known(text);
  };
}

/** The words of a text, as `tokenize` gives them. */
export const tokensOf: (text: string) => readonly Token[] = rememberedText(tokenize);

/** The numbers of a text, as `findNumbers` gives them. */
export const numbersOf: (text: string, language: Language) => readonly NumberMention[] = remembered(findNumbers);

/** The dates of a text, as `findDates` gives them. */
export const datesOf: (text: string) => readonly DateMention[] = rememberedText(findDates);
