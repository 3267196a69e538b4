import { isIdeographic } from './characters';

/** BCP 47 code of the languages that are told apart; `und` when none is. */
export type Language = 'en' | 'de' | 'fr' | 'es' | 'it' | 'nl' | 'ja' | 'und';

const FREQUENT: Readonly<Record<Exclude<Language, 'ja' | 'und'>, readonly string[]>> = {
  en: ['the', 'of', 'and', 'to', 'is', 'that', 'for', 'by', 'with', 'shall', 'are', 'this'],
  de: ['der', 'die', 'und', 'das', 'ist', 'nicht', 'den', 'von', 'mit', 'ein', 'eine', 'werden', 'auf'],
  fr: ['le', 'les', 'des', 'et', 'est', 'une', 'dans', 'que', 'pour', 'du', 'au', 'par'],
  es: ['el', 'los', 'las', 'que', 'del', 'una', 'por', 'para', 'con', 'es', 'se'],
  it: ['il', 'che', 'di', 'della', 'per', 'una', 'sono', 'del', 'con', 'gli', 'non'],
  nl: ['het', 'een', 'van', 'en', 'dat', 'niet', 'op', 'zijn', 'voor', 'worden', 'met'],
};

/**
 * The language of a text by its commonest function words; Japanese by its script. Looks at the first
 * 20,000 characters. A text with too few such words is `und`.
 */
export function detectLanguage(text: string): Language {
  const sample = text.slice(0, 20_000);
  let kana = 0;
  let letters = 0;
  for (const char of sample) {
    if (/\p{L}/u.test(char)) letters += 1;
    if (char >= '\u3040' && char <= '\u30ff' && isIdeographic(char)) kana += 1;
  }
  if (letters > 0 && kana / letters > 0.1) return 'ja';
  const counts = new Map<string, number>();
  for (const word of sample.toLowerCase().match(/\p{L}+/gu) ?? []) counts.set(word, (counts.get(word) ?? 0) + 1);
  let best: Language = 'und';
  let most = 4;
  for (const [language, words] of Object.entries(FREQUENT)) {
    const score = words.reduce((sum, word) => sum + (counts.get(word) ?? 0), 0);
    if (score > most) {
      most = score;
      best = language as Language;
    }
  }
  return best;
}

/** The language of most of several pages, those that are too short to tell aside; of them all together where the pages do not tell. */
export function languageOfPages(pages: readonly string[]): Language {
  const votes = new Map<Language, number>();
  for (const page of pages) {
    const language = detectLanguage(page);
    if (language !== 'und') votes.set(language, (votes.get(language) ?? 0) + 1);
  }
  const [first, second] = [...votes].sort((a, b) => b[1] - a[1]);
  return first !== undefined && first[1] > (second?.[1] ?? 0) ? first[0] : detectLanguage(pages.join('\n'));
}

/** Words that questions are put with, beside the frequent ones. */
const ASKING: typeof FREQUENT = {
  en: ['what', 'how', 'when', 'who', 'which', 'where', 'why', 'does', 'did', 'may', 'can', 'must', 'in', 'was', 'were'],
  de: (
    'was wie wann wer welche welcher welches wo warum darf kann muss wird im wem wen wessen welchen welchem wieviel viele vielen ' +
    'weshalb wozu womit woher wohin gibt hat sind dürfen müssen können wurde wurden eines einen einem zu ich dem nennen sie bei ' +
    'beim nach für um aus zum zur vom gilt passiert versteht bedeutet heißt unter geschieht kostet braucht ' +
    'man bekommt erhält zahlt bezahlt muß darf steht liegt gehört haftet trägt macht haben werden'
  ).split(' '),
  fr: ['quel', 'quelle', 'quels', 'quelles', 'quand', 'qui', 'combien', 'comment', 'où', 'pourquoi', 'peut', 'la'],
  es: ['qué', 'cuál', 'cuáles', 'cuándo', 'quién', 'cuánto', 'dónde', 'cómo', 'puede', 'la', 'de'],
  it: ['quale', 'quali', 'quando', 'chi', 'quanto', 'dove', 'come', 'perché', 'può', 'la'],
  nl: ['wat', 'wie', 'wanneer', 'welke', 'hoeveel', 'waar', 'waarom', 'mag', 'kan', 'moet', 'de'],
};

/** The language among several that a short text, such as a question, is likeliest in; the first of them when nothing tells. */
export function likeliestLanguage(text: string, among: readonly Language[]): Language {
  const [first = 'und'] = among;
  if (among.length < 2) return first;
  if (/[\u3040-\u30ff]/.test(text) && among.includes('ja')) return 'ja';
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  const score = (language: Language): number => {
    if (language === 'ja' || language === 'und') return 0;
    const known = new Set([...FREQUENT[language], ...ASKING[language]]);
    return words.filter((word) => known.has(word)).length;
  };
  return among.reduce((best, one) => (score(one) > score(best) ? one : best), first);
}
