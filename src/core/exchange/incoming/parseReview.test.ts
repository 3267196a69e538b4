import { describe, expect, test } from '@jest/globals';
import { mergeLogs, nextEvent, type EventKind, type EventPayloads, type LogEvent } from '../../review';
import { reviewFileOf } from '..';
import { parseReview } from '.';

const NOW = Date.UTC(2026, 10, 25);
const CITATION = {
  sourceId: 'a',
  sourceName: 'Lease',
  sha256: 'c'.repeat(64),
  page: 3,
  label: 'iii',
  section: '2 Rent',
  quote: 'The rent is 3,200 crowns.',
  before: '',
  after: '',
  spans: [{ page: 3, start: 5, end: 30 }],
  mark: 'exact',
  words: 'exact',
  place: 'cited',
  differences: [],
  matched: '',
} as const;

function append<K extends EventKind>(
  log: LogEvent[],
  actor: string,
  kind: K,
  target: string,
  payload: EventPayloads[K],
): LogEvent[] {
  return [...log, nextEvent(log, { actor, kind, target, payload, now: NOW })];
}

function worked(): LogEvent[] {
  let log = append([], 'ada', 'finding-kept', 'f1', {
    text: 'The rent',
    note: '',
    citations: [CITATION],
    question: 'How much?',
  });
  log = append(log, 'bo', 'reviewer-named', 'bo', { name: 'Bo Lind' });
  log = append(log, 'bo', 'finding-decided', 'f1', { decision: 'disputed', reason: 'wrong year' });
  log = append(log, 'ada', 'finding-commented', 'f1', { text: 'see note 3' });
  return append(log, 'bo', 'comment-withdrawn', 'f1', { comment: 'ada:2' });
}

const FILE = reviewFileOf(worked(), 'Leases', [{ sha256: 'c'.repeat(64), name: 'Lease' }], NOW);
const TEXT = JSON.stringify(FILE);
const changed = (change: (file: Record<string, unknown>) => void): string => {
  const copy = JSON.parse(TEXT) as Record<string, unknown>;
  change(copy);
  return JSON.stringify(copy);
};

describe('a review file', () => {
  test('comes back as it was saved', () => {
    expect(parseReview(TEXT, NOW)).toEqual(FILE);
  });

  test('gives the same review whatever the order its events are taken in', () => {
    const log = worked();
    const reversed = reviewFileOf([...log].reverse(), 'Leases', [], NOW).events;
    expect(mergeLogs([], reversed)).toEqual(mergeLogs([], FILE.events));
  });

  test.each<[string, string, RegExp]>([
    ['is cut off', TEXT.slice(0, -20), /not JSON, or was cut off/],
    ['is something else', '{"format":"other"}', /no review of this application/],
    ['is of a later version', changed((file) => Object.assign(file, { v: 9 })), /version 9/],
    ['has an unknown field', changed((file) => Object.assign(file, { extra: 1 })), /extra is not as described/],
    ['has an unknown event', TEXT.replace('finding-decided', 'finding-deleted'), /kind is not as described/],
    ['was changed afterwards', TEXT.replace('wrong year', 'right year'), /does not fit its digest/],
    ['lacks an event', changed((file) => (file['events'] as unknown[]).splice(0, 1)), /follows none before it/],
    [
      'names someone else',
      changed((file) =>
        Object.assign(
          (file['events'] as { target: string; id: string; kind: string }[]).find(
            (one) => one.kind === 'reviewer-named',
          ) as object,
          { target: 'ada' },
        ),
      ),
      /does not fit|named by another/,
    ],
  ])('that %s is refused whole', (_, text, why) => {
    expect(() => parseReview(text, NOW)).toThrow(why);
  });

  test('dated in the future is refused', () => {
    expect(() => parseReview(TEXT, NOW - 3 * 24 * 3600 * 1000)).toThrow(/dated in the future/);
  });

  test('keeps hostile names as text, and hostile keys out', () => {
    const hostile = changed((file) => Object.assign(file, { dossier: '<img src=x onerror=alert(1)>' }));
    expect(parseReview(hostile, NOW).dossier).toBe('<img src=x onerror=alert(1)>');
    const polluting = TEXT.replace('"dossier"', '"__proto__":{"polluted":1},"dossier"');
    expect(Object.keys(parseReview(polluting, NOW))).toEqual(Object.keys(FILE));
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });

  test('of 400 with a character changed, dropped or doubled, none is half taken in', () => {
    let seed = 11;
    const next = (below: number): number => {
      seed = (seed * 48271) % 2147483647;
      return seed % below;
    };
    let refused = 0;
    for (let round = 0; round < 400; round += 1) {
      const at = next(TEXT.length);
      const char = String.fromCharCode(32 + next(95));
      const mutated = [
        TEXT.slice(0, at) + TEXT.slice(at + 1),
        TEXT.slice(0, at) + char + TEXT.slice(at + 1),
        TEXT.slice(0, at) + char + TEXT.slice(at),
      ][next(3)] as string;
      try {
        const { events } = parseReview(mutated, NOW);
        // What was taken can differ outside the log only: the log is covered by its digests.
        expect(mergeLogs(FILE.events, events)).toEqual(mergeLogs([], FILE.events));
      } catch (caught) {
        expect((caught as Error).message).toMatch(/Nothing was changed|nothing was changed/);
        refused += 1;
      }
    }
    expect(refused).toBeGreaterThan(300);
  });
});
