import { countWords, detectLanguage } from '../../text';
import { SectionBuilder } from '../structure/headings';
import { leftOfText } from '../structure/margin';
import type { Box, Geometry, Line, Page, Reading } from '../types';

/** Lines a page of plain text takes when no form feed ends it. */
const LINES_PER_PAGE = 60;
const LINE_HEIGHT = 12;
const CHARACTER_WIDTH = 6;

function paginate(text: string): string[] {
  const normal = text.replace(/^\ufeff/, '').replace(/\r\n?/g, '\n');
  if (normal.includes('\f')) {
    const pages = normal.split('\f');
    if (pages.at(-1)?.trim() === '') pages.pop();
    return pages.map((page) => page.replace(/^\n/, '').replace(/\n+$/, ''));
  }
  const lines = normal.replace(/\n+$/, '').split('\n');
  const pages: string[] = [];
  for (let at = 0; at < lines.length; at += LINES_PER_PAGE) pages.push(lines.slice(at, at + LINES_PER_PAGE).join('\n'));
  return pages;
}

/** Longer than this, in characters, what stands behind a wide gap is no cell but a second column of text. */
const LONGEST_CELL = 30;

/** Offsets of the cells of a typed table row: stretches parted by three spaces, or three and more parted by two; null for other lines. */
function cellsOf(row: string, start: number): number[] | null {
  const stretches = [...row.matchAll(/\S+(?: \S+)*/g)];
  const wide = /\S\s{3,}\S/.test(row) || stretches.length > 2;
  if (stretches.length < 2 || !wide || stretches.slice(1).some((one) => one[0].length > LONGEST_CELL)) return null;
  return stretches.map((one) => start + one.index);
}

/** A line's stretches between wider gaps with their boxes: on a typewriter page every character is as wide. */
function stretchesOf(text: string, { start, end, box }: Line): { start: number; end: number; box: Box }[] {
  return [...text.slice(start, end).matchAll(/\S+(?: \S+)*/g)].map((match) => ({
    start: start + match.index,
    end: start + match.index + match[0].length,
    box: { ...box, x: box.x + match.index * CHARACTER_WIDTH, w: match[0].length * CHARACTER_WIDTH },
  }));
}

function indentOf(row: string): number {
  return CHARACTER_WIDTH * row.search(/\S/);
}

/**
 * Reads plain text. A form feed ends a page; without one, 60 lines do. Boxes are those of a typewriter page, 12 by 6 points a
 * character. A byte-order mark and carriage returns are left out of the canonical text.
 */
export function readText(text: string, sha256: string): Reading {
  const written = text.split('\n').filter((row) => row.trim() !== '');
  const bodyLeft = leftOfText(written.map((row) => ({ left: indentOf(row), characters: row.trim().length })));
  const builder = new SectionBuilder(10, [], [], bodyLeft);
  const pages = paginate(text).map((pageText, at): Page => {
    const lines: Line[] = [];
    let start = 0;
    let blankBefore = true;
    const rows = pageText.split('\n');
    rows.forEach((row, index) => {
      const end = start + row.length;
      if (row.trim() !== '') {
        const cells = cellsOf(row, start);
        const opens = blankBefore || cells !== null || /^\s*(?:[-*•]|\(?[a-z\d]{1,3}[).])\s/.test(row);
        const alone = (rows[index + 1] ?? '').trim() === '';
        const offered = builder.offer({
          text: row,
          page: at + 1,
          start,
          left: indentOf(row),
          size: 10,
          distinct: false,
          opens,
          alone,
        });
        lines.push({
          start,
          end,
          box: { x: 36, y: 36 + index * LINE_HEIGHT, w: row.length * CHARACTER_WIDTH, h: LINE_HEIGHT },
          size: 10,
          role: offered.heading ? 'heading' : 'body',
          opens,
          cells,
          section: offered.section,
        });
      }
      blankBefore = row.trim() === '';
      start = end + 1;
    });
    const runs = lines.flatMap((line) => stretchesOf(pageText, line));
    const geometry: Geometry = {
      starts: Uint32Array.from(runs.map((run) => run.start)),
      ends: Uint32Array.from(runs.map((run) => run.end)),
      boxes: Float32Array.from(runs.flatMap(({ box }) => [box.x, box.y, box.w, box.h])),
    };
    return {
      number: at + 1,
      label: null,
      text: pageText,
      width: 595,
      height: Math.max(842, 72 + rows.length * LINE_HEIGHT),
      lines,
      notes: [],
      geometry,
      words: countWords(pageText),
      scan: false,
      warnings: [],
    };
  });
  return {
    sha256,
    facts: { pageCount: pages.length, title: null, hasLabels: false },
    language: detectLanguage(text),
    sections: builder.sections,
    pages,
  };
}
