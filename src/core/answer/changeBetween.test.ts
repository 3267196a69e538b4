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
