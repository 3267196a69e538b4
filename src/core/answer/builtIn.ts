import { sidesOf } from './conflict';
import { saySides } from './sides';
import { answers, answersOnSubject, VALUE_KINDS } from './decline';
import { gatherEvidence, RUN_IN, type Evidence } from './evidence';
import { headlineOf } from './headline';
import type { Question } from './question';
import { EMPTY, quotedClaim, quoteOf } from './quoted';
import { columnAsked } from './rowEvidence';
import { cellPlace } from '../figure';
import type { Sought } from './seek';
import type { DraftClaim, ReaderAnswer } from './types';

export const BUILT_IN = { name: 'built-in reader', version: '1' } as const;

const MOST_CLAIMS = 3;
const MOST_ITEMS = 10;
/** A further claim must come this close to the best. */
const CLOSE = 0.86;

function claimOf(evidence: Evidence, question: Question): DraftClaim {
  const { row, source } = evidence;
  const column = row === null ? null : columnAsked(row, question, source.segment.language);
  const cell = row === null || column === null ? null : cellPlace(row, column);
  return quotedClaim(quoteOf(source, evidence, cell));
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
 * The built-in reader: quotes and computes only. Its claims are whole sentences or table rows of the passages, best first, few, and of nowhere but where it was
 * to look; it declines when the best evidence holds too little of the question. `onSubject` when the passages are those of the very clause asked about.
 */
export function answerFrom(
  { question, hits, sources, place }: Sought,
  { onSubject = false }: { readonly onSubject?: boolean } = {},
): ReaderAnswer {
  const evidence = gatherEvidence(sources, hits, question).filter(
    ({ source, unit }) => place === null || place.holds(source, unit),
  );
  const first = evidence.find(canAnswer);
  const best = (first === undefined ? undefined : exactRow(first, evidence)) ?? first;
  if (
    best === undefined ||
    !(onSubject ? answersOnSubject(best, question) : answers(best, evidence, question, sources))
  )
    return { ...EMPTY, missing: [question.text] };
  const items = question.kind === 'list' || question.kind === 'passage' ? itemsAfter(best, evidence) : [];
  const lead = valueNextTo(best, evidence, question);
  const further = evidence.filter(
    (one) =>
      one !== best && one !== lead && one.score >= CLOSE * best.score && canAnswer(one) && one.text !== best.text,
  );
  const saying = lead ?? best;
  const own = {
    source: saying.source,
    said: headlineOf(saying, question),
    claim: claimOf(saying, question),
    amends: false,
  };
  const sides = items.length > 0 ? [own] : sidesOf(own, saying, evidence, sources, question);
  if (sides.length > 1) {
    const lines = saySides(sides);
    return {
      ...EMPTY,
      headline: lines.join('; '),
      lines,
      claims: sides.map((side) => side.claim),
      conflicts: [sides.map((_, at) => at)],
    };
  }
  const chosen = items.length > 0 ? [best, ...items] : lead === null ? [best, ...further] : [lead, best, ...further];
  const most = items.length > 0 ? MOST_ITEMS + 1 : MOST_CLAIMS;
  return { ...EMPTY, headline: own.said, claims: chosen.slice(0, most).map((one) => claimOf(one, question)) };
}

/** How far below the best a row may score whose label is just what is asked. */
const ROW_SCORE = 0.72;

/** A table's row whose label, with its heads, is just what is asked, of the period asked: it says the value better than a sentence that speaks of it too. */
function exactRow(best: Evidence, evidence: readonly Evidence[]): Evidence | undefined {
  if (best.row !== null) return undefined;
  return evidence.find(
    (one) =>
      one.row !== null && one.features.label > 0.95 && one.features.period > 0.9 && one.score >= ROW_SCORE * best.score,
  );
}

function canAnswer(one: Evidence): boolean {
  return one.unit.kind !== 'contents' && one.unit.kind !== 'heading' && !RUN_IN.test(one.text);
}

/** The sentence next to the best that says the value which the best only speaks of ("… in July 2004. This was the final release."); null when the best says it itself. */
function valueNextTo(best: Evidence, evidence: readonly Evidence[], question: Question): Evidence | null {
  if (!VALUE_KINDS.has(question.kind) || best.features.kind > 0) return null;
  const next = evidence.filter(
    (one) => one.hit === best.hit && Math.abs(one.index - best.index) === 1 && one.features.kind > 0 && canAnswer(one),
  );
  return next.find((one) => one.index < best.index) ?? next[0] ?? null;
}
