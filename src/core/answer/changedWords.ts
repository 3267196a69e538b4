import { oneLine } from '../text';

/** Words that go, and those that take their place; `either` where the sentence does not tell which is which, and the clause does. */
export interface WordsPut {
  readonly old: string;
  readonly now: string;
  readonly either?: true;
}

/** Words in quotation marks; a mark within a word closes none: ‘the Tenant’s rent’. */
export const QUOTED =
  /[“"„]([^”"“„]{1,600})[”"“]|‘((?:[^‘’]|(?<=\p{L})’(?=\p{L})){1,600})’(?!\p{L})|(?<!\p{L})'([^'\n]{1,300})'(?!\p{L})|「([^「」]{1,400})」/gu;
/** A quotation that is opened and not closed. */
export const LEFT_OPEN = /[“„‘「][^”“„’」]*$/;

/** What stands in quotation marks, with where the quotations begin and end, in characters. */
export function quotedIn(text: string): { readonly words: string; readonly start: number; readonly end: number }[] {
  return [...text.matchAll(QUOTED)].map((match) => ({
    words: (match.slice(1).find((one) => one !== undefined) ?? '').trim(),
    start: match.index,
    end: match.index + match[0].length,
  }));
}

/** A sentence on one line with what it quotes taken out: “”. */
export function withoutQuoted(text: string): string {
  return oneLine(text).replace(QUOTED, '“”');
}

/** What joins words that go with those that come: "“A” is replaced by “B”", "„A“ durch „B“", 「A」を「B」に. */
const TAKEN_OVER = /^[\s,]*(?:(?:is|are|shall be|be)\b.*\b(?:by|with|to)|(?:there )?(?:is|shall be|be)? ?substituted?|(?:(?:it|this) )?(?:shall |will )?(?:now )?(?:reads?|say)|(?:shall )?becomes?|wird zu|(?:is|are|shall be)\s(?:hereby\s)?(?:deleted|struck out|omitted|removed),?\sand|by|with|durch|tritt|treten|を|とあるの[はを]、?)[\s,]*(?:(?:the )?(?:words?|figures?|das Wort|die (?:Wörter|Worte|Angabe|Zahl))\s*)?$/i; // prettier-ignore

/** "“B” is substituted for “A”": what comes stands first. */
const COMES_FIRST =
  /^\s*(?:is|are|shall be)\s+(?:inserted|substituted|put)\s+(?:for|in place of)\s*(?:the (?:words?|figures?)\s*)?$/i;
/** "an die Stelle der Angabe „A“ die Angabe „B“": nothing but a noun stands between. */
const IN_STEAD = /^\s*(?:die|das|der)\s+(?:angabe|wort|wörter|worte|zahl|betrag)\s*$/i;

/** What is between words that are put behind others, "the addition of “B” after “A”", "“B” is inserted after “A”". */
const PUT_BEHIND = /^[^“„"]{0,40}?(?<!\p{L})(?:after|following|behind|nach|hinter)(?!\p{L})[^“„"]{0,30}$/iu;
/** Says that words are put in, behind others that stay. */
const PUTS_IN = /\b(?:addition|add(?:ed|ing)?|insert(?:ed|ion|ing)?)\b|(?:ein|an)(?:ge)?füg|ergänz|加える|挿入/i;
/** What stands in front of the quotation of words that stay, "after “A” there is inserted “B”"; in Japanese behind it. */
const STAYS =
  /(?:\b(?:after|following|behind)|(?<!\p{L})(?:nach|hinter))\s(?:(?:the|de[mnr]) )?(?:words?|figures?|expressions?|Wort|Wörtern|Worten|Angabe|Zahl)?\s*$/iu;

const STAYS_IN_JAPANESE = /^(?:の次に|の下に|の後に)/;

/** Words that are put behind others, which stay: a pair of these and of both; null for a sentence that puts none in so. */
function putBehind(text: string, quoted: ReturnType<typeof quotedIn>): WordsPut | null {
  const [one, two, ...more] = quoted;
  if (one === undefined || two === undefined || more.length > 0 || !PUTS_IN.test(withoutQuoted(text))) return null;
  const between = text.slice(one.end, two.start);
  const joined = (first: string, second: string): WordsPut => ({
    old: first,
    now: /[\u3040-\u30ff\u4e00-\u9fff]/.test(first) ? first + second : `${first} ${second}`,
  });
  if (PUT_BEHIND.test(between)) return joined(two.words, one.words);
  const stays = STAYS.test(text.slice(0, one.start)) || STAYS_IN_JAPANESE.test(between);
  return stays ? joined(one.words, two.words) : null;
}

/** True for a sentence that puts words behind others of a clause. */
export function putsWordsIn(text: string): boolean {
  return putBehind(text, quotedIn(text)) !== null;
}

/** Says that words go and none come: "the words “…” are deleted". */
const WORDS_GO =
  /^[\s,]*(?:(?:is|are|shall be|be)\s(?:hereby\s)?(?:deleted|struck out|omitted|removed|repealed)(?!,?\s(?:and|by))|(?:wird|werden|sind|ist)\s(?:ersatzlos\s)?(?:gestrichen|aufgehoben)|を(?:削る|削除))/i;

/** What a Japanese clause turns from and to, without quotation marks: 「終業時刻を午後5時30分から午後5時に改める」. */
const TURNED_IN_JAPANESE =
  /を(?<old>[^を、。「」]{1,20}?)から(?<now>[^を、。「」]{1,20}?)(?:に|へ|まで)(?:改め|変更|引き?上げ|引き?下げ|短縮|延長|増額|減額)/u;

/** A pair that is told without quotation marks; none for most sentences. */
function putFor(text: string): WordsPut[] {
  const { old, now } = TURNED_IN_JAPANESE.exec(text)?.groups ?? {};
  return old === undefined || now === undefined ? [] : [{ old, now }];
}

/** Words of a sentence that go and those in their place, in their order; words that go alone have none in theirs. */
export function pairsOf(text: string): WordsPut[] {
  const quoted = quotedIn(text);
  const behind = putBehind(text, quoted);
  if (behind !== null) return [behind];
  const gone = quoted.filter(({ end }) => WORDS_GO.test(text.slice(end)));
  if (quoted.length === 0) return putFor(text);
  if (gone.length === quoted.length) return gone.map(({ words }) => ({ old: words, now: '' }));
  const stead = /\ban die stelle\b/i.test(text);
  const told = quoted.flatMap((one, at) => {
    const next = quoted[at + 1];
    if (next === undefined) return [];
    const between = text.slice(one.end, next.start);
    if (COMES_FIRST.test(between)) return [{ old: next.words, now: one.words }];
    return TAKEN_OVER.test(between) || (stead && IN_STEAD.test(between)) ? [{ old: one.words, now: next.words }] : [];
  });
  const [one, two, ...more] = quoted;
  if (told.length > 0 || one === undefined || two === undefined || more.length > 0) return told;
  return [{ old: one.words, now: two.words, either: true }];
}
