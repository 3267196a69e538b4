import { tokenize, type Language } from '../text';
import { termDefined } from './defined';
import { equivalentsOf, isStopword, termSet, termsOf, valueTerms, type Neighbours, type QueryTerm } from '../search';
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
    /\b(?:what percentage|what per cent|what proportion|what share of|how many per ?cent|at what rate|what (?:interest )?rate)\b/i,
    'percentage',
  ],
  [
    /\b(?:how much|what (?:is|was|were|are|did|does) (?:[\w'’]+ ){0,7}?(?:amount|price|cost|fee|fares?|sum|revenue|income|profit|loss|penalt(?:y|ies)|fine|salary|charge|rent|deposit|payment|bonus|contribution|levy|tax|wages?|expenses?|expenditure|budget|compensation|balance|worth|value of|total|dividend|remuneration|cap|threshold|bond|debt|assets|cash flow)\b|what (?:amount|sum|price|fee|penalty|fine|dividend|deposit|rent|fare|charge|salary|compensation)\b|what (?:must|does|do|did|shall|will|would|should) .*\b(?:pay|cost|charge|owe|receive|earn|spend)\b|wie viel|wie hoch)/i,
    'amount',
  ],
  [
    /\bhow long (?:is|are|was|must|may|can|should)\b[^?]*\b(?:name|line|string|text|word|summary|synopsis|password|vessel|ship|boat|berth|quay|pier|bridge|cable|rope|hull|table|list|field)s?\b(?!.{0,30}\b(?:closed|open|valid|kept|held|allowed|take|last|laid up|out of service)\b)/i,
    'number',
  ],
  [
    /\b(?:how long|how often|how frequently|at what intervals?|how soon|how quickly|what (?:notice|period|term|duration|time limit)|what (?:is|was|are) (?:the |its |their )?(?:[\w-]+ ){0,3}(?:period|duration|time limit|interval|lifetime)|within (?:what|which|how many)|for how many (?:days|months|years)|how many (?:days|weeks|months|years|hours|minutes)|wie lange|wie oft|wie häufig)\b/i,
    'duration',
  ],
  [
    /\b(?:how many|how (?:large|big|high|deep|wide|old|fast|far)|what (?:number|is the (?:maximum|minimum|largest|smallest|default|limit|size|length|number))|wie viele)\b/i,
    'number',
  ],
  [/\b(?:when|(?:what|which) (?:date|day|year|month)|by what date|on which (?:date|day)|since when|wann)\b/i, 'date'],
  [
    /\bwhat (?:is|was|are|were) the names? of (?:the |its )?(?:[\w-]+ ){0,2}(?:master|captain|director|chair\w*|chief|officer|owner|tenant|landlord|lessor|lessee|auditor|surveyor|author|operator|manager|secretary|president|judge|arbitrator|minister|inspector|engineer|partner|signator\w+|holder|company|firm|bank|yard|agency|authority|body)s?\b/i,
    'party',
  ],
  [/\b(?:who|whom|whose|which (?:party|company|person|body|authority)|by whom|wer)\b/i, 'party'],
  [
    /^(?:what (?:is|are) (?:meant by |an? |the (?:meaning|definition) of )|what does .{1,60} (?:mean|stand for)|define\b|how is .{1,60} defined|what is ["“']|was ist|was bedeutet)/i,
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
  [
    /^(?:is|are|was|were|does|do|did|may|can|could|must|shall|should|has|have|had|will|would|ist|sind|darf|kann|muss)\b/i,
    'yes-no',
  ],
  [
    /\b(?:where|in which (?:directory|place|section|clause|file)|which (?:directory|folder|section|clause|page)|wo)\b/i,
    'place',
  ],
];

/** Kinds of Japanese questions, by their words of asking. */
const JAPANESE_KINDS: readonly (readonly [RegExp, AnswerKind])[] = [
  [/いくら|金額|価格|料金|費用/, 'amount'],
  [/何(?:パーセント|％|%)|割合/, 'percentage'],
  [/何(?:年間?|か月|ヶ月|カ月|週間|日間|時間|分)|期間|どのくらいの(?:間|期間)|いつまで/, 'duration'],
  [/いつ|何(?:年何)?月何?日|何日に|期限/, 'date'],
  [/誰|だれ|どなた|どの(?:会社|者)/, 'party'],
  [/どこ/, 'place'],
  [
    /何(?:名|人|個|回|件|隻|メートル|キロ|トン|社|台|つ)|いくつ|どれ(?:くらい|だけ)|(?:数|量|長さ|高さ|容量|定員|全長)は/,
    'number',
  ],
  [/とは(?:何|なん|どう|$)|の(?:定義|意味)/, 'definition'],
  [/(?:できます|ですか|ますか|あります|いけません|よい)(?:か)?[。？?]?$/, 'yes-no'],
];
/** What two characters of a Japanese question count that are particles and endings, and those that hang on to a word. */
const PARTICLE_WEIGHT = 0.1;
const MIXED_WEIGHT = 0.3;

/** What a pair of characters of a Japanese question is worth; null for other words. */
function japaneseWeight(term: string): number | null {
  if (!/[\u3040-\u30ff\u4e00-\u9fff]/.test(term)) return null;
  if (/^[\u3040-\u309f]+$|[何誰]/.test(term)) return PARTICLE_WEIGHT;
  return /[\u3040-\u309f]/.test(term) ? MIXED_WEIGHT : 1;
}

/** Words that put a question and are not its subject. */
const SCAFFOLD = new Set(
  (
    'what which who whom whose when where why how does did do is are was were many much long often please tell give show list name find explain describe ' +
    'mean means meant meaning define defined definition there document documents according say says said state states stated amount number kind kinds type types ' +
    'happens happen need needs needed required require use used using get keep kept hold held put come comes came go goes went make made take takes taken ' +
    'stay stays allow allowed permit permitted purpose difference possible sure occur contain contains consist consists generally normally usually ' +
    'wer was wann wo wie warum welche welcher welches wieviel viel viele lange oft gibt geben gilt bedeutet heißt heissen nennt braucht brauchen brauche machen macht mache muss kann ' +
    'grounds ground reasons reason cases case circumstances steps ways items examples ' +
    'always never ever survive exist exists called work works become becomes want wants large long old early late stand stands'
  ).split(' '),
);
const SCAFFOLD_WEIGHT = 0.25;

export function kindOf(question: string): AnswerKind {
  if (/[\u3040-\u30ff]/.test(question))
    return JAPANESE_KINDS.find(([pattern]) => pattern.test(question.trim()))?.[1] ?? 'passage';
  return KINDS.find(([pattern]) => pattern.test(question.trim()))?.[1] ?? 'passage';
}

/** Where a question of a known shape names the property it asks for. */
const FOCUS: readonly RegExp[] = [
  /^(?:what|which|how (?:large|high|much|long)) (?:is|are|was|were) (?:the |its |their |an? )?(?<focus>[^,?]{2,50}?) (?:of|for|in|at|on|under|between|to)\b/i,
  /^how (?<focus>\w+) (?:is|are|was|were|does|do|did|must|may|can)\b/i,
  /^who (?:\w+ly )?(?<focus>\w{3,}(?:s|ed))\b/i,
  /^(?:in (?:which|what) \w+|when|where|by whom|why) (?:is|are|was|were|has|have) .{2,80}? (?<focus>\w+(?:ed|en|t))\s*\??$/i,
  /^(?:what|which) (?<focus>\w{3,}) (?:does|do|did|is|are|was|were|has|have|must|may|shall|will)\b/i,
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
  const phrases = [...text.matchAll(/["“„]([^"”“]{3,})["”]/g)].map((match) => (match[1] as string).trim());
  const weights = new Map<string, number>();
  const words: string[] = [];
  // A term to be defined is asked for by all its words: "Larger Work".
  const defined = new Set(kindOf(text) === 'definition' ? (termDefined(text) ?? []) : []);
  const forms = [...new Set(termsOf(text, language).map((one) => one.word))];
  for (const { term, word } of termsOf(text, language)) {
    const weight = names.has(term)
      ? NAMING_WEIGHT
      : SCAFFOLD.has(word) && !defined.has(word)
        ? SCAFFOLD_WEIGHT
        : (japaneseWeight(term) ?? 1);
    weights.set(term, Math.max(weights.get(term) ?? 0, weight));
    if (weight > SCAFFOLD_WEIGHT && !words.includes(word)) words.push(word);
  }
  const values = valueTerms(text, language);
  for (const value of values) weights.set(value, names.has(value) ? NAMING_WEIGHT : 0.8);
  // A question made of nothing but scaffolding is searched for by all its words.
  if (weights.size === 0) for (const { word } of tokenize(text)) if (!isStopword(word)) weights.set(word, 1);
  const terms = [...weights].map(([term, weight]) => ({
    term,
    weight,
    equivalents: equivalentsOf(term, language, neighbours),
  }));
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
    phrases,
    values,
    periods: values.filter((value) => /^(?:@|#(?:19|20)\d{2}$)/.test(value)),
    spoken: new Set(tokenize(text).map((token) => token.word)),
  };
}
