import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn, type AskOptions } from './ask';
import type { Answer } from './types';

const AGREEMENT = [
  'Part A General',
  '',
  '1 Grant',
  '',
  '1.1 The Board grants the Carrier the right to run the ferry for nine years.',
  '',
  '2 Fees',
  '',
  '2.1 The fee is 40,000 crowns a year.',
  '',
  '2.2 The fee is reduced if:',
  '',
  '(a) the quay is closed for more than ten days; or',
  '',
  '(b) the Board carries goods itself on the same route.',
  '',
  'Schedule 2 Vessels',
  '',
  'The two new vessels are the Plover and the Dunlin.',
  '\f',
  '3 Ending',
  '',
  '3.1 Either party may end this agreement by six months of notice in writing.',
  '',
  '3.2 The notice is sent to the harbour office, which sends a copy to the auditor.',
].join('\n');

const RULES = [
  'Article 1 Masters',
  '',
  'The master shall hold a certificate of the first class.',
  '',
  'Article 2 Crew',
  '',
  'At least four persons are on duty while the vessel is under way.',
].join('\n');

const library = libraryOfTexts({ 'Ferry agreement.txt': AGREEMENT, 'Manning rules.txt': RULES });

function ask(question: string, how: Partial<AskOptions> = {}): Answer {
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0, ...how });
}

const texts = (answer: Answer): string[] => answer.claims.map((claim) => claim.text);

describe('a place in a question', () => {
  test('a clause asked for by its number is told whole, with its items, and nothing of the next', () => {
    const answer = ask('What does clause 2.2 say?');
    expect(texts(answer)).toEqual([
      '2.2 The fee is reduced if:',
      '(a) the quay is closed for more than ten days; or',
      '(b) the Board carries goods itself on the same route.',
    ]);
    expect(answer.searches).toContain('in clause 2.2');
  });

  test('a lettered item is found within its clause', () => {
    expect(texts(ask('What is said in clause 2.2(b)?'))).toEqual([
      '(b) the Board carries goods itself on the same route.',
    ]);
  });

  test('articles, schedules and clauses of one number are told apart', () => {
    expect(ask('What does Article 2 provide?').headline).toContain('four persons');
    expect(ask('What does Schedule 2 say?').headline).toContain('Plover');
    expect(texts(ask('What does clause 2 say?'))[0]).toBe('2.1 The fee is 40,000 crowns a year.');
  });

  test('what is asked of a clause is looked for there alone', () => {
    expect(ask('How much is the fee under clause 2?').headline).toContain('40,000 crowns');
    expect(ask('How many persons are on duty under Article 2?').headline).toMatch(/four/);
  });

  test('a page is a place', () => {
    const answer = ask('What does page 2 of the Ferry agreement say?');
    expect(answer.claims.every((claim) => claim.citations[0]?.page === 2)).toBe(true);
    expect(answer.found).toBe(true);
  });

  test('a place that no document has is told as such', () => {
    const answer = ask('What is on page 9 of the Ferry agreement?');
    expect(answer).toMatchObject({
      found: false,
      readings: [{ words: 'page 9', told: '“Ferry agreement” has 2 pages', sourceId: 'Ferry agreement.txt' }],
    });
    expect(ask('What does clause 17 of the Ferry agreement say?').readings?.[0]?.told).toContain('has none');
  });
});

describe('limits set beside a question', () => {
  const asked = 'How is this agreement ended?';

  test('leave the pages and sections named, by number or by title', () => {
    expect(ask(asked, { limits: { pages: '2' } }).headline).toContain('six months');
    expect(ask(asked, { limits: { section: 'ending' } }).headline).toContain('six months');
    expect(ask(asked, { limits: { section: 'clause 3.1' } }).headline).toContain('six months');
    expect(ask(asked, { limits: { pages: '1' } }).claims.flatMap((claim) => claim.citations.map((one) => one.page))).not.toContain(2); // prettier-ignore
  });

  test('are told among the searches, and find nothing where nothing is', () => {
    expect(ask(asked, { limits: { pages: '1-2' } }).searches).toContain('on pages 1 to 2');
    expect(ask(asked, { limits: { section: 'insurance' } })).toMatchObject({ found: false, passages: [] });
  });
});

describe('a question about a claim or clause', () => {
  const about = (text: string) => {
    const [source] = library.sources();
    for (let page = 1; page <= 2; page += 1) {
      const start = source?.page(page)?.text.indexOf(text) ?? -1;
      if (source !== undefined && start >= 0) return { sourceId: source.id, page, start, text };
    }
    throw new Error('no such text');
  };

  test('is answered by the section it stands in', () => {
    const answer = ask('Who gets a copy of that?', { about: about('Either party may end this agreement') });
    expect(texts(answer)[0]).toContain('sends a copy to the auditor');
  });

  test('is declined where nothing that holds its words answers', () => {
    const answer = ask('How much is it insured for?', { about: about('The two new vessels are the Plover') });
    expect(answer.found).toBe(false);
  });
});

describe('a question that can be read in several ways', () => {
  test('a thing spoken of as one, where the documents have several, is told with their words', () => {
    const { readings } = ask('What is the name of the new vessel?');
    expect(readings?.[0]).toMatchObject({ words: 'the new vessel' });
    expect(readings?.[0]?.told).toContain('two new vessels');
  });

  test('one document of several of its kind: each is told where they differ', () => {
    const lease = (rent: string): string =>
      `Lease\n\nThis lease is made between the Board (the Board) and a tenant (the Tenant).\n\nThe rent is ${rent} crowns a year.`;
    const leases = libraryOfTexts({ 'Lease North.txt': lease('3,100'), 'Lease South.txt': lease('4,700') });
    const options = { now: () => 0 };
    const answer = askBuiltIn('What is the rent in the lease?', leases.sources(), leases.quotes, options);
    expect([...(answer.lines ?? [])].sort()).toEqual(['Lease North: 3,100 crowns', 'Lease South: 4,700 crowns']);
    expect(answer.readings?.[0]).toMatchObject({ words: 'the lease' });
    const named = askBuiltIn('What is the rent in the Lease North?', leases.sources(), leases.quotes, options);
    expect(named).toMatchObject({ headline: '3,100 crowns' });
    expect(named.readings).toBeUndefined();
  });

  test('more documents of a kind than can be told are counted', () => {
    const lease = (rent: number): string => `Lease\n\nThis lease is made by the Board.\n\nThe rent is ${rent} crowns a year.`; // prettier-ignore
    const many = libraryOfTexts(Object.fromEntries(Array.from({ length: 15 }, (_, at) => [`Lease ${at + 1}.txt`, lease(100 + at)]))); // prettier-ignore
    const { readings } = askBuiltIn('What does the lease say of the rent?', many.sources(), many.quotes, {
      now: () => 0,
    });
    expect(readings?.[0]?.told).toBe('may be any of 15 documents: name the one that is meant');
  });
});
