import { sectionOf, type UnitText } from '../search';
import type { AskedSource } from './types';

/** Numbers and letters of a clause from the widest to the narrowest: "clause 14.2(a)" is 14, 2, a. */
export type Address = readonly string[];

const NAMED: readonly RegExp[] = [
  /\b(?:clause|section|article|paragraph|rule|regulation|item)s?\s+([A-Z]?\d{1,3}(?:\.\d{1,3})*)((?:\s?\([a-z\d]{1,4}\))*)/gi,
  /(?:§|\b(?:Artikel|Art\.|Ziffer|Ziff\.|Nummer|Nr\.|Klausel|Punkt))\s?(\d{1,3}(?:\.\d{1,3})*)(?:\s(?:Absatz|Abs\.)\s?(\d{1,3}))?(?:\s(?:Satz|Nummer|Nr\.|Buchstabe)\s?\w{1,3})?/gi,
  /第\s?([\d一二三四五六七八九十]{1,4})\s?条(?:第\s?([\d一二三四五六七八九十]{1,3})\s?項)?/g,
];
const LABEL =
  /^\s*(?:(?:§|clause|section|article|artikel|paragraph|ziffer|rule|第)\s?)?(?<number>[A-Z]?\d{1,3}(?:\.\d{1,3})*(?![a-z\d])|\((?:[a-z]|\d{1,2})\)|[a-z]\)|[一二三四五六七八九十]{1,3}(?=\s?[条項号]))/iu;

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

/** The clauses that words name, each with the clauses it lies in. */
export function placesNamed(text: string): Address[] {
  return NAMED.flatMap((one) => [...text.matchAll(one)].map((match) => partsOf(match[1], match[2])));
}

/** Where words first name a clause, in characters; -1 where they name none. */
export function firstPlace(text: string): number {
  const at = NAMED.map((one) => text.search(one)).filter((one) => one >= 0);
  return at.length === 0 ? -1 : Math.min(...at);
}

/** A text with the clauses that it names blotted out, as long as before. */
export function withoutPlaces(text: string): string {
  return NAMED.reduce((plain, one) => plain.replace(one, (place) => 'X'.repeat(place.length)), text);
}

/** Parts of a document whose articles are numbered through: they say nothing of where an article stands. */
const CHAPTER = /^\s*(?:第\s?\S{1,4}\s?[章編部節]|(?:chapter|part|title|kapitel|teil|abschnitt)\s)/i;

function labelOf(text: string): string[] {
  if (CHAPTER.test(text)) return [];
  return partsOf(LABEL.exec(text)?.groups?.['number']);
}

/** A place within another: "14.2" under "14" says all of where it is, "(a)" and "2." only the last of it. */
function within(address: Address, label: Address): Address {
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

/** True where one place lies in the other, or is it. */
export function liesIn(one: Address, two: Address): boolean {
  return two.length > 0 && two.every((number, at) => number === one[at]);
}
