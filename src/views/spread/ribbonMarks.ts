import type { RibbonMark } from '@/ui';
import type { Citation } from '@/core/quote';
import type { StoredSlip } from '@/store';
import { documentOf, isFoundKey, type SessionState } from '../session';

/** What the ribbon shows of the document on a leaf: the chosen quote, this answer's evidence and hits, and all findings. */
export function ribbonMarks(state: SessionState, leaf: 'open' | 'beside'): RibbonMark[] {
  const sourceId = state[leaf]?.sourceId;
  const slip = state.slips.find((one) => state.chosen?.key.startsWith(`${one.id}/`) === true);
  const marks = new Map<string, RibbonMark>();
  const put = (kind: RibbonMark['kind'], page: number | null): void => {
    if (page !== null) marks.set(`${kind} ${page}`, { kind, page });
  };
  const add = (kind: RibbonMark['kind'], citation: Citation): void => {
    if (documentOf(state.shelf, citation)?.source.id === sourceId) put(kind, citation.page);
  };
  if (slip?.kind === 'question')
    for (const passage of slip.answer.passages) if (passage.sourceId === sourceId) put('hit', passage.page);
  if (isFoundKey(state.chosen?.key)) for (const place of state.found?.places ?? []) add('hit', place);
  for (const citation of slip === undefined ? [] : citationsOf(slip)) add('evidence', citation);
  const proof = state.proofs.find((one) => state.chosen?.key.startsWith(`proof/${one.id}/`) === true);
  for (const { citation } of proof?.items ?? []) if (citation !== null) add('evidence', citation);
  for (const finding of state.findings)
    for (const citation of finding.content?.citations ?? []) add('finding', citation);
  const chosen = state.chosen?.citation;
  if (chosen !== undefined) add('chosen', chosen);
  return [...marks.values()];
}

function citationsOf(slip: StoredSlip): Citation[] {
  if (slip.kind === 'quote') return [slip.citation];
  const claims = slip.kind === 'summary' ? slip.claims : [...slip.answer.claims, ...(slip.second?.answer.claims ?? [])];
  return claims.flatMap((claim) => [...claim.citations]);
}
