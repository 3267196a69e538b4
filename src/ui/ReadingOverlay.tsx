import { boxesOn, type Box, type LineRole, type Page, type TablePlace } from '@/core/source';

interface ReadingOverlayProps {
  readonly page: Page;
  /** Tables of the edition that stand on this page, with how many rows and columns each has. */
  readonly tables: readonly { readonly place: TablePlace; readonly rows: number; readonly columns: number }[];
  /** Pixels a point. */
  readonly scale: number;
}

/** How a line of each kind is outlined: width and dashes of the stroke. */
const OUTLINES: Readonly<Record<LineRole, { readonly width: number; readonly dash?: string }>> = {
  body: { width: 0.8 },
  heading: { width: 2 },
  note: { width: 0.8, dash: '5 3' },
  contents: { width: 0.8, dash: '1 3' },
  head: { width: 0 },
  folio: { width: 0 },
};

function rect(box: Box, scale: number, pad: number): { x: number; y: number; width: number; height: number } {
  return {
    x: box.x * scale - pad,
    y: box.y * scale - pad,
    width: box.w * scale + 2 * pad,
    height: box.h * scale + 2 * pad,
  };
}

/** What was read, laid over the page: lines in their order, headings, notes with their marks, tables, and what is left out of sentences struck out with a slanting line. */
export function ReadingOverlay({ page, tables, scale }: ReadingOverlayProps) {
  return (
    <svg
      aria-label="What was read"
      role="img"
      className="pointer-events-none absolute inset-0 size-full overflow-visible"
      fill="none"
      stroke="var(--page-accent)"
    >
      {page.lines.map((line, at) => {
        const frame = rect(line.box, scale, 1);
        if (line.role === 'head' || line.role === 'folio')
          return (
            <g key={line.start} data-role={line.role} opacity={0.75}>
              <rect {...frame} strokeWidth={0.6} strokeDasharray="2 2" />
              <line
                x1={frame.x}
                y1={frame.y + frame.height}
                x2={frame.x + frame.width}
                y2={frame.y}
                strokeWidth={0.8}
              />
            </g>
          );
        const outline = OUTLINES[line.role];
        return (
          <g key={line.start} data-role={line.role}>
            <rect {...frame} strokeWidth={outline.width} strokeDasharray={outline.dash} />
            <text
              x={frame.x - 3}
              y={frame.y + frame.height - 2}
              textAnchor="end"
              fontSize={9}
              stroke="none"
              fill="var(--page-accent)"
              className="tabular-nums"
            >
              {at + 1}
            </text>
          </g>
        );
      })}
      {page.notes.map(({ mark, at }) =>
        at === null
          ? null
          : boxesOn(page, [{ page: page.number, ...at }]).map((box) => (
              <rect key={`${mark} ${at.start}`} data-role="mark" {...rect(box, scale, 2)} strokeWidth={1.6} />
            )),
      )}
      {tables.map(({ place, rows, columns }, at) => {
        const frame = rect(place.box, scale, 6);
        return (
          <g key={at} data-role="table">
            <rect {...frame} strokeWidth={1.6} strokeDasharray="9 4" />
            <text
              x={frame.x + frame.width}
              y={frame.y + frame.height + 11}
              textAnchor="end"
              fontSize={10.5}
              stroke="none"
              fill="var(--page-accent)"
            >
              {`table: ${rows} rows, ${columns} columns`}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
