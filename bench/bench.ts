import MiniSearch from 'minisearch';
import { askBuiltIn } from '../src/core/answer';
import { benchChecks, sentencesOf } from './checkBench';
import { quantile, say } from './measure';
import { Random } from './random';
import { benchReading, type Whole } from './readingBench';
import { benchScale } from './scaleBench';
import { benchSearch } from './searchBench';

/** Measures side by side, in one run, what docs/measurements.md reports: ratios and medians, on files made here. */
const LENGTHS = [100, 500, 1000, 1500];

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
  benchQuestions(whole);
}
if (part === 'all' || part === 'check') benchChecks();
if (part === 'all' || part === 'search') benchSearch();
if (part === 'all' || part === 'scale') await benchScale();
