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

/** Asks for the year before the latest, by no number: "in the previous year", 「前年同期の」. Something set against that year is asked for itself. */
const YEAR_BEFORE =
  /(?:\b(?:in|for|during|of|at the end of) (?:the )?(?:previous|prior|preceding) (?:financial |fiscal |business )?(?:year|period)\b|\b(?:the )?(?:previous|prior|preceding) year[’']s\b|(?<!\p{L})im (?:vorjahr|vorigen jahr)\p{L}*|(?<!\p{L})vorjahres\p{L}+|前年(?:同期|度|同四半期)?の|前期の)/iu;

/** Which of several things, each of a year or of none, a question means that names no year: that of the latest, or of the year before where it asks for that; -1 for none. */
export function yearMeant(
  years: readonly (number | null)[],
  { text, periods }: Pick<Question, 'text' | 'periods'>,
): number {
  const dated = years.flatMap((year) => year ?? []);
  if (periods.length > 0 || dated.length === 0) return -1;
  const latest = Math.max(...dated);
  return years.indexOf(YEAR_BEFORE.test(text) ? latest - 1 : latest);
}
