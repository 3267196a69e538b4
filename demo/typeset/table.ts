import { amount, type SmallTable, type StatementRow } from '../figures';
import type { Paper } from './paper';

const ROW = 1.32;

function cellText(value: string | number): string {
  return typeof value === 'number' ? amount(value) : value;
}

interface Column {
  readonly x: number;
  readonly right: boolean;
}

/** Columns: the first from the left edge, the others right-aligned over the rest of the width. */
function columnsOf(paper: Paper, count: number, labelShare: number): Column[] {
  const rest = paper.width * (1 - labelShare);
  return Array.from({ length: count }, (_, at) =>
    at === 0
      ? { x: paper.left, right: false }
      : { x: paper.left + paper.width * labelShare + (rest * at) / (count - 1), right: true },
  );
}

function drawRow(
  paper: Paper,
  columns: readonly Column[],
  cells: readonly string[],
  size: number,
  face: 'regular' | 'bold' | 'italic',
): void {
  cells.forEach((cell, at) => {
    const column = columns[at];
    if (cell !== '' && column !== undefined) paper.put(cell, column.x, paper.y + size, face, size, column.right);
  });
  paper.y += size * ROW;
}

function ruleOver(paper: Paper, columns: readonly Column[]): void {
  const [, first] = columns;
  const from = first === undefined ? paper.left : Math.min(first.x - 52, first.x);
  paper.rule(from, paper.left + paper.width, paper.y + 1, 0.5);
  paper.y += 3;
}

/** A small table with its caption and unit above; the last rows may be totals under a rule. */
export function setTable(paper: Paper, table: SmallTable, words = false): void {
  const size = paper.design.size * 0.92;
  const count = table.head.length;
  const height = (table.rows.length + 4) * size * ROW + 14;
  paper.need(Math.min(height, 320));
  paper.y += 4;
  paper.put(table.caption, paper.left, paper.y + size, 'bold', size);
  if (table.unit !== '') paper.put(table.unit, paper.left + paper.width, paper.y + size, 'italic', size * 0.9, true);
  paper.y += size * ROW + 2;
  const label = words ? 0.34 : count > 5 ? 0.4 : count > 4 ? 0.45 : 0.52;
  const columns = words
    ? table.head.map((_, at) => ({ x: paper.left + (paper.width * at) / count, right: false }))
    : columnsOf(paper, count, label);
  paper.rule(paper.left, paper.left + paper.width, paper.y, 0.8);
  paper.y += 2;
  const head = (): void => {
    drawRow(paper, columns, table.head, size, 'italic');
    paper.rule(paper.left, paper.left + paper.width, paper.y + 1, 0.4);
    paper.y += 3;
  };
  head();
  table.rows.forEach((row, at) => {
    const total = at >= table.rows.length - table.totals;
    const before = paper.pageCount;
    paper.need(size * ROW + 4);
    // A table that goes over the page repeats its head.
    if (paper.pageCount > before) head();
    if (total && at === table.rows.length - table.totals) ruleOver(paper, columns);
    drawRow(paper, columns, row.map(cellText), size, total ? 'bold' : 'regular');
  });
  paper.rule(paper.left, paper.left + paper.width, paper.y + 2, 0.8);
  paper.y += 14;
}

/** A statement with its name and unit as printed above it. */
export interface Statement {
  readonly caption: string;
  readonly unit: string;
  /** Heads of the two columns of figures. */
  readonly years: readonly [string, string];
  readonly rows: readonly StatementRow[];
}

/** A financial statement on a page of its own: label, note, this year, last year. */
export function setStatement(paper: Paper, { caption, unit, years, rows }: Statement): void {
  const size = paper.design.size;
  const right = paper.left + paper.width;
  const columns: Column[] = [
    { x: paper.left, right: false },
    { x: paper.left + 0.62 * paper.width, right: true },
    { x: paper.left + 0.81 * paper.width, right: true },
    { x: right, right: true },
  ];
  paper.text(`*${caption}*`, { size: size * 1.25, leading: size * 1.7, align: 'left' });
  paper.text(`_${unit}_`, { align: 'left', after: 8 });
  drawRow(paper, columns, ['', rows.some((row) => row.note !== undefined) ? 'Note' : '', ...years], size, 'bold');
  paper.rule(paper.left, right, paper.y + 1, 0.8);
  paper.y += 5;
  for (const row of rows) {
    const total = row.kind === 'total' || row.kind === 'grand';
    if (total) {
      paper.rule(columns[1]!.x + 14, right, paper.y + 1, 0.5);
      paper.y += 3;
    }
    const cells = [row.label, row.note ?? '', amount(row.values[0]), amount(row.values[1])];
    drawRow(paper, columns, cells, size, total ? 'bold' : 'regular');
    if (row.kind === 'grand') {
      paper.rule(columns[1]!.x + 14, right, paper.y + 1, 0.5);
      paper.rule(columns[1]!.x + 14, right, paper.y + 3, 0.5);
      paper.y += 6;
    }
    paper.y += size * 0.3;
  }
  paper.y += 10;
}
