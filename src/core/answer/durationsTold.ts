import { datesOf, type Language, type NumberMention, type Range } from '../text';
import { measuredNumbers, ranges, UNITS_OF_TIME } from './measuredNumbers';

/** How often something happens, without a number of days or years. */
const EVERY =
  /\b(?:every|each|per|once in|at intervals of(?: not more than| at most)?|alle|je)\s(?:\d[\d,.]*|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fourteen|fifteen|eighteen|(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:-\p{L}+)?|hundred|thousand|second|third|fourth|fifth|sixth|seventh|eighth|tenth|other|half|halbe|zwei|drei|vier|fünf|sechs|acht|zehn|zwölf)(?: \(\d{1,3}\))?(?:[\s-]\p{L}+){1,2}(?!\p{L})(?<!\s(?:by|to|of|and|or|in|at|on|for|from|with|the|an?|und|oder|von|durch))|\bjedes halbe jahr\b/giu;
const ASKS_OFTEN =
  /\bhow (?:often|frequently)\b|\bat what intervals?\b|\bwie (?:oft|häufig)\b|\bin welchen (?:zeit)?abständen\b|\bin welchem (?:rhythmus|turnus)\b|何回|頻度|ごと|おき/i;
export const FREQUENCY =
  /\b(?:once|twice|[a-z]+ times) (?:a|an|per|every|each|in (?:a|any|every)) (?:[a-z]+ )?(?:minute|hour|day|night|week|fortnight|month|quarter|year|season|term)\b|\bin (?:the|every|each|its) (?:(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)(?:,| and)? (?:(?:in )?the )?){1,4}years?\b|\b(?:hourly|daily|nightly|weekly|fortnightly|monthly|quarterly|annually|yearly)\b|\b(?:every|each) (?:hour|day|fortnight|morning|evening|night|week|month|quarter|season|spring|summer|autumn|winter|year|(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b|\b(?:ein|zwei|drei|vier|fünf|sechs|acht|zehn|zwölf|\d+)mal (?:im|in der|am|pro|je|jede[nrs]?) (?:jahr|halbjahr|quartal|monat|woche|tag|stunde|schicht|saison)(?!\p{L})|\b(?:stünd|täg|wöchent|monat|vierteljähr|halbjähr|jähr)lich\w*|\bjede[nrsm]? (?:stunde|tag|morgen|abend|nacht|woche|monat|quartal|frühjahr|sommer|herbst|winter|jahr|(?:mon|diens|donners|frei|sams|sonn)tag|mittwoch|schicht|fahrt)(?!\p{L})|毎(?:日|朝|晩|週|月|年|時|回)|隔[週月年]|(?:年|月|週|[日一]日)に?\s?[\d一二三四五六]+回|[\d一二三四五六]+(?:年|か月|ヶ月|週間|日|時間)(?:ごと|毎|おき)に?(?:[\d一二三四五六]+回)?/giu;
/** The same where nothing says in what time: "the trustees sat five times". */
const SO_MANY_TIMES =
  /\b(?:once|twice|(?:\d+|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve) times)\b(?! (?:the|as|that|its)\b)|\b(?:ein|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf|zwölf|\d+)[ -]?mal(?!\p{L})/giu;
/** Asks how often something is allowed, and what tells it by what is counted: "for at most ten calls of a ship". */
const ASKS_LIMIT =
  /\bhow (?:often|frequently) (?:may|can|could|must|might)\b|\bwie (?:oft|häufig) (?:darf|dürfen|kann|können)\b/i;
const AT_MOST =
  /\b(?:at most|up to|(?:not|no) more than|a maximum of|höchstens|bis zu) (?:\d{1,3}|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|zwei|drei|vier|fünf|sechs|acht|zehn|zwölf) (?:\(\d{1,3}\) )?(?!per ?cent|%)\p{L}+/giu;
/** A length of time that only tells how far a point lies from another: "thirty minutes before". */
const FROM_A_POINT =
  /^\s*(?:before|beforehand|after|afterwards|prior|in advance|ahead|vor(?:her)?|zuvor|davor|danach|im voraus|nach|前|後)(?![\p{Ll}\p{Lu}])/iu;
/** Asks how long something itself takes, and how long it lasts. */
const ASKS_LENGTH = /\bhow long (?:does|do|did|will|would)\b.*\btake\b|\bwie lange dauer\w+\b/i;
/** How long something lasts, told by what it lasts with, or that it has no end: "for as long as the licensee distributes it". */
export const LASTING =
  /\b(?:as|so) long as\b|\bwithout (?:any )?limit(?:ation)? (?:in|of|as to) time\b|\bfor the (?:duration|term|life|lifetime) of\b|\b(?:indefinitely|perpetual(?:ly)?|in perpetuity|unbefristet|auf unbestimmte zeit|solange)\b|\b\d+(?:st|nd|rd|th) (?:day|week|month|year)\b|(?<=\b(?:delayed|late|postponed|deferred|extended|prolonged|shortened|put off|brought forward) by )(?:an?|one) (?:hour|day|week|fortnight|month|quarter|year)\b/gi;
const ASKS_HOW_LONG =
  /\bhow long (?:is|are|was|were|does|do|did|will)\b|\bwie lange? (?:ist|sind|war|dauer\p{L}+|läuft|geht|gilt)(?!\p{L})|期間/iu;
const DAY = String.raw`(?:the )?(?:\d{1,2}(?:st|nd|rd|th|\.)? (?:of )?)?(?:Jan(?:uary|uar)|Febr(?:uary|uar)|March|März|April|Ma[yi]|Jun[ei]|Jul[yi]|August|September|O[ck]tober|November|De[cz]ember)(?: \d{1,2}(?:st|nd|rd|th)?)?(?:,? (?:19|20)\d{2})?`;
/** How long something lasts, told by its first day and its last: "from 1 April to 31 October". */
const FROM_DAY_TO_DAY = new RegExp(
  String.raw`\b(?:(?:from|between|vom|von|zwischen)(?: dem)? )${DAY} (?:to|until|till|and|bis(?: zum)?|und)(?: dem)? ${DAY}|\d{1,2}月(?:\d{1,2}日)?から(?:翌年)?\d{1,2}月(?:\d{1,2}日)?まで`,
  'giu',
);
/** What makes a time one of notice. */
const OF_NOTICE = /^[’']?s?[’']? (?:(?:prior|written|previous) ){0,2}notice\b|^ Frist\b/i;
const ASKS_TERM =
  /\bhow long (?:does|do|did|will|would)\b.*\b(?:last|run)\b|\bwie lange (?:läuft|laufen|gilt|gelten)\b/i;

/** Asks how long something has been or is to be, which the day or year tells that it began or ends on. */
const ASKS_SINCE =
  /^how long (?:ago|has|have)\b|^since when\b|^wie lange (?:ist|hat|gibt es|besteh\w+) .*(?:schon|bereits)|^seit wann\b|いつから/iu;
const ASKS_UNTIL =
  /^(?:for )?how long (?:is|are|was|were|does|do|will)\b.*\b(?:valid|good|in force|hold|apply|laid up|closed|last|accepted|recognised|recognized|honoured|fixed|frozen)\b|^wie lange? (?:ist|sind|gilt|gelten|darf|dürfen|kann)(?!\p{L})/iu;
const YEAR = /(?<![\d.,])(?:19|20)\d{2}(?![\d.,]?\d)/g;
const UP_TO =
  /(?<!\p{L})(?:until|till|to|through|up to|expires? on|ends? on|runs? out on|lapses? on|before|by|bis(?: zum)?|am|まで)\s+(?:and including |the )?$/iu;

/** The day or year that tells how long something has been or is to be; none where neither is asked. */
function boundsTold(text: string, asked: string): Range[] {
  if (ASKS_SINCE.test(asked)) {
    const dates = datesOf(text);
    return dates.length > 0 ? [...dates] : ranges(text, YEAR);
  }
  if (/いつまで(?!に)/.test(asked)) return datesOf(text).filter(({ end }) => /^\s*(?:まで|に(?:終了|満了)|をもって)/.test(text.slice(end))); // prettier-ignore
  return ASKS_UNTIL.test(asked) ? datesOf(text).filter(({ start }) => UP_TO.test(text.slice(0, start))) : [];
}

/** What makes a time a limit or a length, which tells nothing of how often something happens. */
const OF_A_LENGTH =
  /(?:\b(?:more|longer|less|later) than|\b(?:for|during|not exceeding)|(?<!\p{L})(?:länger als|mehr als|für|während))\s$/iu;
/** What a time in a sentence stands with that tells how often something happens; a row tells it without. */
const OF_INTERVALS =
  /interval|abst[aä]nd|turnus|rhythm|after|nach |every|each|\bper\b|alle |jede|spätestens|at least|at the latest|ごと|毎|おき|回/i;
const ROW = 60;
/** What stands before a time of notice in German. */
const NOTICE_OF = /(?<!\p{L})(?:[Ff]rist von|[Kk]ündigungsfrist (?:beträgt|von))\s$/u;

/** Asks how soon something is to be done. */
const ASKS_SOON =
  /\bhow (?:soon|quickly|fast)\b|\bwithin (?:what|which)\b|\bwie (?:schnell|rasch|zügig|bald)(?!\p{L})|何日以内|どのくらいで/iu;
/** How soon, without a number. */
const PROMPTLY =
  /\b(?:by|on|not later than) the (?:same|next|following) (?:working |business )?day\b|\b(?:at once|immediately|without (?:undue )?delay|forthwith|straight ?away)\b|(?<!\p{L})(?:(?:am|bis zum) (?:selben|gleichen|nächsten|folgenden) (?:\p{L}+)?tage?|unverzüglich|sofort)(?!\p{L})|直ちに|速やかに|遅滞なく|翌(?:営業)?日まで/giu;

/** Units that a time is asked for in. */
const UNIT_ASKED: readonly (readonly [asked: RegExp, unit: RegExp])[] = [
  [
    /\bhow many (?:more |fewer |working |business )*days\b|\bwie viele (?:werk|arbeits)?tage\b|何日/i,
    /^(?:day|tag|日)/i,
  ],
  [/\bhow many (?:more |fewer )?weeks\b|\bwie viele wochen\b|何週間/i, /^(?:week|woche|週)/i],
  [/\bhow many (?:more |fewer )?months\b|\bwie viele monate\b|何(?:か|ヶ|カ)月/i, /^(?:month|monat|か月)/i],
  [/\bhow many (?:more |fewer )?years\b|\bwie viele jahre\b|何年/i, /^(?:year|jahr|年)/i],
  [/\bhow many (?:more |fewer )?hours\b|\bwie viele stunden\b|何時間/i, /^(?:hour|stunde|時間)/i],
  [/\bhow many (?:more |fewer )?minutes\b|\bwie viele minuten\b|何分/i, /^(?:minute|分)/i],
];

/** Asks how long a thing is, which a measure may answer as well as a time: "how long is the tug". */
const OF_A_THING =
  /^(?:how long (?:is|are|was|were) (?:the|an?|its|her|each|this|these)|wie lang (?:ist|sind|war|waren) (?:der|die|das|ein|eine)) [\p{L}-]+(?: (?!(?:at|in|on|open|valid|for|to|under|from|away|out)\b)[\p{L}-]+)?\s*\?*$|^how long (?:may|must|can|should|shall|could|will) (?:the|an?|its|each|this) (?:[\p{L}-]+ ){1,3}be\s*\?*$/iu;
const LENGTHS =
  /\d[\d.,]*(?:\s|-)?(?:kilo)?(?:met(?:re|er)s?|metern?|feet|foot|m|km|miles?)\b(?= (?:long|in length|lang)\b)|(?<=\b(?:length of|länge von|(?:long|short)er than|(?:länger|kürzer) als) (?:an? )?)\d[\d.,]*\s?(?:kilo)?(?:met(?:re|er)s?|metern?|feet|m|km|miles?)\b/giu;

/** The same of a part or a fault of something, where no time is told: "how long is the crack in the keel". */
const LONG_THING =
  /^how long (?:is|are|was|were) (?:the|an?|its|her) (?!.*\b(?:term|contract|agreement|lease|licen[cs]e|period|notice|valid|open|closed|kept|stay|warranty|guarantee)\b)/i;
const ANY_LENGTH = /\d[\d.,]*(?:\s|-)?(?:kilo|centi|milli)?(?:met(?:re|er)s?|mm|cm|m|km|feet|foot|inches)\b/giu;

/** What makes a length none of how long a thing is. */
const ACROSS = /^\s(?:high|wide|deep|thick|broad|tall|away|apart|from|in (?:height|width|depth|diameter|thickness))\b/i;

/** What stands between the parts of one time: "7時間45分", "two hours and thirty minutes"; hours and minutes need nothing. */
const GOES_ON = /^(?: (?:and|und) )?$/;

/** True for two times that are one: "2 hours 30 minutes", but not "nach zehn Jahren drei Monate". */
function isOneTime(text: string, one: NumberMention, next: NumberMention): boolean {
  const between = text.slice(one.end, next.start);
  return GOES_ON.test(between) || (between === ' ' && /^hour/.test(one.unit ?? '') && /^min/.test(next.unit ?? ''));
}

/** True for words that say how often something happens: "twice a year". */
export function saysHowOften(text: string): boolean {
  return text.search(FREQUENCY) === 0;
}

/** Times that a text tells, and how often something happens where that is asked. */
export function durationsTold(text: string, asked: string, language: Language): Range[] {
  if (ASKS_OFTEN.test(asked)) {
    const repeated = [...ranges(text, FREQUENCY), ...ranges(text, EVERY)];
    const told = [repeated, ranges(text, SO_MANY_TIMES), ASKS_LIMIT.test(asked) ? ranges(text, AT_MOST) : []].find((one) => one.length > 0) ?? []; // prettier-ignore
    if (told.length > 0) return told;
  }
  const lengths = OF_A_THING.test(asked) ? ranges(text, LENGTHS) : [];
  if (lengths.length > 0) return lengths;
  const sized = /\bbe\s*\?*$/i.test(asked) && OF_A_THING.test(asked) ? ranges(text, ANY_LENGTH).filter(({ end }) => !ACROSS.test(text.slice(end))) : []; // prettier-ignore
  if (sized.length > 0) return sized;
  const often = ASKS_OFTEN.test(asked);
  const length = ASKS_LENGTH.test(asked);
  const term = ASKS_TERM.test(asked);
  const times = measuredNumbers(text, language).filter(
    ({ unit, start, end }) =>
      unit !== null &&
      UNITS_OF_TIME.test(unit) &&
      !(length && FROM_A_POINT.test(text.slice(end, end + 12))) &&
      !(term && /\b(?:within|binnen|innerhalb(?: von)?) $/i.test(text.slice(0, start))) &&
      !(often && (OF_A_LENGTH.test(text.slice(0, start)) || (text.length > ROW && !OF_INTERVALS.test(text)))) &&
      !(term && (OF_NOTICE.test(text.slice(end, end + 24)) || NOTICE_OF.test(text.slice(0, start)))),
  );
  const whole = times.flatMap((time, at) => {
    const [before, next] = [times[at - 1], times[at + 1]];
    if (before !== undefined && isOneTime(text, before, time)) return [];
    const goesOn = next !== undefined && isOneTime(text, time, next);
    return [goesOn ? { ...time, end: next.end } : time];
  });
  const unit = UNIT_ASKED.find(([shape]) => shape.test(asked))?.[1];
  const inUnit = whole.filter((one) => unit !== undefined && one.unit !== null && unit.test(one.unit));
  if (inUnit.length > 0 || (unit !== undefined && times.length === 0)) return inUnit;
  const prompt = times.length === 0 && ASKS_SOON.test(asked) ? ranges(text, PROMPTLY) : [];
  if (prompt.length > 0) return prompt;
  // What happens each quarter takes no quarter.
  const repeated = times.length > 0 || length || term ? whole : ranges(text, FREQUENCY);
  if (repeated.length > 0 || often) return repeated;
  const lasting = ranges(text, LASTING);
  if (lasting.length > 0) return lasting;
  const measures = LONG_THING.test(asked) ? ranges(text, ANY_LENGTH) : [];
  if (measures.length > 0) return measures;
  const wholeSpan = ASKS_HOW_LONG.test(asked) ? ranges(text, FROM_DAY_TO_DAY) : [];
  return wholeSpan.length > 0 ? wholeSpan : boundsTold(text, asked);
}
