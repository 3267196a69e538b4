import { sectionPath, textWithoutMarks, type PageText, type Section, type Span } from '../source';
import type { Language } from '../text';
import { aliasesIn, type Alias } from './aliases';
import { DEFAULT_PASSAGES, SEGMENT_VERSION, segmentFingerprint, type PassageOptions } from './cutting';
import { PassageBuilder, type PassageDraft, type Unit } from './passages';
import { termsOf, valueTerms } from './terms';

/** Names of one thing that are kept of a document, at most. */
const MOST_ALIASES = 400;
/** Pages that are held for the open passage: more than a passage of one word a page reaches over. */
const PAGES_HELD = 200;
const KINDS = ['sentence', 'row', 'heading', 'contents', 'note'] as const;

/** Numbers below 65,536 take half the room. */
export type Numbers = Uint16Array | Uint32Array;

/**
 * The index of one edition: immutable, made of typed arrays, stored as it is. Passage `p` holds units
 * `[passageUnits[p], passageUnits[p+1])`, unit `u` the spans `[unitSpans[u], unitSpans[u+1])`, span `s` the page, start and end at
 * `spans[3s..3s+2]`. Term `t` has the postings `[postingStarts[t], postingStarts[t+1])`. The words of passage `p` in their order, stop words left out, are the
 * terms at `[passageTerms[p], passageTerms[p+1])` of `termsInOrder`, each so many words behind the one before as `termSteps` says, 255 at most.
 */
export interface Segment {
  readonly version: number;
  /** What it was built with; another fingerprint means building anew. */
  readonly fingerprint: string;
  readonly language: Language;
  /** Two names of one thing each, as the document introduces them. */
  readonly aliases: readonly Alias[];
  /** Terms in the order of their code units. */
  readonly vocabulary: readonly string[];
  readonly postingStarts: Uint32Array;
  readonly postingPassages: Numbers;
  readonly postingText: Uint8Array;
  readonly postingHeading: Uint8Array;
  readonly passageUnits: Uint32Array;
  readonly passageSections: Int32Array;
  readonly passageWords: Uint16Array;
  readonly unitSpans: Uint32Array;
  readonly unitKinds: Uint8Array;
  readonly unitSections: Int32Array;
  readonly spans: Uint32Array;
  readonly passageTerms: Uint32Array;
  readonly termsInOrder: Numbers;
  readonly termSteps: Uint8Array;
}

/** Room for `length` numbers below `limit`. */
function roomFor(length: number, limit: number): Numbers {
  return limit <= 65_536 ? new Uint16Array(length) : new Uint32Array(length);
}

/** The number of a term, -1 where the segment has it not. */
export function termNumber({ vocabulary }: Segment, term: string): number {
  let [low, high] = [0, vocabulary.length - 1];
  while (low <= high) {
    const middle = (low + high) >> 1;
    const word = vocabulary[middle] as string;
    if (word === term) return middle;
    if (word < term) low = middle + 1;
    else high = middle - 1;
  }
  return -1;
}

/** Unit `index` of a segment. Throws RangeError outside it. */
export function unitAt(segment: Segment, index: number): Omit<Unit, 'words'> {
  const [from, to] = [segment.unitSpans[index], segment.unitSpans[index + 1]];
  if (from === undefined || to === undefined)
    throw new RangeError(`Unit ${index} is outside a segment of ${segment.unitKinds.length}.`);
  const spans: Span[] = [];
  for (let at = from; at < to; at += 1) {
    const [page, start, end] = segment.spans.subarray(3 * at, 3 * at + 3) as unknown as [number, number, number];
    spans.push({ page, start, end });
  }
  return {
    spans,
    section: segment.unitSections[index] as number,
    kind: unitKindAt(segment, index),
  };
}

/** What unit `index` of a segment is. */
export function unitKindAt(segment: Segment, index: number): Unit['kind'] {
  return KINDS[segment.unitKinds[index] as number] as Unit['kind'];
}

interface Posting {
  /** Which term it is, in the order they were met. */
  readonly met: number;
  passages: number[];
  text: number[];
  heading: number[];
}

/** Builds a segment page by page; can be frozen at any time, so that what is read so far can be searched. */
export class SegmentBuilder {
  private readonly postings = new Map<string, Posting>();
  private readonly passageUnits: number[] = [0];
  private readonly passageSections: number[] = [];
  private readonly passageWords: number[] = [];
  private readonly unitSpans: number[] = [0];
  private readonly unitKinds: number[] = [];
  private readonly unitSections: number[] = [];
  private readonly spans: number[] = [];
  private readonly passageTerms: number[] = [0];
  private readonly termsMet: number[] = [];
  private readonly termSteps: number[] = [];
  private readonly pages = new Map<number, PageText>();
  private readonly sections: Section[] = [];
  private readonly passages: PassageBuilder;
  private readonly aliases = new Map<string, Alias>();
  private readonly headingTerms = new Map<number, ReadonlyMap<string, number>>();

  constructor(
    private readonly language: Language,
    private readonly options: PassageOptions = DEFAULT_PASSAGES,
  ) {
    this.passages = new PassageBuilder((passage) => this.post(passage), options);
  }

  /** Takes the next page, in order, with the sections that begin on it. */
  addPage(page: PageText, newSections: readonly Section[]): void {
    this.sections.push(...newSections);
    this.pages.set(page.number, page);
    this.passages.addPage(page);
    this.pages.delete(page.number - PAGES_HELD);
  }

  finish(): void {
    this.passages.finish();
  }

  freeze(): Segment {
    const entries = [...this.postings].sort(([a], [b]) => (a < b ? -1 : 1));
    const vocabulary = entries.map(([term]) => term);
    const total = entries.reduce((sum, [, posting]) => sum + posting.passages.length, 0);
    const starts = new Uint32Array(vocabulary.length + 1);
    const passages = roomFor(total, this.passageSections.length);
    const text = new Uint8Array(total);
    const heading = new Uint8Array(total);
    const numbers = new Uint32Array(vocabulary.length);
    let at = 0;
    entries.forEach(([, posting], term) => {
      numbers[posting.met] = term;
      starts[term] = at;
      passages.set(posting.passages, at);
      text.set(posting.text, at);
      heading.set(posting.heading, at);
      at += posting.passages.length;
    });
    starts[vocabulary.length] = at;
    const inOrder = roomFor(this.termsMet.length, vocabulary.length);
    this.termsMet.forEach((met, word) => (inOrder[word] = numbers[met] as number));
    return {
      version: SEGMENT_VERSION,
      fingerprint: segmentFingerprint(this.options),
      language: this.language,
      aliases: [...this.aliases.values()],
      vocabulary,
      postingStarts: starts,
      postingPassages: passages,
      postingText: text,
      postingHeading: heading,
      passageUnits: Uint32Array.from(this.passageUnits),
      passageSections: Int32Array.from(this.passageSections),
      passageWords: Uint16Array.from(this.passageWords),
      unitSpans: Uint32Array.from(this.unitSpans),
      unitKinds: Uint8Array.from(this.unitKinds),
      unitSections: Int32Array.from(this.unitSections),
      spans: Uint32Array.from(this.spans),
      passageTerms: Uint32Array.from(this.passageTerms),
      termsInOrder: inOrder,
      termSteps: Uint8Array.from(this.termSteps),
    };
  }

  private post(passage: PassageDraft): void {
    const number = this.passageSections.length;
    for (const unit of passage.units) {
      for (const span of unit.spans) this.spans.push(span.page, span.start, span.end);
      this.unitSpans.push(this.spans.length / 3);
      this.unitKinds.push(KINDS.indexOf(unit.kind));
      this.unitSections.push(unit.section);
    }
    this.passageUnits.push(this.unitKinds.length);
    this.passageSections.push(passage.section);
    const text = passage.units.map((unit) => this.unitText(unit)).join('\n');
    if (this.aliases.size < MOST_ALIASES)
      for (const alias of aliasesIn(text)) this.aliases.set(alias.join('\n').toLowerCase(), alias);
    const terms = termsOf(text, this.language);
    this.passageWords.push(Math.min(65_535, terms.length));
    const counts = new Map<string, number>();
    for (const { term } of terms) counts.set(term, (counts.get(term) ?? 0) + 1);
    for (const term of valueTerms(text, this.language)) counts.set(term, (counts.get(term) ?? 0) + 1);
    const heading = this.termsOfHeading(passage.section);
    for (const [term, count] of counts) this.add(term, number, count, heading.get(term) ?? 0);
    for (const [term, count] of heading) if (!counts.has(term)) this.add(term, number, 0, count);
    let before = 0;
    for (const { term, position } of terms) {
      this.termsMet.push((this.postings.get(term) as Posting).met);
      this.termSteps.push(Math.min(255, position - before));
      before = position;
    }
    this.passageTerms.push(this.termsMet.length);
  }

  private add(term: string, passage: number, text: number, heading: number): void {
    let posting = this.postings.get(term);
    if (posting === undefined) {
      posting = { met: this.postings.size, passages: [], text: [], heading: [] };
      this.postings.set(term, posting);
    }
    posting.passages.push(passage);
    posting.text.push(Math.min(255, text));
    posting.heading.push(Math.min(255, heading));
  }

  private unitText(unit: Unit): string {
    return unit.spans
      .map((span) => {
        const page = this.pages.get(span.page);
        return page === undefined ? '' : textWithoutMarks(page, span.start, span.end);
      })
      .join('\n');
  }

  private termsOfHeading(section: number): ReadonlyMap<string, number> {
    let terms = this.headingTerms.get(section);
    if (terms === undefined) {
      const counts = new Map<string, number>();
      for (const { term } of termsOf(sectionPath(this.sections, section), this.language)) counts.set(term, 1);
      terms = counts;
      this.headingTerms.set(section, terms);
    }
    return terms;
  }
}
