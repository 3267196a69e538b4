import { termSet } from '../search';
import type { Language } from '../text';

/** What things are made of. */
export const MATERIAL =
  /(?<!\p{L})(?:(?:stainless |galvani[sz]ed |mild |cast |high-tensile )?steel|(?:cast |wrought )?iron|bronze|brass|copper|alumini?um|zinc|titanium|wood|timber|oak|larch|pine|teak|plywood|bamboo|concrete|stone|granite|brick|slate|glass|glassfibre|fibreglass|plastics?|polyester|polyethylene|polypropylene|polyamide|nylon|pvc|rubber|neoprene|foam|canvas|cotton|linen|leather|wool|hemp|cardboard|ceramics?|porcelain|\p{L}*(?:stahl|guss|holz|beton|gummi|kunststoff|glas|blech)|eisen|bronze|messing|kupfer|eiche|stein|granit|leder|stoff|wolle)(?!\p{L})|鋼|ステンレス|鉄|青銅|真鍮|銅|アルミ|木製?|樫|コンクリート|石|樹脂|プラスチック|ゴム|ガラス|布|革|綿|紙/iu;

/** What a sentence says by its form, without the words that ask for it: the words that ask, those of the group `said` where there is one, and the form. */
const TOLD_BY_FORM: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  // Since when something holds is said by what brings it into force.
  [
    /^(?:since|from) when\b.*\b(?:force|valid|appl\w+|effective|effect)\b|^when (?:do|does|did) .{2,40} (?:start to apply|begin to apply|apply|take effect|come into (?:force|effect))\s*\?*$|^(?:seit|ab) wann (?:(?:gilt|gelten)(?!\p{L})|.*(?:in kraft|gültig)).*|.*いつから(?:有効|適用|施行).*/iu,
    /\b(?:in(?:to)?|takes?|took|come into) (?:force|effect|operation)\b|\bvalid from\b|\bin kraft\b|gültig ab|施行する|発効/i,
  ],
  // How long a contract runs is told by its term.
  [
    /\b(?:for )?how long (?:does|do|did|will|is|are|was|were|can|may)\b.*?\b(?<said>(?:(?:lease|agreement|contract|licen[cs]e|tenancy|charter|concession|policy|deed|arrangement) )?(?:lasts?|runs?|goes? on|continues?|valid|in force|bind(?:s|ing)?))\b|\bwie lange (?<sagt>(?:läuft|laufen|gilt|gelten|dauert|besteht)(?: (?:der|die|das) \p{L}*(?:vertrag|vereinbarung|miete|pacht|lizenz|konzession))?)(?!\p{L})/iu,
    /\b(?:term|duration)\b[^.]{0,40}?\b(?:is|means|shall be|runs?|lasts?|of)\b[^.]{0,16}\b[\p{L}\d-]+ (?:years?|months|weeks)\b|\b(?:term|duration)\b[^.]{0,24}?\b(?:begins?|starts?|ends?|expires?)\b|\b(?:agreement|contract|lease|licen[cs]e|terms|policy|charter|concession|engagement)\b[^.]{0,90}\b(?:continues?|runs?|lasts?|is made|is granted|remains? in force)\b[^.]{0,24}\bfor (?:an? )?(?:initial |fixed )?(?:period of |term of )?[\p{L}\d-]+ (?:years|months|weeks)\b|(?<!\p{L})(?:laufzeit|vertragsdauer|mietdauer|pachtdauer|mietzeit|pachtzeit|dauer)(?!\p{L})/iu,
  ],
  // What something is made of is told by a material.
  [
    /\b(?:made|built|constructed) (?:out )?of\b|\b(?:of|from|in) (?:what|which) materials?\b|\bwhat materials?\b|\baus welchem material\b|\bworaus\b/iu,
    MATERIAL,
  ],
  // Who pays is told by who supplies or bears it.
  [
    /^who (?<said>pays?) (?:for )?\b|^wer (?<sagt>(?:be)?zahlt)(?!\p{L})/iu,
    /\b(?:supplied|provided|furnished|borne|paid|met) by (?:the )?\p{Lu}|\bat the (?:cost|expense) of\b|\b(?:bears?|borne|carries|meets) .{0,30}\b(?:costs?|expenses?|charges?)\b|\bat (?:its|his|her|their) (?:own )?(?:cost|expense)\b|\bauf Kosten (?:de[rs]|von)(?!\p{L})|(?<!\p{L})(?:stellt|trägt) (?:der|die|das)(?!\p{L})/u,
  ],
  // Who wrote it is told by whom it was made by.
  [
    /^who (?<said>wrote|prepared|compiled|drew up|drafted)\b/i,
    /\b(?:made|prepared|compiled|written|drawn up|drafted|carried out|undertaken)\b.{0,50} by (?:the )?\p{Lu}/u,
  ],
  // Who came into an office is told by whom it was given to.
  [
    /^who (?<said>became|took over|was (?:appointed|elected|chosen|named))\b/i,
    /\b(?:succeed(?:s|ed)|appoint(?:s|ed)|elect(?:s|ed)|took office|took over|takes? over|replaced|followed|became)\b/i,
  ],
  // A second offence is one that happens again.
  [
    /\b(?:(?:a |the )?(?:second|repeated|further) (?:offence|offense|breach|time)|repeat offenders?)\b|\bim wiederholungsfall\b/iu,
    /\bagain\b|\brepetition\b|\brepeat|\brecurr|\bsecond (?:time|offence|breach)\b|wiederhol/i,
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
    const found = shape.exec(asked.trim());
    const words = found?.groups?.['said'] ?? found?.groups?.['sagt'] ?? found?.[0];
    if (words !== undefined) return { form, terms: termSet(words, language) };
  }
  return null;
}
