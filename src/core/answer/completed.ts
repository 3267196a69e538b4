import { unitsOfPassage, type UnitText } from '../search';
import type { Evidence } from './evidence';
import { saysNothingAlone } from './surroundings';
import type { AnswerKind } from './types';

/** Characters that the two may have together. */
const LONGEST = 420;

/** True where nothing but white space stands between two units of one page. */
function adjoin({ source }: Evidence, before: UnitText, { unit }: UnitText): boolean {
  const [end, start] = [before.unit.spans.at(-1), unit.spans[0]];
  if (end === undefined || start === undefined || unit.spans.length !== 1 || before.unit.spans.length !== 1)
    return false;
  if (end.page !== start.page || end.end > start.start) return false;
  return (source.page(end.page)?.text.slice(end.end, start.start) ?? '-').trim() === '';
}

/** How a sentence begins that goes on about what the one before says: "If it is reached". */
const GOES_ON =
  /^\s*(?:(?:if|when|where|once|until|unless|wenn|falls|sobald|bis)\s(?:it|this|they|these|that|so|er|sie|es|dies\p{Ll}*)(?=['’\s])|in (?:this|that|such an?) (?:case|event)\b|in diesem falle?\b|otherwise\b|andernfalls\b|sonst\b|その場合)/iu;

/** A sentence together with the one before it, or the heading over it, where it says "it" or "this" of what that names; and, where it is asked in the open, with the one behind it that goes on about it. Only what stands next to each other on one page is told together. */
export function completed(one: Evidence, kind: AnswerKind): UnitText {
  const { source, hit, index, text, unit, row } = one;
  const alone = { text, unit };
  if (row !== null) return alone;
  const units = unitsOfPassage(source, hit.passage);
  const [before, next] = [units[index - 1], units[index + 1]];
  const joins = (first: UnitText, second: UnitText): boolean =>
    first.text.length + second.text.length <= LONGEST && adjoin(one, first, second);
  if (before !== undefined && saysNothingAlone(text)) {
    // One that says "it" as well names nothing.
    const fits = (before.unit.kind === unit.kind && !saysNothingAlone(before.text)) || before.unit.kind === 'heading';
    return fits && joins(before, alone) ? together(before, alone) : alone;
  }
  const onward = kind === 'passage' && next?.unit.kind === unit.kind;
  const goesOn = onward && (GOES_ON.test(next.text) || saysNothingAlone(next.text));
  return goesOn && joins(alone, next) ? together(alone, next) : alone;
}

function together(first: UnitText, second: UnitText): UnitText {
  return {
    text: `${first.text}\n${second.text}`,
    unit: { ...second.unit, spans: [...first.unit.spans, ...second.unit.spans] },
  };
}
