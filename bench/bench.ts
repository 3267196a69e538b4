import { createRequire } from 'node:module';
import path from 'node:path';
import search from 'approx-string-match';
import MiniSearch from 'minisearch';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import { askBuiltIn } from '../src/core/answer';
import { Library } from '../src/core/library';
import { openPdf, PdfReading, type Page } from '../src/core/source';
import { fold, splitSentences } from '../src/core/text';
import { longFile } from './longFile';
import { Random } from './random';

/** Measures side by side, in one run, what docs/measurements.md reports: ratios and medians, on files made here. */
const folder = path.dirname(createRequire(import.meta.url).resolve('pdfjs-dist/package.json'));
const ASSETS = { cmaps: `${folder}/cmaps/`, fonts: `${folder}/standard_fonts/`, wasm: `${folder}/wasm/` };
const say = (line: string): void => void process.stdout.write(`${line}\n`);

function quantile(values: readonly number[], share: number): number {
  return [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;
}

async function timed(work: () => unknown): Promise<number> {
  const began = performance.now();
  await work();
  return performance.now() - began;
}

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

interface Whole {
  readonly library: Library;
  readonly pages: readonly Page[];
  /** Milliseconds until the first page can be asked. */
  readonly first: number;
}

async function readWhole(bytes: Uint8Array): Promise<Whole> {
  const began = performance.now();
  const file = await openPdf(pdfjs, ASSETS, bytes.slice(), 'long.pdf');
  const { reading, start } = await PdfReading.begin(file);
  const library = new Library();
  const { pageCount } = start.facts;
  library.add({ id: 'long', name: 'long', sha256: '', pageCount, language: start.language });
  const pages: Page[] = [];
  let first = 0;
  for await (const { page, newSections } of reading.pages()) {
    library.addPage('long', page, newSections);
    pages.push(page);
    if (first === 0) first = performance.now() - began;
  }
  library.finish('long');
  await file.close();
  return { library, pages, first };
}

async function benchReading(): Promise<Whole> {
  const small = await longFile(500, 1);
  const large = await longFile(1000, 1);
  await extractPlainly(small);
  const ratios: number[] = [];
  let whole: Whole | null = null;
  let halves = 0;
  for (let round = 0; round < 3; round += 1) {
    const plain = await timed(() => extractPlainly(large));
    const ours = await timed(async () => (whole = await readWhole(large)));
    halves = await timed(() => readWhole(small));
    ratios.push(ours / plain);
    const first = (whole as Whole | null)?.first ?? 0;
    say(
      `reading 1,000 pages: ${ours.toFixed(0)} ms, pdf.js alone ${plain.toFixed(0)} ms, first page after ${first.toFixed(0)} ms, 500 pages ${halves.toFixed(0)} ms (growth ${(ours / halves).toFixed(2)})`,
    );
  }
  say(`  ratio to pdf.js, median of three: ${quantile(ratios, 0.5).toFixed(2)}`);
  return whole as unknown as Whole;
}

function sentencesOf(pages: readonly Page[]): { text: string; page: number }[] {
  return pages.flatMap((page) =>
    splitSentences(page.text)
      .map((range) => ({ text: page.text.slice(range.start, range.end).replace(/\s+/g, ' '), page: page.number }))
      .filter((one) => one.text.length > 60),
  );
}

function benchQuotes({ library, pages }: Whole): void {
  const random = new Random(3);
  const sentences = sentencesOf(pages);
  const whole = pages.map((page) => page.text).join('\n');
  const folded = fold(whole).text;
  const [exact, plain, altered, general]: [number[], number[], number[], number[]] = [[], [], [], []];
  const marks = { exact: 0, altered: 0, general: 0 };
  library.quotes.check({ quote: 'these words warm the index of words up, and stand nowhere' });
  for (let count = 0; count < 200; count += 1) {
    const { text } = random.pick(sentences);
    let began = performance.now();
    if (library.quotes.check({ quote: text }).mark === 'exact') marks.exact += 1;
    exact.push(performance.now() - began);
    began = performance.now();
    folded.indexOf(fold(text).text);
    plain.push(performance.now() - began);
    const changed = text.replace(/\d/, (digit) => String((Number(digit) + 3) % 10)).replace(/shall|may|must/, 'should');
    began = performance.now();
    if (library.quotes.check({ quote: changed }).mark === 'altered') marks.altered += 1;
    altered.push(performance.now() - began);
    if (count % 20 !== 0) continue;
    began = performance.now();
    if (search(whole, changed, Math.ceil(changed.length * 0.15)).length > 0) marks.general += 1;
    general.push(performance.now() - began);
  }
  const ms = (values: readonly number[]): string =>
    `median ${quantile(values, 0.5).toFixed(2)} ms, 95th percentile ${quantile(values, 0.95).toFixed(2)} ms`;
  say(
    `exact quotes over 1,000 pages: ${ms(exact)}; indexOf over folded text ${ms(plain)}; marked exact ${marks.exact} of 200`,
  );
  say(
    `altered quotes: ${ms(altered)}; approx-string-match ${ms(general)}; marked altered ${marks.altered} of 200, found by the general matcher ${marks.general} of 10`,
  );
  say(`  ratio to the general matcher: ${(quantile(general, 0.5) / quantile(altered, 0.5)).toFixed(0)}`);
}

function benchQuestions({ library, pages }: Whole): void {
  const random = new Random(5);
  const sources = library.sources();
  const other = new MiniSearch({ fields: ['text'] });
  other.addAll(sentencesOf(pages).map((one, id) => ({ id, text: one.text })));
  const [ours, theirs]: [number[], number[]] = [[], []];
  for (let count = 0; count < 60; count += 1) {
    const words = random
      .pick(sentencesOf([random.pick(pages)]))
      .text.replace(/[.]$/, '')
      .split(' ')
      .slice(2, 12)
      .join(' ');
    const question = `When ${words}?`;
    ours.push(askBuiltIn(question, sources, library.quotes, { now: () => performance.now() }).milliseconds);
    const began = performance.now();
    other.search(question);
    theirs.push(performance.now() - began);
  }
  say(
    `a whole answer, checked, over 1,000 pages: median ${quantile(ours, 0.5).toFixed(1)} ms, 95th percentile ${quantile(ours, 0.95).toFixed(1)} ms; search alone by minisearch median ${quantile(theirs, 0.5).toFixed(1)} ms`,
  );
}

const whole = await benchReading();
benchQuotes(whole);
benchQuestions(whole);
const memory = process.memoryUsage();
say(`memory at the end: ${Math.round(memory.rss / 1e6)} MB resident, ${Math.round(memory.heapUsed / 1e6)} MB heap`);
