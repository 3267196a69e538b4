import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readingOf } from '../../../tests/support/pages';
import type { Reading } from '../source';
import { equivalentsOf } from './equivalents';
import { PassageBuilder, type PassageDraft } from './passages';
import { searchPassages } from './rank';
import { segmentFingerprint } from './cutting';
import { SegmentBuilder, unitAt, type Segment } from './segment';
import { textOfSpans, unitsOfPassage, type ShelfSource } from './shelf';
import { termsOf, valueTerms } from './terms';

function segmentOf(reading: Reading): Segment {
  const builder = new SegmentBuilder('en');
  for (const page of reading.pages)
    builder.addPage(
      page,
      reading.sections.filter((section) => section.page === page.number),
    );
  builder.finish();
  return builder.freeze();
}

function sourceOf(id: string, reading: Reading): ShelfSource {
  return {
    id,
    name: id,
    pageCount: reading.pages.length,
    pagesRead: reading.pages.length,
    sections: reading.sections,
    segment: segmentOf(reading),
    page: (number) => reading.pages[number - 1] ?? null,
  };
}

function passagesOf(reading: Reading, maxWords = 110, minWords = 45, overlap = 0): PassageDraft[] {
  const made: PassageDraft[] = [];
  const builder = new PassageBuilder((passage) => made.push(passage), { maxWords, minWords, overlap });
  for (const page of reading.pages) builder.addPage(page);
  builder.finish();
  return made;
}

const query = (text: string) =>
  termsOf(text, 'en').map(({ term }) => ({ term, weight: 1, equivalents: equivalentsOf(term, 'en') }));

const FERRY = sourceOf(
  'ferry',
  readingOf(
    '1 Fares\n\n1.1 The fare of a child is half the fare of an adult on every crossing.\n\n2 Bicycles\n\n2.1 Bicycles are carried without charge in winter.',
    '3 Ending\n\n3.1 Either party may terminate this agreement by ninety days of notice in writing.\n\n4 Gifts\n\n4.1 The sum of 1,250,000 crowns is given to the town.',
  ),
);

describe('passages', () => {
  test('hold whole sentences only, also over a page break', () => {
    const reading = readingOf(
      'The owner shall keep the vessel in good repair and',
      'shall tell the board of every change. It is a duty.',
    );
    const [passage] = passagesOf(reading);
    const spans = passage?.units.map((unit) => unit.spans.map((span) => span.page));
    expect(spans).toEqual([[1, 2], [2]]);
  });

  test('hold a German day of a month with the line that goes on behind it', () => {
    const reading = readingOf('Das Kabel wird verlegt zwischen dem 8.\n\nund dem 30. September. Dann ist es fertig.');
    expect(passagesOf(reading).flatMap(({ units }) => units)).toHaveLength(2);
  });

  test('carry the heading they stand under', () => {
    const { segment, sections } = FERRY;
    const paths = Array.from(segment.passageSections, (section) => sections[section]?.number);
    expect(paths.every((number) => number !== undefined)).toBe(true);
  });

  test('keep the items of a list with the words that announce it', () => {
    const filler = 'The harbour lies in the lee of the hills and is open to the west.\n'.repeat(6);
    const items = ['(a) nine crowns for a mooring;', '(b) four crowns for a lamp; and', '(c) two crowns for a rope.'];
    const reading = readingOf(`${filler}1.2 The tenant shall pay to the board:\n${items.join('\n')}`);
    const [page] = reading.pages;
    const texts = passagesOf(reading, 90, 20).map((passage) =>
      passage.units.flatMap((unit) => unit.spans.map((span) => page?.text.slice(span.start, span.end))).join('|'),
    );
    const withItems = texts.filter((text) => /\([abc]\)/.test(text));
    expect(withItems).toHaveLength(1);
    expect(withItems[0]).toMatch(/shall pay to the board:\|\(a\).*\(b\).*\(c\)/);
  });

  test('set footnotes apart from the sentences around them', () => {
    const reading = readingOf('The owner keeps the boat in repair. It is a duty.\n7 See the survey of April.');
    const [page] = reading.pages;
    if (page === undefined) throw new Error('no page');
    const noted = {
      ...page,
      lines: page.lines.map((line, at) => (at === 1 ? { ...line, role: 'note' as const } : line)),
    };
    const [passage] = passagesOf({ ...reading, pages: [noted] });
    expect(passage?.units.map((unit) => unit.kind).sort()).toEqual(['note', 'sentence', 'sentence']);
  });

  test('take a row of numbers for a row, not for a sentence', () => {
    const reading = readingOf('Staff costs 9,894 9,343');
    const [page] = reading.pages;
    if (page === undefined) throw new Error('no page');
    const row = { ...page, lines: page.lines.map((line) => ({ ...line, cells: [0, 12, 18] })) };
    expect(passagesOf({ ...reading, pages: [row] })[0]?.units.map((unit) => unit.kind)).toEqual(['row']);
  });

  test('repeat the last sentences of the one before where that is set, and make no passage of repeated ones alone', () => {
    const sentences = [
      'One boat lies here now.',
      'Two boats lie there now.',
      'Three boats are at sea.',
      'Four are lost.',
    ];
    const reading = readingOf(sentences.join('\n'));
    const [page] = reading.pages;
    const texts = (overlap: number): string[] =>
      passagesOf(reading, 11, 2, overlap).map((passage) =>
        passage.units.flatMap(({ spans }) => spans.map(({ start, end }) => page?.text.slice(start, end))).join(' '),
      );
    expect(texts(0)).toEqual([sentences.slice(0, 2).join(' '), sentences.slice(2).join(' ')]);
    expect(texts(1)).toEqual([0, 1, 2].map((at) => sentences.slice(at, at + 2).join(' ')));
  });

  test('lose no sentence, whatever the sizes', () => {
    const text = fc.array(fc.stringMatching(/^[A-Z][a-z]{2,8}( [a-z]{2,8}){2,9}\.$/), { minLength: 1, maxLength: 30 });
    fc.assert(
      fc.property(text, fc.integer({ min: 5, max: 60 }), (sentences, size) => {
        const reading = readingOf(sentences.join('\n'));
        const [page] = reading.pages;
        const found = passagesOf(reading, size, 3).flatMap((passage) => passage.units.flatMap((unit) => unit.spans));
        const joined = found.map((span) => page?.text.slice(span.start, span.end)).join(' ');
        expect(joined.replace(/\s/g, '')).toBe(sentences.join('').replace(/\s/g, ''));
      }),
    );
  });
});

describe('segments', () => {
  test('say what they were built with', () => {
    expect(FERRY.segment.fingerprint).toBe(segmentFingerprint());
    expect(segmentFingerprint({ maxWords: 80, minWords: 20, overlap: 0 })).not.toBe(segmentFingerprint());
  });

  test('can be frozen while they grow', () => {
    const reading = readingOf('The first page speaks of lamps.', 'The second page speaks of ropes.');
    const builder = new SegmentBuilder('en');
    reading.pages.forEach((page) => builder.addPage(page, []));
    const early = builder.freeze();
    builder.finish();
    expect(builder.freeze().passageSections.length).toBeGreaterThanOrEqual(early.passageSections.length);
  });

  test('hold the words of each passage in their order, and how far apart they stand', () => {
    const { passageTerms, termsInOrder, termSteps, vocabulary, language } = FERRY.segment;
    for (let passage = 0; passage + 1 < passageTerms.length; passage += 1) {
      const text = unitsOfPassage(FERRY, passage)
        .map((unit) => unit.text)
        .join('\n');
      const [from, to] = [passageTerms[passage], passageTerms[passage + 1]];
      let position = 0;
      const places = Array.from(termSteps.subarray(from, to), (step) => (position += step));
      const terms = Array.from(termsInOrder.subarray(from, to), (term) => vocabulary[term]);
      expect(terms).toEqual(termsOf(text, language).map((one) => one.term));
      expect(places).toEqual(termsOf(text, language).map((one) => one.position));
    }
  });

  test('refuse units that they do not have', () => {
    expect(() => unitAt(FERRY.segment, 1e6)).toThrow(/Unit 1000000/);
  });
});

describe('search', () => {
  const bestText = (text: string): string => {
    const [hit] = searchPassages([FERRY], query(text), 5);
    return hit === undefined
      ? ''
      : unitsOfPassage(hit.source, hit.passage)
          .map((unit) => unit.text)
          .join(' ');
  };

  test('finds inflected words', () => {
    expect(bestText('child fares on crossings')).toContain('fare of a child');
  });

  test('finds trade equivalents, but words asked for come first', () => {
    expect(bestText('how can the contract be ended')).toContain('terminate this agreement');
    const filler =
      'Nothing of that kind is written on this page, where one reads of masts, oars, sails and the paint of old boats only. '.repeat(
        3,
      );
    const twin = sourceOf(
      'twin',
      readingOf(
        `1 Terms\n\n1.1 The lease may terminate early. ${filler}`,
        `2 Limits\n\n2.1 The lease may end early. ${filler}`,
      ),
    );
    const [first] = searchPassages([twin], query('end of lease'), 2);
    const found = unitsOfPassage(twin, first?.passage ?? 0);
    expect(found.map((unit) => unit.text).join(' ')).toContain('may end early');
    expect(first?.passage).toBe(1);
  });

  test('finds a number written otherwise', () => {
    const terms = valueTerms('1.25 million crowns', 'en').map((term) => ({ term, weight: 1 }));
    const [hit] = searchPassages([FERRY], terms, 1);
    expect(
      hit &&
        unitsOfPassage(FERRY, hit.passage)
          .map((unit) => unit.text)
          .join(' '),
    ).toContain('1,250,000');
  });

  test('gives nothing where no word stands, and nothing over no documents', () => {
    expect(searchPassages([FERRY], query('zeppelin'), 5)).toEqual([]);
    expect(searchPassages([], query('fare'), 5)).toEqual([]);
  });

  test('does not let one document crowd out the others', () => {
    const others = [
      'in coin at the office of the harbour',
      'by cheque sent to the clerk of works',
      'through any bank that the mayor names',
    ];
    const many = others.map((way, at) =>
      sourceOf(
        `lease ${at}`,
        readingOf(
          ...Array.from(
            { length: 12 },
            (_unused, page) =>
              `${page + 1} Rent\n\n${page + 1}.1 The rent of the berth is paid on the first day of month ${page}. ${`Each lessee number ${at} pays it ${way}. `.repeat(7)}`,
          ),
        ),
      ),
    );
    const hits = searchPassages(many, query('rent of the berth'), 10);
    const counts = many.map((one) => hits.filter((hit) => hit.source.id === one.id).length);
    expect(Math.max(...counts)).toBeLessThanOrEqual(7);
    expect(hits).toHaveLength(10);
  });

  test('gives passages that say the same in another document behind the others', () => {
    const clause = (days: string): string =>
      `The rent of the berth is paid within ${days} days of the first of the month, in coin, at the office of the harbour.`;
    const many = ['thirty', 'sixty'].map((days, at) => sourceOf(`lease ${at}`, readingOf(clause(days))));
    const other = sourceOf(
      'letter',
      readingOf('The berth was swept and its rent was spoken of at the meeting of the board.'),
    );
    const hits = searchPassages([...many, other], query('rent of the berth paid'), 10);
    expect(hits.map((hit) => hit.source.id)).toEqual(['lease 0', 'letter', 'lease 1']);
  });

  test('agrees with counting words one by one on which passage is best', () => {
    const words = ['lamp', 'rope', 'hull', 'mast', 'sail', 'quay'];
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...words), { minLength: 4, maxLength: 8 }),
        fc.constantFrom(...words),
        (list, wanted) => {
          const source = sourceOf('s', readingOf(...list.map((word) => `The ${word} lies there.`)));
          const hits = searchPassages([source], query(wanted), 20);
          const pages = new Set(
            hits.flatMap((hit) =>
              unitsOfPassage(source, hit.passage).flatMap((unit) => unit.unit.spans.map((span) => span.page)),
            ),
          );
          list.forEach((word, at) => {
            if (word === wanted) expect(pages.has(at + 1)).toBe(true);
          });
        },
      ),
      { numRuns: 30 },
    );
  });
});

test('compound names are terms of their own', () => {
  expect(valueTerms('Files in /var/tmp and of non-free kind', 'en')).toEqual(['=/var/tmp', '=non-free']);
});

test('the text of spans over a page break keeps the break', () => {
  expect(
    textOfSpans(FERRY, [
      { page: 1, start: 0, end: 7 },
      { page: 2, start: 0, end: 8 },
    ]),
  ).toBe('1 Fares\n3 Ending');
});
