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
const SYLLABLES = 'ba|cor|del|en|fa|gri|hol|in|jor|ka|lem|mon|nis|or|pel|qua|ros|sten|tur|ul|ven|wex|yar|zin'.split(
  '|',
);
/** Invented words: about as many as a long document has, the first ones far commoner than the last. */
const WORDS = 6_000;

function inventedWord(random: Random): string {
  // Zipf's law, near enough: the square of an even draw gathers at the low numbers.
  let number = Math.floor(WORDS ** random.next());
  let word = '';
  do {
    word += SYLLABLES[number % SYLLABLES.length] ?? '';
    number = Math.floor(number / SYLLABLES.length);
  } while (number > 0);
  return word;
}

function sentence(random: Random): string {
  const end = random.pick(ENDS).replace('{n}', String(2 + random.below(4000)));
  const of = `${inventedWord(random)} ${inventedWord(random)} ${inventedWord(random)}`;
  return `${random.pick(SUBJECTS)} ${random.pick(VERBS)} ${random.pick(OBJECTS)} of the ${of} and ${random.pick(OBJECTS)} ${end}.`;
}

/** The text of a generated page: a heading and six numbered clauses, each a paragraph. */
function pageParagraphs(random: Random, page: number): string[] {
  const clauses = Array.from(
    { length: 6 },
    (_, at) => `${page}.${at + 1} ${Array.from({ length: 3 }, () => sentence(random)).join(' ')}`,
  );
  return [`${page} Clause ${page}`, ...clauses];
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
    const [heading = '', ...clauses] = pageParagraphs(random, page);
    doc.fontSize(12).font('Helvetica-Bold').text(heading, 72, 72).font('Helvetica').fontSize(10);
    for (const clause of clauses) doc.moveDown(0.6).text(clause, { width: 450, height: 640 });
  }
  return new Promise((resolve) => {
    doc.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
    doc.end();
  });
}

/** Characters on a line of a generated plain text. */
const LINE = 90;

function wrapped(paragraph: string): string {
  let [text, length] = ['', 0];
  for (const word of paragraph.split(' ')) {
    if (length > 0 && length + word.length > LINE) [text, length] = [`${text}\n`, 0];
    else if (length > 0) text += ' ';
    text += word;
    length += word.length + 1;
  }
  return text;
}

/** The same pages as plain text, a form feed between them. */
export function longText(pages: number, seed: number): string {
  const random = new Random(seed);
  const texts = Array.from({ length: pages }, (_, at) =>
    pageParagraphs(random, at + 1)
      .map(wrapped)
      .join('\n\n'),
  );
  return texts.join('\f');
}
