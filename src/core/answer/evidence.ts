import { findDates, findNumbers, tokenize, type Language } from '../text';
import { inverseFrequency, sectionOf, termsOf, unitsOfPassage, valueTerms, type Hit, type UnitText } from '../search';
import type { Question } from './question';
import type { AnswerKind, AskedSource } from './types';

/** A sentence or table row with what speaks for it. */
export interface Evidence {
  readonly source: AskedSource;
  readonly hit: Hit;
  /** Rank of its passage, from 0, and its place in that passage. */
  readonly rank: number;
  readonly index: number;
  readonly text: string;
  readonly unit: UnitText['unit'];
  readonly score: number;
  /** Share of the question's weight that the unit itself holds, and that it holds with its heading and neighbours. */
  readonly covered: number;
  readonly coveredAround: number;
  readonly hasKind: boolean;
}

/** How much each feature counts; set on questions over documents that are not in the tests. */
const WEIGHTS = {
  covered: 1.0,
  around: 0.9,
  kind: 0.35,
  near: 0.2,
  passage: 0.9,
  definition: 0.3,
  phrase: 0.5,
  heading: -0.6,
  contents: -0.9,
  note: -0.05,
  asking: -0.4,
  tiny: -0.35,
} as const;

const UNITS_OF_TIME = /^(?:second|minute|hour|day|week|month|year|quarter|sekunde|minute|stunde|tag|woche|monat|jahr)/;

/** Ranges of a text that could be the answer of a kind: amounts, dates, durations and so on. */
export function kindMentions(text: string, kind: AnswerKind, language: Language): { start: number; end: number }[] {
  if (kind === 'date') {
    const dates = findDates(text);
    return dates.length > 0
      ? dates
      : [...text.matchAll(/\b(?:19|20)\d{2}\b/g)].map((match) => ({ start: match.index, end: match.index + 4 }));
  }
  if (kind === 'party') {
    return [
      ...text.matchAll(/(?<!^)(?<![.!?]\s)\b\p{Lu}[\p{L}&.-]+(?:\s+(?:of|the|and|&)?\s*\p{Lu}[\p{L}&.-]+)*/gu),
    ].map((match) => ({
      start: match.index,
      end: match.index + match[0].length,
    }));
  }
  if (!['amount', 'number', 'percentage', 'duration'].includes(kind)) return [];
  return findNumbers(text, language).filter(({ unit, value }) => {
    if (kind === 'percentage') return unit === '%';
    if (kind === 'duration') return unit !== null && UNITS_OF_TIME.test(unit);
    if (kind === 'amount') return (unit === null || !UNITS_OF_TIME.test(unit)) && !/^(?:19|20)\d{2}$/.test(value);
    return true;
  });
}

const DEFINING =
  /\b(?:means|is defined as|refers to|stands for|is (?:a|an|the)\b|are (?:a|the)\b|bedeutet|bezeichnet|ist (?:ein|eine|der|die|das)\b)/i;

function isDefinition(text: string, question: Question): boolean {
  const match = DEFINING.exec(text);
  if (match === null) return false;
  const subject = text.slice(0, match.index).toLowerCase();
  return (
    subject.length < 90 && question.words.some((word) => subject.includes(word.slice(0, Math.max(4, word.length - 2))))
  );
}

class TermWeights {
  readonly total: number;
  private readonly weights: ReadonlyMap<string, number>;

  constructor(sources: readonly AskedSource[], question: Question) {
    this.weights = new Map(question.terms.map(({ term, weight }) => [term, weight * inverseFrequency(sources, term)]));
    this.total = [...this.weights.values()].reduce((sum, weight) => sum + weight, 0) || 1;
  }

  share(terms: ReadonlySet<string>, discount = 1): number {
    let sum = 0;
    for (const [term, weight] of this.weights) if (terms.has(term)) sum += weight;
    return (discount * sum) / this.total;
  }

  has(term: string): boolean {
    return this.weights.has(term);
  }
}

function termSet(text: string, language: Language): Set<string> {
  return new Set([...termsOf(text, language).map((one) => one.term), ...valueTerms(text, language)]);
}

function union(...sets: readonly ReadonlySet<string>[]): Set<string> {
  return new Set(sets.flatMap((set) => [...set]));
}

/** 1 when an answer of the wanted kind stands next to the question's words, less with every word between. */
function kindNearness(
  text: string,
  mentions: readonly { start: number; end: number }[],
  weights: TermWeights,
  language: Language,
): number {
  if (mentions.length === 0) return 0;
  const tokens = tokenize(text);
  const asked = tokens
    .map((token, at) => ({ at, hit: termsOf(token.word, language).some((one) => weights.has(one.term)) }))
    .filter((one) => one.hit);
  let best = Infinity;
  for (const mention of mentions) {
    const at = tokens.findIndex((token) => token.end > mention.start);
    for (const one of asked) best = Math.min(best, Math.abs(one.at - at));
  }
  return best === Infinity ? 0 : 1 / (1 + best / 6);
}

/** Units of the hits scored against the question, best first. Deterministic: ties fall to the earlier passage and unit. */
export function gatherEvidence(sources: readonly AskedSource[], hits: readonly Hit[], question: Question): Evidence[] {
  const weights = new TermWeights(sources, question);
  const top = hits[0]?.score ?? 1;
  const evidence: Evidence[] = [];
  hits.forEach((hit, rank) => {
    const source = hit.source as AskedSource;
    const { language } = source.segment;
    const units = unitsOfPassage(source, hit.passage);
    const sets = units.map((unit) => termSet(unit.text, language));
    const heading = termSet(sectionOf(source, units.at(-1)?.unit.section ?? -1), language);
    const whole = union(...sets, heading);
    units.forEach(({ unit, text }, index) => {
      const own = sets[index] as Set<string>;
      const neighbours = union(own, sets[index - 1] ?? new Set(), sets[index + 1] ?? new Set(), heading);
      const mentions = kindMentions(text, question.kind, language);
      const covered = weights.share(own);
      const around = 0.6 * weights.share(neighbours) + 0.4 * weights.share(whole);
      const lower = text.toLowerCase();
      const phrase = question.phrases.some((one) => lower.includes(one.toLowerCase()));
      const score =
        WEIGHTS.covered * covered +
        WEIGHTS.around * around +
        WEIGHTS.passage * (hit.score / top) +
        (mentions.length > 0 ? WEIGHTS.kind + WEIGHTS.near * kindNearness(text, mentions, weights, language) : 0) +
        (question.kind === 'definition' && isDefinition(text, question) ? WEIGHTS.definition : 0) +
        (phrase ? WEIGHTS.phrase : 0) +
        (unit.kind === 'heading' ? WEIGHTS.heading : 0) +
        (unit.kind === 'contents' ? WEIGHTS.contents : 0) +
        (unit.kind === 'note' ? WEIGHTS.note : 0) +
        (/\?\s*$/.test(text) ? WEIGHTS.asking : 0) +
        (text.length < 25 && mentions.length === 0 ? WEIGHTS.tiny : 0);
      evidence.push({
        source,
        hit,
        rank,
        index,
        text,
        unit,
        score,
        covered,
        coveredAround: weights.share(whole),
        hasKind: mentions.length > 0,
      });
    });
  });
  return evidence.sort((a, b) => b.score - a.score || a.rank - b.rank || a.index - b.index);
}
