import canonicalize from 'canonicalize';
import { sha256Hex } from '../hash';
import type { Citation } from '../quote';

export const LOG_VERSION = 1;

/** A hybrid logical clock (Kulkarni et al. 2014): wall time in milliseconds, and a counter for events of one millisecond. */
export interface Clock {
  readonly ms: number;
  readonly n: number;
}

/** What is kept of a claim, or of a passage someone selected. */
export interface FindingPayload {
  readonly text: string;
  readonly note: string;
  readonly citations: readonly Citation[];
  /** The question it answered; null for a passage kept from the page. */
  readonly question: string | null;
}

export const DECISIONS = ['confirmed', 'disputed', 'set-aside', 'open'] as const;
/** What a reviewer decides of a finding; `open` takes a decision back. */
export type Decision = (typeof DECISIONS)[number];

export interface EventPayloads {
  readonly 'finding-kept': FindingPayload;
  readonly 'finding-noted': { readonly note: string };
  readonly 'finding-withdrawn': Record<string, never>;
  readonly 'finding-restored': Record<string, never>;
  readonly 'finding-decided': { readonly decision: Decision; readonly reason: string };
  readonly 'finding-commented': { readonly text: string };
  /** Takes back a comment of one's own, by its event's id. */
  readonly 'comment-withdrawn': { readonly comment: string };
  /** Gives the actor a name; its target is the actor. */
  readonly 'reviewer-named': { readonly name: string };
}

export type EventKind = keyof EventPayloads;

/**
 * One entry of the append-only log. The chain covers the digest of the payload, so that a text can be erased later without breaking it:
 * `payload` is then null and the digest stays.
 */
export interface LogEvent<K extends EventKind = EventKind> {
  readonly v: typeof LOG_VERSION;
  /** Actor and counter: `actor:7`. */
  readonly id: string;
  readonly at: Clock;
  /** Hash of the actor's event before; null for the first. */
  readonly previous: string | null;
  readonly kind: K;
  /** The finding it is about; the actor for `reviewer-named`. */
  readonly target: string;
  readonly digest: string;
  readonly payload: EventPayloads[K] | null;
}

/** SHA-256 of the canonical JSON (RFC 8785) of a value. */
export function digestOf(value: unknown): string {
  return sha256Hex(canonicalize(value) ?? 'null');
}

/** What the next event's `previous` says: the hash of all of an event but its payload. */
export function hashOf(event: LogEvent): string {
  const { v, id, at, previous, kind, target, digest } = event;
  return digestOf({ v, id, at, previous, kind, target, digest });
}

/** The clock of a new event: never behind the wall clock, always after the latest seen. */
export function tick(latest: Clock | null, now: number): Clock {
  if (latest === null || now > latest.ms) return { ms: now, n: 0 };
  return { ms: latest.ms, n: latest.n + 1 };
}

export interface Appended<K extends EventKind> {
  readonly actor: string;
  readonly kind: K;
  readonly target: string;
  readonly payload: EventPayloads[K];
  readonly now: number;
}

export function counterOf(event: LogEvent): number {
  return Number(event.id.slice(event.id.lastIndexOf(':') + 1));
}

export function actorOf(event: LogEvent): string {
  return event.id.slice(0, event.id.lastIndexOf(':'));
}

/** The event that follows a log; `log` may be in any order. */
export function nextEvent<K extends EventKind>(log: readonly LogEvent[], given: Appended<K>): LogEvent<K> {
  const own = log.filter((event) => actorOf(event) === given.actor).sort((a, b) => counterOf(a) - counterOf(b));
  const last = own.at(-1);
  const latest = log.reduce<Clock | null>(
    (best, event) => (best === null || after(event.at, best) ? event.at : best),
    null,
  );
  return {
    v: LOG_VERSION,
    id: `${given.actor}:${last === undefined ? 1 : counterOf(last) + 1}`,
    at: tick(latest, given.now),
    previous: last === undefined ? null : hashOf(last),
    kind: given.kind,
    target: given.target,
    digest: digestOf(given.payload),
    payload: given.payload,
  };
}

function after(one: Clock, two: Clock): boolean {
  return one.ms > two.ms || (one.ms === two.ms && one.n > two.n);
}

/** The order in which events are folded, whatever order they arrived in: clock, then actor, then counter. */
export function inOrder(log: readonly LogEvent[]): LogEvent[] {
  return [...log].sort((a, b) => {
    if (after(a.at, b.at)) return 1;
    if (after(b.at, a.at)) return -1;
    const [one, two] = [actorOf(a), actorOf(b)];
    return one === two ? counterOf(a) - counterOf(b) : one < two ? -1 : 1;
  });
}

/** The id of the first event whose chain or digest does not hold, or null. Shows accidents, not forgery. */
export function firstBroken(log: readonly LogEvent[]): string | null {
  const last = new Map<string, LogEvent>();
  for (const event of [...log].sort((a, b) => counterOf(a) - counterOf(b))) {
    const before = last.get(actorOf(event));
    const expected = before === undefined ? null : hashOf(before);
    const digestHolds = event.payload === null || digestOf(event.payload) === event.digest;
    if (event.previous !== expected || !digestHolds) return event.id;
    last.set(actorOf(event), event);
  }
  return null;
}

/** The event with its text erased; chain and digest stay. */
export function erased(event: LogEvent): LogEvent {
  return { ...event, payload: null };
}
