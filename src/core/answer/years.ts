import { termSet } from '../search';
import type { Language } from '../text';
import type { Question } from './question';

const YEAR_TERM = /^#((?:19|20)\d{2})$/;

function yearsOf(terms: Iterable<string>): number[] {
  return [...new Set([...terms].flatMap((term) => YEAR_TERM.exec(term)?.[1] ?? []))].map(Number);
}

/** The years that a question names, each once. */
export function yearsAsked({ periods }: Pick<Question, 'periods'>): number[] {
  return yearsOf(periods);
}

/** The years that words name, such as the head of a column, each once. */
export function yearsIn(words: string, language: Language): number[] {
  return yearsOf(termSet(words, language));
}

/** The one year that words name; null for none or several. */
export function yearIn(words: string, language: Language): number | null {
  const [year, ...others] = yearsIn(words, language);
  return year === undefined || others.length > 0 ? null : year;
}
