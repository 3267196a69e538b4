import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import path from 'node:path';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import { Library } from '../src/core/library';
import { openPdf, PdfReading, type Page } from '../src/core/source';
import { longFile } from './longFile';
import { quantile, say, timed } from './measure';

const folder = path.dirname(createRequire(import.meta.url).resolve('pdfjs-dist/package.json'));
const ASSETS = { cmaps: `${folder}/cmaps/`, fonts: `${folder}/standard_fonts/`, wasm: `${folder}/wasm/` };
const ROUNDS = 3;

async function extractPlainly(bytes: Uint8Array): Promise<void> {
  const file = await pdfjs.getDocument({ data: bytes.slice(), verbosity: 0, standardFontDataUrl: ASSETS.fonts })
    .promise;
  for (let number = 1; number <= file.numPages; number += 1) {
    const page = await file.getPage(number);
    await page.getTextContent();
    page.cleanup();
  }
  await file.loadingTask.destroy();
}

export interface Whole {
  readonly library: Library;
  readonly pages: readonly Page[];
}

interface ReadOnce {
  readonly library: Library;
  /** Milliseconds until the first page can be asked. */
  readonly first: number;
  /** Most megabytes of the process while it was read. */
  readonly peak: number;
}

async function readOnce(bytes: Uint8Array, take: (page: Page) => void = () => undefined): Promise<ReadOnce> {
  const began = performance.now();
  const file = await openPdf(pdfjs, ASSETS, bytes.slice(), 'long.pdf');
  const { reading, start } = await PdfReading.begin(file);
  const library = new Library();
  const { pageCount } = start.facts;
  library.add({ id: 'long', name: 'long', sha256: '', pageCount, language: start.language });
  let [first, peak] = [0, 0];
  for await (const { page, newSections } of reading.pages()) {
    library.addPage('long', page, newSections);
    take(page);
    if (first === 0) first = performance.now() - began;
    if (page.number % 25 === 0) peak = Math.max(peak, process.memoryUsage().rss / 1e6);
  }
  library.finish('long');
  await file.close();
  return { library, first, peak };
}

/** Milliseconds of the other program's extraction; null when it is not installed. */
function otherProgram(bytes: Uint8Array): number | null {
  const at = mkdtempSync(path.join(tmpdir(), 'bench-'));
  try {
    const file = path.join(at, 'long.pdf');
    writeFileSync(file, bytes);
    const began = performance.now();
    execFileSync('pdftotext', [file, '-'], { maxBuffer: 1e9 });
    return performance.now() - began;
  } catch (caught) {
    if ((caught as NodeJS.ErrnoException).code === 'ENOENT') return null;
    throw caught;
  } finally {
    rmSync(at, { recursive: true });
  }
}

/** Reads generated files of several lengths beside the plain extraction; gives the one of 1,000 pages for what is measured next. */
export async function benchReading(lengths: readonly number[]): Promise<Whole> {
  const medians: number[] = [];
  let kept: Whole | null = null;
  await extractPlainly(await longFile(20, 1));
  for (const length of lengths) {
    const bytes = await longFile(length, 1);
    const [plain, ours, first, peaks]: [number[], number[], number[], number[]] = [[], [], [], []];
    for (let round = 0; round < ROUNDS; round += 1) {
      plain.push(await timed(() => extractPlainly(bytes)));
      let read: ReadOnce | null = null;
      ours.push(await timed(async () => (read = await readOnce(bytes))));
      first.push((read as ReadOnce | null)?.first ?? 0);
      peaks.push((read as ReadOnce | null)?.peak ?? 0);
    }
    const ratio = quantile(
      ours.map((one, at) => one / (plain[at] as number)),
      0.5,
    );
    const other = otherProgram(bytes);
    medians.push(quantile(ours, 0.5));
    say(
      `reading ${length} pages: ${quantile(ours, 0.5).toFixed(0)} ms, pdf.js alone ${quantile(plain, 0.5).toFixed(0)} ms (ratio ${ratio.toFixed(2)}), ` +
        `pdftotext ${other === null ? 'not installed' : `${other.toFixed(0)} ms`}, first page after ${quantile(first, 0.5).toFixed(0)} ms, peak of the process ${Math.max(...peaks).toFixed(0)} MB`,
    );
    if (length !== 1000) continue;
    const pages: Page[] = [];
    const { library } = await readOnce(bytes, (page) => pages.push(page));
    kept = { library, pages };
  }
  lengths.slice(1).forEach((length, at) => {
    const [before, after] = [medians[at] as number, medians[at + 1] as number];
    const times = length / (lengths[at] as number);
    say(`  ${times.toFixed(1)} times the pages take ${(after / before).toFixed(2)} times as long`);
  });
  return kept as unknown as Whole;
}
