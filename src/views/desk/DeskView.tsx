'use client';

import { useMemo, useRef } from 'react';
import { Button } from '@/ui';
import { useSession, type Session } from '../session';
import { AskBox, type AskBoxHandle } from './AskBox';
import { PageLeaf, ribbonMarks, Thread, type PageLeafHandle } from '../spread';
import { QuoteSlipCard } from './QuoteSlipCard';
import { Slip } from './Slip';
import { bringDemo } from './demo';
import { useDeskKeys } from './useDeskKeys';

/** Ask and check: slips on the left leaf, the page on the right, the ribbon between. */
export function DeskView() {
  const { session, state } = useSession();
  const ask = useRef<AskBoxHandle>(null);
  const leaf = useRef<PageLeafHandle>(null);
  const marks = useMemo(() => ribbonMarks(state), [state]);
  useDeskKeys(ask, leaf);

  const showAnswer = (slipIds: readonly string[]): void => {
    const [first] = slipIds;
    const target =
      document.querySelector<HTMLElement>(`[data-claim^="${first}/"]`) ??
      document.querySelector<HTMLElement>(`[data-slip="${first}"] button`);
    target?.focus();
  };

  if (state.shelf.length === 0 && state.slips.length === 0) return <EmptyDesk session={session} />;
  return (
    <div className="relative flex min-w-0 flex-1">
      <section aria-label="Questions and answers" className="flex w-[46%] min-w-[400px] shrink-0 flex-col bg-ground">
        <div className="px-4 pt-3 pb-2.5">
          <AskBox session={session} state={state} handle={ask} onAnswered={showAnswer} />
        </div>
        <div data-slips className="min-h-0 flex-1 space-y-3 overflow-y-auto px-4 pb-4">
          {state.slips.map((slip) =>
            slip.kind === 'question' ? (
              <Slip key={slip.id} session={session} state={state} slip={slip} />
            ) : (
              <QuoteSlipCard key={slip.id} session={session} state={state} slip={slip} />
            ),
          )}
          {state.slips.length === 0 && (
            <p className="px-1 pt-3 font-reading text-[15px] leading-[23px] text-muted italic">
              Answers lie here as slips, newest first. Each is made of quotes, and each quote is held against its page
              before you see it. Documents can be asked while they are still being read.
            </p>
          )}
        </div>
      </section>
      <PageLeaf
        session={session}
        state={state}
        handle={leaf}
        marks={marks}
        onAsk={(text) => ask.current?.ask(text)}
        onCheck={(text, cited) => ask.current?.check(text, cited)}
      />
      <Thread watch={state} />
    </div>
  );
}

function EmptyDesk({ session }: { session: Session }) {
  return (
    <div className="mx-auto flex max-w-[820px] flex-1 flex-col justify-center gap-4 px-8 pb-16">
      <h2 className="font-reading text-[30px] leading-[38px] font-semibold">
        Ask long documents. See each answer on its page.
      </h2>
      <p className="font-reading text-[17px] leading-[27px]">
        Bring in contracts, filings, regulations or reports as PDFs. Ask in plain words; the answer is made of quotes,
        and every quote is marked only after it was found on the page it is cited from. Keep what holds as a finding,
        and hand the findings on.
      </p>
      <div className="flex items-center gap-4 pt-1">
        <Button look="primary" className="px-4 py-2 text-[14px]" onClick={() => void bringDemo(session)}>
          Open the demo dossier
        </Button>
        <span className="text-muted">
          Three invented documents about a harbour town and its ferries. Or drop PDFs of your own anywhere.
        </span>
      </div>
      <p className="text-muted">
        Nothing leaves this computer: documents, questions and findings are kept in this browser only.
      </p>
    </div>
  );
}
