import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Library } from '../library';
import { readingOf } from '../../../tests/support/pages';
import { unfit } from './candidates';
import { centrality, likeness, vectorsOf } from './centrality';
import { factsOf, summarise } from '.';

function libraryOf(...pages: readonly string[]): Library {
  const library = new Library();
  const reading = readingOf(...pages);
  library.add({ id: 'a', name: 'Doc', sha256: 'a'.repeat(64), pageCount: pages.length, language: 'en' });
  for (const page of reading.pages)
    library.addPage(
      'a',
      page,
      reading.sections.filter((one) => one.page === page.number),
    );
  library.finish('a');
  return library;
}

describe('a sentence that may stand in a summary', () => {
  test.each([
    'The Operator shall pay the Board a fee for each year of the Term.',
    'This Regulation applies to every vessel that carries more than twelve passengers.',
    'We carried 3.42 million passengers, against 3.18 million in the year before.',
  ])('%s', (text) => {
    expect(unfit(text, 'en')).toBeNull();
  });

  test.each<[string, string]>([
    ['It also covers the charging equipment at the quay of the town.', 'leans'],
    ['This was the first time in many years that it happened.', 'leans'],
    ['However, the board may extend the term of the concession once.', 'leans'],
    ['The values that are used for the calculation are set as follows.', 'leans'],
    ['On any vessel with the equipment installed at the town quay.', 'fragment'],
    ['for each sailing that was not performed, a sum of 1,450 crowns.', 'fragment'],
    ['Overview The company runs ferries between the town and the islands.', 'fragment'],
    ['The results by quarter are given in these tables . . . . . . . . . 7.', 'fragment'],
    ['MANAGEMENT DISCUSSION AND ANALYSIS OF THE RESULTS IS GIVEN HERE BELOW.', 'fragment'],
    ['The fee is due.', 'size'],
    ['All rights are reserved and this is copyright of the harbour board.', 'boilerplate'],
    ['If any provision is held invalid or unenforceable the rest shall remain in force.', 'boilerplate'],
    ['“Vessel” means a passenger vessel listed in the second schedule of this deed.', 'boilerplate'],
    ['The headings in this deed are for convenience and do not affect its interpretation.', 'boilerplate'],
    ['These statements are forward-looking and actual results may differ from them.', 'leans'],
    ['The method that is applied to it is described in the annex of the report.', 'boilerplate'],
  ])('is not: %s', (text, why) => {
    expect(unfit(text, 'en')).toBe(why);
  });
});

describe('centrality', () => {
  test('a sentence that many are like leads; one that none is like comes last', () => {
    const ranks = centrality(
      vectorsOf([
        ['ferry', 'fee', 'year'],
        ['ferry', 'fee', 'quay'],
        ['ferry', 'fee', 'year', 'quay'],
        ['poem', 'moon'],
      ]),
    );
    expect(Math.max(...ranks)).toBe(ranks[2]);
    expect(Math.min(...ranks)).toBe(ranks[3]);
  });

  test('likeness is symmetrical, 0 to 1, and 1 with itself', () => {
    const words = fc.array(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(words, words, (one, two) => {
        const [a, b] = vectorsOf([one, two]) as [Map<string, number>, Map<string, number>];
        expect(likeness(a, b)).toBeCloseTo(likeness(b, a));
        expect(likeness(a, a)).toBeCloseTo(1);
        expect(likeness(a, b)).toBeLessThanOrEqual(1.000001);
      }),
    );
  });
});

const FILING = [
  'ANNUAL FILING\n\nNorthmere Lines plc\n\nFor the year ended 31 December 2025',
  'Revenue rose by nine per cent to 31 million crowns in the year under review.\n\nThe company runs five ferries between the town and the outer islands all year.\n\nThese pages hold forward-looking statements and actual results may differ.\n\nIt was a good year.',
  'The fleet of ferries carried more passengers to the islands than in any year before.\n\nFuel for the ferries cost the company two million crowns in the year.\n\nThe dividend that is proposed is fourteen hundredths of a crown a share.',
];

describe('a summary', () => {
  const library = libraryOf(...FILING);
  const sum = (sentences: number, about = '') =>
    summarise(library.sources(), library.quotes, {
      length: { count: sentences, unit: 'sentences' },
      about,
      now: () => 0,
    });

  test('is as long as asked for, in the order of the pages, each sentence on its page', () => {
    const { sentences } = sum(3);
    expect(sentences).toHaveLength(3);
    const pages = sentences.map((one) => one.citations[0]?.page ?? 0);
    expect(pages).toEqual([...pages].sort((a, b) => a - b));
    for (const one of sentences) {
      expect(one.citations[0]).toMatchObject({ mark: 'exact', place: 'cited' });
      expect(FILING.join(' ')).toContain(one.text);
    }
  });

  test('leads with no boilerplate, and says who made it', () => {
    const all = sum(40);
    expect(all.sentences.map((one) => one.text).join(' ')).not.toMatch(/forward-looking|good year/);
    expect(all.by.name).toBe('built-in reader');
    expect(sum(1).sentences).toHaveLength(1);
  });

  test('is of what is asked about only, and empty when nothing bears on it', () => {
    expect(sum(5, 'fuel').sentences.map((one) => one.text)).toEqual([
      'Fuel for the ferries cost the company two million crowns in the year.',
    ]);
    expect(sum(5, 'helicopters').sentences).toEqual([]);
  });

  test('is the same each time', () => {
    expect(sum(4)).toEqual(sum(4));
  });
});

describe('what a document says of itself', () => {
  const factsIn = (...pages: readonly string[]): Record<string, string[]> => {
    const library = libraryOf(...pages);
    const found: Record<string, string[]> = {};
    for (const source of library.sources())
      for (const fact of factsOf(source, library.quotes)) {
        expect(fact.citation.words).toMatch(/exact|same/);
        (found[fact.field] ??= []).push(fact.value);
      }
    return found;
  };

  test('a filing: kind, period, company', () => {
    expect(factsIn(...FILING)).toMatchObject({
      kind: ['annual filing'],
      period: ['year ended 31 December 2025'],
      parties: ['Northmere Lines plc'],
    });
  });

  test('a contract: title, date, parties with what they are called', () => {
    const text =
      'BERTH LEASE\n\nThis lease is dated 4 February 2019 and made between Aldmere Harbour Board, a public body (the “Landlord”), and Northmere Lines plc, a company of the port (the “Tenant”).';
    expect(factsIn(text)).toMatchObject({
      title: ['BERTH LEASE'],
      kind: ['lease'],
      date: ['2019-02-04'],
      parties: ['Aldmere Harbour Board (Landlord)', 'Northmere Lines plc (Tenant)'],
    });
  });

  test('an amendment: what it amends', () => {
    expect(
      factsIn('AMENDMENT LETTER.\n\nThis letter amends the agreement of 4 February 2019 between the parties.')[
        'amends'
      ],
    ).toEqual(['This letter amends the agreement of 4 February 2019 between the parties.']);
  });

  test('nothing is told that does not stand there', () => {
    expect(factsIn('Notes without any head or date at all, kept in a drawer.')).not.toHaveProperty('date');
  });
});
