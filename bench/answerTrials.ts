import { readFileSync } from 'node:fs';
import { askBuiltIn } from '../src/core/answer';
import { matchSource, openShelf } from '../cli/shelf';

/** A question with its known answer: `needle` finds the right pages, `value` is the headline or claim looked for. */
interface KnownAnswer {
  readonly id: string;
  readonly question: string;
  readonly doc: string;
  /** Regular expressions, without regard to case and line breaks; absent for unanswerable questions. */
  readonly needle?: string;
  readonly value?: string;
}

const percent = (part: number, whole: number): string =>
  `${((100 * part) / Math.max(1, whole)).toFixed(1)} % (${part} of ${whole})`;

/** Puts known-answer questions to the built-in reader and prints what came right. */
export async function runAnswerTrials(file: string, paths: readonly string[], misses: boolean): Promise<void> {
  const known = readFileSync(file, 'utf8')
    .split('\n')
    .filter(Boolean)
    .map((line) => JSON.parse(line) as KnownAnswer);
  const { library } = await openShelf(paths);
  const all = library.sources();
  const sum = {
    answerable: 0,
    five: 0,
    first: 0,
    value: 0,
    values: 0,
    wronglyDeclined: 0,
    unanswerable: 0,
    declined: 0,
  };
  const times: number[] = [];
  for (const one of known) {
    const source = matchSource(all, one.doc);
    if (source === null) continue;
    const answer = askBuiltIn(one.question, library.sources([source.id]), library.quotes, {
      now: () => performance.now(),
    });
    times.push(answer.milliseconds);
    if (one.needle === undefined) {
      sum.unanswerable += 1;
      if (!answer.found) sum.declined += 1;
      else if (misses)
        console.log(`NOT DECLINED ${one.id} ${one.question}\n   ${answer.headline} | ${answer.claims[0]?.text}`);
      continue;
    }
    const needle = new RegExp(one.needle, 'i');
    const pages = Array.from({ length: source.pageCount }, (_, at) => at + 1).filter((number) =>
      needle.test((source.page(number)?.text ?? '').replace(/[-\u2010]\n/g, '').replace(/\s+/g, ' ')),
    );
    if (pages.length === 0) console.log(`NO PAGE HOLDS ${one.id} ${one.needle}`);
    sum.answerable += 1;
    if (!answer.found) sum.wronglyDeclined += 1;
    const five = answer.passages.slice(0, 5).some((passage) => passage.spans.some((span) => pages.includes(span.page)));
    const cited = answer.claims[0]?.citations[0];
    const first = cited?.spans.some((span) => pages.includes(span.page)) ?? false;
    if (five) sum.five += 1;
    if (first) sum.first += 1;
    const said = `${answer.headline ?? ''} ${answer.claims.map((claim) => claim.text).join(' ')}`;
    const valued = one.value === undefined ? null : new RegExp(one.value, 'i').test(said);
    if (valued !== null) sum.values += 1;
    if (valued === true) sum.value += 1;
    if (misses && (!five || !first || !answer.found || valued === false)) {
      console.log(
        `MISS ${one.id} five ${five} first ${first} found ${answer.found} value ${valued} | ${one.question}\n   pages ${pages.join(',')}; cited ${cited?.page}: ${answer.headline} | ${answer.claims[0]?.text.slice(0, 150)}\n   passages ${answer.passages
          .slice(0, 5)
          .map((passage) => passage.page)
          .join(',')}`,
      );
    }
  }
  times.sort((a, b) => a - b);
  console.log(`right page in the first five ${percent(sum.five, sum.answerable)}`);
  console.log(`right page cited first       ${percent(sum.first, sum.answerable)}`);
  console.log(`right value said             ${percent(sum.value, sum.values)}`);
  console.log(`answerable ones declined     ${percent(sum.wronglyDeclined, sum.answerable)}`);
  console.log(`unanswerable ones declined   ${percent(sum.declined, sum.unanswerable)}`);
  console.log(
    `milliseconds an answer: median ${times[times.length >> 1]}, 95th percentile ${times[Math.floor(times.length * 0.95)]}`,
  );
}
