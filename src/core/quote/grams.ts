/** Characters of a stretch that is remembered. */
const GRAM = 8;
/** Bits kept for each character of the text: few enough to be small, enough that hardly any foreign stretch seems known. */
const BITS_A_CHARACTER = 6;
const LEAST_BITS = 1 << 16;

/**
 * Which stretches of eight characters a text holds, as a Bloom filter of one hash (Bloom 1970): a text that is looked for and has one that the filter does not
 * know stands nowhere, without the text being gone through. It never says so of one that does. Grows with the text; some 0.75 bytes a character.
 */
export class GramFilter {
  private bits = new Uint32Array(LEAST_BITS >> 5);
  private mask = LEAST_BITS - 1;
  /** Characters of the text that were taken in. */
  private taken = 0;

  /** Takes in what was added to the text since the last time. */
  private take(text: string): void {
    if (text.length * BITS_A_CHARACTER > this.mask) {
      let size = this.mask + 1;
      while (text.length * BITS_A_CHARACTER > size) size *= 2;
      this.bits = new Uint32Array(size >> 5);
      this.mask = size - 1;
      this.taken = 0;
    }
    for (let at = Math.max(0, this.taken - GRAM + 1); at + GRAM <= text.length; at += 1) {
      const bit = hashAt(text, at) & this.mask;
      this.bits[bit >> 5] = (this.bits[bit >> 5] as number) | (1 << (bit & 31));
    }
    this.taken = text.length;
  }

  /** False only when `wanted` stands nowhere in `text`, which must be the text of every earlier call with something added at most. */
  mayHold(text: string, wanted: string): boolean {
    if (wanted.length < GRAM) return true;
    if (this.taken < text.length) this.take(text);
    for (let at = 0; at + GRAM <= wanted.length; at += 1) {
      const bit = hashAt(wanted, at) & this.mask;
      if (((this.bits[bit >> 5] as number) & (1 << (bit & 31))) === 0) return false;
    }
    return true;
  }
}

/** A hash of the eight characters at a place (FNV-1a, with its high bits mixed into the low ones). */
function hashAt(text: string, at: number): number {
  let hash = 0x811c9dc5;
  for (let step = 0; step < GRAM; step += 1) hash = Math.imul(hash ^ text.charCodeAt(at + step), 0x01000193);
  return (hash ^ (hash >>> 15)) >>> 0;
}
