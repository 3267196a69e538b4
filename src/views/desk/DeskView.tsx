'use client';

import clsx from 'clsx';
import { useRef, useState } from 'react';
import type { StoredSlip } from '@/store';
import { useSession, type Session, type SessionState } from '../session';
import { Spread, useLeaves } from '../spread';
import { AskBox, type AskBoxHandle } from './AskBox';
import { BearingsPanel } from './BearingsPanel';
import { EmptyDesk } from './EmptyDesk';
import { FoundPanel } from './FoundPanel';
import { laidOut } from './laidOut';
import { QuoteSlipCard } from './QuoteSlipCard';
import { Slip } from './Slip';
import { SummarySlipCard } from './SummarySlipCard';
import { useDeskKeys } from './useDeskKeys';

type Sheet = 'slips' | 'bearings' | 'found';

/** Ask and check: slips on the left leaf, the page on the right, the ribbon between. */
export function DeskView() {
  const { session, state } = useSession();
  const [sheet, setSheet] = useState<Sheet>('slips');
  const [filter, setFilter] = useState('');
  const ask = useRef<AskBoxHandle>(null);
  const leaves = useLeaves();
  useDeskKeys(session, ask, leaves);

  const showAnswer = (slipIds: readonly string[]): void => {
    setSheet('slips');
    setFilter('');
    const [first] = slipIds;
    const target =
      document.querySelector<HTMLElement>(`[data-claim^="${first}/"]`) ??
      document.querySelector<HTMLElement>(`[data-slip="${first}"] button`);
    target?.focus();
  };

  if (state.shelf.length === 0 && state.slips.length === 0) return <EmptyDesk session={session} />;
  const slips = laidOut(state, filter);
  return (
    <Spread
      session={session}
      state={state}
      leaves={leaves}
      label="Questions and answers"
      actions={{
        onAsk: (about) => {
          session.asking.about(about);
          ask.current?.ask();
        },
        onLike: (text) =>
          void session.guard(async () => {
            if (await session.finder.findLike(text)) setSheet('found');
          }),
        onCheck: (text, cited) => ask.current?.check(text, cited),
      }}
    >
      <div className="px-4 pt-3 pb-1.5">
        <AskBox
          session={session}
          state={state}
          handle={ask}
          onAnswered={showAnswer}
          onFound={() => setSheet('found')}
        />
      </div>
      <div className="flex items-baseline gap-4 px-4 pb-1.5">
        <div role="tablist" aria-label="What lies on this leaf" className="flex gap-3">
          <SheetTab
            name={`Slips${state.slips.length > 0 ? ` ${state.slips.length}` : ''}`}
            open={sheet === 'slips'}
            onOpen={() => setSheet('slips')}
          />
          <SheetTab name="Bearings" open={sheet === 'bearings'} onOpen={() => setSheet('bearings')} />
          {state.found !== null && (
            <SheetTab
              name={`Found ${state.found.places.length}`}
              open={sheet === 'found'}
              onOpen={() => setSheet('found')}
            />
          )}
        </div>
        {sheet === 'slips' && state.slips.length > 1 && (
          <input
            type="search"
            value={filter}
            aria-label="Filter the slips"
            placeholder="Filter the slips"
            onChange={(event) => setFilter(event.target.value)}
            className="ml-auto w-40 border-b border-rule bg-transparent px-1 placeholder:text-muted"
          />
        )}
      </div>
      <div key={sheet} data-slips className="min-h-0 flex-1 space-y-3 overflow-y-auto px-4 pb-4">
        {sheet === 'bearings' ? (
          <BearingsPanel session={session} state={state} />
        ) : sheet === 'found' ? (
          <FoundPanel session={session} state={state} />
        ) : (
          <>
            {slips.map((slip) => (
              <AnySlip key={slip.id} session={session} state={state} slip={slip} />
            ))}
            {slips.length === 0 && <NoSlips filtered={filter.trim() !== ''} />}
          </>
        )}
      </div>
    </Spread>
  );
}

function SheetTab({ name, open, onOpen }: { name: string; open: boolean; onOpen: () => void }) {
  return (
    <button
      type="button"
      role="tab"
      aria-selected={open}
      onClick={onOpen}
      className={clsx(
        'border-b-2 pb-0.5',
        open ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink',
      )}
    >
      {name}
    </button>
  );
}

function AnySlip({ session, state, slip }: { session: Session; state: SessionState; slip: StoredSlip }) {
  if (slip.kind === 'quote') return <QuoteSlipCard session={session} state={state} slip={slip} />;
  if (slip.kind === 'summary') return <SummarySlipCard session={session} state={state} slip={slip} />;
  return <Slip session={session} state={state} slip={slip} growing={state.streaming?.id === slip.id} />;
}

function NoSlips({ filtered }: { filtered: boolean }) {
  return (
    <p className="px-1 pt-3 font-reading text-[15px] leading-[23px] text-muted italic">
      {filtered
        ? 'No slip holds these words.'
        : 'Answers lie here as slips, newest first. Each is made of quotes, and each quote is held against its page before you see it. Documents can be asked while they are still being read.'}
    </p>
  );
}
