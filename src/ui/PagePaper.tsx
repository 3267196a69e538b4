import clsx from 'clsx';
import { useEffect, useMemo, useRef, useState, type CSSProperties, type PointerEvent, type ReactNode } from 'react';
import { boxesOn, type Box, type Page, type Span } from '@/core/source';
import type { CellPlace } from '@/core/quote';
import { Bitmap } from './Bitmap';
import { CellMarks } from './CellMarks';
import { usePicture } from './drawing';
import { QuoteMarks } from './QuoteMarks';
import { rowAt, RowRuler } from './RowRuler';

export interface PageSelection {
  readonly span: Span;
  readonly text: string;
  /** Where the selection ends, in pixels of the paper. */
  readonly x: number;
  readonly y: number;
}

interface PagePaperProps {
  readonly editionId: string;
  readonly page: Page;
  /** Pixels a point. */
  readonly scale: number;
  /** Quotes to bracket on this page, or to frame, where a cell is meant. */
  readonly quotes: readonly {
    readonly spans: readonly Span[];
    readonly grave: boolean;
    readonly cell?: CellPlace | undefined;
  }[];
  /** Degrees by which the page is turned clockwise. */
  readonly turn?: Turn;
  /** True while a ruler lies along the row that is pointed at. */
  readonly ruler?: boolean;
  /** True while what is selected is shown otherwise, so that the selection itself is not coloured. */
  readonly plain?: boolean;
  /** What is laid over the picture, in its pixels. */
  readonly children?: ReactNode;
  readonly onSelect: (selection: PageSelection | null) => void;
}

export type Turn = 0 | 90 | 180 | 270;

/** Lays a sheet of a width and height, in pixels, into its frame once it is turned. */
function turnedStyle(turn: Turn, width: number, height: number): CSSProperties {
  const shift = { 0: [0, 0], 90: [height, 0], 180: [width, height], 270: [0, width] }[turn] as [number, number];
  const transform = turn === 0 ? undefined : `translate(${shift[0]}px, ${shift[1]}px) rotate(${turn}deg)`;
  return { width, height, transform, transformOrigin: '0 0' };
}

/** How far down a sheet, in pixels, a point of its frame lies. */
function depthAt(x: number, y: number, turn: Turn, height: number): number {
  return { 0: y, 90: height - x, 180: height - y, 270: x }[turn];
}

/** Canonical offset of a point in the text layer, or null outside it. */
function offsetAt(node: Node, offset: number): number | null {
  const element = node instanceof Element ? node : node.parentElement;
  const run = element?.closest<HTMLElement>('[data-start]');
  if (run == null) return null;
  return (
    Number(run.dataset.start) + (node.nodeType === Node.TEXT_NODE ? Math.min(offset, Number(run.dataset.length)) : 0)
  );
}

function selectionOn(paper: HTMLElement, page: Page): PageSelection | null {
  const selection = globalThis.getSelection();
  if (selection === null || selection.isCollapsed || selection.rangeCount === 0) return null;
  const range = selection.getRangeAt(0);
  if (!paper.contains(range.commonAncestorContainer)) return null;
  const [start, end] = [
    offsetAt(range.startContainer, range.startOffset),
    offsetAt(range.endContainer, range.endOffset),
  ];
  if (start === null || end === null || end <= start) return null;
  const text = page.text.slice(start, end);
  if (text.trim() === '') return null;
  const box = [...range.getClientRects()].at(-1);
  const frame = paper.getBoundingClientRect();
  return {
    span: { page: page.number, start, end },
    text,
    x: (box?.right ?? 0) - frame.left,
    y: (box?.bottom ?? 0) - frame.top,
  };
}

/** Invisible text over the picture, run by run in reading order, so that it can be selected. */
function TextLayer({ page, scale, plain }: { page: Page; scale: number; plain: boolean }) {
  const runs = useMemo(() => {
    const { starts, ends, boxes } = page.geometry;
    return Array.from(starts, (start, run) => ({
      start,
      text: page.text.slice(start, ends[run]),
      gap: page.text.slice(ends[run], starts[run + 1] ?? ends[run]),
      x: boxes[4 * run] as number,
      y: boxes[4 * run + 1] as number,
      w: boxes[4 * run + 2] as number,
      h: boxes[4 * run + 3] as number,
    }));
  }, [page]);
  return (
    <div
      className={clsx(
        'absolute inset-0 overflow-hidden font-serif text-transparent',
        plain ? 'selection:bg-transparent' : 'selection:bg-[#0d5a6433]',
      )}
    >
      {runs.map((run) => (
        <span
          key={run.start}
          data-start={run.start}
          data-length={run.text.length}
          className="absolute cursor-text whitespace-pre"
          style={{
            left: run.x * scale,
            top: run.y * scale,
            width: run.w * scale,
            height: run.h * scale,
            fontSize: run.h * scale * 0.9,
            lineHeight: 1.1,
            textAlignLast: 'justify',
          }}
        >
          {run.text + run.gap}
        </span>
      ))}
    </div>
  );
}

/** A page as printed, with quotes bracketed and its text selectable. */
export function PagePaper(props: PagePaperProps) {
  const { editionId, page, scale, quotes, turn = 0, ruler = false, plain = false, onSelect } = props;
  const paper = useRef<HTMLDivElement>(null);
  const picture = usePicture(editionId, page.number, null, scale * (globalThis.devicePixelRatio || 1));
  const [drawn, setDrawn] = useState(picture);
  if (picture !== null && picture !== drawn) setDrawn(picture);
  const [row, setRow] = useState<Box | null>(null);
  const [width, height] = [page.width * scale, page.height * scale];
  const sideways = turn === 90 || turn === 270;
  const left = Math.min(
    ...page.lines.filter((line) => line.role !== 'head' && line.role !== 'folio').map((line) => line.box.x),
    page.width,
  );

  useEffect(() => {
    const listen = (): void => onSelect(paper.current === null ? null : selectionOn(paper.current, page));
    document.addEventListener('selectionchange', listen);
    return () => document.removeEventListener('selectionchange', listen);
  }, [page, onSelect]);

  const point = (event: PointerEvent<HTMLDivElement>): void => {
    const frame = event.currentTarget.getBoundingClientRect();
    const depth = depthAt(event.clientX - frame.left, event.clientY - frame.top, turn, height);
    setRow(rowAt(page, depth / scale));
  };

  return (
    <div
      ref={paper}
      className="relative mx-auto bg-paper shadow-[0_0_0_1px_var(--rule)]"
      style={{ width: sideways ? height : width, height: sideways ? width : height }}
      onPointerMove={ruler ? point : undefined}
      onPointerLeave={ruler ? () => setRow(null) : undefined}
    >
      <div className="absolute top-0 left-0" style={turnedStyle(turn, width, height)}>
        <Bitmap picture={drawn} label={`Page ${page.label ?? page.number}`} />
        <TextLayer page={page} scale={scale} plain={plain} />
        {quotes.map((quote, at) => {
          const shared = { scale, grave: quote.grave, margin: true, left };
          return quote.cell === undefined ? (
            <QuoteMarks key={at} boxes={boxesOn(page, quote.spans)} {...shared} />
          ) : (
            <CellMarks
              key={at}
              value={boxesOn(page, quote.cell.value)}
              row={boxesOn(page, quote.cell.row)}
              column={boxesOn(page, quote.cell.column)}
              {...shared}
            />
          );
        })}
        {props.children}
        {ruler && row !== null && <RowRuler row={row} scale={scale} />}
      </div>
    </div>
  );
}
