import { describe, expect, test } from '@jest/globals';
import { askBuiltIn, DEFAULT_SETTINGS } from '.';
import { Library } from '../library';
import { readText, type Table } from '../source';

const TEXT = [
  'Pump handbook',
  '',
  'Work                Interval         By',
  'Change of oil       every 12,000     technician',
  '                    hours',
  'Check of the anode  every 6          user',
  '                    months',
].join('\n');

const library = new Library(DEFAULT_SETTINGS);
const reading = readText(TEXT, 'x');
library.add({ id: 'a', name: 'Pump', sha256: 'x', pageCount: 1, language: 'en' });
for (const page of reading.pages) library.addPage('a', page, []);
library.finish('a');
const text = reading.pages[0]?.text ?? '';
const at = (words: string) => ({ page: 1, start: text.indexOf(words), end: text.indexOf(words) + words.length });
const cell = (...words: string[]) => ({
  text: words.join(' '),
  spans: words.map(at),
  value: null,
  unit: null,
  scale: 1,
});
const row = (label: string, ...cells: ReturnType<typeof cell>[]) => ({ path: [label], spans: [[at(label)]], cells });
const table: Table = {
  caption: null,
  captionSpans: [],
  unit: null,
  scale: 1,
  columns: [
    { path: ['Interval'], spans: [[at('Interval')]] },
    { path: ['By'], spans: [[at('By')]] },
  ],
  rows: [
    row('Change of oil', cell('every 12,000', 'hours'), cell('technician')),
    row('Check of the anode', cell('every 6', 'months'), cell('user')),
  ],
  places: [],
};
library.setTables('a', [table]);
const ask = (question: string) => askBuiltIn(question, library.sources(), library.quotes, { now: () => 0 });

describe('a row whose cells are printed on several lines', () => {
  test.each([
    ['How often must the oil be changed?', 'every 12,000 hours'],
    ['How often must the anode be checked?', 'every 6 months'],
  ])('“%s” is told by a cell, not by the words of two', (question, told) => {
    const { headline, claims } = ask(question);
    expect(headline).toBe(told);
    expect(claims[0]?.citations[0]?.mark).toBe('exact');
  });
});
