import { documentFrequency, termSet, type QueryTerm } from '../search';
import { firmWordingsOf, type Question } from './question';
import type { AskedSource } from './types';

/** Asks whether there is something at all, or whether it is allowed. */
const ASKS_EXISTENCE =
  /^(?:is|are|was|were) there\b|^(?:gibt|gab) es\b|^(?:does|do|did|has|have|hat|haben) (?!(?:any|some|no)(?:body|one)\b).{2,40}? (?:have|has|gets?|receives?|includes?|offers?|contains?|an? .*option)\b|^(?:is|are) (?:the )?[\p{L}-]+ (?:allowed|permitted|accepted|included|provided|available|covered|insured|excluded|exempt|banned|forbidden|prohibited)\b/iu;

/** True for words of which none stands in the documents. */
function nowhere(words: readonly string[], sources: readonly AskedSource[]): boolean {
  return words.every((word) => documentFrequency(sources, word) === 0);
}

/** True where nothing of a term stands in the documents, nor anything that stands for it. */
function isNowhere({ term, equivalents = [] }: QueryTerm, sources: readonly AskedSource[]): boolean {
  return nowhere([term, ...equivalents.map((one) => one.term)], sources);
}

/** Share of the question's weight in words that stand in none of the documents, nor any of their trade equivalents. */
export function absentShare({ subject }: Question, sources: readonly AskedSource[]): number {
  const weigh = (terms: readonly QueryTerm[]): number => terms.reduce((sum, { weight }) => sum + weight, 0);
  const total = weigh(subject);
  return total === 0 ? 0 : weigh(subject.filter((one) => nowhere(firmWordingsOf(one), sources))) / total;
}

/** True for a word of a question, no pair of characters or value. */
function isWord({ term, weight }: QueryTerm): boolean {
  return weight >= 1 && /^\p{L}{3,}$/u.test(term);
}

/** What a word that stands for another counts at least to say the same. */
const SAYS_THE_SAME = 0.25;

function wordingsThatSay(one: QueryTerm): string[] {
  return firmWordingsOf({ ...one, equivalents: (one.equivalents ?? []).filter(({ share }) => share >= SAYS_THE_SAME) });
}

/** True for a word that the documents say by no word which says the same; a part of a compound is another word: money is more than money for Christmas. */
function standsNowhere(one: QueryTerm, sources: readonly AskedSource[]): boolean {
  const { term } = one;
  return (
    isWord(one) &&
    nowhere(
      wordingsThatSay(one).filter((word) => word === term || !term.includes(word)),
      sources,
    )
  );
}

/** Words of the question's subject that stand in none of the documents, nor does anything that stands for them. */
export function unknownTo({ subject }: Question, sources: readonly AskedSource[]): readonly QueryTerm[] {
  return subject.filter((one) => isWord(one) && isNowhere(one, sources));
}

/** What a question asks about with "may", "can" and the like, by its first word: "May dogs be taken aboard?" */
const ASKED_ABOUT = /^(?:may|can|could|must|should|are|is|was|were) (?:the |any |an? )?(?<thing>[a-z]{3,})\b/i;
/** What a Japanese question asks whether there is any of, or whether it can be done, 「屋根はありますか」, who does it, where it is, and what it costs, unless by a word for any price. */
const THING_IN_JAPANESE =
  /(?<thing>[\p{Script=Han}\p{Script=Katakana}ー]{2,})(?:は|が)(?:あり|でき|必要|使え|利用でき|認めら|許さ)[^、。]{0,8}か[。？?]?$|(?<whose>[\p{Script=Han}\p{Script=Katakana}ー]{2,})(?:は|を)(?:誰|だれ)が|(?<where>(?!場所|所在|住所|位置)[\p{Script=Han}\p{Script=Katakana}ー]{2,})はどこ|(?:^|の|、|は)(?!\p{Script=Han}*(?:値段|代金|料金|価格|費用|金額|総額|合計)は)(?<what>[\p{Script=Han}\p{Script=Katakana}ー]{2,})は(?:いくら|何円|何ドル)/u;

/** What a German question of yes or no asks about: a thing, unless an article says that it is known, and what is done, by the verb at its end. */
const THINGS_IN_GERMAN = /(?<=\p{Ll}{2} )\p{Lu}\p{L}{3,}/gu;
const DONE_IN_GERMAN =
  /^(?:darf|dürfen|kann|können|muss|müssen|soll|sollen) .* (?<done>ge\p{Ll}{2,}(?:t|en)(?= werden)|\p{Ll}{4,}(?:en|ern|eln)(?=\s*\?*$))/iu;
/** Verbs that say nothing of what is done. */
const LIGHT =
  /^(?:bleiben|lassen|haben|werden|machen|gehen|kommen|nehmen|bekommen|stellen|nutzen|benutzen|verwenden)$/i;
const ARTICLE = /(?<!\p{L})(?:der|die|das|den|dem|des|am|im|zum|zur|vom|beim) (?:\p{Ll}+ )?$/iu;

/** True for a German question about a thing, or something done, that stands in none of the documents by any word that says the same. */
function asksOfNothingGerman({ text, subject }: Question, sources: readonly AskedSource[]): boolean {
  const plain = text.trim();
  const done = DONE_IN_GERMAN.exec(plain)?.groups?.['done'] ?? '';
  const things = [...plain.matchAll(THINGS_IN_GERMAN)].flatMap(({ 0: thing, index }) =>
    ARTICLE.test(plain.slice(0, index)) ? [] : thing,
  );
  const asked = termSet([LIGHT.test(done) ? '' : done, ...things].join(' '), 'de');
  return subject.some((one) => asked.has(one.term) && standsNowhere(one, sources));
}

/** Share of the pairs of characters of a Japanese question of yes or no that stand nowhere, from which on it asks about nothing that is told. */
const NOWHERE_IN_JAPANESE = 0.34;

/** Words, by their stems, of when and where something is done rather than of what is. */
const WHEN_OR_WHERE =
  /^(?:overnight|night|tonight|today|tomorrow|week|weekend|sunday|winter|summer|abroad|outsid|insid|alon|togeth)$/;

/** Words that a thing is told more of behind, or that belong to what is behind it. */
const BEHIND_A_THING = 'of|for|in|on|at|to|by|from';
const NO_ADJECTIVE = `${BEHIND_A_THING}|der|des|dem|den|die|das|am|im|an|auf|für|von|vom|zu|zum|zur|bei|mit`;
/** Who is asked for: who pays for something, or does something to it. */
const WHO_DOES =
  /who (?:pays (?:for )?(?:the |any |its |their )?|(?:[a-z]{3,}(?:s|ed)|wrote|built|made|drew|sold|bought|gave|held) (?:the |any |its |their ))|wer (?:zahlt|bezahlt|trägt|übernimmt) (?:die |den |das )?(?:kosten (?:für |der |des )(?:die |den |das )?)?/;
/** What it is done to: "Who designed the ship's logo?", "Who keeps the register of works?" */
const DONE_TO = new RegExp(
  String.raw`^(?:${WHO_DOES.source})(?:(?!(?:${NO_ADJECTIVE}) )[\p{L}\p{N}'’-]+ ){0,2}?(?<what>[\p{L}-]{4,})(?: (?:${BEHIND_A_THING}) .+)?\s*\?*$`,
  'iu',
);

/** Words that have a capital wherever they stand, and name nothing that a document must speak of by that word. */
const CALENDAR =
  /^(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days?|january|february|march|april|may|june|july|august|september|october|november|december|christmas|easter|whitsun)$/i;

/** True where an English question asks of someone or something by a name, or a Japanese one by a word in Latin letters, that stands in none of the documents: "Which release runs on Android?" */
function asksOfUnknownName({ text, subject }: Question, sources: readonly AskedSource[]): boolean {
  const language = sources[0]?.segment.language;
  const names =
    language === 'en'
      ? (text.match(/(?<=\p{Ll}[’'s]{0,2},? )\p{Lu}\p{Ll}{2,}(?![\p{L}\d-])/gu) ?? []).filter(
          (name) => !CALENDAR.test(name),
        )
      : language === 'ja'
        ? (text.match(/[A-Za-z]{3,}/g) ?? [])
        : [];
  if (names.length === 0) return false;
  const asked = termSet(names.join(' '), language ?? 'en');
  return subject.some((one) => asked.has(one.term) && isNowhere(one, sources));
}

/** Whose tasks or duties a question asks for. */
const TASKS_OF =
  /^what (?:are|were) (?:the|its|their) (?:main |chief |usual )?(?:tasks|duties|functions|responsibilities|obligations|powers) of (?<whose>.+)$/i;

/** What something is asked of only in the case that it happens: a strike. */
const IN_CASE = /\bin (?:the )?(?:case|event) of (?:an? |the )?(?<what>[a-z]{4,})\b/i;
/** A sum by what it is called, and someone by the office he holds. */
const CALLED =
  /^(?:what|which) (?<sum>deposit|discount|pension|dividend) (?:does|do|did|is|are|was|must|has|have|can|may|will)\b|^how (?:much|high|large) (?:is|are|was|were) (?:the|its|their) (?:[a-z]+ )?(?<much>[a-z]{4,})\s*\?*$|^who (?:is|was) (?:the|its|their) (?<office>[a-z]{4,})(?: of .+)?\s*\?*$/i;

/** True for a question of yes or no about something, or about the duties of someone, that stands in none of the documents, nor does anything that stands for it. */
export function asksOfNothing(question: Question, sources: readonly AskedSource[]): boolean {
  const { text, subject } = question;
  const language = sources[0]?.segment.language;
  const named = Object.values(THING_IN_JAPANESE.exec(text.trim())?.groups ?? {});
  const japanese = named.find((thing) => thing !== undefined);
  if (japanese !== undefined) {
    const own = subject.filter(({ term }) => term.length > 1 && japanese.includes(term));
    if (own.length > 0 && own.every((one) => isNowhere(one, sources))) return true;
  }
  if (question.kind === 'yes-no' && language === 'ja') {
    const unsaid = subject.filter((one) => one.weight >= 1 && isNowhere(one, sources));
    // One pair may be how a word is written.
    return unsaid.length > 1 && unsaid.length >= NOWHERE_IN_JAPANESE * subject.length;
  }
  if (question.kind !== 'yes-no' && asksOfUnknownName(question, sources)) return true;
  const unknown = unknownTo(question, sources);
  const whose = TASKS_OF.exec(text.trim())?.groups?.['whose'];
  if (whose !== undefined) return unknown.some(({ term }) => termSet(whose, 'en').has(term));
  const doneTo = DONE_TO.exec(text.trim())?.groups?.['what'];
  if (doneTo !== undefined && language !== 'ja') {
    const asked = termSet(doneTo, language ?? 'en');
    return subject.some((one) => asked.has(one.term) && standsNowhere(one, sources));
  }
  const called = [IN_CASE.exec(text), CALLED.exec(text.trim())].flatMap((found) => Object.values(found?.groups ?? {}));
  const thing = called.find((one) => one !== undefined);
  if (thing !== undefined && language === 'en') {
    const asked = termSet(thing, 'en');
    if (subject.some((one) => asked.has(one.term) && standsNowhere(one, sources))) return true;
  }
  if (question.kind !== 'yes-no') return false;
  if (language === 'de' && asksOfNothingGerman(question, sources)) return true;
  if (ASKS_EXISTENCE.test(text) && subject.some((one) => standsNowhere(one, sources))) return true;
  if (2 * unknown.length > subject.length) return true;
  const about = termSet(ASKED_ABOUT.exec(text.trim())?.groups?.['thing'] ?? '', 'en');
  // What is asked of something: "Is the backup encrypted?"
  const told = language === 'en' && unknown.some((one) => subject.indexOf(one) > 0 && !WHEN_OR_WHERE.test(one.term));
  return told || unknown.some(({ term }) => about.has(term));
}
