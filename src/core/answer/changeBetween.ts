import { quantityAt, spanAsked } from '../figure';
import { bareName, shareInCommon, termSet } from '../search';
import { oneLine } from '../text';
import { changeTold, countsAsked, periodColumns } from './change';
import { answers } from './decline';
import { gatherEvidence, type Evidence } from './evidence';
import { closestMention } from './headline';
import { freshMentions } from './kinds';
import { asksChange, asksSizeOfMove } from './moves';
import type { Question } from './question';
import { operandAt, quoteOf } from './quoted';
import { wordsOver } from './rowEvidence';
import type { Sought } from './seek';
import { dateOf, type Side } from './sides';
import type { AnswerKind, AskedSource, Operand, ReaderAnswer } from './types';
import { yearsAsked } from './years';

/** A figure of one year, and the sentence or row that tells it. */
interface Telling {
  readonly one: Evidence;
  readonly operand: Operand;
  readonly year: number;
}

/** What the figures that moved may be, where the question does not say: "How did bar income change?" */
const LEVELS: readonly AnswerKind[] = ['amount', 'number', 'duration'];
/** Evidence that is looked through for figures, at most. */
const MOST_LOOKED_AT = 30;
/** Share of their words that two sentences must have in common to tell the same of two years. */
const ALIKE = 0.4;
/** Words between a figure and the year that it is of. */
const YEAR_BEHIND = /^(?:\s+\p{L}+){0,3}\s+(?:in|for|at|of|im Jahr|Ende|in the year|by)?\s*((?:19|20)\d{2})\b/u;
const YEAR_SAID = /\b(?:19|20)\d{2}\b/g;

const isYear = (term: string): boolean => /^#?(?:19|20)\d{2}$/.test(term);

function yearOf(source: AskedSource): number | null {
  const year = Number(dateOf(source)?.slice(0, 4));
  return Number.isInteger(year) && year > 0 ? year : null;
}

/** The figures of a row by year, of the length of period that is asked. */
function tellingsOfRow(one: Evidence, question: Question): Telling[] {
  const asked = spanAsked(question.text);
  return periodColumns(one, one.source.segment.language).flatMap(({ at, year, span }) => {
    const operand = one.row === null || year === null || span !== asked ? null : operandAt(one.source, one.row, at);
    return operand === null || year === null ? [] : [{ one, operand, year }];
  });
}

/** The year that a figure of a sentence is of: the one behind it, or else before it; null where the sentence names none. */
function yearSaid(text: string, { start, end }: { readonly start: number; readonly end: number }): number | null {
  const behind = YEAR_BEHIND.exec(text.slice(end))?.[1];
  const before = text.slice(0, start).match(YEAR_SAID)?.at(-1);
  const year = Number(behind ?? before ?? text.match(YEAR_SAID)?.[0] ?? NaN);
  return Number.isNaN(year) ? null : year;
}

/** The figures of a sentence by year: the one that is asked for, of the year it names or else its document's, and others of that measure that have a year beside them. */
function tellingsOfSentence(one: Evidence, question: Question): Telling[] {
  const { text, source } = one;
  const { language } = source.segment;
  const said = closestMention(one, question);
  if (said === null) return [];
  const mentions = freshMentions(text, question, language).flatMap((range) => {
    const quantity = quantityAt(text, range.start, range.end, language);
    if (quantity === null || isYear(quantity.text)) return [];
    return [{ range, quantity: { ...quantity, text: oneLine(quantity.text) } }];
  });
  const asked = mentions.find(({ range }) => oneLine(text.slice(range.start, range.end)) === said) ?? mentions[0]; // prettier-ignore
  if (asked === undefined) return [];
  const citation = quoteOf(source, one);
  return mentions.flatMap((mention) => {
    const own = yearSaid(text, mention.range);
    const year = own ?? (mention === asked ? yearOf(source) : null);
    const like = mention === asked || (own !== null && mention.quantity.unit === asked.quantity.unit);
    return year === null || !like ? [] : [{ one, operand: { ...mention.quantity, citation }, year }];
  });
}

function wordsOf({ text, source }: Evidence): Set<string> {
  return new Set([...termSet(text, source.segment.language)].filter((term) => !/\d/.test(term)));
}

/** True for two figures of one thing: of rows that go by one name, or of sentences that share most words. */
function ofOneThing({ one: a, operand: x }: Telling, { one: b, operand: y }: Telling): boolean {
  if (x.unit !== y.unit || (a.row === null) !== (b.row === null)) return false;
  if (a === b) return true;
  if (a.row !== null && b.row !== null) return a.row.row.path.join() === b.row.row.path.join();
  return shareInCommon(wordsOf(a), wordsOf(b)) >= ALIKE;
}

/** The years that a question compares, the earlier first: those it names, or its year and the one before; null where it names none. */
function yearsCompared(question: Question): readonly [number, number] | null {
  const years = yearsAsked(question);
  const [only] = years;
  if (only === undefined) return null;
  return years.length > 1 ? [Math.min(...years), Math.max(...years)] : [only - 1, only];
}

/** The likeliest two figures of one thing in two years; null where one of them is missing. */
function pairOf(tellings: readonly Telling[], [from, to]: readonly [number, number]): [Telling, Telling] | null {
  let [best, most]: [[Telling, Telling] | null, number] = [null, -Infinity];
  for (const later of tellings.filter(({ year }) => year === to))
    for (const earlier of tellings.filter(({ year }) => year === from)) {
      const score = later.one.score + earlier.one.score;
      if (score > most && ofOneThing(earlier, later)) [best, most] = [[earlier, later], score];
    }
  return best;
}

/** What is asked of each of the years: the question without them, for a figure of a kind. */
function levelOf(question: Question, kind: AnswerKind): Question {
  return {
    ...question,
    kind,
    terms: question.terms.filter(({ term }) => !isYear(term)),
    subject: question.subject.filter(({ term }) => !isYear(term)),
    focus: question.focus.filter((term) => !isYear(term)),
    periods: [],
  };
}

/** True for a sentence, or a row with what stands over it, that holds a word of what is asked. */
function speaksOf({ text, row, source }: Evidence, { subject }: Question): boolean {
  const held = termSet(
    row === null ? text : `${text} ${wordsOver(row)} ${row.table.caption ?? ''}`,
    source.segment.language,
  );
  return subject.some(({ term, equivalents = [] }) => [term, ...equivalents.map((one) => one.term)].some((one) => held.has(one))); // prettier-ignore
}

/**
 * How a figure moved between two years that different sentences tell, or rows of different documents ("The club had 447 members", and 412 in the report of the year
 * before); null when the question asks for no move of a year, or one of the figures is not found.
 */
export function changeBetween({ question, hits, sources }: Sought): ReaderAnswer | null {
  const years = yearsCompared(question);
  if (years === null || !asksChange(question.text)) return null;
  for (const kind of new Set(LEVELS.includes(question.kind) ? [question.kind, ...LEVELS] : LEVELS)) {
    const level = levelOf(question, kind);
    const evidence = gatherEvidence(sources, hits, level);
    const tellings = evidence
      .slice(0, MOST_LOOKED_AT)
      .filter((one) => speaksOf(one, level))
      .flatMap((one) => (one.row === null ? tellingsOfSentence(one, level) : tellingsOfRow(one, level)));
    const pair = pairOf(tellings, years);
    if (pair === null || !answers(pair[1].one, evidence, level, sources)) continue;
    const [from, to] = [pair[0].operand, pair[1].operand];
    const { language } = pair[1].one.source.segment;
    const told = countsAsked(question, to) ? changeTold(question, { from, to }, [`${years[0]}`, `${years[1]}`], language) : null; // prettier-ignore
    if (told !== null) return told;
  }
  return null;
}

/** How a figure moved from what one document says to what a later one, or one that amends it, makes of it; null where no move is asked for, or no figures are told. */
export function changeOfSides(sides: readonly Side[], question: Question): ReaderAnswer | null {
  const [now, before] = [sides[0], sides.at(-1)];
  if (now === undefined || before === undefined || now === before || !asksSizeOfMove(question.text)) return null;
  const [from, to] = [before, now].map(({ said, source, claim }): Operand | null => {
    const quantity = quantityAt(said, 0, said.length, source.segment.language);
    const [citation] = claim.citations;
    return quantity === null || citation === undefined ? null : { ...quantity, citation };
  });
  if (from == null || to == null) return null;
  return changeTold(
    question,
    { from, to },
    [bareName(before.source), bareName(now.source)],
    now.source.segment.language,
  );
}
