import { wordsOfLine } from '../../text';
import { isFlow, type Line, type Page } from '../types';

/** Lines of running text that each of two columns of text holds, at least; a table whose cells were read one below the other has none. */
const RUNNING_LINES = 3;
const RUNNING_WORDS = 5;

function isRunning({ text }: Page, { start, end }: Line): boolean {
  return wordsOfLine(text.slice(start, end)) >= RUNNING_WORDS;
}

/** Indices of lines that begin a column of text: higher up than the line read before, and wholly to the right of it. */
function columnTops(lines: readonly Line[]): number[] {
  return lines.flatMap((line, at) => {
    const before = lines[at - 1];
    return before !== undefined && line.box.y + line.box.h < before.box.y && line.box.x >= before.box.x + before.box.w
      ? [at]
      : [];
  });
}

/**
 * A page of upright text as its columns of text, each with the lines that stand in it, in reading order; what stands over or below several columns comes first.
 * A table stands in one of them: the line beside its row in the next column is none of its cells. A page of one column comes back as it is.
 */
export function stripsOf(page: Page): readonly Page[] {
  const lines = page.lines.filter(isFlow);
  const column = new Map<Line, number>();
  let strips = 0;
  let from = 0;
  for (const top of columnTops(lines)) {
    const [last, next] = [lines[top - 1] as Line, lines[top] as Line];
    let left = top - 1;
    while (left > from && rightOf(lines[left - 1] as Line) <= next.box.x) left -= 1;
    const edge = Math.max(...lines.slice(left, top).map(rightOf));
    let right = top + 1;
    while (right < lines.length && (lines[right] as Line).box.x >= edge - 1 && !isTop(lines, right)) right += 1;
    const sides = [lines.slice(left, top), lines.slice(top, right)];
    if (sides.some((side) => side.filter((line) => isRunning(page, line)).length < RUNNING_LINES)) continue;
    const own = column.get(last);
    if (own === undefined) strips += 1;
    for (const line of sides[0] ?? []) column.set(line, own ?? strips);
    strips += 1;
    for (const line of sides[1] ?? []) column.set(line, strips);
    from = top;
  }
  if (strips === 0) return [page];
  const over = { ...page, lines: page.lines.filter((line) => !column.has(line)) };
  return [
    over,
    ...Array.from({ length: strips }, (_, at) => ({
      ...page,
      lines: page.lines.filter((line) => column.get(line) === at + 1),
    })),
  ];
}

function rightOf({ box }: Line): number {
  return box.x + box.w;
}

function isTop(lines: readonly Line[], at: number): boolean {
  return columnTops(lines.slice(at - 1, at + 1)).length > 0;
}
