import { loadNeighbours } from '../cli/neighbours';
import { askBuiltIn, type Answer } from '../src/core/answer';
import { outcomeOf, type Outcome } from '../src/core/trial';
import type { ClauseQuestion, ClauseSet } from './madeAgreements';
import { isOfClause, withMade } from './openMade';

/** What came of a question; cited first is the clause itself, not its page. */
function clauseOutcome({ matter, question, clause, says }: ClauseQuestion, answer: Answer): Outcome {
  const known = { id: question, kind: matter, question };
  if (clause === null || says === null) return outcomeOf(known, answer, new Set());
  const first = answer.claims[0]?.citations.some(({ quote }) => isOfClause(quote, clause)) ?? false;
  return { ...outcomeOf({ ...known, right: [], says: [says] }, answer, new Set()), first };
}

/** Makes so many agreements of a set and asks all questions of each; `misses` says what went wrong. */
export async function runClauseTrials(
  set: ClauseSet,
  count: number,
  seed: number,
): Promise<{ readonly outcomes: readonly Outcome[]; readonly misses: readonly string[] }> {
  const misses: string[] = [];
  const options = { now: () => performance.now(), neighbours: loadNeighbours() };
  const outcomes = await withMade(set, count, seed, (source, questions, library) =>
    questions.map((asked) => {
      const answer = askBuiltIn(asked.question, [source], library.quotes, options);
      const outcome = clauseOutcome(asked, answer);
      const right = outcome.answerable ? outcome.first === true : !outcome.found;
      if (!right) misses.push([asked.matter, asked.question, asked.clause ?? '–', answer.headline ?? '–'].join(' | '));
      return outcome;
    }),
  );
  return { outcomes, misses };
}
