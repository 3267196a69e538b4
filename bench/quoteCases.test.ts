import { beforeAll, describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { pagesOf } from '../tests/support/pages';
import { read } from '../tests/support/pdf';
import { QuoteIndex, standsAsCited } from '../src/core/quote';
import type { Page } from '../src/core/source';
import { longFile } from './longFile';
import { makeQuoteCases, type PagesOfText } from './quoteCases';
import { Random } from './random';

const FILES = ['Concession agreement.pdf', 'Annual filing 2025.pdf', 'Passenger vessel safety regulation.pdf'];
/** The floor of right marks, and quotes of each kind. */
const FLOOR = 0.97;
const EACH = 20;

const STRANGER: PagesOfText = {
  name: 'stranger',
  pages: pagesOf(
    'The orchard on the northern slope bears two kinds of pears, which ripen in the last weeks of September and keep until the spring. ' +
      'Nobody who has walked there in the evening forgets how the bees go home over the wall of the old monastery garden. ' +
      'Each basket is weighed at the gate by a boy who writes its number on a slate and sends the cart down to the village.',
  ).map((page) => page.text),
};

let index: QuoteIndex;
const texts: PagesOfText[] = [];

beforeAll(async () => {
  index = new QuoteIndex();
  for (const name of FILES) {
    const { pages } = await read(new Uint8Array(readFileSync(`public/demo/${name}`)));
    index.addSource(name, (number): Page | null => pages[number - 1] ?? null);
    for (const page of pages) index.addPage(name, page);
    texts.push({ name, pages: pages.map((page) => page.text) });
  }
}, 60_000);

describe('the check over the demo dossier', () => {
  test.each([7, 42])('marks quotes of every kind rightly (seed %i), and trusts no altered or absent one', (seed) => {
    const cases = makeQuoteCases(new Random(seed), texts, [STRANGER], EACH);
    const wrong: string[] = [];
    const trusted: string[] = [];
    for (const one of cases) {
      const { mark } = index.check({ quote: one.quote, sourceId: one.source, page: one.page });
      if (mark !== one.expected) wrong.push(`${one.kind}: ${mark} for “${one.quote}”`);
      const bad = one.expected === 'altered' || one.expected === 'absent';
      if (bad && standsAsCited({ mark })) trusted.push(one.quote);
    }
    expect(trusted).toEqual([]);
    expect(cases.length).toBeGreaterThan(150);
    // The wrong ones are listed when there are too many.
    expect(wrong.length <= (1 - FLOOR) * cases.length ? [] : wrong).toEqual([]);
  });
});

test('the same seed makes the same quotes and the same file', async () => {
  const kinds = (seed: number): string[] => makeQuoteCases(new Random(seed), texts, [], 3).map((one) => one.quote);
  expect(kinds(5)).toEqual(kinds(5));
  expect(kinds(5)).not.toEqual(kinds(6));
  const [one, two] = [await read(await longFile(2, 3)), await read(await longFile(2, 3))];
  expect(one.pages.map((page) => page.text)).toEqual(two.pages.map((page) => page.text));
  expect(one.pages[0]?.text).toContain('1.6');
});

test('nothing can be picked from nothing', () => {
  expect(() => new Random(1).pick([])).toThrow(RangeError);
});
