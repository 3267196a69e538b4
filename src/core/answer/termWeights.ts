import { documentFrequency, equivalentsAmong, inverseFrequency, type Equivalent, type QueryTerm } from '../search';
import type { Question } from './question';
import type { AskedSource } from './types';

interface Weighed {
  readonly term: string;
  readonly worth: number;
  readonly equivalents: readonly Equivalent[];
  /** Words that are used like it, wherever it stands itself. */
  readonly alike: readonly Equivalent[];
}

/** What an equivalent in a row's label counts: the row that is called what is asked for comes first. */
const STANDS_FOR = 0.6;
/** How much more an equivalent brings to a sentence than to the search for it. */
const EQUIVALENT_SHARE = 1.4;

/** Added to every frequency, so that in a document of a page or two a word that is missing does not outweigh all that are there. */
const SMOOTHING = 1;

/** The documents' own words for one that they hold nowhere, those of the trade; none for a word that they hold. */
export function theirWords(sources: readonly AskedSource[], { term, equivalents = [] }: QueryTerm): string[] {
  if (equivalents.length === 0 || documentFrequency(sources, term) > 0) return [];
  return equivalents
    .filter((one) => one.loose !== true && documentFrequency(sources, one.term) > 0)
    .map((one) => one.term);
}

/** True where a set holds a term, a verb with its particle by both of its words. */
function holds(set: ReadonlySet<string>, term: string): boolean {
  return set.has(term) || (term.includes(' ') && term.split(' ').every((word) => set.has(word)));
}

/** How rare a term is: one that stands nowhere is as rare as the documents' own word for it, the commonest of those they have. */
function rarity(sources: readonly AskedSource[], one: QueryTerm): number {
  const theirs = theirWords(sources, one);
  return Math.min(...(theirs.length > 0 ? theirs : [one.term]).map((term) => inverseFrequency(sources, term)));
}

/** The terms of the question's subject with what each weighs over the documents asked. */
export class TermWeights {
  private readonly total: number;
  private readonly weights: readonly Weighed[];
  private readonly own: ReadonlySet<string>;
  private readonly known: ReadonlySet<string>;

  constructor(sources: readonly AskedSource[], question: Question) {
    this.weights = question.subject.map((one) => {
      // Those that the documents hold nowhere can bring nothing.
      const held = (other: Equivalent): boolean => documentFrequency(sources, other.term) > 0;
      const equivalents = equivalentsAmong(sources, one).filter(held);
      const alike = (one.equivalents ?? []).filter((other) => other.loose === true && held(other));
      return { term: one.term, worth: one.weight * (SMOOTHING + rarity(sources, one)), equivalents, alike };
    });
    this.own = new Set(this.weights.map(({ term }) => term));
    this.known = new Set(
      this.weights.flatMap(({ term, equivalents }) => [term, ...equivalents.map((one) => one.term)]),
    );
    this.total = this.weights.reduce((sum, { worth }) => sum + worth, 0) || 1;
  }

  /** Share of the question's weight that sets of terms hold together. */
  share(...sets: readonly ReadonlySet<string>[]): number {
    const there = (term: string): boolean => sets.some((set) => holds(set, term));
    let sum = 0;
    for (const { term, worth, equivalents } of this.weights) {
      if (there(term)) sum += worth;
      else {
        const best = equivalents.reduce((most, one) => (one.share > most && there(one.term) ? one.share : most), 0);
        sum += Math.min(1, EQUIVALENT_SHARE * best) * worth;
      }
    }
    return sum / this.total;
  }

  /** Share of the question's weight in words that sets of terms hold only in words used like them. */
  alike(...sets: readonly ReadonlySet<string>[]): number {
    const there = (term: string): boolean => sets.some((set) => holds(set, term));
    let sum = 0;
    for (const { term, worth, equivalents, alike } of this.weights) {
      if (there(term) || equivalents.some((one) => there(one.term))) continue;
      sum += worth * alike.reduce((most, one) => (one.share > most && there(one.term) ? one.share : most), 0);
    }
    return sum / this.total;
  }

  /** Share of some of the terms, each alike, that a set holds, equivalents counting as the term; 1 of none. */
  met(asked: readonly string[], ...sets: readonly ReadonlySet<string>[]): number {
    const terms = { has: (term: string) => sets.some((set) => holds(set, term)) };
    const wanted = this.weights.filter(({ term }) => asked.includes(term));
    if (wanted.length === 0) return 1;
    const there = wanted.filter(
      ({ term, equivalents }) =>
        terms.has(term) || equivalents.some((one) => one.loose !== true && terms.has(one.term)),
    );
    return there.length / wanted.length;
  }

  readonly has = (term: string): boolean => this.known.has(term);

  /** 1 for a term of the question, less for what may stand for one, 0 for any other. */
  readonly asked = (term: string): number => (this.own.has(term) ? 1 : this.known.has(term) ? STANDS_FOR : 0);
}
