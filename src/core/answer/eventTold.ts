/**
 * What is asked of how a thing came about, and whose it is, each with the words of which a sentence that answers holds one: a date or a name by itself may be of
 * anything.
 */
const EVENTS: readonly (readonly [asked: RegExp, told: RegExp])[] = [
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
];

/** True where a text says nothing of how what is asked came about, though that is asked: "founded in", "built by", "owned by". */
export function lacksEvent(asked: string, text: string): boolean {
  const told = EVENTS.find(([shape]) => shape.test(asked.trim()))?.[1];
  return told !== undefined && !told.test(text);
}
