import type { RefObject } from 'react';
import type { AskBoxHandle } from './AskBox';
import type { Session } from '../session';
import { leafKeys, uncovering, useKeys, type Leaves } from '../spread';

/** Moves the focus to the claim `by` places after the one that has it, and shows it. */
function stepClaim(by: number): void {
  const claims = [...document.querySelectorAll<HTMLElement>('[data-claim]')];
  const at = claims.findIndex((claim) => claim.contains(document.activeElement));
  const next = claims[at < 0 ? 0 : Math.min(claims.length - 1, Math.max(0, at + by))];
  next?.focus();
  next?.scrollIntoView({ block: 'nearest' });
}

function pressIn(scope: string, key: string): void {
  document.activeElement?.closest(scope)?.querySelector<HTMLButtonElement>(`[data-key="${key}"]`)?.click();
}

/** The desk's keys; see Shortcuts. */
export function useDeskKeys(session: Session, ask: RefObject<AskBoxHandle | null>, leaves: Leaves): void {
  useKeys({
    ...leafKeys(leaves),
    q: uncovering(session, () => ask.current?.ask()),
    v: uncovering(session, () => ask.current?.check()),
    '/': uncovering(session, () => ask.current?.find()),
    k: () => pressIn('[data-claim]', 'keep'),
    w: () => pressIn('[data-claim]', 'mend'),
    e: () => pressIn('[data-claim]', 'explain'),
    f: () => pressIn('[data-slip]', 'follow'),
    c: () => pressIn('[data-slip]', 'copy'),
    ArrowDown: () => stepClaim(1),
    ArrowUp: () => stepClaim(-1),
  });
}
