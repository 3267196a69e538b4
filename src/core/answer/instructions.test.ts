import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { instructionsIn, steeringOf } from './instructions';
import { DEFAULT_SETTINGS, type AskSettings } from './settings';
import type { Answer } from './types';

const contract = (price: string, day: string): string =>
  [
    'Supply contract',
    '',
    `This contract is made on ${day} between Orrin Yard (the Seller) and Tarn Lines (the Buyer).`,
    '',
    `The price of the barge is ${price} crowns. The price of the barge is paid in three parts.`,
    '',
    'The price of the barge is paid to the bank that the Seller names.',
  ].join('\n');

const library = libraryOfTexts({
  'Barge contract.txt': contract('1,250,000', '4 May 2024'),
  'Draft barge contract.txt': contract('1,100,000', '2 March 2024'),
  'Council minutes.txt': 'Minutes of the council\n\nThe price of the barge is 1.3 million crowns, said the clerk.',
});

function ask(
  instructions: string,
  more: Partial<AskSettings> = {},
  question = 'What is the price of the barge?',
): Answer {
  const settings = { ...DEFAULT_SETTINGS, instructions, ...more };
  return askBuiltIn(question, library.sources(), library.quotes, { now: () => 0, settings });
}

const sourcesOf = (answer: Answer): Set<string> =>
  new Set(answer.claims.flatMap((claim) => claim.citations.map((one) => one.sourceName)));

describe('standing instructions', () => {
  test('are read a sentence or line each', () => {
    expect(instructionsIn('- Short answers.\n2. Amounts in thousands; only the latest version')).toEqual([
      'Short answers',
      'Amounts in thousands',
      'only the latest version',
    ]);
  });

  test('leave out drafts of what was agreed when only the latest version is wanted', () => {
    expect(sourcesOf(ask(''))).toContain('Draft barge contract.txt');
    expect(sourcesOf(ask('Only the latest version'))).not.toContain('Draft barge contract.txt');
  });

  test('leave documents out, or ask only some', () => {
    expect(sourcesOf(ask('Leave out the minutes'))).not.toContain('Council minutes.txt');
    expect([...sourcesOf(ask('Use only the minutes'))]).toEqual(['Council minutes.txt']);
  });

  test('tell amounts in the scale asked for, while quotes stay as printed', () => {
    const answer = ask('Amounts in thousands. Use only the Barge contract');
    expect(answer.headline).toContain('1,250 thousand crowns');
    expect(answer.claims[0]?.text).toContain('1,250,000 crowns');
    expect(answer.claims[0]?.citations[0]?.mark).toBe('exact');
    expect(ask('Amounts in full. Use only the minutes').headline).toContain('1,300,000 crowns');
  });

  test('tell the date of each document cited', () => {
    expect(ask('Always give the date of the source. Leave out the minutes and the draft').headline).toContain(
      '4 May 2024',
    );
  });

  test('keep an answer to what answers', () => {
    const all = 'Leave out the minutes. Leave out the draft';
    const question = 'How is the price of the barge paid?';
    expect(ask(all, {}, question).claims.length).toBeGreaterThan(1);
    expect(ask(`${all}. Short answers`, {}, question).claims).toHaveLength(1);
  });

  test('are told as not honoured where the reader cannot', () => {
    const { steered } = ask('Answer in French\nShort answers');
    expect(steered).toMatchObject([
      { instruction: 'Answer in French', honoured: false },
      { instruction: 'Short answers', honoured: true },
    ]);
    expect(ask('').steered).toBeUndefined();
  });

  test('never leave nothing to ask', () => {
    const { sources, told } = steeringOf('Use only the survey', library.sources());
    expect(sources).toHaveLength(3);
    expect(told[0]?.honoured).toBe(false);
  });
});

describe('settings of a dossier', () => {
  test('own groups of words widen a question both ways', () => {
    const question = 'What is the scot of the lighter?';
    expect(ask('', {}, question).found).toBe(false);
    const widened = ask(
      '',
      {
        equivalents: [
          ['scot', 'price'],
          ['lighter', 'barge'],
        ],
      },
      question,
    );
    expect(widened.headline).toContain('1,250,000 crowns');
  });

  test('without weight for another wording only the words asked are looked for', () => {
    const question = 'What is the cost of the barge?';
    const of = (answer: Answer): boolean =>
      answer.passages.some(({ because = [] }) => because.some(({ by }) => by === 'trade'));
    expect(of(ask('', {}, question))).toBe(true);
    expect(of(ask('', { paraphrase: 0 }, question))).toBe(false);
  });

  test('own watch points take the place of those that came', () => {
    const point = {
      name: 'Payment',
      words: 'paid bank',
      says: ['paid to … bank'],
      why: 'money goes',
      usual: 'two signatures',
    };
    const answer = ask('Use only the Barge contract', { watchPoints: [point] }, 'What needs care in this contract?');
    expect(answer.lines?.[0]).toBe('1 of 1 points are spoken of');
    expect(answer.claims[0]?.text).toContain('paid to the bank');
    const none = ask(
      'Use only the Barge contract',
      { watchPoints: [{ ...point, says: ['insured*'] }] },
      'What needs care in this contract?',
    );
    expect(none).toMatchObject({ found: false, missing: ['Payment: money goes; usually asked for: two signatures'] });
  });
});
