import { isGrave, type ProofFigure } from '@/core/proof';
import { GlyphSquare } from '@/ui';

/** How a figure stands, as a glyph in a small square like a quote's mark. */
function glyphOf({ verdict, fault }: ProofFigure): readonly [string, string] {
  if (verdict === 'quoted') return ['=', 'stated so'];
  if (verdict === 'computed') return ['÷', 'worked out'];
  return fault === 'nowhere' ? ['∅', 'nowhere'] : ['≠', 'stated otherwise'];
}

export function FigureGlyph({ item }: { item: ProofFigure }) {
  const [glyph, words] = glyphOf(item);
  return <GlyphSquare glyph={glyph} words={`figure: ${words}`} grave={isGrave(item)} />;
}
