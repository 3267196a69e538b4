import type { Calculation } from '../src/core/answer';
import type { ClaimFigure } from '../src/core/claim';
import type { Citation } from '../src/core/quote';

/** A calculation as `--json` writes it: its operands are figures with the place each was quoted from. */
export function asCalculation({ operation, operands, result, working }: Calculation): Record<string, unknown> {
  const figures = operands.map(({ text, value, unit, scale, citation }) => ({
    text,
    value: Number(value),
    unit,
    scale,
    verdict: 'quoted',
    how: citation.quote,
    source: citation.sourceId,
    page: citation.page,
  }));
  return { operation, operands: figures, result, working };
}

/** A traced figure as `--json` writes it. */
export function asFigure(figure: ClaimFigure): Record<string, unknown> {
  const { text, kind, value, unit, scale, verdict, how, fault, sourceId, page } = figure;
  return {
    text,
    value: kind === 'date' ? value : Number(value),
    unit,
    scale,
    verdict,
    how,
    ...(fault === null ? {} : { fault }),
    source: sourceId,
    page,
  };
}

const GLYPHS = { exact: '=', 'same-words': '≈', elsewhere: '↷', altered: '≠', absent: '∅' } as const;

/** A citation as `--json` writes it; see docs/formats.md. */
export function asCite(citation: Citation): Record<string, unknown> {
  const { sourceName, page, label, section, quote, mark, words, place } = citation;
  return { source: sourceName, page, label, section, quote, mark, words, place };
}

/** A citation's mark and place in a line for people. */
export function placeInWords(citation: Citation): string {
  const section = citation.section === '' ? '' : ` · ${citation.section}`;
  return `${GLYPHS[citation.mark]} ${citation.sourceName}, p. ${citation.label ?? citation.page ?? '?'}${section}`;
}
