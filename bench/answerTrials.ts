import { readFileSync, writeFileSync } from 'node:fs';
import { loadNeighbours } from '../cli/neighbours';
import { matchSource, openShelf } from '../cli/shelf';
import { askBuiltIn, wholeHistory, wholeQuestion, type AskedSource, type AskOptions } from '../src/core/answer';
import type { Library } from '../src/core/library';
import {
  outcomeOf,
  rightPages,
  scoreOf,
  type KnownQuestion,
  type Outcome,
  type Score,
  type Share,
} from '../src/core/trial';

const now = (): number => performance.now();
/** What is tried against what: the reader as it ships, and ways of asking it. */
const SETUPS: Readonly<Record<string, () => AskOptions>> = {
  shipped: () => ({ now, neighbours: loadNeighbours() }),
  'own-words': () => ({ now }),
};

export interface TrialOptions {
  /** Files of known questions, JSON lines. */
  readonly files: readonly string[];
  readonly paths: readonly string[];
  /** Names of set-ups, told side by side. */
  readonly setups: readonly string[];
  /** Which questions: those used for tuning, those kept aside, or all. */
  readonly which: 'tuning' | 'aside' | 'all';
  readonly misses: boolean;
  /** Where the figures are written as JSON; null to write none. */
  readonly out: string | null;
}

/** Known questions of files: those used for tuning, those kept aside, or all. */
export function readKnown({ files, which }: Pick<TrialOptions, 'files' | 'which'>): KnownQuestion[] {
  return files
    .flatMap((file) => readFileSync(file, 'utf8').split('\n'))
    .filter(Boolean)
    .map((line) => JSON.parse(line) as KnownQuestion)
    .filter((one) => which === 'all' || (which === 'aside') === (one.aside === true));
}

/** The documents that a known question is put to, of a library; all of them where it names none, and null where one that it needs is missing. */
export function sourcesOf({ docs, right = [] }: KnownQuestion, library: Library): readonly AskedSource[] | null {
  const all = library.sources();
  const named = (docs ?? []).map((name) => matchSource(all, name)?.id);
  if (named.includes(undefined) || right.some(({ doc }) => matchSource(all, doc) === null)) return null;
  return docs === undefined ? all : library.sources(named.filter((id) => id !== undefined));
}

/** Asks one known question and measures what comes; null when its documents are not there. */
function tryQuestion(known: KnownQuestion, library: Library, options: AskOptions, misses: boolean): Outcome | null {
  const all = library.sources();
  const sources = sourcesOf(known, library);
  if (sources === null) return null;
  const question = wholeQuestion(known.question, wholeHistory(known.history ?? []), sources, library.quotes, options);
  const answer = askBuiltIn(question, sources, library.quotes, options);
  const pages = rightPages(known, all);
  const outcome = outcomeOf(known, answer, pages);
  const wrong = outcome.answerable
    ? [outcome.five, outcome.first, outcome.value, outcome.calculated, outcome.conflict, outcome.found].includes(false)
    : outcome.found;
  if (misses && wrong) {
    const failed = (['five', 'first', 'value', 'calculated', 'conflict'] as const).filter(
      (key) => outcome[key] === false,
    );
    console.log(
      `${outcome.answerable ? `MISS ${failed.join(' ')}${outcome.found ? '' : ' declined'}` : 'NOT DECLINED'} ${known.id}: ${question}\n   right ${[...pages].join(', ')}\n   said  ${answer.headline} | ${answer.claims
        .slice(0, 2)
        .map((claim) => `${claim.citations[0]?.sourceName} p. ${claim.citations[0]?.page}: ${claim.text.slice(0, 120)}`)
        .join(' | ')}\n   found ${answer.passages
        .slice(0, 5)
        .map((passage) => `${passage.source} ${passage.page}`)
        .join(', ')}`,
    );
  }
  return outcome;
}

/** A share as it is shown, with what it is of. */
export function percent({ right, of }: Share): string {
  return of === 0 ? '–' : `${((100 * right) / of).toFixed(1)} % (${right} of ${of})`;
}

const ROWS: readonly (readonly [string, (score: Score) => string])[] = [
  ['right page first among passages', (score) => percent(score.one)],
  ['right page in the first five', (score) => percent(score.five)],
  ['right page cited first', (score) => percent(score.first)],
  ['right value said', (score) => percent(score.value)],
  ['change calculated', (score) => percent(score.calculated)],
  ['conflict told', (score) => percent(score.conflict)],
  ['answerable ones declined', (score) => percent(score.wronglyDeclined)],
  ['unanswerable ones declined', (score) => percent(score.rightlyDeclined)],
  ['citations not as printed', (score) => percent(score.doubtful)],
  ['milliseconds, median', (score) => score.median.toFixed(1)],
  ['milliseconds, 95th percentile', (score) => score.slow.toFixed(1)],
];

/** Puts known-answer questions to the built-in reader, in one set-up or several side by side, and tells what came right, by kind too. */
export async function runAnswerTrials(options: TrialOptions): Promise<void> {
  const known = readKnown(options);
  const { library } = await openShelf(options.paths);
  const results = options.setups.map((name) => {
    const setup = SETUPS[name]?.();
    if (setup === undefined) throw new Error(`No set-up “${name}”: there are ${Object.keys(SETUPS).join(', ')}.`);
    const outcomes = known.flatMap((one) => tryQuestion(one, library, setup, options.misses) ?? []);
    return { name, outcomes, score: scoreOf(outcomes) };
  });
  console.log(`${''.padEnd(34)}${results.map(({ name }) => name.padEnd(24)).join('')}`);
  for (const [label, say] of ROWS)
    console.log(`${label.padEnd(34)}${results.map(({ score }) => say(score).padEnd(24)).join('')}`);
  for (const kind of new Set(known.map((one) => one.kind))) {
    const shares = results.map(({ outcomes }) => {
      const score = scoreOf(outcomes.filter((one) => one.kind === kind));
      return kind === 'unanswerable'
        ? percent(score.rightlyDeclined)
        : `${percent(score.first)}, ${percent(score.value)}`;
    });
    console.log(`  ${kind.padEnd(32)}${shares.join('   ')}`);
  }
  if (options.out !== null) writeFileSync(options.out, `${JSON.stringify(results, null, 1)}\n`);
}
