import { sayLength } from '@/core/summary';
import type { SummarySlip } from '@/store';
import { lengthOf, type Session, type SessionState } from '../session';
import { ClaimEntry } from './ClaimEntry';
import { SlipFrame } from './SlipFrame';
import { SlipMenu } from './SlipMenu';

/** A summary of several documents together. */
export function SummarySlipCard({
  session,
  state,
  slip,
}: {
  session: Session;
  state: SessionState;
  slip: SummarySlip;
}) {
  const names = slip.scope.map((one) => one.name);
  const title = `${names.length === 1 ? `“${names[0]}”` : `${names.length} documents`} in ${sayLength(lengthOf(slip))}${slip.about === '' ? '' : `: ${slip.about}`}`;
  return (
    <SlipFrame
      session={session}
      slip={slip}
      title={title}
      label={`Summary of ${names.join(', ')}`}
      detail={`${Math.max(1, Math.round(slip.milliseconds))} ms`}
      gist={slip.claims[0]?.text ?? 'No sentence can stand in a summary'}
    >
      {slip.claims.length === 0 && (
        <p className="px-3.5 py-2 font-reading text-[15px] text-muted italic">
          {slip.about === ''
            ? 'No sentence there can stand by itself.'
            : 'No sentence there bears on that: say it in other words, or leave it out.'}
        </p>
      )}
      {slip.claims.map((claim, at) => (
        <ClaimEntry
          key={at}
          session={session}
          state={state}
          slip={slip}
          question={`Summary${slip.about === '' ? '' : `: ${slip.about}`}`}
          claim={claim}
          index={at}
          repeats={false}
        />
      ))}
      <footer className="flex items-baseline gap-3 border-t border-rule px-3.5 py-1.5 text-[12px]">
        <span className="min-w-0 flex-1 truncate text-muted">
          {slip.by.name}; the documents’ own sentences, each checked on its page
        </span>
        <SlipMenu session={session} state={state} slip={slip} />
      </footer>
    </SlipFrame>
  );
}
