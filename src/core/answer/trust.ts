import { announces, documentFrequency, shareInCommon, termSet, unitsOfPassage, type QueryTerm } from '../search';
import { tokensOf, type Language } from '../text';
import { isRowOfAnother } from './anotherRow';
import { BY_NAME, type Evidence } from './evidence';
import { NUMBER_KINDS, VALUE_KINDS } from './kinds';
import { absentShare, asksOfNothing, unknownTo } from './ofNothing';
import { callsMatter, namesWhatIsAsked, tellingOf, tellsFigure } from './matterTold';
import { asksHolder, doerNamed, namesByTwoWords, saysWhoIsMeant, someoneNamed } from './partyNamed';
import { firmWordingsOf, type Question } from './question';
import { reachedAt } from './reachedAt';
import { saidAbout } from './readTogether';
import { wordsOver } from './rowEvidence';
import { isOfOthers, speaksOfElse } from './speaksOfElse';
import { headOver, nameOfDocument } from './surroundings';
import { toldByForm } from './toldByForm';
import { TRUST } from './trustWeights';
import type { AnswerKind, AskedSource } from './types';
import { isOfOtherVersion } from './versionAsked';

/** Asks for a point in time, which only a date, year or hour tells; "when may" asks for a condition as well. */
const ASKS_POINT =
  /\b(?:(?:in|on|by|at) (?:which|what) (?:year|month|day|date|times?|hours?)|when (?:was|were|did|will|do(?:es)? .{2,40} (?:open|close)\b)|wann (?:wurden?|war(?:en)?|öffnet|schließt)|(?:in|an) welchem (?:jahr|monat|tag)|seit wann)\b|いつ.*(?:ました|ましたか|たか)[。？?]?$/i;

/** A sentence that holds the question's every word, and a value where one is asked for, answers it. */
const WHOLLY = 0.97;
/** Words of a sentence from which on its words say little together. */
const LONG = 40;
/** A table's row whose label is asked for, of the period asked, answers whatever verb the question uses. */
const OF_THE_ROW = 0.55;
/** What of a question a sentence must hold that tells its matter, and one that does not. */
const MATTER_LED = 0.4;
const MATTER_COVERED = 0.8;
/** Share of words from which on two sentences say the same, as those of a draft and of what was agreed do. */
const SAME = 0.7;
/** Share from which on a word says the deed that is asked for: "set up" for "founded", but not "introduced". */
const SAYS_DEED = 0.35;
/** Passages up to which a document is a short one, in which any word is near any other. */
const FEW = 4;

/** True for a word that nothing stands for, as a term of some trade or a name; comparatives have no entry of their own. */
function isUnheardOf({ term, equivalents = [] }: QueryTerm): boolean {
  return equivalents.length === 0 && /^\p{Script=Latin}{4,}(?<!er|est)$/u.test(term);
}

/** True when two sentences of different documents say the same. */
function sameWords(one: Evidence, two: Evidence): boolean {
  const words = ({ text }: Evidence): Set<string> => new Set(tokensOf(text).map((token) => token.word));
  return one.source.id !== two.source.id && shareInCommon(words(one), words(two)) >= SAME;
}

/** A question without those words of its subject that a sentence says by its form alone. */
function unsaidBy({ text, source }: Evidence, question: Question): Question {
  const told = toldByForm(question, source.segment.language);
  if (told?.form.test(text) !== true) return question;
  return { ...question, subject: question.subject.filter(({ term }) => !told.terms.has(term)) };
}

/** True where only a name answers, and a sentence names nobody who could be meant. */
function namesNobody({ text, features, source }: Evidence, question: Question): boolean {
  if (!asksHolder(question) || features.kind > 1 || someoneNamed(text, question.text) !== null) return false;
  if (features.led > WHOLLY && doerNamed(text, question.text) !== null) return false;
  return !saysWhoIsMeant(text, question.text, source.segment.language);
}

/** True where it is asked who does something, and a sentence, with what it stands under, names nobody and says nothing of the deed: who founded a firm is not told by what it makes. */
function lacksDeed(best: Evidence, question: Question): boolean {
  const { kind, focus, subject } = question;
  const deed = kind === 'party' ? subject.filter(({ term }) => focus.includes(term)) : [];
  if (deed.length === 0 || namesByTwoWords(best.text, question.text)) return false;
  const { language } = best.source.segment;
  const near = saidAbout(best);
  if (toldByForm(question, language)?.form.test(near) === true) return false;
  const said = termSet(near, language);
  const says = ({ term, equivalents = [] }: QueryTerm): boolean =>
    said.has(term) || equivalents.some((one) => one.share >= SAYS_DEED && one.loose !== true && said.has(one.term));
  return !deed.some(says);
}

/** What of a question, and of it without what a sentence says by its form, stands nowhere in the documents. */
interface Nowhere {
  readonly sources: readonly AskedSource[];
  readonly absent: number;
  readonly ofNothing: boolean;
  /** Some word is a term of some trade, or a name, that stands nowhere. */
  readonly unheardOf: boolean;
  /** Share of its words that stand somewhere. */
  readonly known: number;
}

/** What was looked up for a question before: all evidence for it is weighed by the same. */
const lookedUp = new WeakMap<Question, Nowhere>();

function nowhereOf(question: Question, sources: readonly AskedSource[]): Nowhere {
  const before = lookedUp.get(question);
  if (before?.sources === sources) return before;
  const weigh = (terms: readonly QueryTerm[]): number => terms.reduce((sum, { weight }) => sum + weight, 0);
  const somewhere = question.subject.filter(({ term }) => documentFrequency(sources, term) > 0);
  const found = {
    sources,
    absent: absentShare(question, sources),
    ofNothing: asksOfNothing(question, sources),
    unheardOf: unknownTo(question, sources).some(isUnheardOf),
    known: weigh(somewhere) / (weigh(question.subject) || 1),
  };
  lookedUp.set(question, found);
  return found;
}

/** Shares of a question's words that stand in or around a sentence, by themselves (“own”) or in words that say the same (“firm”), and of the sentence's words that are the question's. */
function sharesOf({ text, source, hit, index, row }: Evidence, { subject }: Question) {
  const { language } = source.segment;
  const units = unitsOfPassage(source, hit.passage);
  const sentence = termSet(text, language);
  const together = (...texts: string[]): Set<string> => new Set(texts.flatMap((one) => [...termSet(one, language)]));
  const near = together(text, headOver(source, units, index), row === null ? '' : wordsOver(row));
  const named = new Set([...near, ...termSet(nameOfDocument(source), language)]);
  const passage = together(...units.map((one) => one.text));
  const total = subject.reduce((sum, { weight }) => sum + weight, 0) || 1;
  const share = (isThere: (one: QueryTerm) => boolean): number =>
    subject.reduce((sum, one) => sum + (isThere(one) ? one.weight : 0), 0) / total;
  const firmly = (set: ReadonlySet<string>) => (one: QueryTerm) => firmWordingsOf(one).some((word) => set.has(word));
  const own = new Set(subject.map(({ term }) => term));
  const firm = new Set(subject.flatMap(firmWordingsOf));
  const spoken = (set: ReadonlySet<string>): number =>
    [...sentence].filter((word) => set.has(word)).length / Math.max(1, sentence.size);
  return {
    own: share(({ term }) => near.has(term)),
    ownInSentence: share(({ term }) => sentence.has(term)),
    ownInPassage: share(({ term }) => passage.has(term)),
    ownOrNamed: share(({ term }) => named.has(term)),
    firm: share(firmly(near)),
    firmOrNamed: share(firmly(named)),
    spoken: spoken(firm),
    spokenItself: spoken(own),
    length: Math.log(1 + sentence.size),
  };
}

/** What by its form speaks for evidence or against it: 1 where it holds. */
function rulesOf(best: Evidence, question: Question, ofNothing: boolean, sources: readonly AskedSource[]) {
  const { features, row, text } = best;
  const { matter, kind } = question;
  const valueless = VALUE_KINDS.has(kind) && features.kind === 0;
  const telling = matter === null ? null : tellingOf(matter, best);
  const others = isOfOthers(best, question) || isRowOfAnother(best, question);
  const nobody = namesNobody(best, question);
  const reached = reachedAt(question.text);
  // In a sentence of many words all may stand far from one another.
  const together = features.pairs > 0 || question.subject.length === 1 || text.split(/\s+/).length <= LONG;
  // The one word that a name of a document leaves of a question says little; a value beside it says more.
  const enough = question.subject.length > 1 || VALUE_KINDS.has(kind) || features.definition > WHOLLY;
  return {
    settles:
      telling === 'itself' &&
      (!valueless || kind === 'date' || tellsFigure(best, kind)) &&
      (features.led >= MATTER_LED || callsMatter(best, matter)) &&
      namesWhatIsAsked(question, best) &&
      !(matter?.about === true && (nobody || others)),
    settlesNot: telling === 'not' && features.covered < MATTER_COVERED,
    // A fine for one thing is none for another.
    ofOthers: others,
    figureless: NUMBER_KINDS.has(kind) && features.kind < 1,
    ofNothing,
    pointless: kind === 'date' && features.kind === 0 && row === null && ASKS_POINT.test(question.text),
    nobody,
    undone: row === null && features.kind <= BY_NAME && lacksDeed(best, question),
    otherVersion: isOfOtherVersion(best, question, sources),
    // "How much tax was paid?" is told by no row of wages.
    otherRow:
      row !== null && features.focus === 0 && features.label < OF_THE_ROW && kind === 'amount' && question.focus.length > 0, // prettier-ignore
    ofElse: speaksOfElse(best, question, sources),
    notReached: reached !== null && text.search(reached) < 0,
    met: features.covered > WHOLLY && !valueless && together && enough,
    rowAsked: row !== null && features.label >= OF_THE_ROW && features.period > 0.9 && !valueless,
    tells: telling === 'itself',
    tellsAfter: telling === 'with the one before',
    matter: matter !== null,
    valueless,
  };
}

/** The evidence that one of it stands among, the best first: all of it, what of it is able to answer, and what leads. */
export interface Among {
  readonly evidence: readonly Evidence[];
  readonly able: readonly Evidence[];
  readonly leading: Evidence;
}

/** Places from which on it matters no more how far behind evidence stands. */
const LAST_PLACE = 12;

/** Where evidence stands among the other: its place, by how much it is behind the first, and whether it leads. */
function standingOf(one: Evidence, { able, leading }: Among) {
  const top = Math.max(0.1, able[0]?.score ?? one.score);
  const place = able.indexOf(one);
  return {
    lead: one === leading ? 1 : 0,
    place: place < 0 ? LAST_PLACE : Math.min(place, LAST_PLACE),
    behind: 1 - one.score / top,
    below: top - one.score,
    top,
    close: able.filter(({ score }) => score > top - 1).length,
  };
}

/** What is measured of evidence to tell whether it answers the question. */
export function signsOf(best: Evidence, among: Among, question: Question, sources: readonly AskedSource[]) {
  const { evidence } = among;
  const { features, source } = best;
  const { language } = source.segment;
  const valued = VALUE_KINDS.has(question.kind);
  // What the best evidence says by its form need not stand anywhere.
  const nowhere = nowhereOf(unsaidBy(best, question), sources);
  const next = evidence.find((one) => one !== best && one.score <= best.score && !sameWords(one, best));
  const rules = rulesOf(best, question, nowhere.ofNothing, sources);
  const passages = sources.reduce((sum, { segment }) => sum + segment.passageSections.length, 1);
  const shares = sharesOf(best, question);
  const margin = Math.min(1, (best.score - (next?.score ?? 0)) / Math.max(0.1, best.score));
  const few = Math.min(1, FEW / passages);
  const unheard = NUMBER_KINDS.has(question.kind) && language === 'en' && nowhere.unheardOf;
  const figures = evidence.filter((one) => one.features.kind >= 1).length / evidence.length;
  const told = Object.fromEntries(Object.entries(rules).map(([name, holds]) => [name, holds ? 1 : 0])) as Record<keyof typeof rules, number>; // prettier-ignore
  const { covered, led, focus, kind } = features;
  return {
    ...features,
    ...told,
    ...shares,
    ...standingOf(best, among),
    lacking: question.focus.length > 0 ? 1 - focus : 0,
    absent: nowhere.absent,
    known: nowhereOf(question, sources).known,
    short: 1 / Math.max(1, question.subject.length),
    words: question.subject.length,
    called: question.kind === 'party' && kind > BY_NAME ? 1 : 0,
    announces: question.kind === 'list' && announces(best.text) ? 1 : 0,
    margin,
    score: best.score,
    // Where a thing is spoken of, values of its kind are told.
    ofItsKind: valued ? figures : 0,
    // A term of some trade, or a name, that stands nowhere.
    unheardOf: unheard ? 1 : 0,
    row: best.row === null ? 0 : 1,
    // Among many passages, the best is met by chance the more easily; in few, all is near.
    many: Math.log(passages),
    few,
    fewOwn: few * shares.own,
    fewFirm: few * shares.firm,
    fewFirmOrNamed: few * shares.firmOrNamed,
    fewSpoken: few * shares.spoken,
    fewSpokenItself: few * shares.spokenItself,
    fewCovered: few * covered,
    fewLed: few * led,
    fewMargin: few * margin,
  };
}

/** What speaks for evidence and against it: each from 0 to about 1, but scores, lengths and numbers of words. */
export type Signs = ReturnType<typeof signsOf>;

/**
 * How far signs speak for an answer: the logarithm of its odds, by logistic regression over the first sentences found for known questions and made ones, in which
 * unanswerable ones share the subjects of the documents (`npm run trials -- --trust`).
 */
export function trustIn(signs: Signs, kind: AnswerKind, language: Language): number {
  const kinds: Partial<Record<AnswerKind, number>> = TRUST.kinds;
  const languages: Partial<Record<Language, number>> = TRUST.languages;
  const weights: Readonly<Record<string, number>> = TRUST.signs;
  let sum = TRUST.constant + (kinds[kind] ?? 0) + (languages[language] ?? 0);
  for (const [name, value] of Object.entries(signs)) sum += (weights[name] ?? 0) * value;
  return sum;
}
