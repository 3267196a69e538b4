import type { Hit } from '../search';
import { gatherEvidence, type Evidence } from './evidence';
import { headlineOf } from './headline';
import type { Question } from './question';
import type { AskedSource, DraftClaim, ReaderAnswer } from './types';

export const BUILT_IN = { name: 'built-in reader', version: '1' } as const;

/** Passages whose sentences are weighed. */
const WEIGHED = 10;
const MOST_CLAIMS = 3;
const MOST_ITEMS = 10;
/** A further claim must come this close to the best. */
const CLOSE = 0.86;
/** Below this share of the question's weight, with heading and neighbours, nothing answers. */
const MIN_AROUND = 0.56;
const MIN_OWN = 0.24;

/** Kinds whose answer is a value: a sentence without one does not answer. */
const VALUE_KINDS = new Set(['amount', 'percentage', 'duration', 'date']);

function claimOf(evidence: Evidence): DraftClaim {
  const text = evidence.text
    .replace(/[-\u2010]\n(?=\p{Ll})/gu, '')
    .replace(/\s+/g, ' ')
    .trim();
  const [first] = evidence.unit.spans;
  return { text, citations: [{ sourceId: evidence.source.id, page: first?.page ?? null, quote: text }] };
}

function answers(best: Evidence, question: Question): boolean {
  if (best.coveredAround < MIN_AROUND || best.covered < MIN_OWN) return false;
  return !VALUE_KINDS.has(question.kind) || best.hasKind || best.coveredAround > 0.85;
}

/** The items behind a sentence that announces them with a colon, each a claim of its own, in the order of the source. */
function itemsAfter(lead: Evidence, all: readonly Evidence[]): Evidence[] {
  if (!/[:：]\s*$/.test(lead.text)) return [];
  return all
    .filter(
      (one) =>
        one.hit.passage === lead.hit.passage &&
        one.source.id === lead.source.id &&
        one.index > lead.index &&
        one.unit.kind !== 'heading',
    )
    .sort((a, b) => a.index - b.index)
    .slice(0, MOST_ITEMS);
}

/**
 * The built-in reader: quotes and computes only. Its claims are whole sentences or table rows of the passages, best first, few; it declines
 * when the best evidence holds too little of the question.
 */
export function answerFrom(sources: readonly AskedSource[], hits: readonly Hit[], question: Question): ReaderAnswer {
  const none: ReaderAnswer = { headline: null, claims: [], calculations: [], conflicts: [], missing: [question.text] };
  const evidence = gatherEvidence(sources, hits.slice(0, WEIGHED), question);
  const best = evidence.find((one) => one.unit.kind !== 'contents' && one.unit.kind !== 'heading');
  if (best === undefined || !answers(best, question)) return none;
  const items = question.kind === 'list' || question.kind === 'passage' ? itemsAfter(best, evidence) : [];
  const further = evidence.filter(
    (one) =>
      one !== best &&
      one.score >= CLOSE * best.score &&
      one.unit.kind !== 'contents' &&
      one.unit.kind !== 'heading' &&
      one.text !== best.text,
  );
  const chosen = items.length > 0 ? [best, ...items] : [best, ...further.slice(0, MOST_CLAIMS - 1)];
  return {
    headline: headlineOf(best, question),
    claims: chosen.map(claimOf),
    calculations: [],
    conflicts: [],
    missing: [],
  };
}
