/** What is measured of a sentence or table row against a question; each from 0 to about 1. */
export interface Features {
  /** Weighted share of the question's terms in the unit itself. */
  readonly covered: number;
  /** The same with the sentence that announces the list the unit stands in. */
  readonly led: number;
  /** The same with heading and neighbours, and with the whole passage. */
  readonly around: number;
  readonly whole: number;
  /** Weighted share of the question's terms that the unit, with what announces it, holds only in words used like them; it tells whether there is an answer, not which. */
  readonly alike: number;
  /** Share of the question's words that stand in the very form asked. */
  readonly forms: number;
  /** Share of the question's neighbouring words that stand near each other. */
  readonly pairs: number;
  /** Score of the passage against the best, and how early it ranks. */
  readonly passage: number;
  readonly rank: number;
  /** An answer of the wanted kind is there, and how near it stands to the question's words. */
  readonly kind: number;
  readonly near: number;
  readonly definition: number;
  /** Words set in quotation marks stand there together. */
  readonly phrase: number;
  /** Share of the years and dates asked for that stand in the unit, less where only its surroundings name them; 1 when none was asked for. */
  readonly period: number;
  readonly row: number;
  /** How far a table row is the one asked for, by its label and what stands over it. */
  readonly label: number;
  readonly note: number;
  /** Share of the question's weight in the heading the unit stands under, run-in heads included. */
  readonly headed: number;
  /** The unit tells what is expected, which was not asked; less than 0 where it was. */
  readonly forecast: number;
  /** Share of the words of the property asked for that the unit holds, with its heads; 1 when the question's shape does not tell the property. */
  readonly focus: number;
  /** The document is a draft, which was not asked for. */
  readonly draft: number;
  /** The question says "not" or the like, and so does the unit. */
  readonly negation: number;
  /** Signs of a unit that answers nothing. */
  readonly heading: number;
  readonly contents: number;
  readonly asking: number;
  readonly tiny: number;
  /** The unit is a command, a setting or what a program prints, rather than a sentence. */
  readonly code: number;
  /** A limit is asked for, and one told: "not more than eleven hours". */
  readonly limit: number;
  /** How much more alike the unit is to the question in what it is about, by vectors of words, than the first sentences found usually are; 0 where these are not there. */
  readonly meaning: number;
}

/**
 * How much each feature counts. Found by coordinate search over the known-answer questions in bench/questions on the demo and seven public manuals, held
 * near values set by hand, and tried on four manuals that were kept aside; see docs/measurements.md.
 */
export const WEIGHTS: Readonly<Record<keyof Features, number>> = {
  covered: 0.17,
  led: 0.76,
  around: 0.72,
  whole: 0.48,
  alike: 0,
  forms: 1.37,
  pairs: 0.58,
  passage: 0.91,
  rank: 0.27,
  kind: 0.89,
  near: 1.5,
  definition: 0.89,
  phrase: 0.5,
  period: 0.51,
  row: 0.09,
  label: 1.05,
  note: -0.15,
  headed: 0.85,
  forecast: -1.5,
  focus: 0.1,
  draft: -0.79,
  negation: 0.61,
  heading: -0.36,
  contents: -0.9,
  asking: -0.41,
  tiny: 0.17,
  code: -2,
  limit: 0.4,
  meaning: 3,
};

export function weigh(features: Features): number {
  let sum = 0;
  for (const name of Object.keys(WEIGHTS) as (keyof Features)[]) sum += WEIGHTS[name] * features[name];
  return sum;
}
