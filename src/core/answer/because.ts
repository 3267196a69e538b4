import { searchedBy, termsOf, valueTerms, type QueryTerm } from '../search';
import type { Language } from '../text';
import type { AskedSource, Because } from './types';

/** Words that are told for one passage. */
const MOST = 12;

/** The words of a text by their search terms, each as it stands there first. */
function wordsByTerm(text: string, language: Language): Map<string, string> {
  const words = new Map<string, string>();
  for (const { term, word } of termsOf(text, language)) if (!words.has(term)) words.set(term, word);
  for (const term of valueTerms(text, language)) words.set(term, term.slice(1));
  return words;
}

/** By which of a question's words a passage came up, those asked for first; `text` is the passage with what stands over it. */
export function becauseOf(
  question: string,
  terms: readonly QueryTerm[],
  text: string,
  sources: readonly AskedSource[],
  language: Language,
): Because[] {
  const asked = wordsByTerm(question, language);
  const there = wordsByTerm(text, language);
  const found = terms.flatMap((term): Because[] => {
    // A verb with its particle is told as it was asked: "given back".
    const [verb = '', particle] = term.term.split(' ');
    const word = particle === undefined ? asked.get(verb) : `${asked.get(verb) ?? verb} ${particle}`;
    if (word === undefined) return [];
    const own = there.get(term.term);
    if (own !== undefined) return [{ asked: word, met: own, by: 'itself' }];
    const other = searchedBy(sources, term).find((one) => there.has(one.term));
    if (other === undefined) return [];
    return [
      {
        asked: word,
        met: there.get(other.term) as string,
        by: other.loose === true || other.told === true ? 'like' : 'trade',
      },
    ];
  });
  const order = { itself: 0, trade: 1, like: 2 } as const;
  return found.sort((a, b) => order[a.by] - order[b.by]).slice(0, MOST);
}
