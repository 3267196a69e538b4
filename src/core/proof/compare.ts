import type { ProofItem } from './types';

/** An item whose finding is another than in an earlier run; `was` is null for one that was not there. */
export interface Became {
  readonly item: ProofItem;
  readonly was: ProofItem | null;
}

/** What is found of an item, as one word that can be compared. */
function standOf(item: ProofItem): string {
  const place = item.placeFault ?? '';
  if (item.kind === 'figure') return `${item.verdict} ${item.fault ?? ''} ${place}`;
  const { mark, sourceId, page } = item.citation;
  return `${mark} ${place} ${mark === 'absent' ? '' : `${sourceId} ${page}`}`;
}

/** Items of a run whose finding differs from an earlier run of the same text, matched by their words and their turn among equal ones. */
export function whatBecame(now: readonly ProofItem[], before: readonly ProofItem[]): Became[] {
  const known = new Map<string, ProofItem[]>();
  for (const item of before) {
    const key = `${item.kind} ${item.text}`;
    known.set(key, [...(known.get(key) ?? []), item]);
  }
  return now.flatMap((item): Became[] => {
    const was = known.get(`${item.kind} ${item.text}`)?.shift() ?? null;
    return was !== null && standOf(was) === standOf(item) ? [] : [{ item, was }];
  });
}
