import path from 'node:path';
import { Library } from '../src/core/library';
import type { AskedSource, AskSettings } from '../src/core/answer';
import type { Table } from '../src/core/source';
import { findSources } from './paths';
import { readFiles, type FileRead, type FileStart, type Taker } from './reading';
import { clearProgress, showProgress, tellProblem } from './terminal';

export interface Shelf {
  readonly library: Library;
  /** True when some file given could not be read; it was told. */
  readonly incomplete: boolean;
}

/** Takes files into a library as they are read; ids are the names. */
function into(library: Library): (start: FileStart) => Taker<void> {
  return ({ name, sha256, facts, language }) => {
    const tables: Table[] = [];
    library.add({ id: name, name, sha256, pageCount: facts.pageCount, language });
    return {
      page: (page, sections) => library.addPage(name, page, sections),
      tables: (found) => void tables.push(...found),
      end: () => {
        library.finish(name);
        library.setTables(name, tables);
      },
    };
  };
}

/** A library of one file that was read whole. */
export function libraryOf(read: FileRead): Library {
  const library = new Library();
  const taker = into(library)(read);
  read.pages.forEach((page, at) => taker.page(page, read.sections[at] ?? []));
  taker.tables(read.tables);
  taker.end(read.milliseconds);
  return library;
}

/** Reads all documents that paths name into a library; ids are the names. Files that cannot be read are told and passed over. */
export async function openShelf(paths: readonly string[], settings?: AskSettings): Promise<Shelf> {
  const library = new Library(settings);
  let incomplete = false;
  const progress = (name: string, page: number, pages: number): void =>
    showProgress(`reading ${name}: page ${page} of ${pages}`);
  for await (const result of readFiles(findSources(paths), into(library), progress)) {
    if (!('problem' in result)) continue;
    incomplete = true;
    library.remove(result.name);
    tellProblem(result.problem);
  }
  clearProgress();
  return { library, incomplete };
}

/** The document a record names: by its name, the end of its path, or its name without the ending; null when none does. */
export function matchSource(sources: readonly AskedSource[], given: string): AskedSource | null {
  const base = path.basename(given);
  const stem = (name: string): string => path.basename(name).replace(/\.[^.]+$/, '');
  return (
    sources.find((source) => source.name === given) ??
    sources.find((source) => path.basename(source.name) === base) ??
    sources.find((source) => stem(source.name) === stem(base) || stem(source.name) === base) ??
    null
  );
}
