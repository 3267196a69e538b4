import type { Language, Range } from '../text';
import { measuredNumbers, ranges, UNITS_OF_TIME } from './measuredNumbers';
import { quantityAsked, toldIn } from './quantities';
import { FRACTION, isMoney } from './sumsTold';

const UNITS_OF_AGE = /^(?:month|year|monat|jahr)/;
/** Asks for an age, which is a time. */
const ASKS_AGE =
  /\bhow (?:old|young)\b|\b(?:at|to|from|until|till|over|under|above|below|up to|beyond|with) (?:what|which) age\b|\b(?:in|mit|ab|bis zu) welchem (?:lebens)?alter\b|\bwhat (?:is|was|are) the (?:[\w-]+ )?age\b|\bm(?:in|ax)imum age\b|\bwie alt\b|\b(?:mindest|höchst)alter\b|\bwelche[ms] alter\b|何歳|年齢/i;
/** What a bare number stands behind that is an age: "retire at 65", "aged 16". */
const AT_AGE = /\b(?:at|aged?(?: of)?|over|under|from|until|mit|ab|über|unter|bis) $/i;
/** The same behind those who are of that age: "children under six go free". */
const AGE_OF =
  /\b(?:child(?:ren)?|persons?|people|anyone|everyone|no one|nobody|those|girls?|boys?|adults?|passengers?|members?|pupils?|applicants?|candidates?|kinder|personen|jugendliche) (?:aged |of )?(?:under|over|from|below|above|up to|unter|über|ab|bis) $/i;
/** What stands before a time that something lasts, which is no age. */
const LASTS = /\b(?:for|within|every|after|auf|für|binnen|alle|nach) (?:up to |at most |at least )?$/i;
const OF_AGE = /^\s*(?:[.,;:)]|$|(?:and|or|und|oder)\b)/i;
/** The year that something is from, which tells its age: "built in 2009". */
const BUILT =
  /(?<=\b(?:built|constructed|made|manufactured|launched|dates|dating|founded|erected|installed)\b.{1,20})\b(?:19|20)\d{2}\b|(?:19|20)\d{2}(?= (?:gebaut|erbaut|errichtet|gegründet))|(?<=baujahr )(?:19|20)\d{2}/giu;
/** "Das 18. Lebensjahr". */
const YEAR_OF_LIFE = /\b\d{1,3}\. Lebensjahr(?:es)?\b/g;
/** Asks how large or how much of something a thing is, which no time tells. */
const ASKS_EXTENT =
  /\bhow (?:large|big|small|deep|wide|tall|thick|thin|heavy|hot|warm|cold|loud|powerful|steep)\b|\bwie (?:groß|klein|tief|breit|dick|schwer|warm|kalt|heiß|laut)(?!\p{L})/iu;
/** Asks for a number of things. */
const COUNTS = /\b(?:how many|what number of|what (?:is|was|are|were) the (?:total )?number of|wie viele[nr]?)\b/i;
const NEEDED = /\b(?:need(?:s|ed)?|required?|must|necessary|majority|quorum)\b/i;
/** Directions that a measure can be taken in, each with the words that ask for it or tell it. */
const DIMENSIONS: readonly RegExp[] = [
  /\b(?:deep|depth|draught|draft|tief\w*)\b/i,
  /\b(?:wide|width|broad|breadth|beam|breit\w*)\b/i,
  /\b(?:high|height|tall|hoch|höhe)\b/i,
  /\b(?:long|length|lang|länge)\b/i,
  /\b(?:heavy|weight|weighs?|schwer|gewicht)\b/i,
  /\b(?:thick|thickness|dick\w*)\b/i,
];

/** What stands before a measure that is taken in a direction: "a depth of 6 metres", "a width of not less than". */
const DIRECTION_OF =
  /(\p{L}+) (?:of|is|from|to|von)\s(?:(?:not|no) (?:less|more) than |at (?:least|most) |up to |(?:mindestens|höchstens) )?$/u;

/** False for a measure that tells another direction, right behind it or before, than is asked for: "28 metres long" of how deep something is. */
function sameDimension(asked: string, before: string, behind: string): boolean {
  const wanted = DIMENSIONS.findIndex((one) => one.test(asked));
  const words = [DIRECTION_OF.exec(before)?.[1], /^\s*(?:in )?(\p{L}+)/u.exec(behind)?.[1]];
  const own = Math.max(...words.map((word = '') => DIMENSIONS.findIndex((one) => one.test(word))));
  return wanted < 0 || own < 0 || own === wanted;
}

/** Numbers that a text tells, of the sort that a question asks for: ages, numbers of things, measures of its quantity and in its direction. */
export function numbersTold(text: string, asked: string, language: Language): Range[] {
  const all = measuredNumbers(text, language).filter(({ start, end }) =>
    sameDimension(asked, text.slice(0, start), text.slice(end)),
  );
  // Japanese counters say what a number counts: 「何人」 is answered by 5名, not by 午前5時.
  const quantity = language === 'ja' ? quantityAsked(asked) : null;
  const ofIt = quantity === null ? [] : all.filter((one) => toldIn(quantity, text, [one]));
  const numbers = ofIt.length > 0 ? ofIt : all;
  if (ASKS_AGE.test(asked)) {
    const ages = numbers.filter(({ unit, start, end }) =>
      unit === null
        ? (AT_AGE.test(text.slice(0, start)) && OF_AGE.test(text.slice(end))) || AGE_OF.test(text.slice(0, start))
        : UNITS_OF_AGE.test(unit) && !LASTS.test(text.slice(0, start)),
    );
    return [...ages, ...ranges(text, BUILT), ...ranges(text, YEAR_OF_LIFE)];
  }
  // A count is a number of things, or a share of them where nothing else is said; neither money nor time.
  if (COUNTS.test(asked)) {
    const things = numbers.filter(
      ({ unit }) => unit === null || !(unit === '%' || isMoney(unit) || UNITS_OF_TIME.test(unit)),
    );
    // "Three quarters of the votes" is how many are needed, never how many there are.
    const told = NEEDED.test(asked) ? [...things, ...ranges(text, FRACTION)] : things;
    return told.length > 0 ? told : numbers.filter(({ unit }) => unit === '%');
  }
  if (ASKS_EXTENT.test(asked)) return numbers.filter(({ unit }) => unit === null || !UNITS_OF_TIME.test(unit));
  const counts = numbers.filter(({ unit }) => unit !== '%');
  return counts.length > 0 ? counts : numbers;
}
