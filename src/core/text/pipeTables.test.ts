import { describe, expect, test } from '@jest/globals';
import { findPipeTables } from './pipeTables';

const TEXT = [
  'Dues of the quay:',
  '',
  '| Dues | 2025 | 2024 |',
  '|:-----|-----:|-----:|',
  '| Pilotage | 1,400 | 1,310 |',
  '| Towage \\| tugs |  | 655 |',
  '',
  'Charges | 2025',
  'Water | 12',
  '',
  'A line with one | bar is no table.',
].join('\n');

describe('tables set with bars', () => {
  const tables = findPipeTables(TEXT);
  const words = (cells: readonly { start: number; end: number }[]) =>
    cells.map(({ start, end }) => TEXT.slice(start, end));

  test('are found with their heads and rows, bars at the edges or not', () => {
    expect(tables.map(({ heads, rows }) => [heads.map(words), rows.map(words)])).toEqual([
      [[['Dues', '2025', '2024']], [['Pilotage', '1,400', '1,310'], ['Towage \\| tugs', '', '655']]],
      [[['Charges', '2025']], [['Water', '12']]],
    ]); // prettier-ignore
  });

  test('begin and end with their lines', () => {
    expect(TEXT.slice(tables[0]?.start, tables[0]?.end)).toMatch(/^\| Dues[\s\S]+655 \|$/);
  });

  test('are none in a text without two such lines', () => {
    expect(findPipeTables('One | bar in prose.\n\nAnother | here.')).toEqual([]);
    expect(findPipeTables('')).toEqual([]);
  });
});
