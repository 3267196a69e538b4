import type { Evidence } from './evidence';
import { VALUE_KINDS } from './kinds';
import type { Question } from './question';
import { settledBy, signsOf, trustIn } from './trust';
import type { AskedSource } from './types';

/** What the signs for an answer must come to, over few passages and over a whole shelf of them, from which what leads was chosen already. */
const LEAST = -0.6;
const LEAST_OF_MANY = -1.2;
/** Passages up to which they are a handful, and from which on they are a whole shelf, by their logarithms. */
const HANDFUL = Math.log(60);
const SHELF = Math.log(600);

function leastOver(many: number): number {
  const share = Math.min(1, Math.max(0, (many - HANDFUL) / (SHELF - HANDFUL)));
  return LEAST + share * (LEAST_OF_MANY - LEAST);
}

/** True when the best evidence answers the question; `evidence` is sorted, the best first. A period asked for that is nowhere near settles it; `more` is what is asked beyond the least sum of its signs. */
export function answers(
  best: Evidence,
  evidence: readonly Evidence[],
  question: Question,
  sources: readonly AskedSource[],
  more = 0,
): boolean {
  if (best.features.period === 0) return false;
  const signs = signsOf(best, evidence, question, sources);
  const settled = settledBy(signs);
  if (settled !== null) return settled;
  return trustIn(signs, question.kind, best.source.segment.language) >= leastOver(signs.many) + more;
}

/** Share of a question's words that a sentence of the very clause asked about must hold, where no value is asked for. */
const ON_SUBJECT = 0.34;

/** True when the best evidence answers a question about the clause it stands in: the value asked for is there, or some of the question's words are. */
export function answersOnSubject({ features }: Evidence, { kind, words }: Question): boolean {
  if (features.period === 0) return false;
  const value = VALUE_KINDS.has(kind) || kind === 'party';
  return value ? features.kind > 0 && (words.length === 0 || features.led > 0) : features.led >= ON_SUBJECT;
}
