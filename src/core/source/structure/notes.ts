import type { DraftLine, DraftPage } from '../formats/pdf/pageText';
import type { LineRole, Note } from '../types';

const SIGN = /^[*†‡§]{1,3}$/;
/** What opens a footnote: a number, a letter in brackets, a sign. */
const OPENING = /^(?:\(?(?<mark>\d{1,2}|[a-z])\)|(?<number>\d{1,2})(?=\s?[\p{L}“"(‘])|(?<sign>[*†‡§]{1,3}))\s?(?=\S)/u;
/** A raised figure is set smaller than this part of the line around it. */
const RAISED = 0.86;

interface Opened {
  readonly mark: string;
  readonly start: number;
  end: number;
}

function markOf(text: string): string | null {
  const { mark, number, sign } = OPENING.exec(text)?.groups ?? {};
  return mark ?? number ?? sign ?? null;
}

/** True where a mark may come after another: the next number or letter; a wrapped line that begins "12 months" opens no note. */
function mayFollow(before: string | undefined, mark: string): boolean {
  if (before === undefined || SIGN.test(mark)) return true;
  if (/^\d+$/.test(mark)) return !/^\d+$/.test(before) || Number(mark) === Number(before) + 1;
  return before.length === 1 && mark.charCodeAt(0) === before.charCodeAt(0) + 1;
}

function openedNotes(page: DraftPage, notes: readonly DraftLine[]): Opened[] {
  const opened: Opened[] = [];
  for (const line of notes) {
    const mark = markOf(page.text.slice(line.start, line.end));
    const last = opened.at(-1);
    if (mark !== null && mayFollow(last?.mark, mark)) opened.push({ mark, start: line.start, end: line.end });
    else if (last !== undefined) last.end = line.end;
  }
  return opened;
}

/** Where a mark stands raised in a line of text; signs need not be raised, since they are nothing else. */
function findMark(page: DraftPage, lines: readonly DraftLine[], mark: string, from: number): Note['at'] {
  const { starts, ends, boxes } = page.geometry;
  if (SIGN.test(mark)) {
    for (const line of lines) {
      const text = page.text.slice(line.start, line.end);
      const at = text.indexOf(mark, 1);
      const alone = at > 0 && text[at - 1] !== mark[0] && text[at + mark.length] !== mark[0];
      if (alone && line.start + at >= from && /\S/.test(text[at - 1] ?? ' '))
        return { start: line.start + at, end: line.start + at + mark.length };
    }
    return null;
  }
  for (let run = 0; run < starts.length; run += 1) {
    const [start, end] = [starts[run] as number, ends[run] as number];
    if (start < from || page.text.slice(start, end).replace(/[()]/g, '') !== mark) continue;
    const line = lines.find((one) => start > one.start && end <= one.end);
    // The box of a run is as high as its type.
    if (line !== undefined && (boxes[4 * run + 3] ?? 0) < RAISED * line.size) return { start, end };
  }
  return null;
}

/** The footnotes of a page, each with the place of its mark in the text; null where the mark was not found. */
export function joinNotes(page: DraftPage, roles: ReadonlyMap<DraftLine, LineRole>): Note[] {
  const notes = page.lines.filter((line) => roles.get(line) === 'note');
  if (notes.length === 0) return [];
  const lines = page.lines.filter((line) => !roles.has(line));
  let from = 0;
  return openedNotes(page, notes).map(({ mark, start, end }) => {
    const at = findMark(page, lines, mark, SIGN.test(mark) ? 0 : from) ?? findMark(page, lines, mark, 0);
    if (at !== null) from = at.end;
    return { mark, start, end, at };
  });
}
