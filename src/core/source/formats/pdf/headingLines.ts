import type { LineRole } from '../../types';
import { parseNumbering } from '../../structure/numbering';
import { endsOnPurpose } from './lineBreaks';
import type { DraftLine, DraftPage } from './pageText';

const DIVISION =
  /^(?:part|chapter|article|section|schedule|annex|exhibit|appendix|clause)\s+(?:\d|[ivxlc]+\b|[a-z]\b)/i;
const NUMBER = /^(?:§|\d{1,3}(?:\.\d+)*\.?\s+(?:\((?:\d{1,2}|[a-z])\)\s+)?\p{Lu})/u;

/** True for a line that begins a numbered clause, whatever the paragraph around it looks like. */
export function opensNumbered({ text }: DraftPage, { start, end }: DraftLine): boolean {
  const line = text.slice(start, end);
  return DIVISION.test(line) || NUMBER.test(line);
}

/** Leading of the lines of one title, at most, by the size of its type. */
const TITLE_LEADING = 1.5;
/** Lines that a title goes on in behind its first, at most. */
const MOST_FURTHER = 2;

/** True for a line that stands below the one before it as close as lines of one title do. */
function isClose(line: DraftLine, next: DraftLine): boolean {
  const step = next.box.y - line.box.y;
  return step > 0 && step < TITLE_LEADING * line.size;
}

/** True for a line that begins below the first word behind the number of a heading, where its further lines hang. */
function hangs(draft: DraftPage, { start, end, box, size }: DraftLine, next: DraftLine): boolean {
  const numbering = parseNumbering(draft.text.slice(start, end));
  if (numbering === null || numbering.rest === '' || opensNumbered(draft, next)) return false;
  const behindNumber = box.x + (box.w * (end - start - numbering.rest.length)) / (end - start);
  return next.box.x > box.x + 1 && Math.abs(next.box.x - behindNumber) < size;
}

/**
 * The lines that a heading may go on in behind its first: of the same type, and each where a title would have been broken. The leading of
 * running text tells nothing of large type, whose lines seem to open paragraphs; nor does the place of lines that hang behind a number.
 */
export function furtherLines(
  draft: DraftPage,
  at: number,
  roles: ReadonlyMap<DraftLine, LineRole>,
  bodySize: number,
): readonly DraftLine[] {
  const first = draft.lines[at];
  if (first === undefined) return [];
  const alike = ({ font, size }: DraftLine): boolean => font === first.font && Math.abs(size - first.size) < 0.1;
  const goesOn = (line: DraftLine, next: DraftLine, more: boolean): boolean => {
    if (next.cells !== null || roles.has(next) || !alike(next)) return false;
    const flush = Math.abs(next.box.x - line.box.x) < 1 && line.size > 1.12 * bodySize;
    const below = isClose(line, next) && (flush || hangs(draft, first, next));
    return (below || !(next.opens || more)) && !endsOnPurpose(draft, line, next);
  };
  const found: DraftLine[] = [];
  for (const next of draft.lines.slice(at + 1, at + MOST_FURTHER + 2)) {
    if (!goesOn(found.at(-1) ?? first, next, found.length > 0)) break;
    found.push(next);
  }
  const after = draft.lines[at + found.length + 1];
  const ends = after === undefined || after.opens || !alike(after);
  return found.length <= MOST_FURTHER && ends ? found : [];
}
