import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Neighbours, WordVectors } from '../src/core/search';

function textOf(name: string): string | null {
  const path = fileURLToPath(new URL(`../../public/words/${name}.txt`, import.meta.url));
  return existsSync(path) ? readFileSync(path, 'utf8') : null;
}

/** Words that are used or mean like others, from the files that ship beside the bundle; null when they are missing. */
export function loadNeighbours(): Neighbours | null {
  const texts = ['used-alike', 'synonyms', 'explained', 'vectors', 'synonyms-de', 'vectors-de', 'synonyms-ja'].map(
    textOf,
  );
  if (texts.includes(null)) return null;
  const [used = '', en = '', explained = '', vectors = '', german = '', germanVectors = '', japanese = ''] =
    texts as string[];
  const neighbours = new Neighbours(used, { en, ja: japanese }, explained, new WordVectors(vectors));
  neighbours.learn('de', german, germanVectors);
  return neighbours;
}
