import type { Box } from '@/core/source';

interface QuoteMarksProps {
  /** Boxes of the quote's lines, in points. */
  readonly boxes: readonly Box[];
  /** Pixels a point. */
  readonly scale: number;
  readonly grave: boolean;
  /** Draws the bracket in the margin too. */
  readonly margin: boolean;
  /** Left edge of the page's text, in points, where the margin bracket stands. */
  readonly left?: number;
}

const HOOK = 4;

/** The bracket that stands in the margin beside boxes, as an SVG path in pixels; `left` is the left edge of the page's text in points. */
export function marginBracket(boxes: readonly Box[], scale: number, left: number): string {
  const top = Math.min(...boxes.map((box) => box.y)) * scale;
  const bottom = Math.max(...boxes.map((box) => box.y + box.h)) * scale;
  const x = Math.max(4, Math.min(left, ...boxes.map((box) => box.x)) * scale - 14);
  return `M${x + 5} ${top} H${x} V${bottom} H${x + 5}`;
}

/** A quote set between half brackets with one thin rule beneath, and a bracket in the margin. SVG, in the pixels of its parent. */
export function QuoteMarks({ boxes, scale, grave, margin, left = 0 }: QuoteMarksProps) {
  const [first, last] = [boxes[0], boxes.at(-1)];
  if (first === undefined || last === undefined) return null;
  const stroke = grave ? 'var(--page-grave)' : 'var(--page-accent)';
  const [x0, y0] = [first.x * scale - 2, first.y * scale + 1];
  const [x1, y1] = [(last.x + last.w) * scale + 2, (last.y + last.h) * scale];
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute inset-0 size-full overflow-visible"
      fill="none"
      stroke={stroke}
    >
      {boxes.map((box, at) => (
        <line
          key={at}
          x1={box.x * scale}
          x2={(box.x + box.w) * scale}
          y1={(box.y + box.h) * scale - 0.5}
          y2={(box.y + box.h) * scale - 0.5}
          strokeWidth={1.4}
        />
      ))}
      <path d={`M${x0 + HOOK} ${y0} H${x0} V${y0 + 2 * HOOK}`} strokeWidth={1.8} />
      <path d={`M${x1 - HOOK} ${y1} H${x1} V${y1 - 2 * HOOK}`} strokeWidth={1.8} />
      {margin && <path d={marginBracket(boxes, scale, left)} strokeWidth={2} data-connect="quote" />}
    </svg>
  );
}
