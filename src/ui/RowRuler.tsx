import type { Box, Page } from '@/core/source';

/** The printed row at a height of the page, over all lines that share it, in points; null between rows. */
export function rowAt(page: Page, y: number): Box | null {
  const on = page.lines.filter((line) => y >= line.box.y && y <= line.box.y + line.box.h);
  if (on.length === 0) return null;
  const [top, bottom] = [Math.min(...on.map((one) => one.box.y)), Math.max(...on.map((one) => one.box.y + one.box.h))];
  const left = Math.min(...page.lines.map((one) => one.box.x));
  const right = Math.max(...page.lines.map((one) => one.box.x + one.box.w));
  return { x: left, y: top, w: right - left, h: bottom - top };
}

/** Two fine rules above and below a row, across the text: the eye keeps to it. */
export function RowRuler({ row, scale }: { row: Box; scale: number }) {
  const [x0, x1] = [(row.x - 8) * scale, (row.x + row.w + 8) * scale];
  return (
    <svg
      aria-hidden
      data-part="ruler"
      className="pointer-events-none absolute inset-0 size-full"
      stroke="var(--page-accent)"
    >
      {[row.y * scale - 1, (row.y + row.h) * scale + 1].map((y) => (
        <line key={y} x1={x0} x2={x1} y1={y} y2={y} strokeWidth={1.2} />
      ))}
    </svg>
  );
}
