import { describe, expect, test } from '@jest/globals';
import { DEALINGS_GROUPS } from './dealingsGroups';
import { ENGLISH_GROUPS } from './englishGroups';
import { EVERYDAY_GROUPS } from './everydayGroups';
import { GERMAN_DEALINGS_GROUPS } from './germanDealingsGroups';
import { GERMAN_EVERYDAY_GROUPS } from './germanEverydayGroups';
import { GERMAN_GROUPS } from './germanGroups';
import { GERMAN_PLAIN_GROUPS } from './germanPlainGroups';
import { PLAIN_GROUPS } from './plainGroups';
import { THINGS_GROUPS } from './thingsGroups';
import { equivalentsOf, knownEquivalents, writtenGroups } from './equivalents';

const of = (term: string, language: 'en' | 'de'): string[] => equivalentsOf(term, language).map((one) => one.term);

describe('groups of words', () => {
  test('hold two words or more, each once', () => {
    for (const group of knownEquivalents()) {
      expect(group.length).toBeGreaterThan(1);
      expect(new Set(group).size).toBe(group.length);
    }
  });

  test.each([
    ['English', [ENGLISH_GROUPS, PLAIN_GROUPS, EVERYDAY_GROUPS, THINGS_GROUPS, DEALINGS_GROUPS]],
    ['German', [GERMAN_GROUPS, GERMAN_EVERYDAY_GROUPS, GERMAN_PLAIN_GROUPS, GERMAN_DEALINGS_GROUPS]],
  ])('of %s are not contained in one another: such a group says nothing new', (_, tables) => {
    const sets = tables.flatMap((table) =>
      table
        .trim()
        .split('\n')
        .map((line) => new Set(line.split(' '))),
    );
    const isHeld = (group: ReadonlySet<string>): boolean =>
      sets.some((other) => other !== group && [...group].every((word) => other.has(word)));
    expect(sets.filter(isHeld).map((group) => [...group].join(' '))).toEqual([]);
  });

  test('stand for each other in both directions, in their language only', () => {
    expect(of('ratsam', 'de')).toContain('empfohl');
    expect(of('empfohl', 'de')).toContain('ratsam');
    expect(of('ratsam', 'en')).not.toContain('empfohl');
    expect(of('concurr', 'en')).toContain('simultan');
  });

  test('are found by the plain word for one that says again, and not for one that only begins so', () => {
    expect(of('recharg', 'en')).toContain('charg');
    expect(of('research', 'en')).not.toContain('search');
  });

  test('have German nouns beside the verbs of their root, which say the same', () => {
    const share = (term: string, other: string): number => equivalentsOf(term, 'de').find((one) => one.term === other)?.share ?? 0; // prettier-ignore
    expect(share('austret', 'austritt')).toBeGreaterThan(0.8);
    expect(share('austritt', 'austret')).toBeGreaterThan(0.8);
  });

  test('are found by a German participle too', () => {
    expect(of('verbraucht', 'de')).toContain('bedarf');
    expect(of('zimmert', 'de')).toEqual([]);
  });

  test('are found in the irregular forms of the words that stand for them, less than these', () => {
    const store = equivalentsOf('store', 'en');
    const share = (term: string): number => store.find((one) => one.term === term)?.share ?? 0;
    expect(share('kept')).toBeGreaterThan(0);
    expect(share('kept')).toBeLessThan(share('keep'));
  });

  test('of Japanese are looked for as they are written', () => {
    expect(writtenGroups('ja').some((group) => group.includes('無料') && group.includes('無償'))).toBe(true);
    expect(writtenGroups('en')).toEqual([]);
  });
});

test.each([
  ['gereinigt', 'reinig'],
  ['reinigt', 'gereinigt'],
  ['gestrich', 'streicht'],
  ['gehalt', 'halt'],
  ['verlangert', 'verlang'],
  ['ubertrag', 'ubertragt'],
  ['abschaltet', 'abschalt'],
  ['hallenwart', 'hallenwartin'],
])('the German form “%s” finds “%s”', (one, other) => {
  expect(equivalentsOf(one, 'de')).toContainEqual(expect.objectContaining({ term: other, root: true }));
});
