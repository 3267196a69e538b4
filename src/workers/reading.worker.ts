import { expose } from 'comlink';
import { sha256Hex } from '../core/hash';
import { problem, ProblemError } from '../core/problem';
import {
  mayHoldTables,
  openPdf,
  PdfReading,
  TableFinder,
  type PdfFile,
  type Section,
  type Table,
} from '../core/source';
import {
  announce,
  fileOf,
  getEdition,
  getPage,
  pagesFrom,
  storePages,
  storeTables,
  updateEdition,
  type StoredEdition,
  type StoredPage,
} from '../store';
import { ASSETS, pdfjs } from './pdfjs';
import { attempt, type Result } from './result';

/** Pages stored in one transaction; the first ones go one by one, so that they can be asked at once. */
const BATCH = 12;

/** Pages between two signs that the work goes on. */
const SIGN_EVERY = 20;

/** Looks for an edition's tables, page by page as they are stored: after its text can be searched, since what a page draws costs as much again. */
async function findTables(editionId: string, file: PdfFile): Promise<void> {
  const edition = await getEdition(editionId);
  if (edition === undefined) return;
  const finder = new TableFinder(edition.language);
  const tables: Table[] = [];
  for (let number = 1; number <= file.pageCount; number += 1) {
    const stored = await getPage(editionId, number);
    if (stored === undefined) continue;
    const rules = mayHoldTables(stored.page) ? await file.rules(number) : [];
    tables.push(...finder.addPage(stored.page, rules));
    if (number % SIGN_EVERY === 0) announce({ kind: 'pages', editionId });
  }
  await storeTables(editionId, [...tables, ...finder.finish()]);
}

async function readEdition(editionId: string, password: string | null): Promise<void> {
  const waiting = await getEdition(editionId);
  const bytes = waiting === undefined ? undefined : await fileOf(waiting.sha256);
  if (waiting === undefined || bytes === undefined) return;
  const name = waiting.fileName;
  const key = password ?? waiting.password ?? undefined;
  const file = await openPdf(pdfjs, ASSETS, new Uint8Array(await bytes.arrayBuffer()), name, key);
  if (waiting.state === 'ready') return findTables(editionId, file);
  const known: Section[] = (await pagesFrom(editionId, 0))
    .slice(0, waiting.pagesRead)
    .flatMap((stored) => [...stored.sections]);
  const { reading, start } = await PdfReading.begin(file, known);
  let edition: StoredEdition = { ...waiting, ...start, state: 'reading', problem: null, password: key ?? null };
  // A short file is read before anyone could ask its first page.
  const short = file.pageCount <= BATCH;
  if (!short) await storePages(edition, []);
  let batch: StoredPage[] = [];
  for await (const { page, newSections } of reading.pages({ after: { page: edition.pagesRead, sections: known } })) {
    batch.push({ editionId, number: page.number, page, sections: newSections });
    if (batch.length >= BATCH || (page.number <= 4 && !short) || page.number === file.pageCount) {
      edition = await storePages(edition, batch);
      batch = [];
    }
  }
  if (edition.words === 0) throw new ProblemError(problem('file-no-text', { file: name, pages: file.pageCount }));
  await updateEdition(editionId, (stored) => ({ ...stored, state: 'ready' }));
  announce({ kind: 'pages', editionId });
  await findTables(editionId, file);
}

const api = {
  /** Hash of a file, or why it is refused before it is kept: empty or not a PDF. */
  admit(file: File): Promise<Result<{ readonly sha256: string }>> {
    return attempt(async () => {
      const bytes = new Uint8Array(await file.arrayBuffer());
      if (bytes.length === 0) throw new ProblemError(problem('file-empty', { file: file.name }));
      if (!new TextDecoder('latin1').decode(bytes.subarray(0, 1024)).includes('%PDF-')) {
        throw new ProblemError(problem('file-not-pdf', { file: file.name }));
      }
      return { sha256: sha256Hex(bytes) };
    });
  },

  /** Reads an edition from where it stands to its end, then looks for its tables; pages and progress go to the store as they are made. */
  read(editionId: string, password: string | null): Promise<Result<void>> {
    return attempt(() => readEdition(editionId, password));
  },
};

export type ReadingApi = typeof api;
expose(api);
