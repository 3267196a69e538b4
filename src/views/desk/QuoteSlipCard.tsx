'use client';

import { markInWords, Button } from '@/ui';
import type { QuoteSlip } from '@/store';
import type { Session, SessionState } from '../session';
import { Choosable, QuoteEntry } from '../spread';
import { SlipFrame } from './SlipFrame';
import { SlipMenu } from './SlipMenu';

const SAYS: Readonly<Record<QuoteSlip['citation']['mark'], string>> = {
  exact: 'These characters stand there',
  'same-words': 'The same words stand there, set differently',
  elsewhere: 'These words stand elsewhere',
  altered: 'The page says something else',
  absent: 'Nothing near it in the documents asked',
};

/** A pasted quote and what the check found. */
export function QuoteSlipCard({ session, state, slip }: { session: Session; state: SessionState; slip: QuoteSlip }) {
  const key = `${slip.id}/0`;
  const chosen = state.chosen?.key === key;
  const { citation } = slip;
  const kept = state.findings.some((finding) => finding.content?.text === slip.quote);
  const cited = [slip.citedSource, slip.citedPage === null ? null : `p. ${slip.citedPage}`].filter(Boolean).join(', ');
  return (
    <SlipFrame
      session={session}
      slip={slip}
      title={`“${slip.quote}”`}
      label={`Checked quote: ${slip.quote}`}
      detail={`checked${cited === '' ? ', no page cited' : `, cited as ${cited}`}`}
      gist={SAYS[citation.mark]}
    >
      <Choosable
        session={session}
        choice={key}
        citation={citation}
        chosen={chosen}
        label={`Checked: ${markInWords(citation.mark)}`}
        steps
      >
        <p className="pb-1.5 font-reading text-[17px] font-semibold">
          {slip.tooShort ? 'Too short to tell' : SAYS[citation.mark]}
        </p>
        <QuoteEntry
          session={session}
          state={state}
          citation={citation}
          chosen={chosen}
          action={
            citation.mark === 'absent' ? null : (
              <Button
                data-key="keep"
                disabled={kept}
                onClick={() =>
                  void session.findings.keep({ text: slip.quote, note: '', citations: [citation], question: null })
                }
              >
                {kept ? 'Kept' : 'Keep'}
              </Button>
            )
          }
        />
        {slip.instead !== null && (
          <p className="pt-1 text-[12px] text-muted">
            The cited page says instead: <span className="font-reading">{slip.instead}</span>
          </p>
        )}
        {slip.otherPlaces.length > 0 && (
          <p className="pt-1 text-[12px] text-muted">
            Also at {slip.otherPlaces.map((place) => `${place.source}, page ${place.page}`).join('; ')}.
          </p>
        )}
      </Choosable>
      <footer className="flex justify-end border-t border-rule px-3.5 py-1.5 text-[12px]">
        <SlipMenu session={session} state={state} slip={slip} />
      </footer>
    </SlipFrame>
  );
}
