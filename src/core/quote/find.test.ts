import { describe, expect, test } from '@jest/globals';
import { pagesOf } from '../../../tests/support/pages';
import { QuoteIndex } from '.';

const FIRST = [
  'The owner shall keep the vessel in repair. The vessel is named Tern.',
  'A Vessel of the owner may be let. The tender is small.',
];

function index(): QuoteIndex {
  const made = new QuoteIndex();
  for (const [id, texts] of [
    ['a', FIRST],
    ['b', ['No vessel here but one.']],
  ] as const) {
    const pages = pagesOf(...texts);
    made.addSource(id, (number) => pages[number - 1] ?? null);
    for (const page of pages) made.addPage(id, page);
  }
  return made;
}

const told = (places: ReturnType<QuoteIndex['places']>): string[] =>
  places.map(({ sourceId, spans }) => `${sourceId} ${spans.map((span) => `${span.page}:${span.start}`).join(' ')}`);

describe('words are found', () => {
  test('as they are written, in order of place, whatever their case, as whole words', () => {
    expect(told(index().places('vessel', 'phrase'))).toEqual(['a 1:25', 'a 1:47', 'a 2:2', 'b 1:3']);
    expect(told(index().places('the vessel', 'phrase'))).toEqual(['a 1:21', 'a 1:43']);
    expect(told(index().places('ten', 'phrase'))).toEqual([]);
  });

  test('near each other, in any order', () => {
    expect(told(index().places('owner vessel', 'near'))).toEqual(['a 1:4', 'a 1:47 2:0']);
    expect(told(index().places('tern owner', 'near'))).toEqual(['a 1:4', 'a 1:63 2:0']);
    expect(told(index().places('owner absent', 'near'))).toEqual([]);
    expect(told(index().places('  ', 'near'))).toEqual([]);
  });

  test('only in the documents named', () => {
    expect(told(index().places('vessel', 'phrase', ['b']))).toEqual(['b 1:3']);
  });
});
