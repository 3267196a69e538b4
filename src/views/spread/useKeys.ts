import { useEffect } from 'react';
import type { Leaves } from './Spread';

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

/** The keys of a page: the open one's, or, while the focus is on the left leaf, those of the page that lies there. */
export function leafKeys({ open, beside }: Leaves): KeyActions {
  const leaf = {
    get current() {
      return document.activeElement?.closest('[data-leaf=beside]') == null ? open.current : beside.current;
    },
  };
  return {
    g: () => leaf.current?.goTo(),
    '+': () => leaf.current?.zoom(1),
    '-': () => leaf.current?.zoom(-1),
    '0': () => leaf.current?.zoom('fit'),
    t: () => leaf.current?.turn(),
    r: () => leaf.current?.showReading(),
    l: () => leaf.current?.rule(),
    o: () => leaf.current?.outline(),
    b: () => leaf.current?.layBeside(),
    ArrowRight: () => leaf.current?.step(1),
    ArrowLeft: () => leaf.current?.step(-1),
  };
}
