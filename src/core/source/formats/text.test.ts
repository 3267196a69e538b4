import { describe, expect, test } from '@jest/globals';
import { readingOf } from '../../../../tests/support/pages';
import { lineAt, sectionPath } from '../types';
import { readText } from './text';

describe('plain text', () => {
  test('ends a page at a form feed', () => {
    expect(readingOf('one', 'two', 'three').pages.map((page) => page.text)).toEqual(['one', 'two', 'three']);
  });

  test('without one, takes sixty lines a page', () => {
    const text = Array.from({ length: 130 }, (_, at) => `line ${at}`).join('\n');
    const { pages, facts } = readText(text, '');
    expect(facts.pageCount).toBe(3);
    expect(pages[1]?.text.startsWith('line 60\n')).toBe(true);
  });

  test('leaves a byte-order mark and carriage returns out', () => {
    expect(readText('\ufeffone\r\ntwo', '').pages[0]?.text).toBe('one\ntwo');
  });

  test('knows headings that stand out to the left of the text', () => {
    const { sections } = readText(
      [
        'Closing a report',
        '',
        '   A report is closed by whoever sent it in, or by the keeper of the',
        '   register once the fault is mended for good.',
        '',
        'Levels of gravity',
        '',
        '   Each report bears a level. It is plain by default.',
        '',
        'Write to the keeper:',
        '',
        '   keeper@example.test',
      ].join('\n'),
      'a'.repeat(64),
    );
    expect(sections.map(({ title }) => title)).toEqual(['Closing a report', 'Levels of gravity']);
  });

  test('knows clauses and the lines under them', () => {
    const { pages, sections } = readingOf(
      '1 Grant\n\n1.1 The Board grants the right.\nIt lasts long.\n\n2 Term\n\n2.1 It ends.',
    );
    const [page] = pages;
    if (page === undefined) throw new Error('no page');
    const at = page.text.indexOf('It lasts');
    expect(sectionPath(sections, lineAt(page, at)?.section ?? -1)).toBe('1 Grant › 1.1');
  });
});
