import clsx from 'clsx';
import type { ProofFigure } from '@/core/proof';

/** How a figure stands, as a glyph in a small square like a quote's mark. */
function glyphOf({ verdict, fault }: ProofFigure): readonly [string, string] {
  if (verdict === 'quoted') return ['=', 'stated so'];
  if (verdict === 'computed') return ['÷', 'worked out'];
  return fault === 'nowhere' ? ['∅', 'nowhere'] : ['≠', 'stated otherwise'];
}

export function FigureGlyph({ item }: { item: ProofFigure }) {
  const [glyph, words] = glyphOf(item);
  const grave = item.verdict === 'unsupported' && item.fault !== 'nowhere';
  return (
    <span
      role="img"
      aria-label={`figure: ${words}`}
      title={`figure: ${words}`}
      className={clsx(
        'inline-flex size-[18px] shrink-0 items-center justify-center rounded-[2px] border bg-leaf text-[13px] leading-none font-semibold',
        grave ? 'border-grave text-grave' : 'border-ink text-ink',
      )}
    >
      {glyph}
    </span>
  );
}
