import hyphen from 'hyphen/en-gb';

/** Type a run of words is set in. */
export type Face = 'regular' | 'bold' | 'italic';

export interface Word {
  readonly text: string;
  readonly face: Face;
}

export interface SetLine {
  readonly words: readonly Word[];
  /** True for the last line of a paragraph, which is not justified. */
  readonly last: boolean;
}

export interface Measure {
  (text: string, face: Face): number;
}

const SOFT = '\u00ad';
/** Shortest part of a word that may stand on either side of a hyphen. */
const SHORTEST = 3;

/** Words of a marked-up text: `*bold*`, `_italic_`; the marks may stand around several words. */
export function parseWords(text: string): Word[] {
  const words: Word[] = [];
  let face: Face = 'regular';
  for (const part of text.split(/(\*|_)/)) {
    if (part === '*') face = face === 'bold' ? 'regular' : 'bold';
    else if (part === '_') face = face === 'italic' ? 'regular' : 'italic';
    else for (const word of part.split(' ').filter(Boolean)) words.push({ text: word, face });
  }
  return words;
}

/** The longest head of a word, with a hyphen, that fits; null when none does. */
function breakWord(word: Word, room: number, measure: Measure): [Word, Word] | null {
  if (!/^[a-z]{7,}[.,;:]?$/.test(word.text)) return null;
  const parts = hyphen.hyphenateSync(word.text).split(SOFT);
  for (let count = parts.length - 1; count > 0; count -= 1) {
    const [head, tail] = [parts.slice(0, count).join(''), parts.slice(count).join('')];
    if (head.length < SHORTEST || tail.length < SHORTEST) continue;
    const shown = `${head}-`;
    if (measure(shown, word.face) <= room)
      return [
        { ...word, text: shown },
        { ...word, text: tail },
      ];
  }
  return null;
}

/** Breaks words into lines of a width in points, first fit, hyphenating where a line would be left loose. */
export function breakLines(words: readonly Word[], width: number, measure: Measure): SetLine[] {
  const space = measure(' ', 'regular');
  const lines: SetLine[] = [];
  let line: Word[] = [];
  let used = 0;
  const rest = [...words];
  for (let word = rest.shift(); word !== undefined; word = rest.shift()) {
    const own = measure(word.text, word.face);
    const lead = line.length === 0 ? 0 : space;
    if (used + lead + own <= width || line.length === 0) {
      line.push(word);
      used += lead + own;
      continue;
    }
    const room = width - used - lead;
    const broken = room > 0.12 * width ? breakWord(word, room, measure) : null;
    if (broken !== null) {
      line.push(broken[0]);
      rest.unshift(broken[1]);
    } else rest.unshift(word);
    lines.push({ words: line, last: false });
    line = [];
    used = 0;
  }
  if (line.length > 0) lines.push({ words: line, last: true });
  return lines;
}
