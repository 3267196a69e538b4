import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { equivalentsOf } from './equivalents';
import { Neighbours } from './neighbours';
import { equivalentsAmong } from './queryTerms';
import { searchPassages } from './rank';

const neighbours = new Neighbours('grievanc complaint:66 unrest:64\nrent tenant:70\n');

describe('words used like others', () => {
  test('are known with their likeness', () => {
    expect(neighbours.of('grievanc')).toEqual([
      { term: 'complaint', likeness: 0.66 },
      { term: 'unrest', likeness: 0.64 },
    ]);
    expect(neighbours.of('zeppelin')).toEqual([]);
  });

  test('count less than equivalents of the trade, and in English only', () => {
    const [trade, used] = [equivalentsOf('rent', 'en', neighbours), equivalentsOf('grievanc', 'de', neighbours)];
    expect(trade.find((one) => one.term === 'tenant')?.share).toBeLessThan(0.5);
    expect(used).toEqual([]);
  });

  test('are searched for only where the documents hold the word itself nowhere', () => {
    const library = libraryOfTexts({
      Report: 'Passengers made many protests of unrest. The rent was paid to the office.',
    });
    const term = (word: string): Parameters<typeof equivalentsAmong>[1] => ({
      term: word,
      weight: 1,
      equivalents: neighbours
        .of(word)
        .map(({ term: other, likeness }) => ({ term: other, share: likeness, loose: true })),
    });
    const sources = library.sources();
    expect(equivalentsAmong(sources, term('grievanc')).map((one) => one.term)).toEqual(['complaint', 'unrest']);
    expect(equivalentsAmong(sources, term('rent'))).toEqual([]);
    expect(searchPassages(sources, [term('grievanc')], 5)).toHaveLength(1);
  });
});

describe('German words that mean alike', () => {
  const words = new Neighbours('miet haus:90\n');

  test('count once they are learned, those that are merely used alike never', () => {
    expect(equivalentsOf('wirt', 'de', words)).toEqual(equivalentsOf('wirt', 'de'));
    words.learn('de', 'wirt gastgeb:80 inhab:20\n');
    const found = equivalentsOf('wirt', 'de', words);
    expect(found.find((one) => one.term === 'gastgeb')?.share).toBeGreaterThan(0.5);
    expect(found.some((one) => one.term === 'inhab')).toBe(false);
    expect(equivalentsOf('miet', 'de', words).some((one) => one.term === 'haus')).toBe(false);
  });
});

describe('words that explain others', () => {
  const words = new Neighbours(
    '',
    { en: 'namepl plaqu:60 sign:15\n' },
    '# a notice\nnamepl sign:50 plaqu:20 metal:15\n',
  );
  const found = new Map(equivalentsOf('namepl', 'en', words).map((one) => [one.term, one]));

  test('count as much as either dictionary says, and are known as such where one alone says so', () => {
    expect(found.get('sign')?.loose).toBeUndefined();
    expect(found.get('sign')?.told).toBeUndefined();
    expect(found.get('plaqu')?.share).toBeGreaterThan(found.get('sign')?.share ?? 1);
    expect(found.get('metal')).toMatchObject({ told: true, loose: true });
  });

  test('are English ones', () => {
    expect(words.explainedBy('namepl')[0]).toEqual({ term: 'sign', likeness: 0.5 });
    expect(equivalentsOf('namepl', 'de', words)).toEqual([]);
  });
});

describe('words that mean alike', () => {
  const words = new Neighbours('home famili:70\n', {
    en: '# a notice\nhome household:60 famili:40 nest:15\nrent leas:90\n',
  });
  const shares = (term: string): Map<string, { share: number; loose: boolean }> =>
    new Map(equivalentsOf(term, 'en', words).map((one) => [one.term, { share: one.share, loose: one.loose === true }]));

  test('count by how much alike, faint ones in a search alone, none twice', () => {
    const found = shares('home');
    expect(found.get('household')?.share).toBeGreaterThan(found.get('famili')?.share ?? 1);
    expect(found.get('famili')?.loose).toBe(false);
    expect(found.get('nest')?.loose).toBe(true);
    expect(words.synonymsOf('#', 'en')).toEqual([]);
    const terms = equivalentsOf('home', 'en', words).map((one) => one.term);
    expect(new Set(terms).size).toBe(terms.length);
  });

  test('are joined by words of the same root and by the plain word of one that says “not”', () => {
    expect(shares('paid').get('pay')?.share).toBeGreaterThan(0.8);
    expect(shares('unregist').has('regist')).toBe(true);
    expect(shares('under').has('der')).toBe(false);
  });
});
