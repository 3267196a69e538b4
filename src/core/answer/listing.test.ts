import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { kindOf } from './kindOf';
import { DEFAULT_SETTINGS } from './settings';
import type { Answer } from './types';

const RULES = [
  'Harbour rules',
  '',
  'Article 1 Purpose',
  '',
  'This Regulation lays down how boats are kept in the harbour.',
  '',
  'Article 2 Scope',
  '',
  '1. It applies to every boat of more than four metres.',
  '',
  '2. It does not apply to:',
  '',
  '(a) boats of the navy;',
  '',
  '(b) boats that are being built; and',
  '',
  '(c) rafts.',
  '',
  'Article 3 Application for a mooring',
  '',
  '1. The owner sends a form to the harbour office not later than the first of March.',
  '',
  '2. The office shall answer in writing within three weeks of the day on which it comes.',
  '',
  '3. The mooring is marked once the fee is paid.',
  '',
  'Article 4 Duties of owners',
  '',
  '1. The owner shall insure the boat. The owner shall not live aboard.',
  '',
  '2. Every owner must keep the ropes in repair. The fee is worked out under Article 5.',
  '',
  'Article 5 Fees',
  '',
  'The yearly fee is nine crowns for each metre of the boat.',
  '',
  'Article 6 Closing',
  '',
  'The inner basin was closed in May because its wall had sunk. The inner basin has forty moorings.',
].join('\n');

const library = libraryOfTexts({ 'Harbour rules.txt': RULES });

function ask(question: string): Answer {
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });
}

const texts = (question: string): string[] => ask(question).claims.map((claim) => claim.text);

describe('a list', () => {
  test.each([
    ['Which boats are left out by the rules?', 'list'],
    ['To which boats do the rules not apply?', 'list'],
    ['To which boats does the regulation not apply?', 'list'],
    ['Within how many days does it end?', 'duration'],
    ['Which process is used?', 'passage'],
  ])('“%s” wants: %s', (question, kind) => {
    expect(kindOf(question)).toBe(kind);
  });

  test('is told with what announces it and all its items, in order, and nothing behind them', () => {
    expect(texts('To which boats do the rules not apply?')).toEqual([
      '2. It does not apply to:',
      '(a) boats of the navy;',
      '(b) boats that are being built; and',
      '(c) rafts.',
    ]);
  });

  test('of someone’s obligations holds each sentence that lays one on them', () => {
    const answer = ask('What are the obligations of the owner?');
    expect(answer.headline).toBe('3 obligations of the owner');
    expect(answer.claims.map((claim) => claim.text)).toEqual([
      '1. The owner shall insure the boat.',
      'The owner shall not live aboard.',
      '2. Every owner must keep the ropes in repair.',
    ]);
    expect(answer.claims.every((claim) => claim.citations[0]?.mark === 'exact')).toBe(true);
  });
});

const MANUAL = [
  'Rules of the workshop',
  '',
  'Article 1 About these rules',
  '',
  'These rules tell fitters how to change the oil and set up the press.',
  '',
  'Article 2 Changing the oil',
  '',
  'Run the ram down fully.',
  '',
  'Take out the plug and let the old oil run into a tray.',
  '',
  'Article 3 Limits',
  '',
  'The press must not be used by',
  '',
  '(i) anybody under sixteen,',
  '',
  '(ii) anybody who is ill, or',
  '',
  '(iii) visitors.',
  '',
  'Article 4 Wardens',
  '',
  'A warden of the workshop:',
  '',
  '– keeps the list of tools;',
  '',
  '– reads the meters.',
].join('\n');

const manual = libraryOfTexts({ 'Workshop rules.txt': MANUAL });
const told = (question: string): Answer => askBuiltIn(question, manual.sources(), manual.quotes, { now: () => 0 });
const claimed = (question: string): string[] => told(question).claims.map(({ text }) => text.replace(/^– /, ''));

describe('what is told item by item', () => {
  test('may be announced by a sentence that breaks off before its first item', () => {
    expect(claimed('Who may not use the press?')).toEqual([
      'The press must not be used by',
      '(i) anybody under sixteen,',
      '(ii) anybody who is ill, or',
      '(iii) visitors.',
    ]);
  });

  test('is told whatever is asked but a value: “What are the tasks of the warden?”', () => {
    expect(claimed('What are the tasks of the warden?')).toContain('keeps the list of tools;');
    expect(claimed('What are the tasks of the warden?')).toContain('reads the meters.');
  });

  test('is a way of doing something under the heading that names it, not a sentence that speaks of it', () => {
    expect(claimed('How is the oil changed?')).toEqual([
      'Run the ram down fully.',
      'Take out the plug and let the old oil run into a tray.',
    ]);
  });

  test('is a sentence elsewhere where what stands under such a heading is not trusted', () => {
    const text =
      'Rules of the workshop\n\nArticle 1 Motor\n\nSand is strewn on the floor. Visitors keep behind the line.\n\nArticle 2 Winter\n\nThe drive is powered by a cable from the shed.';
    const rules = libraryOfTexts({ 'Rules.txt': text });
    const answer = askBuiltIn('How is the motor powered?', rules.sources(), rules.quotes, { now: () => 0 });
    expect(answer.headline).toBe('The drive is powered by a cable from the shed.');
  });

  test('tells the obligations that one sentence lays on someone with its items', () => {
    const rules = libraryOfTexts({
      'Licence.txt':
        'Licence\n\n4. The Licensee shall\n\n(a) put up no stall before six,\n\n(b) collect all rubbish, and\n\n(c) insure the stalls.\n\n5. The fee is 85 crowns.',
    });
    const answer = askBuiltIn('What are the obligations of the Licensee?', rules.sources(), rules.quotes, {
      now: () => 0,
    });
    expect(answer.claims.map(({ text }) => text)).toEqual([
      '4. The Licensee shall',
      '(a) put up no stall before six,',
      '(b) collect all rubbish, and',
      '(c) insure the stalls.',
    ]);
  });

  test('is declined where hardly anything of the question is there', () => {
    expect(told('Which colours are the shutters of the harbour office painted in?').found).toBe(false);
    expect(told('How is the electric motor of the crane replaced?').found).toBe(false);
  });
});

describe('limits and passages that overlap', () => {
  const limited = (question: string, section: string): string[] =>
    askBuiltIn(question, library.sources(), library.quotes, { now: () => 0, limits: { section } }).claims.map(
      ({ text }) => text,
    );

  test('obligations are those of the section asked, and of the article a question names', () => {
    const question = 'What are the obligations of the owner?';
    expect(limited(question, 'duties')).toHaveLength(3);
    expect(limited(question, 'scope')).not.toContain('1. The owner shall insure the boat.');
    expect(texts('What are the obligations of the owner under Article 4?')).toHaveLength(3);
  });

  test('nothing is told twice where passages repeat sentences', () => {
    const settings = { ...DEFAULT_SETTINGS, passages: { maxWords: 40, minWords: 5, overlap: 2 } };
    const held = libraryOfTexts({ 'Harbour rules.txt': RULES }, 'en', settings);
    const asked = (question: string): string[] =>
      askBuiltIn(question, held.sources(), held.quotes, { now: () => 0, settings }).claims.map(({ text }) => text);
    expect(asked('To which boats do the rules not apply?')).toHaveLength(4);
    expect(asked('What are the obligations of the owner?')).toHaveLength(3);
    const told = asked('How does an owner apply for a mooring?');
    expect(new Set(told).size).toBe(told.length);
  });
});

describe('how and why', () => {
  test('a way of doing something is told in its steps', () => {
    expect(texts('How does an owner apply for a mooring?')).toEqual([
      '1. The owner sends a form to the harbour office not later than the first of March.',
      '2. The office shall answer in writing within three weeks of the day on which it comes.',
      '3. The mooring is marked once the fee is paid.',
    ]);
  });

  test('what only sends one elsewhere is told with what stands there', () => {
    const answer = ask('How is the fee worked out?');
    expect(answer.claims.map((claim) => claim.text)).toContain(
      'The yearly fee is nine crowns for each metre of the boat.',
    );
  });

  test('a reason is the sentence that gives one', () => {
    expect(texts('Why was the inner basin closed?')[0]).toBe(
      'The inner basin was closed in May because its wall had sunk.',
    );
  });
});

describe('what a document is for', () => {
  test('is what it says of itself, with the headings of what it covers', () => {
    const answer = ask('What is this regulation about?');
    expect(answer.lines?.[0]).toBe('This Regulation lays down how boats are kept in the harbour.');
    expect(answer.lines?.[1]).toContain('Article 2 Scope');
    expect(ask('What is the purpose of this regulation?').headline).toContain('lays down how boats are kept');
  });

  test('is not asked by a question about a thing in it', () => {
    expect(ask('What is the purpose of the mooring form?').headline ?? '').not.toContain('Article 2 Scope');
  });
});
