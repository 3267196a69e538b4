import { termSet } from '../search';
import type { Language } from '../text';

/** The words of a text, as search terms, without its figures. */
export function wordsIn(text: string, language: Language): Set<string> {
  return new Set([...termSet(text, language)].filter((term) => !/\d/.test(term)));
}

/** Share of the shorter one's words that two texts have in common, from 0 to 1: one may tell more beside what both tell. */
export function shareOfShorter(one: ReadonlySet<string>, two: ReadonlySet<string>): number {
  const both = [...one].filter((word) => two.has(word)).length;
  return both / Math.max(1, Math.min(one.size, two.size));
}
