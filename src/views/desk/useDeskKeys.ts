import type { RefObject } from 'react';
import type { AskBoxHandle } from './AskBox';
import { leafKeys, useKeys, type PageLeafHandle } from '../spread';

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
export function useDeskKeys(ask: RefObject<AskBoxHandle | null>, leaf: RefObject<PageLeafHandle | null>): void {
  useKeys({
    ...leafKeys(leaf),
    q: () => ask.current?.ask(),
    v: () => ask.current?.check(),
    '/': () => ask.current?.find(),
    k: () => pressIn('[data-claim]', 'keep'),
    w: () => pressIn('[data-claim]', 'mend'),
    f: () => pressIn('[data-slip]', 'follow'),
    c: () => pressIn('[data-slip]', 'copy'),
    ArrowDown: () => stepClaim(1),
    ArrowUp: () => stepClaim(-1),
  });
}
