import { checkClaim, type AskedSource } from '../answer';
import { statedFacts, type FactField } from '../facts';
import type { Citation, QuoteIndex } from '../quote';

/** What a document says of itself: the value as people read it, and the place it was read from. */
export interface Fact {
  readonly field: FactField;
  readonly value: string;
  readonly citation: Citation;
}

/** What a document says of itself, each with the place it was read from; what the check does not find on its page is not told. */
export function factsOf(source: AskedSource, index: QuoteIndex): Fact[] {
  return statedFacts(source).flatMap(({ field, value, quote, page }) => {
    const draft = { sourceId: source.id, page, quote };
    const [citation] = checkClaim({ text: value, citations: [draft] }, [source], index).citations;
    return citation !== undefined && (citation.words === 'exact' || citation.words === 'same')
      ? [{ field, value, citation }]
      : [];
  });
}
