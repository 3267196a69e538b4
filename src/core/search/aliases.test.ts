import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { aliasesIn } from './aliases';
import { withAliases } from './withAliases';

describe('names of one thing', () => {
  test.each([
    ['Dues go by gross tonnage (GT) and by length.', [['gross tonnage', 'GT']]],
    ['The GT (gross tonnage) is measured anew.', [['gross tonnage', 'GT']]],
    ['The letter is from the Port (see above) to the Board.', []],
    ['The ship has two engines (AB) of one kind.', []],
    [
      'This lease is between the Harbour Board of Aldmere (the Board) and Lantern Cruises (the “Tenant”).',
      [
        ['Harbour Board of Aldmere', 'Board'],
        ['Lantern Cruises', 'Tenant'],
      ],
    ],
    [
      'Operator means Merrowby Ferry Company plc, whose office is at Aldmere',
      [['Merrowby Ferry Company plc', 'Operator']],
    ],
    ['“Channel” means the fairway from the outer buoy; “Season” means the months of winter.', [['fairway', 'Channel']]],
  ])('of “%s”', (text, aliases) => {
    expect(aliasesIn(text)).toEqual(aliases);
  });

  test('widen a question both ways, and never by a part of a name', () => {
    const library = libraryOfTexts({
      Dues: 'Dues go by gross tonnage (GT). The GT of each vessel is entered in the book of the port.',
    });
    const widened = (...terms: string[]): string[][] =>
      withAliases(
        terms.map((term) => ({ term, weight: 1 })),
        library.sources(),
      ).map((one) => (one.equivalents ?? []).map((other) => other.term));
    expect(widened('gt', 'due')).toEqual([['gross', 'tonnag'], []]);
    expect(widened('gross', 'tonnag')).toEqual([['gt'], ['gt']]);
    expect(widened('gross', 'sum')).toEqual([[], []]);
  });
});
