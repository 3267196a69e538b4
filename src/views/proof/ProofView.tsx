'use client';

import { useMemo, useState } from 'react';
import { isProblem, whatBecame } from '@/core/proof';
import { Button } from '@/ui';
import { Spread, useLeaves } from '../spread';
import { proofKey, useSession } from '../session';
import { ItemPanel } from './ItemPanel';
import { nextProblem } from './nextProblem';
import { ProofHead } from './ProofHead';
import { ProofText } from './ProofText';
import { StartProof } from './StartProof';
import { useProofKeys } from './useProofKeys';

/** Someone else's text held against the shelf: the text with every quotation and figure marked, what was found of the chosen one, and its page beside it. */
export function ProofView() {
  const { session, state } = useSession();
  const leaves = useLeaves();
  const proof = state.proofs.find((one) => one.id === state.proofId) ?? null;
  const [onlyProblems, setOnlyProblems] = useState(false);
  const shown = useMemo(
    () =>
      (proof?.items ?? [])
        .map((item, index) => ({ item, index }))
        .filter(({ item }) => !onlyProblems || isProblem(item)),
    [proof, onlyProblems],
  );
  const became = useMemo(() => (proof?.before == null ? null : whatBecame(proof.items, proof.before.items)), [proof]);
  const key = state.chosen?.key ?? '';
  const chosen = proof === null ? -1 : proof.items.findIndex((_, index) => proofKey(proof.id, index) === key);
  const choose = (index: number): void => {
    const item = proof?.items[index];
    if (proof === null || item === undefined) return;
    session.choose(proofKey(proof.id, index), item.citation ?? NO_PLACE);
  };
  useProofKeys({ session, leaves, proof, chosen, choose, shown: shown.map(({ index }) => index) });
  const { proofing } = state;
  return (
    <Spread session={session} state={state} leaves={leaves} label="Proof">
      {proofing !== null && (
        <p role="status" className="flex items-baseline gap-3 border-b border-rule bg-leaf px-4 py-1.5 text-muted">
          <span className="min-w-0 flex-1 truncate">
            Proofing “{proofing.name}”
            {proofing.total > 0 && `: ${proofing.done} of ${proofing.total} quotations and sentences`} …
          </span>
          <Button onClick={() => session.proofs.stop()}>Stop</Button>
        </p>
      )}
      {proof === null ? (
        <StartProof session={session} state={state} />
      ) : (
        <>
          <ProofHead
            session={session}
            proof={proof}
            became={became}
            onlyProblems={onlyProblems}
            onOnlyProblems={setOnlyProblems}
            onNext={() => choose(nextProblem(proof.items.map(isProblem), chosen))}
          />
          <ProofText proof={proof} shown={shown} chosen={chosen} onChoose={choose} />
          <ItemPanel session={session} state={state} proof={proof} became={became} index={chosen} />
        </>
      )}
    </Spread>
  );
}

/** What is looked at when an item has no place in the documents: nothing opens, nothing is bracketed. */
const NO_PLACE = {
  sourceId: '', sourceName: '', sha256: '', page: null, label: null, section: '', quote: '', before: '', after: '', spans: [], mark: 'absent',
  words: 'absent', place: 'none', differences: [], matched: '',
} as const; // prettier-ignore
