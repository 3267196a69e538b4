import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fold } from './fold';

describe('folding', () => {
  test.each([
    ['case', 'The Operator', 'theoperator'],
    ['white space and line breaks', 'shall\n  pay', 'shallpay'],
    ['hyphens at line ends', 'conces-\nsion', 'concession'],
    ['hyphens between letters', 'self-propelled', 'selfpropelled'],
    ['soft hyphens', 'con\u00adcession', 'concession'],
    ['curly quotation marks', '“Vessel”', 'vessel'],
    ['apostrophes alike', 'Board’s', "board's"],
    ['sharp s', 'GROSSE Straße', 'grossestrasse'],
    ['ligatures', 'eﬃcient ﬂow', 'efficientflow'],
    ['full-width forms', 'ＡＢＣ１２', 'abc12'],
    ['decomposed letters', 'u\u0308ber', 'über'],
    ['sentence punctuation', 'end. Then, more; yes!', 'endthenmoreyes'],
  ])('folds away %s', (_what, text, folded) => {
    expect(fold(text).text).toBe(folded);
  });

  test.each([
    ['decimal points', '1.5', '1.5'],
    ['thousands', '2,400,000', '2,400,000'],
    ['per cent signs', '12%', '12%'],
    ['minus signs', '–5', '-5'],
    ['accounting negatives', '(230)', '(230)'],
    ['currency', '€ 5', '€5'],
  ])('keeps %s, which are values', (_what, text, folded) => {
    expect(fold(text).text).toBe(folded);
  });

  test('keeps a changed digit apart', () => {
    expect(fold('1,450 crowns').text).not.toBe(fold('1,540 crowns').text);
  });

  test('maps every folded character back to where it came from', () => {
    const text = 'The conces-\nsion of “Aldmere” is eﬃcient.';
    const { text: folded, map } = fold(text);
    const at = folded.indexOf('concession');
    const range = map.range(at, at + 'concession'.length);
    expect(text.slice(range.start, range.end)).toBe('conces-\nsion');
    const efficient = folded.indexOf('efficient');
    const place = map.range(efficient, efficient + 'efficient'.length);
    expect(text.slice(place.start, place.end)).toBe('eﬃcient');
  });

  test('refuses positions outside the text, and empty ranges', () => {
    const { map } = fold('ab');
    expect(() => map.startOf(2)).toThrow(/position 2 .* 2 characters/);
    expect(() => map.range(1, 1)).toThrow(RangeError);
  });

  test('is the same when done twice, for any text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (text) => {
        const once = fold(text).text;
        const letters = once.replace(/[^\p{L}\p{N}]/gu, '');
        expect(fold(letters).text).toBe(fold(fold(letters).text).text);
      }),
    );
  });

  test('gives ranges in order and inside the text, for any text', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 80 }), (text) => {
        const { text: folded, map } = fold(text);
        expect(map.length).toBe(folded.length);
        let before = 0;
        for (let at = 0; at < folded.length; at += 1) {
          expect(map.startOf(at)).toBeGreaterThanOrEqual(before);
          expect(map.endOf(at)).toBeGreaterThan(map.startOf(at));
          expect(map.endOf(at)).toBeLessThanOrEqual(text.length);
          before = map.startOf(at);
        }
      }),
    );
  });

  test('does not depend on where lines break', () => {
    const words = fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { minLength: 2, maxLength: 12 });
    fc.assert(
      fc.property(words, fc.nat(), (list, seed) => {
        const broken = list.map((word, at) => (at === seed % list.length ? `\n${word}` : word)).join(' ');
        expect(fold(broken).text).toBe(fold(list.join(' ')).text);
      }),
    );
  });
});
