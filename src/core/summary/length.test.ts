import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { lengthIn, sayLength, summaryAsked, withinLimits } from './length';
import { summarise } from './summarise';

describe('a length', () => {
  test.each([
    ['in three sentences', { count: 3, unit: 'sentences' }],
    ['half a page', { count: 0.5, unit: 'pages' }],
    ['a quarter of a page', { count: 0.25, unit: 'pages' }],
    ['two pages please', { count: 2, unit: 'pages' }],
    ['about 150 words', { count: 150, unit: 'words' }],
    ['two paragraphs', { count: 200, unit: 'words' }],
    ['eine halbe Seite', { count: 0.5, unit: 'pages' }],
    ['in vier Sätzen', { count: 4, unit: 'sentences' }],
    ['900 sentences', { count: 40, unit: 'sentences' }],
  ])('is read out of “%s”', (text, length) => {
    expect(lengthIn(text)?.length).toEqual(length);
  });

  test('is none where none is said', () => {
    expect(lengthIn('only the accounts of page 12')).toBeNull();
  });

  test('keeps within its limits, and is said as people say it', () => {
    expect(withinLimits({ count: 9, unit: 'pages' })).toEqual({ count: 3, unit: 'pages' });
    expect([1, 5].map((count) => sayLength({ count, unit: 'sentences' }))).toEqual(['one sentence', '5 sentences']);
    expect([0.5, 1, 1.5].map((count) => sayLength({ count, unit: 'pages' }))).toEqual([
      'half a page',
      'one page',
      '1.5 pages',
    ]);
  });
});

describe('a message that asks for a summary', () => {
  test('tells how long, and about what', () => {
    expect(summaryAsked('Summarise the concession in half a page')).toMatchObject({
      length: { count: 0.5, unit: 'pages' },
      about: '',
    });
    expect(summaryAsked('Please sum up in two sentences what the filing says about safety.')).toMatchObject({
      length: { count: 2, unit: 'sentences' },
      about: 'safety',
    });
  });

  test('is no question', () => {
    expect(summaryAsked('What sum is due on the first of May?')).toBeNull();
  });
});

describe('a summary of a share of a page', () => {
  const sentences = Array.from({ length: 60 }, (_, at) => `The ${['north', 'south', 'west'][at % 3]} quay number ${at + 1} was repaired in the year ${1900 + at} by the crew of the harbour.`); // prettier-ignore
  const library = libraryOfTexts({ 'Quays.txt': sentences.join('\n\n') });
  const wordsIn = (count: number): number =>
    summarise(library.sources(), library.quotes, { length: { count, unit: 'pages' }, about: '', now: () => 0 })
      .sentences.map(({ text }) => text.split(/\s+/).length)
      .reduce((sum, words) => sum + words, 0);

  test('holds about as many words as that, and no more', () => {
    expect(wordsIn(0.25)).toBeGreaterThan(70);
    expect(wordsIn(0.25)).toBeLessThanOrEqual(110);
    expect(wordsIn(0.5)).toBeGreaterThan(wordsIn(0.25));
    expect(wordsIn(0.5)).toBeLessThanOrEqual(220);
  });
});
