import { lineAt, sectionPath, textWithoutMarks, type PageText, type Section, type Span } from '../source';
import { unitAt, type Segment } from './segment';
import type { Unit } from './passages';

/** A document as search and answering see it: its segment so far, and its pages by number. */
export interface ShelfSource {
  readonly id: string;
  readonly name: string;
  readonly pageCount: number;
  /** Pages read so far, from the first. */
  readonly pagesRead: number;
  readonly sections: readonly Section[];
  readonly segment: Segment;
  /** The page, or null while it is not read. */
  page(number: number): PageText | null;
}

/** A document's name as people say it: without its folders and its file's ending. */
export function bareName({ name }: Pick<ShelfSource, 'name'>): string {
  return name.replace(/^.*\//, '').replace(/\.[a-z\d]{2,5}$/i, '');
}

/** True for the name of a draft: what was agreed comes before it. */
export function isDraft(name: string): boolean {
  return /\bdraft|\bentwurf|草案/i.test(name);
}

/** Canonical text of spans, a line break between pages; the marks of footnotes are left out. */
export function textOfSpans(source: ShelfSource, spans: readonly Span[]): string {
  return spans
    .map((span) => {
      const page = source.page(span.page);
      return page === null ? '' : textWithoutMarks(page, span.start, span.end);
    })
    .join('\n');
}

export interface UnitText {
  readonly unit: Omit<Unit, 'words'>;
  readonly text: string;
}

/** The units of passage `index` with their text. */
export function unitsOfPassage(source: ShelfSource, index: number): UnitText[] {
  const { passageUnits } = source.segment;
  const units: UnitText[] = [];
  for (let at = passageUnits[index] as number; at < (passageUnits[index + 1] as number); at += 1) {
    const unit = unitAt(source.segment, at);
    units.push({ unit, text: textOfSpans(source, unit.spans) });
  }
  return units;
}

/** The path of the section over a place; empty before the first, and for no place. */
export function sectionAt(source: Pick<ShelfSource, 'sections' | 'page'>, [first]: readonly Span[]): string {
  const page = first === undefined ? null : source.page(first.page);
  const line = page === null || first === undefined ? null : lineAt(page, first.start);
  return line === null ? '' : sectionPath(source.sections, line.section);
}

export function sectionOf(source: ShelfSource, section: number): string {
  return sectionPath(source.sections, section);
}
