import type { Hit } from '../search';
import { gatherEvidence, type Evidence } from './evidence';
import type { Question } from './question';
import { rowOfYear } from './rowEvidence';
import type { Sought } from './seek';

/** What was gathered from hits last, and for which question. */
const gathered = new WeakMap<readonly Hit[], { readonly question: Question; readonly evidence: readonly Evidence[] }>();

/** Evidence with the row of the year that is meant before the best, where that is a row of another year: nothing but their years tells the two apart. */
function yearFirst(evidence: readonly Evidence[], question: Question): readonly Evidence[] {
  const [best] = evidence;
  const meant = best?.row == null ? null : rowOfYear(best.row, question, best.source.segment.language);
  const found = meant === null ? undefined : evidence.find(({ row }) => row?.row === meant);
  return best === undefined || found === undefined || found === best
    ? evidence
    : [{ ...found, score: best.score, features: best.features }, ...evidence.filter((one) => one !== found)];
}

/** The evidence that a search found, best first, gathered once: tables and sentences are looked at one after the other for the same question. */
export function evidenceOf({ question, sources, hits }: Sought): readonly Evidence[] {
  const before = gathered.get(hits);
  if (before?.question === question) return before.evidence;
  const evidence = yearFirst(gatherEvidence(sources, hits, question), question);
  gathered.set(hits, { question, evidence });
  return evidence;
}
