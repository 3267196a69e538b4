import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { FigureShelf, sayStated, type StatedFigure } from '.';

const TEXTS = {
  'north.txt': [
    'North quay\n\nThe north quay took 212 calls in 2025, and dues of 1.4 million crowns.',
    'Dues (in thousands of crowns)\n\n              Note     2025     2024\nPilotage          4    1,400    1,310\nTowage            5      620      655\n',
  ].join('\f'),
  'south.txt':
    'South quay\n\nThe south quay took 96 calls in 2025.\n\nDues (in thousands of crowns)\n\n              2025     2024\nPilotage       480      455\n',
};
const library = libraryOfTexts(TEXTS);
const shelf = new FigureShelf(library.sources(), 'en');
const hows = (figures: readonly StatedFigure[]): string[] => figures.map((one) => `${one.sourceId} ${one.how}`);

test('a text finds the cells of the row it names, in every document', () => {
  const found = hows(shelf.about('Pilotage brought in a good deal.'));
  expect(found).toEqual(
    expect.arrayContaining(['north.txt Pilotage › 2025: 1,400', 'north.txt Pilotage › 2024: 1,310', 'south.txt Pilotage › 2025: 480']), // prettier-ignore
  );
});

test('a figure finds where its value stands in another scale', () => {
  expect(hows(shelf.about('It was 1,310,000 crowns.'))).toContain('north.txt Pilotage › 2024: 1,310');
});

test('the number of a note is no figure', () => {
  const [north] = library.sources(['north.txt']);
  if (north === undefined) throw new Error('north.txt was added');
  expect(north.tables[0]?.columns[0]?.path).toEqual(['Note']);
  expect(hows(shelf.onPage(north, 2)).filter((how) => how.includes('› Note'))).toEqual([]);
});

test('words at a place state what they say; what stands around them is asked for apart', () => {
  const quote = 'The north quay took 212 calls in 2025, and dues of 1.4 million crowns.';
  const { at } = library.quotes.check({ quote, sourceId: 'north.txt', page: 1 });
  if (at === null) throw new Error('the quote stands on page 1');
  expect(shelf.at([at]).map(sayStated)).toEqual(['212', '1.4 million crowns']);
  const table = library.quotes.check({ quote: 'Pilotage 4 1,400 1,310', sourceId: 'north.txt', page: 2 });
  if (table.at === null) throw new Error('the row stands on page 2');
  expect(hows(shelf.around([table.at]))).toContain('north.txt Towage › 2025: 620');
});

describe('a page', () => {
  test('states its own figures and no others', () => {
    const [north] = library.sources(['north.txt']);
    if (north === undefined) throw new Error('north.txt was added');
    expect(new Set(shelf.onPage(north, 1).map((one) => one.page))).toEqual(new Set([1]));
    expect(shelf.onPage(north, 99)).toEqual([]);
  });
});
