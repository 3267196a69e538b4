import { describe, expect, test } from '@jest/globals';
import { pagesOf, readingOf } from '../../../tests/support/pages';
import type { Page } from '../source';
import { citationOf, type CitableSource } from './citation';
import { describeDifferences, type ComparedWord } from './differences';
import { KeyStream, onWordBounds, sameCharacters } from './stream';
import type { QuoteCheck } from './types';
import { Vocabulary, WordStream } from './words';

const words = (text: string): ComparedWord[] =>
  text
    .split(' ')
    .map((printed, at) => ({ printed, word: printed.toLowerCase().replace(/[.]$/, ''), opensSentence: at === 0 }));

/** Differences of two texts of as many words, paired one by one; "-" stands for a missing word. */
function differ(page: string, quote: string) {
  const [expected, found] = [words(page), words(quote)];
  const steps = expected.map((_, at) => ({
    page: expected[at]?.word === '-' ? -1 : at,
    quote: found[at]?.word === '-' ? -1 : at,
  }));
  return describeDifferences(steps, found, expected);
}

describe('differences', () => {
  test.each([
    ['the sum of 1,450 crowns', 'the sum of 1,540 crowns', 'figure', true],
    ['it ends on 31 March 2027', 'it ends on 30 March 2027', 'date', true],
    ['it ends in March 2027', 'it ends in April 2027', 'date', true],
    ['he shall not pay', 'he shall - pay', 'negation', true],
    ['he shall pay', 'he may pay', 'modal', true],
    ['the port of Aldmere pays', 'the port of Skerrow pays', 'name', true],
    ['the old boat sails', 'the old ship sails', 'word', false],
    ['the very old boat', 'the - old boat', 'dropped', false],
    ['the - old boat', 'the very old boat', 'added', false],
    ['it is 1,250,000 in all', 'it is 1250000 in all', 'form', false],
  ])('between “%s” and “%s” are: %s', (page, quote, kind, grave) => {
    expect(differ(page, quote)).toEqual([expect.objectContaining({ kind, grave })]);
  });

  test('put grave ones first, and leave hyphens out', () => {
    expect(differ('the old boat shall pay', 'the old ship may pay').map((one) => one.kind)).toEqual(['modal', 'word']);
    const steps = [
      { page: 0, quote: 0 },
      { page: 1, quote: -1 },
    ];
    expect(describeDifferences(steps, words('lineend'), words('line end'))).toEqual([]);
  });
});

describe('streams of pages', () => {
  const pages = pagesOf('The owner pays the lessor and', 'keeps the boat. It has 1,250 seats.');
  const page = (number: number): Page | null => pages[number - 1] ?? null;
  const stream = (kind: 'pages' | 'flow'): KeyStream => {
    const made = new KeyStream(kind);
    pages.forEach((one) => made.addPage(one));
    return made;
  };

  test('flow over a page break, and keep pages apart otherwise', () => {
    expect([...stream('flow').occurrences('andkeeps', 5)]).toHaveLength(1);
    expect([...stream('pages').occurrences('andkeeps', 5)]).toHaveLength(0);
  });

  test('map a find back to spans of the pages it touches', () => {
    const flow = stream('flow');
    const [at = 0] = flow.occurrences('andkeepstheboat', 1);
    expect(flow.pagesOf(at, at + 15)).toEqual([1, 2]);
    const spans = flow.spansOf(at, at + 15, page);
    expect(spans.map((span) => page(span.page)?.text.slice(span.start, span.end))).toEqual(['and', 'keeps the boat']);
  });

  test('take only whole words and whole numbers for places', () => {
    const at = (text: string): boolean => {
      const start = (page(2)?.text ?? '').indexOf(text);
      return onWordBounds([{ page: 2, start, end: start + text.length }], page);
    };
    expect(at('1,250')).toBe(true);
    expect(at('250')).toBe(false);
    expect(at('1,25')).toBe(false);
    expect(at('keep')).toBe(false);
  });

  test('characters are the same, white space and line-end hyphens aside', () => {
    expect(sameCharacters('the concession ends', 'the conces-\nsion  ends')).toBe(true);
    expect(sameCharacters('the “end”', 'the "end"')).toBe(false);
    expect(sameCharacters('The end', 'the end')).toBe(false);
  });

  test('words know their pages and positions', () => {
    const vocabulary = new Vocabulary();
    const held = new WordStream(vocabulary, page);
    pages.forEach((one) => held.addPage(one));
    const [position = -1] = held.positionsOf(vocabulary.find('boat'));
    expect(held.pageOf(position)).toBe(2);
    expect(held.compared(position)).toMatchObject({ word: 'boat', printed: 'boat' });
    expect(held.rangeOfPage(9)).toEqual({ from: 0, to: 0 });
    expect(vocabulary.find('zeppelin')).toBe(-1);
  });
});

describe('a citation', () => {
  const { pages, sections } = readingOf('1 Rent\n\n1.1 The rent is 3,200 crowns a year, paid in May.');
  const source: CitableSource = {
    id: 's',
    name: 'Lease',
    sha256: 'f',
    sections,
    page: (number) => pages[number - 1] ?? null,
  };
  const check: QuoteCheck = {
    mark: 'exact', words: 'exact', place: 'cited', at: { sourceId: 's', spans: [{ page: 1, start: 25, end: 37 }] }, places: [], matched: '3,200 crowns',
    score: 1, differences: [], instead: null, tooShort: false,
  }; // prettier-ignore

  test('keeps section, spans and the words around', () => {
    const made = citationOf('3,200 crowns', check, source, 1);
    expect(made).toMatchObject({ sourceName: 'Lease', page: 1, section: '1 Rent › 1.1', mark: 'exact', matched: '' });
    expect(made.before.length).toBeGreaterThan(10);
    expect(made.spans).toEqual(check.at?.spans);
  });

  test('of words that stand nowhere keeps the page that was cited', () => {
    const absent: QuoteCheck = { ...check, mark: 'absent', words: 'absent', place: 'none', at: null, matched: '' };
    expect(citationOf('no such words', absent, source, 1)).toMatchObject({
      page: 1,
      spans: [],
      before: '',
      section: '',
    });
    expect(citationOf('no such words', absent, null, null)).toMatchObject({ page: null, sourceName: '' });
  });
});
