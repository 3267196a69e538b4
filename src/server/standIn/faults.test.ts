import { describe, expect, test } from '@jest/globals';
import { Library } from '../../core/library';
import { readingOf } from '../../../tests/support/pages';
import { FAULTS, honest, sentencesOf, type Pick } from './faults';

const SENTENCES = [
  'The rent of berth nine is 3,200 crowns a year, payable on the first day of May.',
  'The tenant shall not sublet the berth without the written consent of the board.',
  'No vessel shall carry passengers unless a passenger certificate is in force for her.',
  'The board may end the lease by six months of notice given in writing to the tenant.',
];
const OTHER: Pick = { source: 'Filing', page: 1, text: 'Revenue rose to 31 million crowns in the year.' };

const library = new Library();
for (const [id, pages] of [
  [
    'Lease',
    [...SENTENCES, ...Array.from({ length: 8 }, () => 'This page holds nothing of interest to anyone who reads it.')],
  ],
  ['Filing', [OTHER.text]],
] as const) {
  library.add({ id, name: id, sha256: 'a'.repeat(64), pageCount: pages.length, language: 'en' });
  for (const page of readingOf(...pages).pages) library.addPage(id, page, []);
  library.finish(id);
}
const picks: Pick[] = SENTENCES.map((text, at) => ({ source: 'Lease', page: at + 1, text }));

const EXPECTED: Readonly<Record<string, readonly string[]>> = {
  figure: ['altered'],
  negation: ['altered'],
  modal: ['altered'],
  paraphrase: ['altered', 'absent'],
  wrongPage: ['elsewhere'],
  wrongDocument: ['elsewhere'],
  invented: ['absent'],
};

describe('what careless answers do wrong', () => {
  test.each(Object.keys(FAULTS))('%s is never trusted by the check', (name) => {
    let made = 0;
    for (const pick of picks)
      for (let seed = 0; seed < 12; seed += 1) {
        const said = FAULTS[name]?.(pick, [...picks, OTHER], seed) ?? null;
        if (said === null) continue;
        made += 1;
        const [citation] = said.citations;
        const check = library.quotes.check({
          quote: citation?.quote ?? '',
          sourceId: citation?.source ?? null,
          page: citation?.page ?? null,
        });
        expect([name, said.claim, EXPECTED[name]?.includes(check.mark)]).toEqual([name, said.claim, true]);
      }
    expect(made).toBeGreaterThan(0);
  });

  test('an honest claim is exact', () => {
    for (const pick of picks) {
      const [citation] = honest(pick).citations;
      expect(library.quotes.check({ quote: citation?.quote ?? '', sourceId: 'Lease', page: pick.page }).mark).toBe(
        'exact',
      );
    }
  });

  test('a fault that a sentence does not allow gives nothing', () => {
    const plain: Pick = { source: 'Lease', page: 1, text: 'Every berth has a lamp.' };
    expect(FAULTS['figure']?.(plain, [], 1)).toBeNull();
    expect(FAULTS['negation']?.(plain, [], 1)).toBeNull();
    expect(FAULTS['wrongDocument']?.(plain, [plain], 1)).toBeNull();
  });
});

describe('the sentences of a passage', () => {
  test('are whole: no headings, no pieces, words joined over line ends', () => {
    expect(
      sentencesOf(
        '2 Rent\n\nThe rent of berth nine is pay-\nable on the first day of May.\n\nand then some more of it.',
      ),
    ).toEqual(['The rent of berth nine is payable on the first day of May.']);
  });
});
