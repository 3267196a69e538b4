import type { StoredSlip } from '@/store';
import type { SessionState } from '../session';

/** Everything a slip says, to be filtered by. */
function wordsOf(slip: StoredSlip): string {
  if (slip.kind === 'quote') return `${slip.quote} ${slip.citation.sourceName}`;
  const claims = slip.kind === 'summary' ? slip.claims : slip.answer.claims;
  const said = claims.flatMap((claim) => [claim.text, ...claim.citations.map((one) => one.sourceName)]);
  const own =
    slip.kind === 'summary'
      ? `summary ${slip.about}`
      : `${slip.question} ${slip.completed} ${slip.answer.headline ?? ''}`;
  return `${own} ${said.join(' ')}`;
}

/** The slips as they lie on the desk: the one that is being answered, pinned ones, then newest first, or as they were moved; only those that hold all words of the filter. */
export function laidOut({ slips, streaming }: Pick<SessionState, 'slips' | 'streaming'>, filter: string): StoredSlip[] {
  const stored = slips.map((slip) => (slip.id === streaming?.id ? streaming : slip));
  const all = streaming === null || slips.some((slip) => slip.id === streaming.id) ? stored : [streaming, ...stored];
  const wanted = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const held = all.filter((slip) => {
    const words = wanted.length === 0 ? '' : wordsOf(slip).toLowerCase();
    return wanted.every((one) => words.includes(one));
  });
  return held.sort((a, b) => Number(b.pinned) - Number(a.pinned) || placeOf(b) - placeOf(a));
}

function placeOf({ laidAt, askedAt }: StoredSlip): number {
  return laidAt ?? askedAt;
}

/** Where a slip is to lie so that it comes before the one above it (−1), or behind the one below it (1); null where there is none, or the two are not pinned alike. */
export function movedPlace(laid: readonly StoredSlip[], slip: StoredSlip, by: -1 | 1): number | null {
  const at = laid.findIndex((one) => one.id === slip.id);
  const [near, far] = [laid[at + by], laid[at + 2 * by]];
  if (at < 0 || near === undefined || near.pinned !== slip.pinned) return null;
  const beyond = far === undefined || far.pinned !== slip.pinned ? placeOf(near) - by : placeOf(far);
  return (placeOf(near) + beyond) / 2;
}
