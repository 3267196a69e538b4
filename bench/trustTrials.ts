import { writeFileSync } from 'node:fs';
import { loadNeighbours } from '../cli/neighbours';
import { openShelf } from '../cli/shelf';
import { DEFAULT_SETTINGS, leadingOf, seek, settledBy, signsOf, type AskedSource, type Evidence } from '../src/core/answer'; // prettier-ignore
import { rightPages } from '../src/core/trial';
import { readKnown, sourcesOf } from './answerTrials';
import { fitLogistic, oddsOf, type Example, type LinearModel } from './logistic';
import { readClauseSets, type ClauseSet } from './madeAgreements';
import { isOfClause, withMade } from './openMade';

/** What made questions weigh against written ones, and unanswerable ones against others; the ridge; and parts that are left out in turn. */
const MADE = 0.3;
const UNANSWERABLE = 1.5;
const RIDGE = 5;
const FOLDS = 5;
/** Kinds of known questions that one search does not answer. */
const SEVERAL = new Set(['compound', 'change', 'conflict']);

interface Learned extends Example {
  readonly answerable: boolean;
  readonly made: boolean;
  /** Names of the documents asked, which are left out together. */
  readonly documents: string;
}

const neighbours = loadNeighbours();

/** The signs of what leads for a question, and whether it is where the answer stands; null where nothing leads, or some sign settles it by itself. */
function learn(
  question: string,
  sources: readonly AskedSource[],
  isRight: ((leading: Evidence) => boolean) | null,
  known: Pick<Learned, 'made' | 'documents'>,
): Learned | null {
  const sought = seek(question, sources, { neighbours, settings: DEFAULT_SETTINGS, place: null });
  const led = leadingOf(sought);
  if (led === null) return null;
  const signs = signsOf(led.leading, led.evidence, sought.question, sources);
  if (settledBy(signs) !== null) return null;
  const language = sources[0]?.segment.language ?? 'en';
  const weight = (known.made ? MADE : 1) * (isRight === null ? UNANSWERABLE : 1);
  return {
    ...known,
    signs: { ...signs, [`kind ${sought.question.kind}`]: 1, [`language ${language}`]: 1 },
    holds: isRight?.(led.leading) ?? false,
    answerable: isRight !== null,
    weight,
  };
}

/** Known questions over documents; those kept aside, and those of several parts or of a thread, are left out. Questions that name no documents are put to a whole shelf. */
async function learnWritten(
  files: readonly string[],
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
      const isRight = ({ source, unit }: Evidence): boolean =>
        unit.spans.some(({ page }) => pages.has(`${source.name} ${page}`));
      const documents = (known.docs ?? [known.id]).join('+');
      return learn(known.question, sources, pages.size > 0 ? isRight : null, { made: false, documents }) ?? [];
    });
}

/** The questions of made agreements of a set. */
function learnMade(set: ClauseSet, count: number, seed: number): Promise<Learned[]> {
  return withMade(set, count, seed, (source, questions) =>
    questions.flatMap(({ question, clause }) => {
      const isRight = clause === null ? null : ({ text }: Evidence): boolean => isOfClause(text, clause);
      return learn(question, [source], isRight, { made: true, documents: `${set.name} ${source.name}` }) ?? [];
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

/** What would be answered and declined from each sum on, one line each. */
function linesOf(rows: readonly Learned[], oddsFor: (row: Learned) => number): string[] {
  const answerable = rows.filter((row) => row.answerable);
  const silent = rows.filter((row) => !row.answerable);
  return [-2, -1.6, -1.2, -0.8, -0.4, 0, 0.4].map((least) => {
    const told = (row: Learned): boolean => oddsFor(row) >= least;
    return `  from ${least}: right ${share(answerable, (row) => told(row) && row.holds)} %, answerable ones declined ${share(answerable, (row) => !told(row))} %, unanswerable ones ${share(silent, (row) => !told(row))} %`; // prettier-ignore
  });
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
 * Learns from known questions and made agreements how far signs speak for what leads being the answer: by logistic regression, tried on documents that were left
 * out in turn, all of them together for the weights, which are written to `out` as code.
 */
export async function runTrustTrials(options: {
  readonly files: readonly string[];
  readonly paths: readonly string[];
  /** Documents that questions are put to together which name none. */
  readonly shelf: readonly string[];
  readonly sets: readonly string[];
  readonly count: number;
  readonly seed: number;
  readonly out: string | null;
}): Promise<void> {
  const written = await learnWritten(options.files, options.paths, options.shelf);
  const made: Learned[] = [];
  for (const set of options.sets.flatMap(readClauseSets)) made.push(...(await learnMade(set, options.count, options.seed))); // prettier-ignore
  const rows = [...written, ...made];
  const names = [...new Set(rows.flatMap(({ signs }) => Object.keys(signs)))].filter((name) => rows.some(({ signs }) => (signs[name] ?? 0) !== (rows[0]?.signs[name] ?? 0))); // prettier-ignore
  const odds = new Map<Learned, number>();
  for (let fold = 0; fold < FOLDS; fold += 1) {
    const model = fitLogistic(
      rows.filter(({ documents }) => foldOf(documents) !== fold),
      names,
      RIDGE,
    );
    for (const row of rows) if (foldOf(row.documents) === fold) odds.set(row, oddsOf(model, row.signs));
  }
  for (const [name, those] of [
    ['written', written],
    ['made', made],
  ] as const) {
    console.log(`${name}, ${those.length} questions, documents left out in turn:`);
    for (const line of linesOf(those, (row) => odds.get(row) ?? 0)) console.log(line);
  }
  if (options.out !== null) writeFileSync(options.out, asCode(fitLogistic(rows, names, RIDGE)));
}
