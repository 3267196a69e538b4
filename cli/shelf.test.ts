import { describe, expect, test } from '@jest/globals';
import { pagesOf } from '../tests/support/pages';
import type { AskedSource } from '../src/core/answer';
import { matchSource } from './shelf';

const source = (name: string, ...labels: readonly (string | null)[]): AskedSource => {
  const pages = pagesOf(...labels.map(() => 'x')).map((page, at) => ({ ...page, label: labels[at] ?? null }));
  return {
    id: name,
    name,
    pageCount: pages.length,
    page: (number: number) => pages[number - 1] ?? null,
  } as unknown as AskedSource;
};

describe('the document that a record names', () => {
  const sources = [source('leases/berth 1.pdf'), source('filing.pdf'), source('filing.txt')];
  const match = (given: string): string | undefined => matchSource(sources, given)?.name;

  test('is found by its name, its path’s end, or its name without the ending', () => {
    expect(match('filing.txt')).toBe('filing.txt');
    expect(match('/somewhere/else/berth 1.pdf')).toBe('leases/berth 1.pdf');
    expect(match('berth 1')).toBe('leases/berth 1.pdf');
    expect(match('filing.docx')).toBe('filing.pdf');
  });

  test('is null when none is meant', () => {
    expect(match('survey.pdf')).toBeUndefined();
  });
});
