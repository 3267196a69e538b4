import { Recent } from '../recent';

/** Characters of a stretch that is remembered. */
const GRAM = 8;
/** Characters of a block, some fifteen pages. */
const BLOCK = 1 << 15;
/** Bits kept for each character: few enough to be small, enough that hardly any foreign stretch seems known. */
const BITS_A_CHARACTER = 6;
const LEAST_BITS = 1 << 10;

/** Hashes of the stretches of texts that were looked for last: one is looked for in every document. */
const hashed = new Recent<string, Uint32Array>(8);

/** Which stretches begin in one block, as a Bloom filter of one hash (Bloom 1970). */
interface Block {
  readonly bits: Uint32Array;
  readonly mask: number;
}

/**
 * Which stretches of eight characters a text holds, block by block: where a text that is looked for may begin is known without going through what cannot hold
 * it. It never says no of a block where the text does begin. Grows with the text; some 0.75 to 1.5 bytes a character.
 */
export class GramFilter {
  private readonly blocks: Block[] = [];
  private taken = 0;

  /** Takes in what was added to the text since the last time: the last block anew, and those behind it. */
  private take(text: string): void {
    // A stretch belongs to the block that it begins in, and may reach into the next, which was begun only.
    const first = Math.max(0, this.blocks.length - 2);
    this.blocks.length = first;
    for (let at = first * BLOCK; at < text.length; at += BLOCK) this.blocks.push(blockOf(text, at));
    this.taken = text.length;
  }

  /** Where `wanted` stands in `text`, from `from` on, in order; `text` must be the text of every earlier call with something added at most. */
  *occurrences(text: string, wanted: string, from = 0): Generator<number> {
    if (wanted.length < GRAM) {
      for (let at = text.indexOf(wanted, from); at >= 0; at = text.indexOf(wanted, at + 1)) yield at;
      return;
    }
    if (this.taken < text.length) this.take(text);
    const hashes = hashed.get(wanted, () => hashesOf(wanted));
    for (let block = Math.floor(from / BLOCK); block < this.blocks.length; block += 1) {
      if (!this.mayBeginIn(block, hashes)) continue;
      const start = Math.max(from, block * BLOCK);
      const stretch = text.slice(start, (block + 1) * BLOCK + wanted.length - 1);
      for (let at = stretch.indexOf(wanted); at >= 0; at = stretch.indexOf(wanted, at + 1)) yield start + at;
    }
  }

  private mayBeginIn(at: number, hashes: Uint32Array): boolean {
    const [own, next] = [this.blocks[at] as Block, this.blocks[at + 1]];
    // Texts longer than a block may go on further than the next one.
    const reach = Math.min(hashes.length, BLOCK);
    for (let nth = 0; nth < reach; nth += 1) {
      const hash = hashes[nth] as number;
      if (!holds(own, hash) && (next === undefined || !holds(next, hash))) return false;
    }
    return true;
  }
}

function holds({ bits, mask }: Block, hash: number): boolean {
  const bit = hash & mask;
  return ((bits[bit >> 5] as number) & (1 << (bit & 31))) !== 0;
}

function blockOf(text: string, start: number): Block {
  const end = Math.min(text.length, start + BLOCK);
  let size = LEAST_BITS;
  while (size < (end - start) * BITS_A_CHARACTER) size *= 2;
  const bits = new Uint32Array(size >> 5);
  let sum = sumAt(text, start);
  for (let at = start; at < end && at + GRAM <= text.length; at += 1) {
    const bit = mixed(sum) & (size - 1);
    bits[bit >> 5] = (bits[bit >> 5] as number) | (1 << (bit & 31));
    sum = (Math.imul(sum - Math.imul(text.charCodeAt(at), FIRST), BASE) + text.charCodeAt(at + GRAM)) | 0;
  }
  return { bits, mask: size - 1 };
}

function hashesOf(text: string): Uint32Array {
  return Uint32Array.from({ length: text.length - GRAM + 1 }, (_, at) => mixed(sumAt(text, at)));
}

/** Base of the sum over a stretch, and what its first character counts in it. */
const BASE = 0x01000193;
const FIRST = Array.from({ length: GRAM - 1 }).reduce((power: number) => Math.imul(power, BASE), 1);

/** The characters of a stretch as digits of one number, cut to 32 bits, so that the next stretch's follows from it (Karp and Rabin 1987). */
function sumAt(text: string, at: number): number {
  let sum = 0;
  for (let step = 0; step < GRAM; step += 1) sum = (Math.imul(sum, BASE) + text.charCodeAt(at + step)) | 0;
  return sum;
}

/** A sum with its high bits mixed into the low ones. */
function mixed(sum: number): number {
  const hash = Math.imul(sum ^ (sum >>> 15), 0x2c1b3c6d);
  return (hash ^ (hash >>> 13)) >>> 0;
}
