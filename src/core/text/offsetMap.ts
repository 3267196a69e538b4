/**
 * Maps positions in a folded text back to the canonical text it was made from. Positions are UTF-16
 * code units. A folded character may stand for several canonical ones (a ligature's parts, a word's
 * joined halves), so a boundary is asked for with the side it sticks to.
 */
export class OffsetMap {
  /** `starts[i]`, `ends[i]`: the canonical range that folded character `i` came from. */
  constructor(
    private readonly starts: Uint32Array,
    private readonly ends: Uint32Array,
  ) {}

  /** Number of folded characters. */
  get length(): number {
    return this.starts.length;
  }

  /** Canonical offset where folded character `index` begins. Throws RangeError outside the text. */
  startOf(index: number): number {
    return this.at(this.starts, index);
  }

  /** Canonical offset just behind folded character `index`. Throws RangeError outside the text. */
  endOf(index: number): number {
    return this.at(this.ends, index);
  }

  /** The canonical range of the folded range `[from, to)`, which must not be empty. */
  range(from: number, to: number): { start: number; end: number } {
    if (to <= from) throw new RangeError(`An empty folded range [${from}, ${to}) has no place.`);
    return { start: this.startOf(from), end: this.endOf(to - 1) };
  }

  private at(offsets: Uint32Array, index: number): number {
    const value = offsets[index];
    if (value === undefined)
      throw new RangeError(`Folded position ${index} is outside a text of ${offsets.length} characters.`);
    return value;
  }
}
