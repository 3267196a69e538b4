import PDFDocument from 'pdfkit';
import { Random } from './random';

const SUBJECTS =
  'The Operator|The Board|The master|A surveyor|The owner|The harbour office|Each party|The lessee'.split('|');
const VERBS =
  'shall report|may inspect|shall keep|must not alter|shall pay for|is to renew|may withhold|shall provide'.split('|');
const OBJECTS =
  'the landing stage|every passenger certificate|the record of sailings|the shore power supply|a mooring line|the fuel berth|the plating below the waterline|the timetable of the winter months'.split(
    '|',
  );
const ENDS =
  'within {n} days|unless the wind exceeds {n} metres per second|at a cost of {n} crowns|before the end of the {n}th week|not later than page {n} of the log'.split(
    '|',
  );

function sentence(random: Random): string {
  const end = random.pick(ENDS).replace('{n}', String(2 + random.below(4000)));
  return `${random.pick(SUBJECTS)} ${random.pick(VERBS)} ${random.pick(OBJECTS)} and ${random.pick(OBJECTS)} ${end}.`;
}

/** A PDF of so many pages of numbered clauses in sentences that differ, with running heads and folios; the same for the same seed. */
export function longFile(pages: number, seed: number): Promise<Uint8Array> {
  const random = new Random(seed);
  const doc = new PDFDocument({ size: 'A4', margin: 72, autoFirstPage: false });
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  for (let page = 1; page <= pages; page += 1) {
    doc.addPage();
    doc.fontSize(8).text(`Long agreement · part ${Math.ceil(page / 20)}`, 72, 40, { lineBreak: false });
    doc.text(String(page), 500, 40, { lineBreak: false });
    doc.fontSize(12).font('Helvetica-Bold').text(`${page} Clause ${page}`, 72, 72).font('Helvetica').fontSize(10);
    for (let clause = 1; clause <= 6; clause += 1) {
      const text = Array.from({ length: 4 }, () => sentence(random)).join(' ');
      doc.moveDown(0.6).text(`${page}.${clause} ${text}`, { width: 450, height: 640 });
    }
  }
  return new Promise((resolve) => {
    doc.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
    doc.end();
  });
}
