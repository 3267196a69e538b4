import { termSet, unitsOfPassage } from '../search';
import { datesOf } from '../text';
import type { Evidence } from './evidence';
import type { Matter } from './matters';
import { measuredNumbers } from './measuredNumbers';
import { firmWordingsOf, type Question } from './question';
import { wordsOver } from './rowEvidence';
import { headOver, nameOfDocument, takenUp } from './surroundings';
import { isMoney } from './sumsTold';
import { toldByForm } from './toldByForm';

/** How a sentence or row tells a matter: by itself or with what it stands under, only with the sentence before it, or not at all. */
export type Telling = 'itself' | 'with the one before' | 'not';

/** How evidence tells a matter. */
export function tellingOf({ told }: Matter, { source, hit, index, text }: Evidence): Telling {
  if (told.test(text)) return 'itself';
  const units = unitsOfPassage(source, hit.passage);
  if (told.test(`${headOver(source, units, index)} ${text}`)) return 'itself';
  return told.test(`${units[index - 1]?.text ?? ''} ${text}`) ? 'with the one before' : 'not';
}

/** What of the words of a question that its matter does not say must be named where it is told. */
const NAMED = 0.6;

/** True where what a question is about, besides a matter that is told of one thing or another, is named by a sentence, by what it stands under, or by its document’s own name. */
export function namesWhatIsAsked(question: Question, { source, hit, index, text, row }: Evidence): boolean {
  const { language } = source.segment;
  const said = question.matter?.about === true ? toldByForm(question, language)?.terms : undefined;
  const own = said === undefined ? [] : question.subject.filter(({ term }) => !said.has(term));
  if (own.length === 0) return true;
  const units = unitsOfPassage(source, hit.passage);
  const over = row === null ? (takenUp(units, index) >= 0 ? (units[index - 1]?.text ?? '') : '') : wordsOver(row);
  const near = termSet(`${text} ${headOver(source, units, index)} ${over} ${nameOfDocument(source)}`, language);
  const named = own.filter((one) => firmWordingsOf(one).some((word) => near.has(word)));
  return named.length >= (callsMatter({ row, source }, question.matter) ? 1 : NAMED * own.length);
}

/** True for a row whose label calls a matter by its first word: "Weight, empty". */
export function callsMatter({ row, source }: Pick<Evidence, 'row' | 'source'>, matter: Matter | null): boolean {
  const [called = ''] = matter?.words.split(' ') ?? [];
  const { language } = source.segment;
  const label = termSet(row?.row.path.at(-1) ?? '', language);
  return row !== null && matter?.ofThing === true && [...termSet(called, language)].some((term) => label.has(term));
}

/** True for evidence that tells a number or a date, whatever kind of value was asked for, but for money where a time was. */
export function tellsFigure({ text, source }: Evidence, kind: Question['kind']): boolean {
  const numbers = measuredNumbers(text, source.segment.language);
  // A time is told by no sum of money.
  const able = kind === 'duration' ? numbers.filter(({ unit }) => unit === null || !isMoney(unit)) : numbers;
  return able.length > 0 || datesOf(text).length > 0;
}
