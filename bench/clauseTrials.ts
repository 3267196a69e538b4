import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { loadNeighbours } from '../cli/neighbours';
import { openShelf } from '../cli/shelf';
import { askBuiltIn, type Answer } from '../src/core/answer';
import { oneLine } from '../src/core/text';
import { outcomeOf, type Outcome } from '../src/core/trial';
import { makeAgreement, type ClauseQuestion, type ClauseSet, type MadeAgreement } from './madeAgreements';
import { Random } from './random';

function citesFirst(answer: Answer, clause: string): boolean {
  const quotes = answer.claims[0]?.citations.map(({ quote }) => oneLine(quote)) ?? [];
  return quotes.some((quote) => clause.includes(quote) || quote.includes(clause));
}

/** What came of a question; cited first is the clause itself, not its page. */
function clauseOutcome({ matter, question, clause, says }: ClauseQuestion, answer: Answer): Outcome {
  const known = { id: question, kind: matter, question };
  if (clause === null || says === null) return outcomeOf(known, answer, new Set());
  return { ...outcomeOf({ ...known, right: [], says: [says] }, answer, new Set()), first: citesFirst(answer, clause) };
}

/** Makes so many agreements of a set, reads them as the command line does, and asks all questions of each; `misses` says what went wrong. */
export async function runClauseTrials(
  set: ClauseSet,
  count: number,
  seed: number,
): Promise<{ readonly outcomes: readonly Outcome[]; readonly misses: readonly string[] }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'clauses-'));
  const random = new Random(seed);
  const made = new Map<string, MadeAgreement>();
  for (let at = 0; at < count; at += 1) made.set(`${at}.txt`, makeAgreement(set, random));
  const outcomes: Outcome[] = [];
  const misses: string[] = [];
  try {
    for (const [name, { text }] of made) writeFileSync(path.join(folder, name), text);
    const { library } = await openShelf([folder]);
    const neighbours = loadNeighbours();
    for (const source of library.sources())
      for (const asked of made.get(path.basename(source.name))?.questions ?? []) {
        const answer = askBuiltIn(asked.question, [source], library.quotes, { now: () => performance.now(), neighbours }); // prettier-ignore
        const outcome = clauseOutcome(asked, answer);
        outcomes.push(outcome);
        const right = outcome.answerable ? outcome.first === true : !outcome.found;
        if (!right)
          misses.push([asked.matter, asked.question, asked.clause ?? '–', answer.headline ?? '–'].join(' | '));
      }
  } finally {
    rmSync(folder, { recursive: true });
  }
  return { outcomes, misses };
}
