import { findNumbers, type Language } from '../text';
import type { Answer } from './types';

/** A set of things two answers name: by both, by the first only, by the second only. */
export interface Shared {
  readonly both: readonly string[];
  readonly first: readonly string[];
  readonly second: readonly string[];
}

export interface Opinions {
  /** Figures of the claims that are carried, as they are written. */
  readonly figures: Shared;
  /** Documents and pages their quotes stand on. */
  readonly places: Shared;
  /** True when both decline, or a figure or a place is common to both. */
  readonly agree: boolean;
}

function carried(answer: Answer): Answer['claims'] {
  return answer.claims.filter((claim) => claim.standing === 'carried');
}

/** Figures by value, each as first written. */
function figuresOf(answer: Answer, language: Language): Map<string, string> {
  const found = new Map<string, string>();
  for (const { text } of carried(answer))
    for (const one of findNumbers(text.replace(/^\(?\d[\d.]*\)?\s/, ''), language)) {
      const key = `${one.value} ${one.unit ?? ''}`;
      if (one.value !== '1' && !found.has(key))
        found.set(
          key,
          text
            .replace(/^\(?\d[\d.]*\)?\s/, '')
            .slice(one.start, one.end)
            .trim(),
        );
    }
  return found;
}

function placesOf(answer: Answer): Map<string, string> {
  return new Map(
    carried(answer).flatMap((claim) =>
      claim.citations.map(
        (one) => [`${one.sourceId} ${one.page}`, `${one.sourceName}, p. ${one.label ?? one.page ?? '?'}`] as const,
      ),
    ),
  );
}

function shared(first: ReadonlyMap<string, string>, second: ReadonlyMap<string, string>): Shared {
  return {
    both: [...first].filter(([key]) => second.has(key)).map(([, text]) => text),
    first: [...first].filter(([key]) => !second.has(key)).map(([, text]) => text),
    second: [...second].filter(([key]) => !first.has(key)).map(([, text]) => text),
  };
}

/** What two answers to one question agree on and differ in, by the figures and the places of their carried claims. */
export function compareAnswers(first: Answer, second: Answer, language: Language): Opinions {
  const figures = shared(figuresOf(first, language), figuresOf(second, language));
  const places = shared(placesOf(first), placesOf(second));
  const neither = carried(first).length === 0 && carried(second).length === 0;
  const clash = figures.both.length === 0 && figures.first.length > 0 && figures.second.length > 0;
  return { figures, places, agree: neither || (!clash && (places.both.length > 0 || figures.both.length > 0)) };
}
