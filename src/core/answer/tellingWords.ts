import { IN_UNITS, MATERIAL, PROGRAMMED_IN, SIGNED } from './toldByForm';

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
    /^who (?:makes?|made|builds?|built|manufactures?|manufactured|designed|constructed)\b|^wer hat .{2,50}(?:gebaut|hergestellt|entworfen)(?!\p{L})|(?:造|作|建て)った(?:の|会社|人)/iu,
    /\b(?:made|[Mm]akers?)\b|\p{Lu}[\p{L}&’'-]+ (?:plc|Ltd|Limited|Inc|LLC|GmbH|AG|[\p{Lu}&][\p{L}’'-]*)(?: of \p{Lu}\p{L}+)? makes?\b|[Mm]anufactur|[Bb]uil[dt]|[Dd]esign|[Cc]onstruct|[Ss]upplie|[Yy]ard|product of|\bby \p{Lu}|[Bb]au|[Hh]erstell|[Ll]iefer|[Ww]erft|entw[oö]rf|von (?:der )?\p{Lu}|造|製|作|建/u,
  ],
  [
    /^who (?:wrote|drew up|prepared|compiled|authored)\b|^wer hat .{2,50}(?:geschrieben|verfasst|erstellt)(?!\p{L})/iu,
    /[Ww]r[io]t|[Aa]uthor|[Pp]repar|[Cc]ompil|draw|drew|drafted|[Ss]igned|edit|[Rr]eport|[Ss]tud|[Ss]urvey|[Ii]nspect|\bby \p{Lu}|[Vv]erfass|erstell|geschrieben|von (?:der )?\p{Lu}/u,
  ],
  [/^who (?:supplies|supplied|delivers|delivered)\b|^wer (?:liefert|lieferte)(?!\p{L})/iu, /suppl|deliver|provid|\bs[eo]l[ld]|furnish|liefer|stell/i], // prettier-ignore
  [
    /^who won\b|^wer (?:gewann|hat .{2,50}gewonnen)(?!\p{L})/iu,
    /\bw[io]n|victor|\bbeat|first|prize|champion|gew[ao]nn|sieg|erste/i,
  ],
  [/^who signed\b|^wer hat .{2,50}unterschrieben(?!\p{L})/iu, new RegExp(`[Ss]ign|behalf|unterzeichn|unterschr|im Namen|${SIGNED.source}`, 'u')], // prettier-ignore
  [
    /^who (?:owns|bought|sold)\b|^wem gehör/i,
    /\b[Oo]wn|[Bb]elong|[Pp]ropert|\bb[uo]y|bought|purchas|acqui|sold|sell|shareholder|\bheld by\b|holds? (?:all|the shares|\d)|\bstays? its\b|\(the .?(?:Seller|Buyer|Purchaser|Owner)|[Gg]ehör|[Ee]igen/,
  ],
  [
    /^who (?:audited|audits)\b|^which (?:firm|company) (?:audited|audits)\b/i,
    /audit|examin|check|accountant|true and fair|prüf/i,
  ],
  [
    /^where (?:is|are|was|were) .{2,50}\b(?:made|built|manufactured|produced)\s*\?*$|^wo (?:wird|werden|wurden?) .{2,50}(?:gebaut|hergestellt|gefertigt)(?!\p{L})/iu,
    /ma[dk]e|manufactur|buil[dt]|produc|assembl|factory|works|yard|from|origin|bau|herstell|fertig|werk|werft|stamm/i,
  ],
  [
    /\b(?:what|which) colou?rs?\b|\bcolou?r of\b|\b(?:in )?welche[rn]? farben?(?!\p{L})|何色/iu,
    /\b(?:red|blue|green|yellow|white|black|gr[ea]y|orange|brown|purple|violet|pink|silver|gold|rot|blau|grün|gelb|weiß|schwarz|grau|braun|lila|rosa|silbern|golden)(?:e[nmrs]?|ish)?(?!\p{L})|[赤青緑黄白黒灰橙茶紫銀金]色?/iu,
  ],
  [
    /^how many .{2,40}\b(?:does|do|did) .{2,40} own\s*\?*$/i,
    /\bown|belong|\bha[sd]\b|\bhave\b|fleet|keep|kept|possess|inventory/i,
  ],
  [
    /^how deep (?:is|are|was|were|will|must|may|can|should)\b|^wie tief (?:ist|sind|war|waren)(?!\p{L})/iu,
    /deep|depth|draught|draft|dredg|water|sound|bottom|below|tief|wasser|grund/i,
  ],
  [
    /^how wide (?:is|are|was|were)\b|^wie breit (?:ist|sind|war|waren)(?!\p{L})/iu,
    /wide|width|beam|bread|broad|across|between|diameter|\bby\b|×| x |breit|durchmesser/i,
  ],
  [
    /^how (?:accurate|exact|precise)\b|^wie genau (?:ist|sind|war|waren)(?!\p{L})/iu,
    /accura|error|exact|precis|toleran|±|uncertain|deviat|within|genau|fehler|abweich/i,
  ],
  // What a thing weighs is not what it lifts or makes.
  [
    /^how heavy (?:is|are|was|were)\b|^what (?:does|do|did) .{2,40} weigh\s*\??$|\bweight of\b|^wie schwer (?:ist|sind|war|waren)(?!\p{L})|重さ|重量/iu,
    /weigh|heav|\bmass\b|displac|\bof \d[\d,.]* (?:kilograms?|tonnes?)\b|wieg|gewicht|schwer|masse|重|積/i,
  ],
  // Nor is its age that of who may use it.
  [
    /^how old (?:is|are|was|were) (?:the|its|this)\b|^wie alt (?:ist|sind|war|waren) (?:der|die|das)(?!\p{L})/iu,
    /^(?!.*\b(?:somebody|someone|anyone|anybody|persons?|people|who(?:ever)?)\b.*\byears old\b).*(?:\bold\b|\bage|\bbuil[dt]|since|year|\bmade\b|\bnew\b|dat(?:es?|ing) |\bborn\b|baujahr|\balt\b|alter|jahre?\b|gebaut|stammt|(?:19|20)\d\d)/isu,
  ],
  [
    /^(?:what|how much) (?:does|do|did|is|are|was) (?:the |an? |its )?[\w' -]{3,40} (?:earn|get paid|paid)\s*\??$/i,
    /\bearn|\bwages?\b|salar|remunerat|\breceiv|\bgets?\b|\b(?:is|are|was|were) paid\b|\bpaid (?:by|at|\d)|\bpay (?:of|is|for|rise)\b|\b(?:an?|per) (?:hour|month|year)\b|stipend|\bfee\b/i,
  ],
  [/^how tall (?:is|are|was|were)\b/i, /tall|high|height|above|elevat|rise|reach|stand/i],
  [
    /^(?:what|which) (?:is|are|was) (?:the |its )?(?:postal |business |registered |office )?address(?:es)? of\b|^wie (?:lautet|ist) die (?:anschrift|adresse)(?!\p{L})|住所/iu,
    /\b(?:Street|Road|Lane|Square|Quay|Avenue|Row|Terrace|Box)\b|straße|weg(?!\p{L})|platz(?!\p{L})|\b\d{4,5}\s\p{Lu}|@|https?:|[市町村区]/u,
  ],
];

/** Asks what is forbidden, and what tells that something is. */
const FORBIDDEN: readonly [asked: RegExp, told: RegExp] = [
  /^(?:what|which)\b(?!.*\b(?:have|has|need) (?:not )?to\b).*\b(?:must not|may not|must never|may never|cannot|forbidden|prohibited|banned|not (?:be )?(?:allowed|permitted))\b/i,
  /\b(?:not|no|never|none|neither|nor|nothing|nobody|prohibit\w*|forbid\w*|forbidden|ban(?:s|ned)?|exclud\w*|except|barred|without|unless|illegal|unlawful)\b|n['’]t\b/i,
];

/** All that only certain words tell, which of several things it is among it, told by a name, a number or a mark. */
const TOLD: readonly (readonly [asked: RegExp, told: RegExp])[] = [
  ...ONLY_TOLD_BY,
  FORBIDDEN,
  [
    /^(?:on|over|by) (?:what|which) (?:\w+ )?(?:channel|frequency)\b|^auf welche[rm] (?:kanal|frequenz)(?!\p{L})/iu,
    /\b(?:channels?|ch\.?|frequenc(?:y|ies)|kan[aä]le?n?|frequenz(?:en)?|vhf|ukw)(?!\p{L}).*\d|\d(?:[.,]\d+)? ?[km]hz/iu,
  ],
  [
    /^(?:what|which) version of \p{Lu}|^(?:what|which) (?:version|edition|release) (?:is|was|of)\b/u,
    /\d|\b(?:first|second|third|fourth|latest|current|newest)\b/i,
  ],
  [
    /\b(?:what|which) (?:programming language\b|language\b.*\b(?:coded|implemented|programmed|written)\b)|\bwelcher (?:programmiersprache|sprache.*(?:geschrieben|programmiert))(?!\p{L})/iu,
    PROGRAMMED_IN,
  ],
  [
    /\b(?:what|which) operating systems?\b|\bwelche[sn]? betriebssysteme?(?!\p{L})/iu,
    /windows|linux|mac ?os|android|\bios\b|unix|bsd|operating system|betriebssystem/i,
  ],
  [
    /\b(?:what|which)(?: (?:is|was) (?:the|its))? (?:credit )?rating\b/i,
    /\brat(?:ed|ing)\b|\b(?:A{1,3}|B{1,3}|C{1,3})[+-]?(?![\p{L}.])/u,
  ],
  [
    /^(?:what|which|whose) (?:\w+['’]s )?law (?:governs|applies|is applied)|^welches recht (?:gilt|wird angewendet)/i,
    /\bgovern(?:s|ed|ing)\b.*\blaws?\b|\blaws?\b.*\bgovern(?:s|ing)\b|\blaws? of (?:the )?\p{Lu}|\p{Lu}\p{Ll}+ law\b|\blaws? (?:in force )?(?:at|in) \p{Lu}|[Rr]echt (?:de[rs]|von|am (?:Ort|Sitz))|\p{L}+sche[snm] Recht|unterlieg/u,
  ],
  // A language that people speak.
  [
    /^(?:in )?(?:what|which) language (?!.*\b(?:coded|implemented|programmed|written)\b)|^(?:in )?welche[rs]? sprache(?!\p{L})(?!.*(?:geschrieben|programmiert))/iu,
    /\b(?:English|German|French|Norwegian|Danish|Swedish|Finnish|Dutch|Spanish|Italian|Portuguese|Russian|Polish|Japanese|Chinese|Latin)\b|languages?\b|(?<!\p{L})(?:deutsch|englisch|französisch|norwegisch|dänisch|schwedisch|spanisch|japanisch)|sprache|語/iu,
  ],
  [/\bmarket share\b|marktanteil|シェア|市場占有率/i, /market|markt|シェア|市場/i],
  [
    /^(?:in |before |to )?which court\b|^(?:vor )?welche[sm]? gericht(?!\p{L})|どの裁判所/iu,
    /court|tribunal|gericht|裁判所/i,
  ],
  [/\bhow many days of (?:leave|holiday|vacation)\b|\bhow much (?:leave|holiday|vacation)\b|urlaubstage/i, /leave|holiday|vacation|time off|urlaub|\boff\b|frei/i], // prettier-ignore
  [
    /\bmade (?:out )?of\s*\??$|\b(?:of|from) (?:what|which) materials?\b|\baus welchem material\b|\bworaus (?:besteht|ist|sind)(?!\p{L})/iu,
    MATERIAL,
  ],
  // Where something is.
  [
    /^wo (?:ist|sind|liegt|liegen|befinde[nt]|steht|stehen)\b.*\?*$|所在地|(?:は|が)どこにあ/i,
    /(?<!\p{L})(?:in|im|am|an|auf|bei|neben|hinter|vor|unter|über|zwischen|zum?r?|nach|aus|nördlich|südlich|östlich|westlich)(?!\p{L})|所在|[市区町村丁番]|に(?:あ|置|所在|位置|設|保管)/iu,
  ],
  [/^(?:to|at) (?:what|which) address\b/i, /@|https?:|\b(?:street|road|lane|square|quay|box|avenue|office|address)\b|\b\d{4,5}\b/i], // prettier-ignore
  [
    /^in (?:what|which) units?\b|^(?:what|which) units? (?:is|are|was|were|do|does|must|should) .*\bin\s*\?*$|^in welcher (?:maß)?einheit(?!\p{L})/iu,
    IN_UNITS,
  ],
  [/^on (?:what|which) (?:stock )?exchanges?\b/i, /exchange|list|quot|admitted|traded|market/i],
  [
    /^in (?:what|which) (?:city|town|country|village)\b/i,
    /\S\s(?:in|at|of|from|to|near|for|within|outside)\s(?:the\s)?\p{Lu}\p{Ll}|,\s\p{Lu}\p{Ll}+[.,]?$/u,
  ],
];

/** Asks which of several places or things, by a word for it: "in which town". */
const WHICH_OF =
  /^(?:in|at|on|to|from|under|by|into) (?:what|which) (?!(?:month|day|week|year|hour|time|case)s?\b)(?<thing>[a-z]{3,})\b/i;

/** True where a text says only that it is another of what is asked for: "the copies lie in another town". */
function leavesOpen(asked: string, text: string): boolean {
  const thing = WHICH_OF.exec(asked.trim())?.groups?.['thing'];
  return thing !== undefined && new RegExp(String.raw`\b(?:an?other|some|any|other) ${thing}`, 'i').test(text);
}

/** What alone tells what a question asks, a colour, an address, "founded in"; undefined where any words may. */
export function tellingWordsFor(asked: string): RegExp | undefined {
  return TOLD.find(([shape]) => shape.test(asked.trim()))?.[1];
}

/** True where a text says nothing of what only certain words tell, though that is asked: "founded in", "built by", a colour. */
export function lacksTellingWords(asked: string, text: string): boolean {
  const told = tellingWordsFor(asked);
  // The number of a clause tells nothing.
  const said = text.replace(/^\s*\(?(?:\d+(?:\.\d+)*|[a-z])[.)]?\s/, '');
  return (told !== undefined && !told.test(said)) || leavesOpen(asked, text);
}
