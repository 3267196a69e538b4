import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { leadingOf } from './builtIn';
import { seek } from './seek';
import { speaksOfElse } from './speaksOfElse';
import type { Answer } from './types';

const CONTRACT = [
  'Contract for the mole',
  '',
  '1. The Harbour Board orders a mole from Strand Works Limited. Work is suspended while a ship is within one cable of the dredger.',
  '',
  '2. The dredger may not be left without a watchman, who is paid 11 crowns an hour. The committee of the Board has five members.',
  '',
  '3. A master who overloads his ship pays a fine of 300 crowns. The copies of the plans are handed out free of charge.',
  '',
  '4. Plans are lent for two days. Plans lie in the store, which is kept at 18 degrees. The tug Redshank lies beside the dredger Heron in the outer basin.',
  '',
  '5. A child under two years of age is no passenger; a master is none either. The minimum age of a watchman is 21 years.',
  '',
  '6. The pump stands beside the watchman’s hut. The maker mends faulty parts free of charge.',
].join('\n');

const library = libraryOfTexts({ Contract: CONTRACT });
const ask = (question: string): Answer => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });

describe('what speaks of something else is no answer', () => {
  test('the fine of another deed', () => {
    expect(ask('What is the fine for overloading a ship?').headline).toContain('300');
    expect(ask('What is the fine for smoking on board a ship?').found).toBe(false);
  });

  test('the wages of somebody else', () => {
    expect(ask('What does the watchman earn?').headline).toContain('11 crowns');
    expect(ask('What does the bosun earn?').found).toBe(false);
  });

  test('days, where hours are asked for', () => {
    const ofElse = (asked: string): boolean => {
      const sought = seek(asked, library.sources());
      const told = leadingOf(sought)?.able.find(({ text }) => text.includes('two days'));
      if (told === undefined) throw new Error('The sentence is not among the evidence.');
      return speaksOfElse(told, sought.question, sought.sources);
    };
    expect(ofElse('How many hours are plans lent for?')).toBe(true);
    expect(ofElse('How many days are plans lent for?')).toBe(false);
  });

  test('the members of another body', () => {
    expect(ask('How many members has the committee?').headline).toContain('five');
    expect(ask('How many members has Strand Works?').found).toBe(false);
  });

  test('a number of things where so many in a minute are asked for', () => {
    const manual = libraryOfTexts({
      Manual: 'The printer sets two pages on a sheet of paper.\n\nThe winch hauls 12 metres of rope in a minute.',
    });
    const told = (question: string) => askBuiltIn(question, manual.sources(), manual.quotes, { now: () => 0 });
    expect(told('How many pages does the printer set on a sheet?').headline).toContain('two');
    expect(told('How many pages does the printer set per minute?').found).toBe(false);
    expect(told('How many metres of rope does the winch haul per minute?').headline).toContain('12');
  });

  test('the years that rights are claimed since, where something else is dated', () => {
    const notice = libraryOfTexts({
      Notice: 'Copyright (c) 1991-1999 Ilse Brandt. The format was first published by the board.',
    });
    const told = (question: string) => askBuiltIn(question, notice.sources(), notice.quotes, { now: () => 0 });
    expect(told('In which year was the format first published?').headline ?? '').not.toMatch(/19\d\d/);
    expect(told('From which years is the copyright?').headline).toContain('1991');
  });

  test('the degrees of something whose size is asked', () => {
    expect(ask('How large is the store?').found).toBe(false);
    expect(ask('How warm is the store?').headline).toContain('18 degrees');
  });

  test('a price that is only told to be nothing, of something else', () => {
    expect(ask('What does the pump cost?').found).toBe(false);
    expect(ask('What do copies of the plans cost?').headline).toMatch(/free of charge/i);
  });

  test('the age of a child, of a master', () => {
    expect(ask('What is the minimum age of a watchman?').headline).toContain('21 years');
    expect(ask('What is the minimum age of a master?').headline ?? '').not.toContain('two years');
  });

  test('a thing that no name stands next to', () => {
    expect(ask('What is the name of the tug?').headline).toContain('Redshank');
    expect(ask('What is the name of the yacht?').found).toBe(false);
  });
});

test('whoever does it pays a fine', () => {
  const beach = libraryOfTexts({
    Beach:
      'Rules for the beach\n\n1. Whoever leaves litter on the beach pays 50 crowns.\n\n2. A hut costs 340 crowns for the season.',
  });
  const asked = (question: string): Answer => askBuiltIn(question, beach.sources(), beach.quotes, { now: () => 0 });
  expect(asked('What is the fine for leaving litter on the beach?').headline).toContain('50 crowns');
  expect(asked('What is the fine for smoking on the beach?').found).toBe(false);
});

describe('what nobody says', () => {
  const rules = [
    'Ordnung für den Strand',
    '',
    '(1) Am Strand darf gebadet werden. Hunde sind am Strand nicht erlaubt.',
    '',
    '(2) Diese Ordnung tritt am 1. Mai 2025 in Kraft. Der Eintritt kostet 3 Kronen am Tag.',
  ].join('\n');
  const german = libraryOfTexts({ Strand: rules });
  const frag = (question: string): Answer => askBuiltIn(question, german.sources(), german.quotes, { now: () => 0 });

  test('is not answered in German', () => {
    expect(frag('Sind Hunde am Strand erlaubt?').found).toBe(true);
    expect(frag('Darf man am Strand zelten?').found).toBe(false);
    expect(frag('Darf am Strand geangelt werden?').found).toBe(false);
    expect(frag('Gibt es am Strand Duschen?').found).toBe(false);
  });

  test('a sum “am Tag” is no hour of the clock', () => {
    expect(frag('Was kostet der Eintritt?').headline).toContain('3 Kronen');
  });

  test('what comes into force says since when it holds', () => {
    expect(frag('Seit wann gilt die Ordnung?').headline).toContain('1. Mai 2025');
  });
});

const HARBOUR = libraryOfTexts({
  Rules: [
    'Rules of the harbour',
    '',
    '1. Berth 4 is let for 900 crowns a month. Divers hold a certificate for depths to 50 metres.',
    '',
    '2. The survey of a crane costs 390 crowns. Profit before tax was 18,700 crowns. Four ferries were sold.',
    '',
    '3. Vehicles that run for more than three hours must carry a thermometer. Old vehicles need no thermometer until 2026.',
    '',
    '4. Only cereals are stored in the shed. Fishmeal may not be stored in the shed.',
    '',
    '5. Dredging is cheapest in winter. A person who keeps no log is fined 150 crowns.',
  ].join('\n'),
});
const inHarbour = (question: string): Answer =>
  askBuiltIn(question, HARBOUR.sources(), HARBOUR.quotes, { now: () => 0 });

describe('what is asked of a thing is told of it alone', () => {
  test('of the one that goes by the number', () => {
    expect(inHarbour('What is berth 4 let for?').headline).toContain('900');
    expect(inHarbour('How deep is the water at berth 9?').found).toBe(false);
  });

  test('of what costs something, and not of what costs beside it', () => {
    expect(inHarbour('What does the survey of a crane cost?').headline).toContain('390');
    expect(inHarbour('What does a crane cost?').found).toBe(false);
  });

  test('of how many are in the state that is asked about', () => {
    expect(inHarbour('How many ferries were sold?').headline).toMatch(/four/i);
    expect(inHarbour('How many ferries were late?').found).toBe(false);
  });

  test('of what is needed, and not of what is not', () => {
    expect(inHarbour('Which vehicles need a thermometer?').claims[0]?.text).toContain('more than three hours');
  });

  test('of what is forbidden', () => {
    expect(inHarbour('What may not be stored in the shed?').claims[0]?.text).toContain('Fishmeal');
  });

  test('of a company that is named', () => {
    expect(inHarbour('Which company does the dredging?').found).toBe(false);
  });

  test('of a deed that is done', () => {
    expect(inHarbour('What is the fine for driving too fast?').found).toBe(false);
  });
});
