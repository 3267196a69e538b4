import { termsOf } from '../search';
import type { Language, Range } from '../text';
import { countsThings, peopleCounted, thingsCounted } from './counted';
import { saysHowOften } from './durationsTold';
import { asksMoney, quantityOf, saysMillions, saysMoney, saysShareOfSum } from './sumsTold';
import { toldIn } from './quantities';
import type { Question } from './question';

/** What the figures that answer a question measure: a quantity by its units, a number of things, or a sum of money. */
export interface Measured {
  /** What figures of the quantity are told in; null where none is asked for. */
  readonly quantity: RegExp | null;
  /** Terms of what is counted, and of what stands for it; none where nothing is. */
  readonly counted: ReadonlySet<string>;
  /** Terms of the question for people who are counted, which a number of people says as well: "members", of seven persons. */
  readonly countedAs: ReadonlySet<string>;
  readonly money: boolean;
  /** True where no time answers: how high, large or many something is. */
  readonly timeless: boolean;
  /** True where a sum for one of something is asked for, which no total in thousands tells. */
  readonly each: boolean;
}

/** Asks for a sum for one of something: "for each departure". */
const ASKS_FOR_EACH = /\b(?:for|per) (?:each|every)\b|(?<!\p{L})für jede[nrs]?(?!\p{L})|につき/iu;

/** Words of a question for a number that a time may answer: how old something is, how far it is on foot. */
const OF_TIME =
  /\bold\b|\bage[ds]?\b|\balt(?:er)?\b|year|month|week|day|hour|minute|second|jahr|monat|woche|tag|stunde|歳|年|月|週|日|時|分|回|\b(?:far|near|close|fast|quick(?:ly)?|soon|long)\b|(?<!\p{L})(?:schnell|rasch|lange?|weit|nah)(?!\p{L})/iu;
/** What stands behind a figure that tells a time. */
const A_TIME =
  /^(?: \(\d+\))?[ -](?:(?:calendar|working|full|whole) )?(?:years?|months?|weeks?|days?|hours?|minutes?|seconds?|jahren?|monaten?|wochen?|tagen?|stunden?|minuten?|sekunden?)\b/i;

/** What a question's figures are to measure; `language` is that of the documents. */
export function measuredBy(question: Question, language: Language): Measured {
  const things = question.kind === 'number' ? thingsCounted(question.text) : [];
  const terms = new Set(things.flatMap((word) => termsOf(word, language).map(({ term }) => term)));
  const people = question.kind === 'number' ? peopleCounted(question.text) : [];
  const standIns = question.terms.flatMap(({ term, equivalents = [] }) =>
    // The last part of a compound is a wider word: ships are more than cruise ships.
    terms.has(term)
      ? equivalents.flatMap((one) => (one.told === true || term.endsWith(one.term) ? [] : [one.term]))
      : [],
  );
  return {
    quantity: quantityOf(question),
    counted: new Set([...terms, ...standIns]),
    countedAs: new Set(people.flatMap((word) => termsOf(word, language).map(({ term }) => term))),
    money: asksMoney(question),
    timeless: question.kind === 'number' && !OF_TIME.test(question.text),
    each: asksMoney(question) && ASKS_FOR_EACH.test(question.text),
  };
}

/** True for a figure in units of time, which a mention may have taken in: "twenty-one years". */
function tellsTime(text: string, start: number, end: number): boolean {
  const figure = /^[\d.,]+|^[\p{L}]+(?:-[\p{L}]+)?/u.exec(text.slice(start, end))?.[0].length ?? 0;
  return A_TIME.test(text.slice(start + figure)) || A_TIME.test(text.slice(end));
}

/** True when one of the figures of a sentence measures what is asked for. */
export function measures(
  { quantity, counted, money, timeless }: Measured,
  text: string,
  figures: readonly Range[],
  language: Language,
): boolean {
  if (quantity !== null) return toldIn(quantity, text, figures);
  if (counted.size > 0) {
    const often = figures.some(({ start, end }) => saysHowOften(text.slice(start, end)));
    return often || countsThings(text, figures, (term) => counted.has(term), language);
  }
  if (timeless && figures.every(({ start, end }) => tellsTime(text, start, end))) return false;
  return (
    !money ||
    figures.some(
      (one) => saysMoney(text.slice(one.start, one.end)) || saysMillions(text, one) || saysShareOfSum(text, one),
    )
  );
}
