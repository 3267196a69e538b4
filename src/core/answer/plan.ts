import { likeliestLanguage } from '../text';
import { completeQuestion, thingAsked } from './followUp';
import { asksChange } from './moves';

/** Words that open a question of their own. */
const ASKING = String.raw`(?:by |in |on |at |to |for |under |from |with |of |within |into |about |against |per |during |through |between |until |since |after |before |up to )?(?:what|when|who|whom|whose|which|where|why|how)\b|(?:(?:bis|von) (?:zu |an |in |auf |wann )?|seit |ab |an |um |in |für |mit |nach |zu |auf |aus |unter |bei |gegen |über |vor |wegen |durch )?(?:wer|was|wann|wo|wie|warum|welche[rsmn]?|wem|wen|wodurch|womit|wofür|worin|woran|worauf|wozu|wohin|woher|weshalb)\b`;
/** A verb first is a question of its own only with its subject behind it: "and was that more", not "who signs and is liable". */
const VERB_FIRST = String.raw`(?:is|are|was|were|does|do|did|can|could|may|must|shall|should|will|would|has|have)\s+(?:it|that|this|they|there|the|an?|he|she|i|we|you|one|people|any|anyone|its|these|those|either|each|both|one|someone)\b|(?:ist|sind|war|waren|darf|dürfen|muss|müssen|kann|können|hat|haben|gibt)\s+(?:es|das|dies|sie|er|der|die|ein|eine|man)\b`;
const BETWEEN = new RegExp(
  String.raw`(?:\s*[,;]\s*(?:(?:and|or|und|sowie)\s+)?|\s+(?:and|und|sowie)\s+)(?=(?:also\s+)?(?:${ASKING}|${VERB_FIRST}))`,
  'iu',
);
/** A German verb that opens a question, wherever its subject stands: "gelten mündliche Zusagen", "bekommt man das Geld zurück". */
const GERMAN_VERB = String.raw`(?:ist|sind|war|waren|wird|werden|wurden?|darf|dürfen|muss|müssen|kann|können|soll|sollen|hat|haben|gibt|gilt|gelten|bekommt|bekommen|erhält|erhalten|zahlt|zahlen|kostet|kosten|bleibt|bleiben|braucht|brauchen|gehört|gehören|haftet|haften|reicht|bestehen|besteht)(?=\s+\S+\s+\S)`;
const OPENS = new RegExp(
  String.raw`^(?:${ASKING}|(?:is|are|was|were|does|do|did|can|could|may|must|shall|should|will|would|has|have)\b|${GERMAN_VERB})`,
  'iu',
);
/** Words before a question that say where to look: "In the lease of berth 4, …", "According to the survey, …". */
const WHERE =
  /^((?:in|under|according to|for|on|with regard to|regarding|as to|per|laut|gemäß|nach|im|in der)\s+(?!(?:what|which|how|whose|welche\w*|wie)\b)[^,?]{3,90}),\s+(?=\p{L})/iu;
const THINGS = /^(?<ask>(?:what|which)\s+(?:is|are|was|were))\s+(?<things>.+)$/i;
/** Things wanted without a question: "Give me the rent, the deposit and the term of the lease". */
const GIVE =
  /^(?:please )?(?:give|tell|name|state|show|list|find)(?: (?:me|us))? (?=(?:the|its|their) [^,]+(?:, | and )(?:and )?(?:the|its|their) )/i;
const TAIL = /\s(?:of|in|for|under|at|on|from|to|by|according to)\s.+$/i;
/**
 * A word for what the part before spoke of: near the part's beginning, or with nothing but the verb before it; not "that" behind a noun ("money that was misused"),
 * nor "it" of something said after it ("what does it cost to launch a boat").
 */
const PRONOUN =
  /^(?!.*\bit (?:cost|take|need|require|matter|help)s? to\b)(?:\S+\s+){0,4}?(?:it|(?<!\b(?!(?:must|is|are|was|were|does|do|did|can|may|shall|should|will|would|has|have|had|of|for|by|to|with|about|under|after|on|at|in)\b)[\p{L}-]+\s)that|this|they|them|these|those|he|she)(?=\s|$)|^(?:what|which|who|where|when|how \w+)\s+(?:is|are|was|were)\s+(?:its|their|his|her)\b/iu;
/** A part that leaves out all but its quantity: "how much in 2023", but not "how much of the loan was drawn". */
const ELLIPTIC =
  /^(?:how (?:much|many|long|high)|what|when|who)\s+(?=(?:in|for|at|of|under|by)\b)(?!.*\s(?:is|are|was|were|be|been|has|have|had|does|do|did|can|may|must|shall|will)\b)/i;
/** A change whose size is asked for behind it is one question: "Did spending rise, and by how much?" */
const BY_HOW_MUCH =
  /^[^,;]+,?\s+(?:and|und)\s+(?:if so,? )?(?:by how much|by how many|by what percentage|um wie ?viel(?: prozent)?)$/i;
/** A part that leaves out all but what it asks for: "and for how long?" */
const BARE =
  /^(?:for |until |since |from |by |to )?(?:how long|how often|when|where|why|whom)$|^(?:with|from|by|to|for|at|in|on|under) (?:which|what|whose) [\p{L}-]+$/iu;
/** What a part asks for, before the rest of it. */
const ASKED_FOR = new RegExp(String.raw`^(?:${ASKING})(?:\s(?:long|often|much|many))?`, 'iu');
const MOST_PARTS = 8;

const GERMAN_THINGS =
  /^(?<ask>wie (?:hoch|groß|lang|teuer) (?:ist|sind|war|waren)(?: (?:im jahr |ende )?(?:19|20)\d{2})?)\s+(?<things>.+)$/iu;

/** German things in a row: "Wie hoch sind die Miete und die Kaution". */
function splitGermanThings(question: string): string[] {
  const { ask, things } = GERMAN_THINGS.exec(question)?.groups ?? {};
  const items = things?.split(/\s*,\s*(?:und\s+)?|\s+und\s+/) ?? [];
  const named = items.every((item) => /^(?:(?:der|die|das|ihre?|seine?)\s)?(?:\p{Ll}+e[rns]?\s)?\p{Lu}/u.test(item));
  return items.length < 2 || !named || ask === undefined ? [question] : items.map((item) => `${ask} ${item}`);
}

/** Things in a row: "the rent, the deposit and the term of the lease" asks three questions; what follows the last belongs to all. */
function splitThings(question: string): string[] {
  const { ask, things } = THINGS.exec(question)?.groups ?? {};
  if (ask === undefined || things === undefined) return [question];
  const items = things.split(/\s*,\s*(?:and\s+)?|\s+and\s+/);
  if (items.length < 2 || items.some((item) => /\b(?:who|which|that|if|when|where)\b/i.test(item))) return [question];
  // Two things without articles of their own are often one: "terms and conditions".
  const articled = items.every((item) => /^(?:the|its|their|an?|his|her|any)\s/i.test(item));
  if (items.length === 2 && !articled) return [question];
  if (items.some((item) => item.length > 60)) return [question];
  const last = items.at(-1) as string;
  // What follows the last of bare names is its own: "turnover and the number of employees".
  const tail = articled ? (TAIL.exec(last)?.[0] ?? '') : '';
  const first = ask.replace(/\b(?:are|were)\b/i, (verb) => (verb.toLowerCase() === 'are' ? 'is' : 'was'));
  return items.map((item) => {
    const thing =
      articled || /^(?:the|its|their|an?)\s/i.test(item) || !/^(?:the|its)\s/i.test(items[0] as string)
        ? item
        : `the ${item}`;
    return `${first} ${thing}${item === last || TAIL.test(item) ? '' : tail}`;
  });
}

const ASKS = /^(?:what|which|how|who|when|where|wer|was|wie|wann)\b/i;
const PREPOSITION = /\s(for|of|in|at|to|under|on|by|für|bei)\s/gi;

/** One thing asked of several, each behind the same preposition: "What is paid for a late departure, for a missed one and for a lost day?" */
function splitRepeated(question: string): string[] {
  if (asksChange(question) || !ASKS.test(question)) return [question];
  for (const match of question.matchAll(PREPOSITION)) {
    const word = match[1] as string;
    const [head, rest] = [question.slice(0, match.index), question.slice(match.index + match[0].length)];
    const again = new RegExp(String.raw`(?:,\s*(?:and\s+|und\s+)?|\s+(?:and|und)\s+)${word}\s+`, 'i');
    const items = rest.split(again);
    if (items.length > 1) return items.map((item) => `${head} ${word} ${item}`);
  }
  return [question];
}

const YEAR = /\b(?:19|20)\d{2}\b/;

/** Where a question begins with its verb in a row of others, and names its subject without an article: "and is lost profit compensated", ", sind Hunde erlaubt". */
const BY_VERB = new RegExp(
  String.raw`(?:,\s*(?:and |und )?| and | und )(?=(?:is|are|was|were|does|do|did|can|may|must|shall|should|will|has|have) (?!\p{L}+ed )(?:[\p{L}\p{N}-]+ )+[\p{L}\p{N}-]|${GERMAN_VERB})`,
  'iu',
);

/** The questions of a row, each that begins with its verb parted from the one before; one question alone is none. */
function partedByVerbs(pieces: readonly string[]): readonly string[] {
  if (pieces.length < 2) return pieces;
  return pieces.flatMap((piece) => {
    const parts = piece.split(BY_VERB).map((part) => part.trim());
    return parts.every((part) => OPENS.test(part)) ? parts : [piece];
  });
}

/** The parts, with the year that only the last of them ends in: "the revenue, the profit and the dividend in 2025". */
function inYearOfLast(pieces: readonly string[]): readonly string[] {
  const tail =
    /\s(?:in|for|of|during|at the end of) (?:the (?:year|financial year|fiscal year) )?(?:19|20)\d{2}$/i.exec(
      pieces.at(-1) ?? '',
    )?.[0];
  if (tail === undefined || pieces.slice(0, -1).some((piece) => YEAR.test(piece))) return pieces;
  return pieces.map((piece, at) => (at === pieces.length - 1 ? piece : `${piece}${tail}`));
}

/** A part of a year, as a question names it. */
const PERIOD =
  / (?:in|for|during) (?:the )?(?:(?:first|second|third|fourth|last) (?:quarter|half)|(?:three|six|nine) months)(?: of| to \p{L}+)? (?:19|20)\d{2}\b/iu;

/** A question for a value, of the year that the first part of its sentence names, where it names none itself. */
function inYearOf(first: string, own: string): string {
  const years = new Set(first.match(new RegExp(YEAR, 'g')));
  const [year] = years;
  if (
    years.size !== 1 ||
    YEAR.test(own) ||
    !/^(?:wie (?:viele?|hoch|groß)|(?:in |on |of |for |by )?how (?:much|many|\w+ (?:was|were|did))|what (?:was|were|did|(?:is|are) (?:expected|foreseen|planned|forecast|budgeted))|why|who)\b/i.test(
      own,
    )
  )
    return own;
  if (/^wie(?!\p{L})/iu.test(own)) return own.replace(/\?$/, ` ${year}?`);
  // "What is expected for the whole year" names a length of its own.
  const [period = ` in ${year}`] = (/\b(?:whole|full|entire) year\b/i.test(own) ? null : PERIOD.exec(first)) ?? [];
  return own.replace(/\?$/, `${period}?`);
}

/** Asks of several things, which no "it" means: "Which boats are launched free?" */
const ASKS_OF_SEVERAL = /^(?:which|what) [\w-]+s (?:are|were|do|have)\b/i;

/** The part that a later one leans on: the nearest that names something, for "it" no person; the first where none does. */
function leantOn(piece: string, before: readonly string[]): string {
  const ofThings = /\b(?:it|its)\b/i.test(piece);
  const named = before.filter(
    (one) =>
      thingAsked(one) !== null &&
      !(ofThings && ASKS_OF_SEVERAL.test(one)) &&
      !/’s (?:crew|staff|people|owner|master)\b/.test(one) &&
      !(ofThings && /^who(?:m|se)?\b/i.test(one)),
  );
  return named.at(-1) ?? (before[0] as string);
}

/** What a machine, vessel or body does, and a measure of it, which does nothing: "What is the working pressure and how much water does it hold?" */
const DOES =
  /\b(?:does|do|did|can|must|may|will)\s(?:it|they)\s(?:hold|need|weigh|have|use|carry|make|burn|consume|contain|require|draw|reach|measure|serve|employ|own|run|produce|deliver)\b/i;
const MEASURE =
  /^what (?:is|are|was|were) (?:the|its) (?:[\w-]+ ){0,2}(?:pressure|weight|length|width|height|depth|speed|power|output|capacity|voltage|temperature|price|cost|rent|fee|turnover|revenue|profit|loss|draught|beam|age|consumption|name|type|model|serial number)\?$/i;

/** True where the first of all parts says "it" of what nobody named, and another does too: they speak of the same. */
function goesOnWithIt(own: string, first: string): boolean {
  const it = /\b(?:it|its)\b/i;
  return it.test(own) && it.test(first) && thingAsked(first) === null;
}

/** A part that says "it" made whole; where the part it leans on names nothing, "its" says whose in the same document, and may stay. */
function completed(own: string, before: string): string {
  const whose =
    /\b(?:its|their|his|her)\b/i.test(own) && !/\b(?:it|that|this|they|them|these|those|he|she)\b/i.test(own);
  if (DOES.test(own) && MEASURE.test(before)) return own;
  // What the part before calls "it" already, this one calls so too.
  if (/\b(?:it|they)\b/i.test(before) && /\b(?:it|they)\b/i.test(own)) return own;
  return whose && thingAsked(before) === null ? own : completeQuestion(own, { question: before, said: [] });
}

const JAPANESE_ASKING = /何|いつ|どこ|だれ|誰|いくら|どの|どれ|どう|なぜ|どんな|いくつ|ますか|ですか|るか/;

/** The questions of a Japanese sentence: what stands between its commas, where each asks something. */
function japaneseParts(text: string): string[] | null {
  const pieces: string[] = [];
  // What asks nothing belongs to what is asked behind it: "When oil leaks, what is to be done".
  let open = '';
  for (const one of text
    .trim()
    .replace(/[?？。\s]+$/, '')
    .split(/[、，；;]|(?<=か)。/)) {
    const piece = open + one.trim();
    const asks = JAPANESE_ASKING.test(one) && piece.length > 3;
    open = asks ? '' : `${piece}、`;
    if (asks) pieces.push(piece);
  }
  if (open !== '' || pieces.length < 2 || pieces.length > MOST_PARTS) return null;
  return pieces.map((one) => `${one.replace(/^(?:また|そして|それから|さらに|および|及び)[、，]?/, '')}。`);
}

/**
 * The questions that one sentence asks, each made whole: "What was carried, and was that more than the year before?" A part that says "it" is completed from the
 * part before; words that say where to look, and a year that the first part names, hold for all parts. One question comes back as it is.
 */
export function planQuestions(text: string): string[] {
  const plain = text
    .trim()
    .replace(/[?.\s]+$/, '')
    .replace(GIVE, 'What is ');
  const where = WHERE.exec(plain)?.[1] ?? '';
  const body = where === '' ? plain : plain.slice(plain.indexOf(',', where.length) + 1).trim();
  const japanese = likeliestLanguage(plain, ['en', 'de', 'ja']) === 'ja' ? japaneseParts(plain) : null;
  if (japanese !== null) return japanese;
  if (BY_HOW_MUCH.test(body)) return [text.trim()];
  const pieces = partedByVerbs(body.split(BETWEEN))
    .flatMap((piece) => splitThings(piece.trim()))
    .flatMap(splitGermanThings)
    .flatMap(splitRepeated);
  const asked = pieces.filter((piece) => piece.split(/\s+/).length >= 2 && OPENS.test(piece));
  if (asked.length < 2 || asked.length !== pieces.length || asked.length > MOST_PARTS) return [text.trim()];
  const whole: string[] = [];
  for (const piece of inYearOfLast(asked)) {
    const [first] = whole;
    const own = `${piece.charAt(0).toUpperCase()}${piece.slice(1)}?`;
    if (first === undefined) whole.push(own);
    else if (BARE.test(piece)) whole.push((whole.at(-1) ?? first).replace(ASKED_FOR, own.slice(0, -1)));
    else if (ELLIPTIC.test(piece))
      whole.push(
        completeQuestion(`And ${piece.replace(ELLIPTIC, '')}?`, { question: whole.at(-1) ?? first, said: [] }),
      );
    else if (PRONOUN.test(piece) && where === '' && !goesOnWithIt(own, first))
      whole.push(completed(own, leantOn(piece, whole)));
    else whole.push(inYearOf(first, own));
  }
  return where === ''
    ? whole
    : whole.map((question) => `${where}, ${question.charAt(0).toLowerCase()}${question.slice(1)}`);
}
