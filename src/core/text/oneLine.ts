/** A text as one line, for people: white space squeezed, words that a line end broke joined again ("conces-\nsion"). */
export function oneLine(text: string): string {
  return text
    .replace(/(?<=\p{L})[-\u2010\u00ad]\s*\n\s*(?=\p{Ll})/gu, '')
    .replace(/\s+/g, ' ')
    .trim();
}
