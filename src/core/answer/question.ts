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
import { kindOf } from './kindOf';
import { matterOf, type Matter } from './matters';
import { meaningOf, type AskedMeaning } from './meaning';
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
  /** What agreements settle that it asks for; null where it asks for nothing of the kind. */
  readonly matter: Matter | null;
  /** Every word of the question, folded. */
  readonly spoken: ReadonlySet<string>;
  /** What it is about, in the space of the vectors of words; null where these are not there or know none of its words. */
  readonly meaning: AskedMeaning | null;
}

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
    'itself themselves himself herself one cannot always never ever exist exists called want wants stand stands up another ' +
    'since seit somebody someone anybody anyone everybody everyone nobody person people something anything everything point everywhere anywhere somewhere nowhere ' +
    'um ab bis etwas jemand niemand versteht meint gemeint unter über nach vor durch gegen ohne zwischen während noch schon sehr hier dort selbst sein seine seinen seiner seinem ihre ihren ihrer ihrem passiert geschieht liegt dürfen müssen können sollen'
  ).split(' '),
);
const SCAFFOLD_WEIGHT = 0.25;

/** True for a word that puts a question and is not its subject: "what", "put", "made". */
export function isScaffold(word: string): boolean {
  return SCAFFOLD.has(word);
}

/** What only says what kind of measure is asked for: "how late", "in which year"; "a late departure" is a kind of departure. */
const MEASURE_ASKED =
  /\b(?:how|what|which|wie|welche[mnrs]?)(?: of the)? (early|late|soon|long|large|big|high|often|fast|quickly|far|old|strong|great|small|hours?|times?|date|days?|weeks?|years?|months?|counts|qualifies|constitutes|solution|option|alternative|approach|course|variant|hoch|früh|spät|jahr|datum|tag|zeiten)\b|\bwas (kostet|kosten)\b|^what (?:is|was) the (longest|shortest|latest|earliest)\b(?= (?:time|period|stretch|any|some|an?|the|you|one|i)\b)|\bwhat (?:do|does|did) .+ (cost)\b(?! of)|\bwhat (?:are|were) (?:all )?(?:the|its|their) (?:main |chief |usual )?(tasks|duties|functions|responsibilities|obligations|powers)\b/giu;
/** Words that say which period is meant without naming it, and when in it, or that more is asked than told: they lead to no passage of their own. */
const OF_THE_PERIOD =
  /(?<=\bhow (?:much|many) )(?:more|less|fewer)\b|(?<=^(?:who|wer)\b.*)\b(?:now|today|currently|at present|heute|jetzt|derzeit)\b|\b(?:the|both|its) (?:two )?(?:sides|parties)\b|\bat (?:the same time|any time|a time|all)\b|\bin (?:total|all)\b|\b(?:in|for|during|over|of) (?:the )?(?:last|latest|most recent|current|reporting|past|financial|fiscal|business) (?:financial |fiscal |business |reporting )?(?:year|period|quarter)\b|\b(?:in|for|during|over|of) (?:the )?(?:first|second|third|fourth|last|same) (?:half|quarter|(?:three|six|nine) months)(?: of)?\b|\bthan (?:a|the) year (?:before|earlier)\b|\b(?:against|compared (?:with|to)|over|than in|from) (?:the |its )?(?:(?:previous|preceding|prior|last) (?:year|quarter|half-year|month)|(?:year|quarter|half-year|month) (?:before|earlier))\b|\bgegenüber (?:dem|der) (?:vorjahr\p{L}*|vorigen \p{L}+)|\bim (?:ersten|zweiten|dritten|vierten) (?:halbjahr|quartal|vierteljahr)(?!\p{L})|\bin den (?:ersten|letzten) (?:drei|sechs|neun) monaten(?!\p{L})|\b(?:from|between|von) (?:January|Januar) (?:to|and|until|till|through|bis) (?:March|June|September|December|März|Juni|Dezember)(?!\p{L})|\bat mid-?year\b|前年(?:同期|度|同四半期)(?:の|より|と比べて|に比べて)?|何(?:パーセント|[\u30a0-\u30ff]{2,})|(?<!\p{L})zur jahresmitte(?!\p{L})|\bat (?:the )?(?:(?:end of the )?(?:financial |fiscal )?year(?:[- ]end)?|balance sheet date|reporting date|end of the (?:financial |fiscal )?year)\b/giu;
/** Words that often only name the document asked, or whose it is: "under the agreement", "the company’s loans". */
const OF_THE_DOCUMENT = new Set(
  'company agreement contract regulation licence license policy manual report unit machine device appliance apparatus gerät maschine'.split(
    ' ',
  ),
);
const DOCUMENT_WEIGHT = 0.5;

/** The year that some thing is from, which dates nothing: "for an engine of 2005". */
const FROM_A_YEAR =
  /(?<=\b(?:an?|eine[ms]?) [\p{L}-]+ )(?:of|from|built in|made in|von|aus) (?:19|20)\d{2}\b(?! (?:to|until|till|bis)\b)/gu;

/** Where a question of a known shape names the property it asks for. */
const FOCUS: readonly RegExp[] = [
  /^(?:how much|what) (?:does|do|did|will|would|can|might) it (?:\w+ )?cost (?:[\w ]{1,20} )??to (?<focus>\w{3,})\b/i,
  /^was (?:kostet|kostete|würde) es .*?(?<focus>\p{Ll}{4,}(?:en|ern|eln))(?: kosten)?\s*\??$/iu,
  /^(?:what|which|how (?:large|high|much|long)) (?:is|are|was|were) (?:the |its |their |an? )?(?!(?:paid|charged|due|owed|given|earned)\b)(?<focus>[^,?]{2,50}?) (?:of|for|in|at|on|under|between|to)\b/i,
  /^(?:what|which|how (?:large|high|much)) (?:is|are|was|were) (?:the |an? )?[\p{L} -]{2,50}?(?:['’]s|s['’]) (?<focus>[\p{L} -]{3,40}?)(?: (?:in|at|on|for) .+)?\s*\??$/iu,
  /^how (?:much|many) (?<focus>[\w-]{3,}(?: [\w-]{3,})?) (?:is|are|was|were|does|do|did|must|may|can|will|should|has|have|gets?)\b/i,
  /^how (?<focus>\w+) (?:is|are|was|were|does|do|did|must|may|can)\b/i,
  /^who (?:\w+ly )?(?<focus>\w{3,}(?:s|ed))\b/i,
  /^wer (?<focus>(?!ist|hat|wird|kann|darf|muss|soll|war|hatte|kümmert|sorgt|macht|trägt|übernimmt)\p{Ll}{3,}t) (?:den|die|das|eine?n?|im|in|über|bei|für|sich)(?!\p{L})/iu,
  /^(?:wer|von wem|durch wen) (?:hat|haben|wurden?|ist|sind) .{2,80}? (?<focus>(?:be|ver|er|ent|zer|\p{Ll}*ge)\p{Ll}{3,}(?:t|en))\s*\??$/iu,
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

/** Asks how long something goes on, which its clause on the term tells. */
const ASKS_HOW_LONG_IT_LASTS = /\bhow long (?:does|do|did|will|is|are|was|were|can)\b|\bwie lange\b/i;
const LASTING_VERBS = new Set('last run continu valid forc bind lauft lauf gilt dauert dau besteht'.split(' '));
const SAID_BY_TERM: Partial<Record<Language, readonly Equivalent[]>> = {
  en: [
    { term: 'term', share: 0.6 },
    { term: 'durat', share: 0.6 },
  ],
  de: [
    { term: 'laufzeit', share: 0.6 },
    { term: 'dau', share: 0.5 },
  ],
};

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
  // Who makes a thing is asked by a verb that says nothing elsewhere.
  const made = /^who (makes|made)\b/i.exec(text.trim())?.[1]?.toLowerCase();
  const faint = spoken.filter(({ word }) => !SCAFFOLD.has(word) && !OF_THE_DOCUMENT.has(word)).length > 1;
  // Of "sub-let" its halves say little beside the whole.
  const halves = new Set(spoken.flatMap(({ word }) => (/^\p{L}+-/u.test(word) ? word.split('-') : [])));
  for (const { term, word } of spoken) {
    const weight = names.has(term)
      ? NAMING_WEIGHT
      : settings.has(term) && !/^[#@]/.test(term)
        ? SCAFFOLD_WEIGHT
        : faint && OF_THE_DOCUMENT.has(word) && !defined.has(word)
          ? DOCUMENT_WEIGHT
          : ((SCAFFOLD.has(word) && word !== made) || measures.has(word) || halves.has(word)) && !defined.has(word)
            ? SCAFFOLD_WEIGHT
            : (japaneseWeight(term, text) ?? 1);
    weights.set(term, Math.max(weights.get(term) ?? 0, weight));
    if (weight > SCAFFOLD_WEIGHT && !words.includes(word)) words.push(word);
  }
  const values = valueTerms(text.replace(FROM_A_YEAR, ' '), language);
  for (const value of values) weights.set(value, names.has(value) ? NAMING_WEIGHT : 0.8);
  // A question made of nothing but scaffolding is searched for by all its words.
  if (weights.size === 0) for (const { word } of tokenize(text)) if (!isStopword(word)) weights.set(word, 1);
  const phrases = language === 'en' || language === 'und' ? phrasesIn(text, neighbours) : [];
  // The verb by itself says little: "given back" is no giving.
  for (const phrase of phrases)
    for (const term of phrase.terms)
      if (weights.has(term)) weights.set(term, Math.min(SCAFFOLD_WEIGHT, weights.get(term) as number));
  const parted = language === 'de' ? separableVerbs(text) : null;
  const lasts = ASKS_HOW_LONG_IT_LASTS.test(text) ? language : null;
  const widened = (term: string): Equivalent[] => [
    ...(LASTING_VERBS.has(term) && lasts !== null ? (SAID_BY_TERM[lasts] ?? []) : []),
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
    matter: matterOf(text, language),
    spoken: new Set(tokenize(text).map((token) => token.word)),
    meaning: meaningOf(text, language, neighbours),
  };
}

/** The terms of a question's subject, and all that may stand for them. */
export function wordingsOf({ subject }: Pick<Question, 'subject'>): Set<string> {
  return new Set(subject.flatMap(({ term, equivalents = [] }) => [term, ...equivalents.map((one) => one.term)]));
}

/** A term with what stands for it in an answer, words merely used like it left out. */
export function firmWordingsOf({ term, equivalents = [] }: QueryTerm): string[] {
  return [term, ...equivalents.flatMap((one) => (one.loose === true ? [] : one.term))];
}
