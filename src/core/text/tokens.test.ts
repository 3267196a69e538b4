import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { countWords, tokenize } from './tokens';

const words = (text: string): string[] => tokenize(text).map((token) => token.word);

describe('tokens', () => {
  test('are folded words in order, with where they stand', () => {
    const text = 'The  Board’s “duty”.';
    expect(words(text)).toEqual(['the', "board's", 'duty']);
    const [, second] = tokenize(text);
    expect(text.slice(second?.start, second?.end)).toBe('Board’s');
  });

  test('keep numbers whole and signs that change them apart', () => {
    expect(words('pay 1,450.50 crowns, or 3%')).toEqual(['pay', '1,450.50', 'crowns', 'or', '3', '%']);
    expect(words('a loss of (1,230)')).toEqual(['a', 'loss', 'of', '-', '1,230']);
    expect(words('at -5 degrees')).toContain('-');
  });

  test('do not take list marks or years in parentheses for negative amounts', () => {
    expect(words('(1) the year (2024)')).toEqual(['1', 'the', 'year', '2024']);
  });

  test('join a word that a line end broke', () => {
    expect(words('the conces-\nsion ends')).toEqual(['the', 'concession', 'ends']);
    expect(words('a co-\n  operator')).toEqual(['a', 'cooperator']);
  });

  test('part a compound at its hyphen', () => {
    expect(words('a non-native package')).toEqual(['a', 'non', 'native', 'package']);
  });

  test('take an ideograph as a word', () => {
    expect(words('造船所は Aldmere')).toEqual(['造', '船', '所', 'は', 'aldmere']);
  });

  test('are as many as are counted, in plain text', () => {
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[a-z]{1,8}$/), { maxLength: 20 }), (list) => {
        expect(countWords(list.join(' '))).toBe(list.length);
        expect(tokenize(list.join(' '))).toHaveLength(list.length);
      }),
    );
  });
});
