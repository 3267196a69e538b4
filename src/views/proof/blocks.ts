import type { ProofItem } from '@/core/proof';
import { findPipeTables, type TextTable } from '@/core/text';

/** A paragraph of a text; `[start, end)` in UTF-16 code units. */
export interface Block {
  readonly start: number;
  readonly end: number;
  readonly kind: 'heading' | 'quote' | 'item' | 'plain' | 'table';
  /** The cells of a table. */
  readonly table?: TextTable;
}

const MARKS: readonly (readonly [Block['kind'], RegExp])[] = [
  ['heading', /^#{1,6}\s+/],
  ['quote', /^\s*>\s?/],
  ['item', /^\s*(?:[-*•–]|\d{1,2}[.)])\s+/],
];

/** The paragraphs and tables of a text: parted by blank lines, and before headings and items of a list. */
export function blocksOf(text: string): Block[] {
  const blocks: Block[] = [];
  const put = (from: number, to: number): void => {
    for (const match of text.slice(from, to).matchAll(/(?:[^\n]+(?:\n(?!\s*\n)(?!\s*[-*•–]\s|#{1,6}\s)|$|(?=\n)))+/g)) {
      const words = match[0].replace(/\s+$/, '');
      if (words === '') continue;
      const kind = MARKS.find(([, pattern]) => pattern.test(words))?.[0] ?? 'plain';
      blocks.push({ start: from + match.index, end: from + match.index + words.length, kind });
    }
  };
  let at = 0;
  for (const table of findPipeTables(text)) {
    put(at, table.start);
    blocks.push({ start: table.start, end: table.end, kind: 'table', table });
    at = table.end;
  }
  put(at, text.length);
  return blocks;
}

/** The items of each paragraph, in order; both must be in the order of the text, and an item over two paragraphs is of both. */
export function itemsByBlock<S extends { readonly item: Pick<ProofItem, 'start' | 'end'> }>(
  blocks: readonly Block[],
  items: readonly S[],
): S[][] {
  let from = 0;
  return blocks.map((block) => {
    while (from < items.length && (items[from] as S).item.end <= block.start) from += 1;
    const own: S[] = [];
    for (let at = from; at < items.length && (items[at] as S).item.start < block.end; at += 1)
      if ((items[at] as S).item.end > block.start) own.push(items[at] as S);
    return own;
  });
}

export interface Piece<S> {
  readonly start: number;
  readonly words: string;
  readonly shown: S | null;
}

/** The signs that make a line a heading, an item or a quotation, which are shown by how it is set. */
function unsigned(words: string, block: Block, opens: boolean): string {
  // Where a quotation is from keeps its line; other lines run on.
  const plain = block.kind === 'quote' ? words.replace(/\s*\n\s*>?\s?(?=\s*[—–(-])/g, '\u2028').replace(/\s*\n\s*>?\s?/g, ' ').replace(/\u2028/g, '\n') : words; // prettier-ignore
  if (!opens) return plain;
  const sign = MARKS.find(([kind]) => kind === block.kind)?.[1];
  const numbered = /^\s*\d/.test(plain);
  return sign === undefined || numbered ? plain : plain.replace(sign, '');
}

/** A paragraph cut where its items begin and end; an item that lies in another is left to that one, and those of other paragraphs are left out. */
export function piecesOf<S extends { readonly item: Pick<ProofItem, 'start' | 'end'> }>(
  text: string,
  block: Block,
  own: readonly S[],
): Piece<S>[] {
  const pieces: Piece<S>[] = [];
  let at = block.start;
  const put = (to: number, shown: S | null): void => {
    const words = unsigned(text.slice(at, to), block, at === block.start);
    if (words !== '') pieces.push({ start: at, words, shown });
    at = to;
  };
  for (const shown of own) {
    const [start, end] = [Math.max(block.start, shown.item.start), Math.min(block.end, shown.item.end)];
    if (start < at || start >= end) continue;
    put(start, null);
    put(end, shown);
  }
  put(block.end, null);
  return pieces;
}
