import { statedFacts } from '../facts';
import type { FiguredSource } from '../figure';
import { bareName } from '../search';

/** Where a text says that something stands; `[start, end)` in UTF-16 code units of it. */
export interface Reference {
  readonly start: number;
  readonly end: number;
  /** The documents it may name: none when it names none, several when two go by that name. */
  readonly sourceIds: readonly string[];
  /** Printed labels or numbers of pages, first and last, and where these numbers stand; null when no page is named. */
  readonly pages: {
    readonly first: string;
    readonly last: string;
    readonly start: number;
    readonly end: number;
  } | null;
  /** The number of a clause, section, article, note or table, with what it is called. */
  readonly section: {
    readonly word: string;
    readonly number: string;
    readonly start: number;
    readonly end: number;
  } | null;
}

const PAGE = String.raw`[A-Z]{1,2}-\d+|\d+|[ivxlc]+\b`;
const PAGES = new RegExp(
  String.raw`(?:\b(?:pp?\.?|pgs?\.?|pages?|seiten?|S\.)\s*(?<first>${PAGE})(?:\s*(?:[-–—]|to|and|bis|und|,)\s*(?:pp?\.?\s*)?(?<last>${PAGE}))?)|(?:(?<ja>\d+)\s*(?:ページ|頁))`,
  'giu',
);
const SECTIONS =
  /(?<![\p{L}])(?<word>clauses?|sections?|sec\.|articles?|art\.|schedules?|annex|appendix|notes?|tables?|paragraphs?|para\.|rules?|regulations?|parts?|chapters?|§|ziffer|abschnitt|artikel|anlage|tabelle|kapitel)\s*(?<number>(?:[A-Z]\.?)?\d+(?:[.-]\d+)*(?:\s?\([a-z\d]{1,4}\))*|[IVXLC]+\b|[A-Z]\b)/giu;

interface Named {
  readonly id: string;
  readonly pattern: RegExp;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** A name as a pattern: any white space, dashes and underscores between its words. */
function patternOf(name: string): RegExp | null {
  const words = name.split(/[\s_\-–—./]+/).filter((word) => word !== '');
  if (words.join('').length < 4) return null;
  return new RegExp(String.raw`(?<![\p{L}\d])${words.map(escaped).join(String.raw`(?:[ \t_\-–—/]*\n?[ \t]*|\.)(?:(?:of|for|the)\s+){0,2}`)}(?:\.(?:pdf|txt|md|docx|html?))?(?![\p{L}\d])`, 'giu'); // prettier-ignore
}

/** "Annual filing 2025" may be called "2025 annual filing". */
function otherOrders(name: string): string[] {
  const year = /^(.*?)[\s_-]*((?:19|20)\d\d)$/.exec(name);
  return year === null
    ? [name]
    : [name, `${year[2]} ${year[1]}`, `${year[1]} for ${year[2]}`, `${year[1]} of ${year[2]}`];
}

const known = new WeakMap<FiguredSource['segment'], readonly string[]>();

/** What a document may be called: its file's name, and its title. */
function namesOf(source: FiguredSource): readonly string[] {
  const found = known.get(source.segment);
  if (found !== undefined) return found;
  const title = statedFacts(source).find((fact) => fact.field === 'title')?.value ?? '';
  const names = [
    ...otherOrders(bareName(source)),
    ...(title.length >= 8 && title.length <= 90 ? otherOrders(title) : []),
  ];
  known.set(source.segment, names);
  return names;
}

/** The names of documents as patterns, made once for a text. */
export function namesToFind(sources: readonly FiguredSource[]): Named[] {
  return sources.flatMap((source) =>
    namesOf(source).flatMap((name) => {
      const pattern = patternOf(name);
      return pattern === null ? [] : [{ id: source.id, pattern }];
    }),
  );
}

interface Mention {
  readonly start: number;
  readonly end: number;
  readonly ids: readonly string[];
}

/** Documents that are named, each place once by its longest name. */
function mentions(text: string, names: readonly Named[]): Mention[] {
  const all = names.flatMap(({ id, pattern }) =>
    [...text.matchAll(pattern)].map((match) => ({ start: match.index, end: match.index + match[0].length, id })),
  );
  const longest = all.filter(
    (one) => !all.some((other) => other.end - other.start > one.end - one.start && other.start < one.end && one.start < other.end), // prettier-ignore
  );
  const places = new Map<number, Mention>();
  for (const { start, end, id } of longest) {
    const ids = places.get(start)?.ids ?? [];
    places.set(start, { start, end, ids: ids.includes(id) ? ids : [...ids, id] });
  }
  return [...places.values()].sort((a, b) => a.start - b.start);
}

/** True for text between two parts of one reference: "(Annual filing 2025, clause 4, p. 12)". */
function joins(between: string): boolean {
  return (
    between.length < 28 &&
    /^[\s,;:)(\]["”“–—-]*(?:(?:of|in|at|on|the|see|von|der|des|auf|under)\s+|の)*(?:the\s+)?["“]?$/iu.test(between)
  );
}

/** All references of a text, in order; what stands next to each other is one. */
export function findReferences(text: string, names: readonly Named[]): Reference[] {
  const parts: Reference[] = [];
  const none = { sourceIds: [], pages: null, section: null };
  for (const { start, end, ids } of mentions(text, names)) parts.push({ ...none, start, end, sourceIds: ids });
  for (const match of text.matchAll(PAGES)) {
    // Numerals in letters are set apart: "p. xiv" is a page, the end of "pi" is none.
    if (!/\d/.test(match[0]) && !/[\s.]/.test(match[0])) continue;
    const { first = match.groups?.ja ?? '', last = first } = match.groups ?? {};
    const [start, end] = [match.index, match.index + match[0].length];
    const inName = parts.some((one) => one.sourceIds.length > 0 && one.start < end && start < one.end);
    const at = match.groups?.first === undefined ? start : start + match[0].indexOf(first, 1);
    if (!inName) parts.push({ ...none, start, end, pages: { first, last, start: at, end } });
  }
  for (const match of text.matchAll(SECTIONS)) {
    const { word = '', number = '' } = match.groups ?? {};
    const [start, end] = [match.index, match.index + match[0].length];
    const plain = /^[\d]/.test(number) || (/^[A-Z]/.test(number) && /\s/.test(match[0].slice(0, -number.length)));
    if (!plain || parts.some((one) => one.start < end && start < one.end)) continue;
    const section = { word: word.toLowerCase(), number: number.replace(/\s/g, ''), start: end - number.length, end };
    parts.push({ ...none, start, end, section });
  }
  parts.sort((a, b) => a.start - b.start);
  const joined: Reference[] = [];
  for (const part of parts) {
    const last = joined.at(-1);
    const fits = last !== undefined && joins(text.slice(last.end, part.start)) && !(last.pages !== null && part.pages !== null) && !(last.section !== null && part.section !== null) && !(last.sourceIds.length > 0 && part.sourceIds.length > 0); // prettier-ignore
    if (!fits) joined.push(part);
    else joined[joined.length - 1] = { start: last.start, end: part.end, sourceIds: [...last.sourceIds, ...part.sourceIds], pages: last.pages ?? part.pages, section: last.section ?? part.section }; // prettier-ignore
  }
  return joined;
}

/** Physical pages that a printed label or a number may mean, the label's first. */
function pagesCalled(source: FiguredSource, said: string): number[] {
  const found: number[] = [];
  for (let number = 1; number <= source.pageCount; number += 1)
    if (source.page(number)?.label?.toLowerCase() === said.toLowerCase()) found.push(number);
  const plain = /^\d+$/.test(said) ? Number(said) : 0;
  return plain >= 1 && plain <= source.pageCount && !found.includes(plain) ? [...found, plain] : found;
}

/** Physical pages that a reference names in a document, both readings of a number that is a label too; empty when it names none there. */
export function pagesNamed(source: FiguredSource, { pages }: Pick<Reference, 'pages'>): number[] {
  if (pages === null) return [];
  const [first, last] = [pagesCalled(source, pages.first), pagesCalled(source, pages.last)];
  return [
    ...new Set(
      first.flatMap((from, at) => {
        const to = last[at] ?? from;
        return Array.from({ length: Math.max(1, Math.min(400, to - from + 1)) }, (_, step) => from + step);
      }),
    ),
  ];
}
