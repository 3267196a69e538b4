import { describe, expect, test } from '@jest/globals';
import { Library } from '../library';
import { readingOf } from '../../../tests/support/pages';
import { askBuiltIn, canMend, checkClaim, compareAnswers, mendClaim, type Answer, type DraftClaim } from '.';

const RENT = 'The rent of berth nine is 3,200 crowns a year, payable on the first day of May.';
const held = new Library();
held.add({ id: 'a', name: 'Lease', sha256: 'a'.repeat(64), pageCount: 2, language: 'en' });
for (const page of readingOf(RENT, 'The tenant shall not sublet the berth to any other person.').pages)
  held.addPage('a', page, []);
held.finish('a');
const sources = held.sources();
const checked = (text: string, quote: string, page: number) =>
  checkClaim({ text, citations: [{ sourceId: 'a', page, quote }] } satisfies DraftClaim, sources, held.quotes);

describe('a claim is put right by the documents', () => {
  test('an altered quote takes the page’s own words', () => {
    const bad = checked(RENT.replace('3,200', '3,900'), RENT.replace('3,200', '3,900'), 1);
    expect(canMend(bad)).toBe(true);
    const good = mendClaim(bad, sources, held.quotes);
    expect(good).toMatchObject({ text: RENT, standing: 'carried', mendedFrom: bad.text });
    expect(good?.citations[0]).toMatchObject({ mark: 'exact', page: 1 });
  });

  test('a misplaced quote takes its true page', () => {
    const good = mendClaim(checked(RENT, RENT, 2), sources, held.quotes);
    expect(good?.citations[0]).toMatchObject({ mark: 'exact', page: 1 });
    expect(good?.citations[0]).not.toHaveProperty('cited');
  });

  test('a claim that went further says what its quote says', () => {
    const far = checked('The rent is 9,000 crowns.', RENT, 1);
    expect(far.standing).toBe('goes-further');
    expect(mendClaim(far, sources, held.quotes)).toMatchObject({ text: RENT, standing: 'carried' });
  });

  test('an invention cannot be mended, a carried claim need not be', () => {
    const absent = checked('x', 'An umpire appraises every mooring once in seven seasons.', 1);
    expect(canMend(absent)).toBe(false);
    expect(mendClaim(absent, sources, held.quotes)).toBeNull();
    expect(canMend(checked(RENT, RENT, 1))).toBe(false);
  });
});

describe('two answers beside each other', () => {
  const answerOf = (...claims: Answer['claims']): Answer => ({
    ...askBuiltIn('x', sources, held.quotes, { now: () => 0 }),
    claims,
    found: claims.length > 0,
  });
  const rent = checked(RENT, RENT, 1);
  const sublet = checked(
    'The tenant shall not sublet the berth to any other person.',
    'The tenant shall not sublet the berth to any other person.',
    2,
  );

  test('agree in figures and places, or tell what only one says', () => {
    expect(compareAnswers(answerOf(rent), answerOf(rent, sublet), 'en')).toEqual({
      figures: { both: expect.arrayContaining([expect.stringContaining('3,200')]), first: [], second: [] },
      places: { both: ['Lease, p. 1'], first: [], second: ['Lease, p. 2'] },
      agree: true,
    });
  });

  test('differ when each names its own place', () => {
    expect(compareAnswers(answerOf(rent), answerOf(sublet), 'en').agree).toBe(false);
    expect(compareAnswers(answerOf(), answerOf(), 'en').agree).toBe(true);
  });

  test('only what is carried counts', () => {
    const bad = checked(RENT.replace('3,200', '3,900'), RENT.replace('3,200', '3,900'), 1);
    expect(compareAnswers(answerOf(bad), answerOf(rent), 'en').places).toEqual({
      both: [],
      first: [],
      second: ['Lease, p. 1'],
    });
  });
});
