import type { FigureSaid, PeriodSaid } from './around';
import type { StatedFigure } from './stated';

/** What a word weighs, and the words that stand for it: over all documents asked. */
export interface WordSense {
  weight(term: string): number;
  equivalents(term: string): readonly string[];
}

/** Share of a row's label that is said where the row is named. */
const NAMED = 0.85;
/** What a word that stands for another counts of it. */
const STANDS_FOR = 0.8;

/** Weighted share of some terms that stand in a set, an equivalent counting less; 0 of none. */
export function shareIn(terms: ReadonlySet<string>, set: ReadonlySet<string>, sense: WordSense): number {
  let [met, total] = [0, 0];
  for (const term of terms) {
    const weight = sense.weight(term);
    total += weight;
    if (set.has(term)) met += weight;
    else if (sense.equivalents(term).some((other) => set.has(other))) met += STANDS_FOR * weight;
  }
  return total === 0 ? 0 : met / total;
}

/** Words that may stand between those of a label that is said: "revenue of the year from fares". */
const LOOSELY = 2;

/** True when a text says a row's label, its words in order and next to each other: "assets ... total liabilities" does not say "total assets". */
export function says(sequence: readonly string[], label: ReadonlySet<string>, sense: WordSense): boolean {
  const words = [...label];
  const meant = words.map((term) => new Set([term, ...sense.equivalents(term)]));
  return sequence.some((_, at) => {
    const met = new Set<string>();
    let from = at;
    const end = Math.min(sequence.length, at + words.length + LOOSELY);
    meant.forEach((ways) => {
      const found = sequence.findIndex((term, place) => place >= from && place < end && ways.has(term));
      if (found < 0) return;
      met.add(sequence[found] as string);
      from = found + 1;
    });
    return met.size > 0 && shareIn(label, met, sense) >= NAMED;
  });
}

/** Whether two periods are one (1), say nothing against each other (0), or differ (-1). */
export function periodsAgree(said: PeriodSaid, stated: PeriodSaid): -1 | 0 | 1 {
  const meet = (one: ReadonlySet<string>, two: ReadonlySet<string>): boolean => [...one].some((part) => two.has(part));
  if (said.parts.size > 0 && stated.parts.size > 0 && !meet(said.parts, stated.parts)) return -1;
  if (said.years.size > 0 && stated.years.size > 0 && !meet(said.years, stated.years)) return -1;
  if (said.span !== null && stated.span !== null && said.span !== stated.span) return -1;
  return said.years.size > 0 && stated.years.size > 0 ? 1 : 0;
}

/** The same by the words next to each of two figures in running text, which tell figures of one sentence apart. */
export function nearLikeness(said: FigureSaid, stated: StatedFigure, sense: WordSense): number {
  return (shareIn(said.local, stated.label, sense) + shareIn(stated.label, said.local, sense)) / 2;
}

/**
 * How far a stated figure is of what a figure is said to be of, from 0 to 1: how much of the words said stand there, and how much of the words that name it
 * are said. Weights were set by the figures' trials; see docs/measurements.md.
 */
export function likeness(said: FigureSaid, stated: StatedFigure, sense: WordSense): number {
  return (
    0.25 * shareIn(said.sentence, stated.context, sense) +
    0.25 * shareIn(said.local, stated.context, sense) +
    0.3 * shareIn(stated.label, said.sentence, sense) +
    0.2 * shareIn(stated.label, said.local, sense)
  );
}
