import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '.';

const library = libraryOfTexts({
  'fleet.txt': [
    'Fleet data sheet',
    '',
    'Table 1: Vessels of the port',
    '',
    'Vessel          Built    Length (m)    Draught (m)    Crew',
    'Bracken          2009          28.4            4.1       5',
    'Gorse            2017          24.0            3.6       4',
    'Heather          1998          31.2            4.8       6',
    'Juniper          2023          22.5            3.2       3',
    '',
    'Table 2: Passengers by route, in thousands',
    '',
    'Route             2024        2025',
    'Skerrow            212         231',
    'Great Holm         158         149',
    'Little Holm         42          57',
    'Total              412         437',
    '',
    'Table 3: Crossings',
    '',
    'Route          Distance (km)    Time (minutes)    Operated by',
    'Skerrow                   18                45    Sound Ferries',
    'Great Holm                 6                20    Town council',
    '',
    'Table 4: Speed near the bed (m/s)',
    '',
    'Manoeuvre            Mean     Maximum      Number',
    'Arrival               0.9         1.8         412',
    'Departure             1.4         2.9         409',
  ].join('\n'),
  'years.txt': [
    'The port in figures',
    '',
    'Table 1: Traffic',
    '',
    'Year      Passengers     Vehicles     Equity ratio (%)',
    '2023       1,204,310      310,220                 41.2',
    '2024       1,310,442      322,918                 42.0',
    '2025       1,288,705      335,004                 43.5',
  ].join('\n'),
  'marina.txt': [
    'Marina price list',
    '',
    'Prices are in crowns and hold from March.',
    '',
    'Table 1: Services',
    '',
    'Service          Summer      Winter',
    'Shower                2           3',
    'Launderette           6           5',
  ].join('\n'),
});
const ask = (question: string, of: string) =>
  askBuiltIn(question, library.sources([of]), library.quotes, { now: () => 0 });

describe('what the columns of a table tell', () => {
  test.each([
    ['How deep does Gorse lie?', /^3\.6/],
    ['How long is Juniper?', /^22\.5/],
    ['How many crew does Heather need?', /^6/],
    ['How long does the crossing to Skerrow take?', /^45/],
    ['Who operates Great Holm?', /^Town council$/],
    ['How many departures were recorded?', /^409/],
  ])('“%s” is told by the cell of its row and column', (question, headline) => {
    const answer = ask(question, 'fleet.txt');
    expect(answer.headline).toMatch(headline);
    expect(answer.claims[0]?.citations[0]?.mark).toBe('exact');
  });

  test.each([
    ['Which vessel is the oldest?', 'Heather: 1998'],
    ['Which vessel is the newest?', 'Juniper: 2023'],
    ['What is the shortest vessel?', 'Juniper: 22.5 m'],
    ['What is the greatest draught?', 'Heather: 4.8 m'],
    ['Which vessel has the smallest crew?', 'Juniper: 3'],
    ['Which route is the farthest?', 'Skerrow: 18 km'],
    ['Which crossing takes the most minutes?', 'Skerrow: 45 minutes'],
  ])('“%s” is told by the end of its column', (question, headline) => {
    expect(ask(question, 'fleet.txt').headline).toBe(headline);
  });

  test.each([
    ['Which vessels are longer than 25 metres?', 'Bracken; Heather'],
    ['How many vessels are longer than 23 metres?', '3: Bracken; Gorse; Heather'],
    ['Which vessels were built after 2010?', 'Gorse; Juniper'],
    ['Which routes carried more than 150 thousand passengers?', 'Skerrow'],
  ])('“%s” is told by the rows beyond the figure', (question, headline) => {
    expect(ask(question, 'fleet.txt').headline).toBe(headline);
  });

  test.each([
    ['Which routes grew?', 'Skerrow: up by 19 thousand (9.0 %); Little Holm: up by 15 thousand (35.7 %)'],
    ['Which route lost passengers?', 'Great Holm: down by 9 thousand (5.7 %)'],
    ['Which route grew the most?', 'Skerrow: up by 19 thousand (9.0 %)'],
  ])('“%s” is told by two periods of each row, with the calculation', (question, headline) => {
    const answer = ask(question, 'fleet.txt');
    expect(answer.headline).toBe(headline);
    expect(answer.calculations).toHaveLength(headline.split(';').length);
    expect(answer.claims.every(({ citations }) => citations.every(({ mark }) => mark === 'exact'))).toBe(true);
  });

  test('what a further part asks of “it” is asked of the one that was found', () => {
    const { lines } = ask('Which vessel is the oldest, and how deep does it lie?', 'fleet.txt');
    expect(lines?.map((line) => line.replace(/ \(.*/, ''))).toEqual(['Heather: 1998', '4.8 m']);
  });

  test.each([
    ['How many vehicles were there?', /^335,004/],
    ['What is the equity ratio?', /^43\.5/],
    ['What was the equity ratio in the previous year?', /^42\.0/],
    ['How many passengers were there in 2023?', /^1,204,310/],
  ])('“%s” is told by the row of the year that is meant', (question, headline) => {
    expect(ask(question, 'years.txt').headline).toMatch(headline);
  });

  test('all together is told by the row that sums up', () => {
    expect(ask('How many passengers were carried in all in 2024?', 'fleet.txt').headline).toMatch(/^412/);
  });

  test('prices need no currency in their cells where the document says it once', () => {
    expect(ask('What does a shower cost in summer?', 'marina.txt').headline).toMatch(/^2/);
  });

  test('what no column tells is told by no other', () => {
    expect(ask('Which vessel is the fastest?', 'fleet.txt').headline).toBeNull();
    expect(askBuiltIn('Which vessel is the fastest?', library.sources(), library.quotes, { now: () => 0 }).headline).toBeNull(); // prettier-ignore
    expect(ask('What did Juniper cost?', 'fleet.txt').headline).toBeNull();
    expect(ask('Which vessels are heavier than 50 tonnes?', 'fleet.txt').headline).toBeNull();
  });
});
