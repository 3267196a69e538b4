import { isStopword } from '../search';
import { tokenize } from '../text';

/** Where a question says which term it wants defined. */
const WANTED: readonly RegExp[] = [
  /\bmeant? by (?:the (?:term|word|expression) )?(?<term>[^?,]{2,80})/i,
  /\bwhat does it mean (?:to|for .{2,40}? to|if (?:someone|something|one) (?:is|has)) (?:be )?(?<term>[^?,]{2,60}?)(?: (?:something|someone|it))?[?\s]*$/i,
  /^was wird (?:hier )?unter (?:eine[rmn]? |de[rmn] )?(?<term>[^?,]{2,60}?) verstanden/i,
  /^was (?:versteht|meint) (?:man|\p{L}+ \p{L}+) (?:unter|mit) (?:eine[rmn]? |de[rmn] )?(?<term>[^?,]{2,60})/iu,
  /^was ist (?:hier )?(?:unter|mit) (?:eine[rmn]? |de[rmn] )?(?<term>[^?,]{2,60}?) (?:zu verstehen|gemeint)/i,
  /^was (?:bedeutet|heißt|bezeichnet) (?:hier )?(?:ein(?:e|en)? |der |die |das )?(?<term>[^?,]{2,60})/i,
  /\bwhat (?:does|do|did) (?<term>.{2,80}?) (?:mean|stand for|refer to)\b/i,
  /\b(?:definition|meaning) of (?<term>[^?,]{2,80})/i,
  /\bhow (?:is|are) (?<term>.{2,80}?) defined\b/i,
  /^(?:what|who) (?:counts|qualifies|is considered|is regarded|is treated) (?:as |to be )?(?:an? |the )?(?<term>[^?,]{2,60})/i,
  /^what constitutes (?:an? |the )?(?<term>[^?,]{2,60})/i,
  /^was gilt als (?:ein(?:e|en)? )?(?<term>[^?,]{2,60})/i,
  /^define (?<term>[^?,]{2,80})/i,
  /^(?:what|was) (?:is|are|ist|sind|bedeutet) (?:an? |the |ein(?:e|en)? |der |die |das )?(?<term>(?:(?!\sof\s)[^?,]){2,60}?)(?:\s+(?:in|under|according to|for the purposes of)\s.+)?[?\s]*$/i,
];

/** The words of the term that a question wants defined; null when its shape does not tell. */
export function termDefined(question: string): readonly string[] | null {
  const term = WANTED.flatMap((shape) => shape.exec(question.trim())?.groups?.['term'] ?? [])[0];
  if (term === undefined) return null;
  const own = tokenize(term)
    .map((token) => token.word)
    .filter((word) => !isStopword(word));
  return own.length === 0 ? null : own;
}
