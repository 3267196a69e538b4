'use client';

import clsx from 'clsx';
import { useRef, useState } from 'react';
import { findingsToAnnotations, findingsToCsv } from '@/core/exchange';
import { reviewState, type Finding, type ReviewState } from '@/core/review';
import { Button, Menu, saveFile } from '@/ui';
import { Spread, useLeaves } from '../spread';
import { useSession, type Incoming, type Session, type SessionState } from '../session';
import { FindingCard } from './FindingCard';
import { MergeDialog } from './MergeDialog';
import { ReviewerName } from './ReviewerName';
import { useReviewKeys } from './useReviewKeys';

const FILTERS: readonly (readonly [ReviewState | 'all', string])[] = [
  ['all', 'All'],
  ['undecided', 'Undecided'],
  ['confirmed', 'Confirmed'],
  ['disputed', 'Disputed'],
  ['set-aside', 'Set aside'],
];

/** The findings with what reviewers decided, and the page beside; how a review is handed on and a colleague's taken in. */
export function ReviewView() {
  const { session, state } = useSession();
  const [filter, setFilter] = useState<ReviewState | 'all'>('all');
  const [incoming, setIncoming] = useState<Incoming | null>(null);
  const leaves = useLeaves();
  const newest = [...state.findings].reverse();
  const shown = newest.filter((finding) => filter === 'all' || reviewState(finding) === filter);
  useReviewKeys(session, leaves, shown);
  return (
    <>
      <Spread session={session} state={state} leaves={leaves} label="Findings">
        <div className="flex items-baseline gap-3 px-4 pt-3 pb-1.5">
          <h2 className="flex-1 font-reading text-[17px] font-semibold">{headOf(newest)}</h2>
          <Button onClick={() => void session.findings.undo()}>Undo</Button>
          <TakeIn session={session} onExamined={setIncoming} />
          <HandOn session={session} state={state} />
        </div>
        {newest.length > 0 && (
          <div role="tablist" aria-label="Which findings" className="flex gap-3 px-4 pb-1.5">
            {FILTERS.map(([value, name]) => {
              const count = value === 'all' ? newest.length : newest.filter((one) => reviewState(one) === value).length;
              return (
                <button
                  key={value}
                  type="button"
                  role="tab"
                  aria-selected={filter === value}
                  onClick={() => setFilter(value)}
                  className={clsx(
                    'border-b-2 pb-0.5 whitespace-nowrap',
                    filter === value ? 'border-accent font-semibold' : 'border-transparent text-muted hover:text-ink',
                  )}
                >
                  {name} {count}
                </button>
              );
            })}
          </div>
        )}
        <div data-slips className="min-h-0 flex-1 space-y-3 overflow-y-auto px-4 pb-4">
          {shown.map((finding) => (
            <FindingCard key={finding.id} session={session} state={state} finding={finding} />
          ))}
          {newest.length === 0 && (
            <p className="px-1 pt-3 font-reading text-[15px] leading-[23px] text-muted italic">
              Nothing is kept yet. On the desk, keep a claim with K or its Keep button, or select text on a page and
              keep that. A colleague’s review can be taken in here.
            </p>
          )}
          {newest.length > 0 && shown.length === 0 && (
            <p className="px-1 pt-3 font-reading text-[15px] text-muted italic">None of the findings.</p>
          )}
          {state.review.withdrawn.length > 0 && <Withdrawn session={session} findings={state.review.withdrawn} />}
        </div>
      </Spread>
      {incoming !== null && <MergeDialog session={session} incoming={incoming} onClose={() => setIncoming(null)} />}
      <ReviewerName session={session} state={state} />
    </>
  );
}

function headOf(findings: readonly Finding[]): string {
  const open = findings.filter((one) => reviewState(one) === 'undecided').length;
  const all = findings.length === 1 ? 'One finding' : `${findings.length} findings`;
  return findings.length === 0 ? 'No findings' : open === 0 ? `${all}, all decided` : `${all}, ${open} undecided`;
}

function HandOn({ session, state }: { session: Session; state: SessionState }) {
  const annotations = async (): Promise<void> =>
    saveFile('findings.jsonld', 'application/ld+json', findingsToAnnotations(await session.findings.withContext()));
  const review = async (): Promise<void> =>
    saveFile(
      `${state.dossier?.name ?? 'dossier'}.review.json`,
      'application/json',
      JSON.stringify(await session.findings.reviewFile(), null, 1),
    );
  return (
    <Menu
      label="Hand on the findings"
      trigger="Hand on"
      entries={[
        { label: 'Save as review file, for a colleague', onSelect: () => void session.guard(review) },
        {
          label: 'Save as CSV',
          onSelect: () =>
            saveFile(
              'findings.csv',
              'text/csv;charset=utf-8',
              `\ufeff${findingsToCsv(state.findings, state.review.names)}`,
            ),
        },
        { label: 'Save as annotations', onSelect: () => void session.guard(annotations) },
      ]}
    />
  );
}

function TakeIn({ session, onExamined }: { session: Session; onExamined: (incoming: Incoming) => void }) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>Take in a review</Button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Review file to take in"
        data-input="review"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file !== undefined)
            void session.findings.examine(file).then((found) => found !== null && onExamined(found));
        }}
      />
    </>
  );
}

function Withdrawn({ session, findings }: { session: Session; findings: readonly Finding[] }) {
  return (
    <details className="text-[13px] text-muted">
      <summary className="cursor-pointer">Withdrawn: {findings.length}</summary>
      <ul>
        {findings.map((finding) => (
          <li key={finding.id} className="flex items-baseline gap-3 border-b border-rule/60 py-1">
            <span className="min-w-0 flex-1 truncate font-reading">{finding.content?.text ?? 'An erased finding'}</span>
            <Button onClick={() => session.findings.restore(finding.id)}>Restore</Button>
          </li>
        ))}
      </ul>
    </details>
  );
}
