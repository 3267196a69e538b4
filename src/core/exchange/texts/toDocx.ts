import { Document, HeadingLevel, Packer, Paragraph, TextRun } from 'docx';

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

const flat = (text: string): string => text.replace(/\s*\n\s*/g, ' ').trim();

/** A Markdown text as an office file (Office Open XML): headings, items of lists, block quotes, strong and stressed words. */
export function docxOf(text: string, title: string): Promise<Blob> {
  const blocks = text.split(/\n\s*\n|\n(?=\s*[-*•]\s|#{1,6}\s)/).filter((block) => block.trim() !== '');
  const styles = { paragraphStyles: [{ id: 'Quote', name: 'Quote', basedOn: 'Normal', next: 'Normal', run: { italics: true }, paragraph: { indent: { left: 500 }, spacing: { after: 120 } } }] }; // prettier-ignore
  const sections = [{ children: blocks.map(paragraph) }];
  return Packer.toBlob(new Document({ title, creator: '', styles, sections }));
}
