import type { DraftPage } from '../formats/pdf/pageText';

/** Characters that no text holds: unmapped (private use), replaced, control. */
const FOREIGN = /[\ufffd\ue000-\uf8ff\u0000-\u0008\u0010-\u001f]/g;
/** Share of a page's characters, and how many, from which its fonts are not trusted. */
const FOREIGN_SHARE = 0.015;
const FOREIGN_LEAST = 8;
/** Lines with running text on both sides of a gap, and their share of the page, from which its columns may have been mixed. */
const MIXED_LEAST = 8;
const MIXED_SHARE = 0.4;
const MIXED_WORDS = 4;

/** What makes a page's text doubtful, a sentence each; empty for a page that can be trusted. */
export function doubts({ text, lines }: DraftPage): string[] {
  const found: string[] = [];
  const foreign = text.match(FOREIGN)?.length ?? 0;
  if (foreign >= FOREIGN_LEAST && foreign > FOREIGN_SHARE * text.length)
    found.push('its fonts do not say what some of their characters are, so words may be wrong');
  const mixed = lines.filter(({ cells, start, end }) => {
    if (cells?.length !== 2) return false;
    const [, right] = cells as [number, number];
    return [text.slice(start, right), text.slice(right, end)].every(
      (side) => (side.match(/\p{L}{2,}/gu)?.length ?? 0) >= MIXED_WORDS,
    );
  }).length;
  if (mixed >= MIXED_LEAST && mixed > MIXED_SHARE * lines.length)
    found.push('its columns may have been read across, so sentences may be mixed');
  return found;
}
