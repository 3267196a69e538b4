/** A seeded source of numbers (mulberry32), so that a trial can be run again. */
export class Random {
  constructor(private state: number) {}

  /** A number in [0, 1). */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  below(limit: number): number {
    return Math.floor(this.next() * limit);
  }

  pick<T>(items: readonly T[]): T {
    const item = items[this.below(items.length)];
    if (item === undefined) throw new RangeError('Nothing to pick from.');
    return item;
  }

  /** The items in another order (Fisher and Yates). */
  shuffle<T>(items: readonly T[]): T[] {
    const shuffled = [...items];
    for (let at = shuffled.length - 1; at > 0; at -= 1) {
      const other = this.below(at + 1);
      [shuffled[at], shuffled[other]] = [shuffled[other] as T, shuffled[at] as T];
    }
    return shuffled;
  }
}
