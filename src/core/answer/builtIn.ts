import { oneLine } from '../text';
import type { Hit } from '../search';
import { gatherEvidence, type Evidence } from './evidence';
import { headlineOf } from './headline';
import type { Question } from './question';
import { columnAsked } from './rowEvidence';
import { cellPlace } from './tableRows';
import type { AskedSource, DraftClaim, ReaderAnswer } from './types';

export const BUILT_IN = { name: 'built-in reader', version: '1' } as const;

/** Passages whose sentences are weighed. */
const WEIGHED = 10;
const MOST_CLAIMS = 3;
const MOST_ITEMS = 10;
/** A further claim must come this close to the best. */
const CLOSE = 0.86;
/** Below this share of the question's weight, with heading and neighbours, nothing answers. */
const MIN_WHOLE = 0.5;
const MIN_OWN = 0.24;

/** Kinds whose answer is a value: a sentence without one does not answer. */
const VALUE_KINDS = new Set(['amount', 'percentage', 'duration', 'date']);

function claimOf(evidence: Evidence, question: Question): DraftClaim {
  const text = oneLine(evidence.text);
  const { row, source } = evidence;
  const page = evidence.unit.spans[0]?.page ?? null;
  const column = row === null ? null : columnAsked(row, question, source.segment.language);
  const cell = row === null || column === null ? null : cellPlace(row, column);
  return { text, citations: [{ sourceId: source.id, page, quote: text, ...(cell === null ? {} : { cell }) }] };
}

function answers(best: Evidence, question: Question): boolean {
  const { covered, led, whole, kind, period } = best.features;
  if (whole < MIN_WHOLE || Math.max(covered, led) < MIN_OWN) return false;
  if (period === 0) return false;
  return !VALUE_KINDS.has(question.kind) || kind > 0 || whole > 0.85;
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
  const best = evidence.find(canAnswer);
  if (best === undefined || !answers(best, question)) return none;
  const items = question.kind === 'list' || question.kind === 'passage' ? itemsAfter(best, evidence) : [];
  const lead = valueNextTo(best, evidence, question);
  const further = evidence.filter(
    (one) =>
      one !== best && one !== lead && one.score >= CLOSE * best.score && canAnswer(one) && one.text !== best.text,
  );
  const chosen = items.length > 0 ? [best, ...items] : lead === null ? [best, ...further] : [lead, best, ...further];
  return {
    headline: headlineOf(lead ?? best, question),
    claims: chosen.slice(0, items.length > 0 ? MOST_ITEMS + 1 : MOST_CLAIMS).map((one) => claimOf(one, question)),
    calculations: [],
    conflicts: [],
    missing: [],
  };
}

function canAnswer(one: Evidence): boolean {
  return one.unit.kind !== 'contents' && one.unit.kind !== 'heading';
}

/** The sentence next to the best that says the value which the best only speaks of ("… in July 2004. This was the final release."); null when the best says it itself. */
function valueNextTo(best: Evidence, evidence: readonly Evidence[], question: Question): Evidence | null {
  if (!VALUE_KINDS.has(question.kind) || best.features.kind > 0) return null;
  const next = evidence.filter(
    (one) => one.hit === best.hit && Math.abs(one.index - best.index) === 1 && one.features.kind > 0 && canAnswer(one),
  );
  return next.find((one) => one.index < best.index) ?? next[0] ?? null;
}
