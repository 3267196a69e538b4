import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { statedFacts } from '../facts';
import { askBuiltIn } from './ask';
import { planQuestions } from './plan';
import { scopeOf } from './scope';
import type { Answer } from './types';

const accounts = (year: number, revenue: string, before: string, more = ''): string =>
  [
    `Annual report ${year}`,
    '',
    `For the year ended 31 December ${year}.`,
    '',
    'Income statement (in thousands of crowns)',
    '',
    `                              ${year}      ${year - 1}`,
    `Revenue                     ${revenue}    ${before}`,
    'Staff costs                 (9,894)   (9,343)',
    'Margin, per cent               19.0      14.6',
    '',
    `The board met nine times. ${more}`,
  ].join('\n');

const clause = (sum: string, words: string): string =>
  [
    '14 Failures',
    '',
    `14.2 The Operator shall pay to the Board ${words} crowns (${sum}) for each sailing that is not performed.`,
    '',
    '15 Inspection',
    '',
    '15.1 The Board may board a vessel at any time while she lies at a berth of the harbour.',
  ].join('\n');

const LETTER = [
  'Letter of amendment',
  '',
  'Aldmere, 14 September 2023',
  '',
  'The agreement of 4 February 2019 is amended as follows.',
  '',
  '1. In clause 14.2 the words “one thousand crowns (1,000)” are replaced by “two thousand crowns (2,000)”.',
].join('\n');

const lease = (tenant: string, rent: string, deposit: string): string =>
  [
    `This lease is made on 4 April 2024 between the Harbour Board of Aldmere (the Board) and ${tenant} (the Tenant).`,
    '',
    `The rent of the berth is ${rent} crowns a year, payable in advance.`,
    '',
    `The Tenant has paid a deposit of ${deposit} crowns, which the Board holds until the berth is given back.`,
  ].join('\n');

const library = libraryOfTexts({
  'Annual report 2025.txt': accounts(2025, '31,200', '28,680'),
  'Annual report 2024.txt': accounts(2024, '28,910', '26,944'),
  'Ferry agreement.txt': clause('1,000', 'one thousand'),
  'Draft ferry agreement.txt': clause('800', 'eight hundred'),
  'Letter of amendment.txt': LETTER,
  'Lease North 4.txt': lease('Halse Brothers', '3,200', '810'),
  'Lease North 5.txt': lease('Ysolde Marr', '2,850', '700'),
  'Lease South 9.txt': lease('Lantern Cruises', '11,600', '2,900'),
});
const ask = (question: string): Answer => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
const cited = (answer: Answer): string[] => answer.claims.map((claim) => claim.citations[0]?.sourceName ?? '');

describe('a change between two periods', () => {
  test('is worked out from the two cells, both cited and framed', () => {
    const answer = ask('By how much did revenue rise from 2024 to 2025?');
    expect(answer.lines).toEqual([
      'Up by 2,520 thousand crowns (8.8 %)',
      'from 28,680 thousand crowns (2024) to 31,200 thousand crowns (2025)',
    ]);
    expect(answer.calculations.map((one) => [one.result, one.operands.map(({ text }) => text)])).toEqual([
      ['2,520 thousand crowns, 8.8 %', ['28,680', '31,200']],
    ]);
    const citations = answer.claims.flatMap((claim) => claim.citations);
    expect(citations.map((one) => [one.mark, one.cell !== undefined])).toEqual([
      ['exact', true],
      ['exact', true],
    ]);
  });

  test('takes the latest two years where none is named, and the size of costs', () => {
    expect(ask('How much did staff costs increase?').headline).toMatch(/^Up by 551 thousand crowns \(5\.9 %\)/);
  });

  test('is told in percentage points where the row holds shares', () => {
    expect(ask('By how much did the margin improve in 2025?').headline).toMatch(/^Up by 4\.4 percentage points/);
  });

  test('answers yes or no where that is asked', () => {
    expect(ask('Was revenue lower in 2025 than in 2024?').headline).toMatch(/^No: up by 2,520/);
  });

  test('is none where a thing is asked, not its move', () => {
    expect(ask('What was revenue in 2025?').calculations).toEqual([]);
  });
});

describe('documents that disagree', () => {
  test('on a row of the same period are both told, the later first', () => {
    const answer = ask('What was revenue in 2024?');
    expect(answer.lines).toEqual([
      '28,680 thousand crowns (later, Annual report 2025, 31 December 2025)',
      '28,910 thousand crowns (Annual report 2024, 31 December 2024)',
    ]);
    expect(answer.conflicts).toEqual([[0, 1]]);
    expect(cited(answer)).toEqual(['Annual report 2025.txt', 'Annual report 2024.txt']);
  });

  test('because one amends the other tell what is in force first, and the draft last', () => {
    const answer = ask('What must the Operator pay for each sailing that is not performed?');
    expect(cited(answer)).toEqual(['Letter of amendment.txt', 'Ferry agreement.txt', 'Draft ferry agreement.txt']);
    expect(answer.lines?.[0]).toBe('two thousand crowns (2,000) (amended, Letter of amendment, 14 September 2023)');
    expect(answer.conflicts).toEqual([[0, 1, 2]]);
  });

  test('are told where both are one clause, though neither holds most of the question', () => {
    const notice = (metres: string): string => `Notice\n\n6. Vessels longer than ${metres} metres give warning of their arrival.`; // prettier-ignore
    const two = libraryOfTexts({ 'Notice 2022.txt': notice('45'), 'Notice 2025.txt': notice('60') });
    const answer = askBuiltIn('How long must a vessel be to announce itself?', two.sources(), two.quotes, { now: () => 0 }); // prettier-ignore
    expect(answer.conflicts).toEqual([[0, 1]]);
  });

  test('in hours and days are told where their sentences are alike', () => {
    const guideline = (time: string, other: string): string =>
      `Guideline\n\nWhoever finds that records went astray reports it within ${time}.\n\n${other}`;
    const asked = (texts: Readonly<Record<string, string>>): Answer => {
      const two = libraryOfTexts(texts);
      return askBuiltIn('How quickly must lost records be reported?', two.sources(), two.quotes, { now: () => 0 });
    };
    const editions = { 'Edition 1.txt': guideline('one day', ''), 'Edition 2.txt': guideline('six hours', '') };
    expect(asked(editions).conflicts).toEqual([[0, 1]]);
    expect(asked({ ...editions, 'Edition 2.txt': guideline('24 hours', '') }).conflicts).toEqual([]);
  });

  test('are no conflict where only one of them is asked', () => {
    expect(ask('What does the draft ferry agreement say is paid for a sailing not performed?').conflicts).toEqual([]);
  });
});

describe('what a question is put to', () => {
  const scoped = (question: string): string[] => scopeOf(question, library.sources()).sources.map(({ name }) => name);

  test.each([
    ['What is the rent of Lease North 5?', ['Lease North 5.txt']],
    ['What deposit has Lantern Cruises paid?', ['Lease South 9.txt']],
    ['What does the letter of amendment replace?', ['Letter of amendment.txt']],
    ['What deposit was paid under each lease?', ['Lease North 4.txt', 'Lease North 5.txt', 'Lease South 9.txt']],
    ['What do the draft and the signed ferry agreement say?', ['Ferry agreement.txt', 'Draft ferry agreement.txt']],
  ])('“%s” is the documents it means', (question, names) => {
    expect(scoped(question)).toEqual(names);
  });

  test('is all of them where none is meant', () => {
    expect(scoped('When does the term end?')).toHaveLength(8);
  });

  test('is each of several documents on its own', () => {
    const answer = ask('What deposit was paid under each lease?');
    expect(answer.lines).toEqual([
      'Lease North 4: 810 crowns',
      'Lease North 5: 700 crowns',
      'Lease South 9: 2,900 crowns',
    ]);
  });

  test('leads with the one that has the most, where that is asked', () => {
    expect(ask('Which of the leases has the highest rent?').lines?.[0]).toBe('Lease South 9, 11,600 crowns');
  });

  test('works out the difference between two that are named', () => {
    const answer = ask('How much more is the rent of Lease North 4 than the rent of Lease North 5?');
    expect(answer.calculations.map((one) => one.working)).toEqual([expect.stringMatching(/2,850|3,200/)]);
    expect(answer.headline).toMatch(/^Difference 350 crowns/);
  });

  test('holds for the parts that follow', () => {
    const question = 'Who is the tenant of Lease North 5, what is the rent and what is the deposit?';
    expect(planQuestions(question)).toHaveLength(3);
    const answer = ask(question);
    expect(answer.lines?.map((line) => line.replace(/ \(.*/, ''))).toEqual([
      'Ysolde Marr',
      '2,850 crowns',
      '700 crowns',
    ]);
    expect(answer.missing).toEqual([]);
  });
});

describe('what nothing answers', () => {
  test('is said to be missing of a question that is answered in part', () => {
    const answer = ask('What is the rent of Lease North 5 and who is the captain of the zeppelin?');
    expect(answer.found).toBe(true);
    expect(answer.missing).toEqual(['Who is the captain of the zeppelin?']);
  });

  test.each(['How many zeppelins fly to the island?', 'What is the telephone number of the tenant of Lease North 5?'])(
    'is declined: “%s”',
    (question) => {
      expect(ask(question).found).toBe(false);
    },
  );
});

describe('a question about the document itself', () => {
  test.each([
    ['How many pages does Lease North 4 have?', 'one page'],
    ['What is the date of the letter of amendment?', '14 September 2023'],
  ])('“%s”', (question, headline) => {
    expect(ask(question).headline).toBe(headline);
  });
});

describe('the date a document is of', () => {
  const dateOf = (text: string, language: 'en' | 'de' = 'en'): string | undefined => {
    const [source] = libraryOfTexts({ 'Paper.txt': text }, language).sources();
    return source && statedFacts(source).find(({ field }) => field === 'date')?.value;
  };

  test.each([
    ['This deed of 17 October 2023 is supplemental to a lease of the depot dated 3 February 2019.', 'en', '2023-10-17'],
    ['By this contract, signed at Aldmere on 11 May 2021, the owner serves the hirer.', 'en', '2021-05-11'],
    ['Die Verordnung über den Hafen vom 12. März 2015 wird geändert.\n\nDiese Verordnung vom 5. September 2023 gilt sofort.', 'de', '2023-09-05'], // prettier-ignore
    ['Die Parteien des Werkvertrags vom 17. Februar 2023 vereinbaren am 8. September 2023:', 'de', '2023-09-08'],
  ] as const)('is its own, not that of one it names: “%s”', (text, language, date) => {
    expect(dateOf(text, language)).toBe(date);
  });
});

describe('what needs care in a contract', () => {
  test('is gone through point by point: quoted, or missing with the reason', () => {
    const contract = libraryOfTexts({
      'Contract.txt': [
        'Either party may end this contract by three months’ notice in writing to the other.',
        '',
        'The supplier shall not assign this contract without the written consent of the buyer.',
        '',
        'The liability of the supplier under this contract is limited to 40,000 crowns in any year.',
        '',
        'This contract is governed by the law of the Free Port of Aldmere.',
      ].join('\n'),
    });
    const answer = askBuiltIn('What needs care in this contract?', contract.sources(), contract.quotes, {
      now: () => 0,
    });
    expect(answer.lines?.map((line) => line.split(':')[0])).toEqual([
      '4 of 10 points are spoken of',
      'Termination',
      'Cap on liability',
      'Assignment',
      'Governing law',
    ]);
    expect(answer.claims.map((claim) => claim.citations[0]?.mark)).toEqual(['exact', 'exact', 'exact', 'exact']);
    expect(answer.missing).toContainEqual(expect.stringMatching(/^Penalties: .*usually asked for: /));
  });
});
