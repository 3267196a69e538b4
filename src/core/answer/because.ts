import { searchedBy, termsOf, valueTerms, type QueryTerm } from '../search';
import type { Language } from '../text';
import type { AskedSource, Because } from './types';

/** Words that are told for one passage. */
const MOST = 12;

/** The words of texts by their search terms, each as it stands there first; numbers, dates and compound names too where they are wanted. */
function wordsByTerm(texts: readonly string[], language: Language, wanted: (term: string) => boolean, values: boolean) {
  const words = new Map<string, string>();
  for (const text of texts) {
    for (const { term, word } of termsOf(text, language)) if (wanted(term) && !words.has(term)) words.set(term, word);
    for (const term of values ? valueTerms(text, language) : []) if (wanted(term)) words.set(term, term.slice(1));
  }
  return words;
}

/** Given the texts of a passage, its units and what stands over them, the words of the question that it came up by, those asked for first. */
export type Reasons = (texts: readonly string[], language: Language) => Because[];

/** What tells by which of a question's words passages of these documents came up. */
export function reasonsFor(question: string, terms: readonly QueryTerm[], sources: readonly AskedSource[]): Reasons {
  const searched = terms.map((term) => ({ term: term.term, others: searchedBy(sources, term) }));
  const all = new Set(searched.flatMap(({ term, others }) => [term, ...others.map((one) => one.term)]));
  const values = terms.some(({ term }) => /^[#@=]/.test(term));
  return (texts, language) => {
    const asked = wordsByTerm([question], language, () => true, true);
    const there = wordsByTerm(texts, language, (term) => all.has(term), values);
    const found = searched.flatMap(({ term, others }): Because[] => {
      // A verb with its particle is told as it was asked: "given back".
      const [verb = '', particle] = term.split(' ');
      const word = particle === undefined ? asked.get(verb) : `${asked.get(verb) ?? verb} ${particle}`;
      if (word === undefined) return [];
      const own = there.get(term);
      if (own !== undefined) return [{ asked: word, met: own, by: 'itself' }];
      const other = others.find((one) => there.has(one.term));
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
  };
}
