import { oneLine } from '../text';
import type { UnitText } from '../search';
import type { CellPlace } from '../quote';
import type { AskedSource, DraftCitation, DraftClaim, ReaderAnswer } from './types';

/** A sentence or table row of a document as a citation: its words on one line, its page, and the cell that is meant, if one is. */
export function quoteOf(source: AskedSource, { unit, text }: UnitText, cell: CellPlace | null = null): DraftCitation {
  const page = unit.spans[0]?.page ?? null;
  return { sourceId: source.id, page, quote: oneLine(text), ...(cell === null ? {} : { cell }) };
}

/** A claim that is a quote itself. */
export function quotedClaim(citation: DraftCitation): DraftClaim {
  return { text: citation.quote, citations: [citation] };
}

/** An answer without anything in it, to be filled. */
export const EMPTY: ReaderAnswer = { headline: null, claims: [], calculations: [], conflicts: [], missing: [] };
