import type { Citation, QuoteIndex } from '../quote';
import { oneLine } from '../text';
import { checkClaim } from './checkClaim';
import type { AskedSource, Claim, DraftCitation } from './types';

/** The stop that ended the quote, when the page has it too: matched words end with a word. */
function endOf({ quote, matched, after }: Citation): string {
  const stop = /[.!?;:,]$/.exec(quote.trim())?.[0] ?? '';
  return !matched.endsWith(stop) && after.startsWith(stop) ? stop : '';
}

/**
 * A claim put right by the documents: altered quotes take the page's own words, misplaced ones their true page, absent ones go; the claim
 * then says what its quotes say. Null when nothing is left to stand on.
 */
export function mendClaim(claim: Claim, sources: readonly AskedSource[], index: QuoteIndex): Claim | null {
  const drafts: DraftCitation[] = claim.citations
    .filter((one) => one.mark !== 'absent' && one.page !== null)
    .map((one) => ({
      sourceId: one.sourceId,
      page: one.page,
      quote: one.mark === 'altered' && one.matched !== '' ? oneLine(one.matched) + endOf(one) : one.quote,
    }));
  if (drafts.length === 0) return null;
  const text = drafts.map((draft) => draft.quote).join(' ');
  const mended = checkClaim({ text, citations: drafts, part: claim.part }, sources, index);
  return { ...mended, mendedFrom: claim.mendedFrom ?? claim.text };
}
