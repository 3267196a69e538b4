import { describe, expect, test } from '@jest/globals';
import { libraryOfTexts } from '../../../tests/support/shelf';
import { DEFAULT_SETTINGS } from '../answer';
import { Library } from '../library';
import { readText, type Table } from '../source';
import { pageOfLabel, unitsInOrder, unitsOfPassage } from './shelf';

const SENTENCES = Array.from(
  { length: 24 },
  (_, at) => `Boat number ${at + 1} was laid up in the harbour of Orrin for the whole winter.`,
);

function libraryWith(overlap: number): Library {
  const passages = { maxWords: 40, minWords: 5, overlap };
  const library = new Library({ ...DEFAULT_SETTINGS, passages });
  const reading = readText(SENTENCES.join('\n\n'), 'x');
  library.add({ id: 'a', name: 'Boats', sha256: 'x', pageCount: reading.pages.length, language: 'en' });
  for (const page of reading.pages) library.addPage('a', page, []);
  library.finish('a');
  return library;
}

describe('the units of a document in order', () => {
  test.each([0, 1, 2])('are each told once, whatever passages repeat (%i)', (overlap) => {
    const [source] = libraryWith(overlap).sources();
    if (source === undefined) throw new Error('no document');
    const units = Array.from(source.segment.unitKinds).length;
    expect(units > SENTENCES.length).toBe(overlap > 0);
    expect([...unitsInOrder(source)].map(({ text }) => text)).toEqual(SENTENCES);
  });

  test('begin and end at the passages given', () => {
    const [source] = libraryWith(0).sources();
    if (source === undefined) throw new Error('no document');
    const all = [...unitsInOrder(source)];
    expect([...unitsInOrder(source, -3, 1), ...unitsInOrder(source, 1)]).toEqual(all);
    expect([...unitsInOrder(source, 900)]).toEqual([]);
  });
});

describe('the units of a table', () => {
  const { source } = (() => {
    const library = new Library(DEFAULT_SETTINGS);
    const reading = readText(
      ['Work', 'Change of oil    every 12,000    technician', '                 hours', 'Use oil of type 46 only. Rinse it twice.'].join('\n'), // prettier-ignore
      'x',
    );
    library.add({ id: 'a', name: 'Pump', sha256: 'x', pageCount: 1, language: 'en' });
    for (const page of reading.pages) library.addPage('a', page, []);
    library.finish('a');
    return { source: library.sources()[0] };
  })();
  const text = source?.page(1)?.text ?? '';
  const cell = (words: string) => ({ page: 1, start: text.indexOf(words), end: text.indexOf(words) + words.length });
  const table = {
    columns: [{ path: ['Interval'], spans: [[]] }],
    rows: [
      {
        path: ['Change of oil'],
        spans: [[cell('Change of oil')]],
        cells: [{ text: 'every 12,000 hours', spans: [cell('every 12,000'), cell('hours')], value: null, unit: null, scale: 1 }], // prettier-ignore
      },
    ],
  } as unknown as Table;

  test('are whole rows, on however many lines they are printed, once the table is known', () => {
    if (source === undefined) throw new Error('no document');
    const units = (tables: readonly Table[]) =>
      unitsOfPassage({ ...source, tables }, 0).map(({ unit, text: said }) => [unit.kind, said.replace(/\s+/g, ' ').trim()]); // prettier-ignore
    expect(units([])).not.toContainEqual(['row', 'Change of oil every 12,000 technician hours']);
    expect(units([table])).toEqual([
      ['sentence', 'Work'],
      ['row', 'Change of oil every 12,000 technician hours'],
      ['sentence', 'Use oil of type 46 only.'],
      ['sentence', 'Rinse it twice.'],
    ]);
  });

  test('stay as they are where the words of one row stand between those of another', () => {
    const other = { ...table, rows: [...table.rows, { ...table.rows[0], path: ['x'], spans: [[cell('technician')]], cells: [] }] } as Table; // prettier-ignore
    if (source === undefined) throw new Error('no document');
    expect(unitsOfPassage({ ...source, tables: [other] }, 0)).toEqual(unitsOfPassage({ ...source, tables: [] }, 0));
  });
});

describe('the page of a printed label', () => {
  const library = libraryOfTexts({ 'Roll.txt': 'one\ftwo\fthree\ffour' });
  const [plain] = library.sources();
  const labels = ['i', 'II', '1', '1'];
  const source =
    plain === undefined
      ? null
      : {
          ...plain,
          page: (number: number) => {
            const page = plain.page(number);
            return page === null ? null : { ...page, label: labels[number - 1] ?? null };
          },
        };

  test('is the first that bears it, whatever its case', () => {
    if (source === null) throw new Error('no document');
    expect(['i', 'ii', '1'].map((label) => pageOfLabel(source, label))).toEqual([1, 2, 3]);
    expect(pageOfLabel(source, '9')).toBeNull();
  });
});
