import { act, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';

// What browsers have and jsdom has not.
Object.assign(globalThis, {
  IS_REACT_ACT_ENVIRONMENT: true,
  ResizeObserver: class {
    observe = (): void => undefined;
    disconnect = (): void => undefined;
  },
});
Element.prototype.scrollIntoView = () => undefined;

/** Draws a part of the interface into an element of its own. */
export function draw(part: ReactNode): HTMLElement {
  const frame = document.createElement('div');
  act(() => createRoot(frame).render(part));
  return frame;
}
