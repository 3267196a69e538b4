import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { Neighbours, WordVectors } from '../search';
import { gatherEvidence } from './evidence';
import { likenessTo, meaningOf } from './meaning';
import { seek } from './seek';
import { DEFAULT_SETTINGS } from './settings';

/** Vectors of words that point along one of a few axes, one a subject. */
function vectorsOf(subjects: readonly (readonly string[])[]): WordVectors {
  const lines = subjects.flatMap((words, axis) =>
    words.map((word) => {
      const bytes = new Uint8Array(64);
      bytes[axis] = 100;
      return `${word} ${btoa(String.fromCharCode(...bytes))}`;
    }),
  );
  return new WordVectors(lines.join('\n'));
}

const vectors = vectorsOf([
  ['hound', 'dog', 'pets'],
  ['deck', 'ship', 'boat'],
  ['rent', 'fee'],
]);
const neighbours = new Neighbours('', {}, '', vectors);
const asked = meaningOf('May pets come?', 'en', neighbours);

describe('what a question is about', () => {
  test('is unknown without vectors, and where they know none of its words', () => {
    expect(meaningOf('May pets come?', 'en', new Neighbours(''))).toBeNull();
    expect(meaningOf('Why not?', 'en', neighbours)).toBeNull();
    expect(likenessTo(null, { text: 'A hound', heading: '', before: '' }, 'en')).toBe(0);
  });

  test('a sentence is as alike as its own words, and a little by those over and before it', () => {
    const of = (text: string, heading = '', before = ''): number => likenessTo(asked, { text, heading, before }, 'en');
    expect(of('A hound stays.')).toBeGreaterThan(of('The fee stays.'));
    expect(of('The fee stays.', 'Dogs, a dog')).toBeGreaterThan(of('The fee stays.'));
    expect(of('The fee stays.', '', 'A dog.')).toBeGreaterThan(of('The fee stays.'));
    expect(of('The fee stays.', '', 'A dog.')).toBeLessThan(of('A hound stays.'));
    expect(of('Nothing of it.')).toBe(0);
  });

  test('brings the sentence first that says it in other words', () => {
    const sources = libraryOfTexts({
      Rules: 'Rules\n\nThe fee is paid on the ship by all who come. A hound may be kept in the bow.',
    }).sources();
    const first = (words: Neighbours | null): string => {
      const options = { neighbours: words, settings: DEFAULT_SETTINGS, place: null };
      const { question, hits } = seek('May pets come along?', sources, options);
      return gatherEvidence(sources, hits, question)[0]?.text ?? '';
    };
    expect(first(null)).toContain('fee');
    expect(first(neighbours)).toContain('hound');
  });
});
