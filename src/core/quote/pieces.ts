import { withoutMarks, type Line, type PageText } from '../source';

/** A stretch of the page's text within a text made of some of its lines. */
export interface Piece {
  readonly at: number;
  readonly start: number;
  readonly length: number;
}

/** The lines of a page that are wanted as one text, a line break behind each, and where its pieces stand on the page. */
export function piecesOf(page: PageText, wanted: (line: Line) => boolean): { text: string; pieces: Piece[] } {
  let text = '';
  const pieces: Piece[] = [];
  for (const line of page.lines) {
    if (!wanted(line)) continue;
    // The mark of a footnote is no part of the sentence it stands in.
    for (const { start, end } of withoutMarks(page, line.start, line.end)) {
      pieces.push({ at: text.length, start, length: end - start });
      text += page.text.slice(start, end);
    }
    text += '\n';
  }
  return { text, pieces };
}

/** Index of the last of rising `starts` that is not behind `position`; 0 before all of them. */
export function startAt(starts: readonly number[], position: number): number {
  let [low, high] = [0, starts.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((starts[middle] as number) <= position) low = middle;
    else high = middle - 1;
  }
  return low;
}
