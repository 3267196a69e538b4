import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { loadNeighbours } from '../cli/neighbours';
import { openShelf } from '../cli/shelf';
import { askBuiltIn, type Answer } from '../src/core/answer';
import { oneLine } from '../src/core/text';
import { makeAgreement, type ClauseSet, type MadeAgreement } from './madeAgreements';
import { Random } from './random';

/** How questions over made agreements came out. */
export interface ClauseScore {
  settled: number;
  declinedWrongly: number;
  /** The clause that settles it is cited first; its value is said. */
  first: number;
  said: number;
  unsettled: number;
  declinedRightly: number;
}

function isClause(answer: Answer, clause: string): boolean {
  const cited = answer.claims[0]?.citations.map(({ quote }) => oneLine(quote)) ?? [];
  return cited.some((quote) => clause.includes(quote) || quote.includes(clause));
}

/** Makes so many agreements of a set, reads them as the command line does, asks all questions of each, and counts; `misses` says what went wrong. */
export async function runClauseTrials(
  set: ClauseSet,
  count: number,
  seed: number,
): Promise<{ readonly score: ClauseScore; readonly misses: readonly string[] }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'clauses-'));
  const random = new Random(seed);
  const made = new Map<string, MadeAgreement>();
  for (let at = 0; at < count; at += 1) made.set(`${at}.txt`, makeAgreement(set, random));
  const score: ClauseScore = { settled: 0, declinedWrongly: 0, first: 0, said: 0, unsettled: 0, declinedRightly: 0 };
  const misses: string[] = [];
  try {
    for (const [name, { text }] of made) writeFileSync(path.join(folder, name), text);
    const { library } = await openShelf([folder]);
    const neighbours = loadNeighbours();
    for (const source of library.sources()) {
      for (const { matter, question, clause, says } of made.get(path.basename(source.name))?.questions ?? []) {
        const answer = askBuiltIn(question, [source], library.quotes, { now: () => performance.now(), neighbours });
        const miss = (what: string): number => misses.push(`${what} | ${matter} | ${question} | ${clause ?? '–'} | ${answer.headline ?? '–'}`); // prettier-ignore
        if (clause === null || says === null) {
          score.unsettled += 1;
          if (answer.found) miss('answered');
          else score.declinedRightly += 1;
          continue;
        }
        score.settled += 1;
        const first = isClause(answer, clause);
        if (first) score.first += 1;
        const all = [answer.headline ?? '', ...answer.claims.map((one) => one.text)].map(oneLine).join(' ');
        if (says.test(all)) score.said += 1;
        if (!answer.found) score.declinedWrongly += 1;
        if (!first) miss(answer.found ? 'other clause' : 'declined');
      }
    }
  } finally {
    rmSync(folder, { recursive: true });
  }
  return { score, misses };
}
