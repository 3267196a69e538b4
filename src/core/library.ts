import type { AskedSource } from './answer';
import { QuoteIndex } from './quote';
import { SegmentBuilder, type Segment } from './search';
import type { Page, Section, Table } from './source';
import type { Language } from './text';

export interface LibrarySource {
  readonly id: string;
  readonly name: string;
  readonly sha256: string;
  readonly pageCount: number;
  readonly language: Language;
}

interface Held extends LibrarySource {
  readonly pages: Map<number, Page>;
  readonly sections: Section[];
  readonly builder: SegmentBuilder | null;
  segment: Segment | null;
  tables: readonly Table[];
}

/**
 * The documents in hand: pages, segments and the check's index, grown page by page. The desk's worker and the command line both ask and check
 * through one.
 */
export class Library {
  readonly quotes = new QuoteIndex();
  private readonly held = new Map<string, Held>();

  /** Adds a document without pages; with a `segment` built before, its pages are not indexed again. */
  add(source: LibrarySource, segment: Segment | null = null): void {
    const pages = new Map<number, Page>();
    const builder = segment === null ? new SegmentBuilder(source.language) : null;
    this.held.set(source.id, { ...source, pages, sections: [], builder, segment, tables: [] });
    this.quotes.addSource(source.id, (number) => pages.get(number) ?? null);
  }

  has(id: string): boolean {
    return this.held.has(id);
  }

  /** Takes the next page in order. Throws RangeError for an unknown document. */
  addPage(id: string, page: Page, newSections: readonly Section[]): void {
    const held = this.get(id);
    held.pages.set(page.number, page);
    held.sections.push(...newSections);
    this.quotes.addPage(id, page);
    if (held.builder !== null) {
      held.builder.addPage(page, newSections);
      held.segment = null;
    }
  }

  /** Gives a document its tables, once they are found. */
  setTables(id: string, tables: readonly Table[]): void {
    this.get(id).tables = tables;
  }

  /** Ends a document's reading and gives its segment, to be stored. */
  finish(id: string): Segment {
    const held = this.get(id);
    held.builder?.finish();
    return this.segmentOf(held, held.builder !== null);
  }

  pagesRead(id: string): number {
    return this.get(id).pages.size;
  }

  remove(id: string): void {
    this.held.delete(id);
    this.quotes.removeSource(id);
  }

  /** The documents to ask: all, or those named, in the order they were added. */
  sources(ids?: readonly string[]): AskedSource[] {
    return [...this.held.values()]
      .filter((held) => ids === undefined || ids.includes(held.id))
      .map((held) => ({
        id: held.id,
        name: held.name,
        sha256: held.sha256,
        pageCount: held.pageCount,
        pagesRead: held.pages.size,
        sections: held.sections,
        segment: this.segmentOf(held, false),
        tables: held.tables,
        page: (number) => held.pages.get(number) ?? null,
      }));
  }

  private segmentOf(held: Held, anew: boolean): Segment {
    if (held.segment === null || anew) held.segment = (held.builder as SegmentBuilder).freeze();
    return held.segment;
  }

  private get(id: string): Held {
    const held = this.held.get(id);
    if (held === undefined) throw new RangeError(`No document “${id}” is in this library.`);
    return held;
  }
}
