import { boxesOf, type Box, type Page, type Span } from '@/core/source';
import { Bitmap } from './Bitmap';
import { usePicture } from './drawing';
import { QuoteMarks } from './QuoteMarks';
import { useSize } from './useSize';

/** Printed lines a strip shows at most. */
const MOST_LINES = 5;
/** Points of paper shown above and below, and at the sides. */
const PAD = 4;
const SIDE = 8;

interface StripProps {
  readonly editionId: string;
  readonly page: Page;
  readonly span: Span;
  readonly grave: boolean;
}

/** The part of the page that holds the quote's lines, as wide as the text there, in points; cut between printed lines, not through them. */
function regionOf(page: Page, boxes: readonly Box[]): Box {
  const [first, last] = [boxes[0] as Box, boxes[Math.min(boxes.length, MOST_LINES) - 1] as Box];
  const bottom = last.y + last.h;
  const inColumn = page.lines.filter((line) => line.box.x <= first.x + first.w && line.box.x + line.box.w >= first.x);
  const own = inColumn.filter((line) => middle(line.box) > first.y && middle(line.box) < bottom);
  const above = inColumn.filter((line) => middle(line.box) < first.y).map((line) => line.box.y + line.box.h);
  const below = inColumn.filter((line) => middle(line.box) > bottom).map((line) => line.box.y);
  const left = Math.min(...boxes.map((box) => box.x), ...own.map((line) => line.box.x));
  const right = Math.max(...boxes.map((box) => box.x + box.w), ...own.map((line) => line.box.x + line.box.w));
  // Lines set close overlap a little; then the cut goes just inside the quote's own.
  const top = Math.max(0, first.y - PAD, Math.min(first.y + 1, Math.max(0, ...above)));
  const end = Math.min(page.height, bottom + PAD, Math.max(bottom - 1, Math.min(page.height, ...below)));
  const x = Math.max(0, left - SIDE);
  return { x, y: top, w: Math.min(page.width, right + SIDE) - x, h: end - top };
}

function middle(box: Box): number {
  return box.y + box.h / 2;
}

/** The piece of the page, as printed, around a quote. */
export function Strip({ editionId, page, span, grave }: StripProps) {
  const [frame, { width }] = useSize<HTMLDivElement>();
  const boxes = boxesOf(page, span);
  const region = boxes.length === 0 ? null : regionOf(page, boxes);
  // Small type is not blown up beyond what is comfortable to read.
  const scale = region === null || width === 0 ? 0 : Math.min(width / region.w, 1.35);
  const picture = usePicture(editionId, span.page, region, scale * (globalThis.devicePixelRatio || 1));
  if (region === null) return null;
  const shown = boxes.slice(0, MOST_LINES).map((box) => ({ ...box, x: box.x - region.x, y: box.y - region.y }));
  return (
    <div ref={frame} className="min-w-0 flex-1">
      <div className="relative overflow-hidden bg-paper" style={{ width: region.w * scale, height: region.h * scale }}>
        <Bitmap
          picture={picture}
          label={`Page ${page.label ?? page.number}: ${page.text.slice(span.start, span.end)}`}
        />
        <QuoteMarks boxes={shown} scale={scale} grave={grave} margin={false} />
      </div>
      {boxes.length > MOST_LINES && (
        <p className="pt-0.5 text-[11px] text-muted">and {boxes.length - MOST_LINES} more lines on the page</p>
      )}
    </div>
  );
}
