import { existsSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Neighbours } from '../src/core/search';

/** Words used like others, from the file that ships beside the bundle; null when it is missing. */
export function loadNeighbours(): Neighbours | null {
  const file = fileURLToPath(new URL('../../public/words/en.txt', import.meta.url));
  return existsSync(file) ? new Neighbours(readFileSync(file, 'utf8')) : null;
}
