import { sectionOf, type UnitText } from '../search';
import type { AskedSource } from './types';

/** Numbers and letters of a clause from the widest to the narrowest: "clause 14.2(a)" is 14, 2, a. */
export type Address = readonly string[];

/** Parts of a clause, as they are named behind it or by themselves. */
const PART = String.raw`(?:sub-?)?(?:paragraph|section|clause)|point|item|letter|number`;
/** Clauses named by themselves, with the part of them that is named along. */
const NAMED: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?<!sub-?)(?:clause|section|article|condition|rule|regulation|term)s?\s+(?<whole>[A-Z]?\d{1,3}(?!\d)(?:\.\d{1,3})*|[IVXLC]{1,6}(?!\p{L}))(?<inner>(?:\s?\([a-z\d]{1,4}\))*)(?:,?\s+(?:${PART})\s+(?<part>\d{1,3}(?!\d|\.\d)|\(\w{1,3}\)))?`,
    'giu',
  ),
  /(?:§|(?<!\p{L})(?:Artikel|Art\.|Ziffer|Ziff\.|Klausel|Punkt))\s?(?<whole>\d{1,3}(?:\.\d{1,3})*)(?:\s(?:Absatz|Abs\.)\s?(?<inner>\d{1,3}))?(?:\s(?:Satz|Nummer|Nr\.|Buchstabe)\s?\w{1,3})?/giu,
  /第\s?(?<whole>[\d一二三四五六七八九十]{1,4})\s?条(?:第\s?(?<inner>[\d一二三四五六七八九十]{1,3})\s?項)?/g,
];
/** A part of a clause that is named before it: "paragraph (b) of clause 7". */
const PART_OF = new RegExp(
  String.raw`\b(?:${PART})\s+(?<part>\d{1,3}|\(\w{1,3}\))\s+of\s+(?:clause|section|article|rule|regulation)\s+(?<whole>[A-Z]?\d{1,3}(?:\.\d{1,3})*)`,
  'giu',
);
/** A part of a clause named by itself: of the clause that was named before, or else one of its own. */
const PART_ALONE = new RegExp(
  String.raw`\b(?:${PART})s?\s+(?<part>[A-Z]?\d{1,3}(?:\.\d{1,3})*(?:\s?\(\w{1,3}\))*|\(\w{1,3}\))|(?<!\p{L})(?:Absatz|Abs\.|Nummer|Nr\.|Buchstabe)\s?(?<absatz>\d{1,3}|[a-z])(?![\p{L}\d])|第\s?(?<kou>[\d一二三四五六七八九十]{1,3})\s?項`,
  'giu',
);
const LABEL =
  /^\s*(?:(?:§|clause|section|article|art\.|condition|artikel|paragraph|ziffer|rule|term|第)\s?)?(?<number>[A-Z]?\d{1,3}(?:\.\d{1,3})*(?![a-z\d])(?:\.\s+\((?:[a-z]|\d{1,2})\)(?=\s))?|\((?:[a-z]|\d{1,2})\)|[a-z]\)|[一二三四五六七八九十]{1,3}(?=\s?[条項号]))/iu;

/** A number as it is written in figures: 十二 is 12. */
function inFigures(number: string): string {
  const digit = (one: string | undefined): number => '〇一二三四五六七八九'.indexOf(one ?? '');
  const [tens, ones] = number.includes('十') ? number.split('十') : [null, number];
  if (!/^[〇一二三四五六七八九十]+$/.test(number)) return number;
  return String((tens === null ? 0 : tens === '' ? 10 : 10 * digit(tens)) + (ones === '' ? 0 : digit(ones)));
}

function partsOf(...said: readonly (string | undefined)[]): string[] {
  return said
    .flatMap((one) => one?.split(/[.()\s]+/) ?? [])
    .filter(Boolean)
    .map((one) => inFigures(one.toLowerCase()));
}

/** A clause named by its number alone, behind the number that a sentence may open with: "In 4.2 the word", "The figure in 2.1 is lowered". */
const BARE =
  /(?<=\S\s\(?)\d{1,2}(?:\.[1-9]\d?){1,3}(?=[,;:.)]{0,2}(?:\s|$)(?!(?:per|percent|prozent|million|crowns|kronen|euros?|dollars|pounds|eur|€)(?!\p{L})))/giu;

/** How a sentence may name a clause beside its full name. */
export interface Naming {
  /** A number with points in it names one. */
  readonly bare?: boolean;
  /** The clause whose parts are named alone. */
  readonly under?: Address | null;
}

/** A clause as it is named in words, with where, in characters. */
interface NamedPlace {
  readonly start: number;
  readonly end: number;
  readonly address: Address;
}

function matched(
  text: string,
  pattern: RegExp,
  addressOfMatch: (groups: Record<string, string | undefined>, said: string) => Address,
): NamedPlace[] {
  return [...text.matchAll(pattern)].map((match) => ({
    start: match.index,
    end: match.index + match[0].length,
    address: addressOfMatch(match.groups ?? {}, match[0]),
  }));
}

/** The clauses that words name by themselves, "clause 14.2(a)", in their order. */
function fullyNamed(text: string): NamedPlace[] {
  const reversed = matched(text, PART_OF, ({ whole, part }) => partsOf(whole, part));
  const named = NAMED.flatMap((one) => matched(text, one, ({ whole, inner, part }) => partsOf(whole, inner, part)));
  const apart = named.filter(({ start }) => !reversed.some((one) => one.start <= start && start < one.end));
  return [...reversed, ...apart].sort((a, b) => a.start - b.start);
}

function allNamed(text: string, { bare = false, under = null }: Naming): NamedPlace[] {
  const full = fullyNamed(text);
  const parts = matched(text, PART_ALONE, ({ part, absatz, kou }, said) =>
    // "Paragraph 3.2" is no part of the clause before.
    [...(/\d\.\d/.test(said) ? [] : (under ?? [])), ...partsOf(part ?? absatz ?? kou)],
  );
  const numbers = bare ? matched(text, BARE, (_, said) => partsOf(said)) : [];
  const alone = [...parts, ...numbers].filter(
    ({ start }) => !full.some((one) => one.start <= start && start < one.end),
  );
  return [...full, ...alone];
}

/** The clauses that words name, each with the clauses it lies in. */
export function placesNamed(text: string, naming: Naming = {}): Address[] {
  return allNamed(text, naming).map(({ address }) => address);
}

/** The last clause that words name by itself; null where they name none. */
export function lastNamed(text: string): Address | null {
  return fullyNamed(text).at(-1)?.address ?? null;
}

/** Where words first name a clause, in characters; -1 where they name none. */
export function firstPlace(text: string, naming: Naming = {}): number {
  const starts = allNamed(text, naming).map(({ start }) => start);
  return starts.length === 0 ? -1 : Math.min(...starts);
}

/** A text with the clauses that it names blotted out, as long as before; of numbers alone only those that name `at` or a clause it lies in. */
export function withoutPlaces(text: string, at: Address): string {
  const blot = (place: string): string => 'X'.repeat(place.length);
  const plain = [PART_OF, ...NAMED, PART_ALONE].reduce((reads, one) => reads.replace(one, blot), text);
  return plain.replace(BARE, (number) => (liesIn(at, partsOf(number)) ? blot(number) : number));
}

/** Parts of a document whose articles are numbered through: they say nothing of where an article stands. */
const CHAPTER = /^\s*(?:第\s?\S{1,4}\s?[章編部節]|(?:chapter|part|title|kapitel|teil|abschnitt)\s)/i;

/** A clause numbered in Roman: "Article IV. Committee". */
const ROMAN_LABEL = /^\s*(?:article|section)\s+(?<number>[IVXLC]{1,6})(?!\p{L})/iu;

function labelOf(text: string): string[] {
  if (CHAPTER.test(text)) return [];
  return partsOf((ROMAN_LABEL.exec(text) ?? LABEL.exec(text))?.groups?.['number']);
}

/** A place within another: "14.2" under "14" says all of where it is, as it does behind "13.1"; "(a)" and "2." only the last of it. */
function within(address: Address, label: Address): Address {
  if (label.length > 1 && address.length >= label.length) return label;
  return label.length > address.length && address.every((number, at) => number === label[at])
    ? label
    : [...address, ...label];
}

/** Where a sentence stands: the numbers of its section's path, and the one it opens with. */
export function addressOf(source: AskedSource, { unit, text }: Pick<UnitText, 'unit' | 'text'>): Address {
  const labels = sectionOf(source, unit.section).split('›').map(labelOf);
  const own = labelOf(text);
  // A section may have the number of the sentence that opens it for a title.
  const all = own.join() === labels.at(-1)?.join() ? labels : [...labels, own];
  return all.reduce<Address>(within, []);
}

/** The number or letter that a text opens with; none where it opens with neither. */
export function labelled(text: string): boolean {
  return labelOf(text).length > 0;
}

/** The place that a label names, "§ 3", "2.1", "Clause 4"; empty for one that says more, or names none. */
export function addressOfLabel(label: string): Address {
  const plain = label.trim().replace(/[.)]$/, '');
  const isNumber = LABEL.exec(plain)?.[0] === plain;
  return isNumber ? labelOf(plain) : (fullyNamed(plain)[0]?.address ?? []);
}

/** True where one place lies in the other, or is it. */
export function liesIn(one: Address, two: Address): boolean {
  return two.length > 0 && two.every((number, at) => number === one[at]);
}
