import Papa from 'papaparse';
import type { CellBlock } from '../source';

/** What a spreadsheet would take for a formula; a signed number is none. */
const FORMULA = /^(?:[=@\t\r]|[+-](?![\d.,\s]*%?$))/;

/**
 * A block of cells as tab-separated text for the clipboard: the column heads above, the row labels before, each path on one line. Cells that a spreadsheet would
 * take for a formula are neutralised with a leading apostrophe.
 */
export function cellsText({ table, rows, columns }: CellBlock): string {
  const plain = (words: readonly string[]): string => words.join(' / ').replace(/\s+/g, ' ');
  const lines = [
    ['', ...columns.map((column) => plain(table.columns[column]?.path ?? []))],
    ...rows.map((row) => [plain(row.path), ...columns.map((column) => plain([row.cells[column]?.text ?? '']))]),
  ];
  return Papa.unparse(lines, { delimiter: '\t', newline: '\n', escapeFormulae: FORMULA });
}
