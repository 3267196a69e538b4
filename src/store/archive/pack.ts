import { isLitter } from '../../core/litter';
import { problem, ProblemError } from '../../core/problem';
import { unzip } from './unzip';

const MOST_FILE = 1024 * 1024 * 1024;
const MOST_ALL = 4 * MOST_FILE;
const MOST_ENTRIES = 20_000;

/** A document of a ZIP file: its name, and the folders it lay in. */
export interface PackedFile {
  readonly name: string;
  readonly folder: string;
  readonly bytes: Blob;
}

/** The files of a ZIP file. Throws a ProblemError when it is damaged or unpacks to more than a browser should hold. */
export async function unpackFiles(zip: Blob, name: string): Promise<PackedFile[]> {
  const invalid = (reason: string): ProblemError => new ProblemError(problem('pack-invalid', { file: name, reason }));
  const bounds = {
    entries: MOST_ENTRIES,
    all: MOST_ALL,
    most: (path: string) => (path.endsWith('/') || isLitter(path) ? null : MOST_FILE),
  };
  const entries = await unzip(zip, bounds, invalid);
  return entries.map((entry) => {
    const parts = entry.name.split(/[/\\]/).filter((part) => part !== '');
    return { name: parts.at(-1) ?? entry.name, folder: parts.slice(0, -1).join('/'), bytes: entry.bytes };
  });
}
