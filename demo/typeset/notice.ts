import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

const require = createRequire(import.meta.url);
const MARGIN = 78;
const SIZE = 11;
const LEADING = 20;
/** Signs that may not begin a line. */
const CLOSING = /[。、）」』！？ーっゃゅょ%％]/;

const TOP = 84;
const BOTTOM = 790;

export interface NoticeInfo {
  readonly title: string;
  readonly author: string;
  readonly made: Date;
}

/** A document in Japanese; its font is embedded, cut down to the characters that are used. */
class Notice {
  readonly doc: PDFKit.PDFDocument;
  private y = TOP;

  constructor({ title, author, made }: NoticeInfo) {
    this.doc = new PDFDocument({
      size: 'A4',
      margin: 0,
      lang: 'ja',
      displayTitle: true,
      info: { Title: title, Author: author, CreationDate: made },
    });
    this.doc.font(readFileSync(require.resolve('@fontsource/kosugi/files/kosugi-japanese-400-normal.woff')));
  }

  private measure(text: string, size: number): number {
    return this.doc.fontSize(size).widthOfString(text);
  }

  private lines(text: string, size: number): string[] {
    const width = 595.28 - 2 * MARGIN;
    const lines: string[] = [];
    let [line, filled] = ['', 0];
    // A number is not broken.
    for (const char of text.match(/[\d.,]+|./gu) ?? []) {
      const wide = this.measure(char, size);
      if (filled + wide > width && !CLOSING.test(char)) {
        lines.push(line);
        [line, filled] = ['', 0];
      }
      line += char;
      filled += wide;
    }
    return [...lines, line];
  }

  paragraph(text: string, size = SIZE): void {
    for (const line of this.lines(text, size)) {
      if (this.y > BOTTOM) {
        this.doc.addPage();
        this.y = TOP;
      }
      this.doc.fontSize(size).text(line, MARGIN, this.y, { lineBreak: false, baseline: 'alphabetic' });
      this.y += LEADING * (size / SIZE);
    }
    this.y += 5;
  }

  space(points: number): void {
    this.y += points;
  }
}

/** Sets a document in Japanese from lines: `# title`, `## heading`, paragraphs. */
export function setNotice(text: string, info: NoticeInfo): Promise<Buffer> {
  const notice = new Notice(info);
  const chunks: Buffer[] = [];
  notice.doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  for (const line of text.split('\n').filter((one) => one.trim() !== '')) {
    if (line.startsWith('## ')) {
      notice.space(6);
      notice.paragraph(line.slice(3), SIZE * 1.2);
    } else if (line.startsWith('# ')) notice.paragraph(line.slice(2), SIZE * 1.6);
    else notice.paragraph(line);
  }
  return new Promise((resolve) => {
    notice.doc.on('end', () => resolve(Buffer.concat(chunks)));
    notice.doc.end();
  });
}
