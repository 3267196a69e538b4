import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Neighbours } from '../src/core/search';

/** Words that are used or mean like others, from the files that ship beside the bundle; null when they are missing. */
export function loadNeighbours(): Neighbours | null {
  const [used, meaning] = ['used-alike', 'synonyms'].map((name) =>
    fileURLToPath(new URL(`../../public/words/${name}.txt`, import.meta.url)),
  ) as [string, string];
  if (!existsSync(used) || !existsSync(meaning)) return null;
  return new Neighbours(readFileSync(used, 'utf8'), readFileSync(meaning, 'utf8'));
}
