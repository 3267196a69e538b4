import { actorOf, inOrder, type Decision, type EventPayloads, type FindingPayload, type LogEvent } from './events';

/** One reviewer's decision on a finding, the last they made. */
export interface Decided {
  readonly by: string;
  readonly decision: Exclude<Decision, 'open'>;
  readonly reason: string;
  readonly at: number;
}

export interface Comment {
  /** The id of its event. */
  readonly id: string;
  readonly by: string;
  readonly text: string;
  readonly at: number;
}

/** A step in a finding's history. */
export interface Step {
  readonly id: string;
  readonly by: string;
  readonly at: number;
  readonly kind: LogEvent['kind'];
  /** A decision with its reason, a note, a comment; empty where there is nothing to say, or it was erased. */
  readonly text: string;
}

/** What reviewers together make of a finding. */
export type ReviewState = 'undecided' | 'confirmed' | 'disputed' | 'set-aside';

/** A finding as the log leaves it. */
export interface Finding {
  readonly id: string;
  readonly keptAt: number;
  readonly keptBy: string;
  readonly note: string;
  /** Null when its text was erased with the document it quoted. */
  readonly content: FindingPayload | null;
  readonly decisions: readonly Decided[];
  readonly comments: readonly Comment[];
  readonly history: readonly Step[];
  readonly withdrawn: boolean;
}

export interface Review {
  /** The findings that stand, oldest first. */
  readonly findings: readonly Finding[];
  /** Those withdrawn, which can be restored. */
  readonly withdrawn: readonly Finding[];
  /** Names of reviewers by actor. */
  readonly names: ReadonlyMap<string, string>;
}

function payloadOf<K extends LogEvent['kind']>(event: LogEvent, kind: K): EventPayloads[K] | null {
  return event.kind === kind ? (event.payload as EventPayloads[K] | null) : null;
}

function stepText(event: LogEvent): string {
  const decided = payloadOf(event, 'finding-decided');
  if (decided !== null) return [decided.decision, decided.reason].filter((part) => part !== '').join(': ');
  return payloadOf(event, 'finding-commented')?.text ?? payloadOf(event, 'finding-noted')?.note ?? '';
}

/** One finding after one more of its events. */
function folded(finding: Finding, event: LogEvent): Finding {
  const [by, at] = [actorOf(event), event.at.ms];
  const next = {
    ...finding,
    history: [...finding.history, { id: event.id, by, at, kind: event.kind, text: stepText(event) }],
  };
  switch (event.kind) {
    case 'finding-kept':
    case 'reviewer-named':
      return next;
    case 'finding-noted':
      return { ...next, note: payloadOf(event, 'finding-noted')?.note ?? finding.note };
    case 'finding-withdrawn':
      return { ...next, withdrawn: true };
    case 'finding-restored':
      return { ...next, withdrawn: false };
    case 'finding-decided': {
      const given = payloadOf(event, 'finding-decided');
      const others = finding.decisions.filter((one) => one.by !== by);
      if (given === null || given.decision === 'open') return { ...next, decisions: others };
      return { ...next, decisions: [...others, { by, at, decision: given.decision, reason: given.reason }] };
    }
    case 'finding-commented': {
      const text = payloadOf(event, 'finding-commented')?.text;
      return text === undefined ? next : { ...next, comments: [...finding.comments, { id: event.id, by, at, text }] };
    }
    case 'comment-withdrawn': {
      const gone = payloadOf(event, 'comment-withdrawn')?.comment;
      return { ...next, comments: finding.comments.filter((one) => one.id !== gone || one.by !== by) };
    }
  }
}

/** The review that a log leaves: a pure fold that does not depend on the order in which events arrived. */
export function foldReview(log: readonly LogEvent[]): Review {
  const findings = new Map<string, Finding>();
  const names = new Map<string, string>();
  for (const event of inOrder(log)) {
    const by = actorOf(event);
    if (event.kind === 'reviewer-named') {
      const name = payloadOf(event, 'reviewer-named')?.name;
      if (name !== undefined) names.set(by, name);
      continue;
    }
    let finding = findings.get(event.target);
    if (event.kind === 'finding-kept' && finding === undefined) {
      const content = event.payload as FindingPayload | null;
      finding = {
        id: event.target,
        keptAt: event.at.ms,
        keptBy: by,
        note: content?.note ?? '',
        content,
        decisions: [],
        comments: [],
        history: [],
        withdrawn: false,
      };
    }
    if (finding !== undefined) findings.set(event.target, folded(finding, event));
  }
  const all = [...findings.values()];
  return { findings: all.filter((one) => !one.withdrawn), withdrawn: all.filter((one) => one.withdrawn), names };
}

/** A dispute outweighs all else; then whatever any reviewer decided, confirmation first. */
export function reviewState({ decisions }: Finding): ReviewState {
  for (const state of ['disputed', 'confirmed', 'set-aside'] as const)
    if (decisions.some((one) => one.decision === state)) return state;
  return 'undecided';
}

/** True when a finding quotes a document. */
export function cites(finding: Finding, sourceId: string): boolean {
  return finding.content?.citations.some((citation) => citation.sourceId === sourceId) ?? false;
}
