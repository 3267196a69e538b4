import { parseArgs } from 'node:util';
import { readQuestions } from '../cli/records';
import { openShelf } from '../cli/shelf';
import { scoreOf } from '../src/core/trial';
import { runCareless } from './carelessTrials';
import { ownPages, runQuoteTrials } from './quoteTrials';
import { runFigureTrials } from './figureTrials';
import { runMemoTrial } from './memoTrials';
import { runAgreement } from './agreementTrials';
import { runClauseTrials } from './clauseTrials';
import { readClauseSets } from './madeAgreements';
import { percent, runAnswerTrials } from './answerTrials';
import { runSectionTrials } from './sectionTrials';
import { runTrustTrials } from './trustTrials';
import { runTableTrials } from './tableTrials';

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    sources: { type: 'string', multiple: true },
    others: { type: 'string', multiple: true },
    questions: { type: 'string', multiple: true },
    which: { type: 'string', default: 'all' },
    setup: { type: 'string', multiple: true },
    out: { type: 'string' },
    each: { type: 'string', default: '25' },
    seed: { type: 'string', default: '7' },
    extractor: { type: 'string', default: 'own' },
    misses: { type: 'boolean', default: false },
    temper: { type: 'string' },
    tables: { type: 'string' },
    sections: { type: 'string' },
    clauses: { type: 'string' },
    sets: { type: 'string', multiple: true },
    trust: { type: 'boolean', default: false },
    unseen: { type: 'string', multiple: true },
    agreement: { type: 'boolean', default: false },
  },
});

/** Asks the stand-in every question of the file in one temper and tells how the marks of its quotes fare. */
async function carelessTrials(temper: string): Promise<void> {
  if (values.questions === undefined) throw new Error('Give --questions with a file for --temper.');
  const questions = values.questions.flatMap(readQuestions).map((one) => one.question);
  const { library } = await openShelf(sources);
  const { answers, citations, table, passed, blamed } = await runCareless(library, questions, temper);
  console.log(
    `${temper}: ${answers} answers, ${citations} quotes, ${passed.length} bad ones passed, ${blamed.length} good ones blamed`,
  );
  for (const [key, count] of Object.entries(table).sort()) console.log(`  ${key.padEnd(22)}${count}`);
  for (const line of [...passed, ...blamed]) console.log(`  ${line}`);
}

async function tableTrials(count: number): Promise<void> {
  const { cells, right, misses } = await runTableTrials(count, Number(values.seed));
  console.log(
    `tables: ${count}, cells ${cells}, right with row, column, value and scale ${((100 * right) / cells).toFixed(1)} %`,
  );
  if (values.misses) for (const miss of misses) console.log(`  ${miss}`);
}

async function sectionTrials(count: number): Promise<void> {
  const { clauses, right, misses } = await runSectionTrials(count, Number(values.seed));
  console.log(
    `contracts: ${count}, clauses ${clauses}, path of sections right ${((100 * right) / clauses).toFixed(1)} %`,
  );
  if (values.misses) for (const miss of misses) console.log(`  ${miss}`);
}

/** Files of clauses that agreements, rules, reports and handbooks are made of. */
const clauseSets = values.sets ?? ['trials/clauses.json', 'trials/facts.json'];

async function clauseTrials(count: number): Promise<void> {
  for (const set of clauseSets.flatMap(readClauseSets)) {
    const { outcomes, misses } = await runClauseTrials(set, count, Number(values.seed));
    const { first, value, wronglyDeclined, rightlyDeclined } = scoreOf(outcomes);
    console.log(
      `${set.name}: clause cited first ${percent(first)}, value said ${percent(value)}; answerable ones declined ${percent(wronglyDeclined)}, unanswerable ones ${percent(rightlyDeclined)}`,
    );
    if (values.misses) for (const miss of misses) console.log(`  ${miss}`);
  }
}

async function agreementTrials(paths: readonly string[]): Promise<void> {
  let words = 0;
  let agreed = 0;
  for await (const one of runAgreement(paths)) {
    words += one.words;
    agreed += one.agreed;
    const worst = one.worst.map(({ page, share }) => `p. ${page} ${(100 * share).toFixed(0)} %`).join(', ');
    console.log(
      `${one.name}: ${one.pages} pages, ${one.words} words, ${((100 * one.agreed) / one.words).toFixed(2)} % agree (least: ${worst})`,
    );
  }
  console.log(`all: ${words} words, ${((100 * agreed) / words).toFixed(2)} % agree`);
}

async function figureTrials(paths: readonly string[]): Promise<void> {
  const { library } = await openShelf(paths);
  const { kinds, faults, misses, milliseconds } = runFigureTrials(library, Number(values.seed), Number(values.each));
  const rate = (right: boolean): string => {
    const those = [...kinds.values()].filter((one) => one.right === right);
    const [good, count] = [
      those.reduce((sum, one) => sum + one.good, 0),
      those.reduce((sum, one) => sum + one.count, 0),
    ];
    return `${good} of ${count} (${((100 * good) / count).toFixed(1)} %)`;
  };
  console.log(`figures: right ones supported ${rate(true)}, wrong ones caught ${rate(false)}`);
  for (const [kind, { count, good }] of kinds) {
    const named = [...(faults.get(kind) ?? [])].map(([fault, times]) => `${fault} ${times}`).join(', ');
    console.log(`  ${kind.padEnd(22)}${String(good).padStart(4)} of ${String(count).padEnd(5)}${named}`);
  }
  const sorted = [...milliseconds].sort((a, b) => a - b);
  console.log(`  milliseconds a claim: median ${sorted[sorted.length >> 1]?.toFixed(1)}, 95th percentile ${sorted[Math.floor(sorted.length * 0.95)]?.toFixed(1)}`); // prettier-ignore
  if (values.misses) for (const miss of misses) console.log(miss);
}

async function memoTrials(paths: readonly string[], others: readonly string[]): Promise<void> {
  const { library } = await openShelf(paths);
  const strangers = others.length === 0 ? [] : await ownPages(others);
  for (const seed of [0, 1, 2, 3].map((step) => Number(values.seed) + step)) {
    const { planted, found, falseAlarms, items, milliseconds, misses } = runMemoTrial(library, strangers, seed);
    console.log(`memo ${seed}: ${items} items, ${found} of ${planted} faults found, ${falseAlarms} false alarms, ${Math.round(milliseconds)} ms`); // prettier-ignore
    if (values.misses) for (const miss of misses) console.log(miss);
  }
}

const sources = values.sources ?? [];
const [set] = positionals;
if (set === 'figures') await figureTrials(sources);
else if (set === 'memo') await memoTrials(sources, values.others ?? []);
else if (values.tables !== undefined) await tableTrials(Number(values.tables));
else if (values.sections !== undefined) await sectionTrials(Number(values.sections));
else if (values.clauses !== undefined) await clauseTrials(Number(values.clauses));
else if (values.trust)
  await runTrustTrials({
    files: values.questions ?? [],
    unseen: values.unseen ?? [],
    paths: sources,
    shelf: values.others ?? [],
    sets: clauseSets,
    count: Number(values.each),
    seed: Number(values.seed),
    out: values.out ?? null,
  });
else if (values.agreement) await agreementTrials(sources);
else if (values.temper !== undefined) await carelessTrials(values.temper);
else if (values.questions === undefined)
  await runQuoteTrials({
    sources,
    others: values.others ?? [],
    each: Number(values.each),
    seed: Number(values.seed),
    foreign: values.extractor === 'pdftotext',
    misses: values.misses,
  });
else
  await runAnswerTrials({
    files: values.questions,
    paths: sources,
    setups: values.setup ?? ['shipped'],
    which: values.which === 'tuning' || values.which === 'aside' ? values.which : 'all',
    misses: values.misses,
    out: values.out ?? null,
  });
