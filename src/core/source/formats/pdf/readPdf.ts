import { countWords, languageOfPages, oneLine, type Language } from '../../../text';
import { furnitureRoles, isContentsPage, markNotes, type Neighbour } from '../../structure/furniture';
import { joinNotes } from '../../structure/notes';
import { SectionBuilder } from '../../structure/headings';
import type { KnownSection } from '../../structure/openSections';
import { leftOfText } from '../../structure/margin';
import { doubts } from '../../structure/trust';
import type { EditionFacts, Line, LineRole, Page, Section } from '../../types';
import type { PdfFile } from './engine';
import { furtherLines, opensNumbered } from './headingLines';
import { endsOnPurpose } from './lineBreaks';
import { layOutPage, type DraftLine, type DraftPage } from './pageText';

/** Pages on either side that a page's running heads are compared with. */
const NEIGHBOURS = 4;
/** Pages looked at beforehand, spread over the file: for the type of its running text, and for its language. */
const FOR_TYPE = 5;
const FOR_LANGUAGE = 12;

export interface PdfStart {
  readonly facts: EditionFacts;
  readonly language: Language;
}

export interface PageRead {
  readonly page: Page;
  /** Sections that begin on this page; their indexes go on from those of the pages before. */
  readonly newSections: readonly Section[];
}

export interface ReadingOptions {
  /** Pages already read, in order, and the sections found on them: reading goes on behind them. */
  readonly after?: { readonly page: number; readonly sections: readonly Section[] };
  readonly signal?: AbortSignal;
}

interface Drafted {
  readonly draft: DraftPage;
  readonly warnings: readonly string[];
}

const EMPTY: DraftPage = {
  text: '',
  width: 595,
  height: 842,
  lines: [],
  geometry: { starts: new Uint32Array(0), ends: new Uint32Array(0), boxes: new Float32Array(0) },
};

/** What running text looks like. */
interface BodyType {
  /** Type size in points. */
  readonly size: number;
  readonly font: string;
  /** Where most of its lines begin, in points from the left; null where they have no place in common. */
  readonly left: number | null;
}

/** The commonest type size, font and left edge of running text, weighted by characters. */
function bodyType(drafts: readonly DraftPage[]): BodyType {
  const sizes = new Map<number, number>();
  const fonts = new Map<string, number>();
  for (const draft of drafts) {
    for (const line of draft.lines) {
      const chars = line.end - line.start;
      sizes.set(line.size, (sizes.get(line.size) ?? 0) + chars);
      fonts.set(line.font, (fonts.get(line.font) ?? 0) + chars);
    }
  }
  const top = <K>(counts: Map<K, number>): K | undefined => [...counts].sort((a, b) => b[1] - a[1])[0]?.[0];
  const lines = drafts.flatMap((draft) => draft.lines);
  const left = leftOfText(lines.map(({ box, start, end }) => ({ left: box.x, characters: end - start })));
  return { size: top(sizes) ?? 10, font: top(fonts) ?? '', left };
}

/** Reads one PDF page by page, in order, each with its lines' roles and sections. */
export class PdfReading {
  private readonly drafts = new Map<number, Promise<Drafted>>();
  private labels: readonly string[] | null = null;
  private body: BodyType = { size: 10, font: '', left: null };
  private builder = new SectionBuilder(10);
  /** The lines that the last heading goes on in. */
  private wrapped: readonly DraftLine[] = [];

  private constructor(private readonly file: PdfFile) {}

  /** Looks at the file as a whole: page count, labels, outline, language, type of its running text. */
  static async begin(file: PdfFile, known: readonly Section[] = []): Promise<{ reading: PdfReading; start: PdfStart }> {
    const reading = new PdfReading(file);
    reading.labels = await file.labels();
    reading.body = bodyType(await reading.spread(FOR_TYPE));
    const open = await reading.withOpenLines(known);
    reading.builder = new SectionBuilder(reading.body.size, await file.outline(), open, reading.body.left);
    const facts = { pageCount: file.pageCount, title: await file.title(), hasLabels: reading.labels !== null };
    const texts = (await reading.spread(FOR_LANGUAGE)).map((one) => one.text);
    return { reading, start: { facts, language: languageOfPages(texts) } };
  }

  /** Sections found before, in order, with the lines that those begin with which are still open. */
  private withOpenLines(sections: readonly Section[]): Promise<KnownSection[]> {
    const open = new Set<Section>();
    for (let last = sections.at(-1); last !== undefined; last = sections[last.parent]) open.add(last);
    return Promise.all(
      sections.map(async (section) => ({ section, line: open.has(section) ? await this.lineOf(section) : null })),
    );
  }

  private async lineOf({ page, start }: Section): Promise<KnownSection['line']> {
    const { draft } = await this.draft(page);
    const line = draft.lines.find((one) => one.start === start);
    if (line === undefined) return null;
    const text = oneLine(draft.text.slice(start, line.end));
    return { text, left: line.box.x, size: line.size, distinct: this.isDistinct(line) };
  }

  /** Some pages, spread evenly over the file: about as many as asked, or all of a short one. */
  private async spread(count: number): Promise<DraftPage[]> {
    const step = Math.max(1, Math.floor(this.file.pageCount / count));
    const pages: DraftPage[] = [];
    for (let number = 1; number <= this.file.pageCount && pages.length <= count; number += step) {
      pages.push((await this.draft(number)).draft);
    }
    return pages;
  }

  /** Pages in order. Throws the signal's reason when aborted; a page beyond repair comes empty, with a warning. */
  async *pages(options: ReadingOptions = {}): AsyncGenerator<PageRead> {
    const first = (options.after?.page ?? 0) + 1;
    for (let number = first; number <= this.file.pageCount; number += 1) {
      options.signal?.throwIfAborted();
      yield await this.page(number);
      this.drafts.delete(number - NEIGHBOURS);
    }
  }

  private draft(number: number): Promise<Drafted> {
    let draft = this.drafts.get(number);
    if (draft === undefined) {
      draft = this.file.rawPage(number).then(
        (raw) => ({ draft: layOutPage(raw), warnings: [] }),
        (caught: unknown) => ({
          draft: EMPTY,
          warnings: [
            `page ${number} could not be read (${caught instanceof Error ? caught.message : 'unknown cause'})`,
          ],
        }),
      );
      this.drafts.set(number, draft);
    }
    return draft;
  }

  private async page(number: number): Promise<PageRead> {
    const { draft, warnings } = await this.draft(number);
    const neighbours: Neighbour[] = [];
    for (
      let other = Math.max(1, number - NEIGHBOURS);
      other <= Math.min(this.file.pageCount, number + NEIGHBOURS);
      other += 1
    ) {
      if (other !== number) neighbours.push({ page: (await this.draft(other)).draft, distance: other - number });
    }
    const roles = furnitureRoles(draft, neighbours);
    markNotes(draft, roles, this.body.size);
    const contents = isContentsPage(draft, roles);
    const before = this.builder.sections.length;
    const lines = draft.lines.map((line, at) => this.finishLine(draft, line, at, roles, number, contents));
    const page: Page = {
      number,
      label: this.labels?.[number - 1] || null,
      text: draft.text,
      width: draft.width,
      height: draft.height,
      lines,
      notes: joinNotes(draft, roles),
      geometry: draft.geometry,
      words: countWords(draft.text),
      scan: draft.text.trim() === '' && warnings.length === 0,
      warnings: [...warnings, ...doubts(draft).map((doubt) => `page ${number}: ${doubt}`)],
    };
    return { page, newSections: this.builder.sections.slice(before) };
  }

  private isDistinct({ font, size }: DraftLine): boolean {
    return font !== this.body.font || size > 1.08 * this.body.size;
  }

  private finishLine(
    draft: DraftPage,
    line: DraftLine,
    at: number,
    roles: ReadonlyMap<DraftLine, LineRole>,
    number: number,
    contents: boolean,
  ): Line {
    const { start, end, box, size, opens, cells } = line;
    let role: LineRole = roles.get(line) ?? (contents ? 'contents' : 'body');
    let section = this.builder.sections.length - 1;
    if (role === 'body' && this.wrapped.includes(line)) role = 'heading';
    // A row of a table is no heading, even one that begins "Note".
    else if (role === 'body' && (cells?.length ?? 0) <= 2) {
      const distinct = this.isDistinct(line);
      const further = distinct ? furtherLines(draft, at, roles, this.body.size) : [];
      const last = further.at(-1) ?? line;
      const next = draft.lines[at + further.length + 1];
      const found = this.builder.offer({
        text: oneLine(draft.text.slice(start, last.end)),
        page: number,
        start,
        left: box.x,
        size,
        distinct,
        opens,
        alone:
          (next === undefined ||
            next.opens ||
            next.font !== line.font ||
            opensNumbered(draft, next) ||
            (distinct && endsOnPurpose(draft, last, next))) &&
          (cells === null || cells.length === 2),
      });
      section = found.section;
      if (found.heading) role = 'heading';
      if (found.heading) this.wrapped = further;
    }
    return { start, end, box, size, role, opens: opens || role === 'heading', cells, section };
  }
}
