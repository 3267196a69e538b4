import { expect, test } from '@jest/globals';
import { act } from 'react';
import { draw } from '../../../tests/support/draw';
import type { KeyFigure } from '@/core/summary';
import type { Shelved } from '@/store';
import type { Session } from '../session';
import { KeyFigures } from './KeyFigures';

const figure = (label: string, head: string, value: string, measure: string, page: number): KeyFigure =>
  ({ label, head, value, measure, citation: { page, label: null } }) as unknown as KeyFigure;

function shown(figures: readonly KeyFigure[]): { readonly frame: HTMLElement; readonly chosen: number[] } {
  const chosen: number[] = [];
  const session = { choose: (_key: string, { page }: { page: number }) => chosen.push(page) } as unknown as Session;
  const shelved = { source: { id: 's1' } } as unknown as Shelved;
  return { frame: draw(<KeyFigures session={session} shelved={shelved} figures={figures} />), chosen };
}

const rowsOf = (frame: HTMLElement): (string | null)[][] =>
  [...frame.querySelectorAll('tr')].map((row) => [...row.children].map((cell) => cell.textContent));

test('accounts stand under their years, and a value opens its place', () => {
  const { frame, chosen } = shown([
    figure('Revenue', '2025', '31,200', 'thousand crowns', 22),
    figure('Revenue', '2024', '28,680', 'thousand crowns', 22),
    figure('Employees', '2025', '186', '', 40),
  ]);
  expect(rowsOf(frame)).toEqual([
    ['in thousand crowns, where nothing else is said', '2025', '2024'],
    ['Revenue', '31,200', '28,680'],
    ['Employees', '186', ''],
  ]);
  const [, , employees] = [...frame.querySelectorAll('button')];
  act(() => employees?.click());
  expect(chosen).toEqual([40]);
});

test('dates of a contract need no head', () => {
  const { frame } = shown([figure('Begins', '', '1 April 2019', '', 1), figure('Ends', '', '31 March 2027', '', 3)]);
  expect(rowsOf(frame)).toEqual([['Begins', '1 April 2019'], ['Ends', '31 March 2027']]); // prettier-ignore
});

test('a document without any shows no table', () => {
  expect(shown([]).frame.children).toHaveLength(0);
});
