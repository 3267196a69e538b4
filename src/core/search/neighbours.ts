import { snowballStem, wordOfStem, type Language } from '../text';
import { linesByWord } from './wordLines';
import type { WordVectors } from './wordVectors';

/** A search term that may stand for another, and how alike the two are used, 0 to 1. */
export interface Neighbour {
  readonly term: string;
  readonly likeness: number;
}

/** An English term as the files have it, whose stems are those of the published algorithm alone. */
function asListed(term: string): string {
  const word = wordOfStem(term);
  return word === null ? term : snowballStem(word, 'en');
}

/** Lines of a file of words, each taken apart when its word is first asked for. */
class Lines {
  private readonly lines: ReadonlyMap<string, string>;

  constructor(text: string) {
    this.lines = linesByWord(text);
  }

  of(term: string): readonly Neighbour[] {
    const line = this.lines.get(term) ?? this.lines.get(asListed(term));
    if (line === undefined) return [];
    return line.split(' ').map((pair) => {
      const colon = pair.lastIndexOf(':');
      return { term: pair.slice(0, colon), likeness: Number(pair.slice(colon + 1)) / 100 };
    });
  }
}

/** Texts of words that mean alike, by language. */
export type Meanings = Readonly<Partial<Record<Language, string>>>;

/**
 * Words that may stand for others, from files with a line a word, "rent leas:71 tenant:66": those merely used alike, by vectors of words (`public/words/used-alike.txt`; GloVe,
 * Pennington et al. 2014; English only), those that mean alike, by dictionaries (`public/words/synonyms.txt`; WordNet, Fellbaum 1998; `synonyms-de.txt`), and those
 * that a dictionary explains others by (`public/words/explained.txt`; English only).
 */
export class Neighbours {
  private readonly used: Lines;
  private readonly explained: Lines;
  private readonly meaning = new Map<Language, Lines>();
  /** How often words were taken in: what was made of them before is old. */
  editions = 0;

  constructor(
    used: string,
    meanings: Meanings = {},
    explained = '',
    /** What texts are about, by the vectors of their words; null where these are not there. */
    readonly vectors: WordVectors | null = null,
  ) {
    this.used = new Lines(used);
    this.explained = new Lines(explained);
    for (const [language, text] of Object.entries(meanings)) this.learn(language as Language, text);
  }

  /** Takes in the words of a language that mean alike, instead of those it had, and their vectors. */
  learn(language: Language, text: string, vectors = ''): void {
    this.meaning.set(language, new Lines(text));
    if (vectors !== '') this.vectors?.learn(language, vectors);
    this.editions += 1;
  }

  /** Terms used like an English term, the likest first; none for what is not known. */
  of(term: string): readonly Neighbour[] {
    return this.used.of(term);
  }

  /** Terms that an English term is explained by, or that it explains, those that tell most of it first. */
  explainedBy(term: string): readonly Neighbour[] {
    return this.explained.of(term);
  }

  /** Terms that mean what a term of a language means, in one of its senses, the likest first. */
  synonymsOf(term: string, language: Language): readonly Neighbour[] {
    return this.meaning.get(language)?.of(term) ?? [];
  }
}
