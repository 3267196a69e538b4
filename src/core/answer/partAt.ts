import type { DraftClaim } from './types';

/** The question that opens at a claim, of several asked in one: that of the claim, where the one before it answers another; null elsewhere. */
export function partAt(claims: readonly Pick<DraftClaim, 'part'>[], at: number): string | null {
  const part = claims[at]?.part;
  return part === undefined || part === claims[at - 1]?.part ? null : part;
}
