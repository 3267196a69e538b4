import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** An element's inner size in pixels, kept up to date; 0 by 0 before the first layout. */
export function useSize<E extends HTMLElement>(): [RefObject<E | null>, { width: number; height: number }] {
  const element = useRef<E>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useLayoutEffect(() => {
    const target = element.current;
    if (target === null) return undefined;
    const observer = new ResizeObserver(() => setSize({ width: target.clientWidth, height: target.clientHeight }));
    observer.observe(target);
    return () => observer.disconnect();
  }, []);
  return [element, size];
}
