import { describe, expect, test } from '@jest/globals';
import { pagesOf } from '../../../tests/support/pages';
import type { PageText } from '../source';
import { PassageBuilder, type PassageDraft } from './passages';
import { SegmentBuilder, termNumber } from './segment';
import { textOfSpans, type ShelfSource } from './shelf';
import { documentFrequency, inverseFrequency } from './statistics';

function shelved(id: string, pages: readonly PageText[]): ShelfSource {
  const builder = new SegmentBuilder('en');
  for (const page of pages) builder.addPage(page, []);
  builder.finish();
  return { id, name: id, pageCount: pages.length, pagesRead: pages.length, sections: [], segment: builder.freeze(), page: (number) => pages[number - 1] ?? null }; // prettier-ignore
}

function passagesOf(pages: readonly PageText[]): PassageDraft[] {
  const made: PassageDraft[] = [];
  const builder = new PassageBuilder((passage) => made.push(passage));
  for (const page of pages) builder.addPage(page);
  builder.finish();
  return made;
}

describe('the vocabulary of a segment', () => {
  const source = shelved('one', pagesOf('The zebra crossed the quay. An anchor lay there.'));

  test('is in order, so that every term is found and no other', () => {
    const { vocabulary } = source.segment;
    expect([...vocabulary].sort((a, b) => (a < b ? -1 : 1))).toEqual(vocabulary);
    vocabulary.forEach((term, number) => expect(termNumber(source.segment, term)).toBe(number));
    for (const none of ['', 'aardvark', 'quayside', 'zzz']) expect(termNumber(source.segment, none)).toBe(-1);
  });

  test('is counted over all documents of a question, and anew for others', () => {
    const other = shelved('two', pagesOf('Another zebra slept.'));
    expect(documentFrequency([source, other], 'zebra')).toBe(2);
    expect(documentFrequency([source], 'zebra')).toBe(1);
    expect(inverseFrequency([source, other], 'anchor')).toBeGreaterThan(inverseFrequency([source, other], 'zebra'));
  });
});

describe('what is no sentence of its own', () => {
  test('the hanging number of a clause makes no row of it', () => {
    const [page] = pagesOf(
      '1.4   The port engine uses 1.9 litres of oil a day,\nwhich is more than the 1.5 litres allowed.',
    );
    const kinds = passagesOf(page === undefined ? [] : [page]).flatMap((one) => one.units.map((unit) => unit.kind));
    expect(kinds).not.toContain('row');
  });

  test('the mark of a footnote ends no sentence late and stands in none', () => {
    const [page] = pagesOf('The dues rose in May.1 They fell in June.');
    if (page === undefined) throw new Error('a page is needed');
    const at = page.text.indexOf('1');
    const marked = { ...page, notes: [{ mark: '1', start: 0, end: 0, at: { start: at, end: at + 1 } }] };
    const source = shelved('one', [marked]);
    const texts = passagesOf([marked]).flatMap((one) => one.units.map((unit) => textOfSpans(source, unit.spans)));
    expect(texts).toEqual(['The dues rose in May.', 'They fell in June.']);
  });
});
