import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { weighClaim, type RestsOn } from '.';

const TEXT = [
  'Lease of the quay',
  '',
  'The Tenant may sublet the berth for thirty days in a year. The Tenant shall not store fuel on the quay. The Board shall repair the crane within ten days.',
  'Calls at the quay rose in 2025. A lower count of faults is better.',
].join('\n');
const library = libraryOfTexts({ 'lease.txt': TEXT });
const sources = library.sources();

function weigh(claim: string, ...quotes: string[]): string[] {
  const rests = quotes.map((quote): RestsOn => {
    const check = library.quotes.check({ quote, sourceId: 'lease.txt', page: 1 });
    return { mark: check.mark, quote, at: check.at };
  });
  const { standing, uncovered } = weighClaim(claim, rests, sources);
  return [standing, ...uncovered.map((one) => one.kind)];
}

const SUBLET = 'The Tenant may sublet the berth for thirty days in a year.';
const FUEL = 'The Tenant shall not store fuel on the quay.';
const CRANE = 'The Board shall repair the crane within ten days.';

describe('a claim', () => {
  test.each([
    ['The berth may be sublet for thirty days a year.', SUBLET],
    ['No fuel may be stored on the quay by the Tenant.', FUEL],
    ['The crane is repaired within ten days.', CRANE],
    [CRANE, CRANE],
  ])('is carried: %s', (claim, quote) => {
    const [standing] = weigh(claim, quote);
    expect(standing).toBe('carried');
  });

  test.each([
    ['figure', 'The berth may be sublet for sixty days a year.', SUBLET],
    ['negation', 'The Tenant may not sublet the berth for thirty days in a year.', SUBLET],
    ['negation', 'The Tenant shall store fuel on the quay.', FUEL],
    ['modal', 'The Tenant must sublet the berth for thirty days in a year.', SUBLET],
    ['modal', 'The Board may repair the crane within ten days.', CRANE],
    ['name', 'The Pilot shall repair the crane within ten days.', CRANE],
    ['direction', 'Calls at the quay fell in 2025.', 'Calls at the quay rose in 2025.'],
    ['direction', 'A higher count of faults is better.', 'A lower count of faults is better.'],
    ['subject', 'Insurance premiums depend on the surveyor’s certificate.', 'Calls at the quay rose in 2025.'],
  ])('goes further by its %s: %s', (kind, claim, quote) => {
    expect(weigh(claim, quote)).toEqual(['goes-further', kind]);
  });

  test('is not carried by a quote that does not stand, nor by none', () => {
    expect(
      weigh('The crane is repaired within ten days.', 'The Board shall repair the crane within twelve days.')[0],
    ).toBe('not-carried');
    expect(weigh('The crane is repaired.')[0]).toBe('not-carried');
  });
});
