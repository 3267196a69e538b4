import { equivalentsOf, shareInCommon, termSet } from '../search';
import { findNumbers, oneLine, type Language } from '../text';
import { areRelated } from './amending';
import { changedSides, changingAmong, sidesChanged } from './amendedSides';
import { answersAlone, turnsFrom, type Alone } from './answersAlone';
import type { Evidence } from './evidence';
import { shorten } from './headline';
import { asksSizeOfMove } from './moves';
import { firmWordingsOf, type Question } from './question';
import { asksWhy } from './reasons';
import { otherRows } from './otherRows';
import { quotedClaim, quoteOf } from './quoted';
import { byForce, dateOf, type Side } from './sides';
import type { AskedSource } from './types';
import { asksMoney } from './sumsTold';
import type { Among } from './trust';
import { unitsOf, valueOf, valueSaid, type Value } from './valueCompared';
import { shareOfShorter, wordsIn } from './wordsInCommon';
import { yearsAsked } from './years';

/** How near a sentence of another document must come to the best one, by score and by what it holds of the question. */
const NEAR_SCORE = 0.8;
const CORRECTED_SCORE = 0.55;
const NEAR_COVERED = 0.85;
/** What it must hold of the question at least: sentences that meet it by a word or two speak of other things. */
const LEAST_COVERED = 0.4;
/** How near it must come for a change of it to be told in place of the best, which none changes. */
const AS_GOOD = 0.85;
const MOST_SIDES = 12;
/** Share of a question that the heading over a sentence must hold for the sentence to be of it. */
const UNDER_HEAD = 0.9;
/** Words of a sentence that corrects a figure told before. */
const CORRECTED =
  /\b(?:restated|was (?:first |originally |previously )?reported|previously (?:stated|reported)|corrected|originally)\b/i;

/** True for two sentences of one document of which one corrects what the other told. */
function corrects(one: Evidence, two: Evidence): boolean {
  return one.source.id === two.source.id && (CORRECTED.test(one.text) || CORRECTED.test(two.text));
}

/** Share of their words from which on two sentences are one clause in two wordings. */
const ONE_CLAUSE = 0.75;

/** The words of two sentences, without their figures. */
function wordsOfBoth(one: Evidence, two: Evidence): [Set<string>, Set<string>] {
  const words = ({ text, source }: Evidence): Set<string> => wordsIn(text, source.segment.language);
  return [words(one), words(two)];
}

/** True for sentences of two documents that are one clause in two wordings. */
function oneClause(one: Evidence, best: Evidence): boolean {
  if (one.row !== null || best.row !== null || one.source.id === best.source.id) return false;
  return shareInCommon(...wordsOfBoth(one, best)) >= ONE_CLAUSE;
}

/** True for a sentence or row that may say the same thing as the best one. */
function comesNear(one: Evidence, best: Evidence): boolean {
  // What a correction corrects need not come as near as what another document says.
  const corrected = corrects(one, best);
  return (
    one.unit.kind !== 'contents' &&
    one.unit.kind !== 'heading' &&
    one.score >= (corrected ? CORRECTED_SCORE : NEAR_SCORE) * best.score &&
    (one.features.covered >= Math.max(LEAST_COVERED, NEAR_COVERED * best.features.covered) || oneClause(one, best))
  );
}

/** Share of the question's words that two sentences must both hold, in some wording, to speak of one thing. */
const SHARED = 0.33;
/** The same of sentences of which one does not come near the other. */
const SHARED_FAR = 0.5;

/** True for two sentences that hold the same of the question's words, but for units, equivalents counting as the word. */
function shareWords(
  one: Evidence,
  two: Evidence,
  { subject }: Question,
  least: number,
  units: ReadonlySet<string>,
): boolean {
  const [a, b] = [one, two].map(({ text, source }) => termSet(text, source.segment.language)) as [
    Set<string>,
    Set<string>,
  ];
  const worded = subject.filter(({ term }) => !/^[#@=]/.test(term) && !units.has(term));
  const both = worded.filter((one) => {
    const wordings = firmWordingsOf(one);
    return wordings.some((wording) => a.has(wording)) && wordings.some((wording) => b.has(wording));
  });
  return both.length >= Math.max(1, least * worded.length);
}

/** True for two sentences that tell the matter asked for. */
function bothTell(matter: Question['matter'], ...all: readonly Evidence[]): boolean {
  return matter !== null && all.every(({ text }) => matter.told.test(text));
}

/** Share of their words from which on two sentences speak of one thing, though their values are of different units. */
const ALIKE_ENOUGH = 0.5;

function numbersIn({ text, source }: Evidence): string {
  return findNumbers(text.replace(/^\s*[(\d.)]+\s/, ''), source.segment.language).map(({ value }) => value).sort().join(); // prettier-ignore
}

/** Share of the shorter one's words from which on two sentences say of one thing what it is. */
const ONE_SUBJECT = 0.6;
/** Words that two sentences of one thing differ in, at most. */
const MOST_OTHER = 4;

/** True for sentences that say of one thing that it is something else: each has words that nothing in the other stands for. */
function saysElse(one: ReadonlySet<string>, two: ReadonlySet<string>, language: Language): boolean {
  if (shareOfShorter(one, two) < ONE_SUBJECT) return false;
  const [a, b] = [[...one].filter((word) => !two.has(word)), [...two].filter((word) => !one.has(word))];
  if (a.length === 0 || b.length === 0 || a.length > MOST_OTHER || b.length > MOST_OTHER) return false;
  const alike = (word: string, others: readonly string[]): boolean =>
    equivalentsOf(word, language).some(({ term }) => others.includes(term));
  return !a.some((word) => alike(word, b)) && !b.some((word) => alike(word, a));
}

/** Asks for a cause otherwise than by "why". */
const ASKS_CAUSE =
  /^what (?:mostly |mainly |chiefly )?(?:caused|causes|led to)\b|^what (?:was|were|is|are) the (?:\w+ )?(?:causes?|reasons?)\b|^wodurch\b/i;

/** Share of their words from which on two sentences speak of one thing that has a reason, and at most for the reasons to differ. */
const ONE_THING = 0.25;
const ONE_REASON = 0.8;

/** The same clause in other documents with another figure, where no value is asked for, "when it is thinner than 4 millimetres", than 5; or another reason of the same, where one is asked for. */
function otherWordings(best: Evidence, near: readonly Evidence[], { text: asked }: Question): Side[] {
  const words = wordsIn(best.text, best.source.segment.language);
  const numbers = numbersIn(best);
  return near.flatMap((one) => {
    const { source } = one;
    if (source.id === best.source.id || one.row !== null) return [];
    const share = shareInCommon(words, wordsIn(one.text, source.segment.language));
    const otherReason = (asksWhy(asked) || ASKS_CAUSE.test(asked.trim())) && share >= ONE_THING && share < ONE_REASON;
    const otherNumbers = numbersIn(one) !== numbers && share >= ONE_CLAUSE;
    const other =
      areRelated(source, best.source) &&
      saysElse(words, wordsIn(one.text, source.segment.language), source.segment.language);
    if (!otherReason && !otherNumbers && !other) return [];
    return [{ source, said: shorten(one.text), claim: quotedClaim(quoteOf(source, one)), amends: false }];
  });
}

/** Words that say how a value is meant, which sentences of anything share. */
const OF_VALUES = /^(?:within|least|most|more|less|than|not|befor|after|until|up|per|each|ever|year|month|week|day)$/;

/** The words that two sentences share, the unit of a value aside. */
function sharedWords(one: Evidence, two: Evidence, { unit, told = unit }: Value): string[] {
  const [a, b] = wordsOfBoth(one, two);
  const units = termSet(told, one.source.segment.language);
  return [...a].filter((word) => b.has(word) && !units.has(word) && !OF_VALUES.test(word));
}

/** Words that two sentences must share, or else their share of all, for one that is far to speak of the same. */
const SEVERAL = 2;
const MUCH_ALIKE = 0.2;

/** What a sentence is held against. */
interface Beside {
  readonly best: Evidence;
  readonly said: string;
  readonly value: Value;
  /** True where it comes near the best by neither score nor what it holds. */
  readonly far: boolean;
}

/** True for a sentence of another document that speaks of what the best speaks of: both hold words of the question, and far ones share a word beside; or it says what becomes of the best one's value. */
function speaksOfSame(one: Evidence, { best, said, value, far }: Beside, question: Question): boolean {
  const shared = sharedWords(one, best, value).length;
  if (turnsFrom(one, said) && shared > 0) return true;
  if (!far) return shareWords(one, best, question, SHARED, new Set());
  const units = termSet(value.told ?? value.unit, one.source.segment.language);
  const alike = shared >= SEVERAL || (shared > 0 && shareInCommon(...wordsOfBoth(one, best)) >= MUCH_ALIKE);
  return alike && shareWords(one, best, question, SHARED_FAR, units);
}

/** The words of a sentence without the value it tells. */
function wordsWithout({ text, source }: Evidence, value: string): ReadonlySet<string> {
  return wordsIn(oneLine(text).replace(value, ' '), source.segment.language);
}

/** How much a sentence speaks for being what another document says of the same as the best: how near it comes by score, how alike it is, and whether it says what becomes of the best one's value. */
function rankBeside(one: Evidence, best: Evidence, said: string): number {
  const headed = one.features.headed >= UNDER_HEAD ? 0.25 : 0;
  return one.score / best.score + shareInCommon(...wordsOfBoth(one, best)) + headed + (turnsFrom(one, said) ? 1 : 0);
}

/** What other documents say in sentences that come as near to the question as the best one, or of what they would answer by themselves where they speak of the same, if their value differs; a value of another unit is of something else. */
function otherSentences(
  best: Evidence,
  near: readonly Evidence[],
  question: Question,
  alone: readonly Alone[],
): Side[] {
  const said = valueSaid(best, question);
  const own = said === null ? null : valueOf(said, best, question);
  if (best.row !== null) return [];
  if (said === null || own === null) return said === null ? otherWordings(best, near, question) : [];
  const others = [...new Set([...near, ...alone.map(({ one }) => one)])].sort(
    (a, b) => rankBeside(b, best, said) - rankBeside(a, best, said),
  );
  const sides = new Map<string, Side | null>();
  for (const one of others) {
    const { source } = one;
    if (one === best || one.row !== null || sides.has(source.id)) continue;
    if (source.id === best.source.id && !corrects(one, best)) continue;
    const other = valueSaid(one, question);
    const value = other === null ? null : valueOf(other, one, question);
    if (other === null || value === null) continue;
    // The head of a clause may say what it is of: "4. Commitment fee. On what is not drawn you pay 0.4 per cent."
    const headed = one.features.headed >= UNDER_HEAD;
    const firmly = alone.some((other) => other.one === one && other.firmly);
    if (!headed && !firmly && !speaksOfSame(one, { best, said, value, far: !near.includes(one) }, question)) continue;
    // “Zum Pachtvertrag vom 2. Mai 2019” only names a document.
    if (value.unit === 'date' && [source, best.source].some((each) => dateOf(each) === value.worth)) continue;
    const units = unitsOf(value, own);
    if (units === 'apart') continue;
    const alike = shareInCommon(wordsWithout(best, said), wordsWithout(one, other));
    const enough = units === 'same' ? 0 : units === 'akin' ? ALIKE_ENOUGH : ONE_CLAUSE;
    const ofMatter = areRelated(source, best.source) && bothTell(question.matter, one, best);
    if (alike < enough && !ofMatter) continue;
    // What agrees settles it for that document.
    sides.set(
      source.id,
      value.worth === own.worth
        ? null
        : { source, said: other, claim: quotedClaim(quoteOf(one.source, one)), amends: false },
    );
  }
  return [...sides.values()].filter((side) => side !== null);
}

/** True for what is told of a year: the sentence names it, or its document is of it. */
function isOfYear({ claim, source }: Side, year: number): boolean {
  return claim.text.includes(String(year)) || (dateOf(source)?.startsWith(String(year)) ?? false);
}

/** Of sentences that tell the same of several years, those of the year that is asked; all where none is told to be of it. */
function ofYearAsked(sides: readonly Side[], best: Evidence, question: Question): readonly Side[] {
  const [year, ...others] = yearsAsked(question);
  if (year === undefined || others.length > 0 || best.row !== null) return sides;
  const own = sides.filter((side) => isOfYear(side, year));
  return own.length > 0 ? own : sides;
}

/**
 * Documents that say otherwise than the best evidence, those in force and later first, or what alone is of the year asked for; `own` is the best evidence's own side.
 */
export function sidesOf(
  own: Side,
  best: Evidence,
  { evidence, able }: Pick<Among, 'evidence' | 'able'>,
  sources: readonly AskedSource[],
  question: Question,
): Side[] {
  if (sources.length < 2) return [own];
  const changing = changingAmong(sources);
  const changed = changedSides(best, evidence, changing, question);
  if (changed !== null) return changed;
  const near = evidence.filter((one) => one === best || comesNear(one, best));
  const alone = answersAlone(best, able, sources, question);
  const moved = asksSizeOfMove(question.text);
  for (const one of near) {
    // Where money is asked for, a near sentence that tells none is of something else.
    const figured = !asksMoney(question) || one.features.kind >= 1;
    const asGood = figured && one.score >= AS_GOOD * best.score && one.features.covered >= best.features.covered;
    const sides =
      one === best || asGood || moved ? sidesChanged(one, one === best ? own : null, changing, question) : null;
    if (sides === null) continue;
    const told = new Set(sides.map(({ source }) => source.id));
    const others = otherSentences(one, near, question, alone).filter(({ source }) => !told.has(source.id));
    return [...sides, ...others].sort(byForce).slice(0, MOST_SIDES);
  }
  const others = [...otherRows(best, question, sources), ...otherSentences(best, near, question, alone)];
  const sides = [
    own,
    ...others.filter((side, at) => others.findIndex((one) => one.source.id === side.source.id) === at),
  ];
  return [...ofYearAsked(sides, best, question)].sort(byForce).slice(0, MOST_SIDES);
}
