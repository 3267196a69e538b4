'use client';

import clsx from 'clsx';
import { useState } from 'react';
import { reviewState, type Decision, type Finding, type Step } from '@/core/review';
import { Button, formText } from '@/ui';
import type { Session, SessionState } from '../session';
import { Choosable, QuoteEntry } from '../spread';

const day = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const FIELD = 'min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2 py-0.5';

/** Decisions as they are offered and as they are told. */
const DECISIONS: readonly (readonly [Exclude<Decision, 'open'>, string, string])[] = [
  ['confirmed', 'Confirm', 'confirmed'],
  ['disputed', 'Dispute', 'disputed'],
  ['set-aside', 'Set aside', 'set aside'],
];
const STEPS: Readonly<Record<Step['kind'], string>> = {
  'finding-kept': 'kept it',
  'finding-noted': 'noted',
  'finding-withdrawn': 'withdrew it',
  'finding-restored': 'restored it',
  'finding-decided': 'decided',
  'finding-commented': 'commented',
  'comment-withdrawn': 'took a comment back',
  'reviewer-named': 'was named',
};

interface FindingCardProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly finding: Finding;
}

/** One finding: what was kept, with its quotes; what reviewers decided and said; its history. */
export function FindingCard({ session, state, finding }: FindingCardProps) {
  const { content } = finding;
  const chosen = state.chosen?.key === finding.id;
  const [first] = content?.citations ?? [];
  const nameOf = (actor: string): string =>
    actor === state.actor ? (state.reviewer ?? 'you') : (state.review.names.get(actor) ?? 'a reviewer without a name');
  return (
    <article
      aria-label={content?.text ?? 'Erased finding'}
      data-finding={finding.id}
      data-state={reviewState(finding)}
      className="rounded-[3px] border border-rule bg-leaf"
    >
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
          steps
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
              foreign={finding.keptBy !== state.actor}
            />
          ))}
        </Choosable>
      )}
      <Decisions session={session} state={state} finding={finding} nameOf={nameOf} />
      <Comments session={session} state={state} finding={finding} nameOf={nameOf} />
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
      <History finding={finding} nameOf={nameOf} />
    </article>
  );
}

type PartProps = FindingCardProps & { readonly nameOf: (actor: string) => string };

function Decisions({ session, state, finding, nameOf }: PartProps) {
  const [disputing, setDisputing] = useState(false);
  const own = finding.decisions.find((one) => one.by === state.actor)?.decision;
  const decide = (decision: Exclude<Decision, 'open'>): void => {
    if (decision === 'disputed' && own !== 'disputed') setDisputing(true);
    else session.findings.decide(finding.id, own === decision ? 'open' : decision);
  };
  return (
    <div className="border-t border-rule px-3.5 py-1.5">
      <div className="flex items-baseline gap-3">
        {DECISIONS.map(([decision, offer, told]) => (
          <Button
            key={decision}
            data-key={decision}
            aria-pressed={own === decision}
            title={own === decision ? 'Press again to take it back' : undefined}
            className={clsx(own === decision && 'underline decoration-2 underline-offset-4')}
            onClick={() => decide(decision)}
          >
            {own === decision ? told : offer}
          </Button>
        ))}
      </div>
      {disputing && (
        <form
          className="flex gap-2 pt-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            const reason = formText(event.currentTarget, 'reason');
            if (reason === '') return;
            session.findings.decide(finding.id, 'disputed', reason);
            setDisputing(false);
          }}
        >
          <input
            name="reason"
            autoFocus
            maxLength={2000}
            aria-label="Why it is disputed"
            placeholder="Why? A dispute needs its reason"
            className={FIELD}
            onKeyDown={(event) => event.key === 'Escape' && setDisputing(false)}
          />
          <Button look="outline" type="submit">
            Dispute
          </Button>
        </form>
      )}
      {finding.decisions.length > 0 && (
        <ul className="pt-1 text-[12px]">
          {finding.decisions.map((one) => (
            <li key={one.by} className="break-words">
              <b className="font-semibold">{nameOf(one.by)}</b>{' '}
              {DECISIONS.find(([decision]) => decision === one.decision)?.[2]} it,{' '}
              <span className="text-muted">{day.format(one.at)}</span>
              {one.reason !== '' && <span className="font-reading italic">: {one.reason}</span>}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Comments({ session, state, finding, nameOf }: PartProps) {
  return (
    <div className="border-t border-rule px-3.5 py-1.5">
      {finding.comments.map((comment) => (
        <p key={comment.id} className="flex items-baseline gap-2 pb-1 text-[13px]">
          <span className="min-w-0 flex-1 break-words">
            <b className="font-semibold">{nameOf(comment.by)}</b>: {comment.text}{' '}
            <span className="text-[12px] text-muted">{day.format(comment.at)}</span>
          </span>
          {comment.by === state.actor && (
            <Button look="quiet" onClick={() => session.findings.withdrawComment(finding.id, comment.id)}>
              Take back
            </Button>
          )}
        </p>
      ))}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          session.findings.comment(finding.id, formText(event.currentTarget, 'comment'));
          event.currentTarget.reset();
        }}
      >
        <input
          name="comment"
          maxLength={4000}
          data-key="comment"
          aria-label="Comment on this finding"
          placeholder="Comment, for all reviewers"
          className="w-full bg-transparent py-0.5 placeholder:text-muted"
        />
      </form>
    </div>
  );
}

function History({ finding, nameOf }: { finding: Finding; nameOf: (actor: string) => string }) {
  return (
    <details className="border-t border-rule px-3.5 py-1 text-[12px] text-muted">
      <summary className="cursor-pointer">
        History: {finding.history.length === 1 ? 'one entry' : `${finding.history.length} entries`}
      </summary>
      <ol className="py-1">
        {finding.history.map((step) => (
          <li key={step.id} className="break-words">
            {day.format(step.at)} · {nameOf(step.by)} {STEPS[step.kind]}
            {step.text !== '' && <span className="font-reading italic">: {step.text}</span>}
          </li>
        ))}
      </ol>
    </details>
  );
}
