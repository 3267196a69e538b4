import { datesOf, numbersOf, tokenize, tokensOf, type Language, type NumberMention, type Range } from '../text';
import { termsOf } from '../search';
import { CLOCK } from './clockTimes';
import { quantityAsked } from './quantities';
import { ASKS_TIME } from './asksTime';
import type { Question } from './question';
import { reachedAt } from './reachedAt';

interface Mention {
  readonly start: number;
  readonly end: number;
}

const UNITS_OF_AGE = /^(?:month|year|monat|jahr)/;
const UNITS_OF_TIME = /^(?:second|minute|hour|day|week|month|year|quarter|sekunde|minute|stunde|tag|woche|monat|jahr)/;
/** Names: capitalised words in a row that do not open the sentence. */
const NAME =
  /(?<!^)(?<![.!?]\s)\b\p{Lu}[\p{L}&.’'-]*\p{L}(?:\s+(?:(?:of|the|and|&|von|der)\s+)?\p{Lu}[\p{L}&.’'-]*\p{L})*/gu;
/** Capital words that name no one. */
const NO_PARTY =
  /^(?:January|February|March|April|May|June|July|August|September|October|November|December|(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|Table|Figure|Annex|Appendix|Clause|Article|Section|Schedule|Note|Chapter|Part)s?$/;
/** Who does what a sentence in the passive tells: "by the release manager". */
const AGENT = /(?<=\bby )(?:the |an? |any |its |their )?\p{Ll}{4,}(?:\s\p{Ll}{4,})?/gu;
/** The same in German, where every noun is written like a name: who opens a sentence as its subject, and two such words in a row. */
const GERMAN_AGENT =
  /(?<=\b(?:von|durch|bei) )(?:de[rmn] |einem |einer |einen )?\p{Lu}[\p{L}-]+(?: \p{Lu}[\p{L}-]+)*|^(?:Der|Die|Das|Ein|Eine)\s\p{Lu}[\p{L}-]+|(?<!^)\b\p{Lu}[\p{L}.-]+(?:\s\p{Lu}[\p{L}&.-]+)+/gu;
/** The same in Japanese: names of companies and offices, and whoever is called by what they do. */
const JAPANESE_AGENT =
  /(?:[\p{Script=Han}\p{Script=Katakana}ー]{2,}(?:会社|公社|銀行|局|庁|省|署|所|組合|協会|委員会|裁判所|事務所)|[\p{Script=Han}\p{Script=Katakana}ー]*(?:者|人|長|士|員|主|社|客)|[甲乙丙])(?=[がはにをのと、。・]|から|より|による)/gu;
/** Questions that a distance from another day answers too. */
const ASKS_DEADLINE =
  /\bby when\b|\bat the latest\b|\bhow (?:soon|early|late)\b|\bdeadline\b|\buntil when\b|\bbis wann\b|\bspätestens\b|\bwie (?:früh|spät)\b|いつまでに|期限/i;
/** Asks when something begins or ends for good, which no day of the week tells. */
const ASKS_BOUND =
  /\b(?:start|begin|commence|end|expire|apply|effect|force)s?\b|\b(?:beginnt|anfängt|fängt|endet|gilt|gelten|läuft|abläuft|kraft)\b|いつから|始ま|終わ|満了|施行|適用/i;
const ASKS_PAST = /\b(?:was|were|did|had|wurden?|war(?:en)?)\b|ました/i;
/** How often something happens, without a number of days or years. */
const EVERY =
  /\b(?:every|each|per|once in|at intervals of(?: not more than| at most)?|alle|je)\s(?:\d[\d,.]*|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|eighteen|twenty|thirty|forty|fifty|sixty|ninety|hundred|thousand|second|third|other|half|halbe|zwei|drei|vier|fünf|sechs|acht|zehn|zwölf)(?:[\s-]\p{L}+){1,2}|\bjedes halbe jahr\b/giu;
const ASKS_OFTEN =
  /\bhow (?:often|frequently)\b|\bat what intervals?\b|\bwie (?:oft|häufig)\b|\bin welchen (?:zeit)?abständen\b|\bin welchem (?:rhythmus|turnus)\b|何回|頻度|ごと|おき/i;
const FREQUENCY =
  /\b(?:once|twice|[a-z]+ times) (?:a|an|per|every|each|in (?:a|any|every)) (?:[a-z]+ )?(?:minute|hour|day|night|week|fortnight|month|quarter|year|season|term)\b|\b(?:hourly|daily|nightly|weekly|fortnightly|monthly|quarterly|annually|yearly)\b|\b(?:every|each) (?:hour|day|morning|evening|night|week|month|quarter|season|spring|summer|autumn|winter|year|(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b|\b(?:ein|zwei|drei|vier|fünf|sechs|acht|zehn|zwölf|\d+)mal (?:im|in der|am|pro|je|jede[nrs]?) (?:jahr|halbjahr|quartal|monat|woche|tag|stunde|schicht|saison)(?!\p{L})|\b(?:stünd|täg|wöchent|monat|vierteljähr|halbjähr|jähr)lich\w*|\bjede[nrsm]? (?:stunde|tag|morgen|abend|nacht|woche|monat|quartal|frühjahr|sommer|herbst|winter|jahr|(?:mon|diens|donners|frei|sams|sonn)tag|mittwoch|schicht|fahrt)(?!\p{L})|毎(?:日|朝|晩|週|月|年|時|回)|隔[週月年]|(?:年|月|週|[日一]日)に?\s?[\d一二三四五六]+回|[\d一二三四五六]+(?:年|か月|ヶ月|週間|日|時間)(?:ごと|毎|おき)に?(?:[\d一二三四五六]+回)?/giu;
const TIME = String.raw`[\p{L}\d-]+\s+(?:working |business )?(?:hours?|days?|weeks?|months?|years?)`;
const ZEIT = String.raw`[\p{L}\d-]+\s+(?:Stunden?|Tage?n?|Wochen?|Monate?n?|Jahre?n?)\b`;
/** A day told by its distance from another: "not later than nine months before". */
const DEADLINE = new RegExp(
  String.raw`\b(?:not later than|within|at least|no later than)\s+${TIME}\b(?:\s+(?:before|after|of|from)\b)?`,
  'giu',
);
/** A time told by its distance from another, which "when" asks for as well: "within thirty days after the end", "six weeks before". */
const SOON_AFTER = new RegExp(
  String.raw`\b(?:within|not later than|no later than|at least)\s+${TIME}\s+(?:after|following|of|from)\b|\b${TIME}\s+(?:after|following)\b|(?<!\b(?:than|least)\s)\b${TIME}\s+(?:before|prior to)\b|\b(?:nach|binnen|innerhalb von|spätestens)\s+${ZEIT}|\b${ZEIT}\s+(?:vor|nach|danach|davor|zuvor)\b|\b(?:am (?:Tag (?:zuvor|davor|danach)|Vortag|Vorabend|Folgetag)|vor Antritt|bei (?:Ankunft|Abfahrt))\b|[\d一二三四五六七八九十]+(?:営業)?(?:日|か月|ヶ月|カ月|週間|年|時間)(?:以内|前|後)(?:まで)?に?`,
  'giu',
);
/** Asks for a day of the week, and for a day of either sort. */
const ASKS_WEEKDAY =
  /\b(?:which|what) (?:weekdays?|days? of the week|days)\b|\bwelche[mnrs]? (?:wochentag(?:en)?|tagen)\b|何曜日/i;
const ASKS_DAY = /\b(?:which|what) day\b|\bwelche[mnrs]? tag\b/i;
const WEEKDAY =
  /\b(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days?|(?:mon|diens|donners|frei|sams|sonn)tags?|mittwochs?|sonnabends?|weekdays?|werktags?|daily|täglich)\b|[月火水木金土日]曜日?/giu;
const YEAR = /\b(?:19|20)\d{2}\b/g;
/** Asks for months, and what tells them. */
const ASKS_MONTH = /\b(?:which|what) months?\b|\bwelche[mnrs]? monat(?:en|e|s)?\b|何月/i;
const MONTH =
  /\b(?:January|February|March|April|May|June|July|August|September|October|November|December|Januar|Februar|März|Mai|Juni|Juli|Oktober|Dezember)(?!\p{L})|\d{1,2}月/gu;
/** A length of time that only tells how far a point lies from another: "thirty minutes before". */
const FROM_A_POINT =
  /^\s*(?:before|beforehand|after|afterwards|prior|in advance|ahead|vor(?:her)?|zuvor|davor|danach|im voraus|nach|前|後)(?![\p{Ll}\p{Lu}])/iu;
/** Asks how long something itself lasts. */
const ASKS_LENGTH =
  /\bhow long (?:does|do|did|will|would)\b.*\b(?:last|take|run)\b|\bwie lange (?:dauer\w+|läuft|laufen)\b/i;
/** A year within the name of a thing: "the Rules of 2012", "die Ordnung von 2011". */
const NAMED_BY_YEAR =
  /(?<!\b(?:end|beginning|start|middle|half|quarter|summer|autumn|winter|spring|year|month|season|Ende|Anfang|Mitte|Hälfte|Sommer|Herbst|Winter|Frühjahr|Jahr|(?:Jan|Febr)uary?|March|April|May|June|July|August|(?:Sept|Nov|Dec)ember|October)) (?:of|von) $/i;

function ranges(text: string, pattern: RegExp): Mention[] {
  return [...text.matchAll(pattern)].map((match) => ({ start: match.index, end: match.index + match[0].length }));
}

const REFERENCE =
  /(?:\b(?:clauses?|articles?|notes?|sections?|schedules?|annex|appendix|paragraphs?|chapters?|parts?|tables?|figures?|pages?|items?|version|no\.|p\.|pp\.|abschnitts?|absatz(?:es)?|absätzen?|ziffern?|artikels?|kapitels?|nummern?|nr\.|satz|anhang|seiten?|abbildung|tabelle)\s*|§§?\s*[\w.]*)$/i;
/** Numbers of clauses before another: "clauses 22.1, 22.2 or" 22.4. */
const REFERENCES =
  /(?:\b(?:clauses?|articles?|notes?|sections?|schedules?|paragraphs?|chapters?|parts?|tables?|figures?|pages?|items?|pp\.)|§§?)\s*(?:\d+(?:\.\d+)*(?:\s?\([a-z\d]+\))*\s*(?:,|,?\s*(?:and|or|to)\b|–|-)\s*)+$/i;
const LIST_NUMBER = /^\s*(?:\d+(?:\.\d+)*(?:\.?\s+|\.)[\p{Lu}\p{Script=Han}\p{Script=Katakana}]|\(?\d{1,2}[.)]\s)/u;

/** True for the number of an item within a list, "; 4. vote", or one in brackets, "(2)"; for a factor, "2K"; and for a part of an address or version, "10.0.2.2". */
function isLabel(text: string, start: number, end: number): boolean {
  const [before, behind] = [text.slice(Math.max(0, start - 6), start), text.slice(end, end + 2)];
  if (/^(?:(?![\u3040-\u30ff\u4e00-\u9fff])\p{L}|\.\d)/u.test(behind) || /(?:\d\.|第)$/.test(before)) return true;
  if (/^[.)]\s?/.test(behind) && /[;:.,]\s*(?:and|or)?\s*$/.test(before)) return true;
  return text[start - 1] === '(' && behind.startsWith(')') && end - start <= 2;
}

/** A number of a house: "at 19 Quay Street". */
function isHouse(text: string, start: number, end: number): boolean {
  return /\bat $/.test(text.slice(0, start)) && /^ \p{Lu}\p{Ll}+/u.test(text.slice(end));
}

/** Numbers that count or measure something: no clause, page or list number. */
function measuredNumbers(text: string, language: Language): NumberMention[] {
  const listed = LIST_NUMBER.exec(text)?.[0].length ?? 0;
  const dates = datesOf(text);
  const inDate = (start: number, end: number): boolean => dates.some((date) => date.start < end && start < date.end);
  return numbersOf(text, language).filter(
    ({ start, end, unit }) =>
      !/^\s*(?:o['’]clock|[ap]\.?m\b|uhr\b)/i.test(text.slice(end, end + 10)) &&
      !inDate(start, end) &&
      (unit !== null || !REFERENCE.test(text.slice(Math.max(0, start - 16), start))) &&
      (unit !== null || !REFERENCES.test(text.slice(Math.max(0, start - 60), start))) &&
      (unit !== null || !(isLabel(text, start, end) || isHouse(text, start, end))) &&
      start >= listed - 1,
  );
}

/** How long something lasts, told by what it lasts with, or that it has no end: "for as long as the licensee distributes it". */
const LASTING =
  /\b(?:as|so) long as\b|\bwithout (?:any )?limit(?:ation)? (?:in|of|as to) time\b|\bfor the (?:duration|term|life|lifetime) of\b|\b(?:indefinitely|perpetual(?:ly)?|in perpetuity|unbefristet|auf unbestimmte zeit|solange)\b|\b\d+(?:st|nd|rd|th) (?:day|week|month|year)\b/gi;
const ASKS_UNTIL = /\buntil when\b|\bup to when\b|\bbis wann\b/i;

/** Nothing to pay. */
const FREE =
  /\b(?:free of (?:any )?charge|(?<=\b(?:is|are|travels?) )free\b|without charge|at no (?:charge|cost)|no (?:fee|charge|cost|rent)s? (?:is|are) (?:payable|due|charged)|kostenlos|kostenfrei|gebührenfrei|unentgeltlich|umsonst|(?<=\b(?:ist|sind|reisen|fahren|bleibt|bleiben) )frei\b)|無料|無償/gi;
/** A sum told as a part or a number of others: "a tenth of the premium", "3か月分". */
const PART_OF_SUM =
  /\b(?:(?:an?|one|two|three|four|five|seven|nine) (?:half|halves|thirds?|quarters?|fifths?|sixths?|eighths?|tenths?|twentieths?)|half|twice|double|three times)(?= (?:of |the |an? |its |their ))|(?<=\bby )(?:an? |one |two )?(?:half|halves|thirds?|quarters?|fifths?|tenths?)\b|\b(?:die Hälfte|das Doppelte|das Dreifache|de[nmr] (?:doppelte|halbe|dreifache|volle)n? (?:preis|betrag|satz|lohn|miete|gebühr)\w*|(?:ein|zwei|drei|vier) (?:drittel|viertel|fünftel|zehntel))\b|(?:[\d,.]+|[一二三四五六十]+)(?:か月|ヶ月|カ月|日|年|週間)分|半額/giu;
/** Tenths, as Japanese counts shares. */
const TENTHS = /[\d一二三四五六七八九]割(?:[\d一二三四五六七八九]分)?/gu;
/** A step told as a factor. */
const MULTIPLIED = /\b(?:doubled|halved|trebled|verdoppelt|halbiert|verdreifacht)\b/gi;
/** Asks for the size of a step, which may be a share: "by how much", "how much less", "how much can the fee go up". */
const BY_HOW_MUCH =
  /\bby how much\b|\bhow much (?:less|more|fewer|larger|smaller|bigger|higher|lower|longer|shorter|dearer|cheaper|faster|slower|deeper|shallower|wider|narrower|heavier|lighter|older|younger|earlier|later|further|greater|better|worse)\b|\bhow much .{2,60}\b(?:rise|rises|rose|risen|go up|goes up|went up|go down|went down|increased?|decreased?|fall|fell|fallen|grow|grew|grown|drop|dropped|change|changed)\b|\bhow much .{2,60}\b(?:saved?|saves|given back|refunded|credited)\b|\bum wie ?viel\b|いくら(?:上|下|増|減|高く|安く)/i;
/** Asks for a sum that is often told as a share of another. */
const ASKS_SHARE =
  /\bwhat (?:is|are|was|were|must be|will be) (?:refunded|reimbursed|credited|deducted|withheld|given back)\b|\b(?:what|which)(?: (?:is|was) (?:the|its))? (?:[\w-]+ )?(?:bonus|discount|rebate|reduction|surcharge|supplement|increase)\b/i;
/** Asks for an age, which is a time. */
const ASKS_AGE =
  /\bhow (?:old|young)\b|\b(?:at|to|from|until|till|over|under|above|below|up to|beyond|with) (?:what|which) age\b|\b(?:in|mit|ab|bis zu) welchem (?:lebens)?alter\b|\bwhat (?:is|was|are) the (?:[\w-]+ )?age\b|\bm(?:in|ax)imum age\b|\bwie alt\b|\b(?:mindest|höchst)alter\b|\bwelche[ms] alter\b|何歳|年齢/i;
/** What a bare number stands behind that is an age: "retire at 65", "aged 16". */
const AT_AGE = /\b(?:at|aged?(?: of)?|over|under|from|until|mit|ab|über|unter|bis) $/i;
const OF_AGE = /^\s*(?:[.,;:)]|$|(?:and|or|und|oder)\b)/i;
/** The year that something is from, which tells its age: "built in 2009". */
const BUILT =
  /(?<=\b(?:built|constructed|made|manufactured|launched|dates|dating|founded|erected|installed)\b.{1,20})\b(?:19|20)\d{2}\b|(?:19|20)\d{2}(?= (?:gebaut|erbaut|errichtet|gegründet))|(?<=baujahr )(?:19|20)\d{2}/giu;
/** Asks how large or how much of something a thing is, which no time tells. */
const ASKS_EXTENT =
  /\bhow (?:large|big|small|deep|wide|tall|thick|thin|heavy|hot|warm|cold|loud|powerful|steep)\b|\bwie (?:groß|klein|tief|breit|dick|schwer|warm|kalt|heiß|laut)(?!\p{L})/iu;
/** Asks for a number of things. */
const COUNTS = /\b(?:how many|what number of|wie viele)\b/i;

/** Asks what is to be paid, rather than for a number of anything. */
const ASKS_MONEY =
  /\b(?:pay|pays|paid|payable|payment|costs?|prices?|priced|fees?|fares?|charged?|charges|rent|salary|wages?|fined?|penalty|deposit|dividend|compensat\w+|owed?|earn(?:s|ed)?|spen[dt]|brought in|premium|miete|(?:ge)?koste\w*|preis|gebühr|zahlen|bezahlen|bußgeld|verdien\w*|bezahlt|gezahlt|ausgegeben|eingenommen|gekostet|\w*(?:beitrag|gebühr|preis|kosten|miete|lohn|gehalt|entgelt|strafe|vergütung))\b|賃料|家賃|料金|価格|費用|金額|いくら|時給|給料/i;

/** True for a question that asks for a sum of money. */
export function asksMoney({ kind, text }: Pick<Question, 'kind' | 'text'>): boolean {
  return (
    kind === 'amount' &&
    ASKS_MONEY.test(text) &&
    !BY_HOW_MUCH.test(text) &&
    !ASKS_SHARE.test(text) &&
    quantityAsked(text) === null
  );
}

/** True for words that say a sum of money, "two hundred crowns", or that there is nothing to pay. */
export function saysMoney(text: string): boolean {
  return (
    text.search(FREE) >= 0 ||
    text.search(PART_OF_SUM) >= 0 ||
    /[$€£¥円]|\b(?:crowns?|kronen?|euros?|dollars?|pounds?|yen|francs?|cents?|pence|eur|usd|gbp)\b|(?:クラウン|ドル|ユーロ|ポンド)/iu.test(
      text,
    )
  );
}

export function isMoney(unit: string): boolean {
  return /^(?:[$€£¥]|crowns?|kronen?|euros?|eur|dollars?|usd|pounds?|gbp|yen|francs?|franken|cents?|pence|penny|クラウン|円|ドル|ユーロ)$/i.test(
    unit,
  );
}

/** Directions that a measure can be taken in, each with the words that ask for it or tell it. */
const DIMENSIONS: readonly RegExp[] = [
  /\b(?:deep|depth|draught|draft|tief\w*)\b/i,
  /\b(?:wide|width|broad|breadth|beam|breit\w*)\b/i,
  /\b(?:high|height|tall|hoch|höhe)\b/i,
  /\b(?:long|length|lang|länge)\b/i,
  /\b(?:heavy|weight|weighs?|schwer|gewicht)\b/i,
  /\b(?:thick|thickness|dick\w*)\b/i,
];

/** What the figures of the quantity asked for are told in; null where its words tell none, and where it is asked by how much, which a share may answer. */
export function quantityOf({ kind, text }: Pick<Question, 'kind' | 'text'>): RegExp | null {
  return ['number', 'amount'].includes(kind) && !BY_HOW_MUCH.test(text) ? quantityAsked(text) : null;
}

/** False for a measure that tells another direction, right behind it, than is asked for: "28 metres long" of how deep something is. */
function sameDimension(asked: string, behind: string): boolean {
  const wanted = DIMENSIONS.findIndex((one) => one.test(asked));
  const told = /^\s*(?:in )?(\p{L}+)/u.exec(behind)?.[1] ?? '';
  const own = DIMENSIONS.findIndex((one) => one.test(told));
  return wanted < 0 || own < 0 || own === wanted;
}

/** Ranges of a text that could be the answer of a kind: amounts, dates, durations, names; none for kinds without a value. */
function kindMentions(text: string, { kind, text: asked }: Question, language: Language): Mention[] {
  switch (kind) {
    case 'date': {
      if (ASKS_TIME.test(asked)) return ranges(text, CLOCK);
      if (ASKS_WEEKDAY.test(asked)) return ranges(text, WEEKDAY);
      if (ASKS_MONTH.test(asked)) return ranges(text, MONTH);
      const dates = datesOf(text);
      if (dates.length > 0) return [...dates];
      const weekdays = ASKS_DAY.test(asked) ? ranges(text, WEEKDAY) : [];
      if (weekdays.length > 0) return weekdays;
      const lasting = ASKS_UNTIL.test(asked) ? ranges(text, LASTING) : [];
      if (lasting.length > 0) return lasting;
      const years = ranges(text, YEAR).filter(({ start }) => !NAMED_BY_YEAR.test(text.slice(0, start)));
      if (ASKS_DEADLINE.test(asked)) return years.length > 0 ? years : ranges(text, DEADLINE);
      // What has happened is dated by no distance from a day.
      if (years.length > 0 || ASKS_PAST.test(asked)) return years;
      const distances = ranges(text, SOON_AFTER);
      // What happens again and again does so on days of the week, at hours.
      if (distances.length > 0 || ASKS_BOUND.test(asked)) return distances;
      return [...ranges(text, WEEKDAY), ...ranges(text, CLOCK)];
    }
    case 'party':
      if (language === 'ja') return ranges(text, JAPANESE_AGENT);
      return language === 'de'
        ? ranges(text, GERMAN_AGENT)
        : [...ranges(text, NAME), ...ranges(text, AGENT)].filter(
            ({ start, end }) => !NO_PARTY.test(text.slice(start, end)),
          );
    case 'percentage':
      return [
        ...measuredNumbers(text, language).filter(({ unit }) => unit === '%' || /\bpoint$/.test(unit ?? '')),
        ...ranges(text, TENTHS),
      ];
    case 'duration': {
      if (ASKS_OFTEN.test(asked)) {
        const repeated = [...ranges(text, FREQUENCY), ...ranges(text, EVERY)];
        if (repeated.length > 0) return repeated;
      }
      const length = ASKS_LENGTH.test(asked);
      const times = measuredNumbers(text, language).filter(
        ({ unit, end }) =>
          unit !== null && UNITS_OF_TIME.test(unit) && !(length && FROM_A_POINT.test(text.slice(end, end + 12))),
      );
      const often = times.length > 0 ? times : ranges(text, FREQUENCY);
      return often.length > 0 ? often : ranges(text, LASTING);
    }
    case 'amount': {
      const sums = measuredNumbers(text, language).filter(
        ({ unit, value }) =>
          (unit !== '%' || BY_HOW_MUCH.test(asked) || ASKS_SHARE.test(asked)) &&
          (unit === null || !UNITS_OF_TIME.test(unit) || BY_HOW_MUCH.test(asked)) &&
          (unit !== null || !/^(?:19|20)\d{2}$/.test(value)),
      );
      if (ASKS_SHARE.test(asked)) return [...sums, ...ranges(text, PART_OF_SUM)];
      if (BY_HOW_MUCH.test(asked)) {
        const steps = [...sums, ...ranges(text, PART_OF_SUM), ...ranges(text, MULTIPLIED)];
        const told = steps.filter(({ start }) => /\b(?:by|um) (?:\p{L}+ )?$/iu.test(text.slice(0, start)));
        return told.length > 0 ? told : steps;
      }
      if (sums.length > 0) return sums;
      const told = ranges(text, FREE);
      return told.length > 0 ? told : ranges(text, PART_OF_SUM);
    }
    case 'number': {
      const numbers = measuredNumbers(text, language).filter(({ end }) => sameDimension(asked, text.slice(end)));
      if (ASKS_AGE.test(asked)) {
        const ages = numbers.filter(({ unit, start, end }) =>
          unit === null ? AT_AGE.test(text.slice(0, start)) && OF_AGE.test(text.slice(end)) : UNITS_OF_AGE.test(unit),
        );
        return [...ages, ...ranges(text, BUILT)];
      }
      // A count is a number of things, or a share of them where nothing else is said; neither money nor time.
      if (COUNTS.test(asked)) {
        const things = numbers.filter(
          ({ unit }) => unit === null || !(unit === '%' || isMoney(unit) || UNITS_OF_TIME.test(unit)),
        );
        return things.length > 0 ? things : numbers.filter(({ unit }) => unit === '%');
      }
      if (ASKS_EXTENT.test(asked)) return numbers.filter(({ unit }) => unit === null || !UNITS_OF_TIME.test(unit));
      const counts = numbers.filter(({ unit }) => unit !== '%');
      return counts.length > 0 ? counts : numbers;
    }
    case 'place':
    case 'passage':
      return ranges(text, reachedAt(asked) ?? (ASKS_ADDRESS.test(asked) ? ADDRESS : NOTHING));
    case 'yes-no':
    case 'definition':
    case 'list':
      return [];
  }
}

/** True for mentions that tell a day by its distance from another, where no day or year is told. */
export function tellsDistance(text: string, mentions: readonly Range[]): boolean {
  const plain = mentions.map(({ start, end }) => text.slice(start, end));
  return (
    plain.length > 0 &&
    plain.every((one) => datesOf(one).length === 0 && /\b(?:hour|day|week|month|year)s?\b/i.test(one))
  );
}

/** Asks where something is to be sent or said: an address of mail or of a page answers that. */
const ASKS_ADDRESS =
  /\b(?:which|what|welche[rns]?) (?:mail )?(?:address|adresse|site)\b|\bwhere (?:do|does|should|can|could|must|may|shall|are|is) .{1,60}\b(?:write|send|sent|mail|mailed|submitted)\b|\bwohin\b/i;
const NOTHING = /(?!)/g;
const ADDRESS = /\b[\w.+-]+@[\w-]+(?:\.[\w-]+)+|\b(?:https?|ftp):\/\/[^\s)>\]]+/giu;

/** Mentions of the wanted kind that the question did not name itself. */
export function freshMentions(text: string, question: Question, language: Language): Mention[] {
  return kindMentions(text, question, language).filter(({ start, end }) => {
    const words = tokenize(text.slice(start, end)).map((token) => token.word);
    return !words.every((word) => question.spoken.has(word));
  });
}

/** 1 when an answer of the wanted kind stands next to one of the question's terms, less with every word between; 0 without one. */
export function kindNearness(
  text: string,
  mentions: readonly Mention[],
  isAsked: (term: string) => boolean,
  language: Language,
): number {
  if (mentions.length === 0) return 0;
  const tokens = tokensOf(text);
  const asked = tokens.flatMap((token, at) =>
    termsOf(token.word, language).some((one) => isAsked(one.term)) ? [at] : [],
  );
  let best = Infinity;
  for (const mention of mentions) {
    const at = tokens.findIndex((token) => token.end > mention.start);
    for (const one of asked) best = Math.min(best, Math.abs(one - at));
  }
  return best === Infinity ? 0 : 1 / (1 + best / 6);
}
