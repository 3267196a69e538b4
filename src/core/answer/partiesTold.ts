import { CURRENCY_CODES, ENGLISH_MONTHS, type Language, type Range } from '../text';
import { ranges } from './measuredNumbers';

/** Names: capitalised words in a row that do not open the sentence. */
const NAME =
  /(?<!^)(?<![.!?]\s)\b\p{Lu}[\p{L}&.’'-]*\p{L}(?:\s+(?:(?:of|the|and|&|von|der)\s+)?\p{Lu}[\p{L}&.’'-]*\p{L})*/gu;
/** Capital words that name no one. */
const NO_PARTY = new RegExp(
  String.raw`^(?:(?:${ENGLISH_MONTHS}|(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day)(?: and (?=\p{Lu}))?)+$|^(?:${CURRENCY_CODES}|Kr)$|^(?:Table|Figure|Annex|Appendix|Clause|Article|Section|Schedule|Note|Chapter|Part)s?$`,
  'u',
);
/** Who does what a sentence in the passive tells: "by the release manager". */
const AGENT = /(?<=\bby )(?:the |an? |any |its |their )?\p{Ll}{4,}(?:\s\p{Ll}{4,})?/gu;
/** The same in German, where every noun is written like a name: who opens a sentence as its subject, or stands behind its verb, and two such words in a row. */
const GERMAN_AGENT =
  /(?<=\b(?:von|durch|bei) )(?:de[rmn] |die |das |eine[mnr]? )?\p{Lu}[\p{L}-]+(?: \p{Lu}[\p{L}-]+)*|^(?:Der|Die|Das|Ein|Eine)\s\p{Lu}[\p{L}-]+|(?<=\p{Ll}t )(?:der|die) \p{Lu}[\p{L}-]*(?:in|nehmer|geber|mieter|pächter|käufer|leiter|meister|betreiber|gesellschaft|gemeinde|werft|reederei|behörde|verwaltung|leitung|firma)(?!\p{L})|(?<!^)\b\p{Lu}[\p{L}.-]+(?:\s\p{Lu}[\p{L}&.-]+)+/gu;
/** The same in Japanese: names of companies and offices, and whoever is called by what they do. */
const JAPANESE_AGENT =
  /(?:[\p{Script=Han}\p{Script=Katakana}ー]{2,}(?:会社|公社|銀行|局|庁|省|署|所|組合|協会|委員会|裁判所|事務所)|[\p{Script=Han}\p{Script=Katakana}ー]*(?:者|人|長|士|員|主|社|客)|[甲乙丙])(?=[がはにをのと、。・]|から|より|による)/gu;

/** Whom a text names, or tells to do something. */
export function partiesTold(text: string, language: Language): Range[] {
  if (language === 'ja') return ranges(text, JAPANESE_AGENT);
  if (language === 'de') return ranges(text, GERMAN_AGENT);
  return [...ranges(text, NAME), ...ranges(text, AGENT)].filter(
    ({ start, end }) => !NO_PARTY.test(text.slice(start, end)),
  );
}
