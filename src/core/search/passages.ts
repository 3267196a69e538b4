import { opensWithDate, splitSentences, wordsOfLine } from '../text';
import { DEFAULT_PASSAGES, type PassageOptions } from './cutting';
import { announces, JAPANESE_ITEM } from './announces';
import { RUN_IN } from './runIn';
import { isFlow, isLabel, type Line, type PageText, type Span } from '../source';

/** A whole sentence, table row or heading: what an answer may quote. One span a page it stands on. */
export interface Unit {
  readonly spans: readonly Span[];
  readonly section: number;
  readonly kind: 'sentence' | 'row' | 'heading' | 'contents' | 'note';
  readonly words: number;
}

/** A run of units under one heading that search returns. */
export interface PassageDraft {
  readonly units: readonly Unit[];
  readonly section: number;
  readonly words: number;
}

interface Open {
  readonly spans: Span[];
  text: string;
  /** Offset in `text` at which each span begins. */
  readonly offsets: number[];
  readonly section: number;
}

/** Whether a unit announces a list ("… shall pay:"), is an item of one, or is the head of a clause, run in with its text. */
interface Part {
  readonly announces: boolean;
  readonly item: boolean;
  readonly head: boolean;
}

const PLAIN: Part = { announces: false, item: false, head: false };

const LIST_MARK = new RegExp(
  String.raw`^\s*(?:[•◦▪–—*-]\s|\(?(?:[a-z]{1,2}|[ivx]{1,5}|\d{1,3})\)\s|(?!\d{1,3}\.\d{3}\s)\d{1,2}(?:\.\d{1,3})*\.?\s+\p{Lu}|§\s?\d|${JAPANESE_ITEM})`,
  'u',
);

const HANGING =
  /^(?:\d{1,3}(?:\.\d{1,3})*\.?|\(?(?:[a-z]{1,2}|[ivx]{1,5}|\d{1,2})\)|[•◦▪–—*-])\s+(?:\((?:\d{1,2}|[a-z])\)\s+)?(?:\p{L}.{24}|[§„“"].{8})/iu;

/** True for a label over what it is a label of. */
function labels(above: string, below: string): boolean {
  return isLabel(above) && !LIST_MARK.test(below) && !isLabel(below);
}

function isRow(line: Line, text: string): boolean {
  if (line.cells === null) return false;
  const content = text.slice(line.start, line.end);
  // The number of a clause hangs before its text; that is no row of two cells.
  if (line.cells.length === 2 && HANGING.test(content)) return false;
  const digits = content.replace(/[^\d]/g, '').length;
  return line.cells.length > 2 || digits >= 2;
}

/** A line's text with the marks of footnotes as spaces, so that sentences end before them and offsets stay. */
function withMarksBlank(page: PageText, { start, end }: Line): string {
  let text = page.text.slice(start, end);
  for (const { at } of page.notes)
    if (at !== null && at.start >= start && at.end <= end)
      text = text.slice(0, at.start - start) + ' '.repeat(at.end - at.start) + text.slice(at.end - start);
  return text;
}

/**
 * Cuts pages, given in order, into passages of whole sentences and table rows. A sentence goes on over columns and pages; running heads
 * and folios are passed over; footnotes stand apart from the sentences around them.
 */
export class PassageBuilder {
  private paragraph: Open | null = null;
  private units: Unit[] = [];
  private parts: Part[] = [];
  private words = 0;
  /** How many of the units were taken over from the passage before; alone they make none. */
  private repeated = 0;

  constructor(
    private readonly emit: (passage: PassageDraft) => void,
    private readonly options: PassageOptions = DEFAULT_PASSAGES,
  ) {}

  addPage(page: PageText): void {
    const notes: Line[] = [];
    let first = true;
    for (const line of page.lines) {
      if (!isFlow(line)) continue;
      if (line.role === 'note') {
        notes.push(line);
        continue;
      }
      this.addLine(page, line, first);
      first = false;
    }
    this.addNotes(page, notes);
  }

  /** Ends the last sentence and passage. */
  finish(): void {
    this.closeParagraph();
    this.closePassage();
  }

  private addLine(page: PageText, line: Line, first: boolean): void {
    if (line.role === 'heading') {
      this.closeParagraph();
      if (this.units.some((unit) => unit.kind !== 'heading')) this.closePassage();
      this.addUnit({
        spans: [spanOf(page, line)],
        section: line.section,
        kind: 'heading',
        words: wordsOfLine(page.text.slice(line.start, line.end)),
      });
      return;
    }
    if (line.role === 'contents' || isRow(line, page.text)) {
      this.closeParagraph();
      const kind = line.role === 'contents' ? 'contents' : 'row';
      this.addUnit({
        spans: [spanOf(page, line)],
        section: line.section,
        kind,
        words: wordsOfLine(page.text.slice(line.start, line.end)),
      });
      return;
    }
    if (this.paragraph !== null && !this.continues(page, line, first)) this.closeParagraph();
    this.paragraph ??= { spans: [], text: '', offsets: [], section: line.section };
    const open = this.paragraph;
    const last = open.spans.at(-1);
    const lineText = withMarksBlank(page, line);
    if (last !== undefined && last.page === page.number && line.start === last.end + 1) {
      open.spans[open.spans.length - 1] = { ...last, end: line.end };
      open.text += `\n${lineText}`;
    } else {
      if (open.text !== '') open.text += '\n';
      open.offsets.push(open.text.length);
      open.spans.push(spanOf(page, line));
      open.text += lineText;
    }
  }

  private continues(page: PageText, line: Line, first: boolean): boolean {
    const open = this.paragraph as Open;
    const text = page.text.slice(line.start, line.end);
    // "Zwischen dem 8." at the end of a line is no end: "und dem 30. September" goes on.
    const ordinal = /(?<!\d)\d{1,2}\.\s*$/.test(open.text) && /^\s*\p{Ll}{2}/u.test(text);
    if (!first) return (!line.opens || ordinal || labels(open.text, text)) && line.section === open.section;
    // Over a page break the layout cannot tell a new paragraph; the sentence can.
    return !/[.:!?。]["”’)]?\s*$/.test(open.text) && (!LIST_MARK.test(text) || opensWithDate(text)) && !isLabel(text);
  }

  private addNotes(page: PageText, notes: readonly Line[]): void {
    let from = 0;
    while (from < notes.length) {
      let to = from + 1;
      while (to < notes.length && !(notes[to] as Line).opens) to += 1;
      const [first, last] = [notes[from] as Line, notes[to - 1] as Line];
      const span = { page: page.number, start: first.start, end: last.end };
      this.addUnit({
        spans: [span],
        section: first.section,
        kind: 'note',
        words: wordsOfLine(page.text.slice(span.start, span.end)),
      });
      from = to;
    }
  }

  private closeParagraph(): void {
    const open = this.paragraph;
    this.paragraph = null;
    if (open === null) return;
    for (const range of splitSentences(open.text)) {
      const spans: Span[] = [];
      open.spans.forEach((span, at) => {
        const offset = open.offsets[at] as number;
        const start = Math.max(span.start, span.start + range.start - offset);
        const end = Math.min(span.end, span.start + range.end - offset);
        if (end > start) spans.push({ page: span.page, start, end });
      });
      if (spans.length > 0) {
        const text = open.text.slice(range.start, range.end);
        this.addUnit(
          { spans, section: open.section, kind: 'sentence', words: wordsOfLine(text) },
          { announces: announces(text), item: LIST_MARK.test(text), head: RUN_IN.test(text) },
        );
      }
    }
  }

  private addUnit(unit: Unit, part = PLAIN): void {
    const here = this.units.at(-1);
    const full = this.words + unit.words > this.options.maxWords;
    const moved =
      here !== undefined &&
      here.section !== unit.section &&
      here.kind !== 'heading' &&
      this.words >= this.options.minWords &&
      !part.item;
    if (here !== undefined && (full || moved)) this.closeBefore(unit, part.item);
    this.units.push(unit);
    this.parts.push(part);
    this.words += unit.words;
  }

  /** Where what goes on with a coming unit begins: the sentence that announces the list it is an item of, the head of its clause; -1 where nothing does. */
  private leadTo(unit: Unit, isItem: boolean): number {
    if (this.parts.at(-1)?.head === true && this.units.at(-1)?.section === unit.section) return this.parts.length - 1;
    const lead = isItem ? this.parts.findLastIndex((part) => part.announces) : -1;
    return this.parts.slice(lead + 1).every((part) => part.item) ? lead : -1;
  }

  /** Ends the passage before a unit; what the unit goes on with is taken along, so that the items of a list keep the words that announce them, and a clause its head. */
  private closeBefore(unit: Unit, isItem: boolean): void {
    const lead = this.leadTo(unit, isItem);
    const goesOn = lead > 0;
    const taken = goesOn ? this.units.slice(lead) : [];
    const words = taken.reduce((sum, one) => sum + one.words, 0);
    if (!goesOn || words + unit.words > this.options.maxWords) return this.closeRepeating(unit);
    const parts = this.parts.slice(lead);
    this.units = this.units.slice(0, lead);
    this.words -= words;
    this.closePassage();
    this.units = taken;
    this.parts = parts;
    this.words = words;
  }

  /** Ends the passage; the next one begins with its last sentences, as many as are to be repeated and leave room for the unit that comes. */
  private closeRepeating(unit: Unit): void {
    const { units, options } = this;
    this.closePassage();
    let words = 0;
    for (let back = 1; back <= options.overlap; back += 1) {
      const one = units.at(-back);
      if (one === undefined || one.kind !== 'sentence' || one.section !== unit.section) break;
      if (words + one.words + unit.words > options.maxWords) break;
      words += one.words;
      this.units.unshift(one);
      this.parts.unshift(PLAIN);
    }
    this.words = words;
    this.repeated = this.units.length;
  }

  private closePassage(): void {
    const { units } = this;
    const [first] = units;
    const whollyRepeated = units.length === this.repeated;
    this.repeated = 0;
    if (first === undefined || whollyRepeated) {
      this.units = [];
      this.parts = [];
      this.words = 0;
      return;
    }
    const lead = units.find((unit) => unit.kind !== 'heading') ?? first;
    this.emit({ units, section: lead.section, words: Math.round(this.words) });
    this.units = [];
    this.parts = [];
    this.words = 0;
  }
}

function spanOf(page: PageText, line: Line): Span {
  return { page: page.number, start: line.start, end: line.end };
}
