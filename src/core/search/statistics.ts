import { Recent } from '../recent';
import { termNumber } from './segment';
import type { ShelfSource } from './shelf';

/** Terms whose numbers in each document are kept: a question asks for the same ones several times, with all that stand for them. */
const TERMS = 1_000;

/** What was counted over one list of documents. */
class Statistics {
  /** Passages of all documents. */
  readonly passages: number;
  /** Words of a passage on average, at least 1. */
  readonly average: number;
  private readonly counts = new Map<string, number>();
  private readonly numbers = new Recent<string, Int32Array>(TERMS);

  constructor(private readonly sources: readonly ShelfSource[]) {
    let [passages, words] = [0, 0];
    for (const { segment } of sources) {
      passages += segment.passageSections.length;
      for (const count of segment.passageWords) words += count;
    }
    this.passages = passages;
    this.average = Math.max(1, words / Math.max(1, passages));
  }

  /** The number of a term in each document, in their order, -1 where one has it not. */
  numbersOf(term: string): Int32Array {
    return this.numbers.get(term, () => Int32Array.from(this.sources, ({ segment }) => termNumber(segment, term)));
  }

  /** Passages that hold a term. */
  frequencyOf(term: string): number {
    const known = this.counts.get(term);
    if (known !== undefined) return known;
    let count = 0;
    this.numbersOf(term).forEach((number, at) => {
      if (number < 0) return;
      const { postingStarts } = (this.sources[at] as ShelfSource).segment;
      count += (postingStarts[number + 1] as number) - (postingStarts[number] as number);
    });
    this.counts.set(term, count);
    return count;
  }
}

const counted = new WeakMap<readonly ShelfSource[], Statistics>();

export function statisticsOf(sources: readonly ShelfSource[]): Statistics {
  const known = counted.get(sources) ?? new Statistics(sources);
  counted.set(sources, known);
  return known;
}

/** Passages of all sources that hold a term. */
export function documentFrequency(sources: readonly ShelfSource[], term: string): number {
  return statisticsOf(sources).frequencyOf(term);
}

/** Inverse document frequency over all chosen sources, so that scores of different segments compare. */
export function inverseFrequency(sources: readonly ShelfSource[], term: string): number {
  const { passages } = statisticsOf(sources);
  const df = documentFrequency(sources, term);
  return Math.log(1 + (passages - df + 0.5) / (df + 0.5));
}
