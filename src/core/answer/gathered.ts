import type { Hit } from '../search';
import { gatherEvidence, type Evidence } from './evidence';
import type { Question } from './question';
import type { Sought } from './seek';

/** What was gathered from hits last, and for which question. */
const gathered = new WeakMap<readonly Hit[], { readonly question: Question; readonly evidence: readonly Evidence[] }>();

/** The evidence that a search found, best first, gathered once: tables and sentences are looked at one after the other for the same question. */
export function evidenceOf({ question, sources, hits }: Sought): readonly Evidence[] {
  const before = gathered.get(hits);
  if (before?.question === question) return before.evidence;
  const evidence = gatherEvidence(sources, hits, question);
  gathered.set(hits, { question, evidence });
  return evidence;
}
