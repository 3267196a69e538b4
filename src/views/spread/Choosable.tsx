'use client';

import clsx from 'clsx';
import type { ReactNode } from 'react';
import type { Citation } from '@/core/quote';
import type { Session } from '../session';

interface ChoosableProps {
  readonly session: Session;
  /** What is chosen by it, in `state.chosen`. */
  readonly choice: string;
  /** The quote that is looked at then; nothing happens without one. */
  readonly citation: Citation | undefined;
  readonly chosen: boolean;
  readonly label: string;
  /** True for what the arrow keys step through. */
  readonly steps?: boolean;
  readonly children: ReactNode;
}

/** A claim or finding that shows its page when it is pressed or gets the focus. */
export function Choosable({ session, choice, citation, chosen, label, steps = false, children }: ChoosableProps) {
  const choose = (): void => {
    if (citation !== undefined) session.choose(choice, citation);
  };
  return (
    <div
      data-claim={steps ? choice : undefined}
      tabIndex={0}
      role="group"
      aria-label={label}
      onClick={choose}
      onFocus={(event) => event.target === event.currentTarget && !chosen && choose()}
      className={clsx('cursor-pointer px-3.5 py-2 outline-offset-[-2px]', chosen && 'bg-tint')}
    >
      {children}
    </div>
  );
}
