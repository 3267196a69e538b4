import type { NumberMention } from './numberMention';

const ONES = 'ein zwei drei vier fünf sechs sieben acht neun'.split(' ');
const TEENS = 'zehn elf zwölf dreizehn vierzehn fünfzehn sechzehn siebzehn achtzehn neunzehn'.split(' ');
const TENS = 'zwanzig dreißig vierzig fünfzig sechzig siebzig achtzig neunzig'.split(' ');
const [ones, teens, tens] = [ONES, TEENS, TENS].map((words) => words.join('|')) as [string, string, string];
/** "one" is the article too: it counts only before a unit of time, and where it is said to be exact or a limit. */
const BELOW_100 = `(?:${ones})und(?:${tens})|${teens}|${tens}|${ONES.slice(1).join('|')}`;
const BELOW_1000 = `(?:${ones})?hundert(?:und)?(?:${BELOW_100})?|${BELOW_100}`;
const UNITS =
  'sekunden?|minuten?|stunden?|(?:arbeits|werk|kalender|bank|urlaubs)?tage?n?|wochen?|monate?n?|jahre?n?|quartale?n?|prozent|euro';
const NUMBER = new RegExp(
  String.raw`(?<!\p{L})(?:(?<words>(?:(?:${BELOW_1000})?tausend)?(?:${BELOW_1000})|(?:${BELOW_1000})?tausend)|(?<one>(?<=(?<!\p{L})(?:genau|exakt|mindestens|höchstens)\s)eine?[mnrs]?(?=\s\p{L})|eine?[mnrs]?(?=\s(?:${UNITS})(?!\p{L}))))(?:\s(?<scale>million|millionen|milliarden?))?(?:[\s-](?<unit>${UNITS}))?(?!\p{L})`,
  'giu',
);
const SCALES: readonly (readonly [RegExp, number])[] = [
  [/^million/i, 1e6],
  [/^milliard/i, 1e9],
];

/** German words for units, in all their forms, by the names that units go by. */
const UNIT_NAMES: readonly (readonly [RegExp, string])[] = [
  [/^kronen?$/, 'crown'],
  [/^franken$/, 'franc'],
  [/^sekunden?$/, 'second'],
  [/^minuten$/, 'minute'],
  [/^stunden?$/, 'hour'],
  [/^(?:arbeits|werk|kalender|bank|urlaubs)?tage?n?$/, 'day'],
  [/^wochen?$/, 'week'],
  [/^monate?n?$/, 'month'],
  [/^jahre?n?$/, 'year'],
];

/** The name that a unit goes by, whatever form of the German word stands there; null for none of these. */
export function germanUnit(word: string): string | null {
  return UNIT_NAMES.find(([forms]) => forms.test(word))?.[1] ?? null;
}

function below100(word: string): number {
  const teen = TEENS.indexOf(word);
  if (teen >= 0) return 10 + teen;
  const [first = '', last] = word.split(/und(?=[a-zß]+zig$|zwanzig$|dreißig$)/);
  if (last !== undefined) return ONES.indexOf(first) + 1 + 10 * (TENS.indexOf(last) + 2);
  return TENS.includes(word) ? 10 * (TENS.indexOf(word) + 2) : ONES.indexOf(word) + 1;
}

function below1000(word: string): number {
  const at = word.indexOf('hundert');
  if (at < 0) return word === '' ? 0 : below100(word);
  const rest = word.slice(at + 'hundert'.length).replace(/^und/, '');
  return 100 * Math.max(1, below100(word.slice(0, at))) + (rest === '' ? 0 : below100(rest));
}

/** The value of a German number word below a million, in lower case: "einundzwanzig", "zweihundertfünfzig". */
function valueOf(word: string): number {
  const at = word.indexOf('tausend');
  if (at < 0) return below1000(word);
  return 1000 * Math.max(1, below1000(word.slice(0, at))) + below1000(word.slice(at + 'tausend'.length));
}

/** Numbers of a German text in words, with their units: "sieben Jahre", "zwölf Monate", "eine Woche". */
export function findGermanNumbers(text: string): NumberMention[] {
  return [...text.matchAll(NUMBER)].map((match) => {
    const { words, scale, unit } = match.groups ?? {};
    const factor = SCALES.find(([pattern]) => scale !== undefined && pattern.test(scale))?.[1] ?? 1;
    const value = (words === undefined ? 1 : valueOf(words.toLowerCase())) * factor;
    const start = match.index;
    const plain = unit?.toLowerCase() ?? null;
    const named = plain === null ? null : (germanUnit(plain) ?? plain);
    return { start, end: start + match[0].length, value: `${value}`, unit: named, scale: factor };
  });
}
