'use client';

import { useMemo, useRef } from 'react';
import { findingsToAnnotations, findingsToCsv } from '@/core/exchange';
import type { Finding } from '@/core/review';
import { Button } from '@/ui';
import { Choosable, PageLeaf, QuoteEntry, ribbonMarks, Thread, type PageLeafHandle } from '../spread';
import { useSession, type Session, type SessionState } from '../session';
import { saveFile } from './saveFile';

const NOTHING = (): void => undefined;
const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** The findings kept so far, with their marks and pages, and how to hand them on. */
export function ReviewView() {
  const { session, state } = useSession();
  const leaf = useRef<PageLeafHandle>(null);
  const marks = useMemo(() => ribbonMarks(state), [state]);
  const newest = [...state.findings].reverse();
  return (
    <div className="relative flex min-w-0 flex-1">
      <section aria-label="Findings" className="flex w-[46%] min-w-[400px] shrink-0 flex-col bg-ground">
        <div className="flex items-baseline gap-3 px-4 pt-3 pb-2">
          <h2 className="flex-1 font-reading text-[17px] font-semibold">
            {newest.length === 1 ? 'One finding' : `${newest.length} findings`}
          </h2>
          <Button
            look="outline"
            disabled={newest.length === 0}
            onClick={() => saveFile('findings.csv', 'text/csv;charset=utf-8', `\ufeff${findingsToCsv(state.findings)}`)}
          >
            Save as CSV
          </Button>
          <Button
            look="outline"
            disabled={newest.length === 0}
            onClick={() => saveFile('findings.jsonld', 'application/ld+json', findingsToAnnotations(state.findings))}
          >
            Save as annotations
          </Button>
        </div>
        <div data-slips className="min-h-0 flex-1 space-y-3 overflow-y-auto px-4 pb-4">
          {newest.map((finding) => (
            <FindingCard key={finding.id} session={session} state={state} finding={finding} />
          ))}
          {newest.length === 0 && state.phase === 'ready' && (
            <p className="px-1 pt-3 font-reading text-[15px] leading-[23px] text-muted italic">
              Nothing is kept yet. On the desk, keep a claim with K or its Keep button, or select text on a page and
              keep that.
            </p>
          )}
        </div>
      </section>
      <PageLeaf session={session} state={state} handle={leaf} marks={marks} onAsk={NOTHING} onCheck={NOTHING} />
      <Thread watch={state} />
    </div>
  );
}

function FindingCard({ session, state, finding }: { session: Session; state: SessionState; finding: Finding }) {
  const { content } = finding;
  const chosen = state.chosen?.key === finding.id;
  const [first] = content?.citations ?? [];
  return (
    <article aria-label={content?.text ?? 'Erased finding'} className="rounded-[3px] border border-rule bg-leaf">
      <header className="flex items-baseline gap-3 border-b border-rule px-3.5 pt-2 pb-1.5">
        <h3 className="min-w-0 flex-1 font-reading text-[14px] leading-[20px] text-muted italic">
          {content === null
            ? 'The quotes of this finding were erased with their document.'
            : (content.question ?? 'A quote kept with its check')}
        </h3>
        <span className="text-[12px] whitespace-nowrap text-muted">{day.format(finding.keptAt)}</span>
      </header>
      {content !== null && (
        <Choosable
          session={session}
          choice={finding.id}
          citation={first}
          chosen={chosen}
          label={`Finding: ${content.text}`}
        >
          {content.citations.every((citation) => citation.quote !== content.text) && (
            <p className="pb-1.5 font-reading text-[15px] leading-[21px]">{content.text}</p>
          )}
          {content.citations.map((citation, at) => (
            <QuoteEntry
              key={at}
              session={session}
              state={state}
              citation={citation}
              chosen={chosen && at === 0}
              action={null}
            />
          ))}
        </Choosable>
      )}
      <footer className="flex items-center gap-3 border-t border-rule px-3.5 py-1.5">
        <input
          key={finding.note}
          defaultValue={finding.note}
          maxLength={2000}
          aria-label="Note on this finding"
          placeholder="Add a note"
          className="min-w-0 flex-1 bg-transparent py-0.5 placeholder:text-muted"
          onBlur={(event) =>
            event.target.value !== finding.note && session.findings.note(finding.id, event.target.value)
          }
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
        <Button look="quiet" onClick={() => session.findings.withdraw(finding.id)}>
          Withdraw
        </Button>
      </footer>
    </article>
  );
}
