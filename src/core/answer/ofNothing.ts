import { documentFrequency, termSet, type QueryTerm } from '../search';
import type { Question } from './question';
import type { AskedSource } from './types';

/** Asks whether there is something at all, or whether it is allowed. */
const ASKS_EXISTENCE =
  /^(?:is|are|was|were) there\b|^(?:gibt|gab) es\b|^(?:does|do|did|has|have|hat|haben) .{2,40}? (?:have|has|gets?|receives?|includes?|offers?|contains?|an? .*option)\b|^(?:is|are) (?:the )?[\p{L}-]+ (?:allowed|permitted|accepted|included|provided|available|covered|insured|excluded|exempt|banned|forbidden|prohibited)\b/iu;

/** True where nothing of a term stands in the documents, nor anything that stands for it. */
function isNowhere({ term, equivalents = [] }: QueryTerm, sources: readonly AskedSource[]): boolean {
  return [term, ...equivalents.map((one) => one.term)].every((one) => documentFrequency(sources, one) === 0);
}

/** Words of the question's subject that stand in none of the documents, nor does anything that stands for them. */
export function unknownTo({ subject }: Question, sources: readonly AskedSource[]): readonly QueryTerm[] {
  return subject.filter((one) => one.weight >= 1 && /^\p{L}{3,}$/u.test(one.term) && isNowhere(one, sources));
}

/** What a question asks about with "may", "can" and the like, by its first word: "May dogs be taken aboard?" */
const ASKED_ABOUT = /^(?:may|can|could|must|should|are|is|was|were) (?:the |any |an? )?(?<thing>[a-z]{3,})\b/i;
/** What a Japanese question asks whether there is any of, or whether it can be done: 「屋根はありますか」. */
const THING_IN_JAPANESE =
  /(?<thing>[\p{Script=Han}\p{Script=Katakana}ー]{2,})(?:は|が)(?:あり|でき|必要|使え|利用でき|認めら|許さ)[^、。]{0,8}か[。？?]?$/u;

/** Whose tasks or duties a question asks for. */
const TASKS_OF =
  /^what (?:are|were) (?:the|its|their) (?:main |chief |usual )?(?:tasks|duties|functions|responsibilities|obligations|powers) of (?<whose>.+)$/i;

/** True for a question of yes or no about something, or about the duties of someone, that stands in none of the documents, nor does anything that stands for it. */
export function asksOfNothing(question: Question, sources: readonly AskedSource[]): boolean {
  const { text, subject } = question;
  const japanese = THING_IN_JAPANESE.exec(text.trim())?.groups?.['thing'];
  if (japanese !== undefined) {
    const own = subject.filter(({ term }) => term.length > 1 && japanese.includes(term));
    return own.length > 0 && own.every((one) => isNowhere(one, sources));
  }
  const whose = TASKS_OF.exec(text.trim())?.groups?.['whose'];
  if (whose === undefined && question.kind !== 'yes-no') return false;
  const unknown = unknownTo(question, sources);
  if (whose !== undefined) return unknown.some(({ term }) => termSet(whose, 'en').has(term));
  if (unknown.length > 0 && (ASKS_EXISTENCE.test(text) || 2 * unknown.length > subject.length)) return true;
  const about = termSet(ASKED_ABOUT.exec(text.trim())?.groups?.['thing'] ?? '', 'en');
  return unknown.some(({ term }) => about.has(term));
}
