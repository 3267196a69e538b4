import { termSet, unitsOfPassage } from '../search';
import { tokenize } from '../text';
import type { Evidence } from './evidence';
import { firmWordingsOf, type Question } from './question';
import { wordsOver } from './rowEvidence';
import { headOver, nameOfDocument } from './surroundings';

/**
 * True for a row that is called what is asked only by a word which other rows of its table are called by too, where the word before it in the question, which tells one
 * kind from another, stands nowhere over the row: "Container ships" is no row of fishing vessels.
 */
export function isRowOfAnother({ row, source, hit, index }: Evidence, { text, subject }: Question): boolean {
  if (row === null) return false;
  const { language } = source.segment;
  const labels = row.table.rows.map(({ path }) => termSet(path.at(-1) ?? '', language));
  const own = labels[row.table.rows.indexOf(row.row)] ?? new Set<string>();
  const words = tokenize(text).map(({ word }) => termSet(word, language));
  const asked = (at: number) =>
    subject.find(({ term, weight }) => weight >= 1 && /^\p{L}{3,}$/u.test(term) && words[at]?.has(term) === true);
  const over = termSet(
    `${wordsOver(row)} ${row.table.caption ?? ''} ${headOver(source, unitsOfPassage(source, hit.passage), index)} ${nameOfDocument(source)}`,
    language,
  );
  return words.some((_, at) => {
    const [kind, thing] = [asked(at - 1), asked(at)];
    if (kind === undefined || thing === undefined) return false;
    const called = (label: ReadonlySet<string>): boolean => firmWordingsOf(thing).some((word) => label.has(word));
    return called(own) && labels.filter(called).length > 1 && !firmWordingsOf(kind).some((word) => over.has(word));
  });
}
