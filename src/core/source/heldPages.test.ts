import { describe, expect, test } from '@jest/globals';
import { readingOf } from '../../../tests/support/pages';
import { HeldPages, packPage, unpackPage } from './heldPages';
import type { Line, PageText } from './types';

const reading = readingOf(
  '1 Rent\n\n1.1 The rent is 3,200 crowns a year.\n\nBerth     Rent     Due\nEast      3,200    May',
);

function textOf({ number, label, text, width, height, lines, notes }: PageText): PageText {
  return { number, label, text, width, height, lines, notes };
}

describe('pages that are held', () => {
  test('come back as they were, cells and roles too', () => {
    const [page] = reading.pages;
    if (page === undefined) throw new Error('a page is needed');
    const roles: Line['role'][] = ['head', 'note', 'contents', 'folio', 'heading', 'body'];
    const lines = page.lines.map((line, at) => ({
      ...line,
      role: roles[at % roles.length] ?? 'body',
      opens: at % 2 === 0,
    }));
    expect(lines.some((line) => (line.cells?.length ?? 0) > 2)).toBe(true);
    const given = { ...textOf(page), label: 'iv', lines, notes: [{ mark: '1', start: 9, end: 20, at: null }] };
    expect(unpackPage(packPage(given))).toEqual(given);
    expect(unpackPage(structuredClone(packPage(given)))).toEqual(given);
  });

  test('are given by their number, null where there is none', () => {
    const held = new HeldPages();
    for (const page of reading.pages) held.add(page);
    expect(held.count).toBe(reading.pages.length);
    expect(held.page(1)?.text).toBe(reading.pages[0]?.text);
    expect(held.page(99)).toBeNull();
    expect(new HeldPages(held.all()).page(1)).toEqual(held.page(1));
  });
});
