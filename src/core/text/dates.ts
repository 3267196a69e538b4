/** A date as it stands in a text; `value` is ISO 8601, `2025-03-31` or `2025-03` when no day is named. */
export interface DateMention {
  readonly start: number;
  readonly end: number;
  readonly value: string;
}

/** The English months as alternatives of a pattern. */
export const ENGLISH_MONTHS = 'January|February|March|April|May|June|July|August|September|October|November|December';

/** A whole date as English texts write it, as the source of a pattern: "31 March 2027", "31st of March, 2027", "March 31, 2027", 2027-03-31, 31/03/2027. */
export const ENGLISH_DATE = String.raw`\d{1,2}(?:st|nd|rd|th)? (?:(?:day )?of )?(?:${ENGLISH_MONTHS}),? \d{4}|(?:${ENGLISH_MONTHS}) \d{1,2}, \d{4}|\d{4}-\d\d-\d\d|\d{1,2}/\d{1,2}/\d{4}`;

const MONTHS: Readonly<Record<string, number>> = Object.fromEntries(
  [
    ['january', 'jan', 'januar'],
    ['february', 'feb', 'februar'],
    ['march', 'mar', 'märz'],
    ['april', 'apr'],
    ['may', 'mai'],
    ['june', 'jun', 'juni'],
    ['july', 'jul', 'juli'],
    ['august', 'aug'],
    ['september', 'sep', 'sept'],
    ['october', 'oct', 'oktober', 'okt'],
    ['november', 'nov'],
    ['december', 'dec', 'dezember', 'dez'],
  ].flatMap((names, index) => names.map((name) => [name, index + 1])),
);

const MONTH = `(?:${Object.keys(MONTHS)
  .sort((a, b) => b.length - a.length)
  .join('|')})\\.?`;
/** Told first, since most texts name no month: patterns with a month's name are then not tried. */
const NAMES_MONTH = new RegExp(String.raw`\b${MONTH}`, 'iu');
const NAMED: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?<day>\d{1,2})(?:st|nd|rd|th|\.)?(?: (?:day )?of)?\s+(?<month>${MONTH}),?\s+(?<year>\d{4})\b`,
    'giu',
  ),
  new RegExp(String.raw`\b(?<month>${MONTH})\s+(?<day>\d{1,2})(?:st|nd|rd|th)?,?\s+(?<year>\d{4})\b`, 'giu'),
  new RegExp(String.raw`\b(?<month>${MONTH})\s+(?<year>\d{4})\b`, 'giu'),
  new RegExp(
    String.raw`\b(?<day>\d{1,2})(?:st|nd|rd|th)?(?: (?:day )?of)?\s+(?<month>(?:${ENGLISH_MONTHS}))\b(?!,?\s+\d{4})`,
    'gu',
  ),
  // "May 14", where that ends a phrase or a clause: "in April 20 degrees" tells no day.
  new RegExp(
    String.raw`\b(?<month>(?:${ENGLISH_MONTHS}))\s+(?<day>\d{1,2})(?:(?:st|nd|rd|th)\b|(?=\s*(?:$|[;)–-]|[.,](?!\d|\s+\d{4})|(?:to|until|till|and|or|through|at|each|every|of|inclusive)\b)))`,
    'gu',
  ),
  /\b(?<day>\d{1,2})\.\s+(?<month>Januar|Februar|März|April|Mai|Juni|Juli|August|September|Oktober|November|Dezember)(?![\p{L}])(?!\s+\d{4})/gu,
];

const NUMBERED: readonly RegExp[] = [
  /\b(?<year>\d{4})-(?<month>\d{2})-(?<day>\d{2})\b/gu,
  /\b(?<day>\d{1,2})\.\s?(?<month>\d{1,2})\.\s?(?<year>\d{4})\b/gu,
  /(?<![\d/])(?<year>(?:19|20)\d{2})[/.](?<month>\d{1,2})[/.](?<day>\d{1,2})(?![\d/])/gu,
  // The day first, as in most countries, unless only the other way about is a date: 03/31/2025.
  /(?<![\d/])(?<day>\d{1,2})\/(?<month>0?[1-9]|1[0-2])\/(?<year>(?:19|20)\d{2})(?![\d/])/gu,
  /(?<![\d/])(?<month>0?[1-9]|1[0-2])\/(?<day>1[3-9]|2\d|3[01])\/(?<year>(?:19|20)\d{2})(?![\d/])/gu,
  /(?<year>\d{4})\s?年\s?(?<month>\d{1,2})\s?月(?:\s?(?<day>\d{1,2})\s?日)?/gu,
  /(?<era>令和|平成|昭和|大正|明治)\s?(?<year>元|\d{1,2})\s?年\s?(?<month>\d{1,2})\s?月(?:\s?(?<day>\d{1,2})\s?日)?/gu,
];

/** The year before the first of each Japanese era. */
const ERAS: Readonly<Record<string, number>> = { 令和: 2018, 平成: 1988, 昭和: 1925, 大正: 1911, 明治: 1867 };

/** A year of an era, 令和6 or 令和元, as a year of the common era. */
function yearOfEra(era: string, year: string): string {
  return String((ERAS[era] ?? 0) + (year === '元' ? 1 : Number(year)));
}

/** The years of Japanese eras that a text names, 令和5年, as years of the common era, with where they stand. */
export function erasIn(text: string): { readonly start: number; readonly end: number; readonly year: string }[] {
  return [...text.matchAll(/(?<era>令和|平成|昭和|大正|明治)\s?(?<year>元|\d{1,2})\s?年/gu)].map((match) => ({
    start: match.index,
    end: match.index + match[0].length,
    year: yearOfEra(match.groups?.['era'] ?? '', match.groups?.['year'] ?? ''),
  }));
}

function monthNumber(text: string): number | null {
  const number = /^\d+$/.test(text) ? Number(text) : MONTHS[text.toLowerCase().replace('.', '')];
  return number !== undefined && number >= 1 && number <= 12 ? number : null;
}

const NAMES = ENGLISH_MONTHS.split('|');

/** A date's value as people write it: "31 March 2025", "March 2025"; what names no month stays as it is. */
export function sayDate(value: string): string {
  const [year = '', month, day] = value.split('-');
  const name = month === undefined ? undefined : NAMES[Number(month) - 1];
  return name === undefined ? value : [day === undefined ? '' : String(Number(day)), name, year].join(' ').trim();
}

/** All dates in a text that name at least month and year, or day and month (`--03-31`), years of Japanese eras among them (令和6年3月15日); in order of place. */
export function findDates(text: string): DateMention[] {
  const found: DateMention[] = [];
  if (!/\d/.test(text)) return found;
  for (const pattern of NAMES_MONTH.test(text) ? [...NAMED, ...NUMBERED] : NUMBERED) {
    for (const match of text.matchAll(pattern)) {
      const { day, month, era, year: written } = match.groups ?? {};
      const year = era === undefined || written === undefined ? written : yearOfEra(era, written);
      const monthValue = monthNumber(month ?? '');
      if (monthValue === null || (day !== undefined && (Number(day) < 1 || Number(day) > 31))) continue;
      const end = match.index + match[0].length;
      if (found.some((other) => other.start < end && match.index < other.end)) continue;
      const parts = [year ?? '-', String(monthValue).padStart(2, '0')];
      if (day !== undefined) parts.push(day.padStart(2, '0'));
      found.push({ start: match.index, end, value: parts.join('-') });
    }
  }
  return found.sort((a, b) => a.start - b.start);
}

const DAY =
  /^\s*\d{1,2}\.?\s+(?:Jan|Feb|Mar|Apr|May|Mai|June?|Juni|July?|Juli|Aug|Sep|Oct|Okt|Nov|Dec|Dez|März|Jän)[\p{L}.]*(?:\s+\d{4}|[\s,.;)]|$)/u;

/** True for a line that begins with the day of a date, "4 September 2023", which is no number of a clause. */
export function opensWithDate(line: string): boolean {
  return DAY.test(line);
}
