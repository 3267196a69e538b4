import { tokenize, type Language } from '../text';
import { termDefined } from './defined';
import {
  equivalentsOf,
  isStopword,
  phrasesIn,
  separableVerbs,
  termSet,
  termsOf,
  valueTerms,
  type Equivalent,
  type Neighbours,
  type QueryTerm,
} from '../search';
import { reachedAt } from './reachedAt';
import type { AnswerKind } from './types';

export interface Question {
  readonly text: string;
  readonly kind: AnswerKind;
  readonly terms: readonly QueryTerm[];
  /** Those of the terms that are its subject rather than its scaffolding; all of them when there is nothing else. */
  readonly subject: readonly QueryTerm[];
  /** The words searched for, as typed. */
  readonly words: readonly string[];
  /** All words that are no mere function words, in the form asked. */
  readonly forms: readonly string[];
  /** Words set in quotation marks, to be found together. */
  readonly phrases: readonly string[];
  /** Years, dates and numbers of the question: an answer that lacks them is of another period. */
  readonly values: readonly string[];
  /** Those of the values that are years or dates, as search terms. */
  readonly periods: readonly string[];
  /** Those of the subject that say which of a thing's properties is asked: "telephone" of "the telephone number of the Harbour Master"; none when its shape does not tell. */
  readonly focus: readonly string[];
  /** Every word of the question, folded. */
  readonly spoken: ReadonlySet<string>;
}

/** Asks for times of the day, "11 p.m.", rather than for a date. */
export const ASKS_TIME =
  /\b(?:(?:at|by|until|till|from|since) (?:what|which) (?:times?|hours?)(?: of (?:the )?day)?|(?:between|during|outside|in|within) (?:what|which) (?:hours|times)|what (?:are the )?(?:[\w-]+ )?hours|what time|um wie ?viel uhr|zwischen welchen (?:uhr)?zeiten|zu welche[nr] (?:uhr)?zeit(?:en)?)\b|何時(?!間)/i;

/** Verbs behind "was" that make it the German word for "what". */
const GERMAN_VERB =
  'tun|machen|ist|sind|war|waren|wird|werden|muss|müssen|darf|dürfen|kann|können|soll|sollte|gilt|gelten|passiert|geschieht|versteht|meint|kostet|kosten|macht|tut|braucht|benötigt|steht|zählt|gehört|fällt|regelt|besagt|sagt|enthält|umfasst|zeigt|bewirkt|verlangt|droht|hat|haben|gibt|geht|folgt|bekommt|erhält|empfiehlt|man';
const YES_NO = new RegExp(
  String.raw`^(?:(?:is|are|was(?!\s(?:${GERMAN_VERB})\b)|were|does|do|did|may|can|could|must|shall|should|has|have|had|will|would|darf|kann|muss|ist|sind)\b|(?:war|waren|dürfen|können|müssen|soll|sollte|hat|haben|gibt|gilt|gelten|wird|werden|braucht|kostet|besteht|gehört|benötigt)\s)`,
  'i',
);

/** Kinds by the way a question is put, first match wins (a small taxonomy in the manner of Li and Roth 2002). */
const KINDS: readonly (readonly [RegExp, AnswerKind])[] = [
  [
    /^what (?:is|are) the (?:purpose|role|function|aim|meaning)s? of\b|^what (?:is|are) .{1,60} (?:used )?for\s*\?*$|^what (?:does|do) .{1,60} do\s*\?*$/i,
    'definition',
  ],
  [
    /^(?:please )?(?:list|name|enumerate|give all|which are all)\b|\bwhat are (?:all )?the\b.*\b(?:types|kinds|items|requirements|conditions|grounds|steps|categories|events|documents|options|reasons|ways|levels|values|fields)\b/i,
    'list',
  ],
  [
    /\bhow much (?:[\w-]+ ){0,2}?(?:notice|warning|time)\b|^(?:after|for) (?:what|which) (?:length of )?time\b|\bhow (?:far|long) (?:in advance|ahead|before|beforehand)\b|\bhow (?:early|late) (?:is|are|was|were|must|should|shall|does|do|did)\b/i,
    'duration',
  ],
  [
    /^when (?:do|does|did|is|are|was|were) .{2,60} (?:count|qualify|regarded|treated|considered|deemed|held)\b/i,
    'passage',
  ],
  [
    /\b(?:what percentage|what per cent|what proportion|what share of|what (?:is|was) (?:the |its |their )?market share|how many per ?cent|at what rate|what (?:interest )?rate|what (?:is|was|are|were) (?:the |its |their )?(?:[\w-]+ )?(?:(?:interest|tax|growth|vacancy|discount|inflation) rates?|rates? of (?:interest|tax|return|growth|inflation)))\b/i,
    'percentage',
  ],
  [
    /\b(?:how much|what (?:is|was|were|are|did|does) (?:[\w'’]+ ){0,7}?(?:amount|price|cost|fee|fares?|sum|revenue|income|profit|loss|penalt(?:y|ies)|fine|salary|charge|rent|deposit|payment|bonus|contribution|levy|tax|wages?|expenses?|expenditure|budget|compensation|balance|worth|value of|total|dividend|remuneration|cap|threshold|bond|debt|assets|cash flow|premium|discount|rebate|surcharge|supplement|allowance|refund|excess|turnover|sales|earnings|takings|proceeds)\b|what (?:amount|sum|price|fee|penalty|fine|dividend|deposit|rent|fare|charge|salary|compensation|reduction|discount|rebate|bonus|surcharge|supplement|refund)\b|what (?:must|does|do|did|shall|will|would|should) .*\b(?:pay|paid|cost|charged?|owed?|receive|earn|spend)\b|how (?:large|big|high|great|small) (?:is|are|was|were|must|may|can) (?:[\w-]+ ){0,4}?(?:amount|price|cost|fee|sum|penalt(?:y|ies)|fine|salary|rent|deposit|payment|bonus|levy|tax|budget|dividend|bond|debt|loan|premium|security)s?\b|^what\b.*\b(?:is|was|are|were) (?:charged|payable|owed|due|paid|refunded|repaid|reimbursed|deducted|withheld|credited)\b|^what (?:does|do|did|will|would) .{2,60} (?:come|amount|run|add up) to\b|^what (?:is|was) the (?:most|least|highest|lowest|largest|smallest|maximum|minimum)\b.* (?:pay|paid|cost|owe|owed|charge|charged|receive|earn)\b|wie ?viel\b|wie hoch|wie teuer|was koste(?:te)?n?|was kostet|was ha(?:t|ben) .{2,60} gekostet|was ist .{2,40} zu (?:zahlen|bezahlen|entrichten))/i,
    'amount',
  ],
  [
    /\bhow long (?:is|are|was|must|may|can|should)\b[^?]*\b(?:name|line|string|text|word|summary|synopsis|password|vessel|ship|boat|berth|quay|pier|bridge|cable|rope|hull|table|list|field)s?\b(?!.{0,30}\b(?:closed|open|valid|kept|held|allowed|take|last|laid up|out of service)\b)/i,
    'number',
  ],
  [
    /\b(?:how long|how often|how frequently|at what intervals?|how soon|how quickly|how fast (?:must|does|do|should|will|shall|is|are) .*\b(?:answer|respond|react|report|repair|restor|deliver|pay|paid|process|resolv|fix|repl)\w*|what (?:notice|period|term|duration|time limit)|what (?:is|was|are) (?:the |its |their )?(?:[\w-]+ ){0,3}(?:period|duration|time limit|interval|lifetime)|within (?:what|which|how many)|(?:for|after) how many (?:days|months|years)|how many (?:days|weeks|months|years|hours|minutes)|wie lange|wie oft|wie häufig)\b/i,
    'duration',
  ],
  [
    /\b(?:how many|how (?:large|big|high|deep|wide|old|fast|far|heavy|tall|thick|thin|loud|noisy|hot|cold|warm|strong|steep|powerful|small|accurate)|(?:at|above|below|beyond|up to|from) (?:what|which) (?:[\w-]+ )?(?:level|height|depth|speed|temperature|pressure|weight|size|length|distance|voltage|load)|what (?:[\w-]+ )?(?:temperature|pressure|speed|voltage|pull|force|load|draught|depth|height|width|weight|capacity)|what (?:is|was|are|were) (?:the |its )?(?:[\w-]+ )?(?:speed|temperature|pressure|voltage|weight|height|width|depth|length|draught|capacity|area|wear|consumption|output|diameter|thickness|displacement|tonnage|wingspan|flow|frequency)\b|what (?:is|was|are) the (?:[\w-]+ )?age\b|what (?:number|is the (?:maximum|minimum|largest|smallest|default|limit|size|length|number))|wie viele|wie (?:groß|schwer|tief|breit|weit|dick|dünn|alt|warm|kalt|heiß|schnell|stark|laut)|welche[rmns]? (?:last|leistung|temperatur|geschwindigkeit|größe|fläche|länge|breite|höhe|tiefe|kapazität|drehzahl|spannung)|(?:ab|bis|bis zu|unter|über|bei) welche[rmn]? \p{L}*(?:höhe|tiefe|weite|breite|länge|geschwindigkeit|temperatur|gewicht|stärke|größe|alter))(?!\p{L})/iu,
    'number',
  ],
  [ASKS_TIME, 'date'],
  [
    /\b(?:when|(?:what|which) (?:date|day|year|month)|by what date|on which (?:date|day)|since when|until when|wann|(?:in|an) welche[mr] (?:tag|jahr|monat|datum|wochentag))\b/i,
    'date',
  ],
  [
    /\bwhat (?:is|was|are|were) the names? of (?:the |its )?(?:[\w-]+ ){0,2}(?:master|captain|director|chair\w*|chief|officer|owner|tenant|landlord|lessor|lessee|auditor|surveyor|author|operator|manager|secretary|president|judge|arbitrator|minister|inspector|engineer|partner|signator\w+|holder|company|firm|bank|yard|agency|authority|body)s?\b/i,
    'party',
  ],
  [
    /\b(?:who|whom|whose|which (?:party|company|person|body|authority|firm|bank|yard|agency|office|court|organi[sz]ation|contractor|supplier)|by whom|wer)\b/i,
    'party',
  ],
  [
    /^(?:what (?:is|are) (?:meant by |an? |the (?:meaning|definition) of )|what does .{1,60} (?:mean|stand for)|define\b|how is .{1,60} defined|what is ["“']|was ist|was (?:bedeutet|heißt|bezeichnet)|was (?:versteht|meint) (?:man|\p{L}+ \p{L}+) (?:unter|mit)\b|was wird (?:hier )?unter .{2,60} verstanden)/iu,
    'definition',
  ],
  [
    /^(?:what|who) (?:counts|qualifies) as\b|^what (?:is|are) (?:considered|regarded|treated) (?:as |to be )?|^what constitutes\b|^was gilt als\b/i,
    'definition',
  ],
  [/^what (?:is|are) [^,?]{1,40}\??$/i, 'definition'],
  [
    /^(?:(?:to|for|in|on|under|from|by|with|against|at) )?(?:which|what) (?:[\w-]+ )?(?!(?:is|was|does|has|this|business|process|basis|class|address|access|loss|gross|press)\b)[\w-]{3,}s (?:are|were|do|did|must|may|can|shall|should|will|have|count|apply|fall|need|lead|make|belong|belongs?)\b/i,
    'list',
  ],
  [
    /^(?:to|for|in|on|under|from|by|with|against|at) (?:which|what) (?:[\w-]+ )?(?!(?:is|was|does|has|this|business|process|basis|class|address|access|loss|gross|press|days|months|years)\b)[\w-]{3,}s (?:does|is|has|was)\b/i,
    'list',
  ],
  [YES_NO, 'yes-no'],
  [
    /\b(?:where|in which (?:directory|place|section|clause|file)|which (?:directory|folder|section|clause|page)|wo|woher|wohin|in welche[rmn] (?:datei|ordner|verzeichnis|abschnitt|stadt|land|ort|kapitel))\b/i,
    'place',
  ],
];

/** Kinds of Japanese questions, by their words of asking. */
const JAPANESE_KINDS: readonly (readonly [RegExp, AnswerKind])[] = [
  [/いくら|金額|価格|料金|費用/, 'amount'],
  [/何(?:パーセント|％|%)|割合|利率/, 'percentage'],
  [/何時(?!間)|営業時間/, 'date'],
  [/何(?:年間?|か月|ヶ月|カ月|週間|日間|時間|分)|期間|どのくらいの(?:間|期間)|いつまで/, 'duration'],
  [/何曜日|いつ|何(?:年何)?月何?日|何日に|期限/, 'date'],
  [/(?:どのような|どんな|すべて|一覧|列挙|挙げ)/, 'list'],
  [/誰|だれ|どなた|どの(?:会社|者)/, 'party'],
  [/どこ/, 'place'],
  [
    /何(?:名|人|個|回|件|隻|メートル|キロ|トン|社|台|つ|文字|字|行|枚|頁|ページ|票|席|頭|本|度|倍|点|株|基|階|級|種類)|いくつ|どれ(?:くらい|だけ)|(?:数|量|長さ|高さ|広さ|重さ|面積|容量|定員|全長)は/,
    'number',
  ],
  [/とは(?:何|なん|どう|$)|の(?:定義|意味)/, 'definition'],
  [
    /^(?!.*(?:何|なに|どう|どの|なぜ|いかが)).*(?:できます|ですか|ますか|あります|いけません|よい)(?:か)?[。？?]?$/,
    'yes-no',
  ],
];
/** What two characters of a Japanese question count that are particles and endings, and those that hang on to a word. */
const PARTICLE_WEIGHT = 0.1;
const MIXED_WEIGHT = 0.3;

/** What a character of Chinese script counts that is a word, or the root of one, by itself, and one within a longer word. */
const ROOT_WEIGHT = 0.6;
const CHARACTER_WEIGHT = 0.25;

/** What a pair of characters of a Japanese question is worth, or one of Chinese script; null for other words. */
function japaneseWeight(term: string, text: string): number | null {
  if (!/[\u3040-\u30ff\u4e00-\u9fff]/.test(term)) return null;
  if (/^\p{Script=Han}$/u.test(term) && !/[何誰]/.test(term))
    return new RegExp(`(?<!\\p{Script=Han})${term}(?!\\p{Script=Han})`, 'u').test(text)
      ? ROOT_WEIGHT
      : CHARACTER_WEIGHT;
  if (/^[\u3040-\u309f]+$|[何誰]/.test(term)) return PARTICLE_WEIGHT;
  return /[\u3040-\u309f]/.test(term) ? MIXED_WEIGHT : 1;
}

/** Words that put a question and are not its subject. */
const SCAFFOLD = new Set(
  (
    'what which who whom whose when where why how does did do is are was were many much long often please tell give show list name find explain describe ' +
    'mean means meant meaning define defined definition there document documents according say says said state states stated amount number kind kinds type types ' +
    'happens happen need needs needed required require use used using get put come comes came go goes went make made take takes taken ' +
    'allow allowed permit permitted purpose difference possible sure generally normally usually ' +
    'wer was wann wo wie warum welche welcher welches welchem welchen wieviel viel viele lange oft gibt geben gilt bedeutet heißt heissen nennt braucht brauchen brauche machen macht mache muss kann ' +
    'grounds ground reasons reason cases case circumstances steps ways items examples ' +
    'always never ever exist exists called want wants stand stands ' +
    'somebody someone anybody anyone everybody everyone nobody person people something anything everything point ' +
    'etwas jemand niemand versteht meint gemeint unter über nach vor durch gegen ohne zwischen während noch schon sehr hier dort selbst sein seine seinen seiner seinem ihre ihren ihrer ihrem passiert geschieht liegt dürfen müssen können sollen'
  ).split(' '),
);
const SCAFFOLD_WEIGHT = 0.25;
/** What only says what kind of measure is asked for: "how late", "in which year"; "a late departure" is a kind of departure. */
const MEASURE_ASKED =
  /\b(?:how|what|which|wie|welche[mnrs]?)(?: of the)? (early|late|soon|long|large|big|often|fast|quickly|far|old|strong|great|small|hours?|times?|date|day|year|month|counts|qualifies|constitutes|solution|option|alternative|approach|course|variant|hoch|früh|spät|jahr|datum|tag|zeiten)\b|\bwas (kostet|kosten)\b|\bwhat (?:do|does|did) .+ (cost)\b(?! of)/giu;
/** Words that say which period is meant without naming it, and when in it: they lead to no passage of their own. */
const OF_THE_PERIOD =
  /\bat (?:the same time|any time|a time|all)\b|\bin (?:total|all)\b|\b(?:in|for|during|over|of) (?:the )?(?:last|latest|most recent|current|reporting|past|financial|fiscal|business) (?:financial |fiscal |business |reporting )?(?:year|period|quarter)\b|\bat (?:the )?(?:(?:end of the )?(?:financial |fiscal )?year(?:[- ]end)?|balance sheet date|reporting date|end of the (?:financial |fiscal )?year)\b/gi;
/** Words that often only name the document asked, or whose it is: "under the agreement", "the company’s loans". */
const OF_THE_DOCUMENT = new Set(
  'company agreement contract regulation licence license policy manual report'.split(' '),
);
const DOCUMENT_WEIGHT = 0.5;

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

export function kindOf(question: string): AnswerKind {
  const plain = question.trim();
  if (/[\u3040-\u30ff]/.test(plain) && reachedAt(plain) === null)
    return JAPANESE_KINDS.find(([pattern]) => pattern.test(plain))?.[1] ?? 'passage';
  const asked = mainClause(plain);
  if (reachedAt(asked) !== null) return 'place';
  return KINDS.find(([pattern]) => pattern.test(asked))?.[1] ?? 'passage';
}

/** Where a question of a known shape names the property it asks for. */
const FOCUS: readonly RegExp[] = [
  /^(?:what|which|how (?:large|high|much|long)) (?:is|are|was|were) (?:the |its |their |an? )?(?<focus>[^,?]{2,50}?) (?:of|for|in|at|on|under|between|to)\b/i,
  /^(?:what|which|how (?:large|high|much)) (?:is|are|was|were) (?:the |an? )?[\p{L} -]{2,50}?(?:['’]s|s['’]) (?<focus>[\p{L} -]{3,40}?)(?: (?:in|at|on|for) .+)?\s*\??$/iu,
  /^how (?:much|many) (?<focus>[\w-]{3,}(?: [\w-]{3,})?) (?:is|are|was|were|does|do|did|must|may|can|will|should|has|have|gets?)\b/i,
  /^how (?<focus>\w+) (?:is|are|was|were|does|do|did|must|may|can)\b/i,
  /^who (?:\w+ly )?(?<focus>\w{3,}(?:s|ed))\b/i,
  /^(?:in (?:which|what) \w+|when|where|by whom|why) (?:is|are|was|were|has|have) .{2,80}? (?<focus>\w+(?:ed|en|t))\s*\??$/i,
  /^(?:(?:in|on|at|to|for|from|by|with|under|of) )?(?:what|which) (?<focus>[\w-]{3,}(?: [\w-]{3,}){0,2}?) (?:does|do|did|is|are|was|were|has|have|must|may|shall|will)\b/i,
  /^(?:(?:in|on|at|to|for|from|by|with|under|of) )?which (?<focus>[\w-]{3,}(?: [\w-]{3,})??) \w{3,}(?:s|ed)\b/i,
  /^(?:(?:in|an|auf|zu|aus|von|mit|für) )?welche[rnms]? (?<focus>\p{L}{3,}) (?:ist|sind|war|hat|haben|wird|werden|muss|müssen|darf|dürfen|kann|können|\p{Ll}{3,}t)\b/iu,
];

/** The words of a question's property, as terms of its subject. */
function focusOf(text: string, subject: readonly QueryTerm[], language: Language): string[] {
  const words = FOCUS.flatMap((shape) => shape.exec(text.trim())?.groups?.['focus'] ?? [])[0];
  if (words === undefined) return [];
  const own = new Set(termsOf(words, language).map((one) => one.term));
  return subject.map((one) => one.term).filter((term) => own.has(term));
}

/** What words count that only say which document is meant. */
const NAMING_WEIGHT = 0.1;

/** What a question asks for: the kind of its answer, its subject's terms with their weights, its values and phrases. */
export function analyseQuestion(
  text: string,
  language: Language,
  neighbours: Neighbours | null = null,
  naming: readonly string[] = [],
): Question {
  const names = new Set(naming.flatMap((name) => [...termSet(name, language)]));
  const quoted = [...text.matchAll(/["“„]([^"”“]{3,})["”]/g)].map((match) => (match[1] as string).trim());
  const weights = new Map<string, number>();
  const words: string[] = [];
  // A term to be defined is asked for by all its words: "Larger Work".
  const defined = new Set(kindOf(text) === 'definition' ? (termDefined(text) ?? []) : []);
  const spoken = termsOf(text, language);
  const forms = [...new Set(spoken.map((one) => one.word))];
  const measures = new Set(
    [...text.matchAll(MEASURE_ASKED)].map((match) => (match.slice(1).find(Boolean) as string).toLowerCase()),
  );
  const settings = new Set([...text.matchAll(OF_THE_PERIOD)].flatMap(([said]) => [...termSet(said, language)]));
  const faint = spoken.filter(({ word }) => !SCAFFOLD.has(word) && !OF_THE_DOCUMENT.has(word)).length > 1;
  for (const { term, word } of spoken) {
    const weight = names.has(term)
      ? NAMING_WEIGHT
      : settings.has(term) && !/^[#@]/.test(term)
        ? SCAFFOLD_WEIGHT
        : faint && OF_THE_DOCUMENT.has(word) && !defined.has(word)
          ? DOCUMENT_WEIGHT
          : (SCAFFOLD.has(word) || measures.has(word)) && !defined.has(word)
            ? SCAFFOLD_WEIGHT
            : (japaneseWeight(term, text) ?? 1);
    weights.set(term, Math.max(weights.get(term) ?? 0, weight));
    if (weight > SCAFFOLD_WEIGHT && !words.includes(word)) words.push(word);
  }
  const values = valueTerms(text, language);
  for (const value of values) weights.set(value, names.has(value) ? NAMING_WEIGHT : 0.8);
  // A question made of nothing but scaffolding is searched for by all its words.
  if (weights.size === 0) for (const { word } of tokenize(text)) if (!isStopword(word)) weights.set(word, 1);
  const phrases = language === 'en' || language === 'und' ? phrasesIn(text, neighbours) : [];
  // The verb by itself says little: "given back" is no giving.
  for (const phrase of phrases)
    for (const term of phrase.terms)
      if (weights.has(term)) weights.set(term, Math.min(SCAFFOLD_WEIGHT, weights.get(term) as number));
  const parted = language === 'de' ? separableVerbs(text) : null;
  const widened = (term: string): Equivalent[] => [
    ...equivalentsOf(term, language, neighbours),
    ...(parted?.has(term) === true ? [parted.get(term) as Equivalent] : []),
  ];
  const terms = [
    ...[...weights].map(([term, weight]) => ({ term, weight, equivalents: widened(term) })),
    ...phrases.map((phrase) => ({ term: phrase.terms.join(' '), weight: 1, equivalents: phrase.equivalents })),
  ];
  const weighty = terms.filter((one) => one.weight > SCAFFOLD_WEIGHT);
  const subject = weighty.length > 0 ? weighty : terms;
  return {
    text,
    kind: kindOf(text),
    terms,
    subject,
    focus: focusOf(text, subject, language),
    forms,
    words,
    phrases: quoted,
    values,
    periods: values.filter((value) => /^(?:@|#(?:19|20)\d{2}$)/.test(value)),
    spoken: new Set(tokenize(text).map((token) => token.word)),
  };
}
