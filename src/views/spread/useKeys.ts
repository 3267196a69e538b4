import { useEffect, type RefObject } from 'react';
import type { PageLeafHandle } from './PageLeaf';

type KeyActions = Readonly<Record<string, () => void>>;

/** Keys that work while no text field, dialog, menu or slider has the focus; up and down scroll a page that has it. */
export function useKeys(actions: KeyActions): void {
  useEffect(() => {
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
  });
}

/** The keys of the page that lies open. */
export function leafKeys(leaf: RefObject<PageLeafHandle | null>): KeyActions {
  return {
    g: () => leaf.current?.goTo(),
    '+': () => leaf.current?.zoom(1),
    '-': () => leaf.current?.zoom(-1),
    '0': () => leaf.current?.zoom('fit'),
    t: () => leaf.current?.turn(),
    r: () => leaf.current?.showReading(),
    l: () => leaf.current?.rule(),
    o: () => leaf.current?.outline(),
    ArrowRight: () => leaf.current?.step(1),
    ArrowLeft: () => leaf.current?.step(-1),
  };
}
