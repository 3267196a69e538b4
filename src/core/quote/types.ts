import type { Span } from '../source';

/** What is shown of a check; the order is the order of precedence. */
export type Mark = 'exact' | 'same-words' | 'elsewhere' | 'altered' | 'absent';
/** Which words were found. */
export type WordsFound = 'exact' | 'same' | 'altered' | 'absent';
/** Where they were found: on the page cited, on another page or in another document, or with no page cited. */
export type PlaceFound = 'cited' | 'elsewhere' | 'uncited' | 'none';

export type DifferenceKind = 'figure' | 'date' | 'negation' | 'modal' | 'name' | 'word' | 'dropped' | 'added' | 'form';

export interface Difference {
  readonly kind: DifferenceKind;
  /** What the page says; empty when the quote adds words. */
  readonly expected: string;
  /** What the quote says; empty when it drops words. */
  readonly found: string;
  /** True when the difference changes what is agreed, owed, allowed or counted. */
  readonly grave: boolean;
}

/** Where words stand: one document, at least one span for each page they touch, in order. */
export interface Place {
  readonly sourceId: string;
  readonly spans: readonly Span[];
}

export interface QuoteRequest {
  readonly quote: string;
  /** The document cited, if any. */
  readonly sourceId?: string | null;
  /** The physical page cited, from 1, if any. */
  readonly page?: number | null;
}

export interface QuoteCheck {
  readonly mark: Mark;
  readonly words: WordsFound;
  readonly place: PlaceFound;
  /** The best place; null when absent. */
  readonly at: Place | null;
  /** All places of good words, the best first. */
  readonly places: readonly Place[];
  /** The page's own words at the best place. */
  readonly matched: string;
  /** Likeness to the page's words, 0 to 1. */
  readonly score: number;
  readonly differences: readonly Difference[];
  /** For `elsewhere`: what the cited page says instead, where it is close. */
  readonly instead: {
    readonly at: Place;
    readonly matched: string;
    readonly differences: readonly Difference[];
  } | null;
  /** True when the quote is too short to tell one place from another without a page. */
  readonly tooShort: boolean;
}
