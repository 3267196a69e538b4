import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { explainCheck, sideBySide, type Explanation } from './explain';

const library = libraryOfTexts({
  'Rules.txt': 'The pilot shall board at the outer buoy.\n\nNo vessel enters at night.\fThe pilot shall board at the outer buoy.',
  'Old rules.txt': 'The pilot may board at the inner buoy, if the master asks.',
}); // prettier-ignore

function explain(quote: string, sourceId: string | null = null, page: number | null = null): Explanation {
  return explainCheck(quote, library.quotes.check({ quote, sourceId, page }), library.sources());
}
const differing = (parts: readonly { text: string; differs: boolean }[] | undefined): string[] =>
  (parts ?? []).filter((one) => one.differs).map((one) => one.text);

describe('two wordings beside each other', () => {
  test.each([
    ['shall board at once', 'may board at once', ['shall '], ['may ']],
    ['shall not board at once', 'shall board at once', ['not '], []],
    ['the pilots board at once', 'the pilots board without delay at once', [], ['without delay ']],
    ['水先人は乗船する', '水先人は下船する', ['乗'], ['下']],
    ['Board — at once', 'board at ONCE', [], []],
    ['costs 1,250 crowns', 'costs 1,350 crowns', ['1,250 '], ['1,350 ']],
  ])('“%s” and “%s”', (quote, page, mine, theirs) => {
    const sides = sideBySide(quote, page);
    expect([differing(sides.quote), differing(sides.page)]).toEqual([mine, theirs]);
  });

  test('lose no word', () => {
    const sides = sideBySide('a b c d', 'b x d e');
    expect([sides.quote, sides.page].map((parts) => parts.map((one) => one.text).join(''))).toEqual(['a b c d', 'b x d e']); // prettier-ignore
  });
});

describe('an explanation', () => {
  test('names all pages on which the words stand, the cited one first', () => {
    const { places, searched } = explain('The pilot shall board at the outer buoy', 'Rules.txt', 2);
    expect(places.map((one) => [one.source, one.page])).toEqual([['Rules.txt', 2], ['Rules.txt', 1]]); // prettier-ignore
    expect(searched).toBe('the pilot shall board at the outer buoy');
  });

  test('picks out what was changed, beside the page', () => {
    const { sides, places } = explain('The pilot may board at the outer buoy', 'Rules.txt', 1);
    expect([differing(sides?.quote), differing(sides?.page)]).toEqual([['may '], ['shall ']]);
    expect(places[0]?.source).toBe('Rules.txt');
  });

  test('tells what the cited document says instead of words that stand in another', () => {
    const { instead, places } = explain('The pilot shall board at the outer buoy', 'Old rules.txt', 1);
    expect(places[0]?.source).toBe('Rules.txt');
    expect([instead?.on.source, instead?.text]).toEqual(['Old rules.txt', expect.stringContaining('inner buoy')]);
  });

  test('has no sides where the words stand nowhere', () => {
    expect(explain('whales are counted at every tide by the wardens')).toMatchObject({ sides: null, places: [] });
  });
});
