import { termSet } from '../search';
import type { Language, Range } from '../text';
import { tellsLimit } from './limits';
import type { Question } from './question';
import { asksMoney, saysMoney } from './sumsTold';

/** Words for a limit, which "not more than" says as well. */
const LIMIT_WORDS =
  /\bthe most\b|\b(?:(?:upper|lower|maximum|minimum) )?(?:limit|maximum|minimum|cap|ceiling)\b|\b(?:highest|lowest|largest|smallest|greatest|longest|shortest) (?:possible |permitted |allowed )?|\b(?:höchst|mindest|maximal|minimal)(?:e[nrsm]?)?(?!\p{L})|\b(?:obergrenze|untergrenze|höchstbetrag|mindestbetrag|höchstgrenze)(?!\p{L})/giu;
/** Words for a sum to be paid, which any sum says as well. */
const MONEY_WORDS =
  /\b(?:prices?|costs?|charges?|sums?|money|expenses?|amounts?)\b|(?<!\p{L})(?:preise?|kosten|betrag|beträge|summe|geld)(?!\p{L})|代金|金額|費用/giu;

/** What the figures of a sentence say of a question, with the terms of its words that are said by them. */
export interface FiguresTold {
  readonly terms: ReadonlySet<string>;
  readonly told: (text: string, figures: readonly Range[]) => boolean;
}

/** What figures say of a question without the words for it: a limit by "up to", a price by any sum. `language` is that of the documents. */
export function toldByFigures(question: Question, language: Language): FiguresTold[] {
  const termsOf = (words: RegExp): ReadonlySet<string> =>
    termSet((question.text.match(words) ?? []).join(' '), language);
  const [limit, money] = [termsOf(LIMIT_WORDS), termsOf(MONEY_WORDS)];
  const told: FiguresTold[] = [];
  if (limit.size > 0) told.push({ terms: limit, told: tellsLimit });
  if (money.size > 0 && asksMoney(question))
    told.push({
      terms: money,
      told: (text, figures) => figures.some(({ start, end }) => saysMoney(text.slice(start, end))),
    });
  return told;
}
