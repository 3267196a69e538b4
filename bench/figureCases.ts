import type { AskedSource } from '../src/core/answer';
import { printedRow } from '../src/core/figure';
import type { Table, TableCell, TableRow } from '../src/core/source';
import { decimalsIn, grouped, otherDigit, SCALE_WORDS, sayValue, unitWords } from './figureWords';
import type { Random } from './random';
import { sentenceCase, type MadeClaim } from './sentenceCases';

/** A claim whose figures are known to be right, or wrong in one way. */
export interface FigureCase extends MadeClaim {
  /** What was done: `cell`, `scaled`, `change` … for right ones; `wrong scale`, `other row` … for wrong ones. */
  readonly kind: string;
  readonly right: boolean;
}

interface Column {
  readonly at: number;
  readonly year: string;
}

interface Cell {
  readonly source: AskedSource;
  readonly table: Table;
  readonly row: TableRow;
  readonly column: Column;
  readonly cell: TableCell & { readonly value: number };
}

function yearColumns(table: Table): Column[] {
  const columns = table.columns.flatMap((column, at) => {
    const years = column.path.join(' ').match(/\b(?:19|20)\d\d\b/g) ?? [];
    return years.length === 1 ? [{ at, year: years[0] }] : [];
  });
  // Two columns of one year are told apart by more than the year, which these claims do not say.
  return new Set(columns.map((one) => one.year)).size === columns.length ? columns : [];
}

function labelOf(row: TableRow): string {
  return (row.path.at(-1) ?? '').replace(/\s*\([^)]*\)\s*$/, '').replace(/[\s:]+$/, '');
}

/** Every cell of a row with words for a label under a year, whose label is the only one of its table. */
export function yearCells(sources: readonly AskedSource[]): Cell[] {
  return sources.flatMap((source) =>
    source.tables.flatMap((table) =>
      table.rows.flatMap((row) => {
        const alone = table.rows.filter((other) => labelOf(other) === labelOf(row)).length === 1;
        if (!alone || !/\p{L}{4}/u.test(labelOf(row)) || /^totals?$/i.test(labelOf(row))) return [];
        return yearColumns(table).flatMap((column) => {
          const cell = row.cells[column.at];
          return cell?.value == null || Math.abs(cell.value) < 13 ? [] : [{ source, table, row, column, cell: { ...cell, value: cell.value } }]; // prettier-ignore
        });
      }),
    ),
  );
}

function quoteOfRow({ source, row }: Pick<Cell, 'source' | 'row'>): FigureCase['citations'][number] {
  const page = source.page(row.cells.find((cell) => cell !== null && cell.spans.length > 0)?.spans[0]?.page ?? 1);
  return { source: source.name, page: page?.number ?? 1, quote: page === null ? '' : (printedRow(row, page) ?? '') };
}

function lower(label: string): string {
  return /^\p{Lu}\p{Ll}/u.test(label) ? label.charAt(0).toLowerCase() + label.slice(1) : label;
}

function sentence(
  random: Random,
  cell: Cell,
  value: string,
  { label = labelOf(cell.row), year = cell.column.year } = {},
): string {
  // A result that is negative is said to be a loss.
  const loss = cell.cell.value < 0 && /profit|result|earnings|surplus|income/i.test(label);
  if (loss && label === labelOf(cell.row)) return `${label} in ${year} was a loss of ${value}.`;
  const said = random.pick([
    `${label} in ${year} was ${value}.`,
    `In ${year}, ${lower(label)} came to ${value}.`,
    `${label} amounted to ${value} in ${year}.`,
    `For ${year} the accounts show ${lower(label)} of ${value}.`,
    `${label}: ${value} (${year}).`,
  ]);
  return said;
}

/** A cell of another row in the same column, of the same unit and another value. */
function neighbour(
  random: Random,
  { table, row, column, cell }: Cell,
): { row: TableRow; cell: TableCell & { value: number } } | null {
  const others = table.rows.flatMap((other) => {
    const one = other.cells[column.at];
    const usable = other !== row && one?.value != null && one.unit === cell.unit && one.scale === cell.scale && Math.abs(one.value) !== Math.abs(cell.value) && Math.abs(one.value) >= 13 && labelOf(other) !== labelOf(row); // prettier-ignore
    return usable ? [{ row: other, cell: { ...one, value: one.value } }] : [];
  });
  return others.length === 0 ? null : random.pick(others);
}

/** The cell of the same row in another year. */
function otherYear(
  random: Random,
  { table, row, column, cell }: Cell,
): { column: Column; cell: TableCell & { value: number } } | null {
  const others = yearColumns(table).flatMap((other) => {
    const one = row.cells[other.at];
    return other.year !== column.year && one?.value != null && one.unit === cell.unit && Math.abs(one.value) !== Math.abs(cell.value) ? [{ column: other, cell: { ...one, value: one.value } }] : []; // prettier-ignore
  });
  return others.length === 0 ? null : random.pick(others);
}

function changeCase(random: Random, cell: Cell, twist: 'right' | 'wrong' | 'turned' | 'points'): MadeClaim | null {
  const other = otherYear(random, cell);
  if (other === null) return null;
  const [from, to] = Number(other.column.year) < Number(cell.column.year) ? [{ ...cell, ...other }, cell] : [cell, { ...cell, ...other }]; // prettier-ignore
  const [a, b] = [Math.abs(from.cell.value), Math.abs(to.cell.value)];
  if (from.cell.value < 0 !== to.cell.value < 0 || cell.cell.unit === '%') return null;
  const percent = (100 * (b - a)) / a;
  if (Math.abs(percent) < 0.3 || Math.abs(percent) > 300) return null;
  const up = b > a !== (twist === 'turned');
  const off = twist === 'wrong' ? 1.3 + 3 * random.next() : 0;
  const share = `${(Math.abs(percent) + off).toFixed(1)} ${twist === 'points' ? 'percentage points' : random.pick(['%', 'per cent'])}`;
  const difference = `${grouped(b - a + (twist === 'wrong' ? 13 * Math.max(1, Math.round(a / 300)) : 0), Math.max(decimalsIn(from.cell.text), decimalsIn(to.cell.text)))}${SCALE_WORDS[cell.cell.scale]}${unitWords(cell.cell)}`; // prettier-ignore
  const label = labelOf(cell.row);
  const claim = random.pick([
    `${label} ${up ? 'rose' : 'fell'} by ${share} in ${to.column.year}.`,
    `${label} ${up ? 'rose' : 'fell'} from ${sayValue(random, from.cell)} in ${from.column.year} to ${sayValue(random, to.cell)} in ${to.column.year}, ${up ? 'an increase' : 'a decrease'} of ${share}.`,
    ...(twist === 'points'
      ? []
      : [
          `Between ${from.column.year} and ${to.column.year} ${lower(label)} ${up ? 'increased' : 'decreased'} by ${difference}.`,
        ]),
    `In ${to.column.year} ${lower(label)} was ${share} ${up ? 'higher' : 'lower'} than the year before.`,
  ]);
  return { claim, citations: [quoteOfRow(cell)] };
}

function sumCase(random: Random, cell: Cell, right: boolean): MadeClaim | null {
  const other = neighbour(random, cell);
  if (other === null || cell.cell.unit === '%' || cell.cell.value < 0 !== other.cell.value < 0) return null;
  const sum = Math.abs(cell.cell.value) + Math.abs(other.cell.value);
  const decimals = Math.max(decimalsIn(cell.cell.text), decimalsIn(other.cell.text));
  const said = `${grouped(right ? sum : sum * 1.04 + 3, decimals)}${SCALE_WORDS[cell.cell.scale]}${unitWords(cell.cell)}`;
  return {
    claim: `${labelOf(cell.row)} and ${lower(labelOf(other.row))} together came to ${said} in ${cell.column.year}.`,
    citations: [quoteOfRow(cell), quoteOfRow({ ...cell, row: other.row })],
  };
}

function shareCase(random: Random, cell: Cell, right: boolean): MadeClaim | null {
  const totals = cell.table.rows.filter((row) => /^total|revenue|^all /i.test(labelOf(row)));
  const other = neighbour(random, { ...cell, table: { ...cell.table, rows: totals } });
  if (other === null || cell.cell.unit === '%' || /^totals?$/i.test(labelOf(other.row))) return null;
  const share = (100 * Math.abs(cell.cell.value)) / Math.abs(other.cell.value);
  if (share > 100 || share < 2) return null;
  return {
    claim: `${labelOf(cell.row)} was equal to ${(right ? share : share * 1.12 + 1).toFixed(1)} per cent of ${lower(labelOf(other.row))} in ${cell.column.year}.`,
    citations: [quoteOfRow(cell), quoteOfRow({ ...cell, row: other.row })],
  };
}

/** Claims with right and with wrong figures from the tables and sentences of documents, `each` of every kind where the documents allow it. */
export function makeFigureCases(random: Random, sources: readonly AskedSource[], each: number): FigureCase[] {
  const cells = yearCells(sources);
  const cases: FigureCase[] = [];
  const add = (kind: string, right: boolean, make: () => MadeClaim | null): void => {
    let made = 0;
    for (let attempt = 0; attempt < 40 * each && made < each; attempt += 1) {
      const one = make();
      if (one === null || cases.some((known) => known.claim === one.claim)) continue;
      cases.push({ kind, right, ...one });
      made += 1;
    }
  };
  const from = (make: (cell: Cell) => MadeClaim | null) => (): MadeClaim | null =>
    cells.length === 0 ? null : make(random.pick(cells));
  const cited = (cell: Cell, claim: string): MadeClaim | null => ({ claim, citations: [quoteOfRow(cell)] });
  add(
    'cell',
    true,
    from((cell) => cited(cell, sentence(random, cell, sayValue(random, cell.cell)))),
  );
  add(
    'change',
    true,
    from((cell) => changeCase(random, cell, 'right')),
  );
  add(
    'sum',
    true,
    from((cell) => sumCase(random, cell, true)),
  );
  add(
    'share',
    true,
    from((cell) => shareCase(random, cell, true)),
  );
  add(
    'rounded',
    true,
    from((cell) => {
      const worth = Math.abs(cell.cell.value) * cell.cell.scale;
      if (cell.cell.unit === '%' || worth < 2e6) return null;
      return cited(
        cell,
        sentence(
          random,
          cell,
          `${random.pick(['', 'about '])}${(worth / 1e6).toFixed(1)} million${unitWords(cell.cell)}`,
        ),
      );
    }),
  );
  add('sentence', true, () => sentenceCase(random, random.pick(sources), true));
  add(
    'wrong scale',
    false,
    from((cell) => {
      if (cell.cell.scale === 1 || cell.cell.unit === '%') return null;
      return cited(
        cell,
        sentence(
          random,
          cell,
          sayValue(random, cell.cell, cell.cell.scale === 1000 ? random.pick([1, 1e6]) : random.pick([1000, 1e9])),
        ),
      );
    }),
  );
  add(
    'other row',
    false,
    from((cell) => {
      const other = neighbour(random, cell);
      return other === null
        ? null
        : {
            claim: sentence(random, cell, sayValue(random, other.cell)),
            citations: [quoteOfRow(random.pick([cell, { ...cell, row: other.row }]))],
          };
    }),
  );
  add(
    'other year',
    false,
    from((cell) => {
      const other = otherYear(random, cell);
      return other === null ? null : cited(cell, sentence(random, cell, sayValue(random, other.cell)));
    }),
  );
  add(
    'digit',
    false,
    from((cell) => {
      const said = sayValue(random, cell.cell);
      return cited(cell, sentence(random, cell, otherDigit(random, said)));
    }),
  );
  add(
    'wrong sign',
    false,
    from((cell) => {
      const label = labelOf(cell.row);
      if (!/profit|result|surplus|margin|cash from|income/i.test(label) || cell.cell.unit === '%') return null;
      const value = sayValue(random, cell.cell);
      const loss = cell.cell.value > 0;
      return cited(cell, `${label} in ${cell.column.year} was ${loss ? `a loss of ${value}` : `a gain of ${value}`}.`);
    }),
  );
  add(
    'turned round',
    false,
    from((cell) => changeCase(random, cell, 'turned')),
  );
  add(
    'wrong change',
    false,
    from((cell) => changeCase(random, cell, 'wrong')),
  );
  add(
    'points for per cent',
    false,
    from((cell) => changeCase(random, cell, 'points')),
  );
  add(
    'wrong sum',
    false,
    from((cell) => sumCase(random, cell, false)),
  );
  add(
    'wrong share',
    false,
    from((cell) => shareCase(random, cell, false)),
  );
  add('wrong sentence', false, () => sentenceCase(random, random.pick(sources), false));
  return cases;
}
