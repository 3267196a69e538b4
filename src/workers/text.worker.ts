import { expose } from 'comlink';
import { docxOf, fitText, textOfFile, textOfPages } from '../core/exchange/texts';
import { openPdf, PdfReading, type PageText } from '../core/source';
import { ASSETS, pdfjs } from './pdfjs';
import { attempt, type Result } from './result';

async function textOfPdf(bytes: Uint8Array, name: string): Promise<string> {
  const file = await openPdf(pdfjs, ASSETS, bytes, name);
  const { reading } = await PdfReading.begin(file);
  const pages: PageText[] = [];
  for await (const { page } of reading.pages()) pages.push(page);
  return fitText(textOfPages(pages), name);
}

const api = {
  /** The text of a file to proof; of a PDF its lines in reading order. */
  textOf(file: File): Promise<Result<string>> {
    return attempt(async () => {
      const bytes = new Uint8Array(await file.arrayBuffer());
      return /\.pdf$/i.test(file.name) ? textOfPdf(bytes, file.name) : textOfFile(bytes, file.name);
    });
  },

  /** A text as an office file. */
  toDocx(text: string, title: string): Promise<Result<Blob>> {
    return attempt(() => docxOf(text, title));
  },
};

export type TextApi = typeof api;
expose(api);
