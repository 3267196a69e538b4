import { isDash, isDigit, isIdeographic, isSpace, isWordChar } from './characters';
import { fold } from './fold';

/** A word as it stands in a text: `[start, end)` in UTF-16 code units, and its folded form. */
export interface Token {
  readonly start: number;
  readonly end: number;
  readonly word: string;
}

/** Signs that belong to the number before or after them: a changed one is a changed value. */
const VALUE_SIGN = /[%‰°$€£¥]/;

function numberContinues(text: string, index: number): boolean {
  const char = text[index];
  return (char === '.' || char === ',' || char === ':') && isDigit(text[index - 1]) && isDigit(text[index + 1]);
}

/** End of a hyphen and line break in mid-word at `index`, or -1: "conces-\nsion" is one word. */
function joinedLineEnd(text: string, index: number): number {
  const char = text[index];
  if (char === '\u00ad') {
    let next = index + 1;
    while (isSpace(text[next])) next += 1;
    return isWordChar(text[next]) ? next : -1;
  }
  if (char !== '-' && char !== '\u2010') return -1;
  let next = index + 1;
  let broke = false;
  while (isSpace(text[next])) {
    if (text[next] === '\n') broke = true;
    next += 1;
  }
  const after = text[next];
  return broke && after !== undefined && isWordChar(after) && after === after.toLowerCase() && !isDigit(after)
    ? next
    : -1;
}

/**
 * The words of a text in order. Numbers keep their separators and a percent or currency sign is a word of its own,
 * so that a lost one is seen; an ideograph is a word. Words split by a hyphen at a line end are one word.
 */
export function tokenize(text: string): Token[] {
  const tokens: Token[] = [];
  let index = 0;
  while (index < text.length) {
    const char = text[index] as string;
    if (isIdeographic(char)) {
      pushFolded(tokens, text, index, index + 1);
      index += 1;
    } else if (isWordChar(char)) {
      const start = index;
      let end = index + 1;
      while (end < text.length) {
        const at = text[end];
        if (isIdeographic(at)) break;
        if (isWordChar(at) || numberContinues(text, end)) end += 1;
        else if ((at === "'" || at === '’') && isWordChar(text[end + 1])) end += 2;
        else {
          const joined = isDigit(text[end - 1]) ? -1 : joinedLineEnd(text, end);
          if (joined < 0) break;
          end = joined + 1;
        }
      }
      pushFolded(tokens, text, start, end);
      index = end;
    } else {
      if (VALUE_SIGN.test(char)) tokens.push({ start: index, end: index + 1, word: char });
      else if (isDash(char) && isNegativeSign(text, index)) tokens.push({ start: index, end: index + 1, word: '-' });
      else if (char === '(' && isAccountingNegative(text, index))
        tokens.push({ start: index, end: index + 1, word: '-' });
      index += 1;
    }
  }
  return tokens;
}

function isNegativeSign(text: string, index: number): boolean {
  return (
    isDigit(text[index + 1]) && !isWordChar(text[index - 1]) && !(isSpace(text[index - 1]) && isDigit(text[index - 2]))
  );
}

/** "(1,230)" or "(12.5)" is a negative amount; "(1)" or "(2024)" is a list mark or a year. */
function isAccountingNegative(text: string, index: number): boolean {
  const match = /^\(\s?[$€£¥]?\s?(\d[\d,. ]*)%?\s?\)/.exec(text.slice(index, index + 24));
  const digits = match?.[1];
  return digits !== undefined && (/[.,]\d/.test(digits) || /^\d{3}$/.test(digits.trim()));
}

function pushFolded(tokens: Token[], text: string, start: number, end: number): void {
  const raw = text.slice(start, end);
  // Most words are plain letters and digits, of which folding leaves the small letters.
  const word = /^[a-z]+$/.test(raw) ? raw : /^[A-Za-z\d]+$/.test(raw) ? raw.toLowerCase() : fold(raw).text;
  if (word !== '') tokens.push({ start, end, word });
}

/** About how many words a reader takes a line for, two characters of Japanese counting as one. */
export function wordsOfLine(line: string): number {
  return line.trim().split(/\s+/).length + (line.match(/[\u3040-\u9fff]/g)?.length ?? 0) / 2;
}

/** How many words a text has, an ideograph counting as one; without the cost of folding them. */
export function countWords(text: string): number {
  let count = 0;
  let inside = false;
  for (let index = 0; index < text.length; index += 1) {
    const char = text[index] as string;
    const ideograph = isIdeographic(char);
    const word = isWordChar(char);
    if (ideograph || (word && !inside)) count += 1;
    inside = word && !ideograph;
  }
  return count;
}
