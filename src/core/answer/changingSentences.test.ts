import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import type { Language } from '../text';
import { amendingIn } from './amending';
import { askBuiltIn } from './ask';
import type { Answer } from './types';

type Texts = Readonly<Record<string, string>>;

function changesOf(text: string, language: Language = 'en') {
  const [source] = libraryOfTexts({ 'Paper.txt': text }, language).sources();
  if (source === undefined) throw new Error('No document was read.');
  return amendingIn(source);
}

function asked(texts: Texts, question: string, language: Language = 'en'): Answer {
  const library = libraryOfTexts(texts, language);
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

const RULES = [
  'Rules of the landing',
  '',
  'Issued on 4 June 2018.',
  '',
  'Article 3 Charges',
  '',
  '1. Boats pay 6 crowns a day.',
  '',
  '2. Charges are paid within ten days. Who pays late is reminded.',
  '',
  '3. Trailers cost 1 crown.',
].join('\n');

const paragraphs = (...all: string[]): string => all.join('\n\n');

describe('a list of changes', () => {
  const amending = paragraphs(
    'Regulation amending the rules of the landing',
    'The rules of 4 June 2018 are amended as follows:',
    '(1) Article 3 is amended as follows:',
    '(a) in paragraph 1, ‘6 crowns’ is replaced by ‘9 crowns’;',
    '(b) in paragraph 2, the second sentence is deleted;',
    '(c) paragraph 3 is replaced by the following: ‘3. Trailers cost 2 crowns.’;',
    '(2) in Article 5, paragraph 2, ‘noon’ is replaced by ‘midnight’;',
    '(3) point (b) of Article 7 is deleted.',
  );

  test('names parts of the clause that opens it, and clauses of their own', () => {
    expect(changesOf(amending).map(({ places }) => places)).toEqual([
      [['3', '1']],
      [['3', '2']],
      [['3', '3']],
      [['5', '2']],
      [['7', 'b']],
    ]);
  });

  test('is followed from the clause to what it reads', () => {
    const texts = { 'Rules of the landing.txt': RULES, 'Amending regulation.txt': amending };
    expect(asked(texts, 'What do boats pay a day?').lines?.[0]).toMatch(/^9 crowns \(amended/);
    expect(asked(texts, 'What do trailers cost?').conflicts).toEqual([[0, 1]]);
  });

  test('that changes one sentence of a clause leaves the other', () => {
    const texts = { 'Rules of the landing.txt': RULES, 'Amending regulation.txt': amending };
    expect(asked(texts, 'Within how many days are charges paid?').conflicts).toEqual([]);
    expect(asked(texts, 'Who is reminded?').conflicts).toEqual([[0, 1]]);
  });

  test('in German', () => {
    const german = paragraphs(
      'Änderungssatzung',
      '1. § 2 wird wie folgt geändert:',
      'a) In Absatz 1 wird das Wort „sechs“ durch das Wort „acht“ ersetzt.',
      'b) Absatz 3 wird wie folgt gefasst: „(3) Boote liegen am Steg.“',
    );
    expect(changesOf(german, 'de').map(({ places, pairs, whole }) => [places, pairs.length, whole])).toEqual([
      [[['2', '1']], 1, null],
      [[['2', '3']], 0, '(3) Boote liegen am Steg.'],
    ]);
  });
});

describe('clauses numbered otherwise', () => {
  test('in Roman, with sections that name themselves', () => {
    const articles = paragraphs(
      'Articles of the society of 6 May 1998',
      'Article II. Members',
      'Section 1. Anyone may join.',
      'Section 2. The yearly subscription is 48 crowns. It is due in May.',
    );
    const resolutions = paragraphs(
      'Resolutions: changes to the articles of 6 May 1998',
      'RESOLVED, that Article II, Section 2 be amended by striking out 48 crowns and putting 60 crowns in its place.',
    );
    const texts = { 'Articles.txt': articles, 'Resolutions.txt': resolutions };
    expect(asked(texts, 'How much is the yearly subscription?').lines?.[0]).toMatch(/^60 crowns \(amended/);
  });

  test('by paragraphs behind the number of a regulation, changed by what is to be substituted or omitted', () => {
    const regulations = paragraphs(
      'Regulations 2014',
      '1. (1) Ferries pay nothing.',
      '(2) A certificate costs 400 crowns.',
      '2. Sailing ships pay half.',
    );
    const amending = paragraphs(
      'Amendment regulations 2023 to the regulations 2014',
      '2. The Regulations 2014 are amended in accordance with regulations 3 to 8.',
      '3. For regulation 1(2) substitute—',
      '“(2) A certificate costs 520 crowns.”.',
      '4. Omit regulation 2.',
    );
    expect(changesOf(amending).map(({ places }) => places)).toEqual([[['1', '2']], [['2']]]);
    const texts = { 'Regulations 2014.txt': regulations, 'Amendment.txt': amending };
    expect(asked(texts, 'What does a certificate cost?').lines?.[0]).toMatch(/^520 crowns \(amended/);
  });
});

describe('a short paper that changes another', () => {
  const letter = paragraphs(
    'Aldmere, 3 May 2024.',
    'We refer to the rules of the landing of 4 June 2018 and confirm what was agreed.',
    'Boats (Article 3(1)) are now charged 8 crowns a day.',
    'Under Article 3(2) you have fourteen days rather than ten to pay.',
    'Kindly sign a copy.',
  );

  test('is known by what it says of clauses, though it is called nothing', () => {
    expect(changesOf(letter).map(({ places }) => places)).toEqual([[['3', '1']], [['3', '2']]]);
    const texts = { 'Rules of the landing.txt': RULES, 'Letter.txt': letter };
    expect(asked(texts, 'What do boats pay a day?').lines?.[0]).toMatch(/^8 crowns \(amended/);
  });

  test('is none that speaks of its own clauses only now and then', () => {
    const contract = paragraphs(
      'Contract',
      '1. The rent in clause 2 is now due.',
      ...[...'ABCDEFGHIJKLMN'].map((letter) => `Party ${letter} keeps its boat clean and dry.`),
    );
    expect(changesOf(contract)).toEqual([]);
  });

  test('may name clauses by their numbers alone, wherever they stand', () => {
    const revision = paragraphs(
      'Revision of the order',
      '1.2 In 1.1, 75 kilowatts becomes 55 kilowatts.',
      '1.3 Lifeboats are struck from 1.2.',
      '1.4 The figure in 2.1 is lowered to 0.05 per cent.',
    );
    expect(changesOf(revision).map(({ places }) => places)).toEqual([[['1', '1']], [['1', '2']], [['2', '1']]]);
  });

  test('may head what it says of a clause by its name and number', () => {
    const update = paragraphs(
      'What changes in our terms',
      'Our terms of 9 January 2022 change in these points.',
      '• Price (3.1): 11 crowns instead of 9.',
      '• Deletion (4.2): thirty days.',
      '• Backups (1.3): from now on they are kept for 90 days.',
    );
    expect(changesOf(update).map(({ places }) => places)).toEqual([[['3', '1']], [['4', '2']], [['1', '3']]]);
    const terms = paragraphs('Terms of 9 January 2022', '3.1 The fee is 9 crowns a month.', '4.2 After the end we delete logs within 60 days.'); // prettier-ignore
    const texts = { 'Terms.txt': terms, 'Update.txt': update };
    expect(asked(texts, 'How much is the fee a month?').lines?.[0]).toMatch(/^11 crowns \(amended/);
    expect(asked(texts, 'Within how many days are logs deleted?').lines?.[0]).toMatch(/^thirty days \(amended/);
  });

  test('may change several values in their order', () => {
    const texts = {
      'Order.txt': paragraphs(
        'Order of 2 May 2019',
        '5.1 The fine for speeding is 600 crowns, the fine for anchoring 150 crowns.',
      ),
      'Revision.txt': paragraphs(
        'Revision of the order of 2 May 2019',
        '1.1 In 5.1 the fines are doubled, to 1,200 crowns and 300 crowns.',
      ),
    };
    expect(asked(texts, 'How much is the fine for anchoring?').lines?.[0]).toMatch(/^300 crowns \(amended/);
  });
});

describe('a table of changes', () => {
  const notice = [
    'Notice of changes to the terms of 4 June 2018',
    '',
    'Clause        Until now        From May 2025',
    '2.1           32 crowns        36 crowns',
    '2.2           six persons      five persons',
    '',
  ].join('\n');
  const terms = paragraphs('Terms of 4 June 2018', '2.1 An hour costs 32 crowns.', '2.2 At most six persons are on board.'); // prettier-ignore

  test('sets what a clause says against what it said', () => {
    expect(changesOf(notice).map(({ places, pairs }) => [places[0]?.join('.'), pairs[0]?.old, pairs[0]?.now])).toEqual([
      ['2.1', '32 crowns', '36 crowns'],
      ['2.2', 'six persons', 'five persons'],
    ]);
    const texts = { 'Terms.txt': terms, 'Notice.txt': notice };
    expect(asked(texts, 'What does an hour cost?').lines?.[0]).toMatch(/^36 crowns \(amended/);
  });
});

describe('a definition that changes', () => {
  const lease = paragraphs('Lease of 3 March 2019', '1.2 “Rent” means 48,000 crowns a year.', '2.1 The tenant pays the rent.'); // prettier-ignore
  const deed = paragraphs(
    'Supplemental deed to the lease of 3 March 2019',
    '2.1 The definition of “Rent” shall be deleted and replaced with: “Rent” means 53,500 crowns a year.',
  );

  test('may be told by the term alone, known by its capitals', () => {
    const agreement = paragraphs('Credit agreement of 3 March 2020', '1.03 “Maturity Date” means 30 September 2026.');
    const amending = paragraphs(
      'First amendment to the credit agreement of 3 March 2020',
      '(a) Section 1.01 is amended by deleting “24” and inserting “30”.',
      '(b) The Maturity Date is hereby extended to 30 September 2029.',
      '(c) The parties are 2 companies.',
    );
    expect(changesOf(amending).map(({ term }) => term)).toEqual([null, 'Maturity Date']);
    const texts = { 'Agreement.txt': agreement, 'Amendment.txt': amending };
    expect(asked(texts, 'What is the maturity date?').lines?.[0]).toMatch(/30 September 2029/);
  });

  test('is told wherever the term is defined', () => {
    expect(changesOf(deed).map(({ term, whole }) => [term, whole])).toEqual([
      ['Rent', '“Rent” means 53,500 crowns a year.'],
    ]);
    const answer = asked({ 'Lease.txt': lease, 'Deed.txt': deed }, 'How much is the rent a year?');
    expect(answer.lines?.map((line) => line.slice(0, 22))).toEqual([
      '53,500 crowns (amended',
      '48,000 crowns (Lease, ',
    ]);
  });
});
