import type { Language, NumberMention, Range } from '../text';
import { FREQUENCY } from './durationsTold';
import { measuredNumbers, ranges, UNITS_OF_TIME } from './measuredNumbers';
import { asksSize, LENGTH_OF_A_THING, quantityAsked, SIZE, toldIn, unitBehind } from './quantities';
import { FRACTION, isMoney } from './sumsTold';

const UNITS_OF_AGE = /^(?:month|year|monat|jahr)/;
/** Asks for an age, which is a time. */
const ASKS_AGE =
  /\bhow (?:old|young)\b|\b(?:at|to|from|until|till|over|under|above|below|up to|beyond|with) (?:what|which) age\b|\b(?:in|mit|ab|bis zu) welchem (?:lebens)?alter\b|\bwhat (?:is|was|are) the (?:[\w-]+ )?age\b|\bm(?:in|ax)imum age\b|\bwie alt\b|\b(?:mindest|höchst)alter\b|\bwelche[ms] alter\b|何歳|年齢/i;
/** What a bare number stands behind that is an age: "retire at 65", "aged 16". */
const AT_AGE = /\b(?:at|aged?(?: of)?|over|under|from|until|mit|ab|über|unter|bis) $/i;
/** The same whatever goes on behind it: "the age of 12". */
const OF_AN_AGE = /\b(?:age(?: of)?|aged|(?:young|old)er than) (?:not yet )?$/i;
/** The same behind those who are of that age: "children under six go free". */
const AGE_OF =
  /\b(?:child(?:ren)?|persons?|people|anyone|everyone|no one|nobody|no person|those|girls?|boys?|adults?|passengers?|members?|pupils?|applicants?|candidates?|kinder|personen|jugendliche) (?:aged |of )?(?:under|over|from|below|above|up to|unter|über|ab|bis) $/i;
/** The age of a child, which is none of others'. */
const AGE_OF_CHILD =
  /\b(?:child(?:ren)?|infants?|kind(?:er|ern)?) (?:aged |of )?(?:under|over|from|below|above|up to|unter|über|ab|bis) $/i;
const ASKS_OF_CHILD =
  /child|infant|youngster|young|minor|adult|grown-up|accompan|alone|girl|boy|kid|pupil|kind(?! of)|jugend|schüler|person|people|passenger|anyone|visitor/i;
/** What stands before a time that something lasts, which is no age. */
const LASTS = /\b(?:for|within|every|after|auf|für|binnen|alle|nach) (?:up to |at most |at least )?$/i;
const OF_AGE = /^\s*(?:[.,;:)]|$|(?:and|or|und|oder)\b)/i;
/** Words of an age, one of which stands where years are an age rather than a time. */
const OF_YEARS =
  /\b(?:age[ds]?|old|older|young|younger|minors?|adults?)\b|(?<!\p{L})(?:alt(?:e[nrs]?)?|älter\w*|jünger\w*|\w*alter\w*|volljährig\w*)(?!\p{L})/iu;
const AGE_IN_JAPANESE = /[\d〇一二三四五六七八九十]+(?:歳|才)/gu;
/** The year that something is from, which tells its age: "built in 2009". */
const BUILT =
  /(?<=\b(?:built|building|constructed|construction|made|manufactured?|launched|left the yard|dates|dating|founded|established|erected|installed)\b.{1,20})\b(?:19|20)\d{2}\b|(?:19|20)\d{2}(?= (?:gebaut|erbaut|errichtet|gegründet))|(?<=baujahr )(?:19|20)\d{2}/giu;
/** "Das 18. Lebensjahr". */
const YEAR_OF_LIFE = /\b\d{1,3}\. Lebensjahr(?:es)?\b/g;
/** Asks for the size of a thing, which neither money nor a share tells. */
const ASKS_EXTENT =
  /\bhow (?:large|big|small|deep|wide|tall|thick|thin|heavy|hot|warm|cold|loud|powerful|steep)\b|\bwie (?:groß|klein|tief|breit|dick|schwer|warm|kalt|heiß|laut)(?!\p{L})/iu;
/** What is large in money or as a share. */
const ASKS_SUM =
  /\b(?:loans?|debts?|funds?|orders?|budgets?|loss(?:es)?|profits?|gains?|claims?|shares?|stakes?|holdings?|markets?|surplus|deficits?|investments?|grants?|reserves?|damage|discounts?|increases?|falls?|rises?|parts?|proportions?|majorit\w+|sums?|amounts?|commitments?|facilit\w+|limits?|guarantees?|deposits?|dividends?|bonds?|penalt(?:y|ies)|fines?|premiums?|turnover|revenues?|equity|overdrafts?|excess|deductibles?|subsid(?:y|ies)|prizes?|awards?|payments?|contributions?)\b|anteil|betrag|bürgschaft|kaution|umsatz|zuschuss|dividende|schaden|gewinn|verlust|kredit|darlehen|auftrag|rücklage|fonds|zuwachs|rückgang|mehrheit|teil(?!\p{L})/iu;
/** Asks for a number of things. */
const COUNTS =
  /\b(?:how many|what number of|what (?:is|was|are|were) the (?:total |maximum |minimum |greatest |largest |smallest |highest |permitted )?number of|wie viele[nr]?)\b/i;
/** So many of a thing for each of another: "a life jacket for every person", which has no figure. */
const FOR_EACH =
  /\b(?:everybody|everyone|(?:each|every) (?:person|passenger|member|sailor|child|adult|one))\b(?= .*\b(?:needs?|has|have|wears?|must (?:have|wear|carry)) (?:an?|one|their own) )|\b(?:an?|one) (?:\p{L}[\p{L}-]* ){1,3}(?:must be \p{Ll}+ |is \p{Ll}+ )?(?:for|per) (?:every|each|any)(?: \p{Ll}+)+/giu;
/** Asks how many times in a time something happens. */
const IN_A_TIME =
  /\b(?:in|within|during|per|each|every|an?|pro|im|je)\s(?:(?:the|an?|one|each|every|course of the|einem?)\s)?(?:year|month|week|day|season|quarter|jahr|monat|woche|tag)\b/i;
/** What stands behind a share of things. */
const OF_THEM =
  /^\s*(?:$|[.,;)]|(?:of|der|des|aller|von|(?:were|was|are|is|waren|wurden|sind)(?! (?:added|paid|charged|due|deducted|owed))|had|have|has|who|which|than|in|voted|more|fewer|の)(?!\p{L})|の)/u;
const NEEDED =
  /\b(?:need(?:s|ed)?|required?|must|can|may|necessary|majority|quorum|müssen|mindestens|nötig|erforderlich|braucht|brauchen|mehrheit)(?!\p{L})/iu;
/** Directions that a measure can be taken in, each with the words that ask for it or tell it. */
const DIMENSIONS: readonly RegExp[] = [
  /\b(?:deep|depth|draught|draft|tief\w*)\b/i,
  /\b(?:wide|width|broad|breadth|beam|breit\w*)\b/i,
  /\b(?:high|height|tall|hoch|höhe|waves?|wellen?|hochwasser|tides?)\b/i,
  /\b(?:long|length|lang|länge)\b/i,
  /\b(?:heavy|weight|weighs?|schwer|gewicht)\b/i,
  /\b(?:far|distance|entfernung|abstand|weit)\b/i,
  /\b(?:thick|thickness|dick\w*|diameter|durchmesser)\b/i,
];

/** The same in Japanese, whose words stand right before the figure: 「延長180メートル」. */
const DIMENSIONS_IN_JAPANESE: readonly RegExp[] = [
  /厚さ|厚み|板厚|肉厚/,
  /深さ|水深|喫水/,
  /幅|間口|奥行/,
  /高さ|波高|海抜/,
  /長さ|延長|全長|総延長/,
  /直径|口径|径/,
  /距離/,
];

/** Index of how far something is. */
const FAR = DIMENSIONS.findIndex((one) => one.test('far'));

/** What stands before a measure that is taken in a direction: "a depth of 6 metres", "a width of not less than". */
const DIRECTION_OF =
  /(\p{L}+) (?:of|is|from|to|von)\s(?:(?:not|no) (?:less|more) than |(?:more|less) than |at (?:least|most) |up to |(?:mindestens|höchstens|mehr als|über|bis zu) )?$/u;
/** What a distance stands behind. */
const AWAY = /\b(?:within|closer than|nearer than|moved|im Umkreis von) $/i;
/** A speed in Japanese. */
const SPEED_IN_JAPANESE = /(?:時速|秒速|分速|毎時|毎秒)\s*$/;

/** False for a measure that tells another direction, right behind it or before, than is asked for: "28 metres long" of how deep something is. */
function sameDimension(asked: string, before: string, behind: string): boolean {
  const wanted = DIMENSIONS.findIndex((one) => one.test(asked));
  if (wanted >= 0 && wanted !== FAR && AWAY.test(before)) return false;
  if (/長さ|高さ|深さ|水深|厚さ|延長|幅|距離/.test(asked) && SPEED_IN_JAPANESE.test(before)) return false;
  const inJapanese = DIMENSIONS_IN_JAPANESE.findIndex((one) => one.test(asked));
  const told = DIMENSIONS_IN_JAPANESE.findIndex((one) => one.test(before.slice(-4)));
  if (inJapanese >= 0 && told >= 0 && inJapanese !== told) return false;
  const words = [DIRECTION_OF.exec(before)?.[1], /^\s*(?:in )?(\p{L}+)/u.exec(behind)?.[1]];
  const own = Math.max(...words.map((word = '') => DIMENSIONS.findIndex((one) => one.test(word))));
  return wanted < 0 || own < 0 || own === wanted;
}

/** False for a number in units of something else, where it is asked how large a thing is: "kept at 18 degrees". */
function isOfSize(text: string, end: number, asked: string): boolean {
  const unit = asksSize(asked) ? unitBehind(text, end).trim() : '';
  return unit === '' || SIZE.test(unit);
}

/** Parts of a whole behind a number that only counts them: "one tenth". */
const PART_OF_WHOLE = /^\s(?:half|halves|thirds?|quarters?|fifths?|sixths?|eighths?|tenths?)\b/i;

/** True for a number that is an age: one that is said to be, or years where a text speaks of age; a child's only where children may be meant. */
function tellsAge({ unit, start, end }: NumberMention, text: string, asked: string): boolean {
  const [before, behind] = [text.slice(0, start), text.slice(end)];
  if (AGE_OF_CHILD.test(before) && !ASKS_OF_CHILD.test(asked)) return false;
  if (unit === null)
    return OF_AN_AGE.test(before) || (AT_AGE.test(before) && OF_AGE.test(behind)) || AGE_OF.test(before);
  if (!UNITS_OF_AGE.test(unit) || LASTS.test(before)) return false;
  return OF_YEARS.test(text) || AT_AGE.test(before) || AGE_OF.test(before);
}

/** Numbers that a text tells, of the sort that a question asks for: ages, numbers of things, measures of its quantity and in its direction. */
export function numbersTold(text: string, asked: string, language: Language): Range[] {
  const all = measuredNumbers(text, language).filter(
    ({ start, end }) =>
      sameDimension(asked, text.slice(0, start), text.slice(end)) && !PART_OF_WHOLE.test(text.slice(end)),
  );
  // Japanese counters say what a number counts: 「何人」 is answered by 5名, not by 午前5時.
  const quantity = language === 'ja' || LENGTH_OF_A_THING.test(asked) ? quantityAsked(asked) : null;
  const ofIt = quantity === null ? [] : all.filter((one) => toldIn(quantity, text, [one]));
  const numbers = ofIt.length > 0 ? ofIt : all;
  if (ASKS_AGE.test(asked)) {
    if (language === 'ja') return [...ranges(text, AGE_IN_JAPANESE), ...ranges(text, BUILT)];
    const ages = numbers.filter((one) => tellsAge(one, text, asked));
    return [...ages, ...ranges(text, BUILT), ...ranges(text, YEAR_OF_LIFE)];
  }
  // A count is a number of things, or a share of them where nothing else is said; neither money nor time.
  if (COUNTS.test(asked)) {
    const things = numbers.filter(
      ({ unit }) => unit === null || !(unit === '%' || isMoney(unit) || UNITS_OF_TIME.test(unit)),
    );
    // "Three quarters of the votes" is how many are needed, never how many there are.
    const told = NEEDED.test(asked) ? [...things, ...ranges(text, FRACTION), ...ranges(text, FOR_EACH)] : things;
    if (told.length > 0) return told;
    // "How many drills are there in a year?" is told by how often one is held.
    const often = IN_A_TIME.test(asked) ? ranges(text, FREQUENCY) : [];
    return often.length > 0 ? often : numbers.filter(({ unit, end }) => unit === '%' && OF_THEM.test(text.slice(end)));
  }
  if (ASKS_EXTENT.test(asked)) {
    const sums = ASKS_SUM.test(asked);
    return numbers.filter(({ unit, end }) =>
      unit === null
        ? isOfSize(text, end, asked)
        : !(UNITS_OF_TIME.test(unit) || (!sums && (unit === '%' || isMoney(unit)))),
    );
  }
  const counts = numbers.filter(({ unit }) => unit !== '%');
  return counts.length > 0 ? counts : numbers;
}
