import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import { problem, ProblemError } from '../src/core/problem';

export interface SourceFile {
  readonly path: string;
  /** The file's name, or its path below the folder given. */
  readonly name: string;
}

const READABLE = /\.(?:pdf|txt|text)$/i;

function below(folder: string, inner = ''): SourceFile[] {
  return readdirSync(path.join(folder, inner), { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => {
      const name = inner === '' ? entry.name : `${inner}/${entry.name}`;
      if (entry.isDirectory()) return below(folder, name);
      return entry.isFile() && READABLE.test(entry.name) ? [{ path: path.join(folder, name), name }] : [];
    });
}

/** The documents that paths name: files as they are, folders with all the PDFs and text files below. Throws a ProblemError for a path that is not there. */
export function findSources(paths: readonly string[]): SourceFile[] {
  const files = paths.flatMap((given) => {
    const found = statSync(given, { throwIfNoEntry: false });
    if (found === undefined)
      throw new ProblemError(problem('file-unreadable', { file: given, reason: 'no such file or folder' }));
    return found.isDirectory() ? below(given) : [{ path: given, name: path.basename(given) }];
  });
  if (files.length === 0) throw new ProblemError(problem('no-files', { path: paths.join(', ') }));
  const taken = new Set<string>();
  return files.map((file) => {
    const name = taken.has(file.name) ? file.path : file.name;
    taken.add(name);
    return { ...file, name };
  });
}
