import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { leadingOf, seek, settledBy, signsOf } from '.';
import { doerNamed } from './partyNamed';
import { trustIn } from './trust';
import { DEFAULT_SETTINGS } from './settings';

const REPORT =
  'Report of the boat club\n\nThe club house was painted in May. Maren Holt chairs the committee.\n\nThe new slipway cost 48,000 crowns and was opened by the mayor.';

const weighed = (question: string) => {
  const sources = libraryOfTexts({ 'one.txt': REPORT }).sources();
  const sought = seek(question, sources, { neighbours: null, settings: DEFAULT_SETTINGS, place: null });
  const led = leadingOf(sought);
  if (led === null) throw new Error('Something was to lead.');
  const signs = signsOf(led.leading, led.evidence, sought.question, sources);
  return { signs, settled: settledBy(signs), trust: trustIn(signs, sought.question.kind, 'en') };
};

describe('how far evidence is trusted', () => {
  test('grows with what it holds of the question', () => {
    const near = weighed('When was the club house painted white?');
    const far = weighed('When was the boiler room painted?');
    expect(near.signs.own).toBeGreaterThan(far.signs.own);
    expect(near.trust).toBeGreaterThan(far.trust);
  });

  test('a sentence that holds every word settles it', () => {
    expect(weighed('How much did the new slipway cost?').settled).toBe(true);
  });

  test('a sum settles nothing where a length is asked', () => {
    const { settled, signs } = weighed('How long is the new slipway?');
    expect(signs.figureless).toBe(1);
    expect(settled).toBe(false);
  });

  test('what a sentence says of itself is told apart from what stands around it', () => {
    const { signs } = weighed('Who opened the slipway of the boat club?');
    expect(signs.ownOrNamed).toBeGreaterThan(signs.ownInSentence);
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
