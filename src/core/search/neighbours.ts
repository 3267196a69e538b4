/** A search term that may stand for another, and how alike the two are used, 0 to 1. */
export interface Neighbour {
  readonly term: string;
  readonly likeness: number;
}

/** Lines of a file of words, each taken apart when its word is first asked for. */
class Lines {
  private readonly lines = new Map<string, string>();

  constructor(text: string) {
    for (const line of text.split('\n')) {
      const space = line.indexOf(' ');
      if (space > 0 && !line.startsWith('#')) this.lines.set(line.slice(0, space), line.slice(space + 1));
    }
  }

  of(term: string): readonly Neighbour[] {
    const line = this.lines.get(term);
    if (line === undefined) return [];
    return line.split(' ').map((pair) => {
      const colon = pair.lastIndexOf(':');
      return { term: pair.slice(0, colon), likeness: Number(pair.slice(colon + 1)) / 100 };
    });
  }
}

/**
 * Words that may stand for others, from files with a line a word, "rent leas:71 tenant:66": those merely used alike, by vectors of words (`public/words/used-alike.txt`; GloVe,
 * Pennington et al. 2014), and those that mean alike, by a dictionary (`public/words/synonyms.txt`; WordNet, Fellbaum 1998). English only.
 */
export class Neighbours {
  private readonly used: Lines;
  private readonly meaning: Lines;

  constructor(used: string, meaning = '') {
    this.used = new Lines(used);
    this.meaning = new Lines(meaning);
  }

  /** Terms used like a term, the likest first; none for what is not known. */
  of(term: string): readonly Neighbour[] {
    return this.used.of(term);
  }

  /** Terms that mean what a term means, in one of its senses, the likest first. */
  synonymsOf(term: string): readonly Neighbour[] {
    return this.meaning.of(term);
  }
}
