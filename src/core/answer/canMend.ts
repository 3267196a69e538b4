import type { Claim } from './types';

/** True when the documents hold something a claim can be mended from. */
export function canMend(claim: Claim): boolean {
  return claim.standing !== 'carried' && claim.citations.some((one) => one.mark !== 'absent' && one.page !== null);
}
