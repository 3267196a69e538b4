import type { Citation } from '../quote';
import { findDates, findNumbers, tokenize, type Language } from '../text';
import type { Standing } from './types';

const NEGATIONS = new Set(
  'not no never none neither nor without cannot unless except nicht kein keine keinen keiner nie niemals ohne'.split(
    ' ',
  ),
);

/** Numbers and dates of a text as values; years alone say a period and are left out. */
function figuresIn(text: string, language: Language): Set<string> {
  const dates = findDates(text);
  const numbers = findNumbers(text, language).filter(
    (one) =>
      one.value !== '1' &&
      !/^(?:19|20)\d\d$/.test(one.value) &&
      !dates.some((date) => date.start <= one.start && one.end <= date.end),
  );
  return new Set([...dates.map((one) => one.value), ...numbers.map((one) => one.value)]);
}

/** Words that deny without a "not": a claim may say "must not" for "it is forbidden". */
const DENIES =
  /^(?:forbid|prohibit|ban|bar|exclud|refus|den[iy]|fail|lack|absen|un(?:able|lawful)|void|verboten|untersagt)/;

function denies(text: string): boolean {
  return negates(text) || tokenize(text).some(({ word }) => DENIES.test(word));
}

function negates(text: string): boolean {
  return tokenize(text).some(({ word }) => NEGATIONS.has(word) || word.endsWith("n't") || word.endsWith('n’t'));
}

/** True when a text says a figure that none of the quotes says. */
export function addsFigure(text: string, quotes: readonly string[], language: Language): boolean {
  const held = new Set(quotes.flatMap((quote) => [...figuresIn(quote, language)]));
  return [...figuresIn(text, language)].some((figure) => !held.has(figure));
}

/**
 * A claim's standing towards its own quotes: not carried unless each stands where it is cited; going further when the claim says a figure
 * or a "not" that its quotes do not. It does not weigh meaning beyond that.
 */
export function standingOf(
  text: string,
  citations: readonly Pick<Citation, 'mark' | 'quote'>[],
  language: Language,
): Standing {
  const stand = citations.every((one) => one.mark === 'exact' || one.mark === 'same-words');
  if (citations.length === 0 || !stand) return 'not-carried';
  const quotes = citations.map((one) => one.quote);
  if (quotes.some((quote) => quote === text)) return 'carried';
  const addsNot = negates(text) && !quotes.some(denies);
  return addsFigure(text, quotes, language) || addsNot ? 'goes-further' : 'carried';
}
