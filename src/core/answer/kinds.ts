import { datesOf, numbersOf, tokenize, tokensOf, type Language, type NumberMention } from '../text';
import { termsOf } from '../search';
import type { Question } from './question';

interface Mention {
  readonly start: number;
  readonly end: number;
}

const UNITS_OF_TIME = /^(?:second|minute|hour|day|week|month|year|quarter|sekunde|minute|stunde|tag|woche|monat|jahr)/;
/** Names: capitalised words in a row that do not open the sentence. */
const NAME =
  /(?<!^)(?<![.!?]\s)\b\p{Lu}[\p{L}&.’'-]*\p{L}(?:\s+(?:(?:of|the|and|&|von|der)\s+)?\p{Lu}[\p{L}&.’'-]*\p{L})*/gu;
/** Questions that a distance from another day answers too. */
const ASKS_DEADLINE =
  /\bby when\b|\bat the latest\b|\bhow (?:soon|early|late)\b|\bdeadline\b|\buntil when\b|\bbis wann\b/i;
/** How often something happens, without a number of days or years. */
const FREQUENCY =
  /\b(?:once|twice|[a-z]+ times) (?:a|an|per|every|each|in (?:a|any|every)) \w+|\b(?:daily|weekly|monthly|quarterly|annually|yearly)\b|\b(?:every|each) (?:day|week|month|quarter|year)\b/gi;
/** A day told by its distance from another: "not later than nine months before". */
const DEADLINE =
  /\b(?:not later than|within|at least|no later than)\s+[\p{L}\d-]+\s+(?:working |business )?(?:hours?|days?|weeks?|months?|years?)\b(?:\s+(?:before|after|of|from)\b)?/giu;
const YEAR = /\b(?:19|20)\d{2}\b/g;

function ranges(text: string, pattern: RegExp): Mention[] {
  return [...text.matchAll(pattern)].map((match) => ({ start: match.index, end: match.index + match[0].length }));
}

const REFERENCE =
  /(?:\b(?:clauses?|articles?|notes?|sections?|schedules?|annex|appendix|paragraphs?|chapters?|parts?|tables?|figures?|pages?|items?|version|no\.|p\.|pp\.)\s*|§\s*)$/i;
const LIST_NUMBER = /^\s*(?:\d+(?:\.\d+)*\.?\s+\p{Lu}|\(?\d{1,2}[.)]\s)/u;

/** Numbers that count or measure something: no clause, page or list number. */
function measuredNumbers(text: string, language: Language): NumberMention[] {
  const listed = LIST_NUMBER.exec(text)?.[0].length ?? 0;
  const dates = datesOf(text);
  const inDate = (start: number, end: number): boolean => dates.some((date) => date.start < end && start < date.end);
  return numbersOf(text, language).filter(
    ({ start, end, unit }) =>
      !/^\s*(?:o['’]clock|[ap]\.?m\b|uhr\b)/i.test(text.slice(end, end + 10)) &&
      !inDate(start, end) &&
      (unit !== null || !REFERENCE.test(text.slice(Math.max(0, start - 16), start))) &&
      start >= listed - 1,
  );
}

/** Ranges of a text that could be the answer of a kind: amounts, dates, durations, names; none for kinds without a value. */
function kindMentions(text: string, { kind, text: asked }: Question, language: Language): Mention[] {
  switch (kind) {
    case 'date': {
      const dates = datesOf(text);
      if (dates.length > 0) return [...dates];
      const years = ranges(text, YEAR);
      return years.length > 0 || !ASKS_DEADLINE.test(asked) ? years : ranges(text, DEADLINE);
    }
    case 'party':
      return ranges(text, NAME);
    case 'percentage':
      return measuredNumbers(text, language).filter(({ unit }) => unit === '%');
    case 'duration': {
      const times = measuredNumbers(text, language).filter(({ unit }) => unit !== null && UNITS_OF_TIME.test(unit));
      return times.length > 0 ? times : ranges(text, FREQUENCY);
    }
    case 'amount':
      return measuredNumbers(text, language).filter(
        ({ unit, value }) =>
          unit !== '%' &&
          (unit === null || !UNITS_OF_TIME.test(unit)) &&
          (unit !== null || !/^(?:19|20)\d{2}$/.test(value)),
      );
    case 'number': {
      const numbers = measuredNumbers(text, language);
      // A count is rather a number of things than a share of them.
      const counts = numbers.filter(({ unit }) => unit !== '%');
      return counts.length > 0 ? counts : numbers;
    }
    case 'place':
    case 'yes-no':
    case 'definition':
    case 'list':
    case 'passage':
      return [];
  }
}

/** Mentions of the wanted kind that the question did not name itself. */
export function freshMentions(text: string, question: Question, language: Language): Mention[] {
  return kindMentions(text, question, language).filter(({ start, end }) => {
    const words = tokenize(text.slice(start, end)).map((token) => token.word);
    return !words.every((word) => question.spoken.has(word));
  });
}

/** 1 when an answer of the wanted kind stands next to one of the question's terms, less with every word between; 0 without one. */
export function kindNearness(
  text: string,
  mentions: readonly Mention[],
  isAsked: (term: string) => boolean,
  language: Language,
): number {
  if (mentions.length === 0) return 0;
  const tokens = tokensOf(text);
  const asked = tokens.flatMap((token, at) =>
    termsOf(token.word, language).some((one) => isAsked(one.term)) ? [at] : [],
  );
  let best = Infinity;
  for (const mention of mentions) {
    const at = tokens.findIndex((token) => token.end > mention.start);
    for (const one of asked) best = Math.min(best, Math.abs(one - at));
  }
  return best === Infinity ? 0 : 1 / (1 + best / 6);
}

const DEFINING =
  /\b(?:means|is defined as|are defined as|refers? to|stands? for|is (?:an?|one|the|used|for|reserved)\b|are (?:an?|the|used|for)\b|contains?|holds?|serves?|provides?|consists? of|bedeutet|bezeichnet|ist (?:ein|eine|der|die|das)\b)/i;
/** Words before the defining verb, at most, in a sentence that defines. */
const SUBJECT_WORDS = 9;

/** How far a sentence reads as the definition of the question's subject: the share of its words that stand before the defining verb, 0 to 1. */
export function definingShare(text: string, words: readonly string[]): number {
  const plain = text.replace(/^\s*(?:\(?[a-z\d]{1,3}[.)]|\d+(?:\.\d+)*\.?|[•*–-])\s+/, '');
  const match = DEFINING.exec(plain);
  if (match === null || words.length === 0) return 0;
  const subject = tokenize(plain.slice(0, match.index)).map((token) => token.word);
  if (subject.length === 0 || subject.length > SUBJECT_WORDS) return 0;
  const met = words.filter((word) =>
    subject.some((one) => one.startsWith(word.slice(0, Math.max(3, word.length - 2)))),
  );
  return met.length / words.length;
}
