import { tokensOf, type Language } from '../text';
import { termsOf } from '../search';

/** A word of the question in the form asked, or, where the documents hold it nowhere, the terms of their own words for it. */
export interface Form {
  readonly word: string;
  readonly theirs: readonly string[];
}

/** What the documents' own word counts for one in the form asked. */
const THEIR_FORM = 0.6;

/** Share of the question's words that a text holds in the very form asked; `terms` are the text's own. */
export function formShare(text: string, forms: readonly Form[], terms: ReadonlySet<string>): number {
  if (forms.length === 0) return 0;
  const own = new Set(tokensOf(text).map((token) => token.word));
  const met = forms.map(({ word, theirs }) =>
    theirs.length === 0 ? (own.has(word) ? 1 : 0) : theirs.some((term) => terms.has(term)) ? THEIR_FORM : 0,
  );
  return met.reduce((sum: number, one) => sum + one, 0) / forms.length;
}

/** Words between two of the question's neighbouring words, at most, for the two to count as near. */
const NEAR = 3;

/** Share of the question's neighbouring words that stand near each other; `asked` are the spellings that count for each word, in order. */
export function pairShare(text: string, asked: readonly (readonly string[])[], language: Language): number {
  if (asked.length < 2) return 0;
  const positions = new Map<string, number[]>();
  for (const { term, position } of termsOf(text, language)) {
    positions.set(term, [...(positions.get(term) ?? []), position]);
  }
  const where = asked.map((spellings) => spellings.flatMap((term) => positions.get(term) ?? []));
  let met = 0;
  for (let at = 1; at < where.length; at += 1) {
    const [one, two] = [where[at - 1] as number[], where[at] as number[]];
    if (one.some((a) => two.some((b) => a !== b && Math.abs(a - b) <= NEAR))) met += 1;
  }
  return met / (asked.length - 1);
}

/** Part of a period's share that the surroundings bring. */
const SURROUNDINGS = 0.65;

/** Share of the periods asked for that a unit names itself, less where only its surroundings do; 1 when none was asked for. */
export function periodShare(
  periods: readonly string[],
  own: ReadonlySet<string>,
  surroundings: ReadonlySet<string>,
): number {
  if (periods.length === 0) return 1;
  const met = periods.map((period) => (own.has(period) ? 1 : surroundings.has(period) ? SURROUNDINGS : 0));
  return met.reduce((sum: number, one) => sum + one, 0) / periods.length;
}
