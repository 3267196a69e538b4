import { describe, expect, test } from '@jest/globals';
import { isSentence, isSetting, looksLikeTitle, runInTitle, titleOf } from './titles';

describe('a title', () => {
  test.each(['Fees and charges', 'Allgemeine Pflichten', 'Liability.', 'Notes:'])('is known: %s', (text) => {
    expect(looksLikeTitle(text)).toBe(true);
  });

  test.each([
    'Nebenkosten. Wasser und Müllabfuhr trägt die Pächterin',
    'Orders. The supplier shall deliver whatever the buyer orders',
    'The tenant shall pay the',
    'the fee, which is due,',
    '1,234',
  ])('is no line that goes on or says something: %s', (text) => {
    expect(looksLikeTitle(text)).toBe(false);
  });

  test('is told from a setting and a formula by its sign of equality', () => {
    expect(['LIMIT="5"', 'D1 = 5, D2 = 0'].map(isSetting)).toEqual([true, true]);
    expect(['Makefile (v=1.0)', 'Licence ====='].map(isSetting)).toEqual([false, false]);
  });

  test('is told without the dots and the page that a table of contents leads to', () => {
    expect(titleOf('Fees  and charges ........ 12')).toBe('Fees and charges');
    expect(titleOf('Fees and charges …… 12')).toBe('Fees and charges');
  });

  test('keeps a number that belongs to it', () => {
    expect(titleOf('Fare tariff valid from 1 April 2025')).toBe('Fare tariff valid from 1 April 2025');
    expect(titleOf('Addendum no. 1')).toBe('Addendum no. 1');
    expect(titleOf('Liability.')).toBe('Liability');
  });

  test('runs in with the text of its clause', () => {
    expect(runInTitle('Orders. The Supplier shall deliver.')).toBe('Orders');
    expect(runInTitle('The Supplier shall deliver. It pays.')).toBeNull();
  });

  test('is no numbered line that says something or leans on the next', () => {
    expect(isSentence('The tenant pays the rent in time.')).toBe(true);
    expect(isSentence('Pilots retire at 65.')).toBe(true);
    expect(isSentence('Press TRANSMIT.')).toBe(true);
    expect(isSentence('Die Absaugung einschalten.')).toBe(true);
    expect(isSentence('Surveyor: Ilse Brandt.')).toBe(true);
    expect(isSentence('The Inspectorate grants permits.')).toBe(true);
    expect(isSentence('The rights of members.')).toBe(false);
    expect(isSentence('Scope of application.')).toBe(false);
    expect(isSentence('Schedule 2.')).toBe(false);
    expect(isSentence('Payment that falls due under')).toBe(true);
    expect(isSentence('What happens if the rent is not paid in time?')).toBe(false);
    expect(isSentence('Fees and charges')).toBe(false);
    expect(isSentence('The flue gas leaves at 180 to 230 degrees. A higher')).toBe(true);
    expect(isSentence('Fire and Rescue. General Provisions of the Port')).toBe(false);
  });
});
