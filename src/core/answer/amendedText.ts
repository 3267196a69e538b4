import { datesOf, type Language } from '../text';
import { termSet } from '../search';
import type { Amending } from './changingSentences';
import { liesIn, withoutPlaces, type Address } from './clauseAddress';
import { measuredNumbers, UNITS_OF_TIME } from './measuredNumbers';

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Words as they may be printed: over a line's end, with other marks between them. */
function printed(words: string, language: Language): RegExp {
  const plain = words.replace(/[^\p{L}\p{N}%]+$/u, '');
  const parts = language === 'ja' ? [...plain.replace(/\s/g, '')] : plain.split(/[^\p{L}\p{N}%]+/u);
  if (language === 'ja') return new RegExp(parts.map(escaped).join(String.raw`\s*`), 'iu');
  const joined = parts.map(escaped).join(String.raw`[^\p{L}\p{N}%]+`);
  return new RegExp(String.raw`(?<![\p{L}\p{N}])${joined}(?![\p{L}\p{N}])`, 'iu');
}

/** A clause's sentence with the words changed; null where none of the words that go stand in it. */
function withWords(text: string, { pairs }: Amending, language: Language): string | null {
  let [now, changed] = [text, false];
  for (const { old, now: put, either } of pairs) {
    const [first, second] = [printed(old, language), printed(put, language)];
    const turned = either === true && !first.test(now) && second.test(now);
    const gone = turned ? second : first;
    if (!gone.test(now)) continue;
    now = now.replace(gone, () => (turned ? old : put));
    changed = true;
  }
  return changed ? now : null;
}

interface Value {
  readonly start: number;
  readonly end: number;
  readonly unit: string | null;
}

/** How far something moves is not what it comes to: "by eleven weeks", "um zwei auf acht". */
const BY_SO_MUCH =
  /(?:\bby|\bum|(?<!\p{L})ab|\b(?:further|additional|another)|(?<!\p{L})(?:weitere[nr]?|zusätzliche?[nr]?))\s+$/iu;

/** A number that is the day of a date without a year: "am 31. März". */
const DAY = /^\.?\s(?:jan|feb|mar|mär|apr|ma[iy]|jun|jul|aug|sep|o[ck]t|nov|de[cz])/i;

/** What stands behind a number that counts values: "the two sums". */
const OF_VALUES =
  /^\s(?:sums|figures|amounts|rates|values|numbers|prices|fees|words|Beträge|Sätze|Werte|Zahlen|Preise)(?!\p{L})/u;

/** Numbers and dates that a text tells, in their order. */
function valuesIn(text: string, language: Language): Value[] {
  const told = measuredNumbers(text, language).filter(({ end }) => !DAY.test(text.slice(end)) && !OF_VALUES.test(text.slice(end))); // prettier-ignore
  const numbers = told.map(({ start, end, unit }) => ({ start, end, unit }));
  const dates = datesOf(text).map(({ start, end }) => ({ start, end, unit: 'date' }));
  return [...numbers, ...dates]
    .filter(({ start }) => !BY_SO_MUCH.test(text.slice(0, start)))
    .sort((a, b) => a.start - b.start);
}

/** The parts of a sentence between its commas and its "and", with where each begins, in characters. */
export function sentenceParts(text: string): { readonly start: number; readonly words: string }[] {
  const parts = text.matchAll(/(?:(?!,\s|;\s|、|(?<!\p{L})(?:and|or|und|oder)(?!\p{L})).)+/gsu);
  return [...parts].map((part) => ({ start: part.index, words: part[0] }));
}

/** Which of several values of a clause a change is about: the one among whose words, up to the next comma or "and", most of the change's own stand. */
function meant(values: readonly Value[], text: string, change: string, language: Language): Value | undefined {
  const words = termSet(change, language);
  const parts = sentenceParts(text);
  const shared = values.map((value) => {
    const part = parts.find(({ start, words: own }) => start <= value.start && value.start < start + own.length)?.words ?? ''; // prettier-ignore
    return [...termSet(part, language)].filter((term) => words.has(term)).length;
  });
  const most = Math.max(...shared);
  const best = values.filter((_, at) => shared[at] === most);
  return best.length === 1 ? best[0] : undefined;
}

/** A value with the unit as the clause spells it: "vierzehn Tagen" for "vierzehn Tage" behind "binnen". */
function inItsUnit(was: string, now: string): string {
  const [unit, number] = [/\s\p{L}+$/u.exec(was)?.[0], now.replace(/\s\p{L}+$/u, '')];
  return unit === undefined || number === now ? now : number + unit;
}

/** True for two texts that share a word. */
function shareWord(one: string, two: string, language: Language): boolean {
  const words = termSet(two, language);
  // Of Japanese, only pairs that begin with kanji or katakana are words of substance.
  const ofSubstance = language === 'ja' ? /^[\p{Script=Han}\p{Script=Katakana}]{2}/u : /^\p{L}{2}/u;
  return [...termSet(one, language)].some((term) => ofSubstance.test(term) && words.has(term));
}

/** True for two values of which one, as it is printed, holds the other: "9 crowns" and "9". */
function saysSame(one: string, two: string, language: Language): boolean {
  return printed(one, language).test(two) || printed(two, language).test(one);
}

/** Parts of a sentence that each may tell a change of its own. */
const CHANGES_APART = /;\s|、|,\s(?:and|und)\s/;

/** True for two values, as they are printed, whose numbers are the same: "150 crowns" and "150". */
function sameNumber(one: string, two: string): boolean {
  const number = (text: string): string => /[\d][\d.,]*/.exec(text)?.[0] ?? text;
  return number(one) === number(two);
}

/** A clause's sentence with its values of one unit changed for as many that `come` in their order: "the fines are doubled, to 12,000 and 3,000"; null where they are not as many. */
function withEach(
  text: string,
  there: readonly Value[],
  change: string,
  come: readonly Value[],
  named: readonly string[] = [],
): string | null {
  // "335 and 490 crowns": the last one's unit is that of all.
  const unit = come.at(-1)?.unit ?? null;
  const old =
    named.length === come.length
      ? there.filter((one) => named.some((said) => sameNumber(text.slice(one.start, one.end), said)))
      : there.filter((one) => one.unit === unit);
  const alike = come.every((one) => one.unit === unit || one.unit === null);
  if (old.length !== come.length || !alike || (unit === null && named.length !== come.length)) return null;
  return old.reduceRight((reads, { start, end }, at) => {
    const [was, now] = [text.slice(start, end), change.slice(come[at]?.start, come[at]?.end)];
    // A bare figure is in the unit of the one it takes the place of: “150 are raised to 250”, of crowns.
    const bare = come[at]?.unit === null ? (/\s\p{L}+$/u.exec(was)?.[0] ?? '') : '';
    return reads.slice(0, start) + inItsUnit(was, now) + bare + reads.slice(end);
  }, text);
}

/** What makes a day that on which something begins, or ends: what stands before it, and behind. */
const START = [/(?<!\p{L})(?:from|since|as of|beginning(?: on)?|starting(?: on)?|commenc\w+(?: on)?|ab|seit|vom)(?: dem| the)?\s$/iu, /^\s?(?:から|より)/] as const; // prettier-ignore
const END = [/(?<!\p{L})(?:to|until|till|through|up to(?: and including)?|bis(?: zum)?|auf)(?: the| den)?\s$/iu, /^\s?まで/] as const; // prettier-ignore

/** True for a day that is where something begins, or ends: no day on which it ends takes the place of one on which it begins. */
function isBound(text: string, { start, end, unit }: Value, [before, behind]: readonly [RegExp, RegExp]): boolean {
  return unit === 'date' && (before.test(text.slice(0, start)) || behind.test(text.slice(end)));
}

/** A clause's sentence with a value in it changed, by words that tell one new value; null where they do not say which. `put` are values put in before. */
function withOneValue(text: string, change: string, language: Language, put: readonly string[] = []): string | null {
  const [there, told] = [valuesIn(text, language), valuesIn(change, language)];
  const wordsOf = ({ start, end }: Value, of: string): string => of.slice(start, end);
  const holds = (one: Value): boolean => printed(wordsOf(one, change), language).test(text);
  const [comes, ...more] = told.filter((one) => !holds(one));
  if (comes === undefined) return null;
  if (more.length > 0) {
    const unit = more.at(-1)?.unit ?? null;
    const held = told.filter((one) => holds(one) && (one.unit === null || one.unit === unit)).map((one) => wordsOf(one, change)); // prettier-ignore
    return withEach(text, there, change, [comes, ...more], held);
  }
  // A bare number may count anything: it must be told of what the clause tells of.
  if (comes.unit === null && !shareWord(text, change, language)) return null;
  const ofTime = (unit: string | null): boolean => unit !== null && UNITS_OF_TIME.test(unit);
  const like = ({ unit }: Value): boolean =>
    unit === comes.unit || unit === null || comes.unit === null || (ofTime(unit) && ofTime(comes.unit));
  const named = told.filter((one) => holds(one) && like(one)).map((one) => wordsOf(one, change));
  const ends = isBound(change, comes, END);
  const old = there.filter((one) => !put.includes(wordsOf(one, text)) && !(ends && isBound(text, one, START)));
  const goes = old.filter((one) =>
    named.length > 0 ? named.some((said) => saysSame(said, wordsOf(one, text), language)) : one.unit === comes.unit,
  );
  const only = goes.length > 1 ? meant(goes, text, change, language) : goes[0];
  if (only === undefined) return null;
  const now =
    only.unit === comes.unit ? inItsUnit(wordsOf(only, text), wordsOf(comes, change)) : wordsOf(comes, change);
  return text.slice(0, only.start) + now + text.slice(only.end);
}

/** A clause's sentence with the values in it changed that a change tells without quoting, one or one in each of its parts; null where it does not say which. */
function withValues(text: string, change: string, language: Language): string | null {
  const whole = withOneValue(text, change, language);
  if (whole !== null) return whole;
  const told = valuesIn(change, language).map(({ start, end }) => change.slice(start, end));
  const put = told.filter((one) => !printed(one, language).test(text));
  const parts = change.split(CHANGES_APART);
  const now = parts.reduce((reads, part) => withOneValue(reads, part, language, put) ?? reads, text);
  return now === text ? null : now;
}

/** True for a change that tells a value of another thing than a sentence of its clause, which has values of its own and no word in common with it. */
function tellsOther(text: string, change: string, language: Language): boolean {
  const tells = valuesIn(change, language).length > 0 && valuesIn(text, language).length > 0;
  return tells && !shareWord(text, change, language);
}

/** True for a text that defines a term: "“Rent” means 48,000 crowns a year." */
function defines(text: string, term: string): boolean {
  return new RegExp(String.raw`^[^\p{L}]*[“"‘„]?${escaped(term)}[”"’“]?\s+(?:shall mean|means?|has the meaning|bedeutet|ist)(?!\p{L})`, 'iu').test(text); // prettier-ignore
}

/**
 * What a sentence of a clause reads after a change: the words or the value put in, the whole clause as it now reads, or the changing sentence itself where the clause
 * goes or is told anew. `nth` is which sentence of its clause it is, from 1, where that is known. Null where the change is of another clause or sentence, or of words
 * that do not stand there.
 */
export function amendedText(
  at: Address,
  text: string,
  change: Amending,
  language: Language,
  nth: number | null = null,
): string | null {
  if (change.term !== null)
    return defines(text, change.term) ? (change.whole ?? withValues(text, change.text, language) ?? change.text) : null;
  const places = change.places.filter((place) => liesIn(at, place) || (change.pairs.length > 0 && liesIn(place, at))); // prettier-ignore
  if (places.length === 0 || (change.sentence !== null && nth !== null && change.sentence !== nth)) return null;
  if (change.pairs.length > 0) {
    const [{ old, now, either } = { old: '', now: '' }] = change.pairs;
    const told = withWords(text, change, language);
    // Words that are all of the sentence leave nothing to tell but that they go.
    if (told !== null && !/\p{L}{2}/u.test(told)) return change.text;
    // A table sets values against each other rather than words of the clause.
    return told ?? (either === true ? withValues(text, `${old}; ${now}`, language) : null);
  }
  if (change.whole !== null) return change.whole;
  const plain = withoutPlaces(change.text, at);
  return withValues(text, plain, language) ?? (tellsOther(text, plain, language) ? null : change.text);
}
