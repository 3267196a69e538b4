import { tokenize, type Language } from '../text';
import { isStopword, sameTerms, termsOf } from '../search';

const DEFINING =
  /\b(?:means?|has the (?:same )?meaning|is defined as|are defined as|refers? to|stands? for|is called|are called|is (?:an?|one|any|the|used|for|reserved)\b|are (?:an?|any|the|used|for|those|certain)\b|contains?|holds?|serves?|provides?|consists? of|includes?|bedeutet|bezeichnet|ist (?:ein|eine|der|die|das)\b)/i;
/** A term set apart at the head of its definition: "“Vessel” means", "A “User Product” is either", "Vessel: a ship". */
const TERM_FIRST =
  /^(?:(?:an?|the|any|der|die|das|ein|eine)\s+)?["“„'‘](?<term>[^"”“'’]{2,60})["”“'’](?:\s*\([^)]{1,60}\))?\s*(?:,[^,]{1,80},\s*)?(?::|shall mean|means?|is|are|refers?|includes?|has the|have the|bedeutet|bezeichnet|ist|sind)\b/iu;
/** A term before a colon: "Object code: the form that a machine reads". */
const TERM_COLON = /^(?<term>[^.:;"“”]{2,50}):\s+\S/u;
/** A term that is defined anywhere in a sentence. */
const TERM_MEANS =
  /["“„'‘](?<term>[^"”“'’]{2,60})["”“'’](?:\s*\([^)]{1,60}\))?\s*(?:shall mean|means?|has the meaning|have the meaning|refers to|bedeutet|bezeichnet)\b/giu;
/** A term introduced behind what it stands for: "… (the “Vessel”)". */
const TERM_BEHIND = /\((?:[^()"“]{0,40}\s)?["“](?<term>[^"”“]{2,60})["”]\)/gu;
const BEHIND_SHARE = 0.8;
/** Words before the defining verb, at most, in a sentence that defines. */
const SUBJECT_WORDS = 9;

/** True when a term is what a question asks to define, no word more and none less. */
function isTerm(term: string, wanted: ReadonlySet<string>, language: Language): boolean {
  return sameTerms(new Set(termsOf(term, language).map((one) => one.term)), wanted);
}

/** True for a text that sets a term apart and defines it: "“Vessel” means". */
export function definesTerm(text: string, words: readonly string[], language: Language): boolean {
  if (words.length === 0) return false;
  const wanted = new Set(words.flatMap((word) => termsOf(word, language).map((one) => one.term)));
  return [...text.matchAll(TERM_MEANS)].some(({ groups }) => isTerm(groups?.['term'] ?? '', wanted, language));
}

/** How far a sentence reads as the definition of a term: 1 where it is set apart and defined, else the share of words it and the sentence's subject have in common. */
export function definingShare(text: string, words: readonly string[], language: Language): number {
  if (words.length === 0) return 0;
  const plain = text.replace(/^\s*(?:\(?[a-z\d]{1,3}[.)]|\d+(?:\.\d+)*\.?|[•*–-])\s+/, '');
  const wanted = new Set(words.flatMap((word) => termsOf(word, language).map((one) => one.term)));
  const first = TERM_FIRST.exec(plain)?.groups?.['term'];
  const heads = [first, TERM_COLON.exec(plain)?.groups?.['term']];
  if (heads.some((term) => term !== undefined && isTerm(term, wanted, language))) return 1;
  // Definitions in a row within one sentence: "… (b) “colony” means a queen with her workers".
  if (definesTerm(plain, words, language)) return 1;
  if (first !== undefined) return 0;
  // "“Key Data” for a User Product means": it is the first term that is defined.
  if (/^(?:(?:an?|the)\s+)?["“„][^"”“]{2,60}["”“]/i.test(plain)) return 0;
  for (const { groups } of plain.matchAll(TERM_BEHIND))
    if (isTerm(groups?.['term'] ?? '', wanted, language)) return BEHIND_SHARE;
  const match = DEFINING.exec(plain);
  if (match === null) return 0;
  const subject = tokenize(plain.slice(0, match.index))
    .map((token) => token.word)
    .filter((word) => !isStopword(word));
  if (subject.length === 0 || subject.length > SUBJECT_WORDS) return 0;
  const met = words.filter((word) =>
    subject.some((one) => one.startsWith(word.slice(0, Math.max(3, word.length - 2)))),
  );
  return met.length / Math.max(words.length, subject.length - 1);
}
