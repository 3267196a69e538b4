import { useEffect, type RefObject } from 'react';
import type { AskBoxHandle } from './AskBox';
import type { PageLeafHandle } from '../spread';

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

/** The desk's keys; see Shortcuts. They rest while a text field, a dialog or a menu has the focus. */
export function useDeskKeys(ask: RefObject<AskBoxHandle | null>, leaf: RefObject<PageLeafHandle | null>): void {
  useEffect(() => {
    const actions: Readonly<Record<string, () => void>> = {
      q: () => ask.current?.ask(),
      v: () => ask.current?.check(),
      g: () => leaf.current?.goTo(),
      k: () => pressIn('[data-claim]', 'keep'),
      c: () => pressIn('[data-slip]', 'copy'),
      '+': () => leaf.current?.zoom(1),
      '-': () => leaf.current?.zoom(-1),
      '0': () => leaf.current?.zoom('fit'),
      ArrowRight: () => leaf.current?.step(1),
      ArrowLeft: () => leaf.current?.step(-1),
      ArrowDown: () => stepClaim(1),
      ArrowUp: () => stepClaim(-1),
    };
    const listen = (event: KeyboardEvent): void => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
      if (target?.closest('input, textarea, select, [role="dialog"], [role="menu"], [role="slider"]') != null) return;
      const scrolls =
        event.key.startsWith('Arrow') && target?.closest('[data-page-frame]') != null && !/Left|Right/.test(event.key);
      const action = actions[event.key.length === 1 ? event.key.toLowerCase() : event.key];
      if (action === undefined || scrolls) return;
      event.preventDefault();
      action();
    };
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, [ask, leaf]);
}
