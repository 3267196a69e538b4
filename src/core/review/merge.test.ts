import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { actorOf, erased, nextEvent, type EventKind, type EventPayloads, type LogEvent } from './events';
import { foldReview, reviewState } from './fold';
import { inverseOf, mergeLogs, previewMerge } from './merge';

const kept = (text: string): EventPayloads['finding-kept'] => ({ text, note: '', citations: [], question: null });

function append<K extends EventKind>(
  log: readonly LogEvent[],
  actor: string,
  kind: K,
  target: string,
  payload: EventPayloads[K],
  now = 1000,
): LogEvent[] {
  return [...log, nextEvent(log, { actor, kind, target, payload, now })];
}

/** A number generator that a seed decides. */
function random(seed: number): (below: number) => number {
  let state = seed + 1;
  return (below) => {
    state = (state * 48271) % 2147483647;
    return state % below;
  };
}

/** Peers that write and send each other what they have, at random; gives their logs. */
function peersAtWork(seed: number, steps: number): LogEvent[][] {
  const pick = random(seed);
  const logs: LogEvent[][] = [[], [], []];
  const names = ['ada', 'bo', 'cy'];
  for (let step = 0; step < steps; step += 1) {
    const at = pick(3);
    const log = logs[at] as LogEvent[];
    const actor = names[at] as string;
    const findings = foldReview(log).findings;
    const target = findings[pick(Math.max(1, findings.length))]?.id;
    const what = pick(6);
    const now = 1000 + pick(500);
    if (what === 0 || target === undefined)
      logs[at] = append(log, actor, 'finding-kept', `${actor}-${step}`, kept(`text ${step}`), now);
    else if (what === 1)
      logs[at] = append(
        log,
        actor,
        'finding-decided',
        target,
        { decision: pick(2) === 0 ? 'confirmed' : 'disputed', reason: `r${step}` },
        now,
      );
    else if (what === 2) logs[at] = append(log, actor, 'finding-commented', target, { text: `c${step}` }, now);
    else if (what === 3) logs[at] = append(log, actor, 'finding-withdrawn', target, {}, now);
    else logs[at] = mergeLogs(log, logs[pick(3)] as LogEvent[]);
  }
  return logs;
}

describe('merging logs', () => {
  test('is commutative, associative and idempotent, and the fold follows, with random peers and random delivery', () => {
    fc.assert(
      fc.property(fc.nat(1_000_000), fc.integer({ min: 1, max: 40 }), (seed, steps) => {
        const [a, b, c] = peersAtWork(seed, steps) as [LogEvent[], LogEvent[], LogEvent[]];
        const one = mergeLogs(mergeLogs(a, b), c);
        expect(mergeLogs(mergeLogs(c, b), a)).toEqual(one);
        expect(mergeLogs(a, mergeLogs(c, b))).toEqual(one);
        expect(mergeLogs(one, b)).toEqual(one);
        expect(foldReview(mergeLogs(b, a)).findings).toEqual(foldReview(mergeLogs(a, b)).findings);
      }),
      { numRuns: 40 },
    );
  });

  test('in small pieces, in any order, gives what one bulk merge gives', () => {
    const [a, b, c] = peersAtWork(77, 60) as [LogEvent[], LogEvent[], LogEvent[]];
    const bulk = mergeLogs(mergeLogs(a, b), c);
    // Each peer's events may arrive only after those before them.
    let piecewise: LogEvent[] = [];
    for (const actor of ['cy', 'ada', 'bo'])
      for (const event of bulk
        .filter((one) => actorOf(one) === actor)
        .sort((x, y) => Number(x.id.split(':')[1]) - Number(y.id.split(':')[1])))
        piecewise = mergeLogs([event], piecewise);
    expect(piecewise).toEqual(bulk);
  });

  test('refuses two stories under one id, and one finding kept twice', () => {
    const one = append([], 'ada', 'finding-kept', 'f1', kept('first'));
    const two = append([], 'ada', 'finding-kept', 'f1', kept('second'));
    expect(() => mergeLogs(one, two)).toThrow(/tells event ada:1 otherwise/);
    const other = append([], 'bo', 'finding-kept', 'f1', kept('mine now'), 1);
    expect(() => mergeLogs(one, other)).toThrow(/otherwise/);
  });

  test('refuses a log that its chain does not hold together', () => {
    const log = append(append([], 'ada', 'finding-kept', 'f1', kept('first')), 'ada', 'finding-commented', 'f1', {
      text: 'x',
    });
    expect(() => mergeLogs([], log.slice(1))).toThrow(/broken at event ada:2/);
  });

  test('keeps a text that one side has and the other erased, in either order', () => {
    const log = append([], 'ada', 'finding-kept', 'f1', kept('words'));
    const gone = log.map(erased);
    expect(mergeLogs(gone, log)).toEqual(log);
    expect(mergeLogs(log, gone)).toEqual(log);
  });
});

describe('what a colleague’s review would change', () => {
  const shared = append([], 'ada', 'finding-kept', 'f1', kept('first'));
  const own = append(shared, 'ada', 'finding-decided', 'f1', { decision: 'confirmed', reason: '' });
  let theirs = append(shared, 'bo', 'reviewer-named', 'bo', { name: 'Bo Lind' });
  theirs = append(theirs, 'bo', 'finding-decided', 'f1', { decision: 'disputed', reason: 'wrong year' });
  theirs = append(theirs, 'bo', 'finding-kept', 'f2', kept('second'));

  test('names what is new, what differs, and who', () => {
    const preview = previewMerge(own, theirs);
    expect(preview.newEvents).toBe(3);
    expect(preview.newFindings.map((one) => one.content?.text)).toEqual(['second']);
    expect(preview.changed).toEqual([expect.objectContaining({ events: 1, differs: true })]);
    expect(preview.reviewers).toEqual(['Bo Lind']);
  });

  test('nothing the second time', () => {
    const preview = previewMerge(mergeLogs(own, theirs), theirs);
    expect(preview).toMatchObject({ newEvents: 0, newFindings: [], changed: [] });
  });

  test('both decisions stand beside each other, and a dispute outweighs', () => {
    const [finding] = foldReview(mergeLogs(own, theirs)).findings;
    expect(finding?.decisions.map((one) => [one.by, one.decision])).toEqual([
      ['ada', 'confirmed'],
      ['bo', 'disputed'],
    ]);
    expect(finding && reviewState(finding)).toBe('disputed');
    expect(finding?.history.map((step) => step.text)).toEqual(['', 'confirmed', 'disputed: wrong year']);
  });
});

describe('taking back', () => {
  const log = append([], 'ada', 'finding-kept', 'f1', kept('first'));
  const undoOf = (all: LogEvent[]): LogEvent[] => {
    const last = all.at(-1) as LogEvent;
    const inverse = inverseOf(last, all);
    if (inverse === null) throw new Error('nothing to take back');
    return append(all, 'ada', inverse.kind, inverse.target, inverse.payload);
  };
  const after = (all: LogEvent[]) => foldReview(all).findings[0];

  test('a decision falls back to the one before it', () => {
    const once = append(log, 'ada', 'finding-decided', 'f1', { decision: 'confirmed', reason: '' });
    const twice = append(once, 'ada', 'finding-decided', 'f1', { decision: 'disputed', reason: 'no' });
    expect(after(undoOf(twice))?.decisions[0]?.decision).toBe('confirmed');
    expect(after(undoOf(once))?.decisions).toEqual([]);
  });

  test('keeping, withdrawing, noting and commenting are taken back too', () => {
    expect(after(undoOf(log))).toBeUndefined();
    expect(foldReview(undoOf(log)).withdrawn).toHaveLength(1);
    expect(after(undoOf(append(log, 'ada', 'finding-withdrawn', 'f1', {})))).toBeDefined();
    const noted = append(append(log, 'ada', 'finding-noted', 'f1', { note: 'a' }), 'ada', 'finding-noted', 'f1', {
      note: 'b',
    });
    expect(after(undoOf(noted))?.note).toBe('a');
    expect(after(undoOf(append(log, 'ada', 'finding-commented', 'f1', { text: 'hm' })))?.comments).toEqual([]);
  });

  test('nobody takes back another’s comment', () => {
    const commented = append(log, 'bo', 'finding-commented', 'f1', { text: 'mine' });
    const tried = append(commented, 'ada', 'comment-withdrawn', 'f1', { comment: 'bo:1' });
    expect(after(tried)?.comments).toHaveLength(1);
  });
});
