import { datesOf, ENGLISH_MONTHS, type Range } from '../text';
import { ASKS_TIME } from './asksTime';
import { CLOCK } from './clockTimes';
import { LASTING } from './durationsTold';
import { ranges } from './measuredNumbers';

/** Questions that a distance from another day answers too. */
const ASKS_DEADLINE =
  /\bby when\b|\bat the latest\b|\bhow (?:soon|early|late)\b|\bdeadline\b|\buntil when\b|\bbis wann\b|\bspätestens\b|\bwie (?:früh|spät)\b|\bwhen (?:must|should|shall|do|does|are|is) .*\b(?:pa(?:id|yable|y)|due|settled|delivered|reported|returned|submitted|sent|filed|lodged)\b|\bwann (?:muss|müssen|ist|sind|soll) .*(?:zahlt|fällig|geliefert|gemeldet|zurückgegeben|abgegeben|eingereicht)|いつまでに|期限/i;
/** Asks when something begins or ends for good, which no day of the week tells. */
const ASKS_BOUND =
  /\b(?:start|begin|commence|end|expire|apply|effect|force)s?\b|\b(?:beginnt|anfängt|fängt|endet|gilt|gelten|läuft|abläuft|kraft)\b|いつから|始ま|終わ|満了|施行|適用/i;
const ASKS_PAST = /\b(?:was|were|did|had|wurden?|war)\b|ました/i;
const TIME = String.raw`[\p{L}\d-]+\s+(?:\(\d+\)\s+)?(?:working |business |banking )?(?:hours?|days?|weeks?|months?|years?)`;
const ZEIT = String.raw`[\p{L}\d-]+\s+(?:\(\d+\)\s+)?(?:Stunden?|Tage?n?|Wochen?|Monate?n?|Jahre?n?)\b`;
/** A day told by its distance from another: "not later than nine months before". */
const DEADLINE = new RegExp(
  String.raw`\b(?:not later than|within|at least|no later than)\s+${TIME}\b(?:\s+(?:before|after|of|from)\b)?`,
  'giu',
);
/** A time told by its distance from another, which "when" asks for as well: "within thirty days after the end", "six weeks before". */
const SOON_AFTER = new RegExp(
  String.raw`\b(?:within|not later than|no later than|at least)\s+${TIME}\s+(?:after|following|of|from)\b|\b${TIME}\s+(?:after|following)\b|\bafter (?=\d|an? |one |t(?:wo|hree|en|welve) |f(?:our|ive)|s(?:ix|even)|eight|nine|eleven|\p{L}+(?:teen|ty)(?:-\p{L}+)? )${TIME}\b|(?<!\b(?:than|least)\s)\b${TIME}\s+(?:before|prior to)\b|\b(?:nach|binnen|innerhalb von|spätestens)\s+${ZEIT}|\b${ZEIT}\s+(?:vor|nach|danach|davor|zuvor|vorher|nachher|im voraus)\b|\b(?:the|each|every) (?:\p{L}+ )?anniversary\b|\b(?:am (?:Tag (?:zuvor|davor|danach)|Vortag|Vorabend|Folgetag)|vor Antritt|bei (?:Ankunft|Abfahrt))\b|[\d一二三四五六七八九十]+(?:営業)?(?:日|か月|ヶ月|カ月|週間|年|時間)(?:以内|前|後)(?:まで)?に?`,
  'giu',
);
/** Asks for a day of the week, and for a day of either sort. */
const ASKS_WEEKDAY =
  /\b(?:which|what) (?:weekdays?|days? of the week|days)\b|\bwelche[mnrs]? (?:wochentag(?:en)?|tagen)\b|何曜日/i;
const ASKS_DAY = /\b(?:which|what) day\b|\bwelche[mnrs]? tag\b/i;
const WEEKDAY =
  /\b(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days?|(?:mon|diens|donners|frei|sams|sonn)tags?|mittwochs?|sonnabends?|weekdays?|werktags?|daily|täglich)\b|[月火水木金土日]曜日?/giu;
/** A day of each month or year: 「毎月5日までに」. */
const EACH_MONTH =
  /毎(?:月|年|週)(?:の?(?:\d{1,2}月)?(?:\d{1,2}日|末日?|[月火水木金土日]曜日?))(?:まで)?に?|(?:翌|当|前)?月(?:の)?(?:\d{1,2}日|末日?)(?:まで)?に?/gu;
/** A year, with the part of it that is told: "autumn 2026", "the end of 2031", "Mitte 2027". */
const YEAR =
  /(?<![\p{L}\d])(?:(?:early |late )?(?:spring|summer|autumn|winter) (?:of )?|(?:early|late|mid)[ -](?:in )?|(?:the )?(?:end|beginning|start|middle) of |(?:Anfang|Mitte|Ende|Frühjahr|Sommer|Herbst|Winter) )?(?:19|20)\d{2}(?![\p{L}\d])/giu;
/** A day of each month, by its number: "the 25th of the month", "the tenth of the following month", "bis zum dritten Werktag". */
const DAY_OF_MONTH =
  /\b(?:the )?(?:\d{1,2}(?:st|nd|rd|th)|first|second|third|fifth|tenth|fifteenth|twentieth|last)(?: working| business)?(?: day)? of (?:the|each|every) (?:same |next |following |current )?(?:calendar )?(?:month|quarter|year)\b|(?<!\p{L})(?:am|zum|dem|der|bis) (?:\d{1,2}\.|ersten|dritten|fünften|zehnten|fünfzehnten|letzten)(?: (?:Werktag|Tag|Arbeitstag)\p{L}*)?(?: (?:des|eines|jeden|im) \p{L}*[Mm]onats?)?(?=[\s,.;])/gu;
/** Asks for months, and what tells them. */
const ASKS_MONTH = /\b(?:which|what) months?\b|\bwelche[mnrs]? monat(?:en|e|s)?\b|何月/i;
const MONTHS = `${ENGLISH_MONTHS}|Januar|Februar|März|Mai|Juni|Juli|Oktober|Dezember`;
const MONTH = new RegExp(String.raw`\b(?:${MONTHS})(?!\p{L})|\d{1,2}月`, 'gu');
/** A month by itself that dates something: "every November", "im April". */
const IN_MONTH = new RegExp(
  String.raw`(?<=(?<!\p{L})(?:in|im|each|every|early in|late in|of|until|till|bis|from|since|ab|seit|Anfang|Ende|Mitte|jeden)\s)(?:${MONTHS})(?!\p{L})`,
  'gu',
);
/** A year within the name of a thing: "the Rules of 2012", "die Ordnung von 2011". */
const NAMED_BY_YEAR =
  /(?<!\b(?:end|beginning|start|middle|half|quarter|summer|autumn|winter|spring|year|month|season|Ende|Anfang|Mitte|Hälfte|Sommer|Herbst|Winter|Frühjahr|Jahr|(?:Jan|Febr)uary?|March|April|May|June|July|August|(?:Sept|Nov|Dec)ember|October)) (?:of|von) $/i;
const ASKS_UNTIL = /\buntil when\b|\bup to when\b|\bbis wann\b/i;

/** What stands before a date that only names a paper: "your contract of employment of 1 August 2021". */
const OF_A_PAPER =
  /\b(?:(?:your|our|the|this|his|her|its|their) )(?:[\w-]+ ){0,2}?(?:contract|agreement|lease|letter|certificate|policy|permit|licen[cs]e|rules|regulations?)(?: (?:of|on|for) (?:(?!of |dated )[\w-]+ ?){1,4})? (?:of|dated) (?:the )?$|(?<!\p{L})(?:zum|zur|des|der|vom|den) \p{L}*(?:[Vv]ertrag\p{L}{0,2}|[Ss]atzung|[Vv]ereinbarung|[Oo]rdnung|[Bb]escheid\p{L}{0,2})(?: (?:über|für|zu[rm]?) [^.;,]{2,50})? vom $/u;
const ASKS_WHEN_MADE =
  /\b(?:made|signed|concluded|dated?|issued|agreed|entered into|geschlossen|unterzeichnet|vereinbart|beschlossen|datum)\b/i;

/** Asks when something closes or ends on a day, and what stands before the hour of it: "von 7 bis 21 Uhr". */
const ASKS_CLOSING =
  /^(?:until|till|up to) (?:when|what time)\b|\b(?:when|what time)\b.*\b(?:close|closes|shut|shuts|end|ends)\b|^bis wann\b|^bis (?:zu welcher|wie viel) uhr|schließ(?:t|en)/i;
const UP_TO_HOUR = /^.*(?:\b(?:and|to|until|till|und|bis)\s|(?:から|[–-])\s?)(?=\S)/iu;

/** Hours of a day that a text tells; of a time from one to another the last alone, where it is asked until when. */
function clockTold(text: string, asked: string): Range[] {
  const hours = ranges(text, CLOCK);
  if (!ASKS_CLOSING.test(asked)) return hours;
  return hours.map(({ start, end }) => ({ start: start + (UP_TO_HOUR.exec(text.slice(start, end))?.[0].length ?? 0), end })); // prettier-ignore
}

/** What stands before the years that rights in a work are claimed since, which date nothing else. */
const RIGHTS_SINCE = /(?:copyright|©|\(c\))[^.;\p{L}]{0,24}$/iu;
const OF_RIGHTS = /copyright|©|edition|urheber|auflage/i;

/** Days, months, years and hours that a text tells, of the sort that a question asks for; how far from another day something is where nothing else is told. */
export function datesTold(text: string, asked: string): Range[] {
  if (ASKS_TIME.test(asked)) return clockTold(text, asked);
  if (ASKS_WEEKDAY.test(asked)) return ranges(text, WEEKDAY);
  if (ASKS_MONTH.test(asked)) return ranges(text, MONTH);
  const dates = datesOf(text).filter(
    ({ start }) => ASKS_WHEN_MADE.test(asked) || !OF_A_PAPER.test(text.slice(0, start)),
  );
  if (dates.length > 0) return dates;
  const monthly = /いつ|期限|何日(?!間)/.test(asked) ? ranges(text, EACH_MONTH) : [];
  if (monthly.length > 0) return monthly;
  const ofMonth = ASKS_DAY.test(asked) || ASKS_DEADLINE.test(asked) ? ranges(text, DAY_OF_MONTH) : [];
  if (ofMonth.length > 0) return ofMonth;
  const weekdays = ASKS_DAY.test(asked) ? ranges(text, WEEKDAY) : [];
  if (weekdays.length > 0) return weekdays;
  const lasting = ASKS_UNTIL.test(asked) ? ranges(text, LASTING) : [];
  if (lasting.length > 0) return lasting;
  const years = ranges(text, YEAR).filter(
    ({ start }) =>
      !NAMED_BY_YEAR.test(text.slice(0, start)) && (OF_RIGHTS.test(asked) || !RIGHTS_SINCE.test(text.slice(0, start))),
  );
  const deadlines = ASKS_DEADLINE.test(asked) && years.length === 0 ? ranges(text, DEADLINE) : [];
  if (deadlines.length > 0) return deadlines;
  if (years.length > 0) return years;
  const months = ranges(text, IN_MONTH);
  // What has happened is dated by no distance from a day.
  if (ASKS_PAST.test(asked)) return months;
  const distances = ranges(text, SOON_AFTER);
  // What happens again and again does so on days of the week, at hours.
  if (distances.length > 0 || ASKS_BOUND.test(asked)) return distances;
  return [...months, ...ranges(text, WEEKDAY), ...clockTold(text, asked)];
}

/** True for mentions that tell a day by its distance from another, where no day or year is told. */
export function tellsDistance(text: string, mentions: readonly Range[]): boolean {
  const plain = mentions.map(({ start, end }) => text.slice(start, end));
  return (
    plain.length > 0 &&
    plain.every((one) => datesOf(one).length === 0 && /\b(?:hour|day|week|month|year)s?\b/i.test(one))
  );
}
