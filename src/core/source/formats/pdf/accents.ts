/** Accents that old fonts draw as signs of their own, before the letter they stand over, and the combining marks they stand for. */
const COMBINING: Readonly<Record<string, string>> = {
  '¨': '\u0308',
  '´': '\u0301',
  ˆ: '\u0302',
  '˜': '\u0303',
  ˇ: '\u030c',
  '˘': '\u0306',
  '˚': '\u030a',
  '˝': '\u030b',
  '¯': '\u0304',
  '¸': '\u0327',
};
const INSIDE = new RegExp(`([${Object.keys(COMBINING).join('')}])(\\p{L})`, 'gu');
/** A dotless i or j carries the accent of the plain letter. */
const PLAIN: Readonly<Record<string, string>> = { ı: 'i', ȷ: 'j' };

/** The letter with the accent over it, or null when the two make no one character. */
export function composed(accent: string, letter: string): string | null {
  const mark = COMBINING[accent];
  if (mark === undefined) return null;
  const one = ((PLAIN[letter] ?? letter) + mark).normalize('NFC');
  return one.length === 1 ? one : null;
}

/** Text whose separately drawn accents are set over the letters behind them: "gr¨oßer" is "größer". */
export function composeAccents(text: string): string {
  return text.replace(INSIDE, (both, accent: string, letter: string) => composed(accent, letter) ?? both);
}
