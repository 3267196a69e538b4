/** Pages, a section or a table that a question names as where to look. */
export type PlaceNamed =
  | { readonly kind: 'pages'; readonly from: string; readonly to: string }
  | {
      readonly kind: 'section';
      readonly word: string;
      readonly parts: readonly string[];
      readonly of: SectionNamed | null;
    }
  | { readonly kind: 'table'; readonly number: string };

/** A section by its kind and the steps of its number. */
export interface SectionNamed {
  readonly word: string;
  readonly parts: readonly string[];
}

const LEAD = String.raw`(?:(?:on|in|at|under|from|by|of|according to|within|auf|in|nach|gemäß|laut)\s+)?(?:the\s+)?`;
const LABEL = String.raw`(?:[A-Z]{1,2}-)?\d{1,4}|[ivxlc]{1,7}`;
const PAGES = new RegExp(
  String.raw`${LEAD}\b(?:pages?|pp?\.|seiten?)\s*(?<from>${LABEL})(?:\s*(?:to|until|-|–|and|bis|und)\s*(?<to>${LABEL}))?(?![\w.])`,
  'iu',
);
const PAGE_JAPANESE = /(?:第)?(?<from>\d{1,4})(?:[~〜～から]+(?<to>\d{1,4}))?\s*(?:ページ|頁)(?:には|では|に|の|で)?/u;
export const SECTION = new RegExp(
  String.raw`${LEAD}(?<word>§+|\b(?:clauses?|sub-?clauses?|sections?|articles?|art\.|paragraphs?|para\.|chapters?|parts?|schedules?|annex(?:es)?|appendix|notes?|abschnitt|artikel|ziffer|kapitel|anhang|paragraph))\s*(?<number>\d{1,3}(?:\.\d{1,3})*\.?[a-z]?(?:\s?\([a-z\d]{1,4}\))*|[IVXL]{1,6}(?![\p{L}\d])|[A-H](?![\p{L}\d]))`,
  'iu',
);
const SECTION_JAPANESE = /第(?<number>\d{1,3})(?<word>条|章|節|項)(?:には|では|に|の|で)?/u;
const TABLE = new RegExp(
  String.raw`${LEAD}\b(?:table|tabelle)\s*(?<number>\d{1,3}(?:[.-]\d{1,3})*|[A-H]\d{0,2})(?![\w])`,
  'iu',
);

const TABLE_JAPANESE = /表\s?(?<number>\d{1,3}(?:[.-]\d{1,3})*)(?:には|では|に|の|で)?/u;

/** Words for kinds of sections that say the same. */
const SAME_WORDS: Readonly<Record<string, string>> = { 'art.': 'article', artikel: 'article', kapitel: 'chapter', anhang: 'annex', appendix: 'annex', abschnitt: 'section', ziffer: 'clause', 'para.': 'paragraph', '§': 'section', 条: '条', 章: '章' }; // prettier-ignore
/** Kinds of sections that a number alone never means: "Schedule 2" is not clause 2. */
export const APART = new Set(['chapter', 'part', 'schedule', 'annex', 'note', 'article', '章']);

export function wordOf(word: string): string {
  const plain = word
    .toLowerCase()
    .replace(/^§+$/, '§')
    .replace(/^sub-?/, '')
    .replace(/(?<=[a-z]{3})s$/, '')
    .replace(/annexe$/, 'annex');
  return SAME_WORDS[plain] ?? plain;
}

/** The steps of a section's number: "14.2(b)" is 14.2, then b. */
export function stepsOf(number: string): string[] {
  return [...number.toLowerCase().matchAll(/\d+(?:\.\d+)*[a-z]?|[a-z]+/g)].map((match) => match[0]);
}

/** The first place that a question names, with the words that name it; null when it names none. */
export function placeNamed(question: string): { readonly named: PlaceNamed; readonly words: string } | null {
  const table = TABLE.exec(question) ?? TABLE_JAPANESE.exec(question);
  if (table !== null) return { named: { kind: 'table', number: table.groups?.['number'] ?? '' }, words: table[0] };
  const section = SECTION.exec(question) ?? SECTION_JAPANESE.exec(question);
  if (section !== null) {
    const { word = '', number = '' } = section.groups ?? {};
    // "Part 2 of Schedule 7": the part within the schedule.
    const rest = question.slice(section.index + section[0].length);
    const over = /^\s*(?:of|to|in)\s/i.test(rest) ? SECTION.exec(rest) : null;
    const of =
      over === null || over.index > 1
        ? null
        : { word: wordOf(over.groups?.['word'] ?? ''), parts: stepsOf(over.groups?.['number'] ?? '') };
    const words =
      of === null ? section[0] : `${section[0]}${rest.slice(0, (over?.index ?? 0) + (over?.[0].length ?? 0))}`;
    return { named: { kind: 'section', word: wordOf(word), parts: stepsOf(number), of }, words };
  }
  const pages = PAGES.exec(question) ?? PAGE_JAPANESE.exec(question);
  if (pages === null) return null;
  const { from = '', to = from } = pages.groups ?? {};
  return { named: { kind: 'pages', from, to: to === '' ? from : to }, words: pages[0] };
}

/** A question's words for a place, taken out of it. */
export function without(question: string, words: string): string {
  return question
    .replace(words, ' ')
    .replace(/\s+([?,.;])/g, '$1')
    .replace(/\s+/g, ' ')
    .replace(/^[\s,]+/, '')
    .trim();
}

/** Words for a place without what leads to it: "clause 7" of "under the clause 7". */
export function plainly(words: string): string {
  return words.trim().replace(new RegExp(`^${LEAD}`, 'iu'), '');
}
