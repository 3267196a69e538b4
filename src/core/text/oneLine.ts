/** A text with the words that a line end broke joined again: "conces-\nsion". */
export function joinLineEnds(text: string): string {
  return text.replace(/(?<=\p{L})[-\u2010\u00ad]\s*\n\s*(?=\p{Ll})/gu, '');
}

/** A text as one line, for people: white space squeezed, words that a line end broke joined again. */
export function oneLine(text: string): string {
  return joinLineEnds(text).replace(/\s+/g, ' ').trim();
}
