import type { Box, Page, Span } from './types';

/** Relative advance widths of a text face, in thousandths of the type size; a run's true width scales them. */
const NARROW = /[iljtfI.,:;'’!|()[\]]/;
const WIDE = /[mwMWQO@%—…]/;
const CAPITAL = /[\p{Lu}]/u;

function weight(char: string): number {
  if (char === ' ') return 250;
  if (NARROW.test(char)) return 290;
  if (WIDE.test(char)) return 800;
  if (char >= '\u2e80') return 1000;
  return CAPITAL.test(char) ? 660 : 480;
}

/** Share of a run's width, 0 to 1, that lies before character `index`: files give widths of runs, not of characters. */
function shareBefore(text: string, index: number): number {
  let before = 0;
  let all = 0;
  for (let at = 0; at < text.length; at += 1) {
    const one = weight(text[at] as string);
    all += one;
    if (at < index) before += one;
  }
  return all === 0 ? 0 : before / all;
}

function merge(boxes: Box[], box: Box): void {
  const last = boxes.at(-1);
  const overlap = last === undefined ? 0 : Math.min(last.y + last.h, box.y + box.h) - Math.max(last.y, box.y);
  if (last === undefined || overlap < 0.5 * Math.min(last.h, box.h) || box.x < last.x - 1) {
    boxes.push(box);
    return;
  }
  const [x, y] = [Math.min(last.x, box.x), Math.min(last.y, box.y)];
  boxes[boxes.length - 1] = {
    x,
    y,
    w: Math.max(last.x + last.w, box.x + box.w) - x,
    h: Math.max(last.y + last.h, box.y + box.h) - y,
  };
}

/** The box around some boxes; there must be one at least. */
export function unionBox(boxes: readonly Box[]): Box {
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    w: Math.max(...boxes.map((box) => box.x + box.w)) - x,
    h: Math.max(...boxes.map((box) => box.y + box.h)) - y,
  };
}

/** Boxes of those spans that stand on a page, in their order. */
export function boxesOn(page: Page, spans: readonly Span[]): Box[] {
  return spans.filter((span) => span.page === page.number).flatMap((span) => boxesOf(page, span));
}

/** Boxes of the characters `[start, end)` of a page, a box a printed line, in points from the top left. */
export function boxesOf(page: Page, { start, end }: Pick<Span, 'start' | 'end'>): Box[] {
  const { starts, ends, boxes } = page.geometry;
  const found: Box[] = [];
  if (end <= start) return found;
  for (let run = 0; run < starts.length; run += 1) {
    const [from, to] = [starts[run] as number, ends[run] as number];
    if (to <= start || from >= end) continue;
    const [x, y, w, h] = boxes.subarray(4 * run, 4 * run + 4) as unknown as [number, number, number, number];
    const text = page.text.slice(from, to);
    const left = start > from ? shareBefore(text, start - from) : 0;
    const right = end < to ? shareBefore(text, end - from) : 1;
    // Runs that are taller than wide run upwards or downwards; they are not divided.
    merge(found, h > 2 * w && text.length > 2 ? { x, y, w, h } : { x: x + left * w, y, w: (right - left) * w, h });
  }
  return found;
}
