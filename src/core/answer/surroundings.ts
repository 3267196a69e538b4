import { announcesBefore, JAPANESE_ITEM, RUN_IN, sectionOf, unitsOfPassage, type UnitText } from '../search';
import type { Span } from '../source';
import type { AskedSource } from './types';

const ITEM = new RegExp(String.raw`^\s*(?:\(?[a-z\d]{1,3}[.)]\s|[•◦▪–—*-]\s|${JAPANESE_ITEM})`, 'i');

/** True for a text that begins as an item of a list does. */
export function isItem(text: string): boolean {
  return ITEM.test(text);
}

/** True where unit `index` announces a list; a heading announces none. */
function opensList(units: readonly UnitText[], index: number): boolean {
  const one = units[index];
  return one !== undefined && one.unit.kind !== 'heading' && announcesBefore(one.text, units[index + 1]?.text);
}

/** Index of the unit that announces the list which unit `index` stands in, or -1. */
export function leadOf(units: readonly UnitText[], index: number): number {
  if (!isItem(units[index]?.text ?? '')) return -1;
  for (let at = index - 1; at >= 0; at -= 1) if (opensList(units, at)) return at;
  return -1;
}

/** How an item is marked, letters and digits alike: "(b)" as "(a)"; the same within a list. */
function markOf(text: string): string {
  return (ITEM.exec(text)?.[0] ?? '')
    .trim()
    .replace(/\p{L}+/gu, 'a')
    .replace(/\d+/g, '1');
}

/** Indices of the items of a list that unit `index` announces, as far as they stand with it; none where it announces nothing. */
export function announcedBy(units: readonly UnitText[], index: number): number[] {
  if (!opensList(units, index)) return [];
  const items: number[] = [];
  for (let at = index + 1; at < units.length; at += 1) {
    const { text } = units[at] as UnitText;
    const mark = markOf(text);
    if (mark === '' || mark !== markOf(units[index + 1]?.text ?? '')) break;
    items.push(at);
  }
  return items;
}

/** How a sentence begins that goes on about what the one before named. */
const GOES_ON =
  /^\s*(?:\(?[a-z\d]{1,3}[.)]\s+)?(?:it|they|he|she|this|these|those|such|er|sie|es|dies\w*|diese[rmns]?|jene[rmns]?|これ\S*|それ\S*)(?=\s|$|[ぁ-ん])/iu;

/** Index of the sentence that unit `index` begins by taking up, "It must", "They are", or -1. */
export function takenUp(units: readonly UnitText[], index: number): number {
  const before = units[index - 1];
  return before !== undefined && before.unit.kind === units[index]?.unit.kind && GOES_ON.test(units[index]?.text ?? '')
    ? index - 1
    : -1;
}

/** How a sentence begins that says nothing without the one before it: "It costs 95 crowns", "This is used on most units". */
const STANDS_FOR =
  /^\s*(?:\(?[a-z\d]{1,3}[.)]\s+)?(?:it|they|he|she|(?:this|these|those|that)(?=\s(?:is|are|was|were|must|may|can|will|shall|do|does|did|has|have|had|applies|apply|includes?|should|could|would)\s)|er|(?:sie|dies)(?=\s(?:ist|war|gilt|wird|muss|darf|kann|hat|soll|beträgt|kostet|dauert|endet|beginnt|enthält|besteht|hält)\s)|これ[はらをに]|それ[はらをに])(?=\s|\p{Lo})/iu;
/** An "it" that stands for nothing: "It is forbidden to", "It follows that". */
const EXPLETIVE =
  /^\s*it (?:(?:is|was|shall be|will be|must be|may be) (?:\p{L}+ ){1,3}?(?:to|that|for|whether|if)|\p{L}+s that)\s/iu;

/** True for a sentence that says nothing without the one before it: narrower than what takes that up, since "This Agreement ends" and "Such notice is void" can be read by themselves. */
export function saysNothingAlone(text: string): boolean {
  return STANDS_FOR.test(text) && !EXPLETIVE.test(text);
}

/** Titles of a document's sections, in small letters; looked through once. */
const titles = new WeakMap<AskedSource['sections'], ReadonlySet<string>>();

/** True for an item that is but the title of a section, as a list of what follows has it. */
export function isTitle({ sections }: AskedSource, text: string): boolean {
  let known = titles.get(sections);
  if (known === undefined) {
    known = new Set(sections.map(({ title }) => title.toLowerCase()));
    titles.set(sections, known);
  }
  const plain = text.replace(/^\s*(?:[•◦▪–*-]|\(?[a-z\d]{1,3}[.)])\s+/i, '');
  return known.has(plain.replace(/\s+/g, ' ').trim().toLowerCase());
}

/** What a document calls itself: its name, its first heading and its first line. */
export function nameOfDocument(source: AskedSource): string {
  const first = source.segment.passageSections.length > 0 ? (unitsOfPassage(source, 0)[0]?.text ?? '') : '';
  return `${source.name} ${source.sections[0]?.title ?? ''} ${first}`;
}

/** What a line says that is more than the name of a document: who made it, with whom, or when. */
const SAYS_MORE =
  /[.:;!?。]\s*$|\b(?:between|by|dated|of \d|zwischen|von|vom)\b|\d{4}[-.\/年]\d|\b(?:plc|Ltd|Limited|Inc|LLC|GmbH|AG)\b/u;
/** Words of the name of a document, at most. */
const NAME_WORDS = 12;

/** True for the very first line of a document where it says nothing but what it is called: "Regulation on small ferries". */
export function isNameOfDocument(source: AskedSource, text: string, { page, start }: Span): boolean {
  return (
    page === 1 &&
    start === 0 &&
    text.split(/\s+/).length <= NAME_WORDS &&
    !SAYS_MORE.test(text) &&
    source.segment.language !== 'ja'
  );
}

/** The words a unit stands under: its section's own heading, and the run-in head before it. */
export function headOver(source: AskedSource, units: readonly UnitText[], index: number): string {
  const section = units[index]?.unit.section ?? -1;
  // The number of an item says nothing of what it stands under.
  const titled = sectionOf(source, section)
    .split('›')
    .filter((part) => /\p{L}{2}/u.test(part));
  const own = titled.slice(-2).join(' ');
  for (let at = index - 1; at >= 0; at -= 1) {
    const before = units[at] as UnitText;
    if (before.unit.section !== section) break;
    if (RUN_IN.test(before.text)) return `${own} ${before.text}`;
  }
  return own;
}
