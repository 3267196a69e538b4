import clsx from 'clsx';
import type { Mark } from '@/core/quote';

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
  return (
    <span
      role="img"
      aria-label={`checked: ${words}`}
      title={`checked: ${words}`}
      className={clsx(
        'inline-flex size-[18px] shrink-0 items-center justify-center rounded-[2px] border bg-leaf text-[13px] leading-none font-semibold',
        grave ? 'border-grave text-grave' : 'border-ink text-ink',
      )}
    >
      {glyph}
    </span>
  );
}
