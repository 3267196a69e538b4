import type { Citation } from '../src/core/quote';

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
