import { Neighbours } from '../core/search';

async function wordsOf(name: string): Promise<string> {
  const response = await fetch(new URL(`/words/${name}.txt`, self.location.origin));
  return response.ok ? response.text() : '';
}

/** The words that may stand for others, from the application's own origin; a file that is not there counts as empty. Rejects where the origin does not answer. */
export async function fetchNeighbours(): Promise<Neighbours> {
  const [used, meaning] = await Promise.all([wordsOf('used-alike'), wordsOf('synonyms')]);
  return new Neighbours(used, meaning);
}
