import { writeFileSync } from 'node:fs';
import { loadNeighbours } from '../cli/neighbours';
import { openShelf } from '../cli/shelf';
import { candidatesOf, DEFAULT_SETTINGS, leadingOf, seek, signsOf, type AskedSource, type Evidence } from '../src/core/answer'; // prettier-ignore
import { oneLine } from '../src/core/text';
import { rightPages } from '../src/core/trial';
import { readKnown, sourcesOf } from './answerTrials';
import { fitLogistic, oddsOf, type Example, type LinearModel } from './logistic';
import { readClauseSets, type ClauseSet } from './madeAgreements';
import { isOfClause, withMade } from './openMade';

/** What questions weigh that the reader was mended by, and made ones, beside those that nothing was mended by; unanswerable ones against others; the ridge; and parts that are left out in turn. */
const MENDED = 0.3;
const MADE = 0.1;
const UNANSWERABLE = 1.5;
const RIDGE = 50;
const FOLDS = 5;
/** Kinds of known questions that one search does not answer. */
const SEVERAL = new Set(['compound', 'change', 'conflict']);

/** Where the questions come from. */
type Origin = 'unseen' | 'mended' | 'made';
const WEIGHTS: Readonly<Record<Origin, number>> = { unseen: 1, mended: MENDED, made: MADE };

/** A question with the first evidence for it, any of which may hold the answer. */
interface Learned {
  readonly origin: Origin;
  readonly answerable: boolean;
  /** Names of the documents asked, which are left out together. */
  readonly documents: string;
  readonly candidates: readonly Example[];
}

const neighbours = loadNeighbours();

/** The signs of the first evidence for a question, and which of it tells the answer; null where none leads. */
function learn(
  question: string,
  sources: readonly AskedSource[],
  isRight: ((one: Evidence) => boolean) | null,
  known: Pick<Learned, 'origin' | 'documents'>,
): Learned | null {
  const sought = seek(question, sources, { neighbours, settings: DEFAULT_SETTINGS, place: null });
  const led = leadingOf(sought);
  if (led === null) return null;
  const language = sources[0]?.segment.language ?? 'en';
  const weight = WEIGHTS[known.origin] * (isRight === null ? UNANSWERABLE : 1);
  const candidates = candidatesOf(led, sought.question).map((one) => ({
    signs: {
      ...signsOf(one, led, sought.question, sources),
      [`kind ${sought.question.kind}`]: 1,
      [`language ${language}`]: 1,
    },
    holds: isRight?.(one) ?? false,
    weight,
  }));
  return { ...known, answerable: isRight !== null, candidates };
}

/** Known questions over documents; those kept aside, and those of several parts or of a thread, are left out. Questions that name no documents are put to a whole shelf. */
async function learnKnown(
  files: readonly string[],
  origin: Origin,
  paths: readonly string[],
  shelf: readonly string[],
): Promise<Learned[]> {
  const { library } = await openShelf([...paths, ...shelf]);
  const { library: whole } = await openShelf(shelf);
  return readKnown({ files, which: 'tuning' })
    .filter(({ history, kind }) => history === undefined && !SEVERAL.has(kind))
    .flatMap((known) => {
      const sources = sourcesOf(known, known.docs === undefined ? whole : library);
      if (sources === null) return [];
      const pages = rightPages(known, sources);
      const patterns = (known.right ?? []).map(({ holds }) => new RegExp(holds, 'i'));
      const isRight = ({ source, unit, text }: Evidence): boolean =>
        unit.spans.some(({ page }) => pages.has(`${source.name} ${page}`)) &&
        patterns.some((pattern) => pattern.test(oneLine(text)));
      const documents = (known.docs ?? [known.id]).join('+');
      return learn(known.question, sources, pages.size > 0 ? isRight : null, { origin, documents }) ?? [];
    });
}

/** The questions of made agreements of a set. */
function learnMade(set: ClauseSet, count: number, seed: number): Promise<Learned[]> {
  return withMade(set, count, seed, (source, questions) =>
    questions.flatMap(({ question, clause }) => {
      const isRight = clause === null ? null : ({ text }: Evidence): boolean => isOfClause(text, clause);
      return learn(question, [source], isRight, { origin: 'made', documents: `${set.name} ${source.name}` }) ?? [];
    }),
  );
}

/** Which of the parts some documents fall into. */
function foldOf(documents: string): number {
  let sum = 7;
  for (const char of documents) sum = (sum * 31 + char.charCodeAt(0)) % 1_000_003;
  return sum % FOLDS;
}

function share(rows: readonly Learned[], holds: (row: Learned) => boolean): string {
  return rows.length === 0 ? '–' : ((100 * rows.filter(holds).length) / rows.length).toFixed(1);
}

/** What of the candidates for a question is trusted most, and how far. */
function mostTrusted({ candidates }: Learned, model: LinearModel): { readonly holds: boolean; readonly odds: number } {
  return candidates
    .map(({ signs, holds }) => ({ holds, odds: oddsOf(model, signs) }))
    .reduce((most, next) => (next.odds > most.odds ? next : most));
}

/** What would be answered and declined from each sum on, one line each. */
function linesOf(rows: readonly Learned[], modelFor: (row: Learned) => LinearModel): string[] {
  const told = new Map(rows.map((row) => [row, mostTrusted(row, modelFor(row))]));
  const answerable = rows.filter((row) => row.answerable);
  const silent = rows.filter((row) => !row.answerable);
  return [-2, -1.6, -1.2, -0.8, -0.4, 0].map((least) => {
    const tells = (row: Learned): boolean => (told.get(row)?.odds ?? 0) >= least;
    return `  from ${least}: right ${share(answerable, (row) => tells(row) && told.get(row)?.holds === true)} %, answerable ones declined ${share(answerable, (row) => !tells(row))} %, unanswerable ones ${share(silent, (row) => !tells(row))} %`; // prettier-ignore
  });
}

/** The candidates to learn from: those of questions that are answered by none of theirs say nothing. */
function examplesOf(rows: readonly Learned[]): Example[] {
  return rows
    .filter(({ answerable, candidates }) => !answerable || candidates.some(({ holds }) => holds))
    .flatMap(({ candidates }) => candidates);
}

function asCode({ weights, constant }: LinearModel): string {
  const rounded = (prefix: string): Record<string, number> =>
    Object.fromEntries(
      Object.entries(weights).flatMap(([name, weight]) => {
        const own = prefix === '' ? (name.includes(' ') ? null : name) : name.startsWith(prefix) ? name.slice(prefix.length) : null; // prettier-ignore
        return own === null ? [] : [[own, Math.round(1000 * weight) / 1000]];
      }),
    );
  const data = { constant: Math.round(1000 * constant) / 1000, signs: rounded(''), kinds: rounded('kind '), languages: rounded('language ') }; // prettier-ignore
  return `/** What each sign counts, made by \`npm run trials -- --trust\`: see docs/measurements.md. */\nexport const TRUST = ${JSON.stringify(data, null, 2)} as const;\n`;
}

/**
 * Learns from known questions and made agreements how far signs speak for evidence being the answer: by logistic regression over the first evidence for each, tried on documents that were left
 * out in turn, all of them together for the weights, which are written to `out` as code.
 */
export async function runTrustTrials(options: {
  /** Files of known questions that the reader was mended by, and of others. */
  readonly files: readonly string[];
  readonly unseen: readonly string[];
  readonly paths: readonly string[];
  /** Documents that questions are put to together which name none. */
  readonly shelf: readonly string[];
  readonly sets: readonly string[];
  readonly count: number;
  readonly seed: number;
  readonly out: string | null;
}): Promise<void> {
  const { paths, shelf } = options;
  const rows = [
    ...(await learnKnown(options.unseen, 'unseen', paths, shelf)),
    ...(await learnKnown(options.files, 'mended', paths, shelf)),
  ];
  for (const set of options.sets.flatMap(readClauseSets)) rows.push(...(await learnMade(set, options.count, options.seed))); // prettier-ignore
  const all = examplesOf(rows);
  const names = [...new Set(all.flatMap(({ signs }) => Object.keys(signs)))].filter((name) => all.some(({ signs }) => (signs[name] ?? 0) !== (all[0]?.signs[name] ?? 0))); // prettier-ignore
  const models = Array.from({ length: FOLDS }, (_, fold) =>
    fitLogistic(examplesOf(rows.filter(({ documents }) => foldOf(documents) !== fold)), names, RIDGE),
  );
  for (const origin of ['unseen', 'mended', 'made'] as const) {
    const those = rows.filter((row) => row.origin === origin);
    console.log(`${origin}, ${those.length} questions, documents left out in turn:`);
    for (const line of linesOf(those, (row) => models[foldOf(row.documents)] as LinearModel)) console.log(line);
  }
  if (options.out !== null) writeFileSync(options.out, asCode(fitLogistic(all, names, RIDGE)));
}
