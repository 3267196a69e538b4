import { describe, expect, test } from '@jest/globals';
import { layOutPage } from '../formats/pdf/pageText';
import type { RawItem } from '../formats/pdf/engine';
import { textWithoutMarks, type LineRole, type Note, type PageText } from '../types';
import { markNotes } from './furniture';
import { joinNotes } from './notes';

const item = (text: string, x: number, y: number, size = 10): RawItem => ({ text, x, y, size, width: text.length * size * 0.5, angle: 0, font: 'f' }); // prettier-ignore

/** A page of items, its footnotes joined. */
function joined(...items: readonly RawItem[]): { page: PageText; notes: Note[] } {
  const draft = layOutPage({ width: 595, height: 842, items });
  const roles = new Map<(typeof draft.lines)[number], LineRole>();
  markNotes(draft, roles, 10);
  const notes = joinNotes(draft, roles);
  const lines = draft.lines.map((line) => ({ ...line, role: roles.get(line) ?? ('body' as const), section: -1 }));
  return { page: { number: 1, label: null, text: draft.text, width: 595, height: 842, lines, notes }, notes };
}

const marked = ({ page, notes }: ReturnType<typeof joined>): (string | null)[] =>
  notes.map(({ at }) => (at === null ? null : page.text.slice(0, at.end)));

describe('a footnote', () => {
  const page = joined(
    item('The fee was restated', 72, 100),
    item('1', 172, 96, 6),
    item('in 2025. Nothing else was', 182, 100),
    item('2', 307, 96, 6),
    item('1 After the change of the lease rule.', 72, 760, 8),
    item('2 Twelve berths were looked at, of which', 72, 772, 8),
    item('12 stand empty.', 72, 784, 8),
  );

  test('is joined to its raised mark, and goes on over its lines', () => {
    expect(page.notes.map((note) => note.mark)).toEqual(['1', '2']);
    expect(marked(page)).toEqual(['The fee was restated1', expect.stringMatching(/else was2$/)]);
    expect(page.page.text.slice(page.notes[1]?.start, page.notes[1]?.end)).toMatch(/empty\.$/);
  });

  test('leaves no mark in the sentence', () => {
    expect(textWithoutMarks(page.page, 0, page.page.text.indexOf('\n'))).toBe(
      'The fee was restated in 2025. Nothing else was',
    );
  });

  test('with a sign is found beside its word', () => {
    const found = joined(item('Dues* are paid', 72, 100), item('* Set by the Board each May.', 72, 780, 8));
    expect(marked(found)).toEqual(['Dues*']);
  });

  test('has no place where its mark is a figure of the text', () => {
    const found = joined(item('Berth 1 is let', 72, 100), item('1 Since May of that year.', 72, 780, 8));
    expect(found.notes).toMatchObject([{ mark: '1', at: null }]);
  });
});
