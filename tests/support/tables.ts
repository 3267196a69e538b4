import { mayHoldTables, PdfReading, TableFinder, type Table } from '../../src/core/source';
import { makePdf, open } from './pdf';

type Draw = (doc: PDFKit.PDFDocument) => void;

/** The tables of a document that is drawn. */
export async function tablesOf(draw: Draw): Promise<Table[]> {
  const file = await open(await makePdf(draw));
  const { reading, start } = await PdfReading.begin(file);
  const finder = new TableFinder(start.language);
  const tables: Table[] = [];
  for await (const { page } of reading.pages()) {
    tables.push(...finder.addPage(page, mayHoldTables(page) ? await file.rules(page.number) : []));
  }
  return [...tables, ...finder.finish()];
}

/** What a table says, a line a row: "path > label: text=value | …". */
export function rowsOf(table: Table | undefined): string[] {
  return (table?.rows ?? []).map(
    (row) =>
      `${row.path.join(' > ')}: ${row.cells.map((cell) => (cell === null ? '·' : `${cell.text}=${String(cell.value)}`)).join(' | ')}`,
  );
}

/** The heads of a table's columns, outermost first. */
export const headsOf = (table: Table | undefined): string[] =>
  (table?.columns ?? []).map((column) => column.path.join(' > '));

/** Sets a text to the right of its place. */
export const right = (doc: PDFKit.PDFDocument, text: string, x: number, y: number): void => {
  doc.text(text, x - doc.widthOfString(text), y, { lineBreak: false });
};

/** Rows of a label and figures set to the right at 380, 450, 520. */
export function figures(doc: PDFKit.PDFDocument, y: number, label: string, ...values: string[]): void {
  if (label !== '') doc.text(label, 72, y, { lineBreak: false });
  values.forEach((value, at) => right(doc, value, 380 + 70 * at, y));
}
