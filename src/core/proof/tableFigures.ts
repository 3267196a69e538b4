import { isPointer, measureOf, type Measure } from '../source';
import { findPipeTables, type TextCell, type TextTable } from '../text';

/** A cell of a table of the text, written out as a sentence: "Berths, 2025: 1,250 thousand crowns". */
export interface CellSaid {
  readonly sentence: string;
  /** Where the cell's words begin in the sentence and in the text, and how long they are there. */
  readonly at: number;
  readonly start: number;
  readonly length: number;
  /** The row and the column it stands in, by number. */
  readonly row: number;
  readonly column: number;
}

/** A table of the text with what is said over it. */
export interface TableSaid {
  readonly start: number;
  readonly end: number;
  /** The line over the table; empty when a blank page or another table stands there. */
  readonly caption: { readonly start: number; readonly end: number };
  readonly cells: readonly CellSaid[];
}

/** Letters of a line over a table that may be its caption. */
const CAPTION = 240;

/** The line over a table, past blank ones. */
function captionOf(text: string, { start }: TextTable): { readonly start: number; readonly end: number } {
  const before = text.slice(Math.max(0, start - CAPTION), start).replace(/\s+$/, '');
  const end = Math.max(0, start - CAPTION) + before.length;
  const from = text.lastIndexOf('\n', end - 1) + 1;
  const isRow = /^\s*\|/.test(text.slice(from, end));
  return isRow || end <= from ? { start, end: start } : { start: from, end };
}

/** What a column's heads say over it, from the top. Heads fewer than the row's cells stand over the last ones. */
function headOf(text: string, { heads }: TextTable, column: number, width: number): string {
  return heads
    .flatMap((cells) => {
      const cell = cells[column - (width - cells.length)];
      return cell === undefined ? [] : text.slice(cell.start, cell.end);
    })
    .join(' ');
}

/** The words behind a cell that its table gives to its figures: "thousand crowns", "%". */
function measureWords(cell: string, head: Measure, label: Measure, caption: Measure): string {
  if (/[%$€£¥]|\p{L}/u.test(cell)) return '';
  const own = label.unit !== null ? label : head.unit !== null || head.scale !== null ? head : caption;
  const scale = own.scale ?? (own.unit === '%' ? 1 : caption.scale);
  const named = scale === 1e3 ? ' thousand' : scale === 1e6 ? ' million' : scale === 1e9 ? ' billion' : '';
  const unit = own.unit ?? caption.unit;
  return `${named}${unit === null ? '' : unit === '%' ? ' %' : ` ${unit}${/s$|^(?:yen|m²|kg)$/.test(unit) ? '' : 's'}`}`;
}

function cellsOf(text: string, table: TextTable, caption: string): CellSaid[] {
  const over = measureOf(caption);
  const words = ({ start, end }: TextCell): string => text.slice(start, end);
  const width = Math.max(...table.heads.map((cells) => cells.length), ...table.rows.map((cells) => cells.length));
  return table.rows.flatMap((cells, row) => {
    const [first, ...rest] = cells;
    if (first === undefined) return [];
    const label = words(first).replace(/[*_]/g, '');
    return rest.flatMap((cell, at): CellSaid[] => {
      const printed = words(cell);
      const head = headOf(text, table, at + 1, width).replace(/[*_]/g, '');
      if (!/\d/.test(printed) || isPointer(head)) return [];
      const lead = `${label}, ${head}: `.replace(/^, |, (?=:)/, '');
      const behind = measureWords(printed, measureOf(`(${head})`), measureOf(label), over);
      const place = { start: cell.start, length: printed.length, row, column: at + 1 };
      return [{ sentence: `${lead}${printed}${behind}`, at: lead.length, ...place }];
    });
  });
}

/** The tables of a text that are set with upright bars, each cell with a number written out with its labels, unit and scale. */
export function tablesSaid(text: string): TableSaid[] {
  return findPipeTables(text).map((table) => {
    const caption = captionOf(text, table);
    const cells = cellsOf(text, table, text.slice(caption.start, caption.end));
    return { start: table.start, end: table.end, caption, cells };
  });
}
