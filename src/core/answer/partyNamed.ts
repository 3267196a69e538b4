import { tokenize } from '../text';
import type { Question } from './question';

const NAME = String.raw`\p{Lu}[\p{L}\p{N}.&’'-]*(?:\s+(?:(?:of|the|and|&|for|von|der)\s+)?\p{Lu}[\p{L}\p{N}.&’'-]*|\s+(?:plc|ltd|limited|inc|llc|gmbh|co)\b\.?)*`;
/** A party with the word it is called by: "Lantern Cruises (the Tenant)", "Merrowby Ferry Company plc, a company registered in Aldmere (“the Operator”)". */
const CALLED = new RegExp(
  String.raw`(?<name>${NAME})(?:,[^()]{0,160})?\s*\([^()]{0,40}?(?:the |die |der )?[“"]?(?:the )?(?<role>\p{Lu}\p{L}+)[”"]?\)`,
  'gu',
);

/** Who is called what a question asks for: "Lantern Cruises" where the tenant is asked; null where the text calls no one so. */
export function partyNamed(text: string, question: Question): string | null {
  if (question.kind !== 'party') return null;
  const plain = text.replace(/\s+/g, ' ');
  const asked = new Set(tokenize(question.text).map((token) => token.word));
  for (const match of plain.matchAll(CALLED)) {
    const { name = '', role = '' } = match.groups ?? {};
    if (asked.has(role.toLowerCase())) return name.replace(/^(?:The|Between|By|And)\s+/, '');
  }
  return null;
}
