import { DEFAULT_PASSAGES, type PassageOptions } from '../search';

/** Something that needs care in a contract: how it is found, why it matters, and what is usually asked for. Plain data, which an analyst can change. */
export interface WatchPoint {
  readonly name: string;
  /** Words that lead to it. */
  readonly words: string;
  /** What a sentence about it says, any one of these: words, "*" for any ending, "…" for up to 90 characters between. */
  readonly says: readonly string[];
  readonly why: string;
  readonly usual: string;
}

/** How the questions of a dossier are read: what the analyst may change, with defaults that trials favour. */
export interface AskSettings {
  /** How documents are cut into passages; changing it means indexing them anew. */
  readonly passages: PassageOptions;
  /** Passages that an answer is sought in, from 10 to 40. */
  readonly breadth: number;
  /** How much another word for one asked counts, against what it counts by default; from 0 (only the words asked) to 1.5. */
  readonly paraphrase: number;
  /** Words that stand for each other in this dossier's trade, a group each, beside those the reader knows. */
  readonly equivalents: readonly (readonly string[])[];
  /** What needs care in a contract; null for the list that comes with the reader. */
  readonly watchPoints: readonly WatchPoint[] | null;
  /** Standing instructions, in plain sentences. */
  readonly instructions: string;
}

export const DEFAULT_SETTINGS: AskSettings = {
  passages: DEFAULT_PASSAGES,
  breadth: 10,
  paraphrase: 1,
  equivalents: [],
  watchPoints: null,
  instructions: '',
};

/** What may be set, least and most. */
export const SETTING_LIMITS = {
  maxWords: [40, 400],
  minWords: [0, 200],
  overlap: [0, 4],
  breadth: [10, 40],
  paraphrase: [0, 1.5],
} as const;
