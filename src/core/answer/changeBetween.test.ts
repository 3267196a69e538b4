import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import type { Language } from '../text';
import { askBuiltIn } from './ask';
import { asksChange, asksSizeOfMove } from './moves';
import type { Answer } from './types';

const report = (year: number, members: string, spectators: string, days: string): string =>
  [
    `Report for ${year}`,
    '',
    `At the end of ${year} the club had ${members} members, of whom 96 were under eighteen.`,
    '',
    `The boathouse was open on ${days} days.`,
    '',
    `The autumn regatta drew ${spectators} spectators.`,
  ].join('\n');

const REPORTS = {
  'Report 2024.txt': report(2024, '412', '1,150', '301'),
  'Report 2025.txt': report(2025, '447', '1,420', '288'),
};

function ask(question: string, texts: Readonly<Record<string, string>> = REPORTS, language: Language = 'en'): Answer {
  const library = libraryOfTexts(texts, language);
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

describe('a change between the sentences of two documents', () => {
  test.each([
    ['By how many did the number of members grow in 2025?', '447 − 412 = 35'],
    ['How many more spectators came to the autumn regatta in 2025 than in 2024?', '1,420 − 1,150 = 270'],
    ['How many fewer days was the boathouse open in 2025 than in 2024?', '288 − 301 = −13'],
  ])('is worked out: “%s”', (question, working) => {
    expect(ask(question).calculations.map((one) => one.working.split(';')[0])).toEqual([working]);
  });

  test('quotes both, each exact on its page', () => {
    const { claims, lines } = ask('How many more spectators came to the autumn regatta in 2025 than in 2024?');
    expect(lines).toEqual(['Up by 270 (23.5 %)', 'from 1,150 (2024) to 1,420 (2025)']);
    expect(claims.flatMap(({ citations }) => citations.map((one) => [one.sourceName, one.mark]))).toEqual([
      ['Report 2025.txt', 'exact'],
      ['Report 2024.txt', 'exact'],
    ]);
  });

  test.each([
    ['How many more spectators came to the autumn regatta than before?', '1,420 − 1,150 = 270'],
    ['By how many did the number of members grow?', '447 − 412 = 35'],
  ])('is between the two latest where no year is named: “%s”', (question, working) => {
    expect(ask(question).calculations.map((one) => one.working.split(';')[0])).toEqual([working]);
  });

  test('is between the quarters of a table where no length of period is named', () => {
    const table = [
      'Statement',
      '',
      'Key figures of the quarter, thousand crowns',
      '',
      'Item            2025      2024',
      'Repairs          990     1,310',
      'Wages          4,020     3,870',
      '',
    ].join('\n');
    expect(ask('By how much did repairs fall?', { 'Statement.txt': table }).calculations[0]?.working).toMatch(/^990 − 1,310 = −320/); // prettier-ignore
  });

  test('is of amended clauses, in German by what percentage too', () => {
    const texts = {
      'Werkvertrag.txt': 'Werkvertrag vom 1. Mai 2023\n\n§ 3 Vergütung\n\n(1) Die Pauschale beträgt 200.000 Kronen.',
      'Nachtrag.txt': 'Nachtrag zum Werkvertrag vom 1. Mai 2023\n\n1. Die Pauschale (§ 3 Absatz 1) wird auf 210.000 Kronen erhöht.', // prettier-ignore
    };
    expect(ask('Um wie viel Prozent stieg die Pauschale?', texts, 'de').headline).toMatch(/\(5,0 %\)/);
  });

  test('is within a sentence that tells the year before in brackets', () => {
    const texts = { 'Report 2024.txt': 'Report for 2024\n\nThe average workforce was 96 (2023: 101).' };
    expect(ask('By how many did the average number of staff change?', texts).calculations[0]?.working).toMatch(/^96 − 101 = −5/); // prettier-ignore
  });

  test.each([
    ['Revenue was 12.4 million crowns (2023: 11.9 million).', 'By how much did revenue grow?', /^12.4 − 11.9 = 0.5/],
    ['Punctuality improved: 94.2 per cent of departures were on time against 91.7 per cent.', 'By how many percentage points did punctuality improve?', /^94.2 − 91.7 = 2.5/], // prettier-ignore
    ['Operating costs rose from 9.8 to 10.1 million crowns.', 'By how much did operating costs rise?', /^10.1 − 9.8 = 0.3/], // prettier-ignore
  ])('is within a sentence that leaves out what both figures share: “%s”', (text, question, working) => {
    const answer = ask(question, { 'Results 2024.txt': `Results for 2024\n\n${text}` });
    expect(answer.calculations[0]?.working).toMatch(working);
  });

  test('is none within one document that names no year, nor of what both tell alike', () => {
    expect(ask('By how many did the number of members grow?', { 'Report 2025.txt': REPORTS['Report 2025.txt'] }).calculations).toEqual([]); // prettier-ignore
    const same = { ...REPORTS, 'Report 2024.txt': report(2024, '447', '1,150', '301') };
    expect(ask('By how many did the number of members grow?', same).calculations).toEqual([]);
  });

  test('is worked out between tables that each tell of one year', () => {
    const results = (year: number, west: string, steps: string): string =>
      [
        `Water quality ${year}`,
        '',
        'Results (in mg/l)',
        '',
        'Place            Nitrate    Oxygen',
        `West beach           ${west}       8.4`,
        `Town steps           ${steps}       7.2`,
      ].join('\n');
    const texts = { 'Water 2022.txt': results(2022, '3.1', '4.6'), 'Water 2024.txt': results(2024, '2.7', '4.1') };
    expect(
      ask('By how much did nitrate at West beach fall from 2022 to 2024?', texts).calculations[0]?.working,
    ).toMatch(/^2\.7 − 3\.1 = −0\.4/);
  });

  test('is found within one sentence that tells both years', () => {
    const texts = { 'Review.txt': 'Review\n\nThe ferry carried 3,420 cars in 2025 against 3,180 cars in 2024.' };
    expect(ask('By how much did the number of cars carried rise in 2025?', texts).headline).toMatch(/^Up by 240/);
  });

  test('is none where nothing is told of one of the years', () => {
    expect(ask('How many more spectators came to the autumn regatta in 2024 than in 2023?').calculations).toEqual([]);
  });

  test('is that of what one document makes of another where no year is named', () => {
    const texts = {
      'Agreement.txt': 'Agreement of 3 March 2022\n\n3.1 The monthly fee is 3,400 crowns.',
      'Amendment.txt':
        'Amendment\n\nThe agreement of 3 March 2022 is amended.\n\n1. In clause 3.1 “3,400 crowns” is replaced by “2,900 crowns”.',
    };
    expect(ask('By how much has the monthly fee fallen?', texts).lines).toEqual([
      'Down by 500 crowns (14.7 %)',
      'from 3,400 crowns (Agreement) to 2,900 crowns (Amendment)',
    ]);
    expect(ask('What is the monthly fee?', texts).calculations).toEqual([]);
  });

  test.each([
    ['By how much did operating profit rise in 2025?', '1.89 − 1.62 = 0.27'],
    ['By how much did costs fall in 2025?', '4.1 − 4.4 = −0.3'],
    ['By how much did staff costs rise in 2025?', '428,500 − 412,000 = 16,500'],
  ])('takes what is said of the year before: “%s”', (question, working) => {
    const texts = {
      'Review 2024.txt': 'Review 2024\n\nStaff costs were 412,000 crowns and new books cost 61,500 crowns.',
      'Review 2025.txt': [
        'Review 2025',
        'Operating profit came to 1.89 million crowns, compared with 1.62 million crowns in the year before.',
        'Costs fell from 4.4 million crowns to 4.1 million crowns.',
        'Staff costs were 428,500 crowns and new books cost 58,200 crowns.',
      ].join('\n\n'),
    };
    expect(ask(question, texts).calculations.map((one) => one.working.split(';')[0])).toEqual([working]);
  });

  test('is none between sentences of different things', () => {
    const texts = {
      'Policy.txt': 'Policy of 2023\n\nThe premium is 6,200 crowns a year.',
      'Endorsement.txt': 'Endorsement of 2024\n\nThe sum insured for each voyage is 500,000 crowns.',
    };
    expect(ask('By how much did the premium go up?', texts).calculations).toEqual([]);
  });

  test('is told in the language of the figures', () => {
    const texts = {
      'Bericht 2023.txt': 'Bericht 2023\n\nIm Jahr 2023 wurden 2.148 Gegenstände abgegeben.',
      'Bericht 2024.txt': 'Bericht 2024\n\nIm Jahr 2024 wurden 2.391 Gegenstände abgegeben.',
    };
    expect(ask('Um wie viel stieg die Zahl der abgegebenen Gegenstände 2024?', texts, 'de').lines).toEqual([
      'Um 243 (11,3 %) gestiegen',
      'von 2.148 (2023) auf 2.391 (2024)',
    ]);
  });
});

describe('a figure of the year that is asked', () => {
  test('is that of the report of that year, and no conflict with another year’s', () => {
    const { headline, conflicts } = ask('How many spectators did the autumn regatta draw in 2024?');
    expect([headline, conflicts]).toEqual(['1,150', []]);
  });
});

describe('two editions that differ', () => {
  const edition = (weeks: string, wear: string): string =>
    `Manual\n\nGrease the drum bearings every ${weeks}.\n\nCheck the lining and renew it when it is thinner than ${wear} millimetres.`;
  const editions = {
    'Manual, edition 3, 2022.txt': edition('two weeks', '4'),
    'Manual, edition 4, 2025.txt': edition('week', '5'),
  };

  test.each([
    ['How often must the drum bearings be greased?', ['every week', 'every two weeks']],
    ['What happens to a lining that is thinner?', ['Check the lining and renew it when it is thinner than 5', 'Check the lining and renew it when it is thinner than 4']], // prettier-ignore
  ])('are both told: “%s”', (question, said) => {
    const { lines, conflicts } = ask(question, editions);
    expect(conflicts).toEqual([[0, 1]]);
    expect(lines?.map((line, at) => line.startsWith(said[at] as string))).toEqual([true, true]);
  });
});

describe('words that ask for a move', () => {
  test.each([
    ['How many fewer days was it open in 2025?', true, true],
    ['Um wie viel ist die Miete gestiegen?', true, true],
    ['使用料はいくら上がりましたか。', true, true],
    ['Must more than 20 crowns be paid?', false, false],
    ['Was revenue higher in 2025?', true, false],
    ['What is the rent?', false, false],
  ])('%s', (question, change, size) => {
    expect([asksChange(question), asksSizeOfMove(question)]).toEqual([change, size]);
  });
});
