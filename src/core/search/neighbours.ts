/** A search term that may stand for another, and how alike the two are used, 0 to 1. */
export interface Neighbour {
  readonly term: string;
  readonly likeness: number;
}

/**
 * Words that are used like others, by vectors of words (GloVe, Pennington et al. 2014), from the lines of `public/words/en.txt`: "rent leas:71 tenant:66". Lines are
 * taken apart when their word is first asked for. English only.
 */
export class Neighbours {
  private readonly lines = new Map<string, string>();

  constructor(text: string) {
    for (const line of text.split('\n')) {
      const space = line.indexOf(' ');
      if (space > 0) this.lines.set(line.slice(0, space), line.slice(space + 1));
    }
  }

  /** Terms used like a term, the likest first; none for what is not known. */
  of(term: string): readonly Neighbour[] {
    const line = this.lines.get(term);
    if (line === undefined) return [];
    return line.split(' ').map((pair) => {
      const colon = pair.lastIndexOf(':');
      return { term: pair.slice(0, colon), likeness: Number(pair.slice(colon + 1)) / 100 };
    });
  }
}
