import type { QuoteIndex } from '../quote';
import { askBuiltIn, type AskOptions } from './ask';
import { completeQuestion } from './followUp';
import type { AskedSource } from './types';

/** Earlier questions of a thread, each made whole by the one before it. */
export function wholeHistory(history: readonly string[]): string[] {
  return history.reduce<string[]>((whole, question) => {
    const before = whole.at(-1);
    return [...whole, before === undefined ? question : completeQuestion(question, { question: before, said: [] })];
  }, []);
}

/** A follow-up made whole by the last question of its history, as `wholeHistory` gives it, and by what the documents answer to that. */
export function wholeQuestion(
  question: string,
  history: readonly string[],
  sources: readonly AskedSource[],
  index: QuoteIndex,
  options: AskOptions,
): string {
  const before = history.at(-1);
  if (before === undefined) return question;
  const { headline, claims } = askBuiltIn(before, sources, index, options);
  return completeQuestion(question, { question: before, said: [headline ?? '', ...claims.map((claim) => claim.text)] });
}
