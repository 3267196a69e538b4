import { parse, type DefaultTreeAdapterMap } from 'parse5';

type Node = DefaultTreeAdapterMap['node'];
type Element = DefaultTreeAdapterMap['element'];

const BLOCKS = new Set('address article aside blockquote body dd details div dl dt fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hr li main nav ol p pre section table tbody tfoot thead tr ul'.split(' ')); // prettier-ignore
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

  text(): string {
    return `${this.blocks.join('\n\n')}\n`;
  }
}

function isElement(node: Node): node is Element {
  return 'tagName' in node;
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
  if (tag === 'q') writer.put('“');
  const block = BLOCKS.has(tag);
  const own = HEADINGS[tag] ?? (tag === 'li' ? '- ' : '');
  const deeper = tag === 'blockquote' ? quoted + 1 : quoted;
  if (block) writer.end(lead, quoted);
  for (const child of children) walk(child, writer, deeper, own === '' ? lead : own);
  if (tag === 'q') writer.put('”');
  if (tag === 'td' || tag === 'th') writer.put(' | ');
  if (block) writer.end(own === '' ? lead : own, deeper);
}

/** The words of a web page as plain text: headings with "#", items with "-", block quotes with ">", a blank line between blocks. */
export function textOfHtml(html: string): string {
  const writer = new Writer();
  walk(parse(html), writer, 0, '');
  writer.end();
  return writer.text();
}
