import { agree, quantityAt, spanAsked } from '../figure';
import { bareName, sectionOf, termSet } from '../search';
import { oneLine, type Language, type Range } from '../text';
import { changeTold, countsAsked, periodColumns } from './change';
import { answers } from './decline';
import { gatherEvidence, type Evidence } from './evidence';
import { closestMention } from './headline';
import { freshMentions } from './kinds';
import { asksChange, asksSizeOfMove, movedFrom } from './moves';
import type { Question } from './question';
import { operandAt, quoteOf } from './quoted';
import { columnAsked, wordsOver } from './rowEvidence';
import type { Sought } from './seek';
import { dateOf, type Side } from './sides';
import type { AnswerKind, AskedSource, Operand, ReaderAnswer } from './types';
import { yearsAsked } from './years';

/** A figure of one year, and the sentence or row that tells it. */
interface Telling {
  readonly one: Evidence;
  /** The head of the column, of a row whose columns are no periods. */
  readonly head?: string;
  readonly operand: Operand;
  readonly year: number;
}

/** What the figures that moved may be, where the question does not say: "How did bar income change?" */
const LEVELS: readonly AnswerKind[] = ['amount', 'number', 'duration'];
/** Asks for the move of a share rather than in per cent. */
const OF_SHARES =
  /\bpoints?\b|\b(?:interest )?rate\b|\bpunctuality\b|\bmargin\b|prozentpunkt|zinssatz|quote(?!\p{L})|ポイント|率/iu;
/** Evidence that is looked through for figures, at most. */
const MOST_LOOKED_AT = 30;
/** Share of the shorter one's words that two sentences must have in common to tell the same of two years. */
const ALIKE = 0.5;
/** Words between a figure and the year that it is of. */
const YEAR_BEHIND = /^(?:\s+\p{L}+){0,3}\s+(?:in|for|at|of|im Jahr|Ende|in the year|by)?\s*((?:19|20)\d{2})\b/u;
/** The same by its distance: "compared with 1.62 million crowns in the same period of the year before". */
const YEAR_EARLIER =
  /^[^.;]{0,40}?(?:\b(?:(?:a|the|one) year (?:before|earlier)|(?:the )?(?:previous|prior|preceding|last) year|im vorjahr|im jahr (?:davor|zuvor)|vorjahr)(?!\p{L}))/iu;
/** What stands before a figure that is of the year before: "(in the previous year 13.0 million)", 「前年度は2億円」. */
const EARLIER_BEFORE =
  /(?:\b(?:a year (?:before|earlier)|(?:previous|prior|last) year|vorjahr|im jahr (?:davor|zuvor))|前年度?|前期)[^.;\d]{0,12}$/iu;
const COMPARED_WITH =
  /(?:\b(?:than|against|compared|from|since|as|als|gegenüber|seit)\b|比べ|より)[^.;]{0,24}(?:19|20)\d{2}/i;
const YEAR_SAID = /\b(?:19|20)\d{2}\b/g;

const isYear = (term: string): boolean => /^#?(?:19|20)\d{2}$/.test(term);

function yearOf(source: AskedSource): number | null {
  const year = Number(dateOf(source)?.slice(0, 4));
  return Number.isInteger(year) && year > 0 ? year : null;
}

/** The figure that is asked of a row whose table tells of one year, that of its document. */
function tellingOfRow(one: Evidence, question: Question): Telling[] {
  const { row, source } = one;
  const column = row === null ? null : columnAsked(row, question, source.segment.language);
  const operand = row === null || column === null ? null : operandAt(source, row, column);
  const year = yearOf(source);
  if (row === null || column === null || operand === null || year === null) return [];
  return [{ one, operand, year, head: (row.table.columns[column]?.path ?? []).join(' ') }];
}

/** The figures of a row by year, of the length of period that is asked. */
function tellingsOfRow(one: Evidence, question: Question): Telling[] {
  const asked = spanAsked(question.text);
  if (one.row !== null && periodColumns(one, one.source.segment.language).length === 0)
    return tellingOfRow(one, question);
  return periodColumns(one, one.source.segment.language).flatMap(({ at, year, span }) => {
    const operand = one.row === null || year === null || span !== asked ? null : operandAt(one.source, one.row, at);
    return operand === null || year === null ? [] : [{ one, operand, year }];
  });
}

/** The year that a figure of a sentence is of: the one behind it, or else before it; null where the sentence names none. */
function yearSaid(text: string, { start, end }: Range): number | null {
  const behind = YEAR_BEHIND.exec(text.slice(end))?.[1];
  const before = text.slice(0, start).match(YEAR_SAID)?.at(-1);
  // "6 per cent more than in 2022" is of another year than what the sentence tells.
  const elsewhere = COMPARED_WITH.test(text.slice(end)) ? undefined : text.match(YEAR_SAID)?.[0];
  const year = Number(behind ?? before ?? elsewhere ?? NaN);
  return Number.isNaN(year) ? null : year;
}

/** The year of a figure in a document of another: what is told of the year before, or what something rose or fell from. */
function yearBefore(text: string, range: Range, own: number | null): number | null {
  const earlier =
    YEAR_EARLIER.test(text.slice(range.end)) ||
    EARLIER_BEFORE.test(text.slice(0, range.start)) ||
    movedFrom(text, range);
  return own === null || !earlier ? null : own - 1;
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
    const ofSource = yearOf(source);
    const own = yearBefore(text, mention.range, ofSource) ?? yearSaid(text, mention.range);
    const year = own ?? (mention === asked ? ofSource : null);
    const like = mention === asked || (own !== null && mention.quantity.unit === asked.quantity.unit);
    return year === null || !like ? [] : [{ one, operand: { ...mention.quantity, citation }, year }];
  });
}

function wordsIn(text: string, language: Language): Set<string> {
  return new Set([...termSet(text, language)].filter((term) => !/\d/.test(term)));
}

/** The words around a figure: a figure in words is none of them. */
function wordsAround({ one, operand }: Telling): Set<string> {
  return wordsIn(oneLine(one.text).replace(operand.text, ' '), one.source.segment.language);
}

/** Share of the shorter one's words that two sentences have in common. */
function shareCommon(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  const both = [...a].filter((word) => b.has(word)).length;
  return both / Math.max(1, Math.min(a.size, b.size));
}

/** True for two figures of one thing: of rows that go by one name, or of sentences that share most words. */
function ofOneThing(first: Telling, second: Telling): boolean {
  const [{ one: a, operand: x }, { one: b, operand: y }] = [first, second];
  if (x.unit !== y.unit || (a.row === null) !== (b.row === null)) return false;
  if (first.head !== second.head) return false;
  if (a === b) return true;
  if (a.row !== null && b.row !== null) return a.row.row.path.join() === b.row.row.path.join();
  return shareCommon(wordsAround(first), wordsAround(second)) >= ALIKE;
}

/** The years that a question compares, the earlier first: those it names, or its year and the one before; null where it names none. */
function yearsCompared(question: Question): readonly [number, number] | null {
  const years = yearsAsked(question);
  const [only] = years;
  if (only === undefined) return null;
  return years.length > 1 ? [Math.min(...years), Math.max(...years)] : [only - 1, only];
}

/** The likeliest figure of the later year that has one of the same thing in the earlier; null where there is none. */
function pairOf(tellings: readonly Telling[], [from, to]: readonly [number, number]): [Telling, Telling] | null {
  const byScore = (one: Telling, two: Telling): number => two.one.score - one.one.score;
  const earlier = tellings.filter(({ year }) => year === from).sort(byScore);
  for (const later of tellings.filter(({ year }) => year === to).sort(byScore)) {
    // What the later document itself says of the year before is what it compares with.
    const same = earlier.filter((one) => ofOneThing(one, later));
    const best = same.find(({ one }) => one === later.one) ?? same[0];
    if (best !== undefined) return [best, later];
  }
  return null;
}

/** What the figures that moved may be, the likeliest first. */
function levelKinds({ kind, text }: Question): ReadonlySet<AnswerKind> {
  const own = LEVELS.includes(kind) ? [kind, ...LEVELS] : LEVELS;
  return new Set(OF_SHARES.test(text) ? (['percentage', ...own] as const) : own);
}

/** The questions for the figures that moved, by what these may be. */
export function levelsOf(question: Question): Question[] {
  return [...levelKinds(question)].map((kind) => levelOf(question, kind));
}

/** What is asked of each of the years: the question without them, for a figure of a kind. */
function levelOf(question: Question, kind: AnswerKind): Question {
  return {
    ...question,
    kind,
    text: question.text.replace(/\bby how (?=much|many)/i, 'how ').replace(/\bum wie (?=viel)/i, 'wie '),
    terms: question.terms.filter(({ term }) => !isYear(term)),
    subject: question.subject.filter(({ term }) => !isYear(term)),
    focus: question.focus.filter((term) => !isYear(term)),
    periods: [],
  };
}

/** True for a sentence, or a row with what stands over it, that holds a word of what is asked. */
function speaksOf({ text, row, source, unit }: Evidence, { subject }: Question): boolean {
  const over = row === null ? sectionOf(source, unit.section) : `${wordsOver(row)} ${row.table.caption ?? ''}`;
  const held = termSet(`${text} ${over}`, source.segment.language);
  return subject.some(({ term, equivalents = [] }) => [term, ...equivalents.map((one) => one.term)].some((one) => held.has(one))); // prettier-ignore
}

/**
 * How a figure moved between two years that different sentences tell, or rows of different documents ("The club had 447 members", and 412 in the report of the year
 * before); null when the question asks for no move of a year, or one of the figures is not found.
 */
export function changeBetween({ question, hits, sources }: Sought): ReaderAnswer | null {
  const years = yearsCompared(question);
  if (years === null || !asksChange(question.text)) return null;
  for (const level of levelsOf(question)) {
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
  const alike = shareCommon(...([now, before].map(({ claim, source }) => wordsIn(claim.text, source.segment.language)) as [Set<string>, Set<string>])); // prettier-ignore
  // Of a year that is named, sides of other years say nothing.
  if (!now.amends && (alike < ALIKE || yearsAsked(question).length > 0)) return null;
  const [from, to] = [before, now].map(({ said, source, claim }): Operand | null => {
    const quantity = quantityAt(said, 0, said.length, source.segment.language);
    const [citation] = claim.citations;
    return quantity === null || citation === undefined ? null : { ...quantity, citation };
  });
  // What both say alike did not move: they differ in something else.
  if (from == null || to == null || agree(from, to)) return null;
  return changeTold(
    question,
    { from, to },
    [bareName(before.source), bareName(now.source)],
    now.source.segment.language,
  );
}
