/** Two ways in which a document names one thing: "gross tonnage" and "GT", "Merrowby Ferry Company plc" and "Operator". */
export type Alias = readonly [string, string];

const NAME = String.raw`\p{Lu}[\p{L}\p{N}.&’'-]*(?:\s+(?:(?:of|the|and|&|for|von|der)\s+)?\p{Lu}[\p{L}\p{N}.&’'-]*|\s+(?:plc|ltd|limited|inc|llc|gmbh|co)\b\.?)*`;
const LONG_SHORT = /((?:\p{L}[\p{L}’'-]*\s+){1,7})\((?:the\s+)?[“"]?([A-Z][A-Z\d]{1,7})[”"]?\)/gu;
const SHORT_LONG = /\b([A-Z][A-Z\d]{1,7})\s+\((\p{L}[\p{L}\s’'-]{4,70})\)/gu;
const CALLED = new RegExp(
  String.raw`(${NAME})(?:,[^()]{0,160})?\s*\([^()“"]{0,30}?(?:[“"](?:the )?|the )(\p{Lu}[\p{L}]+(?: \p{Lu}[\p{L}]+)?)[”"]?\)`,
  'gu',
);
const MEANS = new RegExp(
  String.raw`(?:^|\n|[“"])(\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)?)[”"]?\s+means\s+(?:the )?(${NAME})`,
  'gu',
);
/** A term in quotation marks and the thing it is: "“Channel” means the fairway from". */
const IS_THE =
  /[“"](\p{Lu}\p{L}+(?: \p{Lu}\p{L}+)?)[”"]\s+means\s+(?:the|any|an?)\s+(\p{Ll}{4,}(?:\s\p{Ll}{4,})?)(?=\s(?:from|of|in|on|at|to|for|by|with|which|that|who|whose|under|between|let|used)\b|[,;.])/gu;
/** Words too wide to stand for a term that is defined by them. */
const WIDE =
  /^(?:period|time|days?|date|months?|years?|person|company|amount|sum|agreement|document|rate|number|meaning|part|place|thing|total|right|following)s?$/;
const SMALL = /^(?:of|the|and|for|in|on|a|an|to|und|der|die|das|für)$/i;

/** The words at the end of a phrase that an abbreviation stands for, letter by letter; null when it does not. */
function spelledOut(phrase: string, short: string): string | null {
  const words = phrase.trim().split(/\s+/);
  const letters = short.replace(/\d/g, '').toLowerCase();
  let at = letters.length - 1;
  for (let index = words.length - 1; index >= 0; index -= 1) {
    const word = words[index] as string;
    if (word[0]?.toLowerCase() === letters[at]) at -= 1;
    else if (!SMALL.test(word)) return null;
    if (at < 0) return words.slice(index).join(' ');
  }
  return null;
}

/** The aliases that a passage introduces. */
export function aliasesIn(text: string): Alias[] {
  if (!text.includes('(') && !text.includes(' means ')) return [];
  const plain = text.replace(/[^\S\n]+/g, ' ');
  const flat = plain.replace(/\s+/g, ' ');
  const found: Alias[] = [];
  for (const [, phrase = '', short = ''] of flat.matchAll(LONG_SHORT)) {
    const long = spelledOut(phrase, short);
    if (long !== null) found.push([long, short]);
  }
  for (const [, short = '', phrase = ''] of flat.matchAll(SHORT_LONG)) {
    const long = spelledOut(phrase, short);
    if (long !== null) found.push([long, short]);
  }
  for (const [, name = '', called = ''] of flat.matchAll(CALLED)) if (name.includes(' ')) found.push([name, called]);
  for (const [, called = '', name = ''] of plain.matchAll(MEANS)) if (name.includes(' ')) found.push([name, called]);
  for (const [, called = '', thing = ''] of flat.matchAll(IS_THE))
    if (!thing.split(' ').some((word) => WIDE.test(word))) found.push([thing, called]);
  return found;
}
