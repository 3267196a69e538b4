import { termSet } from '../search';
import type { Table } from '../source';
import type { Language } from '../text';
import type { Question } from './question';

/** The column whose head holds most of what is asked, its equivalents counting as half; else the first whose whole head is spoken, in words that are of no subject, such as "people"; null where none holds anything. */
export function columnNamed(table: Table, { subject, text }: Question, language: Language): number | null {
  let [best, most]: [number | null, number] = [null, 0];
  table.columns.forEach(({ path }, at) => {
    const head = termSet(path.join(' '), language);
    const met = subject
      .filter(({ term }) => !/^[#@=]/.test(term) && !/^\d+$/.test(term))
      .map(({ term, weight, equivalents = [] }) =>
        head.has(term) ? weight : equivalents.some((one) => one.loose !== true && head.has(one.term)) ? weight / 2 : 0,
      )
      .reduce((sum, one) => sum + one, 0);
    if (met > most) [best, most] = [at, met];
  });
  if (best !== null) return best;
  const spoken = termSet(text, language);
  const at = table.columns.findIndex(({ path }) => {
    const head = [...termSet(path.join(' '), language)];
    return head.length > 0 && head.every((term) => spoken.has(term));
  });
  return at < 0 ? null : at;
}
