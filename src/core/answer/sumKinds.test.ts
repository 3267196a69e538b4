import { describe, expect, test } from '@jest/globals';
import { asksPrice, tellsNoUnit, tellsOtherSum, tellsOtherTime, tellsSumOfAll } from './sumKinds';

describe('a sum of money is of some kind', () => {
  test.each([
    ['What does the chair earn?', 'A profit before tax of 2.2 million crowns is foreseen.', true],
    ['What does the chair earn?', 'The chair is paid a salary of 90,000 crowns.', false],
    ['What does the chair earn?', 'The chair receives 90,000 crowns.', false],
    ['What does a locker cost?', 'The town is liable for valuables in lockers up to 250 crowns.', true],
    ['Was kostet ein Schließfach?', 'Für Wertsachen in Schließfächern haftet sie bis 250 Kronen.', true],
    ['Was kostet ein Schließfach?', 'Ein Schließfach wird gegen 2 Kronen geöffnet.', false],
    ['What dividend is proposed?', 'The company earned revenue of 10.6 million crowns.', true],
    ['How high is the fine?', 'Whoever does so pays 300 crowns.', false],
    ['違約金はいくらですか。', '保証金は250,000円とする。', true],
    ['What is the commission on sales?', 'The agent earns a commission of 7.5 per cent on the price.', false],
    ['How deep is the harbour?', 'A deposit of 20 crowns is paid.', false],
  ])('%s “%s”', (asked, told, other) => {
    expect(tellsOtherSum(asked, told)).toBe(other);
  });

  test('a price is what may be told by sums of several kinds', () => {
    expect(asksPrice('What did the coach cost?')).toBe(true);
    expect(asksPrice('What dividend is proposed?')).toBe(false);
  });
});

test.each([
  ['What does a ticket cost?', 'Ticket sales made up 7.1 million of this.', true],
  ['What does a ticket cost?', 'A ticket to Carrick costs 9 crowns.', false],
  ['What does a new ferry cost?', 'A ferry costs 40 million crowns.', false],
])('“%s” is not told by what all brought, “%s”: %s', (asked, told, all) => {
  expect(tellsSumOfAll(asked, told)).toBe(all);
});

describe('the price of a unit', () => {
  test.each([
    ['What is the rent per square metre?', 'Rent of the boathouse 16,800 crowns', true],
    ['What is the rent per square metre?', 'The rent is 45 crowns a m² and year.', false],
    ['How high are the dues per metre?', 'The dues are 4 crowns for each metre of length.', false],
    ['How high are the dues per metre?', 'The dues are 400 crowns a year.', true],
    ['Was kostet die Arbeit je Stunde?', 'Die Arbeit kostet 900 Kronen.', true],
    ['1時間当たりの料金はいくらですか。', '料金は1日4,500円とする。', true],
    ['What is the rent per year?', 'The rent is 900 crowns.', false],
  ])('%s “%s”', (asked, told, none) => {
    expect(tellsNoUnit(asked, told)).toBe(none);
  });
});

describe('the time that a sum is told for', () => {
  test.each([
    ['Wie viel kostet die Wartung jährlich?', 'Einsätze kosten 112 Kronen je Stunde.', true],
    ['Wie viel kostet die Wartung jährlich?', 'Die Jahrespauschale beträgt 46.800 Kronen.', false],
    ['What does the ship cost a day?', 'Hire is 11,800 crowns a day.', false],
    ['What does the ship cost a year?', 'Hire is 11,800 crowns a day.', true],
    ['What does the ship cost?', 'Hire is 11,800 crowns a day.', false],
  ])('%s “%s”', (asked, told, other) => {
    expect(tellsOtherTime(asked, told)).toBe(other);
  });
});
