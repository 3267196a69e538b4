import { termSet } from '../search';
import type { Language, Range } from '../text';
import { countsThings } from './counted';
import type { Measured } from './measured';
import { toldIn, wordsOfQuantity } from './quantities';
import type { Question } from './question';
import { reachedAt, WAYS_TO_REACH } from './reachedAt';
import { toldByFigures } from './toldByFigures';
import type { FormTold } from './toldByForm';

/** Sets of terms of a question that a text says without their words; `figures` are the answers of the kind asked for that it holds. */
export type SaidWithout = (text: string, figures: readonly Range[], language: Language) => ReadonlySet<string>[];

/**
 * What texts say of a question without its words: by their form, or since a figure in units of the quantity asked for, or a number or address to reach somebody by, is
 * called what it is asked by, and a limit or a price what its figures tell. `language` is that of the documents.
 */
export function saidWithout(
  question: Question,
  { quantity, counted, countedAs }: Measured,
  byForm: FormTold | null,
  language: Language,
): SaidWithout {
  const byFigures = toldByFigures(question, language);
  const quantityWords = wordsOfQuantity(question.text);
  const reached = reachedAt(question.text);
  const waysAsked = [...WAYS_TO_REACH].filter((word) => question.spoken.has(word)).join(' ');
  const bySelf: SaidWithout = (text, figures, own) => {
    if (byForm?.form.test(text) === true) return [byForm.terms];
    if (countedAs.size > 0 && countsThings(text, figures, (term) => counted.has(term), own)) return [countedAs];
    if (quantity !== null && quantityWords !== '' && toldIn(quantity, text, figures))
      return [termSet(quantityWords, own)];
    return reached === null || text.search(reached) < 0 ? [] : [termSet(waysAsked, own)];
  };
  return (text, figures, own) => [
    ...bySelf(text, figures, own),
    ...(figures.length > 0 ? byFigures.filter(({ told }) => told(text, figures)).map(({ terms }) => terms) : []),
  ];
}
