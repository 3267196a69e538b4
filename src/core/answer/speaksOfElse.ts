import { termSet } from '../search';
import { tokensOf } from '../text';
import { countsInPassing, countsOfABody, countsOfAnotherUse } from './counted';
import type { Evidence } from './evidence';
import { VALUE_KINDS } from './kinds';
import { asksHow } from './listing';
import { absentShare } from './ofNothing';
import { namesOtherSide } from './otherSide';
import { isOfAnother, saysNoEnd, namesNone, needsNone } from './otherThing';
import { partiesTold } from './partiesTold';
import { readWith, saidAbout } from './readTogether';
import { namesNoHolder } from './partyNamed';
import { firmWordingsOf, type Question } from './question';
import { wordsOver } from './rowEvidence';
import { saysFree } from './sumsTold';
import { asksPrice, tellsNoUnit, tellsOtherSum, tellsOtherTime, tellsSumOfAll } from './sumKinds';
import { lacksTellingWords } from './tellingWords';
import type { AskedSource } from './types';

/** Asks what something is called. */
const ASKS_NAME = /^what (?:is|was|are|were) the names? of\b|^what (?:is|was|are|were) .{3,50} called\b/i;

/** Words for vessels, one of which says another. */
const VESSEL = 'ship|vessel|boat|ferry|tug|barge|yacht|dredger|steamer|workboat|lifeboat';

/** A vessel, building or product whose name is asked. */
const THING_NAMED = new RegExp(
  String.raw`^what (?:is|was) the name of (?:the|an?|its|their) (?:[a-z]+ )?(?<thing>(?<vessel>${VESSEL})|programme?|software|product|building|inn|pub|hotel|project|newspaper)\s*\?*$`,
  'i',
);

/** True for an English text that names something by a name which the question does not use: a thing by what stands next to its word, “the dredger Heron”. */
function namesAnew(text: string, { spoken, text: asked }: Question): boolean {
  const { thing, vessel } = THING_NAMED.exec(asked.trim())?.groups ?? {};
  if (thing !== undefined) {
    const word = vessel === undefined ? thing.toLowerCase() : `(?:${thing.toLowerCase()}|ship|vessel)`;
    const called = String.raw`(?:called|named|known as|christened) |\b${word},? (?:of the name |[“"‘'])?\p{Lu}\p{Ll}|\p{Lu}\p{Ll}+[”"’']?(?:,| is| was) (?:the|an?|our|its) (?:\p{Ll}+ )?${word}`;
    return new RegExp(called, 'u').test(text);
  }
  return partiesTold(text, 'en').some(({ start, end }) => {
    const name = text.slice(start, end);
    return /^\p{Lu}/u.test(name) && tokensOf(name).some(({ word }) => !spoken.has(word));
  });
}

/**
 * What of the question a list must hold, and a way of doing something, by its sentence, its heading or what is around it: in a document that speaks of the thing,
 * some sentence always comes near.
 */
const OF_SEVERAL = 0.5;
const AROUND_SHARE = 0.8;

/** True where a list or a way of doing something is asked for in English, and too little of the question is there; few groups of words bring other languages nearer. */
function holdsTooLittle({ features, source }: Evidence, { kind, text }: Question): boolean {
  if (source.segment.language !== 'en') return false;
  const several = kind === 'list' || (kind === 'passage' && asksHow(text));
  return several && Math.max(features.led, features.headed, AROUND_SHARE * features.around) < OF_SEVERAL;
}

/** What of the question must be near a sentence that answers it: less is none of it. */
const NEAR = 0.15;
/** Share of the pairs of characters of a Japanese question that stand nowhere, from which on nothing of it is told. */
const NOWHERE_IN_JAPANESE = 0.7;
/** What of the question must be there where all that is told of a price is that nothing is to be paid. */
const FREE_OF = 0.55;

/** True where a sentence, or what it is read with, holds something of the question; pairs of characters that a Japanese paraphrase does not share say little. */
export function isNear({ features, row, source }: Evidence): boolean {
  const near = Math.max(features.led, features.around, features.headed, row === null ? 0 : features.label);
  return source.segment.language === 'ja' || near >= NEAR;
}

/** True for the best evidence that is nowhere near the question: it came up for the rest of its passage. */
function isNowhereNear(best: Evidence, question: Question, sources: readonly AskedSource[]): boolean {
  const { features, source } = best;
  if (source.segment.language === 'ja')
    return !VALUE_KINDS.has(question.kind) && absentShare(question, sources) > NOWHERE_IN_JAPANESE;
  // One word is all that there is to hold: what stands beside the sentence that holds it is of something else.
  const beside = features.led === 0 && features.headed === 0 && features.around > 0;
  if (beside && question.subject.length === 1 && VALUE_KINDS.has(question.kind)) return true;
  return !isNear(best) && features.whole > 0;
}

/** Asks what somebody earns: the wages of a company are nobody's. */
const OF_SOMEBODY: readonly RegExp[] = [
  /\bwhat (?:does|do|did) (?:the |an? )?(?<of>[^?]+?) (?:earn|get paid)\b/iu,
  /\bwhat (?:is|was) (?:the )?(?<of>[^?]+?)['’]s (?:salary|wage|pay)\b/iu,
  /\bwhat (?:salary|wages?|pay|bonus|pension) (?:does|do|did) (?:the |an? )?(?<of>[^?]+?) (?:receive|get|have|draw)\b/iu,
  /^what (?:is|are|was|were) (?:the |an? |its )?(?<of>[\w' -]{3,40}) paid\s*\?*$/iu,
  /\b(?:wie viel|was) (?:verdient|verdienen) (?<of>[^?]+)/iu,
  /\bwhat (?:is|was|are) the (?!minimum|maximum|lowest|least|average|highest|required|legal)(?<of>[a-z]+) age\b/iu,
];
/** The same of what is done, sold or paid for, which the sentence itself names, or what it stands under. */
const OF_A_DEED: readonly RegExp[] = [
  /\b(?:fines?|penalt(?:y|ies))\b[^?]*? for (?<of>[a-z]+ing)\b/u,
  /(?:strafe|bußgeld|geldbuße) für (?:das )?(?<of>\p{Lu}\p{L}+en)(?!\p{L})/u,
  /\b(?:profit|gain|loss)\b (?:on|from) (?:the )?(?<of>(?:sale|disposal)\b[^?]*)/iu,
  /^(?:what|how much) (?:is|must be|has to be|do(?:es)? (?:one|you|we|people)(?: have to)?) (?:paid|charged|payable|due|pay) for (?:the |an? |each |every )?(?<of>[^?]+)/iu,
  /(?<of>[\p{Script=Han}\p{Script=Katakana}ー]{2,8})の(?:給料|給与|賃金|年収|月給|報酬|時給)/u,
  /^(?:what|how much) (?:is|was|are|were) paid to (?:the |its |an? )?(?<of>[^?]+)/iu,
  /^how many [\p{L} -]+? (?:was|were|are|is|have been|had been|got|went) (?<of>late|early|ill|sick|injured|hurt|killed|lost|missing|broken|damaged|empty|vacant|women|men|female|male|foreign|rejected|refused|cancelled|delayed|unpaid|overdue|stolen|dismissed|retired|sold|closed|new|faulty|defective)\s*\?*$/iu,
  /^(?:was|wie ?viel) (?:zahlt|bezahlt|zahlen|kostet|kosten) (?:man |ich )?(?:für )?(?:ein(?:en?)?|den|die|das) (?<of>\p{Lu}[\p{L}-]+)\s*\?*$/iu,
];

/** Asks what a thing costs; what a sentence says costs something, and what does so beside the thing itself. */
const ASKS_COST =
  /^(?:what|how much) (?:does|do|did|would|will) (?:the |an? |its |one |each )?(?<of>(?!it\b)[^?]+?) cost\b/iu;
const COSTS =
  /(?:^|[.,;:]|\b(?:and|but|which|that)\s)(?<what>[^.,;:]{2,60}?)\s(?:(?:will |would )?cost (?=[\d\p{Lu}]|about|some|an?\b)|costs\b)/giu;
const ASIDE =
  /\b(?:check|repairs?|survey|study|report|missing|lost|extra|each further|every further|spare|replacement|victuals|meals?|service|inspection)\b/i;

/** True for a sentence that says what something beside the thing asked about costs: “the check costs 390 crowns” of the sounder. */
function costsElse({ text, source, row }: Evidence, asked: string): boolean {
  const of = ASKS_COST.exec(asked.trim())?.groups?.['of'];
  const what = [...text.matchAll(COSTS)].at(-1)?.groups?.['what'];
  if (of === undefined || what === undefined || row !== null || !ASIDE.test(what)) return false;
  const [head = ''] = what.split(/ (?:of|for|in|at|on|to) /);
  const those = termSet(head, source.segment.language);
  return ![...termSet(of, source.segment.language)].some((term) => those.has(term));
}

/** True where the sum of somebody, or of something done, is asked for who is nowhere near. */
export function isOfOthers(best: Evidence, { text, subject }: Question): boolean {
  const { language } = best.source.segment;
  const of = (shapes: readonly RegExp[]): string => shapes.flatMap((shape) => shape.exec(text.trim())?.groups?.['of'] ?? [])[0] ?? ''; // prettier-ignore
  const named = (shapes: readonly RegExp[], near: () => string): boolean => {
    const terms = termSet(of(shapes), language);
    const those = subject.filter(({ term }) => terms.has(term));
    if (those.length === 0) return true;
    const there = termSet(near(), language);
    if (those.some((one) => firmWordingsOf(one).some((word) => there.has(word)))) return true;
    // The part of a compound: "Seekabel", of what the cable costs.
    return language === 'de' && those.some(({ term }) => [...there].some((word) => word.endsWith(term)));
  };
  // A row is of whom its labels name, whatever stands beside its table.
  const row = best.row === null ? null : `${best.text} ${wordsOver(best.row)}`;
  if (row !== null && namesOtherSide(text, row)) return true;
  if (costsElse(best, text)) return true;
  return !named(OF_SOMEBODY, () => row ?? readWith(best)) || !named(OF_A_DEED, () => row ?? saidAbout(best));
}

/** Times in which so much is done, as a question asks for them and as a rate is told. */
const RATES: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  [
    /\b(?:per|an|each|every) hour\b|\b(?:pro|je|in der|in einer) stunde\b|1時間(?:に|あたり)|毎時/iu,
    /hour|\bh\b|kph|km\/h|mph|knots?|stunde|stündlich|時/iu,
  ],
  [
    /\b(?:per|a|each|every) minute\b|\b(?:pro|je|in der|in einer) minute\b|1分間?(?:に|あたり)|毎分/iu,
    /minut|\bmin\b|rpm|分/iu,
  ],
  [
    /\b(?:per|a|each|every) second\b|\b(?:pro|je|in der|in einer) sekunde\b|1秒間?(?:に|あたり)|毎秒/iu,
    /second|\bsec\b|[/p]s\b|hz\b|knots?|sekunde|秒/iu,
  ],
];

/** True where it is asked how much there is in an hour, a minute or a second, and nothing near a figure speaks of that. */
function tellsNoRate(best: Evidence, { kind, text }: Question): boolean {
  if (kind !== 'number') return false;
  const told = RATES.find(([asked]) => asked.test(text))?.[1];
  return told !== undefined && !told.test(saidAbout(best));
}

/** Asks for a time in hours, or how many times, each with what tells it: no days or weeks do. */
const TOLD_IN: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  [
    /\bhow many (?:[a-z]+ )?hours\b|\bwie viele stunden(?!\p{L})|何時間/iu,
    /\bhours?\b|\bminutes?\b|stunde|minute|時間|分|時/i,
  ],
  [/何回/, /[回度毎]|ごと|おき/],
];

/** True where the figures of a sentence are of another kind of sum than is asked for, or count the members of another body. */
function countsElse(best: Evidence, question: Question): boolean {
  const { text, row, features } = best;
  const unit = row === null ? TOLD_IN.find(([asked]) => asked.test(question.text))?.[1] : undefined;
  if (unit !== undefined) return !unit.test(text);
  if (question.kind === 'number')
    return (
      row === null && [countsOfABody, countsInPassing, countsOfAnotherUse].some((counts) => counts(question.text, text))
    );
  if (question.kind !== 'amount') return false;
  if (tellsNoUnit(question.text, readWith(best)) || tellsOtherTime(question.text, text)) return true;
  if (tellsSumOfAll(question.text, text)) return true;
  // A row may call a price by what is paid: “Wages of the coach”.
  if (row !== null) return !asksPrice(question.text) && tellsOtherSum(question.text, wordsOver(row));
  return tellsOtherSum(question.text, text) || (features.led < FREE_OF && saysFree(text));
}

/** True where the best evidence is of something else than is asked, by what it says, what it leaves out or what it counts, however near its words are. */
export function speaksOfElse(best: Evidence, question: Question, sources: readonly AskedSource[]): boolean {
  const { text, row, source } = best;
  if (row === null && lacksTellingWords(question.text, text)) return true;
  if (namesNoHolder(text, question.text) || tellsNoRate(best, question)) return true;
  if (
    saysNoEnd(best, question) ||
    isOfAnother(best, question) ||
    namesNone(best, question) ||
    needsNone(best, question)
  )
    return true;
  if (ASKS_NAME.test(question.text) && source.segment.language === 'en' && !namesAnew(text, question)) return true;
  return holdsTooLittle(best, question) || isNowhereNear(best, question, sources) || countsElse(best, question);
}
