import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { answerToText } from '../exchange';
import { askBuiltIn, DEFAULT_SETTINGS } from '.';

const library = libraryOfTexts({
  'shed.txt':
    'Lease of the shed\n\nThe tenant is Alba Ropes Ltd. The rent is 300 crowns a month. The rent is paid on the first day of each month. The rent is reviewed every five years.\n\nDogs may be kept in the shed. Fires are forbidden in the shed.',
});
const ask = (question: string, instructions = '') =>
  askBuiltIn(question, library.sources(), library.quotes, {
    now: () => 0,
    settings: { ...DEFAULT_SETTINGS, instructions },
  });
const QUESTION = 'Who is the tenant, how often is the rent reviewed and are fires allowed?';

describe('the answer to a question of several parts', () => {
  test('has a claim at least for each, which says what it answers, the parts in order', () => {
    const { claims } = ask(QUESTION);
    const parts = [...new Set(claims.map(({ part }) => part))];
    expect(parts).toEqual(['Who is the tenant?', 'How often is the rent reviewed?', 'Are fires allowed?']);
    const of = (part: string) => claims.filter((one) => one.part === part).map(({ text }) => text);
    expect(of('Who is the tenant?')[0]).toContain('Alba Ropes');
    expect(of('How often is the rent reviewed?')[0]).toContain('every five years');
    expect(of('Are fires allowed?')[0]).toContain('forbidden');
  });

  test('tells what comes near in one part and is told in another there alone', () => {
    const { claims } = ask('How much is the rent, when is the rent paid and how often is the rent reviewed?');
    const firsts = claims.filter(({ part }, at) => part !== claims[at - 1]?.part);
    expect(firsts.map(({ text }) => text)).toEqual([
      expect.stringContaining('300 crowns'),
      expect.stringContaining('first day'),
      expect.stringContaining('five years'),
    ]);
    const further = claims.filter((one) => !firsts.includes(one)).map(({ text }) => text);
    expect(further.filter((text) => firsts.some((one) => one.text === text))).toEqual([]);
  });

  test('is one claim a part where short answers are wanted', () => {
    const { claims } = ask(QUESTION, 'Short answers');
    expect(claims.map(({ part }) => part)).toEqual([...new Set(claims.map(({ part }) => part))]);
    expect(claims.length).toBe(3);
  });

  test('is copied with the parts over their claims', () => {
    const lines = answerToText(QUESTION, ask(QUESTION)).split('\n');
    const at = lines.indexOf('Are fires allowed?');
    expect(lines[at + 1]).toContain('forbidden');
  });

  test('a single question has no parts', () => {
    expect(ask('Who is the tenant?').claims.every(({ part }) => part === undefined)).toBe(true);
  });
});
