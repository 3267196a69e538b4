import { median } from '../median';
import type { Outcome } from './outcome';

/** How many of those asked came right. */
export interface Share {
  readonly right: number;
  readonly of: number;
}

/** What a set of questions came to. */
export interface Score {
  readonly one: Share;
  readonly five: Share;
  readonly first: Share;
  readonly value: Share;
  readonly calculated: Share;
  readonly conflict: Share;
  /** Answerable questions that were declined, and unanswerable ones. */
  readonly wronglyDeclined: Share;
  readonly rightlyDeclined: Share;
  /** Citations that are not as printed, of all. */
  readonly doubtful: Share;
  readonly median: number;
  readonly slow: number;
}

function shareOf(outcomes: readonly Outcome[], pick: (one: Outcome) => boolean | null): Share {
  const picked = outcomes.map(pick).filter((one) => one !== null);
  return { right: picked.filter(Boolean).length, of: picked.length };
}

/** Adds up outcomes; times in milliseconds, the slow one at the 95th percentile. */
export function scoreOf(outcomes: readonly Outcome[]): Score {
  const times = outcomes.map((one) => one.milliseconds).sort((a, b) => a - b);
  return {
    one: shareOf(outcomes, (one) => one.one),
    five: shareOf(outcomes, (one) => one.five),
    first: shareOf(outcomes, (one) => one.first),
    value: shareOf(outcomes, (one) => one.value),
    calculated: shareOf(outcomes, (one) => one.calculated),
    conflict: shareOf(outcomes, (one) => one.conflict),
    wronglyDeclined: shareOf(outcomes, (one) => (one.answerable ? !one.found : null)),
    rightlyDeclined: shareOf(outcomes, (one) => (one.answerable ? null : !one.found)),
    doubtful: {
      right: outcomes.reduce((sum, one) => sum + one.doubtful, 0),
      of: outcomes.reduce((sum, one) => sum + one.citations, 0),
    },
    median: median(times),
    slow: times[Math.floor(times.length * 0.95)] ?? 0,
  };
}
