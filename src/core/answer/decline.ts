import { announces, shareInCommon, type QueryTerm } from '../search';
import { tokensOf, type Language } from '../text';
import { BY_NAME, type Evidence } from './evidence';
import { NUMBER_KINDS, VALUE_KINDS } from './kinds';
import { absentShare, asksOfNothing, unknownTo } from './ofNothing';
import { tellingOf, tellsFigure } from './matterTold';
import { asksHolder, saysWhoIsMeant, someoneNamed } from './partyNamed';
import type { Question } from './question';
import { reachedAt } from './reachedAt';
import { speaksOfElse } from './speaksOfElse';
import { toldByForm } from './toldByForm';
import type { AskedSource } from './types';

/** Asks for a point in time, which only a date, year or hour tells; "when may" asks for a condition as well. */
const ASKS_POINT =
  /\b(?:(?:in|on|by|at) (?:which|what) (?:year|month|day|date|times?|hours?)|when (?:was|were|did|will|do(?:es)? .{2,40} (?:open|close)\b)|wann (?:wurden?|war(?:en)?|öffnet|schließt)|(?:in|an) welchem (?:jahr|monat|tag)|seit wann)\b|いつ.*(?:ました|ましたか|たか)[。？?]?$/i;

/**
 * What speaks for the best evidence answering the question at all, and how much. Found by logistic regression over known-answer questions and unanswerable ones
 * that share their subjects (trials/*.jsonl, those not kept aside), the latter weighed as much as the former; see docs/measurements.md.
 */
const SPEAKS = {
  led: -0.17,
  around: 1.55,
  whole: 3.12,
  headed: 2.68,
  forms: 1.6,
  pairs: 1.15,
  label: 0.51,
  definition: 0.55,
  period: 0.81,
  focus: 1.18,
  /** Words that it holds only in words used like them; weighed by hand, as is the least sum. */
  alike: 4,
  /** A value is asked for and none is there. */
  valueless: -0.73,
  /** None of the words of the property asked for is there; weighed by hand. */
  lacking: -1.5,
  /** Share of the question's words that stand nowhere in the documents. */
  absent: -2.31,
  /** One over the number of the question's words: a short question is met by chance. */
  short: -2.17,
  /** The party asked for is called so there. */
  called: 3.43,
  /** A list is asked for and announced there; weighed by hand. */
  announces: 0.8,
  /** By what share the best leads the next. */
  margin: 2.72,
  /** A yes or no is met by chance more easily than a value: less than was learned, by the same questions put to other documents. */
  yesNo: 1.5,
  /** Logarithm of the number of passages searched: among many, the best is met by chance the more easily. By hand, with the least sum. */
  many: -0.3,
  /** Share of the sentences found that hold a value of the kind asked for: where it is spoken of, values of its kind are told. */
  ofItsKind: 9,
  /** A figure is asked for of what stands nowhere and no dictionary knows another word for, a term of some trade or a name; weighed by hand. */
  unheardOf: -3.5,
} as const;
/**
 * What speaks besides by the kind of answer and the language, found by a second regression over the first: figures and names are met by chance, and no list of
 * words brings a question in German or Japanese as near to what answers it as one in English.
 */
const BY_KIND: Partial<Record<Question['kind'], number>> = { party: -2.6, number: -3.3, amount: -3.8, duration: 0.5, place: 3 }; // prettier-ignore
const BY_LANGUAGE: Partial<Record<Language, number>> = { de: 2.1, ja: 2.2 };
const LEAST = 1.1;
/** A sentence that holds the question's every word, and a value where one is asked for, answers it. */
const WHOLLY = 0.97;
/** Words of a sentence from which on its words say little together. */
const LONG = 40;
/** A table's row whose label is asked for, of the period asked, answers whatever verb the question uses. */
const OF_THE_ROW = 0.55;

/** True for a word that nothing stands for, as a term of some trade or a name; comparatives have no entry of their own. */
function isUnheardOf({ term, equivalents = [] }: QueryTerm): boolean {
  return equivalents.length === 0 && /^\p{Script=Latin}{4,}(?<!er|est)$/u.test(term);
}

/** Share of words from which on two sentences say the same, as those of a draft and of what was agreed do. */
const SAME = 0.7;

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

/** What of a question a sentence must hold that tells its matter, and one that does not. */
const MATTER_LED = 0.4;
const MATTER_COVERED = 0.8;

/** True when the best evidence answers the question; `evidence` is sorted, the best first. A period asked for that is nowhere near settles it, as does what tells the matter that is asked for; `more` is what is asked beyond the least sum of its signs. */
export function answers(
  best: Evidence,
  evidence: readonly Evidence[],
  question: Question,
  sources: readonly AskedSource[],
  more = 0,
): boolean {
  const { features } = best;
  if (features.period === 0) return false;
  const { matter } = question;
  const { language } = best.source.segment;
  const valueless = VALUE_KINDS.has(question.kind) && features.kind === 0;
  if (matter !== null) {
    const telling = tellingOf(matter, best);
    if (
      telling === 'itself' &&
      (!valueless || question.kind === 'date' || tellsFigure(best)) &&
      features.led >= MATTER_LED
    )
      return true;
    if (telling === 'not' && features.covered < MATTER_COVERED) return false;
  }
  if (NUMBER_KINDS.has(question.kind) && features.kind < 1) return false;
  // What the best evidence says by its form need not stand anywhere.
  const unsaid = unsaidBy(best, question);
  if (asksOfNothing(unsaid, sources)) return false;
  if (question.kind === 'date' && features.kind === 0 && best.row === null && ASKS_POINT.test(question.text))
    return false;
  const unnamed = asksHolder(question) && features.kind <= 1 && someoneNamed(best.text, question.text) === null;
  if (unnamed && !saysWhoIsMeant(best.text, question.text, language)) return false;
  // "How much tax was paid?" is told by no row of wages.
  const otherRow = best.row !== null && features.focus === 0 && features.label < OF_THE_ROW;
  if (otherRow && question.kind === 'amount' && question.focus.length > 0) return false;
  if (speaksOfElse(best, question, sources)) return false;
  const reached = reachedAt(question.text);
  if (reached !== null && best.text.search(reached) < 0) return false;
  // In a sentence of many words all may stand far from one another.
  const together = features.pairs > 0 || question.subject.length === 1 || best.text.split(/\s+/).length <= LONG;
  const met = features.covered > WHOLLY && !valueless && together;
  // The one word that a name of a document leaves of a question says little; a value beside it says more.
  if (met && (question.subject.length > 1 || VALUE_KINDS.has(question.kind) || features.definition > WHOLLY))
    return true;
  if (best.row !== null && features.label >= OF_THE_ROW && features.period > 0.9 && !valueless) return true;
  const next = evidence.find((one) => one !== best && one.score <= best.score && !sameWords(one, best));
  const measured: Record<keyof typeof SPEAKS, number> = {
    led: features.led,
    around: features.around,
    whole: features.whole,
    headed: features.headed,
    forms: features.forms,
    pairs: features.pairs,
    label: features.label,
    definition: features.definition,
    period: features.period,
    focus: features.focus,
    alike: features.alike,
    valueless: valueless ? 1 : 0,
    lacking: question.focus.length > 0 ? 1 - features.focus : 0,
    absent: absentShare(unsaid, sources),
    short: 1 / Math.max(1, question.subject.length),
    called: question.kind === 'party' && features.kind > BY_NAME ? 1 : 0,
    announces: question.kind === 'list' && announces(best.text) ? 1 : 0,
    margin: Math.min(1, (best.score - (next?.score ?? 0)) / Math.max(0.1, best.score)),
    yesNo: question.kind === 'yes-no' ? 1 : 0,
    ofItsKind: VALUE_KINDS.has(question.kind)
      ? evidence.filter((one) => one.features.kind >= 1).length / evidence.length
      : 0,
    unheardOf:
      NUMBER_KINDS.has(question.kind) && language === 'en' && unknownTo(unsaid, sources).some(isUnheardOf) ? 1 : 0,
    many: Math.log(sources.reduce((sum, { segment }) => sum + segment.passageSections.length, 1)),
  };
  let sum = (BY_KIND[question.kind] ?? 0) + (BY_LANGUAGE[language] ?? 0);
  for (const name of Object.keys(SPEAKS) as (keyof typeof SPEAKS)[]) sum += SPEAKS[name] * measured[name];
  return sum >= LEAST + more;
}

/** Share of a question's words that a sentence of the very clause asked about must hold, where no value is asked for. */
const ON_SUBJECT = 0.34;

/** True when the best evidence answers a question about the clause it stands in: the value asked for is there, or some of the question's words are. */
export function answersOnSubject({ features }: Evidence, { kind, words }: Question): boolean {
  if (features.period === 0) return false;
  const value = VALUE_KINDS.has(kind) || kind === 'party';
  return value ? features.kind > 0 && (words.length === 0 || features.led > 0) : features.led >= ON_SUBJECT;
}
