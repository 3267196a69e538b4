import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { askBuiltIn } from './ask';
import { asksLimit, tellsLimit } from './limits';

describe('a limit', () => {
  test.each([
    'How long may a duty last at most?',
    'What is the maximum height of a stall?',
    'Up to what age is the ride free?',
    'Wie lange darf ein Wagen höchstens stehen?',
    '最大で何人乗れますか。',
  ])('is asked for by “%s”', (question) => {
    expect(asksLimit(question)).toBe(true);
  });

  test.each(['How long was the fair?', 'Who limits the duty?', 'Wie lange dauerte der Markt?'])(
    'is not asked for by “%s”',
    (question) => {
      expect(asksLimit(question)).toBe(false);
    },
  );

  test.each([
    ['No one is on duty for more than eleven hours.', true],
    ['The stall may be up to 3 metres high.', true],
    ['Er darf höchstens drei Stunden stehen.', true],
    ['８パーセントを超えることができない。', true],
    ['The fair lasted more than eleven hours.', false],
    ['The stall has 3 metres.', false],
  ])('in “%s”: %s', (text, told) => {
    expect(tellsLimit(text)).toBe(told);
  });

  test('asked for is taken before what merely happened', () => {
    const library = libraryOfTexts({
      Rules: 'Rules\n\nThe guard was on duty for nine hours.\n\nThe guard is on duty for no longer than eleven hours.',
    });
    const answer = askBuiltIn('How long may the guard be on duty?', library.sources(), library.quotes, {
      now: () => 0,
    });
    expect(answer.headline).toContain('eleven hours');
  });
});
