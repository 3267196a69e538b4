/** A cell of a table in a plain text: where its words stand, without the space around them. */
export interface TextCell {
  readonly start: number;
  readonly end: number;
}

/** A table set with upright bars, as Markdown has it; `[start, end)` in UTF-16 code units. */
export interface TextTable {
  readonly start: number;
  readonly end: number;
  /** Rows above the line of dashes; the first row where there is no such line. */
  readonly heads: readonly (readonly TextCell[])[];
  readonly rows: readonly (readonly TextCell[])[];
}

const ROW = /^[ \t]*\|.*\|[ \t]*$|^[^\n|]*[^\n|\s][^\n|]*\|[^\n|]*[^\n|\s].*\|?.*$/;
const RULE = /^[ \t]*\|?[ \t]*:?-{2,}:?[ \t]*(?:\|[ \t]*:?-{2,}:?[ \t]*)*\|?[ \t]*$/;

function cellsOf(line: string, at: number): TextCell[] {
  const cells: TextCell[] = [];
  // A bar behind a backslash is part of the words.
  const bars = [...line.matchAll(/(?<!\\)\|/g)].map((match) => match.index);
  const edges = [-1, ...bars, line.length];
  for (const [index, from] of edges.slice(0, -1).entries()) {
    const words = line.slice(from + 1, edges[index + 1]);
    const edge = index === 0 || index === edges.length - 2;
    if (edge && words.trim() === '') continue;
    const start = at + from + 1 + (words.length - words.trimStart().length);
    cells.push({ start, end: Math.max(start, start + words.trim().length) });
  }
  return cells;
}

/** The tables of a text that are set with upright bars: two lines or more that follow each other, of two cells or more. */
export function findPipeTables(text: string): TextTable[] {
  const tables: TextTable[] = [];
  let lines: { readonly text: string; readonly at: number }[] = [];
  const close = (): void => {
    const [first] = lines;
    const last = lines.at(-1);
    const rule = lines.findIndex((line) => RULE.test(line.text));
    const rows = lines.map((line) => cellsOf(line.text, line.at));
    const headed = rule > 0 ? rule : 1;
    if (first !== undefined && last !== undefined && lines.length >= 2 && (rows[0]?.length ?? 0) >= 2)
      tables.push({
        start: first.at,
        end: last.at + last.text.length,
        heads: rows.slice(0, headed),
        rows: rows.slice(rule > 0 ? rule + 1 : 1),
      });
    lines = [];
  };
  let at = 0;
  for (const line of text.split('\n')) {
    if (ROW.test(line) || (lines.length > 0 && RULE.test(line))) lines.push({ text: line, at });
    else close();
    at += line.length + 1;
  }
  close();
  return tables;
}
