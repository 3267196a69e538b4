import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { findSources } from '../cli/paths';
import { readFiles, wholeFile } from '../cli/reading';

export interface Agreement {
  readonly name: string;
  readonly pages: number;
  /** Words of the other program's text, and how many of them stand in ours in the same order, page by page. */
  readonly words: number;
  readonly agreed: number;
  /** The pages that agree least, with their shares. */
  readonly worst: readonly { readonly page: number; readonly share: number }[];
}

/** Words as both programs should give them: ligatures parted, hyphens and typographic signs alike, spaced letters apart. */
function wordsOf(text: string): string[] {
  return (
    text
      .normalize('NFKC')
      .toLowerCase()
      .match(/[\p{L}\p{N}]+/gu) ?? []
  );
}

/** Length of the longest common subsequence of two lists of words (Hunt and Szymanski 1977). */
export function commonInOrder(one: readonly string[], two: readonly string[]): number {
  const places = new Map<string, number[]>();
  two.forEach((word, at) => places.set(word, [...(places.get(word) ?? []), at]));
  const ends: number[] = [];
  for (const word of one) {
    const matches = places.get(word) ?? [];
    for (let at = matches.length - 1; at >= 0; at -= 1) {
      const place = matches[at] as number;
      let low = 0;
      let high = ends.length;
      while (low < high) {
        const middle = (low + high) >> 1;
        if ((ends[middle] as number) < place) low = middle + 1;
        else high = middle;
      }
      ends[low] = place;
    }
  }
  return ends.length;
}

/** Compares our page texts with those of `pdftotext`, which must be installed. */
export async function* runAgreement(paths: readonly string[]): AsyncGenerator<Agreement> {
  for await (const result of readFiles(findSources(paths), wholeFile)) {
    if ('problem' in result) continue;
    const { name, pages } = result.read;
    const file = paths.find((one) => path.basename(one) === name) ?? path.join(paths[0] ?? '', name);
    const theirs = execFileSync('pdftotext', ['-q', file, '-'], { maxBuffer: 1 << 28 })
      .toString()
      .split('\f');
    const shares = pages.map((page, at) => {
      const [own, other] = [wordsOf(page.text), wordsOf(theirs[at] ?? '')];
      return { page: page.number, words: other.length, agreed: commonInOrder(own, other) };
    });
    const sum = (of: 'words' | 'agreed'): number => shares.reduce((total, one) => total + one[of], 0);
    const worst = shares
      .filter((one) => one.words > 20)
      .map(({ page, words, agreed }) => ({ page, share: agreed / words }))
      .sort((a, b) => a.share - b.share)
      .slice(0, 5);
    yield { name, pages: pages.length, words: sum('words'), agreed: sum('agreed'), worst };
  }
}
