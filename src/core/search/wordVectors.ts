import { remembered, stemWord, tokensOf, type Language } from '../text';
import { linesByWord } from './wordLines';

/** Letters that each part of a German compound has at least: "Tauch" and "schein". */
const PART = 4;
/** What the last part of a compound counts, which says what kind of thing it is; the first counts 1. */
const LAST_PART = 1.3;

/** What a text is about: a direction of length 1. */
export type Meaning = Float64Array;

function dot(one: Float64Array, other: Float64Array): number {
  return one.reduce((sum, value, at) => sum + value * (other[at] as number), 0);
}

/** A direction of length 1; null for no direction at all. */
function unit(vector: Float64Array): Meaning | null {
  const size = Math.sqrt(dot(vector, vector));
  return size === 0 ? null : vector.map((value) => value / size);
}

function bytesOf(line: string): Int8Array {
  return Int8Array.from(atob(line), (char) => char.charCodeAt(0));
}

/** The numbers of each word of one language, as a file tells them: "harbour " and signed bytes in base64. */
class Words {
  private readonly lines: ReadonlyMap<string, string>;
  private readonly read = new Map<string, Int8Array>();

  constructor(
    text: string,
    private readonly language: Language,
  ) {
    this.lines = linesByWord(text);
  }

  private numbersOf(name: string): Int8Array | null {
    const known = this.read.get(name);
    if (known !== undefined) return known;
    const line = this.lines.get(name);
    if (line === undefined) return null;
    const numbers = bytesOf(line);
    this.read.set(name, numbers);
    return numbers;
  }

  /** Adds the numbers of a folded word to a sum, so many times; false where it is not known. */
  private addKnown(sum: Float64Array, word: string, times: number): boolean {
    const numbers = this.numbersOf(this.language === 'de' ? stemWord(word, 'de') : word);
    numbers?.forEach((value, at) => (sum[at] = (sum[at] as number) + times * value));
    return numbers !== null;
  }

  /** Adds the numbers of a folded word to a sum; those of its parts where a German compound itself is not known. */
  add(sum: Float64Array, word: string): void {
    if (this.addKnown(sum, word, 1) || this.language !== 'de') return;
    const has = (part: string): boolean => this.lines.has(stemWord(part, 'de'));
    for (let at = PART; at <= word.length - PART; at += 1) {
      const [first, last] = [word.slice(0, at), word.slice(at)];
      const bare = has(first) ? first : first.replace(/[sn]$/, '');
      if (!has(bare) || !has(last)) continue;
      this.addKnown(sum, bare, 1);
      this.addKnown(sum, last, LAST_PART);
      return;
    }
  }
}

/** Numbers a word has in the files. */
const DIMENSIONS = 64;

/**
 * What texts are about, by vectors of their words, summed (`public/words/vectors.txt`, GloVe, Pennington et al. 2014; `vectors-de.txt`, by the English words that German ones are
 * translated by, so that both languages lie in one space). Words that say nothing by themselves have none; rare ones count more.
 */
export class WordVectors {
  private readonly words = new Map<Language, Words>();
  private find = this.lookingAnew();

  constructor(english: string) {
    this.learn('en', english);
  }

  /** Takes in the words of a language. */
  learn(language: Language, text: string): void {
    this.words.set(language, new Words(text, language));
    this.find = this.lookingAnew();
  }

  private lookingAnew(): (text: string, language: Language) => Meaning | null {
    return remembered((text, language) => this.sum(text, language));
  }

  private sum(text: string, language: Language): Meaning | null {
    const words = this.words.get(language === 'und' ? 'en' : language);
    if (words === undefined) return null;
    const sum = new Float64Array(DIMENSIONS);
    for (const { word } of tokensOf(text)) words.add(sum, word);
    return unit(sum);
  }

  /** What a text is about; null where no word of it is known, or none of its language. */
  meaningOf(text: string, language: Language): Meaning | null {
    return this.find(text, language);
  }
}

/** How alike two texts, or sums of several, are in what they are about: the cosine of their directions, from -1 to 1. */
export function likenessOf(one: Float64Array, other: Float64Array): number {
  return dot(one, other) / (Math.sqrt(dot(one, one) * dot(other, other)) || 1);
}
