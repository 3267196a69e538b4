import { oneLine, tokenize } from '../text';
import type { Question } from './question';

/** How far above a row its column heads may stand, in lines. */
const HEAD_REACH = 40;
const SCALE = /\b(?:in|amounts in|expressed in)\s+(?:thousands|millions|billions)(?:\s+of\s+\p{L}+)?/iu;
const VALUE = /\(?-?[$€£¥]?\d[\d,.]*%?\)?|[–—](?=\s|$)/g;

interface Cells {
  readonly label: string;
  readonly values: readonly string[];
}

/** A row's label and the values behind it; a note number between them counts as a value until the heads say otherwise. */
function cellsOf(row: string): Cells {
  const flat = oneLine(row);
  const tail = /(?:\s(?:\(?-?[$€£¥]?\d[\d,.]*%?\)?|[–—]))+$/.exec(flat)?.[0] ?? '';
  return { label: flat.slice(0, flat.length - tail.length), values: tail.match(VALUE) ?? [] };
}

/** The words that head the last columns above a row: a line of as many words or years as the row has values, or one fewer behind a note number. */
function headsAbove(lines: readonly string[], count: number): readonly string[] | null {
  for (const line of lines.slice(0, HEAD_REACH)) {
    const words = line.trim().split(/\s+/);
    const plain = words.every((word) => /^(?:(?:19|20)\d{2}|[\p{L}'’-]+)$/u.test(word));
    if (!plain) continue;
    if (words.length === count) return words;
    const years = words.filter((word) => /^(?:19|20)\d{2}$/.test(word));
    if (years.length > 1 && years.length <= count) return years;
  }
  return null;
}

function chooseColumn(heads: readonly string[], question: Question): number {
  const asked = new Set([...question.forms, ...question.periods.map((period) => period.slice(1))]);
  const at = heads.findIndex((head) => tokenize(head).some((token) => asked.has(token.word)));
  // By the custom of accounts the latest period stands first.
  return at < 0 ? 0 : at;
}

/**
 * What a table row answers: the value under the column head that the question names, else the first, with the scale that the table's caption gives ("in
 * thousands of crowns"). `above` are the page's lines above the row, nearest first. Null for a row without values.
 */
export function rowHeadline(row: string, above: readonly string[], question: Question): string | null {
  const { values } = cellsOf(row);
  if (values.length === 0) return null;
  const heads = headsAbove(above, values.length);
  const shown = heads === null ? values : values.slice(values.length - heads.length);
  const value = shown[heads === null ? 0 : chooseColumn(heads, question)] ?? values[0];
  if (value === undefined) return null;
  const scale = above.map((line) => SCALE.exec(line)?.[0]).find((found) => found !== undefined);
  return scale === undefined || value.includes('%') ? value : `${value} (${scale.toLowerCase()})`;
}
