import { termSet } from '../search';
import type { Question } from './question';
import type { Language } from '../text';

/** What things are made of. */
export const MATERIAL =
  /(?<!\p{L})(?:(?:stainless |galvani[sz]ed |mild |cast |high-tensile )?steel|(?:cast |wrought )?iron|bronze|brass|copper|alumini?um|zinc|titanium|wood|timber|oak|larch|pine|teak|plywood|bamboo|concrete|stone|granite|brick|slate|glass|glassfibre|fibreglass|plastics?|polyester|polyethylene|polypropylene|polyamide|nylon|pvc|rubber|neoprene|foam|canvas|cotton|linen|leather|wool|hemp|cardboard|ceramics?|porcelain|\p{L}*(?:stahl|guss|holz|beton|gummi|kunststoff|glas|blech)|eisen|bronze|messing|kupfer|eiche|stein|granit|leder|stoff|wolle)(?!\p{L})|鋼|ステンレス|鉄|青銅|真鍮|銅|アルミ|木製?|樫|コンクリート|石|樹脂|プラスチック|ゴム|ガラス|布|革|綿|紙/iu;

/** What something is measured in, told behind its measure: "the margin in millimetres". */
export const IN_UNITS =
  /\b(?:in|as) (?:\w+ ){0,2}?(?:(?:centi|kilo|micro|milli)?(?:lit|met)(?:re|er)s?|inch(?:es)?|feet|points?|pixels?|(?:micro|milli)?seconds?|minutes?|hours?|days?|(?:giga|kilo|mega)?bytes?|(?:kilo)?grams?|tonnes?|per ?cent|degrees?|thousands?|millions?|(?:kilo|milli)?volts?|(?:milli)?amperes?|hertz)\b|(?<!\p{L})in (?:\p{L}+ )?(?:(?:kilo|milli|zenti)?metern?|litern?|sekunden|minuten|stunden|tagen|(?:kilo)?gramm|tonnen|prozent|grad|tausend|millionen|pixeln?|punkten?)(?!\p{L})/iu;

/** What programs are written in. */
export const PROGRAMMED_IN =
  /\b(?:Java\w*|TypeScript|Python|Rust|Go|Ruby|Perl|PHP|SQL|Lisp|Ada|Pascal|Fortran|COBOL|Haskell|Kotlin|Swift|C)(?![\w'])|\bC(?:\+\+|#)/;

/** How the names below a paper are set: with a sign of signature, behind what they stand for, or below the body that they act for. */
export const SIGNED =
  /\/s\/|^\s*(?:By|Signed(?: by)?|Signature|Name)\s?:|\bBy: .*\bName: |^\s*For (?:and on behalf of )?(?:the )?\p{Lu}.{2,60}\p{Lu}[\p{L}’']+\s*$|\bsigned\b|\bsgd\b|(?<!\p{L})gez\.|im Auftrag|署名|記名/u;

/** What a sentence says by its form, without the words that ask for it: the words that ask, those of a group where there is one, and the form. */
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
  // What something is measured in is told by its unit.
  [
    /^(?:in )?(?:what|which) (?<said>units?)\b(?:.*\b(?<does>expressed|given|measured|set|specified|stated|told)\b)?|^in welcher (?<sagt>(?:maß)?einheit)(?!\p{L})(?:.*(?<gilt>angegeben|gemessen))?/iu,
    IN_UNITS,
  ],
  // What a program is written in is told by the language's name.
  [
    /\b(?:what|which) (?:programming |computer )?(?<said>language)\b.*\b(?:coded|implemented|programmed|written)\b|\bwelcher (?<sagt>(?:programmier)?sprache)(?!\p{L}).*(?:geschrieben|programmiert)/iu,
    PROGRAMMED_IN,
  ],
  // By when something is to be paid is told by when it falls due.
  [
    /^(?:(?:by|until) (?:when|what (?:date|day|time))|when|(?:with)?in (?:what|which|how many) \w+|how (?:soon|quickly|long)\b.*?) (?:must|should|shall|do|does|are|is|have|has|can)\b(?!.*\b(?:no|not)\b).*?\b(?<said>pa(?:id|y|yable)|settled?|due)\b(?: (?:the|an?|its|their) [\w ]{3,30})?\s*\?*$|^(?:bis wann|wann|innerhalb welcher frist)(?!.*(?<!\p{L})(?:keine?|nicht)(?!\p{L})).*?(?<sagt>(?:be)?zahlt|zu zahlen|fällig|beglichen|überwiesen)(?!\p{L})|^(?!.*(?:ない|なく)).*(?:いつまでに|何日までに)[^。]*払/iu,
    /(?:\p{L}[\p{L}’'-]* ){0,5}?(?:(?:is|are|falls?|fall|becomes?) (?:payable|due)|(?:is|are|shall be|must be) (?:paid|settled)|payable|pays? [^.;]{3,50}?)\b[^.;]{0,30}?\b(?:within|by|on|before|after|not later than|in advance|in arrears?)\b|(?:\p{L}+ ){0,6}?(?:ist|sind|wird|werden) [^.;]{0,60}?(?:zu (?:zahlen|begleichen|entrichten|überweisen)|fällig|zahlbar)(?!\p{L})|までに[^。]{0,14}(?:支払|払い?込|納付|納め)/iu,
  ],
  // What matures or expires has a day that is called so.
  [
    /^(?:when|on (?:what|which) (?:day|date)) (?:do|does|did|will|is|are|was)\b.*?\b(?<said>matures?|expires?|commences?|completed?|clos(?:es?|ed|ing)|terminates?|deliver(?:y|ed))\b/iu,
    /\b(?:maturity|expiry|expiration|commencement|completion|closing|termination|delivery) date\b/iu,
  ],
  // Who is exempt is told by what something does not hold for.
  [
    /\b(?<said>exempt(?:ed|ion)?s?)\b|^(?:for whom|to whom|to what|for what|who|what) (?:do|does|is|are)\b.*?\b(?<does>not (?:apply|count|hold|bind|covered|subject))\b|^für (?:wen|was) .*?(?<gilt>(?:gilt|gelten) .*?nicht)(?!\p{L})|(?<sagt>ausgenommen|befreit)/iu,
    /\b(?:(?:is|are|remains?|stay) (?:outside|exempt|excluded|excepted|not (?:subject|covered|bound))|(?:does|do|shall) not (?:apply|extend)|(?:other than|except(?: for)?|apart from|with the exception of)\b|need not\b|no (?:fee|charge|due|permit|licence)\b)|(?<!\p{L})(?:gilt|gelten) nicht|ausgenommen|befreit|außer(?!\p{L})|mit Ausnahme/iu,
  ],
  // Who becomes the owner is told by what passes.
  [
    /\b(?:when|at what point|what (?:time|moment))\b.*\b(?<said>becomes? the (?:owner|property)|own(?:s|ership)?|title)\b|^wann .*(?<sagt>eigent[uü]m\p{L}*)/iu,
    /\b(?:title|ownership|property)\b[^.;]{0,40}\b(?:pass(?:es)?|transfers?|vests?|remains?)\b|eigentum[^.;]{0,50}(?:geht|über|vorbehalt)/iu,
  ],
  // After what time nothing can be claimed is told by what becomes barred.
  [
    /\b(?<said>claims?\b.*\b(?:brought|raised|made|lodged|asserted))\b.*\b(?:any ?more|no longer)\b|\b(?:after (?:what|which) (?:time|period)|how long|until when|by when)\b.*\b(?<does>claims?\b.*\b(?:brought|raised|made|lodged|asserted)|no claims?\b.*)|\bwie lange\b.*(?<sagt>geltend|einklag\p{L}+|reklamier\p{L}+)/iu,
    /\b(?:barred|lapses?|prescribed|limitation period|extinguished)\b|verjähr|erlischt|ausgeschlossen/iu,
  ],
  // How many people someone employs is told by staff of a number.
  [
    /\bhow many (?<said>(?:people|persons|staff|employees|workers)\b.*?\b(?:employ(?:s|ed)?|work(?:s|ed|ing)? (?:for|at|there|here)|on the payroll|employed))\b|\b(?:wie viele) (?<sagt>(?:mitarbeiter|leute|personen|menschen|angestellte)\p{L}*.*?(?:beschäftigt|arbeiten|angestellt)\p{L}*)/iu,
    /\b\d[\d,.]* (?:\p{L}+ ){0,2}?(?:staff|employees|workers|men and women)\b|\b(?:staff|workforce|headcount|employees|payroll)\b[^.;]{0,30}?\b(?:of|numbered|was|were|totalled|came to|stood at|rose to|fell to) \d|\b(?:employ(?:s|ed)?)\b[^.;]{0,20}?\d|\d[\d.]* (?:\p{L}+ ){0,2}?(?:Mitarbeiter|Beschäftigte|Angestellte)|beschäftig\p{L}*[^.;]{0,30}?\d/u,
  ],
  // When something was built is told by when it dates from.
  [
    /^(?:when|(?:in )?(?:what|which) year) (?:was|were) .*?(?<said>built|constructed|erected|made)\s*\?*$|^wann wurden? .*?(?<sagt>gebaut|erbaut|errichtet)\s*\?*$/iu,
    /\bdat(?:es?|ing) (?:from|back to)\b|\b(?:built|constructed|erected|completed|put up) in\b|(?<!\p{L})stammt aus|erbaut|errichtet/iu,
  ],
  // Work given to others is subcontracted.
  [
    /\b(?<said>(?:pass(?:ed)?|hand(?:ed)?|give(?:n)?|transfer(?:red)?|entrust(?:ed)?|leave|left)(?: on| over)?\b.*\bto (?:an)?other(?:s| firms?| compan(?:y|ies)| contractors?| business(?:es)?))\b|\b(?<does>(?:other|another|outside) (?:firms?|compan(?:y|ies)|contractors?)\b.*\b(?:do|used?|hired?|brought in|carry out))\b|(?<sagt>subunternehmer\p{L}*|(?:andere|fremde|weitere)n? (?:firmen|betriebe|unternehmen)\b.*?(?:einsetzen|beauftragen|heranziehen))|(?<gilt>(?:他|別)の(?:会社|業者)に.*(?:任せ|頼|委託|させ))/iu,
    /\bsub-?contract|\bsub-?let|unterauftr|subunternehm|nachunternehm|untervergeb|dritte(?:n)? (?:übertragen|überlassen|vergeben)|再委託|下請|第三者に/iu,
  ],
  // What has to be paid for damage at most is told by how far somebody is liable.
  [
    /\b(?:the most|at most|maximum|limit|cap|ceiling|up to (?:what|which|how))\b.*?\b(?<said>(?:(?:has|have|having) to |must |would have to )?pay for (?:any |the )?(?:damages?|loss(?:es)?)|liab(?:le|ility)|damages?|compensation)\b|\bbis zu .*?(?<sagt>haftet|haften|haftung)/iu,
    /\b(?:liab(?:le|ility)|answerable)\b[^.;]{0,90}?\b(?:limited to|exceed|capped|not more than|up to|no more than)\b|haft\p{L}+[^.;]{0,90}?(?:beschränkt|begrenzt|höchstens|bis zu)/iu,
  ],
  // What an insured bears himself is told by what of each loss he bears first.
  [
    /\b(?<said>excess|deductible|retention)\b|(?<sagt>selbst(?:behalt|beteiligung))|(?<gilt>免責(?:金額|額)?)/iu,
    /\bbears? (?:himself |itself |themselves )?the first\b|\bthe first \d[\d,.]* [^.;]{0,24}?\bof (?:any|each|every)\b|(?<!\p{L})(?:trägt|tragen|übernimmt)[^.;]{0,30}? ersten \d|(?:自己|被保険者(?:が|の))負担/iu,
  ],
  // Money back is a refund.
  [
    /\b(?<said>(?:gets?|have|has|receives?|given)\b.{0,30}?\bmoney back)\b|(?<sagt>(?:bekommt|bekomme|bekommen|kriegt|erhält|erhalten)(?!\p{L}).*?\bgeld (?:wieder )?zurück)|(?<gilt>(?:お金|料金|代金)は?.{0,4}(?:戻|返))/iu,
    /\brefund|\breimburs|\b(?:given|paid) back\b|\breturned\b|erstatte|zurückgezahlt|返還|返金|払い戻/iu,
  ],
  // Who pays nothing is told by what is free or who is exempt.
  [
    /^(?:who|which (?:people|persons|vessels|ships|boats)) (?<said>(?:pays? nothing|need not pay|(?:does|do) not (?:have to )?pay|travels? (?:for )?free|(?:is|are) free))\b|^wer (?<sagt>(?:muss|zahlt|bezahlt) (?:nichts|keine \p{L}+)(?: (?:be)?zahlen)?)(?!\p{L})/iu,
    /\b(?:exempt|free of charge|free\b|pays? nothing|no (?:fee|charge|dues))\b|befreit|frei(?:e[nr]?)? (?:eintritt|von)|kostenlos|unentgeltlich|gebührenfrei/iu,
  ],
  // When somebody can be reached is told by hours.
  [
    /^when (?:can|may|could|is|are) .*?\b(?<said>reached|called|phoned|available|contacted)\b|^wann (?:kann|ist|sind) .*?(?<sagt>erreich\p{L}+)/iu,
    /\b(?:from|between) (?:\d|six|seven|eight|nine|ten|noon)[^.;]{0,20}? (?:to|and) [^.;]{1,24}?(?:o['’]clock|[ap]\.?m|morning|evening|noon|night)|round the clock|at all hours|von \d{1,2}(?:[.:]\d{2})? (?:Uhr )?bis/iu,
  ],
  // Money in the bank is cash.
  [
    /\b(?<said>(?:money|cash) .*\b(?:in|at) (?:the )?bank)\b|\bhow much (?:money|cash)\b.*?\b(?<does>(?:holds?|held|have|had|on hand|in hand|left|available))\b/i,
    /^(?:cash|bank balances?)\b|\bcash (?:at bank|and cash equivalents|balances?)\b/iu,
  ],
  // Where a company is based is told by its registered office.
  [
    /^where (?:is|are) .*?\b(?<said>based|domiciled|registered|located)\b|^wo .*?(?<sagt>ihren sitz|seinen sitz|ansässig)/iu,
    /\b(?:registered|head|principal) office\b|\bdomicil|\bseat\b|\boffices? (?:is|are) (?:at|in)\b|(?<!\p{L})(?:mit )?Sitz (?:in|ist)|geschäftsansässig/iu,
  ],
  // Who pays is told by who supplies or bears it.
  [
    /^who (?:has to |must |is to )?(?<said>(?:pays?|covers?|bears?|meets?|settles?) (?:the (?:costs?|bills?|expenses?|price) (?:of|for) |for )?|is charged for )|^at whose (?<does>expense|cost)\b|^wer (?<sagt>(?:be)?zahlt(?: für)?|trägt (?:die )?kosten|übernimmt (?:die )?kosten)(?!\p{L})|^wer trägt die \p{L}+(?<gilt>kosten)(?!\p{L})/iu,
    /\b(?:supplied|provided|furnished|borne|paid|met|settled) by (?:the )?\p{Lu}|\b(?:charged to|falls? on|(?:is|are) for) the \p{Lu}|\bfor (?:the )?\p{Lu}[\p{L}’']+ account\b|\b(?:pays?|settles?) (?:for )?|\bat the (?:cost|expense) of\b|\b(?:bears?|borne|carries|meets) .{0,30}\b(?:costs?|expenses?|charges?)\b|\bat (?:its|his|her|their) (?:own )?(?:cost|expense)\b|\bauf Kosten (?:de[rs]|von)(?!\p{L})|zu Lasten de[rs](?!\p{L})|(?<!\p{L})(?:be)?zahlt (?:der|die|das)(?!\p{L})|(?<!\p{L})(?:stellt|trägt|übernimmt) (?:der|die|das)(?!\p{L})|(?<!\p{L})(?:trägt|übernimmt) (?:\p{L}+ )?(?:die )?\p{L}*[Kk]osten/u,
  ],
  // Who keeps a thing in order is told by who repairs it.
  [
    /^(?:who|whose (?:job|task|duty) is it to) (?:has to |must |is responsible for |should )?(?<said>repair(?:s|ing)?|maintain(?:s|ing)?|looks? after|fix(?:es)?|mends?|keeps?\b.*\bin (?:order|repair)|sees? to)\b/i,
    /\brepair|\bmaint(?:ain|enance)|\bupkeep\b|\b(?:keeps?|kept)\b.*\b(?:repair|order)\b|\bsees to\b|\blooks after\b|\bresponsible for\b/i,
  ],
  // Who wrote it is told by whom it was made by.
  [
    /^(?:who|which (?:firm|company|body)) (?<said>wrote|prepared|compiled|drew up|drafted|carried out|conducted|undertook|performed)(?: (?:the|this) (?:study|report|survey|inspection|analysis|review|assessment|investigation))?\b/i,
    /\b(?:made|prepared|compiled|written|drawn up|drafted|carried out|undertaken)\b.{0,50} by (?:the )?\p{Lu}|\p{Lu}[\p{L}]+ (?:was|were) (?:asked|engaged|commissioned|instructed) (?:by|to)\b|\b(?:asked|engaged|commissioned|instructed|appointed) \p{Lu}[^.;]{2,60}\bto\b/u,
  ],
  // Who signed is told by the names below, with a sign before or an office behind them.
  [
    /^(?:who|which (?:person|officer|official)) (?<said>signed|has signed|executed|put (?:his|her|their) names? to)\b|^wer (?:hat )?.*?(?<sagt>unterschrieben|unterzeichnet\w*|gezeichnet)|(?<gilt>署名者|署名したのは)/iu,
    SIGNED,
  ],
  // Who came into an office is told by whom it was given to.
  [
    /^who (?<said>became|took over|was (?:appointed|elected|chosen|named))\b/i,
    /\b(?:succeed(?:s|ed)|appoint(?:s|ed)|elect(?:s|ed)|took office|took over|takes? over|replaced|followed|became)\b/i,
  ],
  // Who leads something is told by who came to.
  [
    /^who (?:(?:now|today|currently) )?(?<said>(?:heads?|leads?|chairs?|presides over)(?: the (?:board|committee|council|company))?|(?:runs?|manages?) the (?:company|firm|group|business|yard|port|harbour)|is (?:now )?(?:the )?(?:in the )?chair\w*)\b/i,
    /\b(?:succeed(?:s|ed)|chair(?:man|woman|person|ed|s)?|headed by|led by|presid\w+|managing director|chief executive)\b/i,
  ],
  // Who comes first is told by who is preferred.
  [/^who\b.*\b(?<said>first|priority|precedence)\b/i, /\b(?:preferred|preference|priority|precedence|first)\b/i],
  // What something is named is told by a name.
  [
    /^how (?:is|are|was|were) .{2,60}?(?<said>(?:(?:usually|normally|commonly) )?(?:named|called))\s*\?*$|^wie (?:wird|werden) .*?(?<sagt>(?:(?:üblicherweise|normalerweise|gewöhnlich) )?(?:genannt|bezeichnet|benannt))\s*\?*$/iu,
    /\b(?:named?s?|called|known as|titled|labelled)\b|(?<!\p{L})(?:genannt|heißt|heißen|benannt|bezeichnet|Namen?s?|Bezeichnung(?:en)?)(?!\p{L})/iu,
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

/** Words that name an agreement, whichever it is, and how long or soon something is. */
const OF_ANY =
  'contract agreement lease licence policy charter concession long soon much many often quickly early far high large time period';

/** The terms of a question that its matter is asked by. */
function ownTerms(asked: string, words: string, language: Language): ReadonlySet<string> {
  const known = termSet(`${words} ${OF_ANY}`, language);
  return new Set([...termSet(asked, language)].filter((term) => known.has(term)));
}

/** The form that says what a question asks; null where its words ask for nothing of the kind. `language` is that of the documents. */
export function toldByForm(
  { text: asked, matter }: Pick<Question, 'text' | 'matter'>,
  language: Language,
): FormTold | null {
  if (matter !== null) return { form: matter.told, terms: ownTerms(asked, matter.words, language) };
  for (const [shape, form] of TOLD_BY_FORM) {
    const found = shape.exec(asked.trim());
    const said = Object.values(found?.groups ?? {}).filter((one) => one !== undefined);
    const words = said.length > 0 ? said.join(' ') : found?.[0];
    if (words !== undefined) return { form, terms: termSet(words, language) };
  }
  return null;
}
