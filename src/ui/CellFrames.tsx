import { boxesOn, cellsOf, unionBox, type CellBlock, type Page } from '@/core/source';

/** Frames around the cells that were pointed out by a selection, their labels and heads ruled beneath. SVG, in the pixels of its parent. */
export function CellFrames({ block, page, scale }: { block: CellBlock; page: Page; scale: number }) {
  const heads = [
    ...block.rows.flatMap((row) => boxesOn(page, row.spans.at(-1) ?? [])),
    ...block.columns.flatMap((column) => boxesOn(page, block.table.columns[column]?.spans.at(-1) ?? [])),
  ];
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute inset-0 size-full"
      fill="none"
      stroke="var(--page-accent)"
      strokeWidth={1.4}
    >
      {cellsOf(block).map(({ cell }, at) => {
        const boxes = boxesOn(page, cell.spans);
        if (boxes.length === 0) return null;
        const { x, y, w, h } = unionBox(boxes);
        return (
          <rect
            key={at}
            data-part="chosen-cell"
            x={(x - 2.5) * scale}
            y={(y - 1) * scale}
            width={(w + 5) * scale}
            height={(h + 2) * scale}
          />
        );
      })}
      {heads.map(({ x, y, w, h }, at) => (
        <line
          key={at}
          x1={x * scale}
          x2={(x + w) * scale}
          y1={(y + h) * scale}
          y2={(y + h) * scale}
          strokeDasharray="1 2"
        />
      ))}
    </svg>
  );
}
