import { checkClaim, type AskedSource, type Claim } from '../answer';
import type { QuoteIndex } from '../quote';
import { equivalentsOf, termsOf } from '../search';
import { countWords } from '../text';
import { candidatesOf, type Candidate } from './candidates';
import { centrality, likeness, vectorsOf, type Vector } from './centrality';
import { MOST_SENTENCES, withinLimits, wordsOf, type SummaryLength } from './length';

export const SUMMARISER = { name: 'built-in reader', version: '1' } as const;

/** Sentences of one stage: of a part of a long document, or of all that its parts put forward. */
const STAGE = 240;
/** Put forward by each part of a long document. */
const FORWARD = 24;
/** What a sentence loses by being like one chosen before (maximal marginal relevance, Carbonell and Goldstein 1998). */
const REDUNDANCY = 0.9;
/** What a sentence loses for each one chosen before from its own part of the document. */
const CROWDING = 0.12;

export interface SummaryOptions {
  /** How long at most. */
  readonly length: SummaryLength;
  /** Only what bears on these words; empty for the whole. */
  readonly about: string;
  readonly now: () => number;
}

export interface Summary {
  /** In the order of the documents and their pages; each is a quote of its page. */
  readonly sentences: readonly Claim[];
  readonly by: { readonly name: string; readonly version: string };
  readonly milliseconds: number;
}

const LEADING =
  /\b(?:summary|overview|introduction|purpose|scope|highlights|key (?:figures|points|facts)|abstract|preamble|recitals?|background|subject|objectives?|results|conclusions?|findings|recommendations?|letter)\b/i;
const CUES: readonly (readonly [RegExp, number])[] = [
  [
    /\bthis (?:agreement|contract|regulation|report|manual|guide|document|book|standard|policy|survey)\b.{0,40}\b(?:sets?|governs?|applies|describes?|explains?|covers?|provides?|is|lays|contains|grants?|establishes)\b/i,
    0.5,
  ],
  [
    /\b(?:purpose|aim|goal|objective|scope) of\b|\bin summary\b|\bin conclusion\b|\boverall\b|\bwe (?:find|found|conclude|recommend)\b/i,
    0.35,
  ],
  [
    /\b(?:revenue|net (?:income|sales|profit)|operating (?:income|profit|result)|turnover|earnings|dividend)\b.{0,80}\b(?:rose|fell|increased|decreased|grew|was|were|amounted|declined|improved)\b/i,
    0.7,
  ],
  [
    /\b(?:grants?|lets|leases|engages|appoints)\b.{0,80}\b(?:right|licen[cs]e|concession|premises|services|term)\b/i,
    0.5,
  ],
  [
    /\b(?:shall|must) (?:pay|provide|operate|maintain|deliver)\b|\b(?:terminat|commenc|expires?|term of)\b|\bpenalt(?:y|ies)\b|\bliab(?:le|ility)\b/i,
    0.15,
  ],
];

/** What speaks for a sentence beside how central it is. */
function bonus({ text, source, section, position }: Candidate): number {
  const title = source.sections[section]?.title ?? '';
  const cue = CUES.reduce((sum, [pattern, worth]) => sum + (pattern.test(text) ? worth : 0), 0);
  const length = text.length > 260 ? -0.2 : text.length < 60 ? -0.1 : 0;
  return cue + (LEADING.test(title) ? 0.25 : 0) + 0.25 * Math.max(0, 1 - 6 * position) + length;
}

interface Scored {
  readonly candidate: Candidate;
  readonly vector: Vector;
  readonly score: number;
}

function scoreOf(candidates: readonly Candidate[]): Scored[] {
  const vectors = vectorsOf(candidates.map((one) => one.terms));
  const central = centrality(vectors);
  return candidates.map((candidate, at) => ({
    candidate,
    vector: vectors[at] as Vector,
    score: (central[at] as number) + bonus(candidate),
  }));
}

function best(scored: readonly Scored[], count: number): Scored[] {
  return [...scored].sort((a, b) => b.score - a.score || a.candidate.order - b.candidate.order).slice(0, count);
}

/** The candidates in stages: the parts of a long document first, then what they put forward together. */
function staged(candidates: readonly Candidate[]): Scored[] {
  if (candidates.length <= STAGE) return scoreOf(candidates);
  const parts = Math.ceil(candidates.length / STAGE);
  const size = Math.ceil(candidates.length / parts);
  const forward: Candidate[] = [];
  for (let from = 0; from < candidates.length; from += size) {
    const put = best(scoreOf(candidates.slice(from, from + size)), FORWARD);
    forward.push(...put.map((one) => one.candidate).sort((a, b) => a.order - b.order));
  }
  return staged(forward);
}

/** The top section a sentence stands in; where a document has few, a tenth of its length. */
function partOf({ source, section, position }: Candidate): string {
  let at = section;
  while (at >= 0 && (source.sections[at]?.parent ?? -1) >= 0) at = source.sections[at]?.parent ?? -1;
  const tops = source.sections.filter((one) => one.parent < 0).length;
  return `${source.id} ${tops >= 4 ? at : Math.floor(position * 10)}`;
}

function choose(scored: readonly Scored[], count: number): Candidate[] {
  const left = [...scored];
  const chosen: Scored[] = [];
  const used = new Map<string, number>();
  while (chosen.length < count && left.length > 0) {
    let [bestAt, bestWorth] = [0, -Infinity];
    left.forEach((one, at) => {
      const like = Math.max(0, ...chosen.map((other) => likeness(one.vector, other.vector)));
      const worth = one.score - REDUNDANCY * like - CROWDING * (used.get(partOf(one.candidate)) ?? 0);
      if (worth > bestWorth) [bestAt, bestWorth] = [at, worth];
    });
    const [taken] = left.splice(bestAt, 1);
    if (taken === undefined) break;
    chosen.push(taken);
    const part = partOf(taken.candidate);
    used.set(part, (used.get(part) ?? 0) + 1);
  }
  return chosen.map((one) => one.candidate);
}

/** The candidates that speak of the words asked for, those with most of them first; equivalents count as the word. */
function bearingOn(candidates: readonly Candidate[], about: string): Candidate[] {
  const scored = candidates.map((candidate) => {
    const { language } = candidate.source.segment;
    const wanted = [...new Set(termsOf(about, language).map((one) => one.term))];
    const title = candidate.source.sections[candidate.section]?.title ?? '';
    const held = new Set([...candidate.terms, ...termsOf(title, language).map((one) => one.term)]);
    const hits = wanted.filter((term) =>
      [term, ...equivalentsOf(term, language).map((one) => one.term)].some((one) => held.has(one)),
    ).length;
    return { candidate, share: wanted.length === 0 ? 0 : hits / wanted.length };
  });
  const most = Math.max(0, ...scored.map((one) => one.share));
  return most === 0 ? [] : scored.filter((one) => one.share >= most / 2).map((one) => one.candidate);
}

/** How much more than its words a summary may hold, so that a sentence is not left out for a word or two. */
const OVER = 1.1;

/** The first sentences that together hold so many words, at least one; later ones that still fit are taken too. */
function fitting<T extends { readonly candidate: Candidate }>(chosen: readonly T[], words: number | null): T[] {
  if (words === null) return [...chosen];
  let left = words * OVER;
  return chosen.filter(({ candidate }, at) => {
    const own = countWords(candidate.text);
    if (own > left && at > 0) return false;
    left -= own;
    return true;
  });
}

/**
 * An extractive summary of the documents: whole sentences that stand by themselves, central, unlike each other, from different parts; each is
 * checked against its page like any quote. The same documents give the same summary. May give fewer sentences than asked for.
 */
export function summarise(sources: readonly AskedSource[], index: QuoteIndex, options: SummaryOptions): Summary {
  const began = options.now();
  const length = withinLimits(options.length);
  const words = wordsOf(length);
  const wanted = words === null ? length.count : MOST_SENTENCES;
  const all = sources.flatMap(candidatesOf);
  const bearing = options.about.trim() === '' ? all : bearingOn(all, options.about);
  const place = new Map(sources.map((source, at) => [source.id, at]));
  // A sentence that the check does not carry gives way to the next.
  const chosen = choose(staged(bearing), wanted + 3);
  const checked = chosen.flatMap((candidate) => {
    const draft = { sourceId: candidate.source.id, page: candidate.page, quote: candidate.text };
    const claim = checkClaim({ text: candidate.text, citations: [draft] }, sources, index);
    return claim.standing === 'carried' && claim.citations[0]?.place === 'cited' ? [{ candidate, claim }] : [];
  });
  const kept = fitting(checked.slice(0, wanted), words).sort((a, b) => {
    const order = (place.get(a.candidate.source.id) ?? 0) - (place.get(b.candidate.source.id) ?? 0);
    return order === 0 ? a.candidate.order - b.candidate.order : order;
  });
  return {
    sentences: kept.map((one) => one.claim),
    by: SUMMARISER,
    milliseconds: Math.round((options.now() - began) * 10) / 10,
  };
}
