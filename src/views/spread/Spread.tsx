'use client';

import clsx from 'clsx';
import { useMemo, useRef, type ReactNode, type RefObject } from 'react';
import { flushSync } from 'react-dom';
import type { Session, SessionState } from '../session';
import { PageLeaf, type PageActions, type PageLeafHandle } from './PageLeaf';
import { ribbonMarks } from './ribbonMarks';
import { Thread } from './Thread';

/** The pages of a spread: the open one, and that which may lie beside it on the left leaf. */
export interface Leaves {
  readonly open: RefObject<PageLeafHandle | null>;
  readonly beside: RefObject<PageLeafHandle | null>;
}

export function useLeaves(): Leaves {
  const open = useRef<PageLeafHandle>(null);
  const beside = useRef<PageLeafHandle>(null);
  return useMemo(() => ({ open, beside }), []);
}

interface SpreadProps {
  readonly session: Session;
  readonly state: SessionState;
  readonly leaves: Leaves;
  /** What the left leaf holds, in words. */
  readonly label: string;
  readonly actions?: PageActions;
  readonly children: ReactNode;
}

/** An open book: what is worked on lies on the left leaf, the open page on the right, the ribbon between; a second page may cover the left leaf. */
export function Spread({ session, state, leaves, label, actions = {}, children }: SpreadProps) {
  const marks = useMemo(
    () => ({ open: ribbonMarks(state, 'open'), beside: state.beside === null ? [] : ribbonMarks(state, 'beside') }),
    [state],
  );
  const covered = state.beside !== null;
  /** What goes on the left leaf needs it uncovered. */
  const uncovered: PageActions = {
    ...(actions.onAsk === undefined ? {} : { onAsk: uncovering(session, actions.onAsk) }),
    ...(actions.onLike === undefined ? {} : { onLike: uncovering(session, actions.onLike) }),
    ...(actions.onCheck === undefined ? {} : { onCheck: uncovering(session, actions.onCheck) }),
  };
  return (
    <div className="relative flex min-w-0 flex-1">
      <section
        aria-label={label}
        className={clsx('w-[46%] min-w-[400px] shrink-0 flex-col bg-ground', covered ? 'hidden' : 'flex')}
      >
        {children}
      </section>
      {(covered ? (['beside', 'open'] as const) : (['open'] as const)).map((leaf) => (
        <PageLeaf
          key={leaf}
          session={session}
          state={state}
          leaf={leaf}
          handle={leaves[leaf]}
          marks={marks[leaf]}
          actions={uncovered}
        />
      ))}
      {!covered && <Thread watch={state} />}
    </div>
  );
}

/** Takes a page off the left leaf, at once, before something on that leaf is used. */
export function uncovering<A extends unknown[]>(session: Session, act: (...given: A) => void): (...given: A) => void {
  return (...given) => {
    if (session.now.beside !== null) flushSync(() => session.clearBeside());
    act(...given);
  };
}
