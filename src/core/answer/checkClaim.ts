import { claimFigure, figuresOfQuotes, weighClaim, type RestsOn } from '../claim';
import { cellQuoted } from '../figure';
import { citationOf, type QuoteIndex, standsAsCited } from '../quote';
import type { AskedSource, Claim, DraftClaim } from './types';

/** Holds a reader's claim against the pages: every citation is checked, whoever wrote it. */
export function checkClaim(claim: DraftClaim, sources: readonly AskedSource[], index: QuoteIndex): Claim {
  const checked = heldAgainst(claim, sources, index);
  return claim.part === undefined ? checked : { ...checked, part: claim.part };
}

function heldAgainst(claim: DraftClaim, sources: readonly AskedSource[], index: QuoteIndex): Claim {
  const rests: RestsOn[] = [];
  const citations = claim.citations.map((draft) => {
    const check = index.check(
      draft,
      sources.map((source) => source.id),
    );
    const id = check.at?.sourceId ?? draft.sourceId;
    const named = sources.find((source) => source.id === draft.sourceId)?.name ?? draft.sourceId;
    const source = sources.find((one) => one.id === id) ?? null;
    const citation = citationOf(draft.quote, check, source, draft.page, named);
    rests.push({ mark: check.mark, quote: draft.quote, at: check.at });
    const cell =
      (standsAsCited(check) ? draft.cell : undefined) ?? cellQuoted(source?.tables ?? [], citation.spans, claim.text);
    return cell === null ? citation : { ...citation, cell };
  });
  // A claim that is a quote itself says no more than it.
  const quoted = citations.some((one) => one.quote === claim.text) && citations.every(standsAsCited);
  if (quoted) {
    const places = rests.flatMap(({ at }) => at ?? []);
    return { text: claim.text, standing: 'carried', citations, figures: figuresOfQuotes(places, sources) };
  }
  const { standing, uncovered, figures } = weighClaim(claim.text, rests, sources);
  const beyond = uncovered.length === 0 ? {} : { uncovered };
  return { text: claim.text, standing, citations, figures: figures.map(claimFigure), ...beyond };
}
