import { Neighbours, WordVectors } from '../core/search';
import type { Language } from '../core/text';

/** Names of the files in `public/words`: English ones, which serve documents of any language, and those of further languages. */
const ENGLISH = ['used-alike', 'synonyms', 'explained', 'vectors'] as const;
const FURTHER: readonly Language[] = ['de', 'ja'];
/** Those of them that have vectors. */
const WITH_VECTORS: readonly Language[] = ['de'];

async function wordsOf(name: string): Promise<string> {
  const response = await fetch(new URL(`/words/${name}.txt`, self.location.origin));
  return response.ok ? response.text() : '';
}

/** The words that may stand for others, from the application's own origin: the English ones at once, those of another language when it is first asked for. */
export class WordFiles {
  private readonly english: Promise<Neighbours>;
  private readonly further = new Map<Language, Promise<void>>();

  constructor() {
    this.english = Promise.all(ENGLISH.map(wordsOf)).then(
      ([used = '', en = '', explained = '', vectors = '']) =>
        new Neighbours(used, { en }, explained, new WordVectors(vectors)),
    );
    // `for` tells why they could not be loaded.
    this.english.catch(() => undefined);
  }

  /**
   * The words for documents of some languages; a file that is not there counts as empty. Null, and a warning, where the origin does not answer: questions are then
   * searched for by their own words and the trade's alone.
   */
  async for(languages: readonly Language[]): Promise<Neighbours | null> {
    try {
      return await this.load(languages);
    } catch (caught: unknown) {
      console.warn('Words that stand for others could not be loaded.', caught);
      return null;
    }
  }

  private async load(languages: readonly Language[]): Promise<Neighbours> {
    const neighbours = await this.english;
    for (const language of FURTHER.filter((one) => languages.includes(one))) {
      const known = this.further.get(language) ?? this.learn(neighbours, language);
      this.further.set(language, known);
      await known;
    }
    return neighbours;
  }

  private async learn(neighbours: Neighbours, language: Language): Promise<void> {
    try {
      const files = [`synonyms-${language}`, ...(WITH_VECTORS.includes(language) ? [`vectors-${language}`] : [])];
      const [synonyms = '', vectors] = await Promise.all(files.map(wordsOf));
      neighbours.learn(language, synonyms, vectors);
    } catch (caught: unknown) {
      // It is tried anew by the next question.
      this.further.delete(language);
      throw caught;
    }
  }
}
