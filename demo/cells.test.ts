import { beforeAll, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { mayHoldTables, TableFinder, type Table } from '../src/core/source';
import { open, read } from '../tests/support/pdf';
import { documents } from './documents';
import { amount, balance, cash, income, type SmallTable, type StatementRow } from './figures';
import { furtherDocuments } from './further';

/** A number that the demo prints in a table: its labels, and what is printed. */
interface Printed {
  readonly row: string;
  readonly head: string;
  readonly text: string;
  readonly scale: number;
}

const shown = (value: string | number): string => (typeof value === 'number' ? amount(value) : value);

function printedIn({ head, rows, unit }: SmallTable): Printed[] {
  const scale = /thousands of (?:crowns|journeys)/.test(unit) ? 1000 : 1;
  return rows.flatMap((row) =>
    row.slice(1).flatMap((value, at) => {
      const text = shown(value);
      const own = /\((?:per cent|hundredths)|^Employees/.test(String(row[0]));
      // A share is no thousands, nor are rows with a measure of their own, and those that count people; cells of words and dashes have no number.
      if (!/^\(?-?[\d,.]+\)?%?$/.test(text)) return [];
      return [{ row: String(row[0]), head: head[at + 1] ?? '', text, scale: /%$/.test(text) || own ? 1 : scale }];
    }),
  );
}

function printedOf(rows: readonly StatementRow[]): Printed[] {
  return rows.flatMap(({ label, values }) =>
    (values ?? []).map((value, at) => ({ row: label, head: ['2025', '2024'][at] ?? '', text: amount(value), scale: 1000 })), // prettier-ignore
  ).filter(({ text }) => text !== '–'); // prettier-ignore
}

interface Read {
  readonly text: string;
  readonly tables: readonly Table[];
}

async function readDemo(name: string): Promise<Read> {
  const bytes = new Uint8Array(readFileSync(`public/demo/${name}`));
  const [{ pages }, file] = [await read(bytes), await open(bytes)];
  const finder = new TableFinder('en');
  const tables: Table[] = [];
  for (const page of pages)
    tables.push(...finder.addPage(page, mayHoldTables(page) ? await file.rules(page.number) : []));
  await file.close();
  return { text: pages.map((page) => page.text).join('\n'), tables: [...tables, ...finder.finish()] };
}

/** True when one of the tables has the number under its row's and its column's labels, with its scale. */
function isRead(tables: readonly Table[], { row, head, text, scale }: Printed): boolean {
  const plain = (words: string): string => words.replace(/[\s*_†‡]+/g, ' ').trim().toLowerCase(); // prettier-ignore
  return tables.some((table) =>
    table.rows.some(
      (one) =>
        plain(one.path.at(-1) ?? '') === plain(row) &&
        one.cells.some(
          (cell, at) =>
            cell !== null &&
            plain(cell.text) === plain(text) &&
            cell.value !== null &&
            cell.scale === scale &&
            plain((table.columns[at]?.path ?? []).join(' ')).endsWith(plain(head)),
        ),
    ),
  );
}

const plans = [...Object.entries(documents), ...Object.entries(furtherDocuments)];
const found = new Map<string, Read>();

beforeAll(async () => {
  for (const [name] of plans) found.set(name, await readDemo(name));
}, 90_000);

test('the numbers of the demo’s tables are read under their labels, with their scale', () => {
  const missed: string[] = [];
  let count = 0;
  for (const [name, plan] of plans)
    for (const [title, table] of Object.entries(plan.tables).filter(
      ([, { caption }]) => found.get(name)?.text.includes(caption) === true,
    ))
      for (const printed of printedIn(table)) {
        count += 1;
        if (!isRead(found.get(name)?.tables ?? [], printed)) missed.push(`${name}, ${title}: ${printed.row} › ${printed.head}: ${printed.text}`); // prettier-ignore
      }
  expect(count).toBeGreaterThan(200);
  expect(missed).toEqual([]);
});

test('and those of the statements', () => {
  const filing = found.get('Annual filing 2025.pdf')?.tables ?? [];
  const missed = [income, balance, cash].flatMap((rows) => printedOf(rows).filter((one) => !isRead(filing, one)));
  expect(missed).toEqual([]);
});
