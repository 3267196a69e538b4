import { createRequire } from 'node:module';
import path from 'node:path';
import PDFDocument from 'pdfkit';
import * as pdfjs from 'pdfjs-dist/legacy/build/pdf.mjs';
import { openPdf, PdfReading, type Page, type PdfFile, type Section } from '../../src/core/source';

const folder = path.dirname(createRequire(import.meta.url).resolve('pdfjs-dist/package.json'));
const ASSETS = { cmaps: `${folder}/cmaps/`, fonts: `${folder}/standard_fonts/`, wasm: `${folder}/wasm/` };

/** Makes a PDF with what `draw` puts into it; options as the drawing library takes them, such as a password. */
export function makePdf(
  draw: (doc: PDFKit.PDFDocument) => void,
  options: PDFKit.PDFDocumentOptions = {},
): Promise<Uint8Array> {
  const doc = new PDFDocument({ size: 'A4', margin: 72, autoFirstPage: false, ...options });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  draw(doc);
  return new Promise((resolve) => {
    doc.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
    doc.end();
  });
}

export interface Line {
  readonly text: string;
  readonly x?: number;
  readonly y: number;
  readonly size?: number;
  readonly bold?: boolean;
}

/** Adds a page with lines at given places, in points from the top left. */
export function addPage(doc: PDFKit.PDFDocument, lines: readonly Line[]): void {
  doc.addPage();
  for (const { text, x = 72, y, size = 10, bold = false } of lines) {
    doc.font(bold ? 'Helvetica-Bold' : 'Helvetica').fontSize(size);
    doc.text(text, x, y, { lineBreak: false, baseline: 'alphabetic' });
  }
}

export function open(bytes: Uint8Array, name = 'test.pdf', password?: string): Promise<PdfFile> {
  return openPdf(pdfjs, ASSETS, bytes.slice(), name, password);
}

export interface Whole {
  readonly pages: readonly Page[];
  readonly sections: readonly Section[];
  readonly newSections: readonly (readonly Section[])[];
}

/** Reads a whole PDF as workers do. */
export async function read(bytes: Uint8Array): Promise<Whole> {
  const file = await open(bytes);
  const { reading } = await PdfReading.begin(file);
  const pages: Page[] = [];
  const newSections: (readonly Section[])[] = [];
  for await (const one of reading.pages()) {
    pages.push(one.page);
    newSections.push(one.newSections);
  }
  await file.close();
  return { pages, sections: newSections.flat(), newSections };
}
