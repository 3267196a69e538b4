/** What a follow-up can lean on: the slip it was asked on. */
export interface Before {
  readonly question: string;
  /** Its headline and claims, for a year or a thing that only they name. */
  readonly said: readonly string[];
}

/** Years, wherever they stand: Japanese sets none of them apart. */
export const YEAR = /(?<!\d)(?:19|20)\d{2}(?!\d)/g;

/** The latest year of the question before, or else of what it was answered; null where none is named. */
export function yearOf({ question, said }: Before): number | null {
  for (const text of [question, ...said]) {
    const years = text.match(YEAR);
    if (years !== null) return Math.max(...years.map(Number));
  }
  return null;
}

/** A question without the marks it ends in. */
export function unmarked(question: string): string {
  return question.trim().replace(/[?？.。!\s]+$/, '');
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
