import { isProblem } from '@/core/proof';
import type { StoredProof } from '@/store';
import { leafKeys, useKeys, type Leaves } from '../spread';
import type { Session } from '../session';
import { nextProblem } from './nextProblem';

interface ProofKeys {
  readonly session: Session;
  readonly leaves: Leaves;
  readonly proof: StoredProof | null;
  readonly chosen: number;
  readonly choose: (index: number) => void;
  /** Items that are shown, by their index. */
  readonly shown: readonly number[];
}

/** The proof's keys; see Shortcuts. */
export function useProofKeys({ session, leaves, proof, chosen, choose, shown }: ProofKeys): void {
  const item = proof?.items[chosen];
  const step = (by: number): void => {
    const at = shown.indexOf(chosen);
    const next = shown[at < 0 ? 0 : Math.min(shown.length - 1, Math.max(0, at + by))];
    if (next !== undefined) choose(next);
  };
  useKeys({
    ...leafKeys(leaves),
    n: () => choose(nextProblem((proof?.items ?? []).map(isProblem), chosen)),
    w: () => proof !== null && item !== undefined && void session.proofs.mend(proof, item),
    k: () => proof !== null && item !== undefined && void session.proofs.keep(proof, item),
    e: () => document.querySelector<HTMLButtonElement>('[data-found] [data-key=explain]')?.click(),
    ArrowDown: () => step(1),
    ArrowUp: () => step(-1),
  });
}
