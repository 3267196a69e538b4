import { readText, type Page, type Reading } from '../../src/core/source';

/** A reading of plain text, a page an argument: real pages for tests of what stands above them. */
export function readingOf(...pages: readonly string[]): Reading {
  return readText(pages.join('\f'), 'a'.repeat(64));
}

export function pagesOf(...pages: readonly string[]): readonly Page[] {
  return readingOf(...pages).pages;
}
