import { likenessOf, type Meaning, type Neighbours, type WordVectors } from '../search';
import type { Language } from '../text';

/** What a question is about, with the vectors that texts are set beside it by. */
export interface AskedMeaning {
  readonly meaning: Meaning;
  readonly vectors: WordVectors;
}

/** What the words that a sentence stands under, and the sentence before it, count beside its own. */
const HEADING = 0.3;
const BEFORE = 0.2;
/** How alike the first of the sentences found are to a question, right or wrong: what is less speaks against one. */
const USUAL = 0.4;

/** What a question is about; null where no vectors are there, or they know none of its words. */
export function meaningOf(text: string, language: Language, neighbours: Neighbours | null): AskedMeaning | null {
  const vectors = neighbours?.vectors ?? null;
  const meaning = vectors?.meaningOf(text, language) ?? null;
  return vectors === null || meaning === null ? null : { meaning, vectors };
}

/** How much more alike a sentence is to a question in what it is about than such sentences usually are, read with its heading and the sentence before it (about -0.6 to 0.6); 0 where that is not known. */
export function likenessTo(
  asked: AskedMeaning | null,
  { text, heading, before }: { readonly text: string; readonly heading: string; readonly before: string },
  language: Language,
): number {
  if (asked === null) return 0;
  const of = (one: string): Meaning | null => (one === '' ? null : asked.vectors.meaningOf(one, language));
  const own = of(text);
  if (own === null) return 0;
  const [over, ahead] = [of(heading), of(before)];
  const whole = own.map((value, at) => value + HEADING * (over?.[at] ?? 0) + BEFORE * (ahead?.[at] ?? 0));
  return likenessOf(asked.meaning, whole) - USUAL;
}
