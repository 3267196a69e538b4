import { datesOf, numbersOf, type Language, type NumberMention, type Range } from '../text';

/** Units of a time, in the singular. */
export const UNITS_OF_TIME =
  /^(?:second|minute|hour|day|week|month|year|quarter|sekunde|minute|stunde|tag|woche|monat|jahr)/;

/** Ranges of a text that a global pattern finds. */
export function ranges(text: string, pattern: RegExp): Range[] {
  return [...text.matchAll(pattern)].map((match) => ({ start: match.index, end: match.index + match[0].length }));
}

const REFERENCE =
  /(?:\b(?:clauses?|articles?|arts?\.|conditions?|notes?|sections?|schedules?|annex|appendix|paragraphs?|chapters?|parts?|tables?|(?<!\bthe )figures?|pages?|items?|version|warehouses?|sheds?|berths?|gates?|rooms?|piers?|moorings?|sinkers?|jett(?:y|ies)|docks?|channels?|platforms?|tracks?|routes?|doors?|no\.|p\.|pp\.|abschnitts?|absatz(?:es)?|abs\.|absätzen?|ziffern?|artikels?|kapitels?|nummern?|nr\.|satz|anhang|seiten?|abbildung|tabelle)\s*|§§?\s*[\w.]*)$/i;
/** A thing that is told from others of its kind by its number, "the worst is pile 88", and what stands behind it then. */
const THING_BEFORE =
  /\b(?:pile|pole|post|marker|buoy|beacon|light|borehole|hole|well|station|site|sample|specimen|test|run|unit|bay|row|seat|cabin|frame|bulkhead|block|pillar|pontoon|sluice|lot|plot|house|flat|apartment|building|line|zone|sector|ward|grade|group|model|stage|phase|step|tank|pump|engine|generator|crane|lift|train|bus|wagon|tug|ferry|boat|barge|truck|turbine|sensor|valve|code|error|fault|key|button|option|point|question|number|house number|pfahl|boje|messstelle|probe|pumpe|tor|raum|zimmer|haus|liegeplatz|nummer)\s$/i;
const NAMED_BY_NUMBER =
  /^(?:\s?[.,;:)]|$|\s(?:is|are|was|were|has|have|had|which|that|and|or|to|in|at|on|of|by|with|from|must|may|shall|can|should|will|ist|war|hat|und|oder|mit|im|am)\b)/i;

/** Numbers of clauses before another: "clauses 22.1, 22.2 or" 22.4. */
const REFERENCES =
  /(?:\b(?:clauses?|articles?|notes?|sections?|schedules?|paragraphs?|chapters?|parts?|tables?|(?<!\bthe )figures?|pages?|items?|pp\.)|§§?)\s*(?:\d+(?:\.\d+)*(?:\s?\([a-z\d]+\))*\s*(?:,|,?\s*(?:and|or|to)\b|–|-)\s*)+$/i;
const LIST_NUMBER =
  /^[\s“„"「]*(?:\d+(?:\.\d+)*(?:\.?\s+|\.)[\p{Lu}“„"‘「\p{Script=Han}\p{Script=Katakana}]|\(?\d{1,2}[.)]\s|（\d{1,2}）)/u;

/** A number that begins a German sentence and counts, “61 Menschen wurden”: nouns have capitals there. */
const COUNT_FIRST = /^\s*\d+ \p{Lu}[\p{L}-]+ \p{Ll}/u;

/** True for the number of an item within a list, "; 4. vote", or one in brackets, "(2)"; for a factor, "2K"; for a part of an address or version, "10.0.2.2"; for the number of a clause that is quoted; and for part of a name, "MW-40". */
function isLabel(text: string, start: number, end: number): boolean {
  const [before, behind] = [text.slice(Math.max(0, start - 6), start), text.slice(end, end + 2)];
  // "Gross tonnage: 240." ends there.
  const last = text.slice(end).trim().length <= 1;
  if (/^(?:(?![\u3040-\u30ff\u4e00-\u9fff])\p{L}|\.\d)/u.test(behind) || /(?:\d\.|第)$/.test(before)) return true;
  if (/\b(?:half past|quarter (?:past|to)|halb) $/i.test(text.slice(Math.max(0, start - 14), start))) return true;
  // 「2 行目」 is the second line.
  if (/^\s?(?:行|列|段|番|回|つ|個|ページ)?目/u.test(text.slice(end, end + 6))) return true;
  if (/\p{L}$/u.test(before) && text[start] === '-') return true;
  // "E12" names a message.
  if (/(?<![\p{L}\d])\p{Script=Latin}{1,3}$/u.test(before) && !/\s$/.test(before)) return true;
  if (/[“„"「]$/.test(before) && /^\s\p{Lu}/u.test(behind)) return true;
  // "(2023: 101)" closes a bracket that is open.
  const open = behind.startsWith(')') && text.lastIndexOf('(', start) > text.lastIndexOf(')', start);
  if (!open && !last && /^[.)]\s?/.test(behind) && /[;:.,]\s*(?:and|or)?\s*$/.test(before)) return true;
  // "the account (2), the app (3)": what is shown in a picture.
  if (/^\(\d{1,2}\)$/.test(text.slice(start, end)))
    return /\p{L}\s$/u.test(before) && /^(?:[,.;:]|\s\p{Ll})/u.test(behind);
  return text[start - 1] === '(' && behind.startsWith(')') && end - start <= 2;
}

/** A number of a house: "at 19 Quay Street". */
function isHouse(text: string, start: number, end: number): boolean {
  const behind = text.slice(end, end + 40);
  if (/^ (?:\p{Lu}\p{L}+ ){1,2}(?:Square|Street|Road|Lane|Quay|Row|Terrace|Avenue|Wharf|Place)\b/u.test(behind))
    return true;
  return /\bat $/.test(text.slice(0, start)) && /^ \p{Lu}\p{Ll}+/u.test(behind);
}

/** What a year alone stands behind: "by Christmas 1999", "in early 2005". */
const PART_OF_YEAR =
  /(?<!\p{L})(?:xmas|christmas|easter|spring|summer|autumn|winter|early|late|mid|weihnachten|ostern|frühjahr|sommer|herbst|anfang|mitte|ende)[ -]$/iu;

/** A year that dates something rather than counting it: "the rules of 2011.", "since 2019 and", "by Christmas 1999". */
function isYear(text: string, start: number, end: number): boolean {
  if (!/^(?:19|20)\d{2}$/.test(text.slice(start, end))) return false;
  const before = text.slice(0, start);
  if (PART_OF_YEAR.test(before)) return true;
  return (
    /\b(?:in|of|since|during|until|von|seit|jahr) $/i.test(before) &&
    /^\s*(?:[.,;:)]|$|(?:and|or|und|oder|to|is|are|was|were|has|have|had|ab)\b)/.test(text.slice(end))
  );
}

/** What stands behind an hour; "9 Kronen am Tag" is none. */
const OF_THE_CLOCK = { en: /^\s*(?:o['’]clock|[ap]\.?m\b)/i, de: /^\s*uhr\b/i };

/** What stands between the first day of a time and its last. */
const TO_A_DATE = /^\.?\s?(?:to|and|until|till|or|bis(?: zum)?|und|–|-)\s?$/i;

/** The one that a Japanese rate is told for: 「1平方メートル当たり」,「1件につき」. */
const PER_ONE = /^[1１一](?!\d|,\d)[^\d\s、。]{0,8}?(?:当たり|あたり|につき)/u;

/** Numbers that count or measure something: no clause, page or list number, and no year. */
export function measuredNumbers(text: string, language: Language): NumberMention[] {
  const counts = language === 'de' && COUNT_FIRST.test(text);
  const listed = counts ? 0 : (LIST_NUMBER.exec(text)?.[0].length ?? 0);
  const dates = datesOf(text);
  // "From 12 to 23 May": the first is a day too.
  const inDate = (start: number, end: number): boolean =>
    dates.some(
      (date) => (date.start < end && start < date.end) || (end < date.start && TO_A_DATE.test(text.slice(end, date.start))), // prettier-ignore
    );
  return numbersOf(text, language).filter(
    ({ start, end, unit }) =>
      !(unit === null && OF_THE_CLOCK[language === 'de' ? 'de' : 'en'].test(text.slice(end, end + 10))) &&
      !inDate(start, end) &&
      !PER_ONE.test(text.slice(start, end + 12)) &&
      (unit !== null || !REFERENCE.test(text.slice(Math.max(0, start - 16), start))) &&
      (unit !== null ||
        !THING_BEFORE.test(text.slice(Math.max(0, start - 16), start)) ||
        !NAMED_BY_NUMBER.test(text.slice(end))) && // prettier-ignore
      (unit !== null || !REFERENCES.test(text.slice(Math.max(0, start - 60), start))) &&
      (unit !== null || !(isLabel(text, start, end) || isHouse(text, start, end) || isYear(text, start, end))) &&
      start >= listed - 1,
  );
}
