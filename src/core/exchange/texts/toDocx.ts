import {
  AlignmentType,
  Document,
  HeadingLevel,
  Packer,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
} from 'docx';
import { findPipeTables, type TextCell, type TextTable } from '../../text';

const LEVELS = [HeadingLevel.HEADING_1, HeadingLevel.HEADING_2, HeadingLevel.HEADING_3, HeadingLevel.HEADING_4, HeadingLevel.HEADING_5, HeadingLevel.HEADING_6] as const; // prettier-ignore

/** Words with **strong** and *stressed* ones as runs. */
function runs(text: string): TextRun[] {
  return text
    .split(/(\*\*[^*\n]+\*\*|\*[^*\n]+\*)/)
    .filter((part) => part !== '')
    .map((part) => {
      if (/^\*\*.+\*\*$/.test(part)) return new TextRun({ text: part.slice(2, -2), bold: true });
      return /^\*.+\*$/.test(part) ? new TextRun({ text: part.slice(1, -1), italics: true }) : new TextRun(part);
    });
}

function paragraph(block: string): Paragraph {
  const heading = /^(#{1,6})\s+(.*)$/.exec(block);
  if (heading !== null) return new Paragraph({ heading: LEVELS[(heading[1] as string).length - 1] ?? HeadingLevel.HEADING_6, children: runs(heading[2] as string) }); // prettier-ignore
  if (/^\s*>/.test(block))
    return new Paragraph({ style: 'Quote', children: runs(flat(block.replace(/^\s*>\s?/gm, ''))) });
  const item = /^\s*[-*•]\s+([\s\S]*)$/.exec(block);
  if (item !== null) return new Paragraph({ bullet: { level: 0 }, children: runs(flat(item[1] as string)) });
  return new Paragraph({ children: runs(flat(block)) });
}

/** A table of a text as one of the office file: heads in bold, numbers to the right. */
function tableOf(text: string, { heads, rows }: TextTable): Table {
  const width = Math.max(...[...heads, ...rows].map((cells) => cells.length));
  const row = (cells: readonly TextCell[], bold: boolean): TableRow =>
    new TableRow({
      tableHeader: bold,
      children: Array.from({ length: width }, (_, at) => {
        const cell = cells[at];
        const words = cell === undefined ? '' : text.slice(cell.start, cell.end).replace(/\\\|/g, '|');
        const alignment = at > 0 && /\d/.test(words) ? AlignmentType.RIGHT : AlignmentType.LEFT;
        return new TableCell({ children: [new Paragraph({ alignment, children: bold ? [new TextRun({ text: words, bold })] : runs(words) })] }); // prettier-ignore
      }),
    });
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    rows: [...heads.map((cells) => row(cells, true)), ...rows.map((cells) => row(cells, false))],
  });
}

const flat = (text: string): string => text.replace(/\s*\n\s*/g, ' ').trim();

/** A Markdown text as an office file (Office Open XML): headings, items of lists, block quotes, tables, strong and stressed words. */
export function docxOf(text: string, title: string): Promise<Blob> {
  const children: (Paragraph | Table)[] = [];
  const put = (part: string): void => {
    for (const block of part.split(/\n\s*\n|\n(?=\s*[-*•]\s|#{1,6}\s)/))
      if (block.trim() !== '') children.push(paragraph(block));
  };
  let at = 0;
  for (const table of findPipeTables(text)) {
    put(text.slice(at, table.start));
    children.push(tableOf(text, table));
    at = table.end;
  }
  put(text.slice(at));
  const styles = { paragraphStyles: [{ id: 'Quote', name: 'Quote', basedOn: 'Normal', next: 'Normal', run: { italics: true }, paragraph: { indent: { left: 500 }, spacing: { after: 120 } } }] }; // prettier-ignore
  const sections = [{ children }];
  return Packer.toBlob(new Document({ title, creator: '', styles, sections }));
}
