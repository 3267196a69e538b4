import 'fake-indexeddb/auto';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { wordProblem } from '@/core/problem';
import { editionId, freshDossier, shelve, storePages, type Shelved, type StoredEdition } from '@/store';
import { pagesOf } from '../../../tests/support/pages';
import { pageNamed, pageProblem } from './pageNamed';

// An open channel to other tabs would keep the test process alive.
Object.defineProperty(globalThis, 'BroadcastChannel', { value: undefined });

const SHA = 'f'.repeat(64);
const LABELS = ['i', 'ii', '1', '2', 'F-1'];

const edition = (hasLabels: boolean): StoredEdition => ({
  v: 1,
  id: hasLabels ? editionId(SHA) : 'plain',
  sha256: SHA,
  fileName: 'Filing.pdf',
  size: 1,
  state: 'ready',
  facts: { pageCount: LABELS.length, title: null, hasLabels },
  language: 'en',
  pagesRead: 0,
  words: 0,
  pagesWithoutText: 0,
  warnings: 0,
  tables: null,
  problem: null,
  password: null,
});

const shelved = (hasLabels: boolean): Shelved =>
  ({ source: { name: 'Filing' }, edition: edition(hasLabels) }) as unknown as Shelved;

beforeAll(async () => {
  const pages = pagesOf(...LABELS.map((label) => `page ${label}`)).map((page, at) => ({
    editionId: editionId(SHA),
    number: page.number,
    page: { ...page, label: LABELS[at] ?? null },
    sections: [],
  }));
  const file = { sha256: SHA, name: 'Filing.pdf', bytes: new Blob(['x']) };
  await shelve(file, { dossier: freshDossier('d', 'Filings', 1), newId: 's', now: 1, replaces: null });
  await storePages(edition(true), pages);
});

describe('the page that someone names', () => {
  test.each([
    ['2', 4],
    ['p. 2', 4],
    ['page ii', 2],
    ['f-1', 5],
    ['5', 5],
    [' 1 ', 3],
  ])('“%s” is the printed label where there is one, else the number', async (given, number) => {
    expect(await pageNamed(shelved(true), given)).toBe(number);
  });

  test.each(['xx', '0', '99', ''])('“%s” is none', async (given) => {
    expect(await pageNamed(shelved(true), given)).toBeNull();
  });

  test('is its number in a document without labels', async () => {
    expect(await pageNamed(shelved(false), '2')).toBe(2);
    expect(await pageNamed(shelved(false), 'ii')).toBeNull();
  });

  test('is told when there is none, with what can be given', () => {
    expect(wordProblem(pageProblem(shelved(true), ' xx '))).toBe(
      '“Filing” has no page “xx”: give a printed label, or a number from 1 to 5.',
    );
  });
});
