import search from 'approx-string-match';
import type { AskedSource } from '../src/core/answer';
import type { PageText } from '../src/core/source';
import { fold, splitSentences } from '../src/core/text';
import { quantile, say, spread } from './measure';
import { Random } from './random';
import { made } from './scaleBench';

/** Dossiers of 100, 1,000 and 10,000 pages. */
const SHAPES = [
  { documents: 1, pages: 100 },
  { documents: 1, pages: 1000 },
  { documents: 10, pages: 1000 },
] as const;
const QUOTES = 200;
/** The general matcher is asked this many times less often, since each takes long. */
const SELDOM = 25;
/** Characters in a hundred that the general matcher may find changed. */
const TOLERANCE = 0.15;

export function sentencesOf(pages: readonly PageText[]): { text: string; page: number }[] {
  return pages.flatMap((page) =>
    splitSentences(page.text)
      .map((range) => ({ text: page.text.slice(range.start, range.end).replace(/\s+/g, ' '), page: page.number }))
      .filter((one) => one.text.length > 60),
  );
}

function pagesOf(source: AskedSource): PageText[] {
  return Array.from({ length: source.pageCount }, (_, at) => source.page(at + 1)).filter((page) => page !== null);
}

/** A quote with a digit and a modal verb changed, and one of whose words every other is another sentence's. */
function alter(text: string): string {
  return text.replace(/\d/, (digit) => String((Number(digit) + 3) % 10)).replace(/shall|may|must/, 'should');
}

function strange(text: string, other: string): string {
  const others = other.split(' ').reverse();
  return text.split(' ').map((word, at) => (at % 2 === 0 ? word : (others[at % others.length] ?? word))).join(' '); // prettier-ignore
}

/** Checks exact, altered and absent quotes over dossiers of three sizes, beside plain `indexOf` over folded text and a general approximate matcher. */
export function benchChecks(): void {
  for (const shape of SHAPES) {
    const library = made(shape);
    const pages = library.sources().flatMap(pagesOf);
    const random = new Random(3);
    const sentences = sentencesOf(pages);
    const whole = pages.map((page) => page.text).join('\n');
    const folded = fold(whole).text;
    const times: Record<'exact' | 'plain' | 'altered' | 'absent' | 'general', number[]> = { exact: [], plain: [], altered: [], absent: [], general: [] }; // prettier-ignore
    const right = { exact: 0, altered: 0, absent: 0, general: 0 };
    const timed = <T>(kind: keyof typeof times, work: () => T): T => {
      const began = performance.now();
      const result = work();
      times[kind].push(performance.now() - began);
      return result;
    };
    library.quotes.check({ quote: 'these words warm the index of words up, and stand nowhere' });
    for (let count = 0; count < QUOTES; count += 1) {
      const { text } = random.pick(sentences);
      const changed = alter(text);
      const unknown = strange(text, random.pick(sentences).text);
      if (timed('exact', () => library.quotes.check({ quote: text }).mark) === 'exact') right.exact += 1;
      timed('plain', () => folded.indexOf(fold(text).text));
      if (timed('altered', () => library.quotes.check({ quote: changed }).mark) === 'altered') right.altered += 1;
      if (timed('absent', () => library.quotes.check({ quote: unknown }).mark) === 'absent') right.absent += 1;
      if (count % SELDOM !== 0) continue;
      const found = timed('general', () => search(whole, changed, Math.ceil(changed.length * TOLERANCE)));
      if (found.length > 0) right.general += 1;
    }
    say(`check over ${pages.length} pages, ${QUOTES} quotes of each kind:`);
    say(`  exact ${spread(times.exact)}, marked so ${right.exact}; indexOf over folded text ${spread(times.plain)}`);
    say(`  altered ${spread(times.altered)}, marked so ${right.altered}; absent ${spread(times.absent)}, marked so ${right.absent}`); // prettier-ignore
    say(`  approx-string-match ${spread(times.general)}, found ${right.general} of ${times.general.length}; ratio to altered ${(quantile(times.general, 0.5) / quantile(times.altered, 0.5)).toFixed(0)}`); // prettier-ignore
  }
}
