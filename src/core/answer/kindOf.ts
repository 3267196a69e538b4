import { likeliestLanguage } from '../text';
import { ENGLISH_KINDS } from './englishKinds';
import { GERMAN_KINDS } from './germanKinds';
import { JAPANESE_KINDS } from './japaneseKinds';
import { reachedAt } from './reachedAt';
import type { AnswerKind } from './types';

const OPENING =
  /(?<!\p{L})(?:what|which|how|why|where|whom?|whose|when|was|wie|wann|wer|wo|welche\w*)(?!\p{L})|^(?:is|are|was|were|does|do|did|has|have|had|can|could|may|must|shall|should|will|would|ist|sind|darf|kann|muss)\b/iu;
/** Words that begin a clause which only tells more: "a tenant who stays on", "what is due when a fire breaks out". */
const TELLS_MORE = /\s(?:who|whom|whose|when|where|if|unless|while|wenn|falls|sofern)\s/i;

/** The clause of a question that says what is asked, without clauses behind it that only tell more. */
function mainClause(question: string): string {
  const opening = OPENING.exec(question);
  if (opening === null) return question;
  const from = opening.index + opening[0].length;
  const more = TELLS_MORE.exec(question.slice(from));
  return more === null || more.index === 0 ? question : question.slice(0, from + more.index);
}

/** What kind of answer a question in English, German or Japanese wants, by the way it is put; the language is that of its words. */
export function kindOf(question: string): AnswerKind {
  const plain = question.trim();
  // "Was zahlen Mitglieder?" has a German verb and noun.
  const german = /^Was \p{Ll}+(?:en|et|t) (?:\p{Lu}\p{Ll}+|der|die|das|ein|eine|man|wir|ich|sie|es)(?!\p{L})/u.test(
    plain,
  );
  const language = german ? 'de' : likeliestLanguage(plain, ['en', 'de', 'ja']);
  const asked = language === 'ja' ? plain : mainClause(plain);
  if (reachedAt(asked) !== null) return 'place';
  const kinds = language === 'ja' ? JAPANESE_KINDS : language === 'de' ? GERMAN_KINDS : ENGLISH_KINDS;
  return kinds.find(([pattern]) => pattern.test(asked))?.[1] ?? 'passage';
}
