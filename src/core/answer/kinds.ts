import { tokenize, tokensOf, type Language, type Range } from '../text';
import { termsOf } from '../search';
import { datesTold } from './datesTold';
import { durationsTold } from './durationsTold';
import { ranges } from './measuredNumbers';
import { numbersTold } from './numbersTold';
import { partiesTold } from './partiesTold';
import type { Question } from './question';
import { reachedAt } from './reachedAt';
import { sharesTold, sumsTold } from './sumsTold';

/** Kinds whose answer is a value: a sentence without one rarely answers. */
export const VALUE_KINDS: ReadonlySet<Question['kind']> = new Set([
  'amount',
  'percentage',
  'duration',
  'date',
  'number',
]);

/** Kinds that nothing but a figure of what is asked for answers: of 100 questions that were answered rightly none was without. */
export const NUMBER_KINDS: ReadonlySet<Question['kind']> = new Set(['amount', 'number', 'percentage', 'duration']);

/** Asks where something is to be sent or said: an address of mail or of a page answers that. */
const ASKS_ADDRESS =
  /\b(?:which|what|welche[rns]?) (?:mail )?(?:address|adresse|site)\b|\bwhere (?:do|does|should|can|could|must|may|shall|are|is) .{1,60}\b(?:write|send|sent|mail|mailed|submitted)\b|\bwohin\b/i;
const NOTHING = /(?!)/g;
const ADDRESS = /\b[\w.+-]+@[\w-]+(?:\.[\w-]+)+|\b(?:https?|ftp):\/\/[^\s)>\]]+/giu;

/** Ranges of a text that could be the answer of a kind: amounts, dates, durations, names; none for kinds without a value. */
function kindMentions(text: string, { kind, text: asked }: Question, language: Language): Range[] {
  switch (kind) {
    case 'date':
      return datesTold(text, asked);
    case 'party':
      return partiesTold(text, language);
    case 'percentage':
      return sharesTold(text, language);
    case 'duration':
      return durationsTold(text, asked, language);
    case 'amount':
      return sumsTold(text, asked, language);
    case 'number':
      return numbersTold(text, asked, language);
    case 'place':
    case 'passage':
      return ranges(text, reachedAt(asked) ?? (ASKS_ADDRESS.test(asked) ? ADDRESS : NOTHING));
    case 'yes-no':
    case 'definition':
    case 'list':
      return [];
  }
}

/** Mentions of the wanted kind that the question did not name itself. */
export function freshMentions(text: string, question: Question, language: Language): Range[] {
  return kindMentions(text, question, language).filter(({ start, end }) => {
    const words = tokenize(text.slice(start, end)).map((token) => token.word);
    return !words.every((word) => question.spoken.has(word));
  });
}

/** 1 when an answer of the wanted kind stands next to one of the question's terms, less with every word between; 0 without one. */
export function kindNearness(
  text: string,
  mentions: readonly Range[],
  isAsked: (term: string) => boolean,
  language: Language,
  takesUp = false,
): number {
  if (mentions.length === 0) return 0;
  const tokens = tokensOf(text);
  const asked = tokens.flatMap((token, at) =>
    (takesUp && at === 0) || termsOf(token.word, language).some((one) => isAsked(one.term)) ? [at] : [],
  );
  let best = Infinity;
  for (const mention of mentions) {
    const at = tokens.findIndex((token) => token.end > mention.start);
    for (const one of asked) best = Math.min(best, Math.abs(one - at));
  }
  return best === Infinity ? 0 : 1 / (1 + best / 6);
}
