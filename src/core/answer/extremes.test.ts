import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '.';

const library = libraryOfTexts({
  'water.txt': [
    'Water at the bathing places',
    '',
    'The stair at the mill was shut for three days.',
    '',
    'Table 1: Results of the samples',
    '',
    'Place               Nitrate      Oxygen',
    'West beach              2.7         8.9',
    'Mill stair              4.1         7.5',
    'Carrick pool            1.9         9.3',
    'Total                   8.7        25.7',
    '',
    'Table 2: Visitors in the summer',
    '',
    '                       2023        2024',
    'Visitors             12,400      11,900',
    'Lessons                 310         325',
  ].join('\n'),
  'segments.txt': [
    'Half-year report of the harbour company',
    '',
    'Table 1: Results by segment',
    '',
    '                         Ferries    Freight    Group',
    'Segment revenue              410        905     1315',
    'Segment profit                62         48      110',
  ].join('\n'),
});
const ask = (question: string) => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });

describe('which of several is at the end', () => {
  test.each([
    ['Which place had the least nitrate?', 'Carrick pool: 1.9'],
    ['Where was the nitrate highest?', 'Mill stair: 4.1'],
    ['Which place had the most oxygen?', 'Carrick pool: 9.3'],
    ['In which year were visitors fewest?', '2024: 11,900'],
    ['Which segment had the highest profit?', 'Ferries: 62'],
    ['Which segment had the highest revenue?', 'Freight: 905'],
  ])('“%s” is told by the figures of a table, no total among them', (question, headline) => {
    expect(ask(question).headline).toBe(headline);
  });

  test('a year is looked for in all documents that tell the same', () => {
    const year = (name: string, at: number, figures: string) =>
      [
        name,
        '',
        `Table 1: Accounts in crowns`,
        '',
        `                  ${at}        ${at - 1}`,
        `Revenue        ${figures}`,
        'Wages             900         800',
      ].join('\n');
    const held = libraryOfTexts({
      'a.txt': year('First', 2024, '2,100       1,900'),
      'b.txt': year('Second', 2025, '2,400       2,100'),
    });
    const answer = askBuiltIn('In which year was revenue highest?', held.sources(), held.quotes, { now: () => 0 });
    expect(answer.headline).toContain('2025: 2,400');
  });

  test('the figures it is set against stand beside it, all as printed', () => {
    const { claims } = ask('Which place had the least nitrate?');
    expect(claims.map(({ text }) => text.split(/\s+\d/)[0])).toEqual(['Carrick pool', 'West beach', 'Mill stair']);
    expect(claims.every(({ citations }) => citations[0]?.mark === 'exact')).toBe(true);
  });

  test('is told by no table of something else, nor where it is asked how much at most', () => {
    expect(ask('Which lifeguard had the highest wages?').headline).toBeNull();
    expect(ask('What is the highest fine?').headline).toBeNull();
  });
});
