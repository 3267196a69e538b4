import type { DraftLine, DraftPage } from './pageText';

/** Points by which the left edges of lines of one column differ at most; a first line is set in by no more. */
const FLUSH = 36;

/** Where the longer lines of a line's own column end, in points from the left. */
function rightOf({ lines }: DraftPage, { box }: DraftLine): number {
  const rights = lines
    .filter((one) => !one.askew && Math.abs(one.box.x - box.x) <= FLUSH)
    .map((one) => one.box.x + one.box.w)
    .sort((a, b) => a - b);
  return rights[Math.floor(0.8 * rights.length)] ?? box.x + box.w;
}

/** True for a line that was ended although the first word of the next one would have stood on it: it ends a title or a paragraph. */
export function endsOnPurpose(draft: DraftPage, line: DraftLine, next: DraftLine): boolean {
  const text = draft.text.slice(next.start, next.end);
  const word = (text.split(/\s/, 1)[0] ?? '').length + 1;
  const room = rightOf(draft, line) - (line.box.x + line.box.w);
  return room > (next.box.w * word) / Math.max(1, text.length) + line.size;
}
