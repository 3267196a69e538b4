import search from 'approx-string-match';
import MiniSearch from 'minisearch';
import { askBuiltIn } from '../src/core/answer';
import type { Page } from '../src/core/source';
import { fold, splitSentences } from '../src/core/text';
import { quantile, say, spread } from './measure';
import { Random } from './random';
import { benchReading, type Whole } from './readingBench';
import { benchScale } from './scaleBench';

/** Measures side by side, in one run, what docs/measurements.md reports: ratios and medians, on files made here. */
const LENGTHS = [100, 500, 1000, 1500];

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
  say(
    `exact quotes over 1,000 pages: ${spread(exact)}; indexOf over folded text ${spread(plain)}; marked exact ${marks.exact} of 200`,
  );
  say(
    `altered quotes: ${spread(altered)}; approx-string-match ${spread(general)}; marked altered ${marks.altered} of 200, found by the general matcher ${marks.general} of 10`,
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

const part = process.argv[2] ?? 'all';
if (part === 'all' || part === 'reading') {
  const whole = await benchReading(LENGTHS);
  benchQuotes(whole);
  benchQuestions(whole);
}
if (part === 'all' || part === 'scale') await benchScale();
