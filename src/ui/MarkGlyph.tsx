import type { Mark } from '@/core/quote';
import { GlyphSquare } from './GlyphSquare';

const MARKS: Readonly<Record<Mark, { readonly glyph: string; readonly words: string }>> = {
  exact: { glyph: '=', words: 'exact' },
  'same-words': { glyph: '≈', words: 'same words' },
  elsewhere: { glyph: '↷', words: 'elsewhere' },
  altered: { glyph: '≠', words: 'altered' },
  absent: { glyph: '∅', words: 'absent' },
};

export function markInWords(mark: Mark): string {
  return MARKS[mark].words;
}

/** What the check found for a quote, as a glyph in a small square; `grave` turns it red. */
export function MarkGlyph({ mark, grave = false }: { mark: Mark; grave?: boolean }) {
  const { glyph, words } = MARKS[mark];
  return <GlyphSquare glyph={glyph} words={`checked: ${words}`} grave={grave} />;
}
