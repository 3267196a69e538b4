/** How long a summary is wanted; a page is one of running text. */
export interface SummaryLength {
  readonly count: number;
  readonly unit: 'sentences' | 'words' | 'pages';
}

export const DEFAULT_LENGTH: SummaryLength = { count: 5, unit: 'sentences' };
export const MOST_SENTENCES = 40;
/** Words on a page of running text. */
export const WORDS_A_PAGE = 400;
/** What each unit may count, least and most. */
export const LENGTH_LIMITS: Readonly<Record<SummaryLength['unit'], readonly [number, number]>> = {
  sentences: [1, MOST_SENTENCES],
  words: [20, 1200],
  pages: [0.25, 3],
};

const NUMBERS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, twelve: 12, fifteen: 15, twenty: 20, ein: 1, eine: 1, einem: 1, einer: 1, zwei: 2, drei: 3, vier: 4, fünf: 5, sechs: 6, sieben: 7, acht: 8, neun: 9, zehn: 10 }; // prettier-ignore
const NUMBER = String.raw`\d+(?:[.,]\d+)?|${Object.keys(NUMBERS).join('|')}`;
const SHARE =
  /\b(?:(?<half>half|halbe[nr]?)|(?<quarter>(?:a )?quarter|viertel)|(?<three>three quarters|dreiviertel))(?: of)?(?: (?:a|an|the|einer))? (?:page|seite)\b/i;
const COUNT = new RegExp(
  String.raw`\b(?<count>${NUMBER})(?:-| )(?<unit>sentences?|words?|pages?|paragraphs?|sätzen?|satz|wörtern?|worten?|seiten?|absätzen?)\b`,
  'i',
);
/** Words of a paragraph, as people count them. */
const WORDS_A_PARAGRAPH = 100;

function unitOf(word: string): SummaryLength['unit'] | 'paragraphs' {
  if (/^(?:page|seite)/i.test(word)) return 'pages';
  if (/^(?:word|w[oö]rt)/i.test(word)) return 'words';
  return /^(?:para|abs)/i.test(word) ? 'paragraphs' : 'sentences';
}

/** A length within its limits. */
export function withinLimits({ count, unit }: SummaryLength): SummaryLength {
  const [least, most] = LENGTH_LIMITS[unit];
  const fitting = Math.min(most, Math.max(least, count));
  return { count: unit === 'pages' ? fitting : Math.round(fitting), unit };
}

/** The length that words name ("three sentences", "half a page", "200 words"), with those words; null when they name none. */
export function lengthIn(text: string): { readonly length: SummaryLength; readonly words: string } | null {
  const share = SHARE.exec(text);
  if (share !== null) {
    const { half, quarter } = share.groups ?? {};
    const count = half !== undefined ? 0.5 : quarter !== undefined ? 0.25 : 0.75;
    return { length: { count, unit: 'pages' }, words: share[0] };
  }
  const counted = COUNT.exec(text);
  if (counted === null) return null;
  const { count: said = '', unit: word = '' } = counted.groups ?? {};
  const count = NUMBERS[said.toLowerCase()] ?? Number(said.replace(',', '.'));
  const unit = unitOf(word);
  const length: SummaryLength =
    unit === 'paragraphs' ? { count: count * WORDS_A_PARAGRAPH, unit: 'words' } : { count, unit };
  return { length: withinLimits(length), words: counted[0] };
}

/** A length in words: "5 sentences", "half a page". */
export function sayLength({ count, unit }: SummaryLength): string {
  if (unit === 'pages') {
    const share = { 0.25: 'a quarter of a page', 0.5: 'half a page', 0.75: 'three quarters of a page', 1: 'one page' }[
      count
    ];
    return share ?? `${count} pages`;
  }
  return count === 1 ? `one ${unit.slice(0, -1)}` : `${count} ${unit}`;
}

/** Words that a summary of a length may hold; null where sentences are counted. */
export function wordsOf({ count, unit }: SummaryLength): number | null {
  return unit === 'sentences' ? null : Math.round(unit === 'pages' ? count * WORDS_A_PAGE : count);
}

const ASKS =
  /^(?:please\s+)?(?:(?:can|could|would) you\s+)?(?:sum up|summari[sz]e|give (?:me |us )?(?:an? )?(?:short |brief )?(?:summary|overview) of|fass(?:e|en sie)?)\b\s*(?<rest>.*?)\s*(?:zusammen)?[.?!\s]*$/is;

/** What a message asks to be summed up (`said`: words that may name documents), how long and about what; null when it asks for no summary. */
export function summaryAsked(
  message: string,
): { readonly length: SummaryLength; readonly about: string; readonly said: string } | null {
  const rest = ASKS.exec(message.trim())?.groups?.['rest'];
  if (rest === undefined) return null;
  const found = lengthIn(rest);
  const plain = (found === null ? rest : rest.replace(found.words, ' '))
    .replace(/\b(?:in|on|within|auf|to)\s*(?=[,.]|$)/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const about =
    /\b(?:only |just |nur )?(?:about|as to|regarding|on|what .{2,60} says? (?:about|on|of)|über|zu)\s+(?<about>.+)$/i.exec(
      plain,
    )?.groups?.['about'] ?? '';
  return {
    length: found?.length ?? DEFAULT_LENGTH,
    about: about.replace(/[.?!,\s]+$/, ''),
    said: plain.slice(0, plain.length - about.length).trim(),
  };
}
