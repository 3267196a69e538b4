import type { ShelfSource } from '../search';
import type { Line, PageText } from '../source';
import { findDates, oneLine, splitSentences, type Range } from '../text';

export const FACT_FIELDS = ['title', 'kind', 'date', 'period', 'parties', 'amends'] as const;
export type FactField = (typeof FACT_FIELDS)[number];

/** A value and the words it was read from; `page` from 1. */
interface Found {
  readonly value: string;
  readonly quote: string;
  readonly page: number;
}

/** What a document says of itself, as it was read: not yet held against its page. */
export interface StatedFact extends Found {
  readonly field: FactField;
}

/** Pages at a document's front that speak of it. */
const FRONT = 6;
const TITLE_PAGES = 2;

/** Kinds by what a title, or else the front pages, say; first match wins. */
const KINDS: readonly (readonly [string, RegExp])[] = [
  [
    'amendment',
    /\bamend(?:ment|ing)\b(?: (?:agreement|letter|deed|no))?|\bside letter\b|\baddendum\b|\b(?:deed|letter) of variation\b|\bnachtrag\b|\bänderungs(?:vertrag|vereinbarung|verordnung|satzung)\b|変更(?:契約|覚書|合意)|改正(?:規程|規則)/i,
  ],
  ['annual filing', /\bannual (?:report|filing|accounts|review)\b|\bform 10-k\b|\bgeschäftsbericht\b/i],
  ['interim filing', /\b(?:half[- ]year(?:ly)?|interim|quarterly) (?:report|filing|accounts|results)\b|\bform 10-q\b/i],
  ['current report', /\bform 8-k\b/i],
  ['lease', /\b(?:lease|tenancy)\b(?: agreement| contract)?|\bmietvertrag\b/i],
  ['contract', /\b(?:agreement|contract|deed|terms and conditions|memorandum of understanding)\b|\bvertrag\b/i],
  [
    'regulation',
    /\b(?:regulations?|directive|ordinance|statute|by-?laws?|code of|act of \d{4}|decree)\b|\bverordnung\b/i,
  ],
  ['minutes', /\bminutes of\b|\bprotokoll\b/i],
  ['manual', /\b(?:manual|guide|handbook|reference|tutorial|FAQ|handbuch|leitfaden|how-?to)\b/i],
  ['standard', /\b(?:standard|specification|policy)\b/i],
  ['survey', /\bsurvey\b|\binspection report\b/i],
  ['report', /\b(?:report|study|review|assessment|white paper|bericht)\b/i],
  ['letter', /\b(?:letter|notice)\b|^dear\b/im],
];

const DATE_LEADS =
  /\b(?:dated|made (?:on|this)|entered into (?:on|as of)|effective(?: as of| from| date:?| on)?|in force (?:from|since|on)|as (?:of|at)|adopted (?:on|by .{0,40} on)|signed (?:at \p{Lu}\p{L}+ )?on|(?:agreed|done) at \p{Lu}\p{L}+ on|issued(?: on)?|published(?: on)?|(?:edition|issue) of|ausgabe(?: vom)?|date(?: of issue)?:?|commenc(?:es|ing) on|stand:?|vom|(?:ab|ge|be)schlossen am|unterzeichnet am|erlassen am|vereinbart am|vereinbaren am|einigen sich am|this (?:deed|agreement|letter|order|regulation|amendment|lease|contract|supplement|notice) (?:of|is dated)|diese[rsmn]? \p{L}+ vom|(?:gültig|wirksam|in kraft) (?:ab|seit|am)|in der fassung vom|version [\w.-]+,?|last (?:updated|revised|modified)(?: on)?:?)\W{0,4}(?:the )?$/iu;
/** The same within what says between whom it is: "agreed on 20 November 2024 between"; a signature below begins with a capital. */
const AGREED = /(?:^|[\s,])(?:agreed|concluded) on $/u;
/** The same of a line that says who made a document: "Prepared by Saltmarsh College for the Harbour Trust, October 2019". */
const MADE_BY =
  /(?<!\p{L})(?:Issued|Adopted|Prepared|Submitted|Presented|Compiled|Drawn up|Published|Erstellt|Vorgelegt|Erlassen) (?:by|for|von|durch) [^.;:]{2,80}?(?:,| on| in| am| im)?\s$/u;
/** The line at the front of a document that says who made it and when, up to its date: "Holm Ice Works Ltd, ", "Lindeholm, den ". */
const SENDER = /^(?:\p{Lu}|between |zwischen )[^.;:]{2,110},\s(?:den\s)?$/u;
/** The end of what says between whom a paper was made, and when. */
const BETWEEN_WHOM = /(?:^|\s)(?:between|zwischen)\s[^.;:]{10,220},\s(?:den\s)?$/i;
/** A title that ends in its document's own date: "Wage settlement of 8 May 2024". */
const TITLED = /^\p{Lu}[^.;:]{3,60} (?:of|vom) $/u;
/** Characters at the front of a document that a letter's date stands in. */
const LETTERHEAD = 600;
/** What makes a date that of another document: "the licence agreement dated 8 August 2021", "Mietvertrag vom". */
const OF_ANOTHER =
  /(?<!\bthis |\bdiese[rsmn]? |\bdiese )(?<!\p{L})(?:\b(?:agreement|contract|lease|licence|deed|policy|order|rules|regulations?|letter|resolution|charter|permit|certificate|ordinance|bye?-?law|concession)|\p{L}*(?:vertrag|vertrags|vereinbarung|satzung|ordnung|bescheid))(?: (?:of|on|for|at|über|für|zur?m?) [^.;:]{2,50}?)?\s+(?:dated|of|vom)\W{0,3}(?:the )?$/iu;
/** What stands before the date of a document that gives way: "take the place of the edition of". */
const REPLACED = /\b(?:replac|supersed|place of|previous|earlier|ersetz|bisherige)[^.;]{0,60}$/i;
/** What stands behind a date of which a Japanese document is: "2024年2月20日に合意した". */
const DATE_TRAILS =
  /^(?:に|、|付けで|より|から)?[^。\d付け]{0,24}?(?:締結|契約|変更|合意|施行|制定|改正|作成|効力|現在)/;
const PERIOD =
  /\b(?:(?:for|in) the (?:fiscal |financial )?(?:years?|quarter(?:ly period)?|(?:three|six|nine|twelve) months|half[- ]year|period)(?: (?:ended|ending|to|from))|(?:fiscal |financial )year (?:ended|ending)|year to|(?:three|six|nine|twelve) months (?:ended|to))\s+/gi;
const PARTY =
  /(?:\bbetween|\bamong|\band|\bby|\bfrom|\(\d\)|\([a-z]\)|^)[\s:]+((?:the )?\p{Lu}[\p{L}\p{N}.&’'-]*(?:,? (?:of|and|for|the|de|&|und|van|von|plc|ltd|limited|inc|llc|gmbh|\p{Lu}[\p{L}\p{N}.&’'-]*))*)[^()“”";]{0,260}\([^()]{0,60}?[“"](?:the )?([^”"]{2,40})[”"][^()]{0,60}\)/gmu;
const BETWEEN =
  /\bbetween\s+((?:the )?\p{Lu}[^\n,;(]{3,80}(?:\n(?!and\b)\p{Lu}[^\n,;(]{2,60})?)(?:[,;(][^\n]{0,160})?\s+and\s+((?:the )?\p{Lu}[^\n,;(.]{3,80})/u;
const COMPANY =
  /^(?:[A-Z][\p{L}&.’'-]*[ ,]+){1,6}(?:plc|ltd\.?|limited|inc\.?|incorporated|corp\.?|corporation|company|llc|l\.l\.c\.|s\.a\.|n\.v\.|gmbh|ag|se|oyj?|ab|co\.)$/iu;
const AMENDS =
  /\b(?:amends?|supersedes?|replaces|repeals?|amending|superseding|replacing|repealing)\s+(?:and (?:restates?|replaces?|supersedes?)\s+)?(?:the|all|any|that|its|our|regulation|directive|version|edition)\b|\b(?:is|are) (?:hereby )?(?:amended|repealed|superseded|replaced)\b(?! (?:with|on|every|after))|\bamended and restated\b/i;
const INSTRUMENT =
  /\b(?:agreement|contract|lease|deed|regulations?|ordinance|act|directive|policy|version|edition|filing|report|accounts|letter|document|manual|standard|schedule|clause)\b/i;

interface Front {
  readonly page: PageText;
  /** The page's text without running heads, folios and contents; a line break between lines. */
  readonly text: string;
  readonly lines: readonly Line[];
}

function frontOf(source: ShelfSource, count: number): Front[] {
  const pages: Front[] = [];
  for (let number = 1; number <= Math.min(count, source.pageCount); number += 1) {
    const page = source.page(number);
    if (page === null) continue;
    const lines = page.lines.filter((line) => !['head', 'folio', 'contents'].includes(line.role));
    pages.push({ page, lines, text: lines.map((line) => page.text.slice(line.start, line.end)).join('\n') });
  }
  return pages;
}

/** The whole line or lines that hold `[start, end)` of a text. */
function linesAround(text: string, start: number, end: number): string {
  const from = text.lastIndexOf('\n', start - 1) + 1;
  const to = text.indexOf('\n', end);
  return oneLine(text.slice(from, to < 0 ? undefined : to));
}

/** The largest type on the first pages, its neighbouring lines of the same size included. */
function titleOf(front: readonly Front[]): Found | null {
  for (const { page, lines } of front.slice(0, TITLE_PAGES)) {
    const worded = lines.filter((line) => {
      const words = page.text.slice(line.start, line.end);
      return /\p{L}{3}/u.test(words) && !/copyright|©/i.test(words);
    });
    const largest = Math.max(0, ...worded.map((line) => line.size));
    const first = worded.findIndex((line) => line.size > 0.95 * largest);
    if (first < 0) continue;
    let last = first;
    while (last + 1 < worded.length && last - first < 3 && (worded[last + 1] as Line).size > 0.95 * largest) last += 1;
    const usual = [...lines].sort((a, b) => a.size - b.size)[Math.floor(lines.length / 2)]?.size ?? largest;
    // A page set in one size has no title by type: its first line is.
    const to = largest > 1.15 * usual ? last : first;
    const quote = oneLine(page.text.slice((worded[first] as Line).start, (worded[to] as Line).end));
    if (quote.length >= 4 && quote.length <= 200) return { value: quote, quote, page: page.number };
  }
  return null;
}

function kindOf(front: readonly Front[], title: Found | null): Found | null {
  for (const [value, pattern] of KINDS) if (title !== null && pattern.test(title.quote)) return { ...title, value };
  for (const { page, text } of front.slice(0, TITLE_PAGES)) {
    const found = KINDS.map(([value, pattern]) => ({ value, match: pattern.exec(text) }))
      .filter((one) => one.match !== null)
      .sort((a, b) => (a.match?.index ?? 0) - (b.match?.index ?? 0))[0];
    if (found?.match)
      return {
        value: found.value,
        quote: linesAround(text, found.match.index, found.match.index + found.match[0].length),
        page: page.number,
      };
  }
  return null;
}

/** True for a date, by what stands before it, that is of another document: of one that is named, or that gives way to this one. */
function isOfAnother(before: string): boolean {
  return REPLACED.test(before) || (OF_ANOTHER.test(before) && !/\b(?:edition|issue) of\s$/i.test(before));
}

/** True for a date at the end of a line that says who writes, at the front of a document. */
function isLetterhead(text: string, { start, end }: Range): boolean {
  const line = text.slice(text.lastIndexOf('\n', start - 1) + 1, start);
  const before = text.slice(Math.max(0, start - 240), start).replace(/\n/g, ' ');
  const told = SENDER.test(line) || TITLED.test(line) || BETWEEN_WHOM.test(before);
  return start < LETTERHEAD && told && /^\s*(?:\n|$)/.test(text.slice(end));
}

/** The date of a document; what changes another may name only that one's, which is none of its own. */
function dateOf(front: readonly Front[], changesAnother: boolean): Found | null {
  const dates = front.flatMap(({ page, text }) =>
    findDates(text)
      .filter((date) => /^\d{4}-\d\d/.test(date.value))
      // "the 1st day of August" is led and stands alone as "1 August" is.
      .map((date) => ({ ...date, start: date.start - (/\bthe $/.test(text.slice(0, date.start)) ? 4 : 0) }))
      .map((date) => ({
        found: { value: date.value, quote: linesAround(text, date.start, date.end), page: page.number },
        led:
          DATE_LEADS.test(text.slice(Math.max(0, date.start - 40), date.start).replace(/\n/g, ' ')) ||
          AGREED.test(text.slice(Math.max(0, date.start - 40), date.start)) ||
          MADE_BY.test(text.slice(Math.max(0, date.start - 110), date.start).replace(/\n/g, ' ')) ||
          DATE_TRAILS.test(text.slice(date.end, date.end + 40).replace(/\s/g, '')),
        another: isOfAnother(text.slice(Math.max(0, date.start - 90), date.start).replace(/\n/g, ' ')),
        alone: linesAround(text, date.start, date.end).length <= date.end - date.start + 12 || isLetterhead(text, date),
      })),
  );
  const first = dates.filter((one) => one.found.page <= TITLE_PAGES);
  return (
    (
      first.find((one) => one.led && !one.another) ??
      first.find((one) => one.alone && !one.another) ??
      (changesAnother ? undefined : first.find((one) => one.led)) ??
      first.find((one) => one.alone) ??
      dates.find((one) => one.led && !(changesAnother && one.another))
    )?.found ?? null
  );
}

function periodOf(front: readonly Front[]): Found | null {
  for (const { page, text } of front) {
    for (const match of text.matchAll(PERIOD)) {
      const after = match.index + match[0].length;
      const date = findDates(text.slice(after, after + 40)).find((one) => one.start <= 4);
      if (date === undefined) continue;
      const quote = oneLine(text.slice(match.index, after + date.end));
      return { value: quote.replace(/^(?:for|in) the /i, ''), quote, page: page.number };
    }
  }
  return null;
}

function partiesOf(front: readonly Front[], kind: string | null): Found[] {
  const found = new Map<string, Found>();
  for (const { page, text } of front) {
    for (const match of text.matchAll(PARTY)) {
      const name = oneLine(match[1] ?? '');
      const term = oneLine(match[2] ?? '');
      if (
        /\b(?:agreement|contract|date|term|services|premises|property|effective|period)\b/i.test(term) ||
        name.split(' ').length < 2
      )
        continue;
      const quote = oneLine(match[0].slice(match[0].indexOf(match[1] ?? '')));
      if (!found.has(name)) found.set(name, { value: `${name} (${term})`, quote, page: page.number });
    }
    if (found.size > 0) break;
    const between = BETWEEN.exec(text);
    if (between !== null && page.number <= TITLE_PAGES + 2) {
      for (const name of [between[1], between[2]].map((one) => oneLine(one ?? '')))
        found.set(name, { value: name, quote: name, page: page.number });
      break;
    }
  }
  if (found.size === 0 && /filing|report|letter|survey/.test(kind ?? '')) {
    for (const { page, lines } of front.slice(0, TITLE_PAGES)) {
      const line = lines.map((one) => oneLine(page.text.slice(one.start, one.end))).find((one) => COMPANY.test(one));
      if (line !== undefined) return [{ value: line, quote: line, page: page.number }];
    }
  }
  return [...found.values()].slice(0, 6);
}

function amendsOf(source: ShelfSource): Found | null {
  const pages = [...Array(source.pageCount).keys()].map((at) => at + 1);
  // The front says what a document is; final provisions say what it puts out of force.
  const looked = [...pages.slice(0, FRONT), ...pages.slice(-FRONT)];
  for (const number of new Set(looked)) {
    const [front] = [source.page(number)].flatMap((page) => (page === null ? [] : [page]));
    if (front === undefined) continue;
    const text = front.lines
      .filter((line) => !['head', 'folio', 'contents', 'heading'].includes(line.role))
      .map((line) => front.text.slice(line.start, line.end))
      .join('\n');
    for (const range of splitSentences(text)) {
      const sentence = oneLine(text.slice(range.start, range.end));
      if (
        sentence.length > 20 &&
        sentence.length < 320 &&
        AMENDS.test(sentence) &&
        INSTRUMENT.test(sentence) &&
        !/\b(?:may|shall|can|must|could) (?:not )?(?:be )?(?:amend|replac|repeal|supersed)/i.test(sentence)
      )
        return { value: sentence, quote: sentence, page: number };
    }
  }
  return null;
}

/** Facts of documents that are whole; a document's pages do not change. */
const known = new WeakMap<ShelfSource['segment'], readonly StatedFact[]>();

/** What a document says of itself on its first pages, in the order of the fields; those that nothing was found for are missing. */
export function statedFacts(source: ShelfSource): readonly StatedFact[] {
  const before = known.get(source.segment);
  if (before !== undefined) return before;
  const front = frontOf(source, FRONT);
  const title = titleOf(front);
  const kind = kindOf(front, title);
  const found: readonly (readonly [FactField, Found | null])[] = [
    ['title', title],
    ['kind', kind],
    ['date', dateOf(front, kind?.value === 'amendment')],
    ['period', periodOf(front)],
    ...partiesOf(front, kind?.value ?? null).map((one) => ['parties', one] as const),
    ['amends', amendsOf(source)],
  ];
  const facts = found.flatMap(([field, one]) => (one === null ? [] : [{ field, ...one }]));
  known.set(source.segment, facts);
  return facts;
}
