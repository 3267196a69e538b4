import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn, leadingOf, seek, signsOf } from '.';
import { trustOf } from './decline';
import { doerNamed } from './partyNamed';
import { DEFAULT_SETTINGS } from './settings';

const REPORT =
  'Report of the boat club\n\nThe club house was painted in May. Maren Holt chairs the committee.\n\nThe new slipway cost 48,000 crowns and was opened by the mayor.';

const weighed = (question: string) => {
  const sources = libraryOfTexts({ 'one.txt': REPORT }).sources();
  const sought = seek(question, sources, { neighbours: null, settings: DEFAULT_SETTINGS, place: null });
  const led = leadingOf(sought);
  if (led === null) throw new Error('Something was to lead.');
  const signs = signsOf(led.leading, led, sought.question, sources);
  return { signs, trust: trustOf(led.leading, led, sought.question, sources) };
};

describe('how far evidence is trusted', () => {
  test('grows with what it holds of the question', () => {
    const near = weighed('When was the club house painted white?');
    const far = weighed('When was the boiler room painted?');
    expect(near.signs.own).toBeGreaterThan(far.signs.own);
    expect(near.trust).toBeGreaterThan(far.trust);
  });

  test('a sentence that holds every word, and the sum, is trusted', () => {
    expect(weighed('How much did the new slipway cost?').trust).toBeGreaterThan(0);
  });

  test('a sum is not where a length is asked', () => {
    const { trust, signs } = weighed('How long is the new slipway?');
    expect(signs.figureless).toBe(1);
    expect(trust).toBeLessThan(0);
  });

  test('who did something is not told by a sentence without the deed, but by one that says it, or names someone', () => {
    expect(weighed('Who designed the boat club house?').signs.undone).toBe(1);
    expect(weighed('Who opened the new slipway?').signs.undone).toBe(0);
    expect(weighed('Who runs the committee?').signs.undone).toBe(0);
  });

  test('what a sentence says of itself is told apart from what stands around it', () => {
    const { signs } = weighed('Who opened the slipway of the boat club?');
    expect(signs.ownOrNamed).toBeGreaterThan(signs.ownInSentence);
  });
});

describe('what is told', () => {
  const CABINS =
    'Capital expenditure\n\nWe spent 2.4 million on new cabins for the upper section. Replacing the haul rope, planned for 2027, is expected to cost 3.1 million.';
  const library = libraryOfTexts({ Report: CABINS });
  const ask = (question: string) => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });

  test('is what is trusted most among the first, not what has most of the words', () => {
    expect(ask('How much will the new haul rope cost?').headline).toContain('3.1 million');
  });

  test('is nothing where the best is a sum of something that was never asked', () => {
    expect(ask('How long is the haul rope?').found).toBe(false);
  });
});

describe('who does something by name', () => {
  test.each([
    ['Maren Holt chairs the board.', 'Maren Holt'],
    ['3. The accounts were audited by Lomax & Teal.', 'Lomax & Teal'],
    ['The Harbour Office keeps the list.', null],
    ['Der Fahrschein ist zu lösen.', null],
    ['The board meets in May.', null],
  ])('“%s”', (text, name) => {
    expect(doerNamed(text, 'Who is it?')).toBe(name);
  });
});
