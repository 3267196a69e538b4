import { problem, ProblemError } from '../problem';
import { actorOf, counterOf, firstBroken, hashOf, type EventKind, type EventPayloads, type LogEvent } from './events';
import { foldReview, type Finding } from './fold';

/**
 * The union of two logs: commutative, associative, idempotent. Nothing is overwritten. Where one log has a text that was erased in the other,
 * the text stands. Throws ProblemError when the logs tell two stories under one id, or the union's chain is broken.
 */
export function mergeLogs(one: readonly LogEvent[], two: readonly LogEvent[]): LogEvent[] {
  const merged = new Map<string, LogEvent>();
  for (const event of [...one, ...two]) {
    const known = merged.get(event.id);
    if (known !== undefined && hashOf(known) !== hashOf(event))
      throw new ProblemError(problem('review-conflict', { id: event.id }));
    if (known === undefined || known.payload === null) merged.set(event.id, event);
  }
  const log = [...merged.values()].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
  const kept = log.filter((event) => event.kind === 'finding-kept');
  const targets = new Set<string>();
  const twice = kept.find((event) => targets.size === targets.add(event.target).size);
  if (twice !== undefined) throw new ProblemError(problem('review-conflict', { id: twice.id }));
  const broken = firstBroken(log);
  if (broken !== null) throw new ProblemError(problem('review-broken', { id: broken }));
  return log;
}

/** What taking in a log would change. */
export interface MergePreview {
  readonly newEvents: number;
  /** Findings that are not here yet. */
  readonly newFindings: readonly Finding[];
  /** Findings that are here and would gain something: what they are after merging, and by how many events. */
  readonly changed: readonly { readonly finding: Finding; readonly events: number; readonly differs: boolean }[];
  /** Names of the reviewers whose events are new; of all in it when none is. */
  readonly reviewers: readonly string[];
}

/** What `incoming` adds to `own`. Throws as `mergeLogs` does. */
export function previewMerge(own: readonly LogEvent[], incoming: readonly LogEvent[]): MergePreview {
  const merged = mergeLogs(own, incoming);
  const held = new Set(own.map((event) => event.id));
  const fresh = merged.filter((event) => !held.has(event.id));
  const before = foldReview(own);
  const after = foldReview(merged);
  const known = new Set([...before.findings, ...before.withdrawn].map((one) => one.id));
  const touched = new Map<string, number>();
  for (const event of fresh) touched.set(event.target, (touched.get(event.target) ?? 0) + 1);
  const all = [...after.findings, ...after.withdrawn];
  const decisionsOf = (finding: Finding | undefined): Set<string> =>
    new Set(finding?.decisions.map((one) => one.decision));
  return {
    newEvents: fresh.length,
    newFindings: all.filter((one) => !known.has(one.id)),
    changed: all
      .filter((one) => known.has(one.id) && touched.has(one.id))
      .map((finding) => ({
        finding,
        events: touched.get(finding.id) ?? 0,
        differs: finding.withdrawn || decisionsOf(finding).size > 1,
      })),
    reviewers: [...new Set((fresh.length > 0 ? fresh : incoming).map(actorOf))]
      .map((actor) => after.names.get(actor) ?? 'a reviewer without a name')
      .sort(),
  };
}

/** An event that takes one back. */
export interface Inverse {
  readonly kind: EventKind;
  readonly target: string;
  readonly payload: EventPayloads[EventKind];
}

/** What takes back the last thing an actor did to a finding, and is not itself such a taking back of `undone`; null when there is nothing. */
export function inverseOf(event: LogEvent, log: readonly LogEvent[]): Inverse | null {
  const { target, kind } = event;
  const earlier = <K extends EventKind>(of: K): LogEvent<K> | undefined =>
    log
      .filter(
        (one) =>
          one.target === target &&
          one.kind === of &&
          actorOf(one) === actorOf(event) &&
          counterOf(one) < counterOf(event),
      )
      .sort((a, b) => counterOf(b) - counterOf(a))[0] as LogEvent<K> | undefined;
  switch (kind) {
    case 'finding-kept':
    case 'finding-restored':
      return { kind: 'finding-withdrawn', target, payload: {} };
    case 'finding-withdrawn':
      return { kind: 'finding-restored', target, payload: {} };
    case 'finding-decided':
      return { kind, target, payload: earlier('finding-decided')?.payload ?? { decision: 'open', reason: '' } };
    case 'finding-noted':
      return { kind, target, payload: earlier('finding-noted')?.payload ?? { note: '' } };
    case 'finding-commented':
      return { kind: 'comment-withdrawn', target, payload: { comment: event.id } };
    case 'comment-withdrawn':
    case 'reviewer-named':
      return null;
  }
}
