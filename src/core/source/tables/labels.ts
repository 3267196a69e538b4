import { cellAt, HALF_A_STEP, isFigure, stackRows, type Grid, type GridCell, type GridRow } from './grid';
import { median } from '../../median';

/** A body row with its own label and those of the rows it stands under. */
export interface LabelledRow {
  readonly row: GridRow;
  readonly grid: Grid;
  readonly labels: readonly GridCell[];
}

/** Points by which a label is set in, at least, to stand under the one before. */
const INDENT = 3;
/** Step to the row before, against the usual one, below which a line goes on with it. */
const TIGHT = 0.86;

/** Columns at the left that hold labels: the first, and the next where the first one's cells reach over several rows. */
export function stubColumns(rows: readonly GridRow[], columns: number): number {
  let stubs = 1;
  while (stubs < columns - 1) {
    const before = stubs - 1;
    const shared = rows.some((row, at) => {
      const [one, two] = [cellAt(row, before), at === 0 ? undefined : cellAt(rows[at - 1] as GridRow, before)];
      return one !== undefined && two !== undefined && one.atoms[0] === two.atoms[0];
    });
    const words = rows.every((row) => !isFigure(cellAt(row, stubs)?.text ?? 'x'));
    if (!shared || !words) break;
    stubs += 1;
  }
  return stubs;
}

function goesOn(label: string, next: string): boolean {
  if (/^\p{Ll}/u.test(next) && !/^(?:of which|thereof|davon|including)\b/i.test(next) && !/^\(?[a-z]\)/.test(next))
    return true;
  return (
    /(?:[,(–-]|\b(?:and|of|the|for|to|in|on|by|from|or|with|und|der|des|von))$/i.test(label) ||
    label.split('(').length > label.split(')').length
  );
}

/** Puts labels of two lines, set so that the figures stand half-way between them, back together with these. */
function joinCentred(rows: readonly GridRow[]): GridRow[] {
  const joined: GridRow[] = [];
  const labelAlone = (row: GridRow | undefined): boolean => row?.cells.every((cell) => cell.to === 0) === true;
  for (let at = 0; at < rows.length; at += 1) {
    const [above, row, below] = [rows[at] as GridRow, rows[at + 1], rows[at + 2]];
    const half = (one: GridRow, two: GridRow): boolean => two.y0 - one.y0 < HALF_A_STEP * (one.y1 - one.y0);
    const centred =
      row !== undefined &&
      below !== undefined &&
      labelAlone(above) &&
      labelAlone(below) &&
      row.cells.every((cell) => cell.from > 0) &&
      half(above, row) &&
      half(row, below);
    joined.push(centred ? stackRows([above, row, below]) : above);
    if (centred) at += 2;
  }
  return joined;
}

/** Puts lines that go on with a row, because a label or a cell of words is wrapped, back together with it. */
export function joinWrapped(given: readonly GridRow[]): GridRow[] {
  const rows = joinCentred(given);
  const usual = median(rows.slice(1).map((row, at) => row.y0 - (rows[at] as GridRow).y0));
  const joined: GridRow[] = [];
  for (const row of rows) {
    const last = joined.at(-1);
    if (last === undefined || row.ruled) {
      joined.push(row);
      continue;
    }
    const [label, before] = [cellAt(row, 0), cellAt(last, 0)];
    const [values, lastValues] = [
      row.cells.filter((cell) => cell.from > 0),
      last.cells.filter((cell) => cell.from > 0),
    ];
    const figures = values.some((cell) => isFigure(cell.text));
    const tight = usual > 0 && row.y0 - lastLine(last) < TIGHT * usual;
    const labelGoesOn =
      label !== undefined &&
      before !== undefined &&
      Math.abs(label.x0 - before.x0) < 40 &&
      goesOn(before.text, label.text);
    const wrapped =
      label === undefined
        ? values.length > 0 && !figures && lastValues.length > 0
        : values.length === 0
          ? (labelGoesOn || tight) && lastValues.length > 0 && before !== undefined
          : lastValues.length === 0 && (labelGoesOn || (tight && joined.length > 1)) && before !== undefined;
    if (wrapped) joined[joined.length - 1] = stackRows([last, row]);
    else joined.push(row);
  }
  return joined;
}

/** Top of the last printed line of a row that may hold several. */
function lastLine(row: GridRow): number {
  return Math.max(...row.cells.flatMap((cell) => cell.atoms.map((atom) => atom.y0)));
}

const SUMS_UP = /^(?:total|net|sub-?total|sum|balance|summe|gesamt|insgesamt|profit|loss|result|合計)\b/i;

interface Open {
  readonly cell: GridCell;
  readonly x: number;
  /** True when the rows under it are not set in. */
  readonly flat: boolean;
}

/**
 * Gives each row the labels it stands under: by how far labels are set in, and, where they are not, by labels that stand alone above rows
 * with figures. A sum ends the group it sums up.
 */
export function labelRows(
  rows: readonly { readonly row: GridRow; readonly grid: Grid }[],
  stubs: number,
): LabelledRow[] {
  const labelled: LabelledRow[] = [];
  let open: Open[] = [];
  rows.forEach(({ row, grid }, at) => {
    const own = Array.from({ length: stubs }, (_, column) => cellAt(row, column)).filter((cell) => cell !== undefined);
    const [label] = own;
    if (label === undefined) {
      labelled.push({ row, grid, labels: open.map((one) => one.cell) });
      return;
    }
    const group = !row.cells.some((cell) => cell.from >= stubs);
    open = open.filter(
      (one) => one.x < label.x0 - INDENT || (one.flat && !group && Math.abs(one.x - label.x0) <= INDENT),
    );
    if (!group) labelled.push({ row, grid, labels: [...open.map((one) => one.cell), ...own] });
    const next = rows[at + 1]?.row;
    const below = next === undefined ? undefined : cellAt(next, 0);
    const deeper = below !== undefined && below.x0 > label.x0 + INDENT;
    if (group || deeper) open.push({ cell: label, x: label.x0, flat: group && !deeper });
    else if (SUMS_UP.test(label.text)) open = open.filter((one) => !one.flat);
  });
  return labelled;
}
