import { claimFigure, figuresOfQuotes, weighClaim, type RestsOn } from '../claim';
import { citationOf, type QuoteIndex, standsAsCited } from '../quote';
import {
  searchPassages,
  sectionOf,
  textOfSpans,
  unitsOfPassage,
  withAliases,
  type Hit,
  type Neighbours,
} from '../search';
import type { Span } from '../source';
import type { Language } from '../text';
import { becauseOf } from './because';
import { answerFrom, BUILT_IN } from './builtIn';
import { analyseQuestion, kindOf, type Question } from './question';
import { eachAsked, toldApart } from './apart';
import { changeAnswer } from './change';
import { VALUE_KINDS } from './decline';
import { gatherEvidence } from './evidence';
import { fileFactsAnswer } from './fileFacts';
import { freshMentions } from './kinds';
import { asksChange, moveWords } from './moves';
import { planQuestions } from './plan';
import { scopeOf, type Scope } from './scope';
import { cellQuoted } from '../figure';
import { asksWatchPoints, watchPointsAnswer } from './watchPoints';
import type { Answer, AskedSource, Claim, DraftClaim, FoundPassage, ReaderAnswer } from './types';

/** Passages that are searched for and shown. */
const SHOWN = 10;

export interface AskOptions {
  /** Milliseconds since some fixed point; passed in so that answers can be timed without a clock in core. */
  readonly now: () => number;
  /** Words used like others, to search wider by; null while there are none. */
  readonly neighbours?: Neighbours | null;
}

/** A passage as it is shown, with what it came up by among the documents asked. */
function passageOf(hit: Hit, { question, sources }: Sought): FoundPassage {
  const units = unitsOfPassage(hit.source, hit.passage);
  const spans: Span[] = units.flatMap((one) => [...one.unit.spans]);
  const lead = units.find((one) => one.unit.kind !== 'heading') ?? units[0];
  const page = lead?.unit.spans[0]?.page ?? 1;
  const section = sectionOf(hit.source, lead?.unit.section ?? -1);
  const text = textOfSpans(hit.source, spans);
  return {
    sourceId: hit.source.id,
    source: hit.source.name,
    page,
    label: hit.source.page(page)?.label ?? null,
    section,
    text,
    spans,
    score: Math.round(hit.score * 1000) / 1000,
    because: becauseOf(question.text, question.terms, `${section}\n${text}`, sources, hit.source.segment.language),
  };
}

/** Holds a reader's claim against the pages: every citation is checked, whoever wrote it. */
export function checkClaim(claim: DraftClaim, sources: readonly AskedSource[], index: QuoteIndex): Claim {
  const rests: RestsOn[] = [];
  const citations = claim.citations.map((draft) => {
    const check = index.check(
      draft,
      sources.map((source) => source.id),
    );
    const id = check.at?.sourceId ?? draft.sourceId;
    const named = sources.find((source) => source.id === draft.sourceId)?.name ?? draft.sourceId;
    const source = sources.find((one) => one.id === id) ?? null;
    const citation = citationOf(draft.quote, check, source, draft.page, named);
    rests.push({ mark: check.mark, quote: draft.quote, at: check.at });
    const cell =
      (standsAsCited(check) ? draft.cell : undefined) ?? cellQuoted(source?.tables ?? [], citation.spans, claim.text);
    return cell === null ? citation : { ...citation, cell };
  });
  // A claim that is a quote itself says no more than it.
  const quoted = citations.some((one) => one.quote === claim.text) && citations.every(standsAsCited);
  if (quoted) {
    const places = rests.flatMap(({ at }) => at ?? []);
    return { text: claim.text, standing: 'carried', citations, figures: figuresOfQuotes(places, sources) };
  }
  const { standing, uncovered, figures } = weighClaim(claim.text, rests, sources);
  const beyond = uncovered.length === 0 ? {} : { uncovered };
  return { text: claim.text, standing, citations, figures: figures.map(claimFigure), ...beyond };
}

function searchesOf(question: Question): string[] {
  return [...question.phrases.map((phrase) => `“${phrase}”`), question.words.join(' ')].filter((one) => one !== '');
}

/** A question with the passages that were found for it. */
interface Sought {
  readonly question: Question;
  readonly hits: readonly Hit[];
  readonly sources: readonly AskedSource[];
}

/** What a search for a question found, before any reader composes an answer from it. */
export interface Search extends Sought {
  /** The ten best passages, in order. */
  readonly passages: readonly FoundPassage[];
  /** What was searched for. */
  readonly searches: readonly string[];
}

/** Seeks what answers a question; `naming` are its words that only say which documents are meant. */
function seek(
  question: string,
  sources: readonly AskedSource[],
  neighbours: Neighbours | null,
  naming: readonly string[] = [],
): Sought {
  const own = analyseQuestion(question, sources[0]?.segment.language ?? 'en', neighbours, naming);
  const analysed = { ...own, terms: withAliases(own.terms, sources), subject: withAliases(own.subject, sources) };
  const holds = (text: string, language: Language): boolean => freshMentions(text, analysed, language).length > 0;
  const hits = searchPassages(sources, analysed.terms, SHOWN, VALUE_KINDS.has(analysed.kind) ? holds : undefined);
  return { question: analysed, hits, sources };
}

function shown(sought: Sought): FoundPassage[] {
  return sought.hits.slice(0, SHOWN).map((hit) => passageOf(hit, sought));
}

/** Searches the sources for what answers a question. */
export function searchFor(
  question: string,
  sources: readonly AskedSource[],
  neighbours: Neighbours | null = null,
): Search {
  const sought = seek(question, sources, neighbours);
  return { ...sought, passages: shown(sought), searches: searchesOf(sought.question) };
}

/** One question put to the documents it means, before its claims are checked. */
interface Part {
  readonly question: string;
  readonly drafted: ReaderAnswer;
  readonly sought: Sought;
  /** The documents it means; the parts behind it mean them too. */
  readonly scope: Scope;
  /** True when these held no answer and all documents were asked. */
  readonly widened?: boolean;
}

/** How a figure moved, searched for without the words that ask for the move; null when the question asks for none, or none is found. */
function changeOver(question: string, scope: Scope, neighbours: Neighbours | null): Part | null {
  const { sources, words, apart } = scope;
  if (!asksChange(question) || apart) return null;
  const sought = seek(question, sources, neighbours, [...words, ...moveWords(question)]);
  const drafted = changeAnswer(gatherEvidence(sources, sought.hits, sought.question), sought.question);
  return drafted === null ? null : { question, drafted, sought, scope };
}

/** What each of several documents answers by itself. */
function askEach(question: string, { sources, words }: Scope, neighbours: Neighbours | null): ReaderAnswer {
  const naming = [...words, ...(asksChange(question) ? moveWords(question) : [])];
  const asked = eachAsked(question);
  const answers = sources.map((source) => {
    const sought = seek(asked, [source], neighbours, naming);
    return { source, drafted: answerFrom([source], sought.hits, sought.question) };
  });
  return toldApart(question, answers);
}

/** Answers one part; `before` is the scope of the part before it, which holds as long as the part names none of its own. */
function askPart(
  question: string,
  sources: readonly AskedSource[],
  neighbours: Neighbours | null,
  before: Scope | null,
): Part {
  const own = scopeOf(question, sources);
  const scope = own.named.length === 0 && before !== null ? { ...before, apart: false } : own;
  const moved = changeOver(question, scope, neighbours);
  if (moved !== null) return moved;
  const sought = seek(question, scope.sources, neighbours, scope.words);
  const plain = asksWatchPoints(question) ? watchPointsAnswer(scope.sources) : fileFactsAnswer(question, scope.sources);
  if (plain !== null) return { question, drafted: plain, sought, scope };
  if (scope.apart) return { question, drafted: askEach(question, scope, neighbours), sought, scope };
  const drafted = answerFrom(scope.sources, sought.hits, sought.question);
  // A name may stand in one document and the answer in another; a document that was named is asked alone.
  if (drafted.headline !== null || scope.strict || scope.sources.length === sources.length)
    return { question, drafted, sought, scope };
  const wide = seek(question, sources, neighbours);
  return { question, drafted: answerFrom(sources, wide.hits, wide.question), sought: wide, scope, widened: true };
}

/** What was searched for, and in which documents, when not in all. */
function searchesIn({ sought, scope, widened = false }: Part): string[] {
  const where = widened || scope.named.length === 0 ? [] : [`in ${scope.named.slice(0, 3).join(', ')}`];
  return [...searchesOf(sought.question), ...where];
}

/** The passages of several searches, the best of each first, then the next of each; none twice. */
function interleave(sought: readonly Sought[]): FoundPassage[] {
  const taken = new Map<string, { readonly hit: Hit; readonly by: Sought }>();
  for (let rank = 0; rank < SHOWN; rank += 1)
    for (const by of sought) {
      const hit = by.hits[rank];
      const key = `${hit?.source.id} ${hit?.passage}`;
      if (hit !== undefined && !taken.has(key)) taken.set(key, { hit, by });
    }
  return [...taken.values()].slice(0, SHOWN).map(({ hit, by }) => passageOf(hit, by));
}

/** What a part asks for, short enough to stand behind its answer: "rent" of "What is the rent of the lease?" */
function shortly(question: string): string {
  const plain = question.replace(/[?\s]+$/, '').replace(/^(?:in|under|for|on) [^,]+, /i, '');
  const thing =
    /^(?:what|which) (?:is|are|was|were) (?:the |its |their )?(?<thing>.+?)(?: (?:of|in|for|under|by) .*)?$/i.exec(
      plain,
    );
  return thing?.groups?.['thing'] ?? plain;
}

/** A part's claims: all where they are sides, items or operands; the first where the rest only come near. */
function claimsOf({ drafted, question }: Part, alone: boolean): readonly DraftClaim[] {
  const whole = alone || drafted.conflicts.length > 0 || drafted.lines !== undefined || kindOf(question) === 'list';
  return whole ? drafted.claims : drafted.claims.slice(0, 1);
}

/** The answers to the parts of one question as one: each part's headline, all claims in their order, and what nothing answers. */
function joined(parts: readonly Part[]): ReaderAnswer {
  const claims: DraftClaim[] = [];
  const conflicts: number[][] = [];
  const alone = parts.length === 1;
  for (const part of parts) {
    conflicts.push(...part.drafted.conflicts.map((group) => group.map((at) => at + claims.length)));
    claims.push(...claimsOf(part, alone));
  }
  const lines = parts.flatMap(({ question, drafted }) => {
    if (drafted.lines !== undefined || drafted.headline === null || alone)
      return drafted.lines ?? drafted.headline ?? [];
    return `${drafted.headline} (${shortly(question)})`;
  });
  return {
    headline: lines.length === 0 ? null : lines.join('; '),
    ...(lines.length > 1 ? { lines } : {}),
    claims,
    calculations: parts.flatMap(({ drafted }) => drafted.calculations),
    conflicts,
    missing: parts.flatMap(({ question, drafted }) => (drafted.headline === null ? [question] : drafted.missing)),
  };
}

/**
 * Asks the built-in reader one question over the sources and checks what it says. A question of several parts is asked part by part. The same question gets the
 * same answer.
 */
export function askBuiltIn(
  question: string,
  sources: readonly AskedSource[],
  index: QuoteIndex,
  options: AskOptions,
): Answer {
  const began = options.now();
  const parts: Part[] = [];
  for (const part of planQuestions(question))
    parts.push(askPart(part, sources, options.neighbours ?? null, parts.at(-1)?.scope ?? null));
  const drafted = joined(parts);
  const claims = drafted.claims.map((claim) => checkClaim(claim, sources, index));
  return {
    ...drafted,
    found: drafted.headline !== null,
    claims,
    passages: interleave(parts.map(({ sought }) => sought)),
    searches: [...new Set(parts.flatMap(searchesIn))],
    reader: BUILT_IN,
    milliseconds: Math.round((options.now() - began) * 10) / 10,
  };
}
