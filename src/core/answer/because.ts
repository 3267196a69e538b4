import { searchedBy, termsOf, valueTerms, type QueryTerm } from '../search';
import type { Language } from '../text';
import type { AskedSource, Because } from './types';

/** Words that are told for one passage. */
const MOST = 12;

/** The words of texts by their search terms, each as it stands there first. */
function wordsByTerm(texts: readonly string[], language: Language): Map<string, string> {
  const words = new Map<string, string>();
  for (const text of texts)
    for (const { term, word } of termsOf(text, language)) if (!words.has(term)) words.set(term, word);
  return words;
}

/** The numbers, dates and compound names of texts by their search terms. */
function valuesByTerm(texts: readonly string[], language: Language): Map<string, string> {
  return new Map(texts.flatMap((text) => valueTerms(text, language).map((term) => [term, term.slice(1)] as const)));
}

/** By which of a question's words a passage came up, those asked for first; `texts` are its units and what stands over them. */
export function becauseOf(
  question: string,
  terms: readonly QueryTerm[],
  texts: readonly string[],
  sources: readonly AskedSource[],
  language: Language,
): Because[] {
  const values = valuesByTerm([question], language);
  const asked = new Map([...wordsByTerm([question], language), ...values]);
  const there = new Map([...wordsByTerm(texts, language), ...(values.size > 0 ? valuesByTerm(texts, language) : [])]);
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
