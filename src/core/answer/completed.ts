import { unitsOfPassage, type UnitText } from '../search';
import type { Evidence } from './evidence';
import type { Question } from './question';
import { isItem, saysNothingAlone } from './surroundings';

/** Characters that the two may have together. */
const LONGEST = 420;

/** Characters of the head of an item, at most: "• gfortran - the Fortran compiler." */
const HEAD = 90;

/** What stands between two units of one page; null where they are not of one. */
function between({ source }: Evidence, before: UnitText, { unit }: UnitText): string | null {
  const [end, start] = [before.unit.spans.at(-1), unit.spans[0]];
  if (end === undefined || start === undefined || unit.spans.length !== 1 || before.unit.spans.length !== 1)
    return null;
  if (end.page !== start.page || end.end > start.start) return null;
  return source.page(end.page)?.text.slice(end.end, start.start) ?? null;
}

/** What a question asks which it is of. */
const WHICH =
  /^(?:(?:at|by|for|from|in|of|on|to|under|with) )?(?:which|what) (?<thing>[a-z-]{3,})|(?<!\p{L})welche[nrsm]? (?<was>\p{Lu}[\p{L}-]{2,})/iu;

/** True where it is asked which of something it is, and a sentence says "this" of it: “Which list is for beginners?”, “This list is for beginners.” */
function pointsBack(text: string, asked: string): boolean {
  const { thing, was } = WHICH.exec(asked.trim())?.groups ?? {};
  const named = thing ?? was;
  return named !== undefined && new RegExp(String.raw`(?<!\p{L})(?:this|these|diese[nrsm]?) ${named}`, 'iu').test(text);
}

/** How a sentence begins that goes on about what the one before says: "If it is reached". */
const GOES_ON =
  /^\s*(?:(?:if|when|where|once|until|unless|wenn|falls|sobald|bis)\s(?:it|this|they|these|that|so|er|sie|es|dies\p{Ll}*)(?=['’\s])|in (?:this|that|such an?) (?:case|event)\b|in diesem falle?\b|otherwise\b|andernfalls\b|sonst\b|その場合)/iu;

/** A sentence together with the one before it, or the heading over it, where it says "it" or "this" of what that names, or goes on in an item that this begins; and, where it is asked in the open, with the one behind it that goes on about it. Only what stands next to each other on one page is told together. */
export function completed(one: Evidence, question: Pick<Question, 'kind' | 'text'>): UnitText {
  const { source, hit, index, text, unit, row } = one;
  const alone = { text, unit };
  if (row !== null) return alone;
  const units = unitsOfPassage(source, hit.passage);
  const [before, next] = [units[index - 1], units[index + 1]];
  const joins = (first: UnitText, second: UnitText): boolean =>
    first.text.length + second.text.length <= LONGEST && between(one, first, second)?.trim() === '';
  // What an item goes on with in the line of its head is of that.
  const ofItem = before !== undefined && isItem(before.text) && before.text.length <= HEAD && between(one, before, alone)?.includes('\n') === false; // prettier-ignore
  if (before !== undefined && before.unit.kind === unit.kind && (ofItem || pointsBack(text, question.text)))
    return joins(before, alone) ? together(before, alone) : alone;
  if (before !== undefined && saysNothingAlone(text)) {
    // One that says "it" as well names nothing.
    const fits = (before.unit.kind === unit.kind && !saysNothingAlone(before.text)) || before.unit.kind === 'heading';
    return fits && joins(before, alone) ? together(before, alone) : alone;
  }
  const onward = question.kind === 'passage' && next?.unit.kind === unit.kind;
  const goesOn = onward && (GOES_ON.test(next.text) || saysNothingAlone(next.text));
  return goesOn && joins(alone, next) ? together(alone, next) : alone;
}

function together(first: UnitText, second: UnitText): UnitText {
  return {
    text: `${first.text}\n${second.text}`,
    unit: { ...second.unit, spans: [...first.unit.spans, ...second.unit.spans] },
  };
}
