import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { readFiles, wholeFile } from '../cli/reading';
import type { Table } from '../src/core/source';
import { madeTables, type TrueTable } from './madeTables';
import { Random } from './random';

export interface TableTrial {
  readonly tables: number;
  readonly cells: number;
  /** Cells with row path, column path, value and scale all right. */
  readonly right: number;
  /** How each table that was not wholly right was set, with how many of its cells were. */
  readonly misses: readonly string[];
}

function key(path: readonly string[]): string {
  return path.join(' ').toLowerCase().replace(/\s+/g, ' ').trim();
}

function rightCells(truth: TrueTable, found: readonly Table[]): number {
  let right = 0;
  for (const row of truth.rows) {
    row.cells.forEach((cell, at) => {
      if (cell === null) return;
      const column = key(truth.columns[at] ?? []);
      const holds = found.some((table) =>
        table.rows.some((mine) => {
          if (key(mine.path) !== key(row.path)) return false;
          const read = mine.cells[table.columns.findIndex((one) => key(one.path) === column)] ?? null;
          if (read === null || read.value !== cell.value) return false;
          return cell.value === null ? read.text === cell.text : read.scale === cell.scale;
        }),
      );
      if (holds) right += 1;
    });
  }
  return right;
}

/** Makes so many tables of many styles, reads them as the command line does, and counts the cells that came out right. */
export async function runTableTrials(count: number, seed: number): Promise<TableTrial> {
  const { bytes, tables } = await madeTables(count, new Random(seed));
  const folder = mkdtempSync(path.join(tmpdir(), 'tables-'));
  const file = path.join(folder, 'tables.pdf');
  writeFileSync(file, bytes);
  const found: Table[] = [];
  for await (const result of readFiles([{ path: file, name: 'tables.pdf' }], wholeFile)) {
    if ('problem' in result) throw new Error(`The tables made for the trial could not be read: ${result.problem.code}`);
    found.push(...result.read.tables);
  }
  rmSync(folder, { recursive: true });
  let cells = 0;
  let right = 0;
  const misses: string[] = [];
  tables.forEach((truth, at) => {
    const mine = found.filter((table) => table.caption?.startsWith(`Table ${at + 1}.`) === true);
    const own = truth.rows.flatMap((row) => row.cells.filter((cell) => cell !== null)).length;
    const good = rightCells(truth, mine);
    cells += own;
    right += good;
    if (good < own) misses.push(`table ${at + 1}: ${good} of ${own}, ${truth.style}`);
  });
  return { tables: count, cells, right, misses };
}
