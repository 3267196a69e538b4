import type { Equivalent } from './equivalents';
import type { Neighbour, Neighbours } from './neighbours';
import type { QueryTerm } from './queryTerms';
import type { ShelfSource } from './shelf';
import { documentFrequency } from './statistics';
import { termSet } from './terms';

/** Characters that a word of the dictionary has at most. */
const LONGEST = 7;
/** What a word that means alike counts, times how much alike. */
const SHARE = 0.7;

const HAN = /^\p{Script=Han}$/u;

/** A word as it stands in a text, with the words that mean alike. */
interface Known {
  readonly word: string;
  readonly others: readonly Neighbour[];
}

/** True for one character that is a word, or the root of one, by itself: "払" of "払う", not of "支払". */
function standsAlone(text: string, at: number): boolean {
  return !HAN.test(text[at - 1] ?? '') && !HAN.test(text[at + 1] ?? '');
}

/** The longest words of a Japanese text that a dictionary knows, from left to right, none within another. */
function knownWords(text: string, neighbours: Neighbours): Known[] {
  const found: Known[] = [];
  for (let at = 0; at < text.length; at += 1) {
    for (let length = Math.min(LONGEST, text.length - at); length > 0; length -= 1) {
      const word = text.slice(at, at + length);
      if (length === 1 && !standsAlone(text, at)) continue;
      const others = neighbours.synonymsOf(word, 'ja');
      if (others.length === 0) continue;
      found.push({ word, others });
      at += length - 1;
      break;
    }
  }
  return found;
}

/** The terms a word is looked for by: its pairs of characters, or the one that it is. */
function termsOfWord(word: string): string[] {
  const terms = [...termSet(word, 'ja')];
  const pairs = terms.filter((term) => term.length > 1);
  return pairs.length > 0 ? pairs : terms;
}

/** A question's terms widened by words that mean alike, for a language without spaces between words: they are looked for in the question as it is written. */
export function withWrittenSynonyms(
  terms: readonly QueryTerm[],
  text: string,
  sources: readonly ShelfSource[],
  neighbours: Neighbours,
): readonly QueryTerm[] {
  const asked = new Set(terms.map((one) => one.term));
  const more = new Map<string, Map<string, Equivalent>>();
  for (const { word, others } of knownWords(text, neighbours))
    for (const { term: other, likeness } of others) {
      const said = termsOfWord(other).filter((term) => !asked.has(term));
      if (said.length === 0 || !said.every((term) => documentFrequency(sources, term) > 0)) continue;
      const share = (SHARE * likeness) / Math.sqrt(said.length);
      for (const from of termSet(word, 'ja')) {
        const own = more.get(from) ?? new Map<string, Equivalent>();
        for (const term of said) if ((own.get(term)?.share ?? 0) < share) own.set(term, { term, share });
        more.set(from, own);
      }
    }
  return terms.map((one) => {
    const added = more.get(one.term);
    return added === undefined ? one : { ...one, equivalents: [...(one.equivalents ?? []), ...added.values()] };
  });
}
