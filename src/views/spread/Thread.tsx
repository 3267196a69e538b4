'use client';

import { useEffect, useRef, useState } from 'react';

interface Line {
  readonly path: string;
}

function place(frame: HTMLElement): Line | null {
  const find = (name: string): DOMRect | undefined =>
    frame.querySelector(`[data-connect="${name}"]`)?.getBoundingClientRect();
  const [strip, ribbon, quote] = [find('strip'), find('ribbon'), find('quote')];
  const outer = frame.getBoundingClientRect();
  const slips = frame.querySelector('[data-slips]')?.getBoundingClientRect();
  if (strip === undefined || ribbon === undefined || slips === undefined) return null;
  const top = slips.top - outer.top;
  const y0 = Math.min(Math.max(strip.top + strip.height / 2 - outer.top, top), slips.bottom - outer.top);
  const yr = ribbon.top + ribbon.height / 2 - outer.top;
  const [x0, xr0, xr1] = [strip.right - outer.left, ribbon.left - outer.left, ribbon.right - outer.left];
  const left = `M${x0} ${y0} H${(slips.right - outer.left + xr0) / 2 - 4} V${yr} H${xr0}`;
  if (quote === undefined) return { path: left };
  const page = frame.querySelector('[data-page-frame]')?.getBoundingClientRect();
  const yq = Math.min(Math.max(quote.top + quote.height / 2, page?.top ?? 0), page?.bottom ?? 1e6) - outer.top;
  const xq = quote.left - outer.left;
  const bend = Math.min(xr1 + 24, (xr1 + xq) / 2);
  return { path: `${left} M${xr1} ${yr} H${bend} V${yq} H${xq}` };
}

/** The thin line from the chosen strip through the ribbon to the quote on the page, redrawn as things move. */
export function Thread({ watch }: { watch: unknown }) {
  const frame = useRef<SVGSVGElement>(null);
  const [line, setLine] = useState<Line | null>(null);
  useEffect(() => {
    const parent = frame.current?.parentElement;
    if (parent == null) return undefined;
    let request = 0;
    const redraw = (): void => {
      cancelAnimationFrame(request);
      request = requestAnimationFrame(() => setLine(place(parent)));
    };
    redraw();
    parent.addEventListener('scroll', redraw, true);
    const observer = new MutationObserver(redraw);
    observer.observe(parent, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['style', 'd', 'data-connect'],
    });
    const resized = new ResizeObserver(redraw);
    resized.observe(parent);
    return () => {
      cancelAnimationFrame(request);
      parent.removeEventListener('scroll', redraw, true);
      observer.disconnect();
      resized.disconnect();
    };
  }, [watch]);
  return (
    <svg
      ref={frame}
      aria-hidden
      className="pointer-events-none absolute inset-0 z-10 size-full"
      fill="none"
      stroke="var(--accent)"
      strokeWidth={1.4}
    >
      {line !== null && <path d={line.path} />}
    </svg>
  );
}
