import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Citation } from '../quote';
import {
  actorOf,
  digestOf,
  erased,
  firstBroken,
  hashOf,
  inOrder,
  nextEvent,
  tick,
  type EventKind,
  type EventPayloads,
  type FindingPayload,
  type LogEvent,
} from './events';
import { cites, foldReview, type Finding } from './fold';

const foldFindings = (log: readonly LogEvent[]): readonly Finding[] => foldReview(log).findings;

const citation = (sourceId: string): Citation => ({
  sourceId,
  sourceName: 'Agreement',
  sha256: 'f'.repeat(64),
  page: 3,
  label: 'iii',
  section: '2 Term',
  quote: 'ends on 31 March 2027',
  before: '',
  after: '',
  spans: [{ page: 3, start: 5, end: 26 }],
  mark: 'exact',
  words: 'exact',
  place: 'cited',
  differences: [],
  matched: '',
});

const payload = (text: string, sourceId = 'a'): FindingPayload => ({
  text,
  note: '',
  citations: [citation(sourceId)],
  question: 'When?',
});

function append<K extends EventKind>(
  log: LogEvent[],
  kind: K,
  target: string,
  given: EventPayloads[K],
  actor = 'one',
  now = 1000,
): LogEvent[] {
  return [...log, nextEvent(log, { actor, kind, target, payload: given, now })];
}

describe('the log', () => {
  test('counts each actor on its own and chains its events', () => {
    let log = append([], 'finding-kept', 'f1', payload('first'));
    log = append(log, 'finding-kept', 'f2', payload('second'), 'two');
    log = append(log, 'finding-noted', 'f1', { note: 'look' });
    expect(log.map((event) => event.id)).toEqual(['one:1', 'two:1', 'one:2']);
    expect(log.map((event) => event.previous === null)).toEqual([true, true, false]);
    expect(log[2]?.previous).toBe(hashOf(log[0] as LogEvent));
    expect(actorOf(log[1] as LogEvent)).toBe('two');
    expect(firstBroken(log)).toBeNull();
  });

  test('clocks never go back, whatever the wall clock says', () => {
    expect(tick(null, 5)).toEqual({ ms: 5, n: 0 });
    expect(tick({ ms: 9, n: 2 }, 5)).toEqual({ ms: 9, n: 3 });
    expect(tick({ ms: 9, n: 2 }, 10)).toEqual({ ms: 10, n: 0 });
  });

  test('shows a changed payload and a broken chain', () => {
    let log = append([], 'finding-kept', 'f1', payload('first'));
    log = append(log, 'finding-noted', 'f1', { note: 'look' });
    const changed = log.map((event, at) => (at === 0 ? { ...event, payload: payload('forged') } : event));
    expect(firstBroken(changed)).toBe('one:1');
    expect(firstBroken(log.slice(1))).toBe('one:2');
  });

  test('keeps its chain when a text is erased', () => {
    let log = append([], 'finding-kept', 'f1', payload('secret words'));
    log = append(log, 'finding-noted', 'f1', { note: 'look' });
    const after = [erased(log[0] as LogEvent), log[1] as LogEvent];
    expect(firstBroken(after)).toBeNull();
    expect(JSON.stringify(after)).not.toContain('secret words');
  });

  test('digests do not depend on the order of keys (RFC 8785)', () => {
    expect(digestOf({ a: 1, b: [2, 'ü'] })).toBe(digestOf({ b: [2, 'ü'], a: 1 }));
    expect(digestOf({ a: 1 })).not.toBe(digestOf({ a: 2 }));
  });
});

describe('findings', () => {
  test('are what the events leave', () => {
    let log = append([], 'finding-kept', 'f1', payload('first'));
    log = append(log, 'finding-kept', 'f2', payload('second'));
    log = append(log, 'finding-noted', 'f1', { note: 'check again' });
    log = append(log, 'finding-withdrawn', 'f2', {});
    expect(foldFindings(log)).toEqual([expect.objectContaining({ id: 'f1', note: 'check again' })]);
  });

  test('say which document they cite, and keep their place when erased', () => {
    const log = append([], 'finding-kept', 'f1', payload('first', 'doc'));
    const [finding] = foldFindings(log);
    expect(finding && cites(finding, 'doc')).toBe(true);
    expect(finding && cites(finding, 'other')).toBe(false);
    expect(foldFindings(log.map(erased))).toEqual([expect.objectContaining({ id: 'f1', content: null })]);
  });

  test('do not depend on the order in which events arrive', () => {
    const step = fc.tuple(
      fc.constantFrom('one', 'two', 'three'),
      fc.constantFrom('f1', 'f2', 'f3'),
      fc.constantFrom('keep', 'note', 'withdraw'),
      fc.nat(50),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 25 }), fc.infiniteStream(fc.nat()), (steps, numbers) => {
        let log: LogEvent[] = [];
        steps.forEach(([actor, target, what, now], at) => {
          if (what === 'keep') log = append(log, 'finding-kept', target, payload(`text ${at}`), actor, now);
          else if (what === 'note') log = append(log, 'finding-noted', target, { note: `note ${at}` }, actor, now);
          else log = append(log, 'finding-withdrawn', target, {}, actor, now);
        });
        const shuffled = log
          .map((event) => ({ event, key: numbers.next().value as number }))
          .sort((a, b) => a.key - b.key)
          .map((one) => one.event);
        expect(inOrder(shuffled)).toEqual(inOrder(log));
        expect(foldFindings(shuffled)).toEqual(foldFindings(log));
      }),
    );
  });
});
