const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii', 'xiii', 'xiv', 'xv'];

export function isRoman(number: string): boolean {
  return ROMAN.includes(number.toLowerCase());
}

/** What a numbering says of the line it opens: its kind, which fixes its depth, and its number. */
export interface Numbering {
  readonly number: string;
  readonly rank: number;
  /** Text behind the number. */
  readonly rest: string;
}

const NAMED: readonly (readonly [RegExp, number])[] = [
  [/^(?:part|teil|book|title|band)\s+(?:[IVXLC]+|[A-Z]|\d+|one|two|three|four|five)\b\.?/i, 0],
  [/^(?:schedule|annex|appendix|exhibit|anhang|anlage|attachment)\s+(?:[IVXLC]+|[A-Z]|\d+)\b\.?/i, 0],
  [/^(?:chapter|kapitel)\s+(?:[IVXLC]+|\d+|[A-Z])\b\.?/i, 1],
  [/^第\s?[\d一二三四五六七八九十]+\s?[章部編]/, 1],
  [/^(?:section|sec\.|abschnitt|item|subpart)\s+\d+[A-Z]?(?:\.\d+)*\b\.?/i, 2.5],
  [/^(?:article|artikel|art\.)\s?(?:\d+[A-Za-z]?(?:\.\d+)*|[IVXLC]+)\b\.?/i, 2],
  [/^(?:regulation|rule|note|§|clause)\s?\d+[A-Za-z]?(?:\.\d+)*\b\.?/i, 2],
  [/^第\s?[\d一二三四五六七八九十]+\s?[条節]/, 2],
];
/** Thousands set apart by a point, as German has them ("1.190 Kronen"), are no number of a clause. */
const DOTTED = /^(?!\d{1,3}\.\d{3}\s)(\d{1,3}(?:\.\d{1,3}){0,4})\.?(?=\s)/;
const LETTERED = /^([A-Z](?:\.\d{1,3}){1,4}|[A-Z])\.?(?=\s)/;
/** Roman numerals over letters and figures: "II. Findings". One letter may be either, which the tree tells. */
const ROMAN_TOP = /^([IVX]{2,5}|[IVX])\.(?=\s)/;
/** Ranks of roman numerals and of single letters that stand over figures, and of letters that stand under them. */
export const ROMAN_RANK = 2.2;
export const LETTER_RANK = 2.6;
export const LETTER_BELOW = 3.5;
/** Rank from which a number is one in brackets; the tree adds its depth. */
export const BRACKETS = 20;
const BRACKETED = /^\(?([a-z]{1,2}|[ivx]{1,5}|\d{1,2}|[A-Z])\)(?=\s)/;

/** Ranks: 0 parts and schedules, 1 chapters, 2 articles, 2.5 sections, 3 and on dotted numbers by depth, 20 for (a), (i), (1), whose depth the tree tells. */
export function parseNumbering(text: string): Numbering | null {
  for (const [pattern, rank] of NAMED) {
    const match = pattern.exec(text);
    if (match !== null) {
      const rest = text.slice(match[0].length).replace(/^[\s:.–—-]+/, '');
      return { number: match[0].replace(/[.:]$/, '').trim(), rank, rest };
    }
  }
  const roman = ROMAN_TOP.exec(text);
  if (roman !== null && isRoman(roman[1] as string))
    return { number: roman[1] as string, rank: ROMAN_RANK, rest: text.slice(roman[0].length).trim() };
  for (const pattern of [DOTTED, LETTERED]) {
    const match = pattern.exec(text);
    if (match !== null) {
      const number = match[1] as string;
      return { number, rank: 3 + number.split('.').length - 1, rest: text.slice(match[0].length).trim() };
    }
  }
  const bracketed = BRACKETED.exec(text);
  if (bracketed !== null) {
    return { number: `(${bracketed[1] as string})`, rank: BRACKETS, rest: text.slice(bracketed[0].length).trim() };
  }
  return null;
}

/** True when a number in brackets comes next after another of the same style: "(b)" after "(a)", "(iv)" after "(iii)", "(2)" after "(1)". */
export function succeeds(before: string, next: string): boolean {
  const [a, b] = [before, next].map((one) => one.replace(/[()]/g, '')) as [string, string];
  if (/^\d+$/.test(a) && /^\d+$/.test(b)) return Number(b) - Number(a) >= 1 && Number(b) - Number(a) <= 2;
  if (ROMAN.includes(a) && ROMAN.includes(b) && ROMAN.indexOf(b) === ROMAN.indexOf(a) + 1) return true;
  const step = a.length === 1 && b.length === 1 ? b.charCodeAt(0) - a.charCodeAt(0) : 0;
  return step >= 1 && step <= 2 && !(b === 'i' && a !== 'h');
}

/** True when a dotted number comes next after another of the same depth. */
export function follows(previous: string, next: string): boolean {
  const [a, b] = [previous.split('.').map(Number), next.split('.').map(Number)];
  const last = b.length - 1;
  if (a.length === b.length)
    return (
      a.slice(0, last).every((part, at) => part === b[at]) &&
      (b[last] ?? 0) - (a[last] ?? 0) >= 1 &&
      (b[last] ?? 0) - (a[last] ?? 0) <= 2
    );
  return false;
}

/** True for the first number of the part behind that of another: "2.1" after "1.6", where the title of 2 was not read as one. */
export function opensNext(previous: string, next: string): boolean {
  const [a, b] = [previous.split('.'), next.split('.')];
  const over = (parts: readonly string[]): string => parts.slice(0, -1).join('.');
  return a.length === b.length && b.length > 1 && b.at(-1) === '1' && follows(over(a), over(b));
}
