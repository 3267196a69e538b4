import { citationOf, type QuoteIndex } from '../quote';
import { searchPassages, sectionOf, textOfSpans, unitsOfPassage, type Hit } from '../search';
import type { Span } from '../source';
import { answerFrom, BUILT_IN } from './builtIn';
import { analyseQuestion, type Question } from './question';
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
    return citationOf(draft.quote, check, sources.find((source) => source.id === id) ?? null, draft.page);
  });
  const good = citations.length > 0 && citations.every((one) => one.words === 'exact' || one.words === 'same');
  return { text: claim.text, standing: good ? 'carried' : 'not-carried', citations };
}

function searchesOf(question: Question): string[] {
  return [...question.phrases.map((phrase) => `“${phrase}”`), question.words.join(' ')].filter((one) => one !== '');
}

/** Asks the built-in reader one question over the sources and checks what it says. The same question gets the same answer. */
export function askBuiltIn(
  question: string,
  sources: readonly AskedSource[],
  index: QuoteIndex,
  options: AskOptions,
): Answer {
  const began = options.now();
  const language = sources[0]?.segment.language ?? 'en';
  const analysed = analyseQuestion(question, language);
  const hits = searchPassages(sources, analysed.terms, SHOWN);
  const drafted = answerFrom(sources, hits, analysed);
  const claims = drafted.claims.map((claim) => checkClaim(claim, sources, index));
  return {
    ...drafted,
    found: drafted.headline !== null,
    claims,
    passages: hits.map(passageOf),
    searches: searchesOf(analysed),
    reader: BUILT_IN,
    milliseconds: Math.round((options.now() - began) * 10) / 10,
  };
}
