import type { Evidence } from './evidence';
import { VALUE_KINDS } from './kinds';
import type { Question } from './question';
import { signsOf, trustIn, type Among, type Signs } from './trust';
import type { AskedSource } from './types';

/** What is asked beyond what was learned where something else than what is asked seems to be spoken of: a wrong answer costs more than none. */
const BEYOND = 2;
/** What the signs for an answer must come to, over few passages and over a whole shelf of them, from which the first were chosen already. */
const LEAST = -1;
const LEAST_OF_MANY = -1.75;
/** Passages up to which they are a handful, and from which on they are a whole shelf, by their logarithms. */
const HANDFUL = Math.log(60);
const SHELF = Math.log(600);

function leastOver(many: number): number {
  const share = Math.min(1, Math.max(0, (many - HANDFUL) / (SHELF - HANDFUL)));
  return LEAST + share * (LEAST_OF_MANY - LEAST);
}

/** True for evidence of a period, a day, a version or a figure that is not the one asked for, or of somebody else's sum: no other sign makes up for it, but that it tells the matter asked for. */
function isPlainError({ period, pointless, ofOthers, otherVersion, figureless, settles }: Signs): boolean {
  const another = period === 0 || ofOthers > 0 || otherVersion > 0;
  return another || pointless > 0 || (figureless > 0 && settles === 0);
}

/** True where something else than what is asked seems to be spoken of. Whether something is so may be told by its opposite, whose words stand nowhere in the question. */
function seemsOfElse({ ofElse, nobody, undone, ofNothing, settles, many }: Signs, { kind }: Question): boolean {
  // In a short document a deed is told in other words more often than met by chance.
  const deedless = undone > 0 && many > HANDFUL;
  return settles === 0 && (ofElse > 0 || nobody > 0 || deedless || (ofNothing > 0 && kind !== 'yes-no'));
}

/** How far evidence is trusted to answer the question, by which the best of it is told and all of it declined: 0 and more where it is. */
export function trustOf(one: Evidence, among: Among, question: Question, sources: readonly AskedSource[]): number {
  const signs = signsOf(one, among, question, sources);
  if (isPlainError(signs)) return -Infinity;
  const beyond = seemsOfElse(signs, question) ? BEYOND : 0;
  return trustIn(signs, question.kind, one.source.segment.language) - beyond - leastOver(signs.many);
}

/** Share of a question's words that a sentence of the very clause asked about must hold, where no value is asked for. */
const ON_SUBJECT = 0.34;

/** True when the best evidence answers a question about the clause it stands in: the value asked for is there, or some of the question's words are. */
export function answersOnSubject({ features }: Evidence, { kind, words }: Question): boolean {
  if (features.period === 0) return false;
  const value = VALUE_KINDS.has(kind) || kind === 'party';
  return value ? features.kind > 0 && (words.length === 0 || features.led > 0) : features.led >= ON_SUBJECT;
}
