import { stemWord, tokensOf } from '../text';
import type { Equivalent } from './equivalents';

/** Prefixes that German verbs part with: "räumt … auf" of "aufräumen". */
const PREFIXES = new Set(
  'auf ab an aus ein mit vor zurück weg nach fest um her hin los statt teil zusammen weiter'.split(' '),
);
const JOINED_SHARE = 0.9;

/**
 * By the stems of their parts, the verbs that a German question may part, its prefix last: "Womit räumt man das Verzeichnis auf?". Each word in small letters
 * before it, and the first, may be the one; those that are not make words which no document holds.
 */
export function separableVerbs(text: string): ReadonlyMap<string, Equivalent> {
  const tokens = tokensOf(text);
  const prefix = tokens.at(-1)?.word ?? '';
  if (!PREFIXES.has(prefix)) return new Map();
  return new Map(
    tokens
      .slice(0, -1)
      .filter(
        ({ word, start }, at) => (at === 0 || /^\p{Ll}{3,}/u.test(text.slice(start))) && !word.startsWith('welch'),
      )
      .map(({ word }) => [stemWord(word, 'de'), { term: stemWord(`${prefix}${word}`, 'de'), share: JOINED_SHARE }]),
  );
}
