import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import { parentPort, workerData } from 'node:worker_threads';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import { sha256Hex } from '../src/core/hash';
import { problem, ProblemError, toProblem } from '../src/core/problem';
import { mayHoldTables, openPdf, PdfReading, readText, TableFinder } from '../src/core/source';
import type { ReadingOrder, ReadingReport } from './messages';

const order = workerData as ReadingOrder;

function report(message: ReadingReport): void {
  parentPort?.postMessage(message);
}

function assets(): { cmaps: string; fonts: string; wasm: string } {
  const folder = path.dirname(createRequire(import.meta.url).resolve('pdfjs-dist/package.json'));
  return { cmaps: `${folder}/cmaps/`, fonts: `${folder}/standard_fonts/`, wasm: `${folder}/wasm/` };
}

async function readPdfFile(bytes: Uint8Array, sha256: string): Promise<void> {
  const file = await openPdf(pdfjs, assets(), bytes, order.name);
  const { reading, start } = await PdfReading.begin(file);
  report({ kind: 'started', sha256, ...start });
  let words = 0;
  const finder = new TableFinder(start.language);
  for await (const { page, newSections } of reading.pages()) {
    words += page.words;
    report({ kind: 'page', page, sections: newSections });
    const rules = mayHoldTables(page) ? await file.rules(page.number) : [];
    report({ kind: 'tables', tables: finder.addPage(page, rules) });
  }
  report({ kind: 'tables', tables: finder.finish() });
  if (words === 0) throw new ProblemError(problem('file-no-text', { file: order.name, pages: file.pageCount }));
}

function readTextFile(bytes: Uint8Array, sha256: string): void {
  const reading = readText(new TextDecoder().decode(bytes), sha256);
  report({ kind: 'started', sha256, facts: reading.facts, language: reading.language });
  const finder = new TableFinder(reading.language);
  for (const page of reading.pages) {
    report({ kind: 'page', page, sections: reading.sections.filter((section) => section.page === page.number) });
    report({ kind: 'tables', tables: finder.addPage(page, []) });
  }
  report({ kind: 'tables', tables: finder.finish() });
}

async function run(): Promise<void> {
  const bytes = new Uint8Array(readFileSync(order.path));
  if (bytes.length === 0) throw new ProblemError(problem('file-empty', { file: order.name }));
  const sha256 = sha256Hex(bytes);
  if (/\.(?:txt|text)$/i.test(order.path)) readTextFile(bytes, sha256);
  else await readPdfFile(bytes, sha256);
  report({ kind: 'done' });
}

// pdf.js leaves rejections of damaged files unhandled; the file's own failure is told by `run`.
process.on('unhandledRejection', () => undefined);
run().catch((caught: unknown) => {
  report({ kind: 'failed', problem: toProblem(caught) });
});
