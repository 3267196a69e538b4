import { Worker } from 'node:worker_threads';
import { problem, type Problem } from '../src/core/problem';
import type { EditionFacts, Page, Section, Table } from '../src/core/source';
import type { Language } from '../src/core/text';
import type { ReadingOrder, ReadingReport } from './messages';
import type { SourceFile } from './paths';

export interface FileRead {
  readonly name: string;
  readonly sha256: string;
  readonly facts: EditionFacts;
  readonly language: Language;
  readonly pages: readonly Page[];
  /** Sections that begin on each page, by page number - 1. */
  readonly sections: readonly (readonly Section[])[];
  /** In order of place; each with the pages it stands on. */
  readonly tables: readonly Table[];
  readonly milliseconds: number;
}

/** A file read, or what kept it from being read. */
export type ReadingResult = { readonly read: FileRead } | { readonly problem: Problem };

/** Seconds without a page after which a file is given up. */
const STUCK_SECONDS = 45;
const MEMORY_MB = 900;
const AT_ONCE = 2;

export interface Progress {
  (name: string, page: number, pages: number): void;
}

function readFile(file: SourceFile, progress: Progress): Promise<ReadingResult> {
  const began = performance.now();
  const order: ReadingOrder = { path: file.path, name: file.name };
  const worker = new Worker(new URL('./readingWorker.mjs', import.meta.url), {
    workerData: order,
    resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
    stderr: true,
    stdout: true,
  });
  return new Promise((resolve) => {
    let started: Extract<ReadingReport, { kind: 'started' }> | null = null;
    const pages: Page[] = [];
    const sections: (readonly Section[])[] = [];
    const tables: Table[] = [];
    let timer: NodeJS.Timeout | undefined;
    const finish = (result: ReadingResult): void => {
      clearTimeout(timer);
      resolve(result);
      void worker.terminate();
    };
    const watch = (): void => {
      clearTimeout(timer);
      timer = setTimeout(
        () => finish({ problem: problem('file-stuck', { file: file.name, seconds: STUCK_SECONDS }) }),
        STUCK_SECONDS * 1000,
      );
    };
    watch();
    worker.on('message', (report: ReadingReport) => {
      watch();
      if (report.kind === 'started') started = report;
      else if (report.kind === 'page') {
        pages.push(report.page);
        sections.push(report.sections);
        progress(file.name, pages.length, started?.facts.pageCount ?? 0);
      } else if (report.kind === 'tables') tables.push(...report.tables);
      else if (report.kind === 'failed') finish({ problem: report.problem });
      else if (started !== null) {
        const { sha256, facts, language } = started;
        finish({
          read: {
            name: file.name,
            sha256,
            facts,
            language,
            pages,
            sections,
            tables,
            milliseconds: performance.now() - began,
          },
        });
      }
    });
    worker.on('error', () => finish({ problem: problem('file-damaged', { file: file.name }) }));
    worker.on('exit', () => finish({ problem: problem('file-damaged', { file: file.name }) }));
  });
}

/** Reads files two at a time, each in a worker of its own that a damaged file cannot take the others down with; results in input order. */
export async function* readFiles(files: readonly SourceFile[], progress: Progress): AsyncGenerator<ReadingResult> {
  const running: Promise<ReadingResult>[] = [];
  let next = 0;
  while (next < files.length || running.length > 0) {
    while (next < files.length && running.length < AT_ONCE) {
      running.push(readFile(files[next] as SourceFile, progress));
      next += 1;
    }
    yield await (running.shift() as Promise<ReadingResult>);
  }
}
