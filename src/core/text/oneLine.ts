/** What keeps its hyphen where a line ends at it: "thirty-five", "non-payment", "self-insured". */
const HYPHENATED =
  /\b((?:twen|thir|for|fif|six|seven|eigh|nine)ty(?=[-\u2010]\s*\n\s*(?:one|two|three|four|five|six|seven|eight|nine|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth)\b)|non|self)[-\u2010]\s*\n\s*(?=\p{Ll})/giu;

/** A text with the words that a line end broke joined again: "conces-\nsion". */
export function joinLineEnds(text: string): string {
  return text.replace(HYPHENATED, '$1-').replace(/(?<=\p{L})[-\u2010\u00ad]\s*\n\s*(?=\p{Ll})/gu, '');
}

/** A line end within a script that sets no spaces between words. */
const WIDE_LINE_END =
  /(?<=[\u3000-\u30ff\u4e00-\u9fff\uff00-\uffef])\s*\n\s*(?=[\u3000-\u30ff\u4e00-\u9fff\uff00-\uffef\d])/gu;

/** A text as one line, for people: white space squeezed, words that a line end broke joined again. */
export function oneLine(text: string): string {
  return joinLineEnds(text).replace(WIDE_LINE_END, '').replace(/\s+/g, ' ').trim();
}
