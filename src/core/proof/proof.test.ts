import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { isProblem, mended, mendingOf, proof, tallyOf, whatBecame, type ProofItem, type ProofResult } from '.';

const LEASE = [
  '1 Term\n\n1.1 The lease begins on 1 April 2019 and runs for eight years.\n\n1.2 The Board may extend the lease once, by not more than two years.',
  '2 Rent\n\n2.1 The Tenant shall pay a rent of 11,600 crowns in each year, in four equal parts.\n\n2.2 The Tenant shall not sublet the berth.',
  'What the board received in the last two years is told here, by what it was received for.\n\nRents received (in thousands of crowns)\n\n                    2025     2024\nBerths             1,250    1,130\nSheds                480      455\nCranes                96      102\n',
].join('\f');
const OTHER = '1 Term\n\n1.1 The other lease runs for three years from its date, and no longer.';
const TEXTS = { 'Town lease.txt': LEASE, 'Other lease.txt': OTHER };

function run(text: string, texts: Readonly<Record<string, string>> = TEXTS): ProofResult {
  const library = libraryOfTexts(texts);
  return proof(text, { shelf: { sources: library.sources(), quotes: library.quotes } });
}

const items = (text: string): readonly ProofItem[] => run(text).items;

/** What was found of each item, in a word or two. */
function found(text: string): string[] {
  return items(text).map((item) =>
    item.kind === 'quote' ? [item.citation.mark, item.placeFault ?? ''].join(' ').trim() : (item.fault ?? item.verdict),
  );
}

describe('a quotation in a text', () => {
  test.each([
    ['exact', 'The Town lease says: “The Tenant shall not sublet the berth” (p. 2).'],
    ['exact', 'According to clause 2.2 of the Town lease, “The Tenant shall not sublet the berth”.'],
    ['same-words', 'It says “the tenant shall not sublet the BERTH” (Town lease, page 2).'],
    ['exact', '“The Tenant shall not sublet the berth” (Town lease, pp. 1–3).'],
    ['altered', '“The Tenant may not sublet the berth” (Town lease, p. 2).'],
    ['elsewhere page', '“The Tenant shall not sublet the berth” (Town lease, p. 1).'],
    ['elsewhere document', '“The Tenant shall not sublet the berth” (Other lease, p. 1).'],
    ['exact section', 'Clause 1.2 of the Town lease reads “The Tenant shall not sublet the berth”.'],
    ['absent', 'The Town lease says “whales are counted by the pilots at every tide” (p. 2).'],
  ])('is %s: %s', (expected, text) => {
    expect(found(text)).toEqual([expected]);
  });

  test('takes its page from what follows it, not from what follows the next', () => {
    const text = '“The Tenant shall not sublet the berth” (Town lease, p. 2) and “The Board may extend the lease once” (Town lease, p. 1).'; // prettier-ignore
    expect(found(text)).toEqual(['exact', 'exact']);
  });

  test('that is a document’s name or a single term is none', () => {
    expect(found('The “Town lease” calls it the “concession area”.')).toEqual([]);
  });

  test('in a range of pages is narrowed to the true one', () => {
    const [item] = items('“The Tenant shall not sublet the berth” (Town lease, pp. 1–3).');
    expect([item?.placeFault, item?.rightPlace, item === undefined ? null : isProblem(item)]).toEqual([
      null,
      '2',
      false,
    ]);
  });

  test('said without marks is left alone where it is a paraphrase', () => {
    expect(
      found('The lease states that the Tenant shall not sublet the berth. It says that nobody else can have it, ever.'),
    ).toEqual(['same-words']);
  });
});

describe('a figure in a text', () => {
  test.each([
    ['quoted', 'The rent is 11,600 crowns a year.'],
    ['changed', 'The rent is 11,900 crowns a year.'],
    ['quoted', 'Berths brought in 1.25 million crowns in 2025 (Town lease, p. 3).'],
    ['scale', 'Berths brought in 1,250 million crowns in 2025.'],
    ['period', 'Berths brought in 1,130 thousand crowns in 2025.'],
    ['computed', 'Rents of berths rose by 10.6 per cent in 2025.'],
    ['arithmetic', 'Rents of berths rose by 12.6 per cent in 2025.'],
  ])('is %s: %s', (expected, text) => {
    expect(found(text)).toEqual([expected]);
  });

  test('may be worked out from those of the sentence before', () => {
    expect(found('In 2025 berths brought in 1,250 thousand crowns and sheds 480 thousand crowns. Together that is 1,730 thousand crowns.')).toEqual(['quoted', 'quoted', 'computed']); // prettier-ignore
  });

  test('within a quotation is left to the check of the quotation', () => {
    expect(items('“The Tenant shall pay a rent of 11,600 crowns in each year”')).toHaveLength(1);
  });
});

describe('mending', () => {
  test.each([
    [
      '“The Tenant may not sublet the berth.” (Town lease, p. 2)',
      '“The Tenant shall not sublet the berth.” (Town lease, p. 2)',
    ],
    [
      '“The Tenant shall not sublet the berth” (Town lease, p. 1)',
      '“The Tenant shall not sublet the berth” (Town lease, p. 2)',
    ],
    ['The rent is 11,900 crowns a year.', 'The rent is 11,600 crowns a year.'],
    ['Berths brought in 1,250 million crowns in 2025.', 'Berths brought in 1.25 million crowns in 2025.'],
  ])('of %s', (text, expected) => {
    const mendings = items(text).flatMap((item) => mendingOf(item) ?? []);
    expect(mended(text, mendings)).toBe(expected);
    expect(items(expected).filter(isProblem)).toEqual([]);
  });
});

test('the tally counts what stands', () => {
  const { items: all, against } = run(
    '“The Tenant may not sublet the berth” (p. 2). The rent is 11,600 crowns a year.',
  );
  expect(tallyOf(all)).toEqual({ quotes: 1, quotesStanding: 0, figures: 1, figuresSupported: 1, problems: 1 });
  expect(against.map((one) => one.name)).toEqual(['Town lease.txt', 'Other lease.txt']);
});

test('a later run tells what became different when a document changed', () => {
  const text = 'The rent is 11,600 crowns a year. “The Tenant shall not sublet the berth” (Town lease, p. 2).';
  const before = run(text).items;
  const now = run(text, { ...TEXTS, 'Town lease.txt': LEASE.replace('11,600', '12,100') }).items;
  expect(whatBecame(before, before)).toEqual([]);
  expect(whatBecame(now, before).map(({ item, was }) => [item.text, was?.kind, isProblem(item)])).toEqual([
    ['11,600 crowns', 'figure', true],
  ]);
});

test('the same text gives the same proof', () => {
  const text = 'The rent is 11,600 crowns a year. “The Tenant may not sublet the berth”.';
  expect(run(text)).toEqual(run(text));
});
