import { SUM_IN_FIGURES } from '../text';

/** What a price is asked for or told by. */
const PRICE =
  /\b(?:costs?|pric|charg|fee|fares?\b|dues|tariff|hire\b|rent)|koste|preis|gebühr|miete|pacht|entgelt|料|価格|代金|費用/i;

/** Kinds of sums of money, each with the words that ask for it or tell it, in the three languages. */
const KINDS_OF_SUM: readonly RegExp[] = [
  // What somebody earns.
  /\bearns?\b(?! (?:revenue|interest|a commission))|\b(?:salar|wage|remunerat|stipend)|l[oö]hne?(?!\p{L})|geh[aä]lt(?:er)?(?!\p{L})|verdien|besold|給料|給与|賃金|報酬|年収|時給/iu,
  // A fine.
  /\b(?:fined?|fines)\b|\b(?:penalt|forfeit)|bußgeld|geldbuße|strafe|罰金|過料|違約金/i,
  // Money that is left with somebody.
  /\b(?:deposit|security|surety|guarantee)|kaution|\bpfand|bürgschaft|sicherheit|保証金|敷金|預/i,
  // What somebody answers for, and what an insurance covers.
  /\b(?:liab|insur|indemn|compensat)|\banswers? for\b|\bclaims?\b|haftet|haftung|versicher|賠償|保険|責任/i,
  // What a business made.
  /\b(?:profits?|loss(?:es)?|revenue|turnover|sales|surplus|deficit|net income)\b|umsatz|gewinn|verlust|erlös|überschuss|売上|利益|損失|黒字|赤字/i,
  // What is owed.
  /\b(?:loans?|borrow\w*|debts?|overdraft|credit facility|bonds?)\b|darlehen|kredit|schulden|借入|融資|貸付/i,
  /\b(?:tax|excise)|steuer|税/i,
  /\bdividend|配当/i,
  /\bcommission|provision|手数料/i,
  /\bgrant(?:s|ed)?\b|subsid|zuschuss|fördermittel|補助金|助成/i,
  PRICE,
];

/** True for a question for a price, which sums of several kinds may tell. */
export function asksPrice(asked: string): boolean {
  return PRICE.test(asked);
}

/** What a price is asked for by, each with the words that tell it is for that. */
const PER_UNIT: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  [/\bsquare met(?:re|er)|quadratmeter|平方メートル/i, /square|sq\.|m²|quadratmeter|平方|㎡/i],
  [/\bcubic met(?:re|er)|kubikmeter|立方メートル/i, /cubic|m³|kubikmeter|立方/i],
  [/\bmet(?:re|er)|(?<!\p{L})meter|メートル/iu, /met(?:re|er)|\bm\b|メートル/i],
  [/\bkilomet(?:re|er)|kilometer|キロ/i, /kilomet|\bkm\b|キロ/i],
  [/\b(?:nautical )?mile\b|seemeile|海里/i, /mile|meile|海里/i],
  [/\bton(?:ne)?\b|(?<!\p{L})tonne|トン/iu, /\bton|tonne|トン/i],
  [/\bkilo(?:gram(?:me)?)?\b|(?<!\p{L})kilo(?:gramm)?(?!\p{L})/iu, /kilo|\bkg\b/i],
  [/\blit(?:re|er)|リットル/i, /lit(?:re|er)|リットル/i],
  [/\bkilowatt/i, /kilowatt|kwh/i],
  [/\bhour|stunde|時間/i, /hour|stunde|時間|\/\s?h\b|\bkm\/?h\b|\bkph\b/i],
  [/\bnight|nacht|一泊|1泊/i, /night|nacht|泊|夜/i],
];
const PER =
  /\b(?:per|for (?:each|every)|an?(?= (?:square|cubic|met(?:re|er)|kilo|mile|ton|lit(?:re|er)|hour|night)\w*\s*\?*$)) (?<english>(?:square |cubic |nautical )?[\w-]+)|(?<!\p{L})(?:pro|je) (?<german>\p{L}+)|[1１一](?<japanese>平方メートル|立方メートル|メートル|キロ|海里|トン|リットル|時間|泊)(?:当たり|あたり|につき)/iu;

/** Asks what one of a small thing costs, and what tells a sum for all of them. */
const PRICE_OF_ONE =
  /^(?:what|how much) (?:does|do|did|is) (?:an?|one|each) (?:[\w-]+ )?(?:ticket|copy|permit|pass|meal|seat|place|night|day|hour|session|course|lesson|key|card|form|certificate|trip|crossing|launch|weekend)\b/i;
const FOR_ALL = /\d ?(?:million|thousand million|billion|bn)\b|\b(?:sales|total|altogether|in all)\b/i;

/** True where the price of one thing is asked for, and a text tells what all of them brought: “Ticket sales made up 7.1 million”. */
export function tellsSumOfAll(asked: string, text: string): boolean {
  return PRICE_OF_ONE.test(asked.trim()) && FOR_ALL.test(text);
}

/** True where the price of a unit is asked for, and a text speaks of no such unit: a year's rent is none per square metre. */
export function tellsNoUnit(asked: string, text: string): boolean {
  const { english, german, japanese } = PER.exec(asked)?.groups ?? {};
  const unit = english ?? german ?? japanese;
  const told = unit === undefined ? undefined : PER_UNIT.find(([shape]) => shape.test(unit))?.[1];
  return told !== undefined && !told.test(text);
}

/** Times that sums are told for, each with the words that ask for one and those behind a sum that tell one. */
const TIMES: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  [
    /\b(?:an?|per|each|every) year\b|\b(?:yearly|annual(?:ly)?)\b|jährlich|im jahr(?! \d)|pro jahr|年間|一年/iu,
    /year|annu|jahr|年/iu,
  ],
  [/\b(?:an?|per|each|every) month\b|\bmonthly\b|monatlich|(?:im|pro) monat|月額|毎月/iu, /month|monat|月/iu],
  [/\b(?:an?|per|each|every) week\b|\bweekly\b|wöchentlich|(?:in der|pro) woche/iu, /week|woche|週/iu],
  [/\b(?:an?|per|each|every) day\b|\bdaily\b|täglich|(?:am|pro) tag/iu, /day|daily|tag|täg|日/iu],
  [/\b(?:an?|per|each|every) hour\b|\bhourly\b|stündlich|(?:in der|pro) stunde/iu, /hour|stunde|stünd|時間/iu],
];
/** A sum with the time that it is told for. */
const SUM_FOR_A_TIME = new RegExp(
  String.raw`(?:${SUM_IN_FIGURES}|%|per cent|prozent) (?:(?:an?|per|each|every|je|pro|im|am) |in der )(?<time>\p{L}+)`,
  'giu',
);

/** True where a sum is asked for one time, and a text tells sums for others and speaks of that time nowhere: what an hour costs is no price of a year. */
export function tellsOtherTime(asked: string, text: string): boolean {
  const told = TIMES.find(([shape]) => shape.test(asked))?.[1];
  if (told === undefined || told.test(text)) return false;
  return [...text.matchAll(SUM_FOR_A_TIME)].some(({ groups }) => TIMES.some(([, time]) => time.test(groups?.['time'] ?? ''))); // prettier-ignore
}

/**
 * True for a text that only speaks of sums of other kinds than the question: “haftet bis 250 Kronen” of what a locker costs, a profit of what the chair earns. A
 * text that calls its sum nothing may tell any.
 */
export function tellsOtherSum(asked: string, text: string): boolean {
  const wanted = KINDS_OF_SUM.filter((kind) => kind.test(asked));
  const told = KINDS_OF_SUM.filter((kind) => kind.test(text));
  return wanted.length > 0 && told.length > 0 && !wanted.some((kind) => told.includes(kind));
}
