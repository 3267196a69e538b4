/**
 * What is asked of how a thing came about, whose it is, of its colour and address, each with the words of which a sentence that answers holds one: a date or a name by
 * itself may be of anything.
 */
const ONLY_TOLD_BY: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  [
    /\b(?:when|(?:in )?(?:what|which) year) (?:was|were) .{2,60}\b(?:founded|established|set up|created|formed|incorporated)\s*\??$|\bwann wurden? .{2,60}gegründet\b|(?:創業|設立|創立)/i,
    /found|establish|set up|creat|form|incorporat|since|began|start|origin|gründ|seit|entstand|創|設立|発足|以来/i,
  ],
  [
    /\b(?:when|(?:in )?(?:what|which) year) (?:was|were) .{2,60}\b(?:built|constructed|erected|launched)\s*\??$|\bwann wurden? .{2,60}(?:gebaut|erbaut|errichtet)(?!\p{L})|建造年|築年|(?:造ら|建て)られ?(?:まし)?た/iu,
    /buil[dt]|construct|erect|launch|complet|made|date[sd]? (?:from|back)|since|new in|opened|put up|gebaut|erbaut|errichtet|baujahr|fertig|stammt|建|造|竣工|築|製/i,
  ],
  [
    /^who (?:made|built|manufactured|designed|constructed)\b|^wer hat .{2,50}(?:gebaut|hergestellt|entworfen)(?!\p{L})|(?:造|作|建て)った(?:の|会社|人)/iu,
    /ma[dk]e|[Mm]anufactur|[Bb]uil[dt]|[Dd]esign|[Cc]onstruct|[Ss]upplie|[Yy]ard|product of|\bby \p{Lu}|[Bb]au|[Hh]erstell|[Ll]iefer|[Ww]erft|entw[oö]rf|von (?:der )?\p{Lu}|造|製|作|建/u,
  ],
  [
    /^who (?:wrote|drew up|prepared|compiled|authored)\b|^wer hat .{2,50}(?:geschrieben|verfasst|erstellt)(?!\p{L})/iu,
    /[Ww]r[io]t|[Aa]uthor|[Pp]repar|[Cc]ompil|draw|drew|drafted|[Ss]igned|edit|[Rr]eport|[Ss]tud|[Ss]urvey|[Ii]nspect|\bby \p{Lu}|[Vv]erfass|erstell|geschrieben|von (?:der )?\p{Lu}/u,
  ],
  [
    /^who (?:owns|bought|sold|audited|audits)\b|^which (?:firm|company) (?:audited|audits)\b|^wem gehör/i,
    /\bown|belong|propert|\bb[uo]y|bought|purchas|acqui|sold|sell|hold|held|audit|examin|check|\(the .?\p{Lu}|gehör|eigen/u,
  ],
  [
    /\b(?:what|which) colou?rs?\b|\b(?:in )?welche[rn]? farben?(?!\p{L})|何色/iu,
    /\b(?:red|blue|green|yellow|white|black|gr[ea]y|orange|brown|purple|violet|pink|silver|gold|rot|blau|grün|gelb|weiß|schwarz|grau|braun|lila|rosa|silbern|golden)(?:e[nmrs]?|ish)?(?!\p{L})|[赤青緑黄白黒灰橙茶紫銀金]色?/iu,
  ],
  [
    /^(?:what|which) (?:is|are|was) (?:the |its )?(?:postal |business |registered |office )?address(?:es)? of\b|^wie (?:lautet|ist) die (?:anschrift|adresse)(?!\p{L})|住所/iu,
    /\b(?:Street|Road|Lane|Square|Quay|Avenue|Row|Terrace|Box)\b|straße|weg(?!\p{L})|platz(?!\p{L})|\b\d{4,5}\s\p{Lu}|@|https?:|[市町村区]/u,
  ],
];

/** True where a text says nothing of what only certain words tell, though that is asked: "founded in", "built by", a colour. */
export function lacksTellingWords(asked: string, text: string): boolean {
  const told = ONLY_TOLD_BY.find(([shape]) => shape.test(asked.trim()))?.[1];
  return told !== undefined && !told.test(text);
}
