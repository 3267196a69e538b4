import { expect, test } from '@jest/globals';
import type { KeyFigure } from '@/core/summary';
import { figureTable } from './figureTable';

const figure = (label: string, head: string, value: string, measure = ''): KeyFigure => ({ label, head, value, measure }) as unknown as KeyFigure; // prettier-ignore

test('accounts become rows and columns, their measure told once', () => {
  const { heads, measure, rows } = figureTable([
    figure('Revenue', '2025', '31,200', 'thousand crowns'),
    figure('Revenue', '2024', '28,680', 'thousand crowns'),
    figure('Liabilities', '2025', '(16,602)', 'thousand crowns'),
    figure('Employees', '2025', '186'),
  ]);
  expect([heads, measure]).toEqual([['2025', '2024'], 'thousand crowns']);
  expect(rows.map(({ label, cells }) => [label, ...cells.map((cell) => cell?.value ?? null)])).toEqual([
    ['Revenue', '31,200', '28,680'],
    ['Liabilities', '(16,602)', null],
    ['Employees', '186', null],
  ]);
});

test('dates and sums of a contract keep their words', () => {
  const { heads, measure, rows } = figureTable([
    figure('Begins', '', '1 April 2019'),
    figure('Price', '', '300 crowns'),
  ]);
  expect([heads, measure, rows.map(({ cells }) => cells[0]?.value)]).toEqual([[''], '', ['1 April 2019', '300 crowns']]); // prettier-ignore
});
