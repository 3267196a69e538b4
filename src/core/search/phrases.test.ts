import { describe, expect, test } from '@jest/globals';
import { Neighbours } from './neighbours';
import { phrasesIn } from './phrases';

const neighbours = new Neighbours('', 'lay_off furlough:50\nfall_in collaps:60\n');

function said(text: string): Record<string, string[]> {
  return Object.fromEntries(
    phrasesIn(text, neighbours).map(({ verb, particle, equivalents }) => [
      `${verb} ${particle}`,
      equivalents.map((one) => one.term),
    ]),
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

  test('are none where no word says the same', () => {
    expect(said('Is the quay swept out?')).toEqual({});
  });
});
