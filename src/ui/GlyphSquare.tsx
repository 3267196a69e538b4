import clsx from 'clsx';

/** A glyph in a small square, with its words for those who cannot see it; `grave` turns it red. */
export function GlyphSquare({ glyph, words, grave }: { glyph: string; words: string; grave: boolean }) {
  return (
    <span
      role="img"
      aria-label={words}
      title={words}
      className={clsx(
        'inline-flex size-[18px] shrink-0 items-center justify-center rounded-[2px] border bg-leaf text-[13px] leading-none font-semibold',
        grave ? 'border-grave text-grave' : 'border-ink text-ink',
      )}
    >
      {glyph}
    </span>
  );
}
