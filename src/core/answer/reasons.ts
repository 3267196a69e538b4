import { termSet } from '../search';
import type { Evidence } from './evidence';
import { firmWordingsOf, type Question } from './question';

const WHY =
  /^(?:why|for what reasons?|what (?:caused|made|led to|explains|was the (?:reason|cause))|how come|warum|weshalb|wieso)\b|(?:なぜ|どうして|理由)/i;
/** What tells a reason, and stands before it. */
const BEFORE_REASON =
  /\b(?:because|due to|owing to|as a result of|result(?:s|ed) from|following|since|reflect(?:s|ing|ed)?|caused by|on account of|thanks to|in order to|so that|lest|as (?=(?:the|this|these|it|its|they|their|there|he|she|we|our|no|both|each)\b)|weil|wegen|aufgrund|infolge|da|damit|sodass)\b/i;
/** What tells one and stands behind it, or within. */
const BEHIND_REASON =
  /\b(?:therefore|for this reason|for that reason|which is why|deshalb|daher|darum)\b|ため|により|による|理由|ので|から、|ことで/i;
/** How near a sentence that gives a reason must come to the best. */
const REASON_SCORE = 0.6;
/** The same for one that says what was asked before it says why. */
const OF_WHAT_IS_ASKED = 0.45;

/** True for a question that asks for the reason of something. */
export function asksWhy(question: string): boolean {
  return WHY.test(question.trim());
}

/** How many of the words asked a sentence has before and behind what tells its reason; null where nothing does. */
function sidesOf({ text, source }: Evidence, { subject }: Question): { came: number; by: number } | null {
  const told = BEFORE_REASON.exec(text);
  if (told === null) return null;
  const { language } = source.segment;
  const asked = new Set(subject.flatMap(firmWordingsOf));
  const met = (part: string): number => [...termSet(part, language)].filter((term) => asked.has(term)).length;
  const [before, behind] = [text.slice(0, told.index), text.slice(told.index + told[0].length)];
  // "Because the key had sheared, the winch turned": what came about stands behind the comma.
  // "One was lost in December, so that there are no records": the reason stands before.
  if (/^so that$/i.test(told[0]) && /,\s*$/.test(before)) return { came: met(behind), by: met(before) };
  const comma = /\p{L}/u.test(before) ? -1 : behind.indexOf(',');
  return comma < 0
    ? { came: met(before), by: met(behind) }
    : { came: met(behind.slice(comma)), by: met(behind.slice(0, comma)) };
}

/**
 * The sentence that says why: the best that gives a reason, where one comes near, or the one behind the best, which says why what it tells came about; else the
 * best. What a sentence gives as the reason of something else is no reason of its own: why that is stands behind it.
 */
export function reasonAmong(able: readonly Evidence[], question: Question): Evidence | undefined {
  const [best] = able;
  if (best === undefined) return undefined;
  const behind = (one: Evidence): Evidence | undefined =>
    able.find((next) => next.hit === one.hit && next.index === one.index + 1);
  const reasons = able.flatMap((one) => {
    const sides = sidesOf(one, question);
    return sides !== null || BEHIND_REASON.test(one.text) ? [{ one, sides }] : [];
  });
  const own = reasons.filter(({ sides }) => sides === null || sides.came >= sides.by);
  const near = own.find(
    ({ one, sides }) => one.score >= ((sides?.came ?? 0) > 1 ? OF_WHAT_IS_ASKED : REASON_SCORE) * best.score,
  );
  if (near !== undefined) return near.one;
  const [elsewhere] = reasons;
  const asCause = elsewhere !== undefined && elsewhere.one === best ? behind(best) : undefined;
  return asCause ?? own.find(({ one }) => one === behind(best))?.one ?? best;
}
