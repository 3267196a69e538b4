import { describe, expect, test } from '@jest/globals';
import type { DraftLine, DraftPage } from '../formats/pdf/pageText';
import type { LineRole } from '../types';
import { furnitureRoles, isContentsPage, markNotes } from './furniture';

interface Drawn {
  readonly text: string;
  readonly y: number;
  readonly size?: number;
}

function draft(lines: readonly Drawn[]): DraftPage {
  let start = 0;
  const made = lines.map(({ text, y, size = 10 }): DraftLine => {
    const line = {
      start,
      end: start + text.length,
      box: { x: 72, y, w: 300, h: size },
      size,
      font: 'f',
      opens: true,
      cells: null,
      askew: false,
    };
    start += text.length + 1;
    return line;
  });
  const geometry = { starts: new Uint32Array(), ends: new Uint32Array(), boxes: new Float32Array() };
  return { text: lines.map((line) => line.text).join('\n'), width: 595, height: 842, lines: made, geometry };
}

function roles(page: DraftPage, ...others: readonly DraftPage[]): (string | undefined)[] {
  const found = furnitureRoles(
    page,
    others.map((other, at) => ({ page: other, distance: at + 1 })),
  );
  return page.lines.map((line) => found.get(line));
}

const body = { text: 'The owner keeps the vessel in repair.', y: 400 };

describe('running heads and folios', () => {
  test('recur at one place, their numbers aside', () => {
    const page = (number: number): DraftPage =>
      draft([{ text: `Annual filing · page ${number}`, y: 40 }, body, { text: String(number), y: 810 }]);
    expect(roles(page(7), page(8), page(9))).toEqual(['head', undefined, 'folio']);
  });

  test('may name the chapter beside a page number in step', () => {
    const page = (chapter: string, number: number): DraftPage => draft([{ text: `${chapter} ${number}`, y: 40 }, body]);
    expect(roles(page('Hulls', 11), page('Engines', 12), page('Masts', 13))[0]).toBe('head');
  });

  test('are the last number of a page in step with those around, however far from the edge', () => {
    const page = (number: number, y = 660): DraftPage => draft([body, { text: String(number), y }]);
    expect(roles(page(7), page(8), page(9))[1]).toBe('folio');
    expect(roles(page(7), page(21), page(3))[1]).toBeUndefined();
  });

  test('are not lines in the middle of the page, nor on a page alone', () => {
    expect(roles(draft([body]), draft([body]))).toEqual([undefined]);
    expect(roles(draft([{ text: 'Part A General', y: 40 }, body]))[0]).toBeUndefined();
  });

  test('are not footnotes, though these are numbered in step', () => {
    const page = (number: number, rest: string): DraftPage =>
      draft([body, { text: `${number} ${rest} and so it was agreed by all.`, y: 790, size: 7 }]);
    expect(roles(page(1, 'The wind rose'), page(2, 'Fog came in'), page(3, 'It rained'))[1]).toBeUndefined();
  });
});

test('footnotes are small lines at the foot that open with a mark', () => {
  const page = draft([
    body,
    { text: '7 See the survey of April.', y: 760, size: 8 },
    { text: 'It was late.', y: 770, size: 8 },
  ]);
  const found = new Map<DraftLine, LineRole>();
  markNotes(page, found, 10);
  expect(page.lines.map((line) => found.get(line))).toEqual([undefined, 'note', 'note']);
  const unmarked = draft([body, { text: 'Set in small type all the same.', y: 760, size: 8 }]);
  const none = new Map<DraftLine, LineRole>();
  markNotes(unmarked, none, 10);
  expect(none.size).toBe(0);
  const table = draft([body, { text: '2024 2023', y: 740, size: 8 }, { text: 'Fees 9,760 8,940', y: 752, size: 8 }]);
  markNotes(table, none, 10);
  expect(none.size).toBe(0);
});

test('a page of contents is one whose lines lead to page numbers', () => {
  const entries = Array.from({ length: 9 }, (_, at) => ({
    text: `${at} A heading of some kind . . . . . . . ${at + 3}`,
    y: 100 + 14 * at,
  }));
  expect(isContentsPage(draft(entries), new Map())).toBe(true);
  const rows = Array.from({ length: 9 }, (_, at) => ({ text: `Staff costs 1,${at}20 2,31${at}`, y: 100 + 14 * at }));
  expect(isContentsPage(draft(rows), new Map())).toBe(false);
});

describe('a line at the top that the text goes on from', () => {
  const clause = (number: number, text: string): DraftPage =>
    draft([
      { text: 'Long agreement', y: 40, size: 8 },
      { text, y: 80 },
      { text: `within ${number} days of the end of the quarter`, y: 92 },
      { text: number > 20 ? 'in which the berth was let.' : 'and shall keep a record of it.', y: 104 },
      body,
    ]);

  test('is no running head, although a page nearby begins alike', () => {
    const [one, two] = [
      clause(14, '(a) The owner shall pay 200 crowns'),
      clause(30, '(a) The owner shall pay 450 crowns'),
    ];
    expect(roles(one, two)).toEqual(['head', undefined, undefined, undefined, undefined]);
  });

  test('is one where it recurs to the letter', () => {
    const head = 'Harbour Board of Aldmere';
    expect(roles(clause(14, head), clause(30, head))[1]).toBe('head');
  });
});
