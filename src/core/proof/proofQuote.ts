import { countWords } from '../text';
import { cellQuoted, type FiguredSource } from '../figure';
import { bareName } from '../search';
import { citationOf, type QuoteCheck, type QuoteIndex } from '../quote';
import type { Quotation } from './quotations';
import { pagesNamed } from './references';
import { liesIn, sectionNumberAt } from './sections';
import type { ProofQuote, Said } from './types';

/** Words from which on a quotation is looked for anywhere; shorter ones only where they are said to be from. */
const TELLING = 4;
/** Pages of a range that are each held against the words. */
const MOST_PAGES = 24;
/** What is given without quotation marks is a quotation only from this likeness on; else it says it in its own words. */
const PARAPHRASE = 0.8;
const ORDER = { exact: 0, 'same-words': 1, elsewhere: 2, altered: 3, absent: 4 } as const;

export interface ProofShelf {
  readonly sources: readonly FiguredSource[];
  readonly quotes: QuoteIndex;
}

function better(one: QuoteCheck | null, two: QuoteCheck): QuoteCheck {
  return one === null || ORDER[two.mark] < ORDER[one.mark] || (two.mark === one.mark && two.score > one.score)
    ? two
    : one;
}

/** The best that the words come to in the documents and on the pages they are said to be from. */
function checkSaid({ sources, quotes }: ProofShelf, quote: string, said: Said): QuoteCheck {
  const among = sources.map((source) => source.id);
  const tries: { sourceId: string | null; page: number | null }[] = [];
  const named = said.sourceIds.length > 0 ? sources.filter((source) => said.sourceIds.includes(source.id)) : [];
  for (const source of named) {
    const pages = pagesNamed(source, said);
    if (said.pages !== null && pages.length > 0 && pages.length <= MOST_PAGES)
      for (const page of pages) tries.push({ sourceId: source.id, page });
    else tries.push({ sourceId: source.id, page: null });
  }
  if (named.length === 0) {
    // With no document named, the page may be any document's.
    for (const source of said.pages === null ? [] : sources) for (const page of pagesNamed(source, said).slice(0, MOST_PAGES)) tries.push({ sourceId: source.id, page }); // prettier-ignore
    if (tries.length === 0 || tries.length > 60) return quotes.check({ quote, page: null }, among);
    const plain = quotes.check({ quote }, among);
    const home = tries.find((one) => plain.places.some((place) => place.sourceId === one.sourceId && place.spans.some((span) => span.page === one.page))); // prettier-ignore
    if (home !== undefined) return quotes.check({ quote, ...home }, among);
    const own = tries.find((one) => one.sourceId === plain.at?.sourceId);
    return own === undefined ? plain : quotes.check({ quote, ...own }, among);
  }
  let best: QuoteCheck | null = null;
  for (const one of tries) {
    best = better(best, quotes.check({ quote, ...one }, among));
    if (best.mark === 'exact') break;
  }
  return best ?? quotes.check({ quote }, among);
}

function labelOf(source: FiguredSource, page: number): string {
  return source.page(page)?.label ?? String(page);
}

/** True for words in marks that are only a name or a term: nobody said them of a page. */
function isTerm(quotation: Quotation, check: QuoteCheck, said: Said, sources: readonly FiguredSource[]): boolean {
  const { text, way } = quotation;
  if (way !== 'marks') return false;
  const name = text.toLowerCase().replace(/[.,;:]$/, '');
  if (sources.some((source) => bareName(source).toLowerCase() === name || source.name.toLowerCase() === name))
    return true;
  return (
    countWords(text) < TELLING &&
    (check.at === null || check.mark === 'altered') &&
    said.pages === null &&
    said.section === null
  );
}

/** Holds one quotation against the shelf, with where it is said to be from; null where it is none after all. */
export function proofQuote(shelf: ProofShelf, quotation: Quotation, said: Said, saidWords: string): ProofQuote | null {
  const { sources } = shelf;
  let check = checkSaid(shelf, quotation.text, said);
  // A document that was only named earlier condemns nothing.
  if (!said.named && said.sourceIds.length > 0 && check.mark !== 'exact' && check.mark !== 'same-words') {
    const free = checkSaid(shelf, quotation.text, { ...said, sourceIds: [] });
    if (free.mark === 'exact' || free.mark === 'same-words' || check.mark === 'absent') check = free;
  }
  if (quotation.way === 'states' && (check.mark === 'absent' || (check.mark === 'altered' && check.score < PARAPHRASE))) return null; // prettier-ignore
  if (isTerm(quotation, check, said, sources)) return null;
  const source = sources.find((one) => one.id === check.at?.sourceId) ?? null;
  const spans = check.at?.spans ?? [];
  const cell = source === null ? null : cellQuoted(source.tables, spans, quotation.text);
  const [named] = sources.filter((one) => said.sourceIds.includes(one.id));
  const citedPage = source === null ? null : (pagesNamed(source, said)[0] ?? null);
  const citation = citationOf(quotation.text, check, source, citedPage, named?.name ?? source?.name ?? null);
  return {
    kind: 'quote',
    start: quotation.start,
    end: quotation.end,
    text: quotation.text,
    way: quotation.way,
    saidFrom: saidWords,
    citation: cell === null ? citation : { ...citation, cell },
    tooShort: check.tooShort,
    pages: pagesOf(check),
    ...placeFault(source, check, said),
  };
}

/** All pages of the best place's document that the words stand on, in order. */
function pagesOf(check: QuoteCheck): number[] {
  const places = check.places.length > 0 ? check.places : check.at === null ? [] : [check.at];
  const own = places.filter((place) => place.sourceId === check.at?.sourceId);
  return [...new Set(own.flatMap((place) => place.spans.map((span) => span.page)))].sort((a, b) => a - b);
}

function placeFault(
  source: FiguredSource | null,
  check: QuoteCheck,
  said: Said,
): Pick<ProofQuote, 'placeFault' | 'rightPlace' | 'placeSaid'> {
  const fine = { placeFault: null, rightPlace: null, placeSaid: null };
  const [first] = check.at?.spans ?? [];
  if (source === null || first === undefined) return fine;
  if (said.sourceIds.length > 0 && said.named && !said.sourceIds.includes(source.id)) return { placeFault: 'document', rightPlace: bareName(source), placeSaid: null }; // prettier-ignore
  const pages = pagesNamed(source, said);
  const on = [...new Set((check.at?.spans ?? []).map((span) => span.page))];
  if (said.pages !== null && !on.some((page) => pages.includes(page)))
    return { placeFault: 'page', rightPlace: on.map((page) => labelOf(source, page)).join('–'), placeSaid: said.pages };
  if (said.pages === null && liesIn(source, check.at?.spans ?? [], said) === false)
    return {
      placeFault: 'section',
      rightPlace: sectionNumberAt(source, check.at?.spans ?? []),
      placeSaid: said.section,
    };
  // A range that is wider than it needs to be is narrowed, and is no fault.
  const wide = said.pages !== null && said.pages.first !== said.pages.last && pages.length > 2 && on.length === 1;
  return wide ? { placeFault: null, rightPlace: labelOf(source, on[0] as number), placeSaid: said.pages } : fine;
}
