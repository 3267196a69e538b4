import { Worker } from 'node:worker_threads';
import { problem, type Problem } from '../src/core/problem';
import type { EditionFacts, Page, Section, Table } from '../src/core/source';
import type { Language } from '../src/core/text';
import type { ReadingOrder, ReadingReport } from './messages';
import type { SourceFile } from './paths';

export interface FileStart {
  readonly name: string;
  readonly sha256: string;
  readonly facts: EditionFacts;
  readonly language: Language;
}

/** Takes what is read of one file as it comes: pages in order, tables once they have ended. */
export interface Taker<T> {
  page(page: Page, sections: readonly Section[]): void;
  tables(tables: readonly Table[]): void;
  /** The file is read to its end, in so many milliseconds. */
  end(milliseconds: number): T;
}

export interface FileRead extends FileStart {
  readonly pages: readonly Page[];
  /** Sections that begin on each page, by page number - 1. */
  readonly sections: readonly (readonly Section[])[];
  /** In order of place; each with the pages it stands on. */
  readonly tables: readonly Table[];
  readonly milliseconds: number;
}

/** What came of a file, or what kept it from being read. */
export type ReadingResult<T> = { readonly read: T } | { readonly problem: Problem; readonly name: string };

/** Seconds without a page after which a file is given up. */
const STUCK_SECONDS = 45;
const MEMORY_MB = 900;
const AT_ONCE = 2;

export interface Progress {
  (name: string, page: number, pages: number): void;
}

/** A file that a worker of its own reads. What it reports waits until someone takes it, so that files are taken one after the other. */
class RunningFile {
  private readonly waiting: ReadingReport[] = [];
  private receive: ((report: ReadingReport) => void) | null = null;
  private timer: NodeJS.Timeout | undefined;
  private over = false;
  private readonly began = performance.now();
  private readonly worker: Worker;

  constructor(private readonly file: SourceFile) {
    const order: ReadingOrder = { path: file.path, name: file.name };
    this.worker = new Worker(new URL('./readingWorker.mjs', import.meta.url), {
      workerData: order,
      resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
      stderr: true,
      stdout: true,
    });
    this.watch();
    this.worker.on('message', (report: ReadingReport) => this.report(report));
    this.worker.on('error', () => this.fail(problem('file-damaged', { file: file.name })));
    this.worker.on('exit', () => this.fail(problem('file-damaged', { file: file.name })));
  }

  /** Hands over what was reported so far and all that follows, up to the last report. */
  take(receive: (report: ReadingReport) => void): void {
    this.receive = receive;
    for (const report of this.waiting.splice(0)) receive(report);
  }

  /** Milliseconds since its reading began. */
  get milliseconds(): number {
    return performance.now() - this.began;
  }

  private report(report: ReadingReport): void {
    if (this.over) return;
    this.watch();
    if (report.kind === 'done' || report.kind === 'failed') {
      this.over = true;
      clearTimeout(this.timer);
      void this.worker.terminate();
    }
    if (this.receive === null) this.waiting.push(report);
    else this.receive(report);
  }

  private fail(found: Problem): void {
    this.report({ kind: 'failed', problem: found });
  }

  private watch(): void {
    clearTimeout(this.timer);
    const stuck = (): void => this.fail(problem('file-stuck', { file: this.file.name, seconds: STUCK_SECONDS }));
    this.timer = setTimeout(stuck, STUCK_SECONDS * 1000);
  }
}

function takeFile<T>(
  running: RunningFile,
  name: string,
  begin: (start: FileStart) => Taker<T>,
  progress: Progress,
): Promise<ReadingResult<T>> {
  let taker: Taker<T> | null = null;
  let [pages, pageCount] = [0, 0];
  return new Promise((resolve) => {
    running.take((report) => {
      if (report.kind === 'failed') resolve({ problem: report.problem, name });
      else if (report.kind === 'started') {
        const { sha256, facts, language } = report;
        pageCount = facts.pageCount;
        taker = begin({ name, sha256, facts, language });
      } else if (report.kind === 'page') {
        taker?.page(report.page, report.sections);
        pages += 1;
        progress(name, pages, pageCount);
      } else if (report.kind === 'tables') taker?.tables(report.tables);
      else if (taker !== null) resolve({ read: taker.end(running.milliseconds) });
    });
  });
}

/**
 * Reads files two at a time, each in a worker of its own that a damaged file cannot take the others down with. What is read is taken while
 * reading goes on; takers are begun, and results given, in input order.
 */
export async function* readFiles<T>(
  files: readonly SourceFile[],
  begin: (start: FileStart) => Taker<T>,
  progress: Progress = () => undefined,
): AsyncGenerator<ReadingResult<T>> {
  const running: { file: SourceFile; work: RunningFile }[] = [];
  let next = 0;
  while (next < files.length || running.length > 0) {
    while (next < files.length && running.length < AT_ONCE) {
      const file = files[next] as SourceFile;
      running.push({ file, work: new RunningFile(file) });
      next += 1;
    }
    const { file, work } = running[0] as (typeof running)[number];
    const result = await takeFile(work, file.name, begin, progress);
    running.shift();
    yield result;
  }
}

/** Takes a file whole, with the places of its characters. */
export function wholeFile(start: FileStart): Taker<FileRead> {
  const pages: Page[] = [];
  const sections: (readonly Section[])[] = [];
  const tables: Table[] = [];
  return {
    page: (page, newSections) => {
      pages.push(page);
      sections.push(newSections);
    },
    tables: (found) => void tables.push(...found),
    end: (milliseconds) => ({ ...start, pages, sections, tables, milliseconds }),
  };
}
