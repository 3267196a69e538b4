import { sectionsUnder, titledSection, type Section, type Span } from '../source';
import { overlaps, tableRowAt } from '../figure';
import { bareName, pageOfLabel, unitAt, type Unit, type Within } from '../search';
import { APART, placeNamed, plainly, SECTION, stepsOf, without, wordOf, type SectionNamed } from './placeNamed';
import type { AskedSource, Reading } from './types';

/** Where to look, as the documents have it. */
export interface Place {
  /** Those that have such a place. */
  readonly sources: readonly AskedSource[];
  /** Whether a sentence or row stands there. */
  holds(source: AskedSource, unit: Pick<Unit, 'section' | 'spans'>): boolean;
  /** As it is told: "clause 7.2", "page xiv (the 14th)". */
  readonly told: string;
}

/** A question that names a place, and what is asked about it. */
export interface PlaceAsked {
  readonly place: Place;
  /** The question without the words that name the place. */
  readonly rest: string;
}

/** Limits set beside the question: printed page labels or numbers, "3" or "3-7"; a section's number or words of its title. */
export interface Limits {
  readonly pages?: string | undefined;
  readonly section?: string | undefined;
}

/** The last step of a section's own number, and the word before it: "Article 12" is article, 12. */
function ownNumber({ number, title }: Section): { readonly word: string | null; readonly step: string } | null {
  const said = number ?? title;
  const match =
    /^(?:(?<word>[\p{L}.§]{1,12})\s*)?\(?(?<step>\d+(?:\.\d+)*[a-z]?|[IVXL]{1,6}|[A-Za-z]{1,2})\)?\.?(?:[条章節項])?(?:\s|$)/u.exec(
      said.replace(/^第/, ''),
    );
  if (match === null) return null;
  const { word, step = '' } = match.groups ?? {};
  return { word: word === undefined ? null : wordOf(word), step: step.toLowerCase() };
}

/** The sections of a document that a number means, each with all below it; empty when it has none. */
function sectionsMeant(
  source: AskedSource,
  word: string,
  parts: readonly string[],
  within: ReadonlySet<number> | null = null,
): ReadonlySet<number> {
  const own = source.sections.map(ownNumber);
  const [first, ...rest] = parts;
  const called = own.some((one, at) => one?.word === word && within?.has(at) !== false);
  const fits = (one: ReturnType<typeof ownNumber>): boolean =>
    one !== null &&
    one.step === first &&
    (called || APART.has(word) ? one.word === word : one.word === null || !APART.has(one.word));
  let starts = own.flatMap((one, at) => (fits(one) && within?.has(at) !== false ? [at] : []));
  for (const part of rest) {
    const inside = new Set(starts);
    starts = source.sections.flatMap(({ parent }, at) => (inside.has(parent) && own[at]?.step === part ? [at] : []));
  }
  return sectionsUnder(source.sections, starts);
}

/** The sections that a number means, within those of another where it is said to be of that. */
function sectionsNamed(
  source: AskedSource,
  { word, parts, of }: SectionNamed & { readonly of: SectionNamed | null },
): ReadonlySet<number> {
  const over = of === null ? null : sectionsMeant(source, of.word, of.parts);
  return sectionsMeant(source, word, parts, over);
}

/** Sections whose title holds all the words, each with all below it. */
function sectionsTitled(source: AskedSource, words: string): ReadonlySet<number> {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const titled = source.sections.flatMap(({ title }, at) =>
    wanted.every((word) => title.toLowerCase().includes(word)) ? [at] : [],
  );
  return sectionsUnder(source.sections, titled);
}

/** The physical page of a label as people say it: the printed label where there is one, else the number; null where the document ends before. */
function pageOf(source: AskedSource, said: string): number | null {
  const labelled = pageOfLabel(source, said);
  if (labelled !== null) return labelled;
  const number = Number(said);
  return Number.isInteger(number) && number >= 1 && number <= source.pageCount ? number : null;
}

function onPages(sources: readonly AskedSource[], from: string, to: string): Place | null {
  const ranges = new Map<string, readonly [number, number]>();
  for (const source of sources) {
    const [first, last] = [pageOf(source, from), pageOf(source, to)];
    if (first !== null && last !== null && first <= last) ranges.set(source.id, [first, last]);
  }
  if (ranges.size === 0) return null;
  const [only] = ranges.size === 1 ? [...ranges.values()] : [];
  // The printed label and the number of a page may be two things: both are told.
  const physical =
    only !== undefined && from === to && String(only[0]) !== from ? ` (page ${only[0]} of the file)` : '';
  return {
    sources: sources.filter(({ id }) => ranges.has(id)),
    holds: ({ id }, { spans }) => {
      const [first, last] = ranges.get(id) ?? [1, 0];
      return spans.some(({ page }) => page >= first && page <= last);
    },
    told: from === to ? `page ${from}${physical}` : `pages ${from} to ${to}`,
  };
}

function inSections(
  sources: readonly AskedSource[],
  meant: (source: AskedSource) => ReadonlySet<number>,
  told: string,
): Place | null {
  const sections = new Map(
    sources.map((source) => [source.id, meant(source)] as const).filter(([, set]) => set.size > 0),
  );
  if (sections.size === 0) return null;
  return {
    sources: sources.filter(({ id }) => sections.has(id)),
    holds: ({ id }, { section }) => sections.get(id)?.has(section) === true,
    told,
  };
}

function inTable(sources: readonly AskedSource[], number: string): Place | null {
  const caption = new RegExp(
    String.raw`^\W*(?:table|tabelle|表)\s*${number.replace(/[.]/g, '\\.')}(?![\d.]\d|\w)`,
    'iu',
  );
  const tables = new Map(
    sources
      .map(({ id, tables }) => [id, new Set(tables.filter((one) => caption.test(one.caption ?? '')))] as const)
      .filter(([, set]) => set.size > 0),
  );
  if (tables.size === 0) return null;
  const within = (spans: readonly Span[], captions: readonly Span[]): boolean =>
    spans.some((span) => captions.some((one) => overlaps(one, span)));
  return {
    sources: sources.filter(({ id }) => tables.has(id)),
    holds: (source, { spans }) => {
      const own = tables.get(source.id);
      if (own === undefined) return false;
      const row = tableRowAt(source.tables, spans);
      return row === null ? [...own].some((table) => within(spans, table.captionSpans)) : own.has(row.table);
    },
    told: `table ${number}`,
  };
}

/** The place that a question names as where to look, with what is asked about it; null when it names none that the documents have. */
export function placeAsked(question: string, sources: readonly AskedSource[]): PlaceAsked | null {
  const found = placeNamed(question);
  if (found === null) return null;
  const { named: one, words } = found;
  const told = plainly(words);
  const place =
    one.kind === 'pages'
      ? onPages(sources, one.from, one.to)
      : one.kind === 'table'
        ? inTable(sources, one.number)
        : inSections(sources, (source) => sectionsNamed(source, one), told);
  if (place === null) return null;
  return { place, rest: without(question, words) };
}

/** A place that a question names and none of the documents has, told as such, with what is asked of it; null when it names none. */
export function placeNowhere(
  question: string,
  sources: readonly AskedSource[],
): { readonly rest: string; readonly reading: Reading } | null {
  const found = placeNamed(question);
  const [only] = sources;
  if (found === null || only === undefined) return null;
  const words = plainly(found.words);
  const pages = only.pageCount === 1 ? 'one page' : `${only.pageCount} pages`;
  const told =
    sources.length > 1
      ? 'none of the documents asked has one'
      : found.named.kind === 'pages'
        ? `“${bareName(only)}” has ${pages}`
        : `“${bareName(only)}” has none`;
  return {
    rest: without(question, found.words),
    reading: { words, told, ...(sources.length > 1 ? {} : { sourceId: only.id }) },
  };
}

/** The place that limits set beside the question mean; null when they set none. A limit that no document meets leaves no document to ask. */
export function placeWithin({ pages = '', section = '' }: Limits, sources: readonly AskedSource[]): Place | null {
  const range = /^\s*(?<from>[A-Za-z]{1,2}-\d+|[^\s–-]+)(?:\s*(?:-|–|to)\s*(?<to>\S+))?\s*$/u.exec(pages)?.groups;
  const nowhere = (told: string): Place => ({ sources: [], holds: () => false, told });
  const places: Place[] = [];
  if (pages.trim() !== '') {
    const { from = pages.trim(), to = from } = range ?? {};
    places.push(onPages(sources, from, to) ?? nowhere(`pages ${pages.trim()}`));
  }
  if (section.trim() !== '') {
    const said = section.trim();
    const number = SECTION.exec(said) ?? /^(?<number>\d{1,3}(?:\.\d{1,3})*(?:\s?\([a-z\d]{1,4}\))*)$/iu.exec(said);
    const { word = 'clause', number: given } = number?.groups ?? {};
    const numbered =
      given === undefined
        ? null
        : inSections(sources, (source) => sectionsMeant(source, wordOf(word), stepsOf(given)), said);
    places.push(
      numbered ?? inSections(sources, (source) => sectionsTitled(source, said), `“${said}”`) ?? nowhere(`“${said}”`),
    );
  }
  const [first, second] = places;
  if (first === undefined || second === undefined) return first ?? null;
  return { ...narrowed(first, second), told: `${first.told}, ${second.told}` };
}

/** The section that a place of a document is read with, with all below it: a lettered item with the clause it belongs to. */
export function placeAround(source: AskedSource, section: number, told: string): Place {
  const meant = sectionsUnder(source.sections, [titledSection(source.sections, section)]);
  return { sources: [source], holds: ({ id }, unit) => id === source.id && meant.has(unit.section), told };
}

/** Passages with a sentence or row that stands at a place. */
export function passagesOf(place: Place): Within {
  return (source, passage) => {
    const { passageUnits } = source.segment;
    for (let at = passageUnits[passage] as number; at < (passageUnits[passage + 1] as number); at += 1)
      if (place.holds(source as AskedSource, unitAt(source.segment, at))) return true;
    return false;
  };
}

/** A place as far as it lies within limits, if there are any. */
export function narrowed(place: Place, limits: Place | null): Place {
  if (limits === null) return place;
  return {
    sources: place.sources.filter((source) => limits.sources.includes(source)),
    holds: (source, unit) => place.holds(source, unit) && limits.holds(source, unit),
    told: place.told,
  };
}

/** The documents that limits leave to ask. */
export function narrowedSources(sources: readonly AskedSource[], limits: Place | null): readonly AskedSource[] {
  return limits === null ? sources : sources.filter((source) => limits.sources.includes(source));
}
