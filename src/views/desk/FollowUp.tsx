'use client';

import { useState } from 'react';
import { completeQuestion } from '@/core/answer';
import type { QuestionSlip } from '@/store';
import { Button, formText } from '@/ui';
import type { Session, SessionState } from '../session';

const FIELD = 'min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2 py-1 font-reading text-[14px]';

/** A question asked on a slip; how it will be understood is shown while it is typed. */
export function FollowUp({
  session,
  state,
  slip,
  onDone,
}: {
  session: Session;
  state: SessionState;
  slip: QuestionSlip;
  onDone: () => void;
}) {
  const [text, setText] = useState('');
  const said = [slip.answer.headline ?? '', ...slip.answer.claims.map((claim) => claim.text)];
  const whole = text.trim() === '' ? '' : completeQuestion(text, { question: slip.completed, said });
  return (
    <form
      className="border-t border-rule px-3.5 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '' || state.asking) return;
        void session.asking.ask(text, slip);
        onDone();
      }}
    >
      {whole !== '' && whole !== text.trim() && (
        <p className="pb-1 text-[12px] text-muted">
          Asked as: <span className="font-reading italic">{whole}</span>
        </p>
      )}
      <div className="flex gap-2">
        <input
          ref={(field) => field?.scrollIntoView({ block: 'nearest' })}
          autoFocus
          value={text}
          maxLength={2000}
          aria-label="Follow-up question"
          placeholder="and the year before?"
          className={`${FIELD} italic`}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => event.key === 'Escape' && onDone()}
        />
        <Button look="primary" type="submit" disabled={text.trim() === '' || state.asking}>
          Ask ⏎
        </Button>
      </div>
    </form>
  );
}

/** On a follow-up: the question it was asked on, and how it was understood, which can be corrected. */
export function Followed({ session, state, slip }: { session: Session; state: SessionState; slip: QuestionSlip }) {
  const [editing, setEditing] = useState(false);
  if (slip.follows === null && slip.completed === slip.question) return null;
  const before = state.slips.find((one) => one.id === slip.follows);
  return (
    <div className="px-3.5 pt-1.5 text-[12px] text-muted">
      {before?.kind === 'question' && (
        <p className="truncate">
          On{' '}
          <button
            type="button"
            className="font-reading italic hover:text-accent"
            onClick={() => document.querySelector(`[data-slip="${before.id}"]`)?.scrollIntoView({ block: 'start' })}
          >
            {before.question}
          </button>
        </p>
      )}
      {editing ? (
        <form
          className="flex gap-2 pt-0.5"
          onSubmit={(event) => {
            event.preventDefault();
            const completed = formText(event.currentTarget, 'completed');
            setEditing(false);
            if (completed !== '') void session.asking.askAgain(slip, completed);
          }}
        >
          <input
            name="completed"
            autoFocus
            defaultValue={slip.completed}
            maxLength={2000}
            aria-label="The question as it is asked"
            className={FIELD}
          />
          <Button look="primary" type="submit">
            Ask ⏎
          </Button>
        </form>
      ) : (
        <p className="flex items-baseline gap-2">
          <span className="min-w-0 flex-1">
            Asked as: <span className="font-reading text-ink italic">{slip.completed}</span>
          </span>
          <Button onClick={() => setEditing(true)}>Correct</Button>
        </p>
      )}
    </div>
  );
}
