import type { PageText } from '../source';
import type { CheckedSource } from './places';
import { KeyStream, type PackedKeys } from './stream';
import { WordStream, type PackedWords, type Vocabulary } from './words';

/** What the check holds of a document, as it is stored. */
export interface PackedStreams {
  readonly pages: PackedKeys;
  readonly flow: PackedKeys;
  readonly asides: PackedKeys;
  readonly words: PackedWords;
}

/** A document as the check holds it: its streams of folded text, and its words, which are only gone through once they are needed. */
export class HeldSource implements CheckedSource {
  readonly pages = new KeyStream('pages');
  readonly flow = new KeyStream('flow');
  readonly asides = new KeyStream('asides');
  private readonly stream: WordStream;
  private readonly pending: number[] = [];
  private packed: PackedWords | null = null;

  /** `page` gives a page that was added by its number. */
  constructor(
    readonly id: string,
    vocabulary: Vocabulary,
    readonly page: (number: number) => PageText | null,
  ) {
    this.stream = new WordStream(vocabulary, page);
  }

  /** The words of all pages so far. */
  get words(): WordStream {
    if (this.packed !== null) this.stream.unpack(this.packed);
    this.packed = null;
    for (const number of this.pending.splice(0)) {
      const page = this.page(number);
      if (page !== null) this.stream.addPage(page);
    }
    return this.stream;
  }

  addPage(page: PageText): void {
    for (const stream of [this.pages, this.flow, this.asides]) stream.addPage(page);
    this.pending.push(page.number);
  }

  pack(): PackedStreams {
    const { pages, flow, asides, words } = this;
    return { pages: pages.pack(), flow: flow.pack(), asides: asides.pack(), words: words.pack() };
  }

  /** Takes what was stored, before any page. */
  unpack({ pages, flow, asides, words }: PackedStreams): void {
    this.pages.unpack(pages);
    this.flow.unpack(flow);
    this.asides.unpack(asides);
    this.packed = words;
  }
}
