/** A number as it stands in a text. `start`, `end` in UTF-16 code units; they take in scale word and unit. */
export interface NumberMention {
  readonly start: number;
  readonly end: number;
  /** Plain decimal notation with the scale word multiplied in, negative in parentheses or with a minus sign. */
  readonly value: string;
  /** `%`, a currency sign or word, a unit of time or measure in the singular; null when none follows. */
  readonly unit: string | null;
  /** The power of ten that a scale word gave, 1 when there was none. */
  readonly scale: number;
}
