/** What keeps its hyphen where a line ends at it: "thirty-five", "non-payment", "self-insured". */
const HYPHENATED =
  /\b((?:twen|thir|for|fif|six|seven|eigh|nine)ty(?=[-\u2010]\s*\n\s*(?:one|two|three|four|five|six|seven|eight|nine|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth)\b)|non|self)[-\u2010]\s*\n\s*(?=\p{Ll})/giu;

/** A text with the words that a line end broke joined again: "conces-\nsion". */
export function joinLineEnds(text: string): string {
  return text.replace(HYPHENATED, '$1-').replace(/(?<=\p{L})[-\u2010\u00ad]\s*\n\s*(?=\p{Ll})/gu, '');
}

/** A text as one line, for people: white space squeezed, words that a line end broke joined again. */
export function oneLine(text: string): string {
  return joinLineEnds(text).replace(/\s+/g, ' ').trim();
}
