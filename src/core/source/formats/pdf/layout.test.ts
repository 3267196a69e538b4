import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readingOrder } from './columns';
import type { RawItem } from './engine';
import { layOutPage } from './pageText';
import { makeRows } from './rows';

const item = (text: string, x: number, y: number, more: Partial<RawItem> = {}): RawItem => ({
  text,
  x,
  y,
  width: text.length * 5,
  size: 10,
  angle: 0,
  font: 'f',
  ...more,
});

const textOf = (...items: readonly RawItem[]): string => layOutPage({ width: 600, height: 800, items }).text;

describe('rows', () => {
  test('gather what shares a baseline, left to right', () => {
    const rows = makeRows([item('right', 200, 100.4), item('left', 50, 100), item('below', 50, 120)], 0);
    expect(rows.map((row) => row.pieces.map((piece) => piece.text))).toEqual([['left', 'right'], ['below']]);
  });

  test('take in scripts that touch a word, and leave small type of its own line alone', () => {
    const rows = makeRows(
      [
        item('area', 50, 100),
        item('another word', 50, 130),
        item('2', 71, 96, { size: 6, width: 3 }),
        item('note', 300, 112, { size: 6 }),
      ],
      0,
    );
    expect(rows[0]?.pieces.map((piece) => piece.text)).toEqual(['area', '2']);
    expect(rows.some((row) => row.pieces.length === 1 && row.pieces[0]?.text === 'note')).toBe(true);
  });

  test('drop what cannot be seen', () => {
    expect(makeRows([item('  ', 50, 100), item('x', 50, 100, { size: 0 })], 0)).toEqual([]);
  });

  test('lose no item, whatever its place', () => {
    const items = fc.array(fc.record({ x: fc.nat(500), y: fc.nat(700) }), { maxLength: 40 });
    fc.assert(
      fc.property(items, (places) => {
        const made = places.map(({ x, y }, at) => item(`w${at}`, x, y));
        const rows = makeRows(made, 0);
        expect(rows.flatMap((row) => row.pieces.map((piece) => piece.text)).sort()).toEqual(
          made.map((one) => one.text).sort(),
        );
        const blocks = readingOrder(rows).flat();
        expect(blocks.flatMap((row) => row.pieces).length).toBe(made.length);
      }),
    );
  });
});

describe('lines', () => {
  test('put a space where there is a gap, and none within a word', () => {
    expect(textOf(item('con', 50, 100), item('cession', 65, 100), item('ends', 110, 100))).toBe('concession ends');
  });

  test('put no space between ideographs that stand close', () => {
    expect(textOf(item('造船', 50, 100, { width: 20 }), item('所', 73, 100, { width: 10 }))).toBe('造船所');
  });

  test('set an accent over the letter it was drawn for', () => {
    expect(textOf(item('gr¨', 50, 100, { width: 15 }), item('oßer', 60, 100))).toBe('größer');
  });

  test('set an accent drawn by itself over the capital below it', () => {
    expect(textOf(item('Eine', 50, 100), item('¨', 76, 97.5, { width: 5 }), item('Anderung der Noten', 75, 100))).toBe(
      'Eine Änderung der Noten',
    );
  });

  test('read text that runs upwards after the rest, and set it apart', () => {
    const page = layOutPage({
      width: 600,
      height: 800,
      items: [item('DRAFT COPY', 20, 500, { angle: 270 }), item('The body of the page stands here', 50, 100)],
    });
    expect(page.text).toBe('The body of the page stands here\nDRAFT COPY');
    expect(page.lines.map((line) => line.askew)).toEqual([false, true]);
  });

  test('know where a paragraph opens', () => {
    const row = (text: string, y: number, x = 50): RawItem => item(text.padEnd(80, '.'), x, y);
    const page = layOutPage({
      width: 600,
      height: 800,
      items: [
        row('First', 100),
        row('second', 114),
        row('third', 128),
        row('After a gap', 160),
        row('(a) an item', 174),
      ],
    });
    expect(page.lines.map((line) => line.opens)).toEqual([true, false, false, true, true]);
  });
});

describe('two columns of which the last is short', () => {
  const left = Array.from({ length: 12 }, (_, at) =>
    item(`line ${at} of the first column of text`, 50, 100 + 12 * at, { width: 230 }),
  );
  const right = [
    item('which goes on at the top of', 310, 100, { width: 220 }),
    item('the second column and ends.', 310, 112, { width: 200 }),
  ];
  const lines = (items: readonly RawItem[]): string[] => textOf(...items).split('\n');

  test('are read one after the other where they were drawn so', () => {
    const read = lines([...left, ...right]);
    expect(read.slice(0, 12)).toEqual(left.map(({ text }) => text));
    expect(read.slice(12)).toEqual(right.map(({ text }) => text));
  });

  test('are rows where they were drawn row by row', () => {
    const [one, two, ...rest] = left as [RawItem, RawItem, ...RawItem[]];
    const [first, second] = right as [RawItem, RawItem];
    expect(lines([one, first, two, second, ...rest])[0]).toBe(`${one.text} ${first.text}`);
  });
});

describe('a change of type', () => {
  const draft = (width: number, font: string): boolean | undefined =>
    layOutPage({
      width: 600,
      height: 800,
      items: [
        item('Edition of May 2023', 50, 100, { width }),
        item('Data', 50, 112, { font }),
        item('The crane lifts nine tonnes at a reach of fourteen metres, and', 50, 124, { width: 400 }),
        item('the hoist runs fast.', 50, 136),
      ],
    }).lines[1]?.opens;

  test('below a line that ends early opens a paragraph', () => {
    expect(draft(95, 'bold')).toBe(true);
  });

  test('opens one below a line of a third type, and so does a label that stands out to the left', () => {
    const opens = (above: Partial<RawItem>, text: string, below: Partial<RawItem> = {}): boolean | undefined =>
      layOutPage({
        width: 600,
        height: 800,
        items: [
          item('The crane lifts nine tonnes at a reach of fourteen metres.', 50, 100, { width: 400 }),
          item('1 or 0', 90, 112, above),
          item(text, 50, 124, below),
        ],
      }).lines[2]?.opens;
    expect(opens({ font: 'italic' }, 'Effect', { font: 'bold' })).toBe(true);
    expect(opens({}, 'Default value:')).toBe(true);
    expect(opens({}, 'Default value is')).toBe(false);
    expect(opens({ x: 50 }, 'Default value:')).toBe(false);
  });

  test('opens none in the same type, or below a full line', () => {
    expect(draft(95, 'f')).toBe(false);
    expect(draft(400, 'bold')).toBe(false);
  });
});

describe('a line that begins with a number', () => {
  const opens = (before: string, line: string): boolean | undefined => {
    const wide = item(before, 50, 100, { width: 400 });
    return layOutPage({ width: 600, height: 800, items: [wide, item(line, 50, 112, { width: 400 })] }).lines[1]?.opens;
  };

  test('goes on with a date or with what leans on a number', () => {
    expect(
      opens('The ban was in force, as the company said, from 12 July to', '4 September 2023. Complaints fell.'),
    ).toBe(false);
    expect(opens('This is payable under clause', '3.1 Of the agreement')).toBe(false);
  });

  test('goes on where a number in figures says again what the line above ends with in words', () => {
    expect(opens('The vessel is nominated not less than fourteen', '(14) days before it arrives')).toBe(false);
    expect(opens('The following papers are handed over', '(14) the certificate of the hull')).toBe(true);
  });

  test('opens a paragraph of its own where it numbers one', () => {
    expect(opens('The parties agree as follows.', '4 Services of the provider')).toBe(true);
    expect(opens('This is payable by the tenant', '3.1 Rent is due in advance')).toBe(true);
    expect(opens('This is payable by the tenant', '5. (1) Ferries pay nothing')).toBe(true);
  });
});
