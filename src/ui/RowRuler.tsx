import { unionBox, type Box, type Page } from '@/core/source';

/** The printed row at a height of the page, over all lines that share it, in points; null between rows. */
export function rowAt(page: Page, y: number): Box | null {
  const on = page.lines.filter((line) => y >= line.box.y && y <= line.box.y + line.box.h);
  if (on.length === 0) return null;
  const { y: top, h } = unionBox(on.map((line) => line.box));
  const { x, w } = unionBox(page.lines.map((line) => line.box));
  return { x, y: top, w, h };
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
