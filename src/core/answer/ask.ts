import { citationOf, type QuoteIndex } from '../quote';
import { searchPassages, sectionOf, textOfSpans, unitsOfPassage, type Hit } from '../search';
import type { Span } from '../source';
import { standingOf } from './standing';
import { answerFrom, BUILT_IN } from './builtIn';
import { analyseQuestion, type Question } from './question';
import { cellQuoted } from './tableRows';
import type { Answer, AskedSource, Claim, DraftClaim, FoundPassage } from './types';

/** Passages that are searched for and shown. */
const SHOWN = 10;

export interface AskOptions {
  /** Milliseconds since some fixed point; passed in so that answers can be timed without a clock in core. */
  readonly now: () => number;
}

function passageOf(hit: Hit): FoundPassage {
  const units = unitsOfPassage(hit.source, hit.passage);
  const spans: Span[] = units.flatMap((one) => [...one.unit.spans]);
  const lead = units.find((one) => one.unit.kind !== 'heading') ?? units[0];
  const page = lead?.unit.spans[0]?.page ?? 1;
  return {
    sourceId: hit.source.id,
    source: hit.source.name,
    page,
    label: hit.source.page(page)?.label ?? null,
    section: sectionOf(hit.source, lead?.unit.section ?? -1),
    text: textOfSpans(hit.source, spans),
    spans,
    score: Math.round(hit.score * 1000) / 1000,
  };
}

/** Holds a reader's claim against the pages: every citation is checked, whoever wrote it. */
export function checkClaim(claim: DraftClaim, sources: readonly AskedSource[], index: QuoteIndex): Claim {
  const citations = claim.citations.map((draft) => {
    const check = index.check(
      draft,
      sources.map((source) => source.id),
    );
    const id = check.at?.sourceId ?? draft.sourceId;
    const named = sources.find((source) => source.id === draft.sourceId)?.name ?? draft.sourceId;
    const source = sources.find((one) => one.id === id) ?? null;
    const citation = citationOf(draft.quote, check, source, draft.page, named);
    const stands = check.mark === 'exact' || check.mark === 'same-words';
    const cell = (stands ? draft.cell : undefined) ?? cellQuoted(source?.tables ?? [], citation.spans, claim.text);
    return cell === null ? citation : { ...citation, cell };
  });
  const language = sources[0]?.segment.language ?? 'und';
  return { text: claim.text, standing: standingOf(claim.text, citations, language), citations };
}

function searchesOf(question: Question): string[] {
  return [...question.phrases.map((phrase) => `“${phrase}”`), question.words.join(' ')].filter((one) => one !== '');
}

/** What a search for a question found, before any reader composes an answer from it. */
export interface Search {
  readonly question: Question;
  readonly hits: readonly Hit[];
  /** The ten best passages, in order. */
  readonly passages: readonly FoundPassage[];
  /** What was searched for. */
  readonly searches: readonly string[];
}

/** Searches the sources for what answers a question. */
export function searchFor(question: string, sources: readonly AskedSource[]): Search {
  const analysed = analyseQuestion(question, sources[0]?.segment.language ?? 'en');
  const hits = searchPassages(sources, analysed.terms, SHOWN);
  return { question: analysed, hits, passages: hits.map(passageOf), searches: searchesOf(analysed) };
}

/** Asks the built-in reader one question over the sources and checks what it says. The same question gets the same answer. */
export function askBuiltIn(
  question: string,
  sources: readonly AskedSource[],
  index: QuoteIndex,
  options: AskOptions,
): Answer {
  const began = options.now();
  const { question: analysed, hits, passages, searches } = searchFor(question, sources);
  const drafted = answerFrom(sources, hits, analysed);
  const claims = drafted.claims.map((claim) => checkClaim(claim, sources, index));
  return {
    ...drafted,
    found: drafted.headline !== null,
    claims,
    passages,
    searches,
    reader: BUILT_IN,
    milliseconds: Math.round((options.now() - began) * 10) / 10,
  };
}
