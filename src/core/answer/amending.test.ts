import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import type { Language } from '../text';
import { amendedText } from './amendedText';
import { amendingIn } from './amending';
import { askBuiltIn } from './ask';
import { placesNamed } from './clauseAddress';
import type { Answer } from './types';

const CONTRACT = [
  'Berth agreement',
  '',
  'Made on 3 March 2022 between the Harbour Board and Pellow Limited.',
  '',
  '2 Use',
  '',
  '2.1 Boats may be launched by day.',
  '',
  '3 Payment',
  '',
  '3.1 The charge is 6 crowns for each launching, or 75 crowns for a season ticket.',
  '',
  '3.2 Children launch dinghies free of charge.',
  '',
  '3.3 Fees are reported every four weeks.',
  '',
  '4 Staff',
  '',
  '4.1 At least two people are on duty at the slip.',
].join('\n');

const amendment = (...changes: string[]): string =>
  ['Deed of variation', '', 'Made on 1 May 2024. It varies the berth agreement of 3 March 2022.', '', ...changes.flatMap((one) => [one, ''])].join('\n'); // prettier-ignore

const DEED = amendment(
  '1.1 In clause 3.1 “6 crowns” is replaced by “8 crowns” and “75 crowns” by “96 crowns”.',
  '1.2 Clause 3.2 is repealed.',
  '1.3 Clause 3.3 ceases to apply on charter voyages.',
  '1.4 Clause 4.1 is amended to read: “At least three people are on duty at the slip.”',
);

function asked(texts: Readonly<Record<string, string>>, question: string, language: Language = 'en'): Answer {
  const library = libraryOfTexts(texts, language);
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

const both = { 'Berth agreement.txt': CONTRACT, 'Deed of variation.txt': DEED };

describe('clauses that words name', () => {
  test.each([
    ['In clause 14.2(a) and section 3(1)', [['14', '2', 'a'], ['3', '1']]], // prettier-ignore
    ['In § 3 Absatz 1 Satz 2', [['3', '1']]],
    ['第十二条第2項中', [['12', '2']]],
    ['in the year 2024', []],
  ])('%s', (text, places) => {
    expect(placesNamed(text)).toEqual(places);
  });
});

describe('what an amendment says', () => {
  const change = (text: string, language: Language = 'en') => {
    const [source] = libraryOfTexts({ 'Amendment.txt': amendment(text) }, language).sources();
    return source === undefined ? [] : amendingIn(source).map(({ pairs, whole }) => ({ pairs, whole }));
  };

  test('are words and those in their place, several in one sentence', () => {
    expect(change('1.1 In clause 3.1 “6 crowns” is replaced by “8 crowns” and “75 crowns” by “96 crowns”.')).toEqual([
      { pairs: [{ old: '6 crowns', now: '8 crowns' }, { old: '75 crowns', now: '96 crowns' }], whole: null }, // prettier-ignore
    ]);
  });

  test.each([
    ['1.1 Clause 4.1 is amended by the addition of the words “and a guard” after the word “people”.', 'people', 'people and a guard'], // prettier-ignore
    ['1.1 In clause 4.1 after “people” there is inserted “and a guard”.', 'people', 'people and a guard'],
    ['1.1 In clause 4.1 the words “at the slip” are deleted.', 'at the slip', ''],
  ])('are words put behind others, or words that go: %s', (text, old, now) => {
    expect(change(text)).toEqual([{ pairs: [{ old, now }], whole: null }]);
  });

  test('is what a clause comes to, though something else is told first', () => {
    expect(change('1.1 A further 12 crowns are paid, so that the season ticket under clause 3.1 amounts to 87 crowns.')).toHaveLength(1); // prettier-ignore
  });

  test.each([
    ['1.1 In clause 4.1, for the words “two” there shall be substituted “three”.', 'two', 'three'],
    ['1.1 In clause 4.1 the words “two” are deleted and “three” is inserted.', 'two', 'three'],
    ['1.1 In clause 4.1 “three” is substituted for “two”.', 'two', 'three'],
    ['1.1 In clause 4.1, for “two” read “three”.', 'two', 'three'],
    ['1.1 In clause 4.1, “two” becomes “three”.', 'two', 'three'],
    ['1.1 In clause 4.1 the figure “two” shall read “three”.', 'two', 'three'],
  ])('are words put for others, however it is said: %s', (text, old, now) => {
    expect(change(text)).toEqual([{ pairs: [{ old, now }], whole: null }]);
  });

  test.each([
    [
      '1. In § 3 Absatz 1 tritt an die Stelle der Angabe „1,50 Kronen“ die Angabe „2 Kronen“.',
      'de',
      '1,50 Kronen',
      '2 Kronen',
    ],
    ['第4条中「月額2万円」とあるのは「月額2万5,000円」とする。', 'ja', '月額2万円', '月額2万5,000円'],
  ] as const)('in German and Japanese: %s', (text, language, old, now) => {
    expect(change(text, language)).toEqual([{ pairs: [{ old, now }], whole: null }]);
  });

  test('is the clause as it reads from then on', () => {
    expect(change('1.4 Clause 4.1 is amended to read: “At least three people are on duty.”')).toEqual([
      { pairs: [], whole: 'At least three people are on duty.' },
    ]);
  });

  test('is nothing where no clause is changed', () => {
    expect(change('1.5 Clause 4.1 remains as it is.')).toEqual([]);
  });

  test('changes only words that stand in the clause, and whole numbers', () => {
    const [source] = libraryOfTexts({ 'Amendment.txt': DEED }).sources();
    const [first] = source === undefined ? [] : amendingIn(source);
    if (first === undefined) throw new Error('The deed changes nothing.');
    expect(amendedText(['3', '1'], 'It is 96 crowns a day.', first, 'en')).toBeNull();
    expect(amendedText(['3', '1'], 'It is 6 crowns a day.', first, 'en')).toBe('It is 8 crowns a day.');
    expect(amendedText(['3', '2'], 'It is 6 crowns a day.', first, 'en')).toBeNull();
  });
});

describe('a clause that was amended', () => {
  test.each([
    ['How much is a season ticket?', '96 crowns (amended', '75 crowns'],
    ['What is the charge for each launching?', '8 crowns (amended', '6 crowns'],
    ['How many people are on duty at the slip?', 'three people (amended', 'two people'],
    ['Do children launch dinghies free of charge?', 'Clause 3.2 is repealed. (amended', 'Yes'],
  ])('is told as it is and as it was: “%s”', (question, now, before) => {
    const { lines, conflicts } = asked(both, question);
    expect(lines?.map((line, at) => line.startsWith(at === 0 ? now : before))).toEqual([true, true]);
    expect(conflicts).toEqual([[0, 1]]);
  });

  test('is told by the value that a change names without quoting', () => {
    const deed = amendment('1. The period in clause 3.3 is extended to six weeks.');
    const { lines } = asked({ ...both, 'Deed of variation.txt': deed }, 'How often are fees reported?');
    expect(lines?.[0]).toMatch(/^every six weeks \(amended/);
  });

  test('is told as amended although both are of one kind, and by the amendment’s own date', () => {
    const licences = {
      'Software licence.txt':
        'Licence agreement\n\nDated 8 August 2021\n\n1 Licence\n\n(b) The licence runs until 31 August 2025.',
      'Second licence amendment.txt':
        'Second amendment\n\nThis amendment to the licence agreement dated 8 August 2021 is made on 14 May 2024.\n\n2. The date in paragraph 1(b) is changed to 31 August 2028.',
    };
    expect(asked(licences, 'Until when does the licence run?').lines).toEqual([
      '31 August 2028 (amended, Second licence amendment, 14 May 2024)',
      '31 August 2025 (Software licence, 8 August 2021)',
    ]);
  });

  test('goes by letters and numbers, and by articles numbered through chapters', () => {
    const policy = {
      'Policy.txt':
        'Policy of 12 January 2023\n\nSection A Cover\n\nA2. The sum insured is 350,000 crowns for each voyage.',
      'Endorsement.txt':
        'Endorsement\n\nTo the policy of 12 January 2023.\n\n1. In item A2, “350,000 crowns” is amended to “500,000 crowns”.',
    };
    expect(asked(policy, 'What sum is insured for each voyage?').lines?.[0]).toMatch(/^500,000 crowns/);
    const rules = {
      '就業規程.txt': '第2章 手当\n\n第5条 夜勤手当は、6,000円とする。',
      '就業規程改定.txt': '就業規程の改定\n\n第5条中「6,000円」を「7,200円」に改める。',
    };
    expect(asked(rules, '夜勤手当はいくらですか。', 'ja').lines?.[0]).toMatch(/^7,200円/);
  });

  test('for some cases only is told where these are asked for', () => {
    expect(asked(both, 'How often are fees reported?').conflicts).toEqual([]);
    expect(asked(both, 'How often are fees reported on charter voyages?').conflicts).toEqual([[0, 1]]);
  });

  test('is no other clause of the same number within another', () => {
    expect(asked(both, 'When may boats be launched?').conflicts).toEqual([]);
  });

  test('is found in German among documents of which few hold the word that is asked for', () => {
    const texts = {
      'Reinigungsvertrag.txt': '§ 3 Vergütung\n\n(1) Die Vergütung beträgt 5.200 Kronen im Monat.',
      'Nachtrag.txt': 'Nachtrag\n\n(1) In § 3 Absatz 1 wird die Angabe „5.200 Kronen“ durch „5.850 Kronen“ ersetzt.',
      'Bericht.txt': 'Bericht\n\nEs wurden 300 Gegenstände abgegeben.',
      'Ordnung.txt': 'Ordnung\n\nHunde sind an der Leine zu führen.',
    };
    expect(asked(texts, 'Um wie viel ist die monatliche Vergütung gestiegen?', 'de').headline).toMatch(
      /^Um 650 Kronen/,
    );
  });

  test('leaves alone a document that the amendment does not mean', () => {
    const other = CONTRACT.replace('Berth agreement', 'Crane agreement').replace('3 March 2022', '9 June 2020');
    const texts = {
      'Crane agreement.txt': other,
      'Deed of variation.txt': DEED.replace('berth agreement of', 'lease of'),
    };
    expect(asked(texts, 'Do children launch dinghies free of charge?').conflicts).toEqual([]);
  });

  test('is found in German and Japanese', () => {
    const german = asked(
      {
        'Reinigungsvertrag.txt': '§ 3 Vergütung\n\n(1) Die Vergütung beträgt 5.200 Kronen im Monat.',
        'Nachtrag.txt': 'Nachtrag\n\n(1) In § 3 Absatz 1 wird die Angabe „5.200 Kronen“ durch „5.850 Kronen“ ersetzt.',
      },
      'Wie hoch ist die Vergütung?',
      'de',
    );
    expect(german.lines?.[0]).toMatch(/^5\.850 Kronen \(amended/);
    const japanese = asked(
      {
        '使用契約.txt': '第3条（使用料）\n\n使用料は月額84,000円とする。',
        '変更覚書.txt': '変更覚書\n\n第1条\n\n原契約第3条中「月額84,000円」を「月額91,000円」に改める。',
      },
      '使用料はいくらですか。',
      'ja',
    );
    expect(japanese.lines?.[0]).toMatch(/^91,000円 \(amended/);
  });
});
