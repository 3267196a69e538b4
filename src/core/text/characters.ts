/** Character classes shared by folding, tokens and sentences. */

const LETTER_OR_DIGIT = /[\p{L}\p{N}\p{M}]/u;
const LETTER = /[\p{L}\p{M}]/u;
/** Han, Hiragana, Katakana, Hangul: scripts written without spaces, where a character is our unit of words. */
const IDEOGRAPHIC =
  /[\u3005-\u3007\u3040-\u30ff\u31f0-\u31ff\u3400-\u4dbf\u4e00-\u9fff\uac00-\ud7af\uf900-\ufaff\uff66-\uff9f]/;

export function isDigit(char: string | undefined): boolean {
  return char !== undefined && char >= '0' && char <= '9';
}

export function isWordChar(char: string | undefined): boolean {
  if (char === undefined || char === '') return false;
  const code = char.charCodeAt(0);
  if (code < 128) return (code >= 48 && code <= 57) || (code >= 65 && code <= 90) || (code >= 97 && code <= 122);
  return LETTER_OR_DIGIT.test(char);
}

export function isLetter(char: string | undefined): boolean {
  if (char === undefined || char === '') return false;
  const code = char.charCodeAt(0);
  if (code < 128) return (code >= 65 && code <= 90) || (code >= 97 && code <= 122);
  return LETTER.test(char);
}

export function isIdeographic(char: string | undefined): boolean {
  return char !== undefined && char >= '\u3005' && IDEOGRAPHIC.test(char);
}

export function isSpace(char: string | undefined): boolean {
  return char !== undefined && /\s/.test(char);
}

/** Hyphens and dashes of all widths; the soft hyphen is not among them, since it is never printed in mid-line. */
export function isDash(char: string | undefined): boolean {
  return char !== undefined && (char === '-' || (char >= '\u2010' && char <= '\u2015') || char === '\u2212');
}
