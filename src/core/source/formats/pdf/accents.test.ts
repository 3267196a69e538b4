import { describe, expect, test } from '@jest/globals';
import { composeAccents, composed } from './accents';

describe('accents drawn apart', () => {
  test('are set over the letter behind them', () => {
    expect(composeAccents('gr¨oßer als ¨uber')).toBe('größer als über');
    expect(composeAccents('caf´e, ˇcas, a¸c')).toBe('café, čas, aç');
    expect(composeAccents('na¨ıve')).toBe('naïve');
  });

  test('stay where no letter takes them', () => {
    expect(composeAccents('1 ´ 2, don´t')).toBe('1 ´ 2, don´t');
    expect(composed('^', 'a')).toBeNull();
    expect(composed('¨', 'q')).toBeNull();
  });
});
