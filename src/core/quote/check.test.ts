import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { pagesOf } from '../../../tests/support/pages';
import type { Page } from '../source';
import { QuoteIndex } from './check';

const CONCESSION = [
  `14 Service failures
14.1 The Operator shall run every Scheduled Sailing and shall report each departure later than ten minutes.
14.2 The Operator shall pay to the Board, within thirty days of the end of each quarter, the sum of 1,450 crowns for each
Scheduled Sailing not performed, except where the weather clause applies.
14.3 Sums due under this clause are a genuine esti-
mate of the loss of the Board and rise each year on the first of April.
The Board is not liable for any loss of profit that the Operator may suffer, and`,
  `the Operator shall not claim such a loss from the Board or from its officers in any event.
15 Inspection
15.1 A surveyor may board a Vessel at any time. The fee is due on 31 March 2027. It is payable in four instalments.
The Harbour Board of Aldmere keeps the register.`,
  `Annex
15.1 A surveyor may board a Vessel at any time.
Nothing else is said here of boats.`,
];
const FILING = [
  `The dividend paid was 1,375 thousand crowns.
The company must keep the records of each sailing for seven years after the season.`,
];

let index: QuoteIndex;

function hold(id: string, pages: readonly Page[]): void {
  index.addSource(id, (number) => pages[number - 1] ?? null);
  for (const page of pages) index.addPage(id, page);
}

beforeAll(() => {
  index = new QuoteIndex();
  hold('concession', pagesOf(...CONCESSION));
  hold('filing', pagesOf(...FILING));
});

const check = (quote: string, page: number | null = null, sourceId: string | null = 'concession') =>
  index.check({ quote, page, sourceId });

describe('good words', () => {
  test('are exact on the cited page', () => {
    const found = check('The Operator shall run every Scheduled Sailing', 1);
    expect(found).toMatchObject({ mark: 'exact', words: 'exact', place: 'cited', differences: [] });
    expect(found.at?.spans).toHaveLength(1);
  });

  test('are exact over a line break and a line-end hyphen', () => {
    expect(check('the sum of 1,450 crowns for each Scheduled Sailing not performed', 1).mark).toBe('exact');
    expect(check('a genuine estimate of the loss of the Board', 1).mark).toBe('exact');
  });

  test('are the same words when case or quotation marks differ', () => {
    expect(check('the operator SHALL run every scheduled sailing', 1)).toMatchObject({
      mark: 'same-words',
      words: 'same',
    });
    expect(check('“The Operator shall run every Scheduled Sailing”', 1).mark).toBe('exact');
  });

  test('are elsewhere when another page is cited, with the right page', () => {
    const found = check('A surveyor may board a Vessel at any time. The fee is due', 1);
    expect(found).toMatchObject({ mark: 'elsewhere', words: 'exact', place: 'elsewhere' });
    expect(found.at?.spans[0]?.page).toBe(2);
  });

  test('are elsewhere when another document is cited', () => {
    const found = check('keep the records of each sailing for seven years', 1, 'concession');
    expect(found).toMatchObject({ mark: 'elsewhere', words: 'exact' });
    expect(found.at?.sourceId).toBe('filing');
  });

  test('stand where they are cited first, and all their places are told', () => {
    const found = check('A surveyor may board a Vessel at any time', 3);
    expect(found.mark).toBe('exact');
    expect(found.places.map((place) => place.spans[0]?.page)).toEqual([3, 2]);
  });

  test('count with any place when no page is cited', () => {
    expect(check('It is payable in four instalments', null, null)).toMatchObject({ mark: 'exact', place: 'uncited' });
  });

  test('are found over a page break, with a span on each page, whichever of the two is cited', () => {
    for (const page of [1, 2]) {
      const found = check('that the Operator may suffer, and the Operator shall not claim such a loss', page);
      expect(found.mark).toBe('exact');
      expect(found.at?.spans.map((span) => span.page)).toEqual([1, 2]);
    }
  });

  test('must begin and end where words do', () => {
    expect(check('perator shall run every Scheduled', 1).mark).not.toBe('exact');
    expect(check('the sum of 1,45', 1).mark).not.toBe('exact');
  });
});

describe('ellipses and brackets', () => {
  test('are honest when they leave out what does not matter', () => {
    expect(check('The Operator shall run every Scheduled Sailing … later than ten minutes', 1).mark).toBe('same-words');
    expect(check('The Operator [of the ferry] shall run every Scheduled Sailing', 1).mark).toBe('same-words');
    expect(check('[T]he Operator shall run every Scheduled Sailing', 1).mark).toBe('same-words');
  });

  test('are altered when they swallow a figure, an exception or a "not"', () => {
    const figure = check('The Operator shall pay to the Board … for each Scheduled Sailing not performed', 1);
    expect(figure).toMatchObject({ mark: 'altered', words: 'altered' });
    expect(figure.differences.some((one) => one.kind === 'figure' && one.grave)).toBe(true);
    const negation = check('The Board is … liable for any loss of profit', 1);
    expect(negation.mark).toBe('altered');
    expect(negation.differences[0]).toMatchObject({ kind: 'negation', expected: 'not', grave: true });
  });

  test('are altered when brackets at an end put a figure in', () => {
    const result = check('The Operator shall run every Scheduled Sailing [15, 77]', 1);
    expect(result.mark).toBe('altered');
    expect(result.differences[0]).toMatchObject({ kind: 'figure', found: '15', grave: true });
  });

  test('may stand at either end', () => {
    expect(check('… shall run every Scheduled Sailing …', 1).mark).toMatch(/exact|same-words/);
  });
});

describe('altered words', () => {
  test.each([
    ['figure', 'the sum of 1,540 crowns for each Scheduled Sailing not performed', '1,450', '1,540'],
    ['date', 'The fee is due on 30 March 2027. It is payable', '31', '30'],
    ['modal', 'A surveyor must board a Vessel at any time. The fee is due', 'may', 'must'],
    ['name', 'The Harbour Board of Skerrow keeps the register', 'Aldmere', 'Skerrow'],
    ['word', 'It is payable in four portions. The Harbour Board of Aldmere', 'instalments', 'portions'],
  ])('a changed %s is told', (kind, quote, expected, found) => {
    const result = check(quote);
    expect(result.mark).toBe('altered');
    const difference = result.differences.find((one) => one.kind === kind);
    expect(difference?.expected).toContain(expected);
    expect(difference?.found).toContain(found);
    expect(difference?.grave).toBe(kind !== 'word');
  });

  test('a lost "not" is a grave negation', () => {
    const result = check('the Operator shall claim such a loss from the Board or from its officers', 2);
    expect(result.mark).toBe('altered');
    expect(result.differences[0]).toMatchObject({ kind: 'negation', expected: 'not', found: '', grave: true });
  });

  test('a dropped clause is told', () => {
    const result = check('The Operator shall pay to the Board the sum of 1,450 crowns for each Scheduled Sailing', 1);
    expect(result.mark).toBe('altered');
    expect(result.differences.some((one) => one.expected.includes('thirty days'))).toBe(true);
  });

  test('a number in another form is altered, not grave', () => {
    const result = check('The dividend paid was 1.375 million crowns', 1, 'filing');
    expect(result.mark).toBe('altered');
    expect(result.differences).toEqual([expect.objectContaining({ kind: 'form', grave: false })]);
  });

  test('the cited page comes before other places', () => {
    const result = check('A surveyor may board a Ship at any time', 3);
    expect(result.mark).toBe('altered');
    expect(result.at?.spans[0]?.page).toBe(3);
  });
});

describe('absent words', () => {
  test('have no place', () => {
    const result = check('The lighthouse keeper paints every lamp green before the winter storms arrive', 1);
    expect(result).toMatchObject({ mark: 'absent', words: 'absent', place: 'none', at: null });
  });

  test('are absent when only their order is lost', () => {
    expect(check('Sailing minutes report Operator departure every later run ten shall', 1).mark).toBe('absent');
  });

  test('nothing but signs is absent', () => {
    expect(check('… — !').mark).toBe('absent');
  });
});

describe('short quotes', () => {
  test('are only held against the cited page', () => {
    expect(check('seven years', 1, 'filing').mark).toBe('exact');
    expect(check('seven years', 1, 'concession')).toMatchObject({ mark: 'absent' });
  });

  test('without a page are too short to tell, with all their places', () => {
    const result = check('a Vessel', null, null);
    expect(result.tooShort).toBe(true);
    expect(result.places.length).toBeGreaterThan(1);
  });
});

describe('by properties', () => {
  const pages = pagesOf(...CONCESSION);
  const words = pages.flatMap((page) =>
    [...page.text.matchAll(/\S+/g)]
      .filter((match) => !/^esti-|^mate$/.test(match[0]))
      .map((match) => ({ page, match })),
  );
  const stretch = fc.tuple(fc.nat(words.length - 1), fc.integer({ min: 5, max: 14 })).map(([from, count]) => {
    const chosen = words.slice(from, from + count).filter((one) => one.page === words[from]?.page);
    const [first, last] = [chosen[0], chosen.at(-1)];
    if (first === undefined || last === undefined || chosen.length < 5) return null;
    const text = first.page.text.slice(first.match.index, last.match.index + last.match[0].length);
    return { page: first.page.number, text };
  });

  test('any span of any page is exact there', () => {
    fc.assert(
      fc.property(stretch, (given) => {
        if (given === null || /-$/.test(given.text)) return;
        expect(check(given.text, given.page).mark).toBe('exact');
      }),
    );
  });

  test('any change of case is the same words', () => {
    fc.assert(
      fc.property(stretch, (given) => {
        if (given === null || /-$/.test(given.text) || given.text === given.text.toUpperCase()) return;
        expect(check(given.text.toUpperCase(), given.page).mark).toBe('same-words');
      }),
    );
  });

  test('any changed digit is altered with a grave difference', () => {
    fc.assert(
      fc.property(stretch, fc.integer({ min: 1, max: 9 }), (given, by) => {
        const at = given?.text.search(/\d/) ?? -1;
        if (given === null || at < 0 || /-$/.test(given.text)) return;
        const digit = (Number(given.text[at]) + by) % 10;
        const result = check(given.text.slice(0, at) + String(digit) + given.text.slice(at + 1), given.page);
        expect(['altered', 'absent']).toContain(result.mark);
        if (result.mark === 'altered') expect(result.differences.some((one) => one.grave)).toBe(true);
      }),
    );
  });
});

test('a document taken out is no longer found, and pages of unknown documents are refused', () => {
  const own = new QuoteIndex();
  const [page] = pagesOf('The company must keep the records of each sailing.') as [Page];
  own.addSource('one', () => page);
  own.addPage('one', page);
  expect(own.check({ quote: 'keep the records of each sailing' }).mark).toBe('exact');
  own.removeSource('one');
  expect(own.check({ quote: 'keep the records of each sailing' }).mark).toBe('absent');
  expect(() => own.addPage('two', page)).toThrow(/“two”/);
});

describe('a page with a footnote', () => {
  const noted = pagesOf(
    'The rent rises each year\n1 See Schedule 3 on how it rises.\nand is paid in May of that year.',
  ).map((page) => ({
    ...page,
    lines: page.lines.map((line, at) => ({ ...line, role: at === 1 ? ('note' as const) : line.role })),
  }));
  const own = new QuoteIndex();
  own.addSource('one', () => noted[0] ?? null);
  for (const page of noted) own.addPage('one', page);

  test.each([
    ['the text that goes on behind the note', 'The rent rises each year and is paid in May'],
    ['the note alone', 'See Schedule 3 on how it rises'],
    ['both in the order of the page', 'rises each year 1 See Schedule 3 on how it rises'],
  ])('has %s', (_, quote) => {
    expect(own.check({ quote, sourceId: 'one', page: 1 }).mark).toBe('exact');
    expect(own.check({ quote }).mark).toBe('exact');
  });
});
