import { lineAt, sectionPath, type PageText, type Section, type Span } from '../source';
import type { Difference, Mark, PlaceFound, QuoteCheck, WordsFound } from './types';

/** A cell of a table on its page: the figure, its labels and its column heads. */
export interface CellPlace {
  readonly value: readonly Span[];
  readonly row: readonly Span[];
  readonly column: readonly Span[];
}

/**
 * A checked quote as slips, findings and exports keep it. Spans are a cache: when the edition changes the quote is anchored
 * anew by its words, with those before and after to tell equal places apart.
 */
export interface Citation {
  readonly sourceId: string;
  readonly sourceName: string;
  /** SHA-256 of the file that was checked against. */
  readonly sha256: string;
  /** Physical page, from 1, of the best place; the page cited where the words stand nowhere. */
  readonly page: number | null;
  readonly label: string | null;
  readonly section: string;
  readonly quote: string;
  readonly before: string;
  readonly after: string;
  readonly spans: readonly Span[];
  readonly mark: Mark;
  readonly words: WordsFound;
  readonly place: PlaceFound;
  readonly differences: readonly Difference[];
  /** What the page says at the place, when that is not the quote to the letter. */
  readonly matched: string;
  /** The cell that is meant, when the quote is a row of a table; a cache, as the spans are. */
  readonly cell?: CellPlace | undefined;
  /** Where whoever wrote it says it stands, when it does not stand there. */
  readonly cited?: { readonly source: string; readonly page: number | null } | undefined;
}

/** A document as a citation needs it. */
export interface CitableSource {
  readonly id: string;
  readonly name: string;
  readonly sha256: string;
  readonly sections: readonly Section[];
  page(number: number): PageText | null;
}

/** Characters of context kept before and after a quote. */
const CONTEXT = 40;

/**
 * The citation of a checked quote; `source` is the document its place is in, or the one cited where it stands nowhere; `cited` is the page,
 * and `citedName` the document, that it was said to be from.
 */
export function citationOf(
  quote: string,
  check: QuoteCheck,
  source: CitableSource | null,
  cited: number | null,
  citedName: string | null = source?.name ?? null,
): Citation {
  const first = check.at?.spans[0];
  const last = check.at?.spans.at(-1);
  const page =
    first === undefined ? (cited === null ? null : (source?.page(cited) ?? null)) : (source?.page(first.page) ?? null);
  const lastPage = last === undefined ? null : (source?.page(last.page) ?? null);
  const line = page === null || first === undefined ? null : lineAt(page, first.start);
  return {
    sourceId: source?.id ?? '',
    sourceName: source?.name ?? '',
    sha256: source?.sha256 ?? '',
    page: first?.page ?? cited,
    label: page?.label ?? null,
    section: source === null || line === null ? '' : sectionPath(source.sections, line.section),
    quote,
    before:
      page === null || first === undefined ? '' : page.text.slice(Math.max(0, first.start - CONTEXT), first.start),
    after: lastPage === null || last === undefined ? '' : lastPage.text.slice(last.end, last.end + CONTEXT),
    spans: check.at?.spans ?? [],
    mark: check.mark,
    words: check.words,
    place: check.place,
    differences: check.differences,
    matched: check.mark === 'exact' ? '' : check.matched,
    ...(check.mark === 'elsewhere' && citedName !== null ? { cited: { source: citedName, page: cited } } : {}),
  };
}
