import { termSet } from '../search';
import type { Language } from '../text';

/** What a sentence says by its form, without the words that ask for it: the words that ask, and the form. */
const TOLD_BY_FORM: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  // Since when something holds is said by what brings it into force.
  [
    /^(?:since|from) when\b.*\b(?:force|valid|appl\w+|effective|effect)\b|^when (?:do|does|did) .{2,40} (?:start to apply|begin to apply|apply|take effect|come into (?:force|effect))\s*\?*$|^(?:seit|ab) wann (?:(?:gilt|gelten)(?!\p{L})|.*(?:in kraft|gültig)).*|.*いつから(?:有効|適用|施行).*/iu,
    /\b(?:in(?:to)?|takes?|took|come into) (?:force|effect|operation)\b|\bvalid from\b|\bin kraft\b|gültig ab|施行する|発効/i,
  ],
  // Whoever does it pays: a fine.
  [
    /\b(?:fines?|penalt(?:y|ies))\b|\b(?:bußgeld|geldbuße|geldstrafe|strafe)(?!\p{L})/iu,
    /\b(?:who(?:ever)?|any(?:one|body) who|those who)\b.{2,80}\b(?:pays?|forfeits?|(?:is|are) charged)\b|(?<!\p{L})wer .{2,80}, (?:zahlt|hat .{2,40} zu zahlen)(?!\p{L})/iu,
  ],
];

/** A form that says what a question asks, with the terms of its words that are said by it. */
export interface FormTold {
  readonly form: RegExp;
  readonly terms: ReadonlySet<string>;
}

/** The form that says what a question asks; null where its words ask for nothing of the kind. `language` is that of the documents. */
export function toldByForm(asked: string, language: Language): FormTold | null {
  for (const [shape, form] of TOLD_BY_FORM) {
    const words = shape.exec(asked.trim())?.[0];
    if (words !== undefined) return { form, terms: termSet(words, language) };
  }
  return null;
}
