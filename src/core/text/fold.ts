import { isDash, isDigit, isLetter, isSpace } from './characters';
import { OffsetMap } from './offsetMap';

export interface Folded {
  /** Lower-case letters, digits and the signs that change a value, without white space. */
  readonly text: string;
  readonly map: OffsetMap;
}

const KEEP_SYMBOL = /[\p{S}%‰°]/u;
const FOLD_CACHE = new Map<string, string>();
const COMBINING = /\p{M}/u;
/** Printed differently, read alike; NFKC leaves them apart. */
const ALIKE: Readonly<Record<string, string>> = {
  '’': "'",
  '‘': "'",
  ʼ: "'",
  '´': '',
  '`': '',
  ſ: 's',
  ß: 'ss',
  ẞ: 'ss',
  '−': '-',
};

function foldCluster(cluster: string): string {
  let folded = FOLD_CACHE.get(cluster);
  if (folded === undefined) {
    folded = [...cluster]
      .map((char) => ALIKE[char] ?? char)
      .join('')
      .normalize('NFKC')
      .toLowerCase();
    if (FOLD_CACHE.size > 20_000) FOLD_CACHE.clear();
    FOLD_CACHE.set(cluster, folded);
  }
  return folded;
}

function nextVisible(text: string, from: number): number {
  let index = from;
  while (index < text.length && (isSpace(text[index]) || text[index] === '\u00ad')) index += 1;
  return index;
}

function runOfDashes(text: string, from: number): number {
  let index = from;
  while (isDash(text[index]) || text[index] === '\u00ad') index += 1;
  return index;
}

/** A parenthesis that may be an accountant's minus sign is kept: "(230)" is not "230". */
function isAccountingOpen(text: string, index: number): boolean {
  const next = nextVisible(text, index + 1);
  const char = text[next] ?? '';
  return isDigit(char) || (/\p{Sc}/u.test(char) && isDigit(text[nextVisible(text, next + 1)]));
}

/** Units that are made into a string at once; more would overflow the stack. */
const AT_ONCE = 8192;

/** Folded units with the canonical range that each came from, in arrays that grow. */
class Sink {
  private units = new Uint16Array(0);
  private starts = new Uint32Array(0);
  private ends = new Uint32Array(0);
  private length = 0;

  constructor(expected: number) {
    this.reserve(expected);
  }

  put(folded: string, start: number, end: number): void {
    if (this.length + folded.length > this.units.length) this.reserve(2 * (this.length + folded.length));
    for (let at = 0; at < folded.length; at += 1) {
      this.units[this.length] = folded.charCodeAt(at);
      this.starts[this.length] = start;
      this.ends[this.length] = end;
      this.length += 1;
    }
  }

  finish(): Folded {
    let text = '';
    for (let at = 0; at < this.length; at += AT_ONCE) {
      const units = this.units.subarray(at, Math.min(this.length, at + AT_ONCE));
      // Typed arrays are taken as they are, which spreading them is many times slower than.
      text += String.fromCharCode.apply(null, units as unknown as number[]);
    }
    return { text, map: new OffsetMap(this.starts.slice(0, this.length), this.ends.slice(0, this.length)) };
  }

  private reserve(size: number): void {
    const [units, starts, ends] = [new Uint16Array(size), new Uint32Array(size), new Uint32Array(size)];
    units.set(this.units);
    starts.set(this.starts);
    ends.set(this.ends);
    [this.units, this.starts, this.ends] = [units, starts, ends];
  }
}

/**
 * Folds text to what two typographies of the same words have in common, with a map back. White space,
 * quotation marks, sentence punctuation, case, ligatures, width and hyphens between letters (also those at line ends)
 * are folded away; digits with their separators, signs, currency and percent are kept, since they are values.
 * Unicode NFKC (UAX #15) does the compatibility part. Offsets are UTF-16 code units of `text`.
 */
export function fold(text: string): Folded {
  const sink = new Sink(text.length);
  let last = '';
  let index = 0;
  while (index < text.length) {
    const start = index;
    const char = text[index] as string;
    const code = char.charCodeAt(0);
    index += 1;
    let kept = '';
    if ((code >= 97 && code <= 122) || (code >= 48 && code <= 57)) {
      kept = char;
    } else if (code >= 65 && code <= 90) {
      kept = String.fromCharCode(code + 32);
    } else if (code === 32 || code === 10) {
      continue;
    } else if (isDash(char) || code === 0xad) {
      index = runOfDashes(text, start);
      const next = text[nextVisible(text, index)];
      const betweenLetters = isLetter(last) && (isLetter(next) || next === undefined);
      if (code !== 0xad && !betweenLetters && isDigit(next)) kept = '-';
    } else if (char === '.' || char === ',' || char === ':') {
      if (isDigit(last) && isDigit(text[index])) kept = char;
    } else if (char === "'" || char === '’') {
      if (isLetter(text[start - 1]) && isLetter(text[index])) kept = "'";
    } else if (char === '(') {
      if (isAccountingOpen(text, start)) kept = '(';
    } else if (char === ')') {
      if (isDigit(last) || last === '%') kept = ')';
    } else if (code < 128) {
      if (KEEP_SYMBOL.test(char) && char !== '`' && char !== '^') kept = char;
    } else {
      if (code >= 0xd800 && code <= 0xdbff) index += 1;
      kept = foldWide(text.slice(start, index));
    }
    // A base letter with combining marks is one printed character, whichever way it was encoded.
    if (
      kept !== '' &&
      index < text.length &&
      text.charCodeAt(index) >= 0x300 &&
      COMBINING.test(text[index] as string)
    ) {
      while (index < text.length && COMBINING.test(text[index] as string)) index += 1;
      kept = foldCluster(text.slice(start, index));
    }
    if (kept === '') continue;
    sink.put(kept, start, index);
    last = kept[kept.length - 1] as string;
  }
  return sink.finish();
}

const WIDE_CACHE = new Map<string, string>();

/** Folds one character outside ASCII, dropping it when it carries no word and no value. */
function foldWide(char: string): string {
  let kept = WIDE_CACHE.get(char);
  if (kept === undefined) {
    kept = [...foldCluster(char)]
      .filter((unit) => /[\p{L}\p{N}\p{M}]/u.test(unit) || (KEEP_SYMBOL.test(unit) && unit !== '`' && unit !== '^'))
      .join('');
    if (WIDE_CACHE.size > 20_000) WIDE_CACHE.clear();
    WIDE_CACHE.set(char, kept);
  }
  return kept;
}
