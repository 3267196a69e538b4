import type { RibbonMark } from '@/ui';
import type { SessionState } from '../session';

/** What the ribbon shows of the open document: the chosen quote, this answer's evidence and hits, and all findings. */
export function ribbonMarks(state: SessionState): RibbonMark[] {
  const sourceId = state.open?.sourceId;
  const slip = state.slips.find((one) => state.chosen?.key.startsWith(`${one.id}/`) === true);
  const marks = new Map<string, RibbonMark>();
  const add = (kind: RibbonMark['kind'], from: string, page: number | null): void => {
    if (from === sourceId && page !== null) marks.set(`${kind} ${page}`, { kind, page });
  };
  if (slip?.kind === 'question') {
    for (const passage of slip.answer.passages) add('hit', passage.sourceId, passage.page);
    for (const claim of slip.answer.claims)
      for (const citation of claim.citations) add('evidence', citation.sourceId, citation.page);
  }
  for (const finding of state.findings)
    for (const citation of finding.content?.citations ?? []) add('finding', citation.sourceId, citation.page);
  const chosen = state.chosen?.citation;
  if (chosen !== undefined) add('chosen', chosen.sourceId, chosen.page);
  return [...marks.values()];
}
