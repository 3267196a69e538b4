import type { Claim } from '@/core/answer';
import type { Opinion, QuestionSlip } from '@/store';

/** What is chosen when a slip's claim is looked at; those of a second opinion have a letter of their own. */
export function claimKey(slipId: string, index: number, second: boolean): string {
  return `${slipId}/${second ? 'b' : ''}${index}`;
}

/** A slip with one claim put in the place of another; one that is carried leads where nothing did. */
export function withClaim(slip: QuestionSlip, index: number, claim: Claim, second: boolean): QuestionSlip {
  const change = (opinion: Opinion): Opinion => {
    const claims = opinion.answer.claims.map((one, at) => (at === index ? claim : one));
    const headline = opinion.answer.headline ?? (claim.standing === 'carried' ? claim.text : null);
    return { ...opinion, answer: { ...opinion.answer, claims, headline } };
  };
  if (second) return { ...slip, second: slip.second === null ? null : change(slip.second) };
  return { ...slip, ...change({ answer: slip.answer, model: slip.model }) };
}
