import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import type { Language } from '../text';
import { askBuiltIn } from './ask';
import type { Answer } from './types';

const paragraphs = (...all: string[]): string => all.join('\n\n');

function asked(texts: Readonly<Record<string, string>>, question: string, language: Language = 'en'): Answer {
  const library = libraryOfTexts(texts, language);
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

const SUPPLY = {
  'Gravel agreement.txt': paragraphs(
    'Agreement for the supply of gravel',
    'Signed on 20 January 2023.',
    '1 Price',
    'The price is 42 crowns a tonne. It is fixed until 31 December 2024.',
    '2 Payment',
    'Invoices are due 30 days after their date.',
    '3 Contact',
    'The contact at the supplier is Ms Maren Holt.',
  ),
  'Letter on gravel.txt': paragraphs(
    'Letter',
    'Holm Gravel Works, 5 November 2024',
    'We confirm the changes to our agreement for the supply of gravel of 20 January 2023.',
    'The price goes up from 42 to 47 crowns a tonne and stays fixed until the end of 2026.',
    'For what we fail to deliver we pay 22 crowns each time.',
    'Invoices will be due after 45 days rather than 30.',
    'Your contact at the supplier is from now on Mr Jonas Thiel.',
  ),
};

describe('a letter that names no clause', () => {
  test.each([
    ['What is the price of a tonne of gravel?', ['47 crowns', '42 crowns']],
    ['Within how many days are invoices due?', ['45 days', '30 days']],
    ['Until when is the price fixed?', ['the end of 2026', '31 December 2024']],
    ['Who is the contact at the supplier?', ['Mr Jonas Thiel', 'Ms Maren Holt']],
  ])('tells what holds from then on: %s', (question, told) => {
    const { lines = [], conflicts } = asked(SUPPLY, question);
    expect(conflicts).toHaveLength(1);
    expect(lines.map((line) => line.replace(/ \(.*$/, ''))).toEqual(told);
    expect(lines[0]).toMatch(/\(later, Letter on gravel, 5 November 2024\)$/);
  });

  test('tells what moved in one sentence, the right way round', () => {
    const { calculations, headline } = asked(SUPPLY, 'By how much does the price of a tonne of gravel rise?');
    expect(headline).toMatch(/^Up by 5 crowns/);
    expect(calculations[0]?.operands.map(({ text }) => text)).toEqual(['42', '47 crowns']);
  });
});

const STALLS = {
  'Market hall lease.txt': paragraphs(
    'Lease of stalls in the market hall',
    'between the Town of Holm (the Town) and Reedham Bakers Ltd (the Trader), made on 8 January 2024',
    'The Town lets stalls 12 and 13 in the market hall, 34 square metres together, for the sale of bread.',
    'The Trader leaves a deposit of 1,560 crowns with the Town.',
    'The market master, Ebbe Lund, receives notices for the Town.',
  ),
  'Market hall supplement.txt': paragraphs(
    'Supplement No. 1 to the lease of stalls in the market hall of 8 January 2024',
    'agreed on 20 November 2024 between the Town of Holm and Reedham Bakers Ltd',
    'Stall 14 is added; the area is now 51 square metres.',
    'Notices are from now on received by the market master Signe Holm.',
  ),
};

describe('a supplement that says in its own words what holds', () => {
  test.each([
    ['How large is the area let?', ['51 square metres', '34 square metres']],
    ['How large is the area in the market hall?', ['51 square metres', '34 square metres']],
    ['Who is the market master?', ['Signe Holm', 'Ebbe Lund']],
  ])('tells both, the later first: %s', (question, told) => {
    const { lines = [], conflicts } = asked(STALLS, question);
    expect(conflicts).toHaveLength(1);
    expect(lines.map((line) => line.replace(/ \(.*$/, ''))).toEqual(told);
  });

  test('is set against nothing that it does not speak of', () => {
    expect(asked(STALLS, 'How much deposit does the Trader leave?').conflicts).toEqual([]);
  });
});

const OPINIONS = {
  'Opinion of the owners.txt': paragraphs(
    'Opinion on the quay wall at Wick Street',
    'The movement was caused by dredging in front of the wall.',
    'We grade the condition of the wall as fair.',
    'Claims must be made within three months of the survey.',
    'Let the mortar dry for five days before the wall is loaded.',
  ),
  'Opinion of the insurers.txt': paragraphs(
    'Second opinion on the quay wall at Wick Street',
    'In our view the movement was caused by a leaking drain behind the wall.',
    'We grade the condition of the wall as poor.',
    'Claims must be made within six weeks of the survey.',
    'Let the mortar dry for five days before the wall is loaded.',
  ),
};

describe('two documents on one subject', () => {
  test.each([
    ['What caused the movement?', /dredging/, /leaking drain/],
    ['In what condition is the wall?', /fair/, /poor/],
    ['By when must claims be made?', /three months/, /six weeks/],
  ])('give two answers where each gives its own: %s', (question, one, two) => {
    const told = asked(OPINIONS, question);
    expect(told.conflicts).toHaveLength(1);
    expect(told.headline).toMatch(one);
    expect(told.headline).toMatch(two);
  });

  test('give one where they say the same', () => {
    expect(asked(OPINIONS, 'How long must the mortar dry?').conflicts).toEqual([]);
  });
});

describe('two documents of which neither names the other', () => {
  test('are not set against each other', () => {
    const texts = {
      'Berth lease.txt': paragraphs('1 Rent', 'The rent of the berth is 3,200 crowns a year.'),
      'Annual filing.txt': paragraphs(
        'Annual filing of the ferry company',
        'We rent a berth.',
        ...Array.from({ length: 60 }, (_, at) => `Sailing ${at} of the year was performed as planned by the crew on duty that day, in fair weather and without delay.`), // prettier-ignore
        'The rent of the offices came to 41 thousand crowns in the year.',
      ),
    };
    const { conflicts, headline } = asked(texts, 'How much is the rent of the berth?');
    expect(conflicts).toEqual([]);
    expect(headline).toBe('3,200 crowns');
  });
});

describe('a move', () => {
  const surveys = {
    'Pile survey 2019.txt': paragraphs('Survey of the piles 2019', 'Of the piles examined, 31 are rotten. The worst is pile 88.'), // prettier-ignore
    'Pile survey 2024.txt': paragraphs('Survey of the piles 2024', 'Of the piles examined, 52 are rotten. The worst is pile 91.'), // prettier-ignore
  };

  test('is between a year and the last before it that is told of', () => {
    expect(asked(surveys, 'How many more piles were rotten in 2024?').headline).toMatch(/^Up by 21/);
  });

  test('since a year is from what held then', () => {
    expect(asked(SUPPLY, 'By how much has the price of a tonne risen since 2023?').headline).toMatch(/^Up by 5 crowns/);
  });

  test('asked for whatever the verb is worked out', () => {
    const motors = {
      'Crane manual 2019.txt': paragraphs('Crane manual, edition of May 2019', 'The motor has 45 kilowatts.'),
      'Crane manual 2023.txt': paragraphs('Crane manual, edition of February 2023', 'The motor has 55 kilowatts.'),
    };
    expect(asked(motors, 'By how many kilowatts is the motor stronger?').headline).toMatch(/^Up by 10\b/);
  });

  test('is not told the wrong way round where nothing tells which document is later', () => {
    const undated = {
      'Notice A.txt': paragraphs('Notice on the landing', 'The fee for the landing is 5 crowns.'),
      'Notice B.txt': paragraphs('Second notice on the landing', 'The fee for the landing is 7 crowns.'),
    };
    expect(asked(undated, 'By how much did the fee for the landing rise?').calculations).toEqual([]);
  });

  test('is told by the years of Japanese eras', () => {
    const reports = {
      '年報令和4年.txt': paragraphs('潮見漁港年報（令和4年）', '令和4年の水揚げ金額は31億円であった。'),
      '年報令和5年.txt': paragraphs('潮見漁港年報（令和5年）', '令和5年の水揚げ金額は33億円であった。'),
    };
    expect(asked(reports, '水揚げ金額はいくら増えましたか。', 'ja').headline).toMatch(/の増加/);
  });

  test('of an average is not told by the sum', () => {
    const table = {
      'Results.txt': [
        'Results (in thousands of crowns)',
        '',
        'Item          2024     2023',
        'Fares       12,480   11,460',
        'Fuel         3,150    3,310',
        '',
        'The average fare was 1.73 crowns (2023: 1.68 crowns).',
      ].join('\n'),
    };
    expect(asked(table, 'By how much did the average fare rise?').headline).not.toMatch(/1,020/);
  });
});

describe('a clause after a change', () => {
  const rules = {
    'Rules of the market.txt': paragraphs(
      'Rules of the market',
      'Issued on 12 April 2016.',
      'Article 7 Fines',
      '1. Breaches are punished by a fine of between 20 and 150 crowns.',
      'Article 8 Term',
      '1. The term of the market runs for ten years from 1 July 2016.',
      'Article 9 Leaving',
      '1. Whoever leaves gives notice of three months.',
    ),
    'Amending rules.txt': paragraphs(
      'Amendment of the rules of the market of 12 April 2016',
      '1. In Article 7(1) the figures 20 and 150 are raised to 30 and 250.',
      '2. The term under Article 8(1) is extended to 31 December 2030.',
      '3. In Article 9(1) three months give way to six weeks.',
    ),
  };

  test.each([
    ['What is the highest fine?', /^250 crowns \(amended/],
    ['Until when does the term of the market run?', /31 December 2030.*\(amended/],
    ['What notice does one give to leave?', /^six weeks \(amended/],
  ])('holds the values put in, and no end of a term for its beginning: %s', (question, told) => {
    expect(asked(rules, question).lines?.[0]).toMatch(told);
  });
});
