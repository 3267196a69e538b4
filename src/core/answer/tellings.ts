import { quantityAt, spanMeant, type Quantity } from '../figure';
import { termSet } from '../search';
import { erasIn, oneLine, type Range } from '../text';
import { periodColumns } from './change';
import type { Evidence } from './evidence';
import { closestMention } from './headline';
import { freshMentions } from './kinds';
import { measuredNumbers } from './measuredNumbers';
import { movedFrom } from './moves';
import type { Question } from './question';
import { operandAt, quoteOf } from './quoted';
import { columnAsked } from './rowEvidence';
import { dateOf } from './sides';
import type { AskedSource, Operand } from './types';
import { shareOfShorter, wordsIn } from './wordsInCommon';

/** A figure of one year, and the sentence or row that tells it. */
export interface Telling {
  readonly one: Evidence;
  /** The head of the column, of a row whose columns are no periods. */
  readonly head?: string;
  readonly operand: Operand;
  readonly year: number;
}

/** Share of the shorter one's words that two sentences must have in common to tell the same of two years. */
export const ALIKE = 0.5;
/** Words between a figure and the year that it is of. */
const YEAR_BEHIND = /^(?:\s+\p{L}+){0,3}\s+(?:in|for|at|of|im Jahr|Ende|in the year|by)?\s*((?:19|20)\d{2})\b/u;
/** The same by its distance: "compared with 1.62 million crowns in the same period of the year before". */
const YEAR_EARLIER =
  /^[^.;]{0,40}?(?:\b(?:(?:a|the|one) year (?:before|earlier)|(?:the )?(?:previous|prior|preceding|last) year|im vorjahr|im jahr (?:davor|zuvor)|vorjahr)(?!\p{L}))/iu;
/** What stands before a figure that is of the year before: "(in the previous year 13.0 million)", 「前年度は2億円」. */
const EARLIER_BEFORE =
  /(?:\b(?:a year (?:before|earlier)|(?:previous|prior|last) year|vorjahr|im jahr (?:davor|zuvor))|前年度?|前期)[^.;\d]{0,12}$|,\s(?:after|nach)\s$|(?:\d|[€£$]|crowns?|euros?|dollars?|pounds?|eur|million|thousand|per cent|%|kronen|millionen|prozent)\)?\s(?:after|nach)\s$|\s(?:against|versus|up from|down from|compared (?:with|to)|gegenüber)\s$/iu;
/** A year that something is set against. */
const COMPARED_WITH =
  /(?:\b(?:than|against|compared|from|since|as|als|gegenüber|seit)\b|比べ|より)[^.;]{0,24}(?:19|20)\d{2}/i;
/** Another year's figure in brackets: "(2023: 101)". */
const OTHER_YEAR = /[(（](?:19|20)\d{2}年?度?[:：][^)）]*[)）]/g;
/** Years that a sentence names, but for one up to which something is to hold, which dates no figure. */
const YEAR_SAID =
  /(?<!\b(?:until|till|through|bis)(?: the)?(?: (?:end|middle|beginning) of| Ende| Mitte)? )\b(?:19|20)\d{2}\b/gi;

/** A figure short enough to have left out "million" or "thousand". */
const LEFT_OUT = /^\d{1,3}(?:[.,]\d{1,2})?$/;

/** A year, or the term for one. */
export const isYear = (term: string): boolean => /^#?(?:19|20)\d{2}$/.test(term);

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
  const columns = periodColumns(one, one.source.segment.language);
  if (one.row !== null && columns.length === 0) return tellingOfRow(one, question);
  const asked = spanMeant(new Set(columns.map(({ span }) => span)), question.text);
  return columns.flatMap(({ at, year, span }) => {
    const operand = one.row === null || year === null || span !== asked ? null : operandAt(one.source, one.row, at);
    return operand === null || year === null ? [] : [{ one, operand, year }];
  });
}

/** The year that a figure of a sentence is of: the one behind it, or else before it; null where the sentence names none. */
function yearSaid(text: string, { start, end }: Range): number | null {
  const behind = YEAR_BEHIND.exec(text.slice(end))?.[1];
  const before = text.slice(0, start).match(YEAR_SAID)?.at(-1);
  // "6 per cent more than in 2022" is of another year than what the sentence tells.
  const elsewhere = COMPARED_WITH.test(text.slice(end))
    ? undefined
    : text.replace(OTHER_YEAR, '').match(YEAR_SAID)?.[0];
  const year = Number(behind ?? before ?? elsewhere ?? erasIn(text)[0]?.year ?? NaN);
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
    // Employees are people.
    const unit = quantity.unit === 'employee' ? 'person' : quantity.unit;
    return [{ range, quantity: { ...quantity, unit, text: oneLine(quantity.text) } }];
  });
  const asked = mentions.find(({ range }) => oneLine(text.slice(range.start, range.end)) === said) ?? mentions[0]; // prettier-ignore
  if (asked === undefined) return [];
  const citation = quoteOf(source, one);
  // "From 9.8 to 10.1 million crowns", "(2023: 11.9 million)": what a figure leaves out is that of the one asked for.
  const inItsUnit = (quantity: Quantity): Quantity => {
    if (quantity.unit !== null || asked.quantity.unit === null) return quantity;
    const { unit, scale } = asked.quantity;
    return { ...quantity, unit, scale: quantity.scale === 1 && LEFT_OUT.test(quantity.text) ? scale : quantity.scale };
  };
  return mentions.flatMap((mention) => {
    const ofSource = yearOf(source);
    const own = yearBefore(text, mention.range, ofSource) ?? yearSaid(text, mention.range);
    const year = own ?? (mention === asked ? ofSource : null);
    const quantity = own === null ? mention.quantity : inItsUnit(mention.quantity);
    const like = mention === asked || (own !== null && quantity.unit === asked.quantity.unit);
    return year === null || !like ? [] : [{ one, operand: { ...quantity, citation }, year }];
  });
}

/** The words around a figure: a figure in words is none of them, nor is its unit. */
function wordsAround({ one, operand }: Telling): Set<string> {
  const { language } = one.source.segment;
  const units = termSet(operand.unit ?? '', language);
  return new Set([...wordsIn(oneLine(one.text).replace(operand.text, ' '), language)].filter((word) => !units.has(word))); // prettier-ignore
}

/** Share of the shorter one's words that the sentences of two figures have in common, from 0 to 1; 1 within one sentence and for rows. */
export function shareAround(first: Telling, second: Telling): number {
  if (first.one === second.one || first.one.row !== null || second.one.row !== null) return 1;
  return shareOfShorter(wordsAround(first), wordsAround(second));
}

/** True for two figures of one thing: of rows that go by one name, or of sentences that share most words. */
export function ofOneThing(first: Telling, second: Telling): boolean {
  const [{ one: a, operand: x }, { one: b, operand: y }] = [first, second];
  if (x.unit !== y.unit || (a.row === null) !== (b.row === null)) return false;
  if (first.head !== second.head) return false;
  if (a === b) return true;
  if (a.row !== null && b.row !== null) return a.row.row.path.join() === b.row.row.path.join();
  return shareAround(first, second) >= ALIKE;
}

/** What a sentence says a figure moved from and to, whatever the years: "is shortened from 30 to 14 days"; null where it tells no such move. */
export function moveTold(one: Evidence, question: Question): readonly [from: Operand, to: Operand] | null {
  const { text, source, row } = one;
  if (row !== null) return null;
  const { language } = source.segment;
  const told = measuredNumbers(text, language);
  const before = told.find((each) => movedFrom(text, each));
  const said = closestMention(one, question);
  const after = told.find((each) => each !== before && said !== null && oneLine(text.slice(each.start, each.end)) === said); // prettier-ignore
  const [from, to] = [before, after].map((each) => (each === undefined ? null : quantityAt(text, each.start, each.end, language))); // prettier-ignore
  if (from == null || to == null || (from.unit !== null && from.unit !== to.unit)) return null;
  const citation = quoteOf(source, one);
  const scale = from.scale === 1 && LEFT_OUT.test(from.text) ? to.scale : from.scale;
  return [
    { ...from, unit: to.unit, scale: from.unit === null ? scale : from.scale, citation },
    { ...to, citation },
  ];
}

/** The figures of a sentence or row by year. */
export function tellingsOf(one: Evidence, question: Question): Telling[] {
  // The head of a table tells no figure of a year.
  if (one.row === null) return one.unit.kind === 'row' ? [] : tellingsOfSentence(one, question);
  return tellingsOfRow(one, question);
}
