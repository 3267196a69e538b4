import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { gatherEvidence } from './evidence';
import { seek } from './seek';
import type { Answer } from './types';

const RULES = [
  'Rules of the society',
  '',
  '1. Members may',
  '',
  '   2. propose motions; 3. stand as chair; 4. vote on motions.',
  '',
  'The society has 212 members and meets in three rooms. A motion needs the support of 2K members, as told in §A.1.4.',
  '',
  'The chair serves for one year from election. The election begins six weeks before the chair falls vacant.',
  '',
  'A candidate for the chair must be at least thirty years of age and file a paper within four weeks.',
  '',
  'The number of a boat is painted on her bow in white. It must begin with a letter of the alphabet.',
  '',
  'The voting time may be varied by up to four days by the chair.',
  '',
  'If there is no chair, the secretary shall substitute for the chair. The chair may not set the fee of the society.',
  '',
  'The clerk answers calls at 10.0.2.7 by radio. The pier was repaired by volunteers of the village.',
  '',
  'Notices go to the clerk at clerk@society.test and are pinned up. Letters about the rooms are kept in the safe.',
].join('\n');

const library = libraryOfTexts({ Rules: RULES });

function ask(question: string): Answer {
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

describe('what a figure measures', () => {
  test('a part of an address is no number', () => {
    expect(ask('How many calls does the clerk answer by radio?').found).toBe(false);
  });

  test('who holds an office is not answered without a name, in German too', () => {
    const verein = libraryOfTexts({ Satzung: 'Satzung\n\nDer Verein verpachtet 84 Gärten an seine Mitglieder.' }, 'de');
    const told = askBuiltIn('Wer ist Vorsitzender des Vereins?', verein.sources(), verein.quotes, { now: () => 0 });
    expect(told.found).toBe(false);
  });

  test('what something is called is not answered without a name', () => {
    expect(ask('What is the name of the boat?').found).toBe(false);
  });

  test('what happened on a day is not answered without one', () => {
    expect(ask('When was the pier repaired by volunteers?').found).toBe(false);
    expect(ask('Who repaired the pier?').found).toBe(true);
  });

  test('a number or address to reach somebody by looks like one', () => {
    expect(ask('What is the telephone number of the clerk?').found).toBe(false);
    expect(ask('What is the e-mail address of the clerk?').claims[0]?.text).toContain('clerk@society.test');
  });

  test('the pages of another book are no fact of the file', () => {
    expect(ask('How many pages do the rules have?').headline).toMatch(/page/);
    expect(ask('How many pages does the yearbook of rowing have?').headline ?? '').not.toMatch(/\bpages?\b/);
  });

  test('a count is of what is asked for', () => {
    expect(ask('How many members does the society have?').headline).toContain('212');
  });

  test('marks of a list, factors and clauses count nothing', () => {
    expect(ask('How many motions may a chair propose?').headline ?? '').not.toMatch(/^(?:[1-4]|1\.4)\b/);
  });

  test('an age is a number of years', () => {
    expect(ask('How old must a candidate be?').headline).toContain('thirty years');
  });

  test('a size of step may be a time', () => {
    expect(ask('By how much may the chair vary the voting time?').headline).toContain('four days');
  });

  test('a day may be told by its distance from another', () => {
    expect(ask('When does the election begin?').headline).toContain('six weeks before');
  });

  test('an address is one to write to', () => {
    expect(ask('To which address do notices go?').claims[0]?.text).toContain('clerk@society.test');
  });
});

describe('a sentence', () => {
  test('that takes up the one before is read with it', () => {
    const { hits, question } = seek('What must the number of a boat begin with?', library.sources());
    const evidence = gatherEvidence(library.sources(), hits, question);
    const taken = evidence.find(({ text }) => text.startsWith('It must begin'));
    expect(taken?.features.led).toBe(1);
    expect(taken?.features.covered).toBeLessThan(0.7);
  });
});
