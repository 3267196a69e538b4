import { DEFAULT_SETTINGS, type AskedSource, type AskSettings } from './answer';
import { QuoteIndex, type PackedStreams } from './quote';
import {
  DEFAULT_PASSAGES,
  SegmentBuilder,
  segmentFingerprint,
  type Neighbours,
  type PassageOptions,
  type Segment,
} from './search';
import { HeldPages, type PackedPage, type PageText, type Section, type Table } from './source';
import type { Language } from './text';

/** Version of how pages and the check's streams are stored. */
const HELD_VERSION = 2;

export interface LibrarySource {
  readonly id: string;
  readonly name: string;
  readonly sha256: string;
  readonly pageCount: number;
  readonly language: Language;
}

/** All that asking and checking need of a whole edition, stored so that a dossier opens without its pages being gone through again. */
export interface EditionIndex {
  /** What it was built with; another fingerprint means building anew. */
  readonly fingerprint: string;
  readonly segment: Segment;
  readonly sections: readonly Section[];
  readonly pages: readonly PackedPage[];
  readonly streams: PackedStreams;
}

export function indexFingerprint(passages: PassageOptions = DEFAULT_PASSAGES): string {
  return `${segmentFingerprint(passages)} held/${HELD_VERSION}`;
}

interface Held extends LibrarySource {
  readonly pages: HeldPages;
  readonly sections: Section[];
  /** Null once all pages are in the segment. */
  builder: SegmentBuilder | null;
  segment: Segment | null;
  tables: readonly Table[];
}

/**
 * The documents in hand: pages, segments and the check's index, grown page by page or taken whole from what was stored. The desk's worker and the
 * command line both ask and check through one.
 */
export class Library {
  readonly quotes = new QuoteIndex();
  /** Words used like others, to search wider by; null until they are there. */
  neighbours: Neighbours | null = null;
  private readonly held = new Map<string, Held>();

  /** `settings` are how its questions are read. */
  constructor(private read: AskSettings = DEFAULT_SETTINGS) {}

  get settings(): AskSettings {
    return this.read;
  }

  /** Has questions read another way from now on. True when documents are cut into other passages than before: all are let go, to be added anew. */
  configure(settings: AskSettings): boolean {
    const before = segmentFingerprint(this.read.passages);
    this.read = settings;
    if (segmentFingerprint(settings.passages) === before) return false;
    for (const id of [...this.held.keys()]) this.remove(id);
    return true;
  }

  /** How the documents' questions are asked: words used like others, and the settings. */
  asking(): { readonly neighbours: Neighbours | null; readonly settings: AskSettings } {
    return { neighbours: this.neighbours, settings: this.read };
  }

  /** Adds a document without pages. */
  add(source: LibrarySource): void {
    this.hold({ ...source, pages: new HeldPages(), sections: [], builder: new SegmentBuilder(source.language, this.read.passages), segment: null, tables: [] }); // prettier-ignore
  }

  /** Adds a document with all its pages, as `finish` gave it. */
  addWhole(source: LibrarySource, { segment, sections, pages, streams }: EditionIndex): void {
    this.hold({ ...source, pages: new HeldPages(pages), sections: [...sections], builder: null, segment, tables: [] });
    this.quotes.unpack(source.id, streams);
  }

  has(id: string): boolean {
    return this.held.has(id);
  }

  /** Takes the next page in order. Throws RangeError for an unknown document, and for one that is whole. */
  addPage(id: string, page: PageText, newSections: readonly Section[]): void {
    const held = this.get(id);
    if (held.builder === null) throw new RangeError(`All pages of document “${id}” are in this library already.`);
    held.pages.add(page);
    held.sections.push(...newSections);
    this.quotes.addPage(id, page);
    held.builder.addPage(page, newSections);
    held.segment = null;
  }

  /** Gives a document its tables, once they are found. */
  setTables(id: string, tables: readonly Table[]): void {
    this.get(id).tables = tables;
  }

  /** Ends a document's reading and lets go of what was only needed to build its segment. */
  finish(id: string): void {
    const held = this.get(id);
    if (held.builder === null) return;
    held.builder.finish();
    held.segment = held.builder.freeze();
    held.builder = null;
  }

  /** A finished document as it is stored. Throws RangeError for one that still grows. */
  indexOf(id: string): EditionIndex {
    const { builder, segment, sections, pages } = this.get(id);
    if (builder !== null || segment === null) throw new RangeError(`Document “${id}” is not read to its end.`);
    return {
      fingerprint: indexFingerprint(this.read.passages),
      segment,
      sections,
      pages: pages.all(),
      streams: this.quotes.pack(id),
    };
  }

  pagesRead(id: string): number {
    return this.get(id).pages.count;
  }

  remove(id: string): void {
    this.held.delete(id);
    this.quotes.removeSource(id);
  }

  /** The documents to ask: all, or those named, in the order they were added. */
  sources(ids?: readonly string[]): AskedSource[] {
    const named = ids === undefined ? null : new Set(ids);
    return [...this.held.values()]
      .filter((held) => named === null || named.has(held.id))
      .map((held) => ({
        id: held.id,
        name: held.name,
        sha256: held.sha256,
        pageCount: held.pageCount,
        pagesRead: held.pages.count,
        sections: held.sections,
        segment: this.segmentOf(held),
        tables: held.tables,
        page: (number) => held.pages.page(number),
      }));
  }

  private hold(held: Held): void {
    this.held.set(held.id, held);
    this.quotes.addSource(held.id, (number) => held.pages.page(number));
  }

  private segmentOf(held: Held): Segment {
    held.segment ??= (held.builder as SegmentBuilder).freeze();
    return held.segment;
  }

  private get(id: string): Held {
    const held = this.held.get(id);
    if (held === undefined) throw new RangeError(`No document “${id}” is in this library.`);
    return held;
  }
}
