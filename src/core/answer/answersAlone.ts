import { termSet } from '../search';
import { areRelated } from './amending';
import { changesClause } from './amendedSides';
import { trustOf } from './decline';
import { BY_NAME, type Evidence } from './evidence';
import { measuredNumbers } from './measuredNumbers';
import { movedFrom } from './moves';
import { firmWordingsOf, type Question } from './question';
import { nameOfDocument } from './surroundings';
import type { AskedSource } from './types';
import { valueSaid } from './valueCompared';

/** Sentences of another document that are looked at. */
const LOOKED_AT = 6;
/** How far what a document would answer by itself is trusted, and what of the question it holds, for it to be what it says of the same, in whatever words. */
const FIRMLY = 1;
const FIRMLY_HELD = 0.5;
/** What of a question may be left, at most, where the name of a document is said to say the rest. */
const BESIDE_NAME = 0.67;

/** What of the words of a question that the name of its document does not say a sentence holds, by their weight: the supplement to a lease of a hall need not name the hall again. */
function heldBesideName({ text, source }: Evidence, { subject }: Question): number {
  const { language } = source.segment;
  const [words, name] = [termSet(text, language), termSet(nameOfDocument(source), language)];
  const rest = subject.filter(({ term }) => !name.has(term));
  const weigh = (terms: Question['subject']): number => terms.reduce((sum, { weight }) => sum + weight, 0);
  const held = rest.filter((one) => firmWordingsOf(one).some((word) => words.has(word)));
  return rest.length === 0 || weigh(rest) > BESIDE_NAME * weigh(subject) ? 0 : weigh(held) / weigh(rest);
}

/**
 * True for a sentence that is surely of what is asked: it is trusted, holds much of the question and some word of it, or of its root. One word says little but where
 * somebody is named by it, and a paper that changes another tells days of its own.
 */
function isFirm(one: Evidence, trust: number, question: Question): boolean {
  const { subject, kind } = question;
  if (trust < FIRMLY || Math.max(one.features.led, heldBesideName(one, question)) < FIRMLY_HELD || kind === 'date')
    return false;
  if (subject.length < 2 && one.features.kind <= BY_NAME) return false;
  const words = termSet(one.text, one.source.segment.language);
  return subject.some(
    ({ term, equivalents = [] }) =>
      words.has(term) || equivalents.some((other) => other.root === true && words.has(other.term)),
  );
}

/** What a document would answer by itself: a sentence that is trusted then, and whether it is trusted most and firmly. */
export interface Alone {
  readonly one: Evidence;
  readonly firmly: boolean;
}

/** What documents that speak of the same as the best evidence's would answer by themselves, and what in them says what becomes of its value. */
export function answersAlone(
  best: Evidence,
  able: readonly Evidence[],
  sources: readonly AskedSource[],
  question: Question,
): Alone[] {
  const said = valueSaid(best, question);
  if (said === null) return [];
  return sources.flatMap((other) => {
    const found = other.id === best.source.id ? [] : able.filter(({ source }) => source.id === other.id);
    if (found.length === 0 || !areRelated(other, best.source)) return [];
    // What changes a clause is told with the clause.
    const own = found.filter((one) => !changesClause(one));
    const [leading] = own;
    if (leading === undefined) return [];
    const among = { evidence: own, able: own, leading };
    return own.slice(0, LOOKED_AT).flatMap((one, at) => {
      const trust = trustOf(one, among, question, [other]);
      return trust >= 0 || turnsFrom(one, said) ? [{ one, firmly: at === 0 && isFirm(one, trust, question) }] : [];
    });
  });
}

/** True for a sentence that tells a value as one that gives way to another: "goes up from 42 to 47 crowns". */
export function turnsFrom({ text, source }: Evidence, said: string): boolean {
  const { language } = source.segment;
  const own = measuredNumbers(said, language)[0]?.value;
  return own !== undefined && measuredNumbers(text, language).some((one) => movedFrom(text, one) && Number(one.value) === Number(own)); // prettier-ignore
}
