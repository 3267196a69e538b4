import { splitSentences } from '../text';
import type { Reference } from './references';

/** What a quotation or figure is said to be from: its own page, clause and document, each where the text says it. */
export interface SaidFrom {
  readonly sourceIds: readonly string[];
  readonly pages: Reference['pages'];
  readonly section: Reference['section'];
  /** False when the document was only named before, in another sentence: then it may be another's. */
  readonly named: boolean;
}

export const FROM_NOWHERE: SaidFrom = { sourceIds: [], pages: null, section: null, named: false };

/** Where the sentence that holds an offset begins and ends, within its paragraph. */
function sentenceAround(text: string, at: number): { readonly start: number; readonly end: number } {
  const from = paragraphStart(text, at);
  const behind = text.indexOf('\n\n', at);
  const to = behind < 0 ? text.length : behind;
  const sentences = splitSentences(text.slice(from, to));
  const own = sentences.findLast((one) => from + one.start <= at) ?? sentences[0];
  return own === undefined ? { start: from, end: to } : { start: from + own.start, end: from + own.end };
}

function paragraphStart(text: string, at: number): number {
  const found = text.lastIndexOf('\n\n', at);
  return found < 0 ? 0 : found + 2;
}

/** True for a reference that stands right behind: in brackets, behind a dash or a comma, or named in the same sentence. */
function follows(between: string): boolean {
  if (/\n\s*\n/.test(between)) return false;
  const rest = between.replace(/^["”“’»」』']?[.,;:]?["”“’»」』']?/u, '');
  const ended = /[.;]/.test(between.slice(0, between.length - rest.length));
  if (/^\s*(?:[([]\s*(?:see\s+|cf\.\s+|at\s+|vgl\.\s+)?(?:the\s+)?|\n?\s*>?\s*[—–-]+\s*(?:the\s+)?)$/iu.test(rest))
    return true;
  return !ended && /^\s*(?:,\s*)?(?:(?:at|on|in|see|under)\s+)?(?:the\s+)?$/iu.test(rest);
}

function take(into: SaidFrom, from: Reference | undefined, named = true): SaidFrom {
  if (from === undefined) return into;
  return {
    sourceIds: into.sourceIds.length > 0 ? into.sourceIds : from.sourceIds,
    pages: into.pages ?? (into.section === null || from.section === null ? from.pages : null),
    section: into.section ?? (into.pages === null || from.pages === null || from === undefined ? from.section : null),
    named: into.named || (from.sourceIds.length > 0 && named),
  };
}

/**
 * What the words at `[start, end)` are said to be from. What follows them at once comes first, then what leads up to them in their sentence, then what else
 * stands behind them in it; the document may have been named earlier in the paragraph. `next` is where the next quotation begins, `previous` where the last one ended.
 */
export function saidFrom(
  text: string,
  start: number,
  end: number,
  references: readonly Reference[],
  previous: number,
  next: number,
): SaidFrom {
  // prettier-ignore
  const behind = references.find((one) => one.start >= end && one.start < next && follows(text.slice(end, one.start)));
  let found = take(FROM_NOWHERE, behind);
  const begin = Math.max(previous, sentenceAround(text, start).start);
  const before = references.filter((one) => one.end <= start && one.start >= begin).reverse();
  for (const one of before) {
    // A page that closes what was said before belongs to that.
    found = take(found, one);
  }
  const sentenceEnd = sentenceAround(text, Math.max(start, end - 1)).end;
  const later = references.find((one) => one !== behind && one.start >= end && one.start < Math.min(next, sentenceEnd));
  if (found.pages === null && found.section === null && behind === undefined) found = take(found, later);
  if (found.sourceIds.length === 0) {
    const paragraph = paragraphStart(text, start);
    const earlier = references.filter((one) => one.end <= start && one.sourceIds.length > 0 && one.start >= paragraph).at(-1); // prettier-ignore
    if (earlier !== undefined) found = { ...found, sourceIds: earlier.sourceIds, named: false };
  }
  return found;
}
