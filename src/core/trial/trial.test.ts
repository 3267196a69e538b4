import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from '../answer';
import { outcomeOf, rightPages, scoreOf, type KnownQuestion } from '.';

const library = libraryOfTexts({
  'Rules.txt':
    'The fee for a berth is forty crowns a month.\f\nVisitors are counted at the gate by the warden every day of the summer.',
});
const measured = (known: KnownQuestion): ReturnType<typeof outcomeOf> => {
  const sources = library.sources();
  const answer = askBuiltIn(known.question, sources, library.quotes, { now: () => 0 });
  return outcomeOf(known, answer, rightPages(known, sources));
};
const right = [{ doc: 'Rules.txt', holds: 'forty crowns' }];

describe('a question with a known answer', () => {
  test('is measured by page, value and marks', () => {
    const outcome = measured({
      id: '1',
      kind: 'plain',
      question: 'What is the fee for a berth?',
      right,
      says: ['forty'],
    });
    expect([outcome.found, outcome.one, outcome.five, outcome.first, outcome.value]).toEqual([
      true,
      true,
      true,
      true,
      true,
    ]);
    expect([outcome.citations > 0, outcome.doubtful]).toEqual([true, 0]);
  });

  test('has a wrong value when a pattern is not met', () => {
    const known = { id: '2', kind: 'plain', question: 'What is the fee for a berth?', right, says: ['forty', 'fifty'] };
    expect(measured(known).value).toBe(false);
  });

  test('that is found nowhere is wrong itself', () => {
    expect(() =>
      rightPages(
        { id: '3', kind: 'plain', question: '?', right: [{ doc: 'Rules.txt', holds: 'x{9}' }] },
        library.sources(),
      ),
    ).toThrow('“3”');
  });

  test('without an answer is right when it is declined', () => {
    const outcome = measured({ id: '4', kind: 'unanswerable', question: 'How many zeppelins landed on the roof?' });
    expect([outcome.answerable, outcome.found, outcome.five]).toEqual([false, false, null]);
  });
});

test('a score counts each share over the questions it is asked of', () => {
  const one = measured({ id: '1', kind: 'plain', question: 'What is the fee for a berth?', right, says: ['forty'] });
  const none = measured({ id: '4', kind: 'unanswerable', question: 'How many zeppelins landed on the roof?' });
  const score = scoreOf([one, none]);
  expect([score.first, score.value, score.rightlyDeclined, score.wronglyDeclined, score.calculated]).toEqual([
    { right: 1, of: 1 },
    { right: 1, of: 1 },
    { right: 1, of: 1 },
    { right: 0, of: 1 },
    { right: 0, of: 0 },
  ]);
});
