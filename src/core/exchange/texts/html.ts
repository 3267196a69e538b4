import { parse, type DefaultTreeAdapterMap } from 'parse5';

type Node = DefaultTreeAdapterMap['node'];
type Element = DefaultTreeAdapterMap['element'];

const BLOCKS = new Set('address article aside blockquote body caption dd details div dl dt fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hr li main nav ol p pre section table tbody td tfoot th thead tr ul'.split(' ')); // prettier-ignore
const SKIPPED = new Set('head script style template noscript iframe object svg math title'.split(' '));
const HEADINGS: Readonly<Record<string, string>> = {
  h1: '# ',
  h2: '## ',
  h3: '### ',
  h4: '#### ',
  h5: '##### ',
  h6: '###### ',
};

/** Text as it grows, block by block. */
class Writer {
  private readonly blocks: string[] = [];
  private open = '';

  put(words: string): void {
    this.open += words;
  }

  /** Ends the block that is open; `lead` goes before each of its lines. */
  end(lead = '', quoted = 0): void {
    const lines = this.open
      .split('\n')
      .map((line) => line.replace(/[^\S\n]+/g, ' ').trim())
      .join('\n')
      .trim();
    this.open = '';
    if (lines === '') return;
    const mark = '> '.repeat(quoted);
    this.blocks.push((lead + lines).split('\n').map((line) => mark + line).join('\n')); // prettier-ignore
  }

  /** A table as lines with upright bars, a line of dashes under its first row. */
  table(rows: readonly (readonly string[])[], quoted: number): void {
    const lines = rows.map((cells) => `| ${cells.join(' | ')} |`);
    if (lines.length === 0) return;
    const dashes = `|${' --- |'.repeat(rows[0]?.length ?? 1)}`;
    this.open = [lines[0], dashes, ...lines.slice(1)].join('\n');
    this.end('', quoted);
  }

  text(): string {
    return `${this.blocks.join('\n\n')}\n`;
  }
}

function isElement(node: Node): node is Element {
  return 'tagName' in node;
}

/** The words of a node and all within it on one line, a bar among them behind a backslash. */
function wordsOf(node: Node): string {
  if (node.nodeName === '#text') return (node as DefaultTreeAdapterMap['textNode']).value;
  if (isElement(node) && SKIPPED.has(node.tagName)) return '';
  const inner = 'childNodes' in node ? node.childNodes.map(wordsOf).join('') : '';
  return isElement(node) && (BLOCKS.has(node.tagName) || node.tagName === 'br') ? ` ${inner} ` : inner;
}

/** The rows of a table, those of its head, body and foot in order; a table in a cell is words of that cell. */
function rowsOf(node: Node): string[][] {
  if (!('childNodes' in node)) return [];
  return node.childNodes.filter(isElement).flatMap((child) => {
    if (child.tagName !== 'tr') return /^(?:thead|tbody|tfoot)$/.test(child.tagName) ? rowsOf(child) : [];
    const cells = child.childNodes.filter(isElement).filter(({ tagName }) => tagName === 'td' || tagName === 'th');
    return [cells.map((cell) => wordsOf(cell).replace(/\s+/g, ' ').trim().replace(/\|/g, '\\|'))];
  });
}

/** True for a table that sets the page rather than figures: its only row or column is all there is. */
function isLayout(rows: readonly (readonly string[])[]): boolean {
  return rows.length < 2 || rows.every((cells) => cells.length < 2);
}

function walk(node: Node, writer: Writer, quoted: number, lead: string): void {
  if (node.nodeName === '#text') {
    writer.put((node as DefaultTreeAdapterMap['textNode']).value.replace(/\s+/g, ' '));
    return;
  }
  if (isElement(node) && SKIPPED.has(node.tagName)) return;
  const tag = isElement(node) ? node.tagName : '';
  const children = 'childNodes' in node ? node.childNodes : [];
  if (tag === 'br') return writer.put('\n');
  const rows = tag === 'table' ? rowsOf(node) : [];
  if (!isLayout(rows)) {
    writer.end(lead, quoted);
    for (const child of 'childNodes' in node ? node.childNodes : [])
      if (child.nodeName === 'caption') walk(child, writer, quoted, '');
    return writer.table(rows, quoted);
  }
  if (tag === 'q') writer.put('“');
  const block = BLOCKS.has(tag);
  const own = HEADINGS[tag] ?? (tag === 'li' ? '- ' : '');
  const deeper = tag === 'blockquote' ? quoted + 1 : quoted;
  if (block) writer.end(lead, quoted);
  for (const child of children) walk(child, writer, deeper, own === '' ? lead : own);
  if (tag === 'q') writer.put('”');
  if (block) writer.end(own === '' ? lead : own, deeper);
}

/** The words of a web page as plain text: headings with "#", items with "-", block quotes with ">", tables with upright bars, a blank line between blocks. */
export function textOfHtml(html: string): string {
  const writer = new Writer();
  walk(parse(html), writer, 0, '');
  writer.end();
  return writer.text();
}
