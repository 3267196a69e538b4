import { describe, expect, test } from '@jest/globals';
import { likenessOf, WordVectors } from './wordVectors';

/** A line of a file of vectors: the first of the 64 numbers told, the others 0. */
function line(word: string, ...numbers: readonly number[]): string {
  const bytes = new Int8Array(64);
  bytes.set(numbers);
  return `${word} ${btoa(String.fromCharCode(...new Uint8Array(bytes.buffer)))}`;
}

const ENGLISH = ['# A notice.', line('boat', 100, 0), line('ship', 90, 20), line('tax', 0, 100), line('duty', -10, 120)].join('\n'); // prettier-ignore

function likeness(vectors: WordVectors, one: string, other: string): number {
  const [first, second] = [vectors.meaningOf(one, 'en'), vectors.meaningOf(other, 'en')];
  if (first === null || second === null) throw new Error('Both texts were to be known.');
  return likenessOf(first, second);
}

describe('what texts are about', () => {
  const vectors = new WordVectors(ENGLISH);

  test('is alike where their words are used alike', () => {
    expect(likeness(vectors, 'The boat', 'Ships, a ship')).toBeGreaterThan(0.9);
    expect(likeness(vectors, 'The boat', 'a tax')).toBeCloseTo(0);
    expect(likeness(vectors, 'boat and tax', 'ship and duty')).toBeGreaterThan(0.95);
  });

  test('is not known where none of their words is, nor their language', () => {
    expect(vectors.meaningOf('zeppelin', 'en')).toBeNull();
    expect(vectors.meaningOf('boat', 'ja')).toBeNull();
    expect(vectors.meaningOf('# A notice', 'en')).toBeNull();
  });

  test('is told by English words where the language is not known', () => {
    expect(vectors.meaningOf('boat', 'und')).toEqual(vectors.meaningOf('boat', 'en'));
  });

  test('lies in one space for German, once its words are there; a compound is told by its parts', () => {
    const both = new WordVectors(ENGLISH);
    expect(both.meaningOf('Bootssteuer', 'de')).toBeNull();
    both.learn('de', [line('boot', 100, 0), line('steu', 0, 100)].join('\n'));
    const compound = both.meaningOf('Bootssteuer', 'de');
    const [boat, tax] = [both.meaningOf('boat', 'en'), both.meaningOf('tax', 'en')];
    if (compound === null || boat === null || tax === null) throw new Error('All were to be known.');
    expect(likenessOf(compound, boat)).toBeGreaterThan(0.5);
    expect(likenessOf(compound, tax)).toBeGreaterThan(likenessOf(compound, boat));
  });
});
