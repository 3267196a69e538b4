import { describe, expect, test } from '@jest/globals';
import { pagesOf, readingOf } from '../../../tests/support/pages';
import { boxesOf } from './geometry';
import { isFlow, lineAt, sectionPath, type Page, type Section } from './types';

const [PAGE] = pagesOf('The first line of the page\nthe second line of it') as [Page];

describe('boxes of a stretch of text', () => {
  test('are one a printed line', () => {
    const boxes = boxesOf(PAGE, { start: 10, end: 37 });
    expect(boxes).toHaveLength(2);
    expect(boxes[0]?.y).toBeLessThan(boxes[1]?.y ?? 0);
  });

  test('grow from left to right with the text, and end where the line ends', () => {
    const [whole] = boxesOf(PAGE, { start: 0, end: 26 });
    const [head] = boxesOf(PAGE, { start: 0, end: 9 });
    const [tail] = boxesOf(PAGE, { start: 22, end: 26 });
    expect(head?.x).toBeCloseTo(whole?.x ?? 0, 6);
    expect(head?.w).toBeLessThan(tail === undefined ? 0 : tail.x - (whole?.x ?? 0));
    expect((tail?.x ?? 0) + (tail?.w ?? 0)).toBeCloseTo((whole?.x ?? 0) + (whole?.w ?? 0), 3);
  });

  test('are none for an empty stretch or one outside the text', () => {
    expect(boxesOf(PAGE, { start: 5, end: 5 })).toEqual([]);
    expect(boxesOf(PAGE, { start: 900, end: 950 })).toEqual([]);
  });

  test('of text that runs upwards are not divided', () => {
    const upright: Page = {
      ...PAGE,
      geometry: { starts: Uint32Array.of(0), ends: Uint32Array.of(20), boxes: Float32Array.of(10, 10, 8, 200) },
    };
    expect(boxesOf(upright, { start: 3, end: 6 })).toEqual([{ x: 10, y: 10, w: 8, h: 200 }]);
  });
});

describe('lines and sections', () => {
  test('the line of an offset is the one that holds it', () => {
    const at = (offset: number): string | undefined => {
      const line = lineAt(PAGE, offset);
      return line === null ? undefined : PAGE.text.slice(line.start, line.end);
    };
    expect(at(0)).toBe('The first line of the page');
    expect(at(30)).toBe('the second line of it');
    expect(at(9999)).toBe('the second line of it');
    expect(lineAt({ ...PAGE, lines: [] }, 0)).toBeNull();
  });

  test('heads and folios are no flow of sentences', () => {
    const [line] = PAGE.lines;
    if (line === undefined) throw new Error('no line');
    expect([
      isFlow(line),
      isFlow({ ...line, role: 'head' }),
      isFlow({ ...line, role: 'folio' }),
      isFlow({ ...line, role: 'note' }),
    ]).toEqual([true, false, false, true]);
  });

  test('a path shows the last four steps, long titles cut', () => {
    const sections = Array.from({ length: 6 }, (_, at): Section => ({
      number: String(at),
      title: at === 5 ? 'x'.repeat(200) : `T${at}`,
      level: at,
      parent: at - 1,
      page: 1,
      start: 0,
    }));
    const path = sectionPath(sections, 5);
    expect(path.split(' › ')).toHaveLength(4);
    expect(path).toMatch(/^2 T2 › 3 T3 › 4 T4 › 5 x{79}…$/);
    expect(sectionPath(sections, -1)).toBe('');
  });

  test('sections of a text follow one another in order', () => {
    const { sections } = readingOf('1 One\n\n1.1 The first clause is here.\n\n2 Two\n\n2.1 The second is here.');
    expect(sections.map((section) => section.number)).toEqual(['1', '1.1', '2', '2.1']);
  });
});
