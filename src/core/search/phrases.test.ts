import { describe, expect, test } from '@jest/globals';
import { Neighbours } from './neighbours';
import { phrasesIn } from './phrases';

const neighbours = new Neighbours('', { en: 'lay_off furlough:50\nfall_in collaps:60\n' });

function said(text: string): Record<string, string[]> {
  return Object.fromEntries(
    phrasesIn(text, neighbours).map(({ terms, equivalents }) => [terms.join(' '), equivalents.map((one) => one.term)]),
  );
}

describe('verbs with a particle', () => {
  test('are known in the forms of the verb, also with its object between', () => {
    expect(said('When is the deposit given back?')['given back']).toEqual(
      expect.arrayContaining(['return', 'repay', 'repaid', 'refund', 'restor']),
    );
    expect(said('Who must hand the keys over?')['hand over']).toContain('surrend');
    expect(said('May staff be laid off?')['laid off']).toContain('furlough');
  });

  test('end with a preposition only where nothing follows that it belongs to', () => {
    expect(said('When may the owner come in?')).toHaveProperty(['come in']);
    expect(said('What explains the fall in phosphorus?')).toEqual({});
    expect(said('How many hives must be looked at by the inspector?')).toHaveProperty(['look at']);
  });

  test('are set phrases, too', () => {
    expect(said('How is a tug told apart from a launch?')['told apart']).toContain('distinguish');
    expect(said('What happens to lines that are not there?')['not there']).toContain('exist');
  });

  test('are none where no word says the same', () => {
    expect(said('Is the quay swept out?')).toEqual({});
  });
});

describe('set phrases', () => {
  test('stand for the one word that documents have', () => {
    expect(said('Can two clerks change an entry at the same time?')['at the same time']).toContain('concurr');
    expect(said('Within what time must a fault be put right?')['put right']).toEqual(
      expect.arrayContaining(['cure', 'remedi', 'rectifi']),
    );
  });

  test('are words in a row, no others', () => {
    expect(said('Is the right put in writing?')).toEqual({});
  });
});
