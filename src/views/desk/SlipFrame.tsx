'use client';

import clsx from 'clsx';
import type { ReactNode } from 'react';
import type { StoredSlip } from '@/store';
import type { Session } from '../session';

interface SlipFrameProps {
  readonly session: Session;
  readonly slip: StoredSlip;
  readonly title: string;
  readonly label: string;
  /** How long it took, or what is going on. */
  readonly detail: string;
  /** What a folded slip says beside its title. */
  readonly gist: string;
  readonly children: ReactNode;
}

const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** The sheet of a slip: its title folds and unfolds it. */
export function SlipFrame({ session, slip, title, label, detail, gist, children }: SlipFrameProps) {
  return (
    <article aria-label={label} data-slip={slip.id} className="rounded-[3px] border border-rule bg-leaf">
      <header className={clsx('flex items-baseline gap-3 px-3.5 pt-2 pb-1.5', !slip.folded && 'border-b border-rule')}>
        <h2 className="min-w-0 flex-1 font-reading text-[15px] leading-[21px] break-words italic">
          <button
            type="button"
            aria-expanded={!slip.folded}
            title={slip.folded ? 'Unfold' : 'Fold'}
            className="text-left hover:text-accent"
            onClick={() => session.asking.lay(slip, { folded: !slip.folded })}
          >
            {title}
          </button>
        </h2>
        <span className="text-[12px] whitespace-nowrap text-muted">
          {slip.pinned && <b className="font-semibold text-accent">pinned · </b>}
          {time.format(slip.askedAt)} · {detail}
        </span>
      </header>
      {slip.folded ? <p className="truncate px-3.5 pb-1.5 font-reading text-[14px] text-muted">{gist}</p> : children}
    </article>
  );
}
