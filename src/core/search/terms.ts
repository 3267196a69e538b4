import { datesOf, erasIn, isIdeographic, numbersOf, remembered, stemWord, tokensOf, type Language } from '../text';

/** Words that carry no subject in any question or passage; they are neither indexed nor asked for. */
const STOPWORDS = new Set(
  (
    'a an the of and or to in on at by for from with as is are was were be been being it its this that these those there here he she they them ' +
    'their his her we our us you your i my me which who whom whose what when where why how do does did done has have had having will would shall should ' +
    'can could may might must not no if then than so such into upon any all each both other same also only per about after before under over between ' +
    'der die das den dem des ein eine einer eines einem einen und oder zu im in am an auf aus bei mit von vom für ist sind war waren wird werden wurde ' +
    'wurden nicht es er sie wir ihr man sich auch nur als wie wenn dass ob so hat haben kann können muss müssen soll sollen darf wer wem wen wessen wo wann warum welche welcher welches welchem welchen womit woran wofür wodurch wozu worauf worin worüber wonach ' +
    'le la les de du un une et ou à au aux en dans sur par pour avec est sont il elle ils'
  ).split(' '),
);

/** German function words that mean something in English. */
const ENGLISH_WORDS = new Set(['war', 'die', 'man']);

export function isStopword(word: string): boolean {
  return STOPWORDS.has(word);
}

export interface Term {
  readonly term: string;
  /** Which token it comes from, for nearness. */
  readonly position: number;
  readonly word: string;
}

/** What a word may be joined to by a hyphen, or without one. */
const PREFIXES = new Set('sub co re pre non over under e out semi multi anti inter'.split(' '));

/** A character of Chinese script, which has a meaning of its own: that of "rent" is the same in every word for it. */
const HAN = /^\p{Script=Han}$/u;

/** Search terms of a text in order: stems, pairs of ideographs, also over a line end, and characters of Chinese script by themselves; stop words give none. */
export const termsOf: (text: string, language: Language) => readonly Term[] = remembered((text, language) => {
  const terms: Term[] = [];
  const tokens = tokensOf(text);
  tokens.forEach(({ word, end }, position) => {
    if (isIdeographic(word)) {
      const next = tokens[position + 1];
      const between = next === undefined ? ' ' : text.slice(end, next.start);
      const joined = next !== undefined && isIdeographic(next.word) && (between === '' || between === '\n');
      terms.push({ term: joined ? word + next.word : word, position, word });
      if (joined && HAN.test(word)) terms.push({ term: word, position, word });
    } else if (!STOPWORDS.has(word) || (language === 'en' && ENGLISH_WORDS.has(word))) {
      terms.push({ term: stemWord(word, language), position, word });
      const next = tokens[position + 1];
      // "Sub-let" is "sublet" too.
      if (PREFIXES.has(word) && text[end] === '-' && next?.start === end + 1)
        terms.push({ term: stemWord(word + next.word, language), position, word: `${word}-${next.word}` });
    }
  });
  return terms;
});

/** Names that are one word to their readers: "/var/tmp", "non-free", "14.2(b)". */
const COMPOUND =
  /(?<![\p{L}\p{N}/_.-])(?:~?\/[\p{L}\p{N}_+.-]+(?:\/[\p{L}\p{N}_+.-]+)*|[\p{L}\p{N}]+(?:[-_/.][\p{L}\p{N}]+)+)/gu;

function compoundTerms(text: string): string[] {
  return [...text.matchAll(COMPOUND)]
    .map((match) => match[0].replace(/[.-]+$/, '').toLowerCase())
    .filter((name) => name.length > 3 && /\p{L}/u.test(name))
    .map((name) => `=${name}`);
}

/** Numbers, dates and compound names of a text: "1.25 million" and "1,250,000" give the same term. */
export const valueTerms: (text: string, language: Language) => readonly string[] = remembered((text, language) => {
  const compounds = /[-_/.]/.test(text) ? compoundTerms(text) : [];
  const values = numbersOf(text, language)
    .filter((one) => one.value.length > 1)
    .map((one) => `#${one.value}`);
  const eras = language === 'ja' ? erasIn(text).map(({ year }) => `#${year}`) : [];
  return [...compounds, ...values, ...eras, ...datesOf(text).map((one) => `@${one.value}`)];
});

/** Every term of a text: its stems, and its numbers, dates and compound names. */
export const termSet: (text: string, language: Language) => ReadonlySet<string> = remembered((text, language) => {
  const terms = new Set(termsOf(text, language).map((one) => one.term));
  for (const value of valueTerms(text, language)) terms.add(value);
  return terms;
});

/** True for two sets of the same terms, and of some. */
export function sameTerms(one: ReadonlySet<string>, two: ReadonlySet<string>): boolean {
  return one.size > 0 && one.size === two.size && [...one].every((term) => two.has(term));
}

/** How much two sets of words have in common: the share of all words that both hold (Jaccard 1901); 0 of two empty ones. */
export function shareInCommon(one: ReadonlySet<string>, two: ReadonlySet<string>): number {
  let shared = 0;
  for (const word of one) if (two.has(word)) shared += 1;
  return shared === 0 ? 0 : shared / (one.size + two.size - shared);
}
