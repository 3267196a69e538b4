import { describe, expect, test } from '@jest/globals';
import { act } from 'react';
import { draw } from '../../../tests/support/draw';
import type { Citation } from '@/core/quote';
import type { ProofFigure, ProofItem, ProofQuote } from '@/core/proof';
import type { StoredProof } from '@/store';
import { FigureGlyph } from './FigureGlyph';
import { ProofText } from './ProofText';

const TEXT = '# Memo\n\nIt says “the rent is due” and owes 12 crowns, then 14 crowns.';
const at = (words: string): { start: number; end: number; text: string } => ({ start: TEXT.indexOf(words), end: TEXT.indexOf(words) + words.length, text: words }); // prettier-ignore
const PLACE = { saidFrom: '', pages: [1], placeFault: null, rightPlace: null, placeSaid: null };
const citation = (mark: Citation['mark'], grave: boolean): Citation =>
  ({
    mark,
    differences: grave ? [{ kind: 'modal', expected: 'is', found: 'may be', grave }] : [],
  }) as unknown as Citation;
const quote = (mark: Citation['mark'], grave = false): ProofQuote => ({ ...PLACE, ...at('the rent is due'), kind: 'quote', way: 'marks', citation: citation(mark, grave), tooShort: false }); // prettier-ignore
const figure = (words: string, verdict: ProofFigure['verdict'], fault: ProofFigure['fault'] = null): ProofFigure => ({ ...PLACE, ...at(words), kind: 'figure', verdict, fault, value: '12', unit: 'crown', scale: 1, citation: null, how: '', right: null }); // prettier-ignore

function text(
  items: readonly ProofItem[],
  chosen = -1,
  onChoose: (index: number) => void = () => undefined,
): HTMLElement {
  const proof: StoredProof = { v: 1, id: 'p', dossierId: 'd', name: 'Memo', text: TEXT, madeAt: 0, items, against: [], before: null }; // prettier-ignore
  return draw(<ProofText proof={proof} shown={items.map((item, index) => ({ item, index }))} chosen={chosen} onChoose={onChoose} />); // prettier-ignore
}

describe('the text of a proof', () => {
  test('is all there, its headings without their signs', () => {
    const words = text([quote('exact'), figure('12 crowns', 'quoted')]).textContent;
    expect(words).toContain('Memo');
    expect(words).not.toContain('#');
    expect(words?.replace('=', '')).toContain('It says “the rent is due” and owes 12 crowns, then 14 crowns.');
  });

  test('shows the mark of each quotation, and of figures only where something is wrong', () => {
    const frame = text([
      quote('altered', true),
      figure('12 crowns', 'quoted'),
      figure('14 crowns', 'unsupported', 'nowhere'),
    ]);
    const glyphs = [...frame.querySelectorAll('[role=img]')].map((one) => one.getAttribute('aria-label'));
    expect(glyphs).toEqual(['checked: altered', 'figure: nowhere']);
    expect(frame.querySelectorAll('[data-problem]')).toHaveLength(2);
    expect(frame.querySelectorAll('[data-problem] .border-grave')).not.toHaveLength(0);
  });

  test('tells which item is chosen, by click and by key', () => {
    const chosen: number[] = [];
    const frame = text([quote('exact'), figure('12 crowns', 'quoted')], 0, (index) => chosen.push(index));
    const [first, second] = [...frame.querySelectorAll<HTMLElement>('[data-item]')];
    expect([first?.getAttribute('aria-pressed'), second?.getAttribute('aria-pressed')]).toEqual(['true', 'false']);
    act(() => second?.click());
    document.body.append(frame);
    act(() => void second?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true })));
    expect(chosen).toEqual([1, 1]);
  });
});

test.each([
  [figure('12 crowns', 'quoted'), '=', false],
  [figure('12 crowns', 'computed'), '÷', false],
  [figure('12 crowns', 'unsupported', 'period'), '≠', true],
  [figure('12 crowns', 'unsupported', 'nowhere'), '∅', false],
])('the glyph of a figure says how it stands (%#)', (item, glyph, grave) => {
  const [square] = draw(<FigureGlyph item={item} />).children;
  expect(square?.textContent).toBe(glyph);
  expect(square?.className.includes('text-grave')).toBe(grave);
});
