import type { CellPlace } from '@/core/quote';
import { boxesOf, boxesOn, unionBox, type Box, type Page, type Span } from '@/core/source';
import type { ReactNode } from 'react';
import { Bitmap } from './Bitmap';
import { CellMarks } from './CellMarks';
import { usePicture } from './drawing';
import { QuoteMarks } from './QuoteMarks';
import { useSize } from './useSize';

/** Printed lines a strip shows at most. */
const MOST_LINES = 5;
/** Points of paper shown above and below, and at the sides. */
const PAD = 4;
const SIDE = 8;
/** Points between a row and its column heads up to which one piece shows both. */
const NEAR_HEADS = 40;

interface StripProps {
  readonly editionId: string;
  readonly page: Page;
  readonly span: Span;
  readonly grave: boolean;
  /** The cell that is meant: then its row is shown with its column heads. */
  readonly cell?: CellPlace | undefined;
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

/** The pieces of the page that show a cell with its label and its column heads, of one width: one where they stand near, else the heads and the row apart. */
function cellPieces(page: Page, row: Box, cell: CellPlace): Box[] {
  const heads = boxesOn(page, cell.column);
  if (heads.length === 0) return [row];
  const over = unionBox(heads);
  const all = unionBox([over, row, ...boxesOn(page, cell.row)]);
  const [x, right] = [
    Math.max(0, Math.min(row.x, all.x - PAD)),
    Math.min(page.width, Math.max(row.x + row.w, all.x + all.w + PAD)),
  ];
  const width = { x, w: right - x };
  const above = row.y - over.y - over.h;
  // Heads beside the row, as on a page whose text is turned, stand within it or far off: one piece shows all.
  if (above < NEAR_HEADS) return [{ ...unionBox([row, { ...over, y: over.y - PAD, h: over.h + PAD }]), ...width }];
  return [
    { ...width, y: over.y - PAD, h: over.h + PAD + 1 },
    { ...row, ...width },
  ];
}

function moved(boxes: readonly Box[], by: Box): Box[] {
  return boxes.map((box) => ({ ...box, x: box.x - by.x, y: box.y - by.y }));
}

/** The piece of the page, as printed, around a quote. */
export function Strip({ editionId, page, span, grave, cell }: StripProps) {
  const [frame, { width }] = useSize<HTMLDivElement>();
  const boxes = boxesOf(page, span);
  if (boxes.length === 0) return null;
  const region = regionOf(page, boxes);
  const pieces = cell === undefined ? [region] : cellPieces(page, region, cell);
  // Small type is not blown up beyond what is comfortable to read.
  const scale = width === 0 ? 0 : Math.min(width / (pieces[0] as Box).w, 1.35);
  const label = `Page ${page.label ?? page.number}: ${page.text.slice(span.start, span.end)}`;
  return (
    <div ref={frame} className="min-w-0 flex-1">
      {pieces.map((piece, at) => (
        <Piece key={at} editionId={editionId} number={page.number} box={piece} scale={scale} label={label} cut={at > 0}>
          {cell === undefined ? (
            <QuoteMarks boxes={moved(boxes.slice(0, MOST_LINES), piece)} scale={scale} grave={grave} margin={false} />
          ) : (
            <CellMarks
              value={moved(boxesOn(page, cell.value), piece)}
              row={moved(boxesOn(page, cell.row), piece)}
              column={moved(boxesOn(page, cell.column), piece)}
              scale={scale}
              grave={grave}
              margin={false}
            />
          )}
        </Piece>
      ))}
      {boxes.length > MOST_LINES && (
        <p className="pt-0.5 text-[11px] text-muted">and {boxes.length - MOST_LINES} more lines on the page</p>
      )}
    </div>
  );
}

interface PieceProps {
  readonly editionId: string;
  readonly number: number;
  readonly box: Box;
  readonly scale: number;
  readonly label: string;
  /** True when rows of the page are left out above it. */
  readonly cut: boolean;
  readonly children: ReactNode;
}

function Piece({ editionId, number, box, scale, label, cut, children }: PieceProps) {
  const picture = usePicture(editionId, number, box, scale * (globalThis.devicePixelRatio || 1));
  return (
    <div
      className={
        cut
          ? 'relative overflow-hidden border-t border-dashed border-rule bg-paper'
          : 'relative overflow-hidden bg-paper'
      }
      style={{ width: box.w * scale, height: box.h * scale }}
    >
      <Bitmap picture={picture} label={label} />
      {children}
    </div>
  );
}
