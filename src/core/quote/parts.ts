/** A quote cut where its writer left words out or put words in. */
export interface QuoteParts {
  /** The pieces that claim to be the page's words, in order. */
  readonly pieces: readonly string[];
  /** Between piece `i` and `i+1`: an ellipsis, or the words set in brackets. */
  readonly joints: readonly Joint[];
  /** Brackets before the first and behind the last piece. */
  readonly outer: readonly Joint[];
}

/** What stands between two pieces of a quote. */
export type Joint = { readonly kind: 'ellipsis' } | { readonly kind: 'bracket'; readonly inserted: string };

const JOINT = /\[\s*(?:\.\s*){3,}\]|\[\s*…\s*\]|\(\s*(?:\.\s*){3}\)|\(\s*…\s*\)|(?:\.\s?){3,}|…+|\[([^\]]{2,80})\]/gu;
const QUOTES = /^[\s"'“”„«»‹›‘’「」『』]+|[\s"'“”„«»‹›‘’「」『』]+$/gu;

/** The quote without white space and quotation marks around it. */
export function trimQuote(quote: string): string {
  return quote.replace(QUOTES, '');
}

/**
 * Cuts a quote at ellipses ("…", "...", "[…]") and at words in square brackets; null when it has neither. A bracketed single letter
 * ("[T]he") is a change of case and no cut.
 */
export function splitParts(quote: string): QuoteParts | null {
  const pieces: string[] = [];
  const joints: Joint[] = [];
  let from = 0;
  for (const match of quote.matchAll(JOINT)) {
    pieces.push(quote.slice(from, match.index));
    joints.push(match[1] === undefined ? { kind: 'ellipsis' } : { kind: 'bracket', inserted: match[1] });
    from = match.index + match[0].length;
  }
  if (joints.length === 0) return null;
  pieces.push(quote.slice(from));
  // An ellipsis before the first or behind the last word leaves nothing out of the quote.
  const hasWords = (piece: string | undefined): boolean => /[\p{L}\p{N}]/u.test(piece ?? '');
  const outer: Joint[] = [];
  while (pieces.length > 1 && !hasWords(pieces[0])) {
    pieces.shift();
    outer.push(...joints.splice(0, 1));
  }
  while (pieces.length > 1 && !hasWords(pieces.at(-1))) {
    pieces.pop();
    outer.push(...joints.splice(-1, 1));
  }
  for (let at = 1; at < pieces.length - 1; at += 1) {
    if (hasWords(pieces[at])) continue;
    pieces.splice(at, 1);
    joints.splice(at, 1);
    at -= 1;
  }
  return { pieces, joints, outer: outer.filter((joint) => joint.kind === 'bracket') };
}
