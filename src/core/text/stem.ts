import snowball from 'snowball-stemmers';
import { englishStem, spelt } from './englishStems';
import type { Language } from './language';

const ALGORITHMS: Partial<Record<Language, string>> = {
  en: 'english',
  de: 'german',
  fr: 'french',
  es: 'spanish',
  it: 'italian',
  nl: 'dutch',
};

const stemmers = new Map<string, (word: string) => string>();
/** Words stemmed before, by language; the same few thousand come again and again. */
const known = new Map<Language, Map<string, string>>();
const KNOWN_WORDS = 100_000;

/**
 * The search form of a folded word: its Snowball stem (Porter 2001) in `language`; English where the language has none.
 * Numbers and ideographs stay as they are.
 */
export function stemWord(word: string, language: Language): string {
  let words = known.get(language);
  if (words === undefined || words.size > KNOWN_WORDS) {
    words = new Map();
    known.set(language, words);
  }
  let stem = words.get(word);
  if (stem === undefined) {
    stem = makeStem(word, language);
    words.set(word, stem);
  }
  return stem;
}

/** A German verb whose prefix a form of it parts: "aufzuräumen", "aufgeräumt" of "aufräumen". */
const PARTED =
  /^(auf|ab|an|aus|ein|mit|vor|zurück|weg|nach|fest|um|her|hin|los|statt|teil|zusammen|weiter)(?:zu|ge)(\p{Ll}{3,}(?:(?<!ung)en|e?t|e?te))$/u;

function makeStem(word: string, language: Language): string {
  if (word.length < 3 || !/^\p{L}/u.test(word) || /\d/.test(word)) return word;
  if ((ALGORITHMS[language] ?? 'english') !== 'english') return snowballStem(word, language);
  const british = spelt(word.replace(/'s?$/, ''));
  return englishStem(british) ?? snowballStem(british, language);
}

/** The stem by the published algorithm alone, as lists of words made elsewhere have it. */
export function snowballStem(word: string, language: Language): string {
  const algorithm = ALGORITHMS[language] ?? 'english';
  let stemmer = stemmers.get(algorithm);
  if (stemmer === undefined) {
    const made = snowball.newStemmer(algorithm);
    stemmer = (given) => made.stem(given);
    stemmers.set(algorithm, stemmer);
  }
  const whole = language === 'de' ? word.replace(PARTED, '$1$2') : word;
  return stemmer(whole.replace(/'s?$/, ''));
}
