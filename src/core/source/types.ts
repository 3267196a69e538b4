import type { Language } from '../text';

/** A rectangle on a page as displayed, in points, from the top left corner. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/**
 * What a line is on its page. `head` and `folio` are running heads and page numbers, `note` a footnote,
 * `contents` an entry of a table of contents or index; sentences and passages pass over the first two.
 */
export type LineRole = 'body' | 'heading' | 'head' | 'folio' | 'note' | 'contents';

/** An overlay on the page's text: `[start, end)` in UTF-16 code units, without the line break. */
export interface Line {
  readonly start: number;
  readonly end: number;
  readonly box: Box;
  /** Type size in points. */
  readonly size: number;
  readonly role: LineRole;
  /** True when a paragraph, list item or table row begins here. */
  readonly opens: boolean;
  /** Offsets where table cells begin, when the line stands in cells. */
  readonly cells: readonly number[] | null;
  /** Index into the edition's sections, -1 before the first. */
  readonly section: number;
}

/** Boxes of runs of characters: run `i` covers `[starts[i], ends[i])` and `boxes[4i..4i+3]` is its x, y, w, h in points. */
export interface Geometry {
  readonly starts: Uint32Array;
  readonly ends: Uint32Array;
  readonly boxes: Float32Array;
}

/** A footnote: `[start, end)` of its text with its mark, and where the mark stands in the text it belongs to; null where that was not found. */
export interface Note {
  readonly mark: string;
  readonly start: number;
  readonly end: number;
  readonly at: { readonly start: number; readonly end: number } | null;
}

/** What asking and checking need of a page. */
export interface PageText {
  /** Physical page number, from 1. */
  readonly number: number;
  /** Printed label ("xiv", "F-12"), null when the file gives none. */
  readonly label: string | null;
  /** Canonical text: reading order, a line break between lines. Never rewritten by overlays. */
  readonly text: string;
  /** Size as displayed, in points. */
  readonly width: number;
  readonly height: number;
  readonly lines: readonly Line[];
  readonly notes: readonly Note[];
}

export interface Page extends PageText {
  readonly geometry: Geometry;
  readonly words: number;
  /** True when the page shows something but gave no text. */
  readonly scan: boolean;
  readonly warnings: readonly string[];
}

/** A heading or numbered clause and where it stands. */
export interface Section {
  readonly number: string | null;
  readonly title: string;
  /** Depth in the tree, from 0. */
  readonly level: number;
  /** Index of the section it stands in, -1 at the top. */
  readonly parent: number;
  readonly page: number;
  /** Offset of its line on that page. */
  readonly start: number;
}

/** A stretch of one page's canonical text. */
export interface Span {
  readonly page: number;
  readonly start: number;
  readonly end: number;
}

export interface EditionFacts {
  readonly pageCount: number;
  readonly title: string | null;
  readonly hasLabels: boolean;
}

/** One whole reading of a file, as the command line holds it and the browser stores it in parts. */
export interface Reading {
  readonly sha256: string;
  readonly facts: EditionFacts;
  readonly language: Language;
  readonly sections: readonly Section[];
  readonly pages: readonly Page[];
}

const SHOWN_PARTS = 4;

/** The path of a section as shown: "Part C › 14 Service failures › 14.2"; empty before the first section. */
export function sectionPath(sections: readonly Section[], index: number): string {
  const parts: string[] = [];
  for (let at = index; at >= 0 && parts.length < 8; at = sections[at]?.parent ?? -1) {
    const section = sections[at];
    if (section === undefined) break;
    const title = section.title.length > 80 ? `${section.title.slice(0, 79)}…` : section.title;
    parts.unshift([section.number, title].filter(Boolean).join(' '));
  }
  return parts.slice(-SHOWN_PARTS).join(' › ');
}

/** Some sections with all that stand below them, by their numbers. */
export function sectionsUnder(sections: readonly Section[], tops: Iterable<number>): ReadonlySet<number> {
  const under = new Set(tops);
  sections.forEach(({ parent }, at) => {
    if (under.has(parent)) under.add(at);
  });
  return under;
}

/** The nearest section at or over one that has words for a title, else the topmost: what a lettered item is read with. */
export function titledSection(sections: readonly Section[], section: number): number {
  let at = section;
  while (!/\p{L}{2}/u.test(sections[at]?.title ?? '') && (sections[at]?.parent ?? -1) >= 0)
    at = sections[at]?.parent ?? -1;
  return at;
}

/** The line that holds `offset`, or the nearest one before it; null on a page without lines. */
export function lineAt(page: PageText, offset: number): Line | null {
  let found: Line | null = null;
  for (const line of page.lines) {
    if (line.start > offset) break;
    found = line;
  }
  return found ?? page.lines[0] ?? null;
}

/** A stretch of a page's text without the marks of its footnotes, which belong to no sentence. */
export function withoutMarks(
  page: PageText,
  start: number,
  end: number,
): { readonly start: number; readonly end: number }[] {
  const stretches: { start: number; end: number }[] = [];
  let from = start;
  for (const { at } of page.notes) {
    if (at === null || at.start < from || at.end > end) continue;
    if (at.start > from) stretches.push({ start: from, end: at.start });
    from = at.end;
  }
  if (from < end) stretches.push({ start: from, end });
  return stretches;
}

/** The text of such a stretch. */
export function textWithoutMarks(page: PageText, start: number, end: number): string {
  if (page.notes.length === 0) return page.text.slice(start, end);
  return withoutMarks(page, start, end)
    .map((one) => page.text.slice(one.start, one.end))
    .join('');
}

/** True for lines that belong to the flow of sentences. */
export function isFlow(line: Line): boolean {
  return line.role !== 'head' && line.role !== 'folio';
}
