import { unionBox, type Box } from '@/core/source';
import { marginBracket } from './QuoteMarks';

interface CellMarksProps {
  /** Boxes of the figure, of its row labels and of its column heads, in points. */
  readonly value: readonly Box[];
  readonly row: readonly Box[];
  readonly column: readonly Box[];
  /** Pixels a point. */
  readonly scale: number;
  readonly grave: boolean;
  /** Draws the bracket in the margin too. */
  readonly margin: boolean;
  /** Left edge of the page's text, in points, where the margin bracket stands. */
  readonly left?: number;
}

/** Points between a figure and its frame. */
const PAD = 2.5;

/** The line that leads the eye from a frame to a label or head, along the row or the column; null where they touch or lie askew. */
function leader(frame: Box, other: Box): readonly [number, number, number, number] | null {
  const middle = frame.y + frame.h / 2;
  // Below the figures between, and behind the ends of those above, so that none is struck through.
  const [fx, fy] = [frame.x + frame.w, frame.y + frame.h - 1.5];
  const beside = middle > other.y - 3 && middle < other.y + other.h + 3;
  if (beside && other.x + other.w < frame.x - 4) return [other.x + other.w + 2, fy, frame.x - 1, fy];
  if (beside && other.x > frame.x + frame.w + 4) return [frame.x + frame.w + 1, fy, other.x - 2, fy];
  if (other.x + other.w < frame.x - frame.w || other.x > fx + frame.w) return null;
  if (other.y + other.h < frame.y - 4) return [fx, other.y + other.h + 1, fx, frame.y - 1];
  return other.y > frame.y + frame.h + 4 ? [fx, frame.y + frame.h + 1, fx, other.y - 1] : null;
}

/** A cell framed, its row label and column head ruled beneath, with a fine line from each that keeps the eye in its row and column. SVG, in the pixels of its parent. */
export function CellMarks({ value, row, column, scale, grave, margin, left = 0 }: CellMarksProps) {
  if (value.length === 0) return null;
  const inner = unionBox(value);
  const frame = { x: inner.x - PAD, y: inner.y - 1, w: inner.w + 2 * PAD, h: inner.h + 2 };
  const own = row.filter((box) => Math.abs(box.y - inner.y) < 3 * inner.h || Math.abs(box.x - inner.x) < 3 * inner.w);
  const leaders = [row.at(-1), column.at(-1)].flatMap((box) => (box === undefined ? [] : (leader(frame, box) ?? [])));
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute inset-0 size-full overflow-visible"
      fill="none"
      stroke={grave ? 'var(--page-grave)' : 'var(--page-accent)'}
    >
      <rect
        data-part="cell"
        x={frame.x * scale}
        y={frame.y * scale}
        width={frame.w * scale}
        height={frame.h * scale}
        strokeWidth={1.8}
      />
      {[...own, ...column].map((box, at) => (
        <line
          key={at}
          x1={box.x * scale}
          x2={(box.x + box.w) * scale}
          y1={(box.y + box.h) * scale - 0.5}
          y2={(box.y + box.h) * scale - 0.5}
          strokeWidth={1.4}
        />
      ))}
      {leaders.length > 0 &&
        Array.from({ length: leaders.length / 4 }, (_, at) => (
          <line
            key={at}
            data-part="leader"
            x1={(leaders[4 * at] as number) * scale}
            y1={(leaders[4 * at + 1] as number) * scale}
            x2={(leaders[4 * at + 2] as number) * scale}
            y2={(leaders[4 * at + 3] as number) * scale}
            strokeWidth={1}
            strokeDasharray="1 3"
          />
        ))}
      {margin && <path d={marginBracket([...value, ...own], scale, left)} strokeWidth={2} data-connect="quote" />}
    </svg>
  );
}
