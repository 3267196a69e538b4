import { describe, expect, test } from '@jest/globals';
import { pagesOf } from '../../../tests/support/pages';
import type { Page } from '../source';
import { QuoteIndex } from './check';
import { wordsAside } from './words';

/** Pages whose first line is a running head. */
const PAGES = pagesOf(
  'Harbour Board of Aldmere 1\nThe lease begins on the first of April.',
  'Harbour Board of Aldmere 2\nSigned for the Board by Orla Fenwright, in the presence of two witnesses.',
).map((page): Page => ({
  ...page,
  lines: page.lines.map((line, at) => (at === 0 ? { ...line, role: 'head' } : line)),
}));

const index = new QuoteIndex();
index.addSource('lease', (number) => PAGES[number - 1] ?? null);
for (const page of PAGES) index.addPage('lease', page);
const check = (quote: string, page: number | null = 2) => index.check({ quote, sourceId: 'lease', page });

describe('a quote that takes in a running head', () => {
  test('is exact as it stands', () => {
    expect(check('Harbour Board of Aldmere 2 Signed for the Board by Orla').mark).toBe('exact');
  });

  test.each([
    ['figure', 'Harbour Board of Aldmere 7 Signed for the Board by Orla'],
    ['name', 'Harbour Board of Merrowby 2 Signed for the Board by Orla'],
    ['negation', 'Harbour Board of Aldmere 2 Not signed for the Board by Orla'],
  ])('is altered where a %s was changed', (kind, quote) => {
    const found = check(quote);
    expect([found.mark, found.differences.map((one) => one.kind), found.at?.spans[0]?.page]).toEqual(['altered', [kind], 2]); // prettier-ignore
  });

  test('is found so without a page, too', () => {
    expect(check('Harbour Board of Aldmere 7 Signed for the Board by Orla', null).at?.spans[0]?.page).toBe(2);
  });

  test('is absent where only the head is the page’s', () => {
    expect(check('Harbour Board of Aldmere 2 whales are counted by nobody here at every tide').mark).toBe('absent');
  });
});

test('words of running heads are counted, those of sentences not', () => {
  const [page] = PAGES;
  if (page === undefined) throw new Error('there is a page');
  expect(wordsAside(page, new Set(['harbour', 'aldmere', 'lease', 'april']))).toBe(2);
});

test('a Japanese verb that is negated is told as a negation', () => {
  const pages = pagesOf('第二電気船は引渡しの日から八年間、蓄電池を保証いたします。');
  const notice = new QuoteIndex();
  notice.addSource('notice', (number) => pages[number - 1] ?? null);
  for (const page of pages) notice.addPage('notice', page);
  const found = notice.check({ quote: '第二電気船は引渡しの日から八年間、蓄電池を保証いたしません。', page: 1 });
  expect([found.mark, found.differences[0]?.kind, found.differences[0]?.grave]).toEqual(['altered', 'negation', true]);
});
