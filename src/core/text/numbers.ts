import Big from 'big.js';
import { findGermanNumbers, germanUnit } from './germanNumbers';
import { CURRENCIES, CURRENCY_CODES, NO_CENTS } from './money';
import { findJapaneseNumbers } from './japaneseNumbers';
import type { Language } from './language';
import type { NumberMention } from './numberMention';

const SCALES: Readonly<Record<string, number>> = {
  hundred: 1e2,
  thousand: 1e3,
  thousands: 1e3,
  tausend: 1e3,
  k: 1e3,
  million: 1e6,
  millions: 1e6,
  mn: 1e6,
  millionen: 1e6,
  mio: 1e6,
  billion: 1e9,
  billions: 1e9,
  bn: 1e9,
  milliarde: 1e9,
  milliarden: 1e9,
  mrd: 1e9,
  trillion: 1e12,
};

const SMALL =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const WORD_VALUES = new Map<string, number>([
  ...SMALL.map((word, value) => [word, value] as const),
  ...TENS.map((word, index) => [word, (index + 2) * 10] as const),
]);

const UNIT_WORDS =
  `crowns?|kronen?|franken|cents?|[öø]re|dollars?|euros?|pounds?|yen|francs?|marks?|TEUR|${CURRENCY_CODES}|kr|per cent|percent|percentage points?|prozent|basis points?|` +
  's|secs?|mins?|h|hrs?|std|sek|seconds?|minutes?|hours?|days?|weeks?|months?|years?|quarters?|sekunden?|minuten?|stunden?|(?:arbeits|werk|kalender|bank|urlaubs)?tage?n?|wochen?|monate?n?|jahre?n?|' +
  'mm|cm|km|metres?|meters?|kilometres?|miles?|knots?|feet|inches|tonnes?|tons?|kg|kilograms?|litres?|kw|mw|kwh|' +
  'bytes?|(?:kilo|mega|giga|tera)bytes?|[kmgt]i?b|bits?|[kmg]?hz|pages?|passengers?|vessels?|sailings?|persons?|people|employees|shares?';
/** Names of currencies that stand before a sum: "EUR 350", "Kr. 1,200". */
const BEFORE_SUMS = String.raw`TEUR|${CURRENCY_CODES}|US\$|Kr\.?|Fr\.|Rs\.?`;
const SHORT_NAMES: readonly (readonly [RegExp, string])[] = [
  [/^kr\.?$/i, 'crown'],
  [/^fr\.?$/i, 'franc'],
  [/^rs\.?$/i, 'rupee'],
  [/^us\$$/i, '$'],
  [/^(?:teur|t?€)$/i, '€'],
  [/^(?:s|secs?|sek)$/i, 'second'],
  [/^mins?$/i, 'minute'],
  [/^(?:h|hrs?|std)$/i, 'hour'],
];
const CODE = new RegExp(`^(?:${BEFORE_SUMS}|kr\\.?)$`);
/** Thousands set apart by spaces: by narrow ones anywhere, by plain ones before a word only, since the cells of a row stand a space apart too. */
const SPACED = String.raw`(?=\d{1,3}[ \u00a0\u2009\u202f]\d{3})(?:\d{1,3}(?:[\u00a0\u2009\u202f]\d{3})+(?:[.,]\d+)?|(?<![\d.,)]\s|\b(?:articles?|sections?|clauses?|tables?|notes?|pages?|berths?|stations?|no\.)\s)\d{1,3}(?: \d{3})+(?:[.,]\d+)?(?=\s\p{L}{2})|(?<=(?:${CURRENCY_CODES}|[€£$])\s?)\d{1,3}(?: \d{3})+(?:[.,]\d+)?)`;
const DIGITS = String.raw`${SPACED}|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d{1,3}(?:\.\d{3})+(?:,\d+)?|\d+(?:[.,]\d+)?`;
const SCALE_WORDS = Object.keys(SCALES)
  .filter((word) => word.length > 1)
  .join('|');
const IN_DIGITS = new RegExp(
  String.raw`(?<open>\()?(?<sign>[-−–△▲](?=[$€£¥\d]))?(?<currency>(?:${BEFORE_SUMS})(?=\s?\d)(?<!(?!TEUR)[\p{L}\d](?:${BEFORE_SUMS}))|[$€£¥])?\s?(?<!\d)(?<digits>${DIGITS})(?!\d)(?:,${NO_CENTS}(?=\s?(?:€|${CURRENCIES})))?(?:[\s-]?(?<scale>${SCALE_WORDS})\b(?:(?<=\b(?:mio|mrd))\.)?)?\)?(?:[\s-]?(?<unit>%|T?€|[£$](?!\d)|(?:working |business |banking |calendar )?(?:${UNIT_WORDS})\b))?`,
  'giu',
);
/** A scale in a letter or two behind a sum of money, "€31.2m", or before the money's name, "31.2m crowns". */
const SHORT_SCALE = /^\s?(?<scale>m|mn|bn|k)\b(?![²³])/iu;
const SHORT_BEFORE_MONEY = new RegExp(
  String.raw`^\s?(?<scale>m|mn|bn|k)\s+(?<unit>crowns?|dollars?|euros?|pounds?|yen|francs?|marks?|${CURRENCY_CODES})\b`,
  'iu',
);
const SHORT: Readonly<Record<string, number>> = { m: 1e6, mn: 1e6, bn: 1e9, k: 1e3 };
const NUMBER_WORD = [...WORD_VALUES.keys(), 'hundred', 'thousand', 'million', 'billion'].join('|');
const IN_WORDS = new RegExp(
  String.raw`\b(?<words>(?:${NUMBER_WORD})(?:(?:[\s-]+(?:and\s+)?)(?:${NUMBER_WORD}))*)\b(?:\s*\(\s?[\d,.]+\s?\))?(?:[\s-](?<unit>(?:working |business |banking |calendar )?(?:${UNIT_WORDS})\b))?`,
  'giu',
);

/** Told first, since most texts hold no number: the patterns are then not tried. */
const MAY_HOLD = new RegExp(String.raw`[\d０-９]|\b(?:${NUMBER_WORD})`, 'i');

function singular(unit: string | undefined): string | null {
  if (unit === undefined) return null;
  const money = SHORT_NAMES.find(([form]) => form.test(unit))?.[1];
  if (money !== undefined) return money;
  const plain = unit.toLowerCase().replace(/^(working|business|banking|calendar) /, '');
  if (plain === 'per cent' || plain === 'percent' || plain === 'prozent') return '%';
  if (plain === 'people') return 'person';
  const german = germanUnit(plain);
  if (german !== null) return german;
  return plain.length > 3 && plain.endsWith('s') ? plain.slice(0, -1) : plain;
}

/** Plain decimal notation of digits with separators; German reads "1.250,5" the other way round. */
export function parseDigits(printed: string, language: Language = 'en'): string {
  const digits = printed.replace(/[ \u00a0\u2009\u202f]/g, '');
  const continental =
    language === 'de' || language === 'fr' || language === 'es' || language === 'it' || language === 'nl';
  const groupedByPoint = /^\d{1,3}(\.\d{3}){2,}(,\d+)?$/.test(digits) || /^\d{1,3}\.\d{3},\d+$/.test(digits);
  const plain =
    groupedByPoint || (continental && /^\d{1,3}(\.\d{3})+$|,\d+$/.test(digits))
      ? digits.replace(/\./g, '').replace(',', '.')
      : /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(digits)
        ? digits.replace(/,/g, '')
        : digits.replace(',', '.');
  return new Big(plain).toFixed();
}

/** The value of an English number in words ("one thousand four hundred and fifty"), or null. */
export function parseNumberWords(words: string): number | null {
  let total = 0;
  let group = 0;
  for (const word of words.toLowerCase().split(/[\s-]+/)) {
    const small = WORD_VALUES.get(word);
    if (word === 'and') continue;
    if (small !== undefined) group += small;
    else if (word === 'hundred') group = (group === 0 ? 1 : group) * 100;
    else if (SCALES[word] !== undefined) {
      total += (group === 0 ? 1 : group) * SCALES[word];
      group = 0;
    } else return null;
  }
  return total + group;
}

/** All numbers in a text, in digits and in English words, in order of place. */
export function findNumbers(text: string, language: Language = 'en'): NumberMention[] {
  const german = language === 'de' ? findGermanNumbers(text) : [];
  if (!MAY_HOLD.test(text)) return german;
  const found: NumberMention[] = language === 'ja' ? findJapaneseNumbers(text) : german;
  const japanese = language === 'ja' ? [...found] : [];
  for (const match of text.matchAll(IN_DIGITS)) {
    const last = match.index + match[0].length;
    if (japanese.some((other) => other.start < last && match.index < other.end)) continue;
    const groups = match.groups ?? {};
    const digits = groups.digits as string;
    // In small letters "cad" and "aud" are no money.
    const currency = /\p{L}/u.test(groups.currency ?? '') && !CODE.test(groups.currency ?? '') ? undefined : groups.currency; // prettier-ignore
    const scaleWord = groups.scale?.toLowerCase();
    const rest = scaleWord === undefined && groups.unit === undefined ? text.slice(last, last + 20) : '';
    const short = rest === '' ? null : (currency === undefined ? SHORT_BEFORE_MONEY : SHORT_SCALE).exec(rest);
    const thousands = [currency, groups.unit].some((one) => one !== undefined && /^t(?:eur|€)$/i.test(one));
    const scale = thousands
      ? 1000
      : short !== null
        ? (SHORT[(short.groups?.scale ?? '').toLowerCase()] ?? 1)
        : scaleWord === undefined
          ? 1
          : (SCALES[scaleWord] ?? 1);
    const closes = match[0].includes(')');
    const negative = groups.sign !== undefined || (groups.open !== undefined && closes && /[.,]/.test(digits));
    const value = new Big(parseDigits(digits, language))
      .times(scale)
      .times(negative ? -1 : 1)
      .toFixed();
    const unit = singular(currency ?? short?.groups?.unit ?? groups.unit);
    // A bracket that only opens or closes belongs to the words around: "(2023: 101)".
    const foreign = groups.currency !== undefined && currency === undefined ? groups.currency.length + 1 : 0;
    const lead =
      foreign + match[0].length - match[0].trimStart().length + (groups.open !== undefined && !closes ? 1 : 0);
    const trail = groups.open === undefined && match[0].endsWith(')') ? 1 : 0;
    found.push({ start: match.index + lead, end: last + (short?.[0].length ?? 0) - trail, value, unit, scale });
  }
  for (const match of text.matchAll(IN_WORDS)) {
    const value = parseNumberWords(match.groups?.words ?? '');
    if (value === null) continue;
    const covers = found.some((other) => other.start < match.index + match[0].length && match.index < other.end);
    if (covers && !/\(/.test(match[0])) continue;
    found.push({
      start: match.index,
      end: match.index + match[0].length,
      value: new Big(value).toFixed(),
      unit: singular(match.groups?.unit),
      scale: 1,
    });
  }
  return found.sort((a, b) => a.start - b.start || b.end - a.end);
}
