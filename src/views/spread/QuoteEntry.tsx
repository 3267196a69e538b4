'use client';

import type { ReactNode } from 'react';
import type { Citation } from '@/core/quote';
import { Strip } from '@/ui';
import { documentOf, usePage, type Session, type SessionState } from '../session';
import { MarkExplained } from './MarkExplained';

interface QuoteEntryProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly citation: Citation;
  readonly chosen: boolean;
  readonly action: ReactNode;
  /** True for a colleague's: a document that is not here was perhaps never here. */
  readonly foreign?: boolean;
  /** False for words that nobody quoted: the page's own, which state a figure. */
  readonly marked?: boolean;
}

/** A checked quote: its mark, the strip of the page, what differs, where it stands. */
export function QuoteEntry({
  session,
  state,
  citation,
  chosen,
  action,
  foreign = false,
  marked = true,
}: QuoteEntryProps) {
  const shelved = documentOf(state.shelf, citation);
  // Spans belong to the edition that was checked; a newer one is anchored anew before it is drawn.
  const current = shelved !== null && shelved.edition.sha256 === citation.sha256;
  const [span] = citation.spans;
  const page = usePage(current ? shelved.edition.id : null, span?.page ?? 0, shelved?.edition.pagesRead ?? 0);
  const grave = citation.differences.some((difference) => difference.grave);
  return (
    <div>
      <div
        data-connect={chosen ? 'strip' : undefined}
        className="flex items-start gap-2 rounded-[2px] border border-rule bg-paper p-1.5"
      >
        {marked && <MarkExplained session={session} citation={citation} grave={grave} />}
        {current && page !== null && span !== undefined ? (
          <Strip editionId={shelved.edition.id} page={page} span={span} grave={grave} cell={citation.cell} />
        ) : (
          <blockquote className="min-w-0 flex-1 font-reading text-[13.5px] leading-[19px] break-words text-[#1a2626]">
            {citation.quote}
          </blockquote>
        )}
      </div>
      {citation.differences.length > 0 && <Differences citation={citation} />}
      {citation.cited !== undefined && (
        <p className="pt-1 text-[12px]">
          Cited as {citation.cited.source}
          {citation.cited.page !== null && `, page ${citation.cited.page}`}; these words stand at the place below.
        </p>
      )}
      {citation.mark === 'absent' && (
        <p className="pt-1 text-[12px]">Nothing near these words stands in the documents asked. It was cited as:</p>
      )}
      <div className="flex items-baseline gap-2 pt-1 text-[12px]">
        <span className="min-w-0 flex-1 truncate" title={citation.section}>
          {shelved === null ? (
            <span className="text-muted">
              {citation.sourceName === ''
                ? 'in none of the documents asked'
                : `${foreign ? 'not on this shelf' : 'document removed'}: ${citation.sourceName}`}
            </span>
          ) : (
            <button
              type="button"
              className="font-semibold text-accent hover:underline"
              onClick={() => citation.page !== null && session.openPage(shelved.source.id, citation.page)}
            >
              {shelved.source.name}
              {citation.page !== null && `, p. ${citation.label ?? citation.page}`}
            </button>
          )}
          {citation.section !== '' && <span className="text-muted"> {citation.section}</span>}
          {shelved !== null && !current && <span className="text-muted"> · from an earlier edition</span>}
        </span>
        {action}
      </div>
    </div>
  );
}

function Differences({ citation }: { citation: Citation }) {
  return (
    <ul className="pt-1 text-[12px]">
      {citation.differences.map((difference, at) => (
        <li key={at} className={difference.grave ? 'text-grave' : 'text-muted'}>
          page: <b>{difference.expected === '' ? 'nothing' : difference.expected}</b> · quote:{' '}
          <b>{difference.found === '' ? 'left out' : difference.found}</b> · {difference.kind}
        </li>
      ))}
    </ul>
  );
}
