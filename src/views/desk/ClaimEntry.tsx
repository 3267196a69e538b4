'use client';

import type { Claim } from '@/core/answer';
import type { QuestionSlip } from '@/store';
import { Button } from '@/ui';
import type { Session, SessionState } from '../session';
import { Choosable, QuoteEntry } from '../spread';

interface ClaimEntryProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly slip: QuestionSlip;
  readonly claim: Claim;
  readonly index: number;
  /** True when the headline said it already. */
  readonly repeats: boolean;
}

/** A claim with its strips. Claims that are themselves quotes are told by the strip alone. */
export function ClaimEntry({ session, state, slip, claim, index, repeats }: ClaimEntryProps) {
  const key = `${slip.id}/${index}`;
  const chosen = state.chosen?.key === key;
  const [first] = claim.citations;
  const isQuote = claim.citations.some((citation) => citation.quote === claim.text && citation.spans.length > 0);
  const kept = state.findings.some(
    (finding) => finding.content?.text === claim.text && finding.content.question === slip.question,
  );
  if (first === undefined) return null;
  return (
    <Choosable
      session={session}
      choice={key}
      citation={first}
      chosen={chosen}
      label={`Claim ${index + 1}: ${claim.text}`}
      steps
    >
      {!isQuote && !repeats && <p className="pb-1.5 font-reading text-[15px] leading-[21px]">{claim.text}</p>}
      {claim.citations.map((citation, at) => (
        <QuoteEntry
          key={at}
          session={session}
          state={state}
          citation={citation}
          chosen={chosen && at === 0}
          action={
            at === 0 ? (
              <Button
                data-key="keep"
                disabled={kept}
                onClick={(event) => {
                  event.stopPropagation();
                  void session.findings.keep({
                    text: claim.text,
                    note: '',
                    citations: claim.citations,
                    question: slip.question,
                  });
                }}
              >
                {kept ? 'Kept' : 'Keep'}
              </Button>
            ) : null
          }
        />
      ))}
    </Choosable>
  );
}
