import { describe, expect, test } from '@jest/globals';
import { snowballStem, stemWord } from './stem';
import { wordOfStem } from './englishStems';

describe('stems of English words', () => {
  test.each([
    ['terminal', 'terminated'],
    ['engineers', 'engines'],
    ['department', 'departing'],
    ['several', 'severe'],
    ['authorities', 'author'],
    ['accountable', 'accounts'],
    ['dues', 'due'],
    ['container', 'contains'],
  ])('“%s” and “%s” are words of their own', (one, other) => {
    expect(snowballStem(one, 'en')).toBe(snowballStem(other, 'en'));
    expect(stemWord(one, 'en')).not.toBe(stemWord(other, 'en'));
  });

  test.each([
    ['harbors', 'harbour'],
    ['authorized', 'authorise'],
    ['organizations', 'organisation'],
    ['licence', 'licensed'],
    ['programme', 'programs'],
    ['center', 'centre'],
    ['installments', 'instalment'],
  ])('“%s” and “%s” are one word', (one, other) => {
    expect(stemWord(one, 'en')).toBe(stemWord(other, 'en'));
  });

  test('words that only look like other spellings stay', () => {
    expect(stemWord('prize', 'en')).toBe('prize');
    expect(stemWord('corpora', 'en')).toBe(snowballStem('corpora', 'en'));
    expect(stemWord('terminal', 'de')).toBe(snowballStem('terminal', 'de'));
  });

  test('a stem of ours is looked up by a word that has it', () => {
    expect(wordOfStem('engineer')).toBe('engineer');
    expect(wordOfStem('engin')).toBeNull();
  });
});
