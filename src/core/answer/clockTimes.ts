/** Hours and numbers in words, as rules and contracts write times of the day. */
const HOUR = 'one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';
const STUNDE =
  'ein|eins|zwei|drei|vier|fünf|sechs|sieben|acht|neun|zehn|elf|zwölf|dreizehn|vierzehn|fünfzehn|sechzehn|siebzehn|achtzehn|neunzehn|zwanzig|einundzwanzig|zweiundzwanzig|dreiundzwanzig|vierundzwanzig';
const PART_OF_DAY = String.raw`(?:in the (?:morning|afternoon|evening)|at night|o['’]clock)`;
const FIGURES = String.raw`(?<![\d.])\b\d{1,2}(?:[:.]\d{2})?\s?(?:[ap]\.?m\b\.?|uhr\b|o['’]clock|hours\b)|\b\d{1,2}:\d{2}\b`;
const NAMED = String.raw`\b(?:midnight|noon|midday|sunset|sunrise|dusk|dawn|mitternacht|mittag)\b|正午`;
const HALF = String.raw`(?:half past |a quarter (?:past|to) )`;
const WORDS = String.raw`\b${HALF}(?:${HOUR})\b(?: ${PART_OF_DAY})?|\b(?:${HOUR}) ${PART_OF_DAY}|\b(?:halb )?(?:${STUNDE}) uhr\b`;
const JAPANESE = String.raw`(?:午前|午後)\s?\d{1,2}時(?:\d{1,2}分|半)?`;
const ONE = String.raw`(?:${FIGURES}|${NAMED}|${WORDS}|${JAPANESE})`;
/** An hour that only the one behind it shows to be one: "21 und 6 Uhr", "from ten to three", "between seven and nine in the evening". */
const FIRST = String.raw`\b\d{1,2}(?=\s(?:und|bis|to)\s\d{1,2}\s?uhr\b)|(?<=\b(?:from|between) )${HALF}?(?:${HOUR})(?=\s(?:to|and|until|till)\s${HALF}?(?:${HOUR})\b(?!\s(?:days|weeks|months|years|hours|minutes|per)\b))|\b(?:${STUNDE})(?=\s(?:bis|und)\s(?:${STUNDE}) uhr\b)`;
const LAST = String.raw`${ONE}|${HALF}?(?:${HOUR})\b`;

/** Times of the day, "11 p.m.", "21:30", "18 Uhr", "seven in the morning", "sunset", and from one to another: "11 p.m. and 4 a.m.", "ten to three". */
export const CLOCK = new RegExp(
  String.raw`(?:${ONE}(?:\s?(?:and|to|until|till|und|bis|–|-|から)\s?${ONE})?)|(?:(?:${FIRST})\s?(?:and|to|until|till|und|bis)\s?(?:${LAST}))`,
  'giu',
);
