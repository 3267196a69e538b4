import {
  lineAt,
  rowStretches,
  sectionPath,
  textWithoutMarks,
  type PageText,
  type Section,
  type Span,
  type Table,
} from '../source';
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
  /** Its tables, once they are found. */
  readonly tables?: readonly Table[];
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

/** A line's end within a sentence, but for that behind a hyphen, which may have parted a word. */
const LINE_END = /(?<![-\u2010\u00ad])\n/g;

/** A unit with its text; a sentence's is on one line, offsets kept, but for Japanese, which has no spaces, and words parted at the end of a line. */
export interface UnitText {
  readonly unit: Omit<Unit, 'words'>;
  readonly text: string;
}

type TextUnit = UnitText['unit'];

const NONE: readonly Span[] = [];

/** Of stretches in order those that share characters with a span. */
function touching(stretches: readonly Span[] | undefined, { start, end }: Span): readonly Span[] {
  if (stretches === undefined) return NONE;
  let [from, to] = [0, stretches.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((stretches[middle] as Span).end > start) to = middle;
    else from = middle + 1;
  }
  let last = from;
  while (last < stretches.length && (stretches[last] as Span).start < end) last += 1;
  return last === from ? NONE : stretches.slice(from, last);
}

/** A unit cut where rows of tables begin and end: what stands in one is that row, whole, on however many lines it is printed; a row at which units were taken before is not taken again. */
function cutAtRows(unit: TextUnit, source: ShelfSource, taken: Set<string>): TextUnit[] {
  const stretches = rowStretches(source.tables ?? []);
  if (stretches.size === 0 || (unit.kind !== 'row' && unit.kind !== 'sentence')) return [unit];
  const rowsOf = unit.spans.map((span) => touching(stretches.get(span.page), span));
  if (rowsOf.every((rows) => rows.length === 0)) return [unit];
  const parts: TextUnit[] = [];
  let cut = false;
  for (const [at, span] of unit.spans.entries()) {
    const rows = rowsOf[at] ?? NONE;
    let from = span.start;
    const between = (to: number): void => {
      const part = { page: span.page, start: from, end: to };
      if (/[\p{L}\d]/u.test(source.page(span.page)?.text.slice(from, to) ?? '')) parts.push({ ...unit, spans: [part] });
    };
    for (const row of rows) {
      cut ||= unit.kind !== 'row' || row.start < span.start || row.end > span.end || rows.length > 1;
      between(row.start);
      const key = placeKey([row]);
      if (!taken.has(key)) parts.push({ ...unit, kind: 'row', spans: [row] });
      taken.add(key);
      from = row.end;
    }
    between(span.end);
  }
  return cut ? parts : [unit];
}

/** The units of passage `index` with their text; rows of tables are whole once tables are known. */
export function unitsOfPassage(source: ShelfSource, index: number): UnitText[] {
  const { passageUnits, language } = source.segment;
  const units: UnitText[] = [];
  const taken = new Set<string>();
  for (let at = passageUnits[index] as number; at < (passageUnits[index + 1] as number); at += 1) {
    for (const unit of cutAtRows(unitAt(source.segment, at), source, taken)) {
      const text = textOfSpans(source, unit.spans);
      const spaced = (unit.kind === 'sentence' || unit.kind === 'row') && language !== 'ja';
      units.push({ unit, text: spaced ? text.replace(LINE_END, ' ') : text });
    }
  }
  return units;
}

/** The units of a document in its order, from the passage `from` to before `to`, each once: what a passage repeats of the one before is passed over. */
export function* unitsInOrder(source: ShelfSource, from = 0, to = Infinity): Generator<UnitText> {
  const { passageSections } = source.segment;
  let before = new Set<string>();
  for (let passage = Math.max(0, from); passage < Math.min(to, passageSections.length); passage += 1) {
    const here = new Set<string>();
    for (const one of unitsOfPassage(source, passage)) {
      const key = placeKey(one.unit.spans);
      here.add(key);
      if (!before.has(key)) yield one;
    }
    before = here;
  }
}

/** Tells units of one document apart. */
export function placeKey([first]: readonly Span[]): string {
  return `${first?.page} ${first?.start}`;
}

/** The physical page of a printed label, or null; case does not matter. */
export function pageOfLabel(source: ShelfSource, label: string): number | null {
  return labelsOf(source).get(label.trim().toLowerCase()) ?? null;
}

/** Pages by their labels, of documents as far as they were read: looking for one goes through all pages once. */
const labels = new WeakMap<Segment, ReadonlyMap<string, number>>();

function labelsOf(source: ShelfSource): ReadonlyMap<string, number> {
  const known = labels.get(source.segment);
  if (known !== undefined) return known;
  const found = new Map<string, number>();
  for (let number = 1; number <= source.pagesRead; number += 1) {
    const label = source.page(number)?.label?.toLowerCase();
    if (label != null && !found.has(label)) found.set(label, number);
  }
  labels.set(source.segment, found);
  return found;
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
