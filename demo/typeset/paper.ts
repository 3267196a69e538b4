import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';
import { breakLines, parseWords, type Face, type Measure, type SetLine, type Word } from './lines';

/** How a run of pages is numbered in print. */
export interface Numbering {
  readonly style: 'decimal' | 'roman' | 'none';
  readonly prefix?: string;
}

/** Sizes in points. */
export interface Design {
  readonly title: string;
  readonly author: string;
  readonly family: 'gelasio' | 'tinos';
  readonly page: { readonly width: number; readonly height: number };
  readonly margin: { readonly top: number; readonly bottom: number; readonly left: number; readonly right: number };
  readonly size: number;
  readonly leading: number;
  /** Running head and folio of a page; `section` is the part it stands in. */
  readonly head: (page: { readonly label: string; readonly section: string; readonly even: boolean }) => {
    readonly left?: string;
    readonly center?: string;
    readonly right?: string;
    readonly foot?: string;
  };
}

export interface OutlineItem {
  addItem(title: string, options?: { expanded?: boolean }): OutlineItem;
}

export interface TextOptions {
  readonly x?: number;
  readonly width?: number;
  readonly size?: number;
  readonly leading?: number;
  readonly align?: 'justify' | 'left' | 'right' | 'center';
  /** Points left free behind the text. */
  readonly after?: number;
  /** Lines that must fit below, so that a heading does not stand alone at the foot. */
  readonly keep?: number;
}

interface PageInfo {
  readonly label: string;
  readonly numbering: Numbering;
  readonly index: number;
}

const require = createRequire(import.meta.url);
const FILES: Readonly<Record<Face, string>> = { regular: '400-normal', bold: '700-normal', italic: '400-italic' };

function roman(number: number): string {
  const digits: readonly (readonly [number, string])[] = [[10, 'x'], [9, 'ix'], [5, 'v'], [4, 'iv'], [1, 'i']]; // prettier-ignore
  let rest = number;
  let text = '';
  for (const [value, sign] of digits) {
    for (; rest >= value; rest -= value) text += sign;
  }
  return text;
}

/** A printed document in the making: pages with heads and labels, a cursor that flows text down columns and over pages. */
export class Paper {
  readonly doc: PDFKit.PDFDocument;
  /** Baseline-free cursor: the top of what comes next, in points from the top of the page. */
  y = 0;
  section = '';
  private readonly pages: PageInfo[] = [];
  private readonly chunks: Buffer[] = [];
  private numbering: Numbering = { style: 'none' };
  private counted = 0;
  private floor = 0;
  private column: { readonly count: number; readonly gap: number; readonly top: number; at: number } | null = null;
  private notes: string[] = [];
  private noteCount = 0;

  constructor(readonly design: Design) {
    const { page, title, author } = design;
    this.doc = new PDFDocument({
      size: [page.width, page.height],
      autoFirstPage: false,
      margin: 0,
      bufferPages: false,
      lang: 'en-GB',
      displayTitle: true,
      // A fixed date, so that the same texts give the same file.
      info: { Title: title, Author: author, CreationDate: new Date(Date.UTC(2026, 2, 27)) },
    });
    this.doc.on('data', (chunk: Buffer) => this.chunks.push(chunk));
    for (const [face, file] of Object.entries(FILES)) {
      const path = require.resolve(`@fontsource/${design.family}/files/${design.family}-latin-${file}.woff`);
      this.doc.registerFont(face, readFileSync(path));
    }
  }

  get pageCount(): number {
    return this.pages.length;
  }

  get label(): string {
    return this.pages.at(-1)?.label ?? '';
  }

  get left(): number {
    const { margin } = this.design;
    return this.column === null ? margin.left : margin.left + this.column.at * (this.width + this.column.gap);
  }

  /** Width of the text, or of a column while there are columns. */
  get width(): number {
    const { margin } = this.design;
    const whole = this.doc.page.width - margin.left - margin.right;
    return this.column === null ? whole : (whole - (this.column.count - 1) * this.column.gap) / this.column.count;
  }

  private get bottom(): number {
    return this.doc.page.height - this.design.margin.bottom - this.floor;
  }

  /** Numbers the pages that follow anew from 1. */
  numberPages(numbering: Numbering): void {
    this.numbering = numbering;
    this.counted = 0;
  }

  newPage(landscape = false): void {
    this.flushNotes();
    const { page, margin } = this.design;
    this.doc.addPage({ size: landscape ? [page.height, page.width] : [page.width, page.height], margin: 0 });
    this.counted += 1;
    const { style, prefix = '' } = this.numbering;
    const number = style === 'none' ? '' : style === 'roman' ? roman(this.counted) : String(this.counted);
    this.pages.push({ label: prefix + number, numbering: this.numbering, index: this.pages.length });
    this.y = margin.top;
    this.floor = 0;
    if (this.column !== null) this.column = { ...this.column, at: 0, top: margin.top };
    if (style !== 'none') this.drawHead();
  }

  private drawHead(): void {
    const { design, doc } = this;
    const { left, center, right, foot } = design.head({
      label: this.label,
      section: this.section,
      even: this.pages.length % 2 === 0,
    });
    const [from, to] = [design.margin.left, doc.page.width - design.margin.right];
    const size = 8.5;
    const y = design.margin.top - 26;
    const put = (text: string | undefined, x: (width: number) => number, at: number): void => {
      if (text === undefined || text === '') return;
      doc.font('italic').fontSize(size);
      doc.text(text, x(doc.widthOfString(text)), at, { lineBreak: false, baseline: 'alphabetic' });
    };
    put(left, () => from, y);
    put(center, (width) => (from + to - width) / 2, y);
    put(right, (width) => to - width, y);
    put(foot, (width) => (from + to - width) / 2, doc.page.height - design.margin.bottom + 30);
    if (left !== undefined || center !== undefined || right !== undefined) this.rule(from, to, y + 5, 0.4);
  }

  rule(from: number, to: number, y: number, weight = 0.5): void {
    this.doc.moveTo(from, y).lineTo(to, y).lineWidth(weight).stroke('#000');
  }

  /** Starts a new column or page unless so many points are left. */
  need(points: number): void {
    if (this.y + points <= this.bottom) return;
    if (this.column !== null && this.column.at + 1 < this.column.count) {
      this.column = { ...this.column, at: this.column.at + 1 };
      this.y = this.column.top;
    } else this.newPage();
  }

  startColumns(count: number, gap: number): void {
    this.column = { count, gap, top: this.y, at: 0 };
  }

  endColumns(): void {
    this.column = null;
  }

  /** The size must be set beforehand. */
  measure(size: number): Measure {
    return (text, face) => this.doc.font(face).fontSize(size).widthOfString(text);
  }

  /** Flows a marked-up paragraph; `[[…]]` in it is a footnote, set at the foot of the page. */
  text(marked: string, options: TextOptions = {}): void {
    const { design } = this;
    const size = options.size ?? design.size;
    const leading = options.leading ?? design.leading;
    const width = options.width ?? this.width - ((options.x ?? this.left) - this.left);
    const indent = (options.x ?? this.left) - this.left;
    const note = /\[\[(.*?)\]\]/.exec(marked);
    let plain = marked;
    if (note !== null) {
      this.noteCount += 1;
      plain = marked.replace(note[0], `^${this.noteCount}`);
    }
    const lines = breakLines(parseWords(plain), width, this.measure(size));
    if (note !== null) this.reserveNote(`${this.noteCount} ${note[1]}`, lines.length * leading);
    this.need(leading * Math.min(lines.length, options.keep ?? 2));
    lines.forEach((line, at) => {
      // No paragraph leaves one line alone on a page.
      this.need(at === lines.length - 2 ? 2 * leading : leading);
      this.setLine(line, this.left + indent, this.y + size, width, size, options.align ?? 'justify');
      this.y += leading;
    });
    this.y += options.after ?? 0;
  }

  private reserveNote(note: string, above: number): void {
    const size = this.design.size * 0.82;
    const lines = breakLines(parseWords(note), this.width, this.measure(size));
    const height = lines.length * size * 1.3 + (this.notes.length === 0 ? 10 : 0);
    this.need(above + height);
    this.notes.push(note);
    this.floor += height;
  }

  private flushNotes(): void {
    if (this.notes.length === 0) return;
    const { margin } = this.design;
    const size = this.design.size * 0.82;
    let y = this.bottom + 8;
    this.rule(margin.left, margin.left + 90, y - 4, 0.4);
    for (const note of this.notes) {
      for (const line of breakLines(parseWords(note), this.width, this.measure(size))) {
        y += size * 1.3;
        this.setLine(line, margin.left, y, this.width, size, 'justify');
      }
    }
    this.notes = [];
    this.floor = 0;
  }

  /** Sets one line with its baseline at `y`. */
  setLine(line: SetLine, x: number, y: number, width: number, size: number, align: TextOptions['align']): void {
    const measure = this.measure(size);
    const shown = (word: Word): string => word.text.replace(/\^\d+(?=[.,;:]?$)/, '');
    const natural = line.words.reduce((sum, word) => sum + measure(shown(word), word.face), 0);
    const gaps = line.words.length - 1;
    const space = measure(' ', 'regular');
    const spread = align === 'justify' && !line.last && gaps > 0 ? (width - natural) / gaps : space;
    const total = natural + gaps * spread;
    let at = align === 'right' ? x + width - total : align === 'center' ? x + (width - total) / 2 : x;
    // Words of one face go in one stroke, as typesetting programs draw them.
    for (let from = 0; from < line.words.length;) {
      const { face } = line.words[from] as Word;
      let to = from + 1;
      // A mark ends a stroke, since it is set raised behind it.
      while (to < line.words.length && line.words[to]?.face === face && !/\^\d/.test(line.words[to - 1]?.text ?? ''))
        to += 1;
      const run = line.words.slice(from, to);
      this.doc.font(face).fontSize(size);
      this.doc.text(run.map(shown).join(' '), at, y, {
        lineBreak: false,
        wordSpacing: spread - space,
        baseline: 'alphabetic',
      });
      at += run.reduce((sum, word) => sum + measure(shown(word), word.face) + spread, 0);
      const mark = /\^(\d+)/.exec(run.at(-1)?.text ?? '')?.[1];
      if (mark !== undefined) this.put(mark, at - spread, y - size * 0.35, 'regular', size * 0.62);
      from = to;
    }
  }

  /** One piece of text with its left end or, with `right`, its right end at `x` and its baseline at `y`. */
  put(text: string, x: number, y: number, face: Face = 'regular', size = this.design.size, right = false): void {
    this.doc.font(face).fontSize(size);
    const from = right ? x - this.doc.widthOfString(text) : x;
    this.doc.text(text, from, y, { lineBreak: false, baseline: 'alphabetic' });
  }

  /** The finished file, with its page labels. */
  finish(): Promise<Buffer> {
    this.flushNotes();
    const ranges: unknown[] = [];
    const styles = { decimal: 'D', roman: 'r', none: '' } as const;
    for (const { numbering, index } of this.pages) {
      if (index > 0 && this.pages[index - 1]?.numbering === numbering) continue;
      const label: Record<string, unknown> = { St: 1 };
      if (styles[numbering.style] !== '') label.S = styles[numbering.style];
      if (numbering.prefix !== undefined) label.P = new String(numbering.prefix);
      ranges.push(index, label);
    }
    const root = (this.doc as unknown as { _root: { data: Record<string, unknown> } })._root;
    root.data.PageLabels = this.doc.ref({ Nums: ranges });
    (root.data.PageLabels as { end(): void }).end();
    return new Promise((resolve) => {
      this.doc.on('end', () => resolve(Buffer.concat(this.chunks)));
      this.doc.end();
    });
  }
}
