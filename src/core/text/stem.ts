import snowball from 'snowball-stemmers';
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

function makeStemmer(algorithm: string): (word: string) => string {
  const stemmer = snowball.newStemmer(algorithm);
  const cache = new Map<string, string>();
  return (word) => {
    let stem = cache.get(word);
    if (stem === undefined) {
      stem = stemmer.stem(word);
      if (cache.size > 100_000) cache.clear();
      cache.set(word, stem);
    }
    return stem;
  };
}

/**
 * The search form of a folded word: its Snowball stem (Porter 2001) in `language`; English where the language has none.
 * Numbers and ideographs stay as they are.
 */
export function stemWord(word: string, language: Language): string {
  if (word.length < 3 || !/^\p{L}/u.test(word) || /\d/.test(word)) return word;
  const algorithm = ALGORITHMS[language] ?? 'english';
  let stemmer = stemmers.get(algorithm);
  if (stemmer === undefined) {
    stemmer = makeStemmer(algorithm);
    stemmers.set(algorithm, stemmer);
  }
  return stemmer(word.replace(/'s?$/, ''));
}
