'use client';

import { useState } from 'react';
import { Button, Dialog, formText } from '@/ui';
import type { Session, SessionState } from '../session';

/** Asks a reviewer's name once, when something was decided and nobody knows by whom. */
export function ReviewerName({ session, state }: { session: Session; state: SessionState }) {
  const [later, setLater] = useState(false);
  const decided = state.findings.some((finding) =>
    [...finding.decisions, ...finding.comments].some((one) => one.by === state.actor),
  );
  if (later || !decided || state.reviewer !== null) return null;
  return (
    <Dialog
      title="Your name, for the review"
      about="It stands beside what you decide, here and in the files you hand on. It is asked once and kept in this browser."
      onClose={() => setLater(true)}
    >
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const name = formText(event.currentTarget, 'name');
          if (name !== '') void session.findings.nameReviewer(name);
        }}
      >
        <input
          name="name"
          autoFocus
          maxLength={100}
          aria-label="Your name"
          className="min-w-0 flex-1 rounded-[3px] border border-rule bg-ground px-2 py-1"
        />
        <Button look="primary" type="submit">
          Keep
        </Button>
      </form>
    </Dialog>
  );
}
