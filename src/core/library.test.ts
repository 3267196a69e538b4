import { beforeAll, describe, expect, test } from '@jest/globals';
import { readingOf } from '../../tests/support/pages';
import { Library } from './library';
import { askBuiltIn, DEFAULT_SETTINGS, type Answer } from './answer';

const FILLER =
  'The harbour lies in the lee of the hills and is open to the west, where the sea is deep and the light is old.';
const AGREEMENT = readingOf(
  `1 Definitions

1.1 A Service Quarter means a period of three months that ends on the last day of March, June, September or December.

2 Term

2.1 This Agreement continues for eight years and ends on 31 March 2027, whatever else is agreed.
${FILLER}`,
  `3 Payments

3.1 The Operator shall pay to the Board, within thirty days of the end of each Service Quarter:
(a) for each late departure, two hundred crowns (200);
(b) for each Scheduled Sailing not performed, one thousand four hundred and fifty crowns (1,450); and
(c) for each day without a Vessel, four thousand crowns (4,000).
${FILLER}

4 Assignment

4.1 The Operator shall not assign this Agreement to any person without the written consent of the Board.
${FILLER}`,
  `5 Survey

5.1 A Vessel is surveyed every fifteen months. The report was first sent in July 2004. It is kept by the Harbour Board of Aldmere.
${FILLER}`,
);

let library: Library;

beforeAll(() => {
  library = new Library();
  library.add({ id: 'a', name: 'Agreement', sha256: 's', pageCount: 3, language: 'en' });
  for (const page of AGREEMENT.pages) {
    library.addPage(
      'a',
      page,
      AGREEMENT.sections.filter((section) => section.page === page.number),
    );
  }
  library.finish('a');
});

describe('settings of a library', () => {
  test('cut its documents anew only where their passages change', () => {
    const own = new Library();
    const held = (): number => own.sources().length;
    own.add({ id: 'a', name: 'Agreement', sha256: 's', pageCount: 3, language: 'en' });
    expect(own.configure({ ...DEFAULT_SETTINGS, breadth: 20 })).toBe(false);
    expect([own.asking().settings.breadth, held()]).toEqual([20, 1]);
    const passages = { ...DEFAULT_SETTINGS.passages, maxWords: 40, minWords: 10 };
    expect(own.configure({ ...DEFAULT_SETTINGS, passages })).toBe(true);
    expect(held()).toBe(0);
    own.add({ id: 'a', name: 'Agreement', sha256: 's', pageCount: 3, language: 'en' });
    for (const page of AGREEMENT.pages) own.addPage('a', page, []);
    own.finish('a');
    const words = (of: Library): number => Math.max(...(of.sources()[0]?.segment.passageWords ?? []));
    expect(words(own)).toBeLessThanOrEqual(40);
    expect(words(library)).toBeGreaterThan(40);
    expect(own.indexOf('a').fingerprint).not.toBe(library.indexOf('a').fingerprint);
  });
});

const ask = (question: string): Answer => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });

describe('the built-in reader', () => {
  test.each([
    ['What does Service Quarter mean?', /three months/, 1],
    ['When does the agreement end?', /31 March 2027/, 1],
    ['What must the Operator pay for each Scheduled Sailing not performed?', /1,450|fifty crowns/, 2],
    ['May the Operator transfer the agreement?', /^No/, 2],
    ['How often is a vessel surveyed?', /fifteen months/, 3],
    ['In what year was the report first sent?', /2004/, 3],
  ])('answers “%s”', (question, headline, page) => {
    const answer = ask(question);
    expect(answer.found).toBe(true);
    expect(`${answer.headline} ${answer.claims[0]?.text}`).toMatch(headline);
    expect(answer.claims[0]?.citations[0]?.page).toBe(page);
  });

  test('says a value rather than a sentence', () => {
    expect(ask('What must the Operator pay for each late departure?').headline).toMatch(
      /^(?:two hundred crowns.*|200)$/,
    );
  });

  test('makes claims of words that stand on the page, each checked', () => {
    for (const question of [
      'When does the agreement end?',
      'Who keeps the report?',
      'What is paid for a late departure?',
    ]) {
      for (const claim of ask(question).claims) {
        expect(claim.standing).toBe('carried');
        for (const citation of claim.citations) expect(citation.mark).toMatch(/^(?:exact|same-words)$/);
      }
    }
  });

  test.each([
    'What salary does the harbour master receive?',
    'Which court decides about collisions?',
    'What was the revenue in 1998?',
  ])('declines “%s”, with the nearest passages and what was searched for', (question) => {
    const answer = ask(question);
    expect(answer).toMatchObject({ found: false, headline: null, claims: [], missing: [question] });
    expect(answer.searches.length).toBeGreaterThan(0);
  });

  test('gives the same answer to the same question', () => {
    expect(ask('When does the agreement end?')).toEqual(ask('When does the agreement end?'));
  });

  test('asks only the documents it is given', () => {
    expect(
      askBuiltIn('When does the agreement end?', library.sources([]), library.quotes, { now: () => 0 }).found,
    ).toBe(false);
  });
});

describe('the library', () => {
  test('can be asked while pages are still missing', () => {
    const growing = new Library();
    growing.add({ id: 'g', name: 'g', sha256: 's', pageCount: 3, language: 'en' });
    const [first, second] = AGREEMENT.pages;
    if (first === undefined || second === undefined) throw new Error('two pages are needed');
    growing.addPage(
      'g',
      first,
      AGREEMENT.sections.filter((section) => section.page === 1),
    );
    const asked = (): boolean =>
      askBuiltIn('What is paid for a late departure?', growing.sources(), growing.quotes, { now: () => 0 }).found;
    expect(asked()).toBe(false);
    growing.addPage(
      'g',
      second,
      AGREEMENT.sections.filter((section) => section.page === 2),
    );
    growing.finish('g');
    expect(asked()).toBe(true);
    expect(growing.sources()[0]).toMatchObject({ pagesRead: 2, pageCount: 3 });
  });

  test('forgets a document, and refuses pages of one it does not hold', () => {
    const own = new Library();
    own.add({ id: 'g', name: 'g', sha256: 's', pageCount: 1, language: 'en' });
    own.remove('g');
    expect(own.has('g')).toBe(false);
    const [page] = AGREEMENT.pages;
    if (page !== undefined) expect(() => own.addPage('g', page, [])).toThrow(/“g”/);
  });

  test('takes a document as it was stored, and answers and checks as it did before', () => {
    const again = new Library();
    const stored = structuredClone(library.indexOf('a'));
    again.addWhole({ id: 'a', name: 'Agreement', sha256: 's', pageCount: 3, language: 'en' }, stored);
    const question = 'What must the Operator pay for each Scheduled Sailing not performed?';
    expect(askBuiltIn(question, again.sources(), again.quotes, { now: () => 0 })).toEqual(ask(question));
    for (const quote of [
      'is surveyed every fifteen months',
      'The Operator shall assign this Agreement to any person without the written consent of the Board',
    ])
      expect(again.quotes.check({ quote })).toEqual(library.quotes.check({ quote }));
    expect(again.sources()[0]?.page(2)).toEqual(library.sources()[0]?.page(2));
    const [page] = AGREEMENT.pages;
    if (page !== undefined) expect(() => again.addPage('a', page, [])).toThrow(/already/);
  });

  test('gives no index of a document that still grows', () => {
    const growing = new Library();
    growing.add({ id: 'g', name: 'g', sha256: 's', pageCount: 3, language: 'en' });
    expect(() => growing.indexOf('g')).toThrow(/“g”/);
  });
});
