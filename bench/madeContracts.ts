import PDFDocument from 'pdfkit';
import type { Random } from './random';

/** A clause as it was set: words that stand in its first line and nowhere else, and the labels of the sections it stands in, outermost first. */
export interface TrueClause {
  readonly words: string;
  readonly path: readonly string[];
}

type Style = 'contract' | 'articles' | 'regulation' | 'lease' | 'german' | 'flat' | 'report' | 'ordinance';
const STYLES: readonly Style[] = [
  'contract',
  'articles',
  'regulation',
  'lease',
  'german',
  'flat',
  'report',
  'ordinance',
];
const TITLES =
  'Definitions|Term and renewal|Fees and payment|Service levels|Records and audit|Insurance|Liability|Assignment|Confidential information|Termination|Notices|Governing law|Force majeure|Staff and training|Safety of passengers'.split(
    '|',
  );
const ACTORS = 'The Operator|The Board|Each party|The Supplier|A surveyor|The lessee|The owner'.split('|');
const DEEDS =
  'shall keep the landing stage in good order|may inspect the records at any reasonable time|shall give notice in writing|must not part with possession of the berth|shall pay the charges due within thirty days|is to hold the insurance named in this part|may withhold its consent where safety requires it'.split(
    '|',
  );
const TAILS =
  'unless the other party has agreed otherwise in writing|and shall bear the cost of doing so|within 14 days of being asked to|except in the months of winter|as set out in clause 4.2 of this agreement|subject to section 7 and to article 12 of the ordinance|for each of the 12 months before the event'.split(
    '|',
  );
const ROMAN = 'i ii iii iv v vi vii viii ix x xi xii'.split(' ');
const letter = (at: number): string => String.fromCharCode(97 + at);

class Writer {
  readonly clauses: TrueClause[] = [];
  private readonly doc: PDFKit.PDFDocument;
  private readonly chunks: Buffer[] = [];
  private count = 0;
  private readonly size: number;
  private readonly fonts: readonly [string, string];
  private readonly boldTitles: boolean;
  private readonly hanging: boolean;

  constructor(
    private readonly random: Random,
    name: string,
  ) {
    this.fonts = random.pick([
      ['Times-Roman', 'Times-Bold'],
      ['Helvetica', 'Helvetica-Bold'],
    ] as const);
    this.size = random.pick([9.5, 10, 11, 12]);
    this.boldTitles = random.next() < 0.8;
    this.hanging = random.next() < 0.6;
    this.doc = new PDFDocument({
      size: 'A4',
      margins: { top: 80, bottom: 80, left: 72, right: 72 },
      bufferPages: true,
    });
    this.doc.on('data', (chunk: Buffer) => this.chunks.push(chunk));
    this.doc
      .font(this.fonts[1])
      .fontSize(this.size * 1.6)
      .text(name, { align: 'center' })
      .moveDown(1.5);
  }

  /** Words told apart by their number, so that a clause's line can be found again. */
  private sentence(): { words: string; text: string } {
    this.count += 1;
    const words = `matter ${this.count * 7 + 1000}x`;
    const text = `${this.random.pick(ACTORS)} in ${words} ${this.random.pick(DEEDS)} ${this.random.pick(TAILS)}.`;
    return { words, text };
  }

  title(
    text: string,
    options: { readonly center?: boolean; readonly scale?: number; readonly indent?: number } = {},
  ): void {
    if (this.doc.y > 680) this.doc.addPage();
    this.doc
      .moveDown(0.6)
      .font(this.boldTitles || options.center === true ? this.fonts[1] : this.fonts[0])
      .fontSize(this.size * (options.scale ?? 1))
      .text(text, 72 + (options.indent ?? 0), undefined, { align: options.center === true ? 'center' : 'left' })
      .moveDown(0.3);
  }

  /** A numbered clause of one to three sentences: its number hanging before the text, or running in. */
  clause(label: string, path: readonly string[], indent: number, lead = ''): void {
    const more = Array.from({ length: this.random.below(3) }, () => this.sentence().text);
    const { words, text } = this.sentence();
    const body = [`${lead}${text}`, ...more].join(' ');
    this.doc.font(this.fonts[0]).fontSize(this.size);
    if (this.doc.y > 720) this.doc.addPage();
    const x = 72 + indent;
    if (this.hanging) {
      const y = this.doc.y;
      this.doc.text(label, x, y, { lineBreak: false });
      const hang = Math.max(34, this.doc.widthOfString(label) + this.size);
      this.doc.text(body, x + hang, y, { width: 595 - 72 - x - hang });
    } else this.doc.text(`${label} ${body}`, x, undefined, { width: 595 - 72 - x });
    this.doc.moveDown(0.4);
    this.clauses.push({ words, path });
  }

  async finish(): Promise<Uint8Array> {
    const { count } = this.doc.bufferedPageRange();
    for (let page = 0; page < count; page += 1) {
      this.doc.switchToPage(page);
      this.doc.page.margins.bottom = 0;
      this.doc.font(this.fonts[0]).fontSize(8).text('Made agreement', 72, 40, { lineBreak: false });
      this.doc.text(String(page + 1), 290, 800, { lineBreak: false });
    }
    return new Promise((resolve) => {
      this.doc.on('end', () => resolve(new Uint8Array(Buffer.concat(this.chunks))));
      this.doc.end();
    });
  }
}

interface Frame {
  readonly writer: Writer;
  readonly random: Random;
}

/** Items (a), (b), … and sometimes (i), (ii), … under the last of them. */
function items(
  { writer, random }: Frame,
  path: readonly string[],
  indent: number,
  style: (at: number) => string,
): void {
  const count = 2 + random.below(4);
  for (let at = 0; at < count; at += 1) {
    const label = style(at);
    writer.clause(label, [...path, label], indent);
    if (random.next() < 0.3)
      for (let sub = 0; sub < 2 + random.below(2); sub += 1) {
        const below = `(${ROMAN[sub] ?? ''})`;
        writer.clause(below, [...path, label, below], indent + 24);
      }
  }
}

const lettered = (at: number): string => `(${letter(at)})`;

function contract(frame: Frame): void {
  const { writer, random } = frame;
  const caps = random.next() < 0.5;
  const dot = random.next() < 0.5 ? '.' : '';
  const tops = 4 + random.below(5);
  for (let top = 1; top <= tops; top += 1) {
    const title = TITLES[(top * 3) % TITLES.length] as string;
    writer.title(`${top}${dot} ${caps ? title.toUpperCase() : title}`);
    for (let sub = 1; sub <= 2 + random.below(3); sub += 1) {
      writer.clause(`${top}.${sub}`, [`${top}`, `${top}.${sub}`], 0);
      if (random.next() < 0.4) items(frame, [`${top}`, `${top}.${sub}`], 34, lettered);
      else if (random.next() < 0.3)
        for (let deep = 1; deep <= 2; deep += 1)
          writer.clause(`${top}.${sub}.${deep}`, [`${top}`, `${top}.${sub}`, `${top}.${sub}.${deep}`], 34);
    }
  }
  for (let schedule = 1; schedule <= 2; schedule += 1) {
    const name = `Schedule ${schedule}`;
    writer.title(
      random.next() < 0.5 ? `${name} – ${TITLES[schedule] ?? ''}` : `${name.toUpperCase()}: ${TITLES[schedule] ?? ''}`,
      { center: true, scale: 1.2 },
    );
    for (let at = 1; at <= 3; at += 1) {
      writer.clause(`${at}${dot}`, [name, `${at}`], 0);
      if (random.next() < 0.4) items(frame, [name, `${at}`], 34, lettered);
    }
  }
}

function articles(frame: Frame): void {
  const { writer, random } = frame;
  const below = random.next() < 0.5;
  for (let top = 1; top <= 4; top += 1) {
    const name = `ARTICLE ${(ROMAN[top - 1] ?? '').toUpperCase()}`;
    const title = (TITLES[top * 2] as string).toUpperCase();
    if (below) {
      writer.title(name, { center: true });
      writer.title(title, { center: true });
    } else writer.title(`${name} – ${title}`, { center: true });
    for (let sub = 1; sub <= 3; sub += 1) {
      const label = `Section ${top}.0${sub}`;
      writer.clause(label, [name, label], 0, `${TITLES[(top + sub) % TITLES.length] as string}. `);
      if (random.next() < 0.5) items(frame, [name, label], 34, lettered);
    }
  }
}

function regulation(frame: Frame): void {
  const { writer, random } = frame;
  let number = 0;
  for (let chapter = 1; chapter <= 3; chapter += 1) {
    const name = `Chapter ${(ROMAN[chapter - 1] ?? '').toUpperCase()}`;
    writer.title(`${name} ${TITLES[chapter * 4] as string}`, { center: true, scale: 1.2 });
    for (let at = 0; at < 3; at += 1) {
      number += 1;
      const article = `Article ${number}`;
      if (random.next() < 0.5) {
        writer.title(article, { center: true });
        writer.title(TITLES[number % TITLES.length] as string, { center: true });
      } else writer.title(`${article} ${TITLES[number % TITLES.length] as string}`);
      for (let paragraph = 1; paragraph <= 2 + random.below(3); paragraph += 1) {
        const label = `(${paragraph})`;
        writer.clause(label, [name, article, label], 0);
        if (random.next() < 0.4) items(frame, [name, article, label], 34, lettered);
      }
    }
  }
}

function lease(frame: Frame): void {
  const { writer, random } = frame;
  const tops = 5 + random.below(4);
  for (let top = 1; top <= tops; top += 1) {
    writer.title(`${top}. ${TITLES[(top * 2) % TITLES.length] as string}`);
    if (random.next() < 0.5) items(frame, [`${top}`], 0, lettered);
    else for (let sub = 1; sub <= 3; sub += 1) writer.clause(`${top}.${sub}`, [`${top}`, `${top}.${sub}`], 0);
  }
}

function german(frame: Frame): void {
  const { writer, random } = frame;
  for (let top = 1; top <= 6; top += 1) {
    const name = `§ ${top}`;
    writer.title(
      `${name} ${['Gegenstand', 'Laufzeit', 'Vergütung', 'Haftung', 'Kündigung', 'Schlussbestimmungen'][top - 1] ?? ''}`,
    );
    for (let paragraph = 1; paragraph <= 2 + random.below(3); paragraph += 1) {
      const label = `(${paragraph})`;
      writer.clause(label, [name, label], 0);
      if (random.next() < 0.4) items(frame, [name, label], 34, (at) => `${letter(at)})`);
    }
  }
}

/** Numbered paragraphs under headings that bear no number. */
function flat(frame: Frame): void {
  const { writer, random } = frame;
  let number = 0;
  for (let part = 0; part < 4; part += 1) {
    const title = TITLES[(part * 4 + 1) % TITLES.length] as string;
    writer.title(title, { scale: 1.25 });
    for (let at = 0; at < 3 + random.below(3); at += 1) {
      number += 1;
      writer.clause(`${number}.`, [title, `${number}`], 0);
      if (random.next() < 0.3) items(frame, [title, `${number}`], 34, lettered);
    }
  }
}

/** Roman numerals over letters over numbered paragraphs. */
function report(frame: Frame): void {
  const { writer, random } = frame;
  for (let top = 1; top <= 4; top += 1) {
    const name = (ROMAN[top - 1] ?? '').toUpperCase();
    writer.title(`${name}. ${(TITLES[top * 3] as string).toUpperCase()}`);
    for (let part = 0; part < 2 + random.below(2); part += 1) {
      const label = letter(part).toUpperCase();
      writer.title(`${label}. ${TITLES[(top + part * 5) % TITLES.length] as string}`);
      for (let at = 1; at <= 2 + random.below(2); at += 1) {
        writer.clause(`${at}.`, [name, label, `${at}`], 0);
        if (random.next() < 0.3) items(frame, [name, label, `${at}`], 34, lettered);
      }
    }
  }
}

/** Short forms of article and section, titles running in before the text. */
function ordinance(frame: Frame): void {
  const { writer, random } = frame;
  const short = random.pick(['Art.', 'Sec.', 'SECTION', 'Clause']);
  for (let top = 1; top <= 7; top += 1) {
    const name = `${short} ${top}`;
    writer.clause(`${name}.`, [name], 0, `${TITLES[top % TITLES.length] as string}. `);
    if (random.next() < 0.7) items(frame, [name], 34, lettered);
  }
}

const MAKERS: Readonly<Record<Style, (frame: Frame) => void>> = {
  contract,
  articles,
  regulation,
  lease,
  german,
  flat,
  report,
  ordinance,
};

export interface MadeContract {
  readonly style: string;
  readonly bytes: Uint8Array;
  readonly clauses: readonly TrueClause[];
}

/** A contract or regulation in one of six styles of numbering, with the path of each of its clauses; the same for the same seed. */
export async function madeContract(random: Random): Promise<MadeContract> {
  const style = random.pick(STYLES);
  const writer = new Writer(random, 'Agreement on the made crossing');
  MAKERS[style]({ writer, random });
  return { style, bytes: await writer.finish(), clauses: writer.clauses };
}
