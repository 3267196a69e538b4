import type { Library } from '../src/core/library';
import { isProblem, proof } from '../src/core/proof';
import { makeMemo } from './madeMemo';
import type { PagesOfText } from './quoteCases';
import { Random } from './random';

export interface MemoTrial {
  readonly planted: number;
  readonly found: number;
  readonly falseAlarms: number;
  readonly items: number;
  readonly milliseconds: number;
  readonly misses: readonly string[];
}

/** Makes a memo of 40 quotations and 60 figures with 25 faults, proofs it, and counts the faults found and the alarms that are false. */
export function runMemoTrial(library: Library, others: readonly PagesOfText[], seed: number): MemoTrial {
  const sources = library.sources();
  const memo = makeMemo(new Random(seed), sources, others, {
    quotes: 40,
    figures: 60,
    wrongQuotes: 12,
    wrongFigures: 13,
  });
  const began = performance.now();
  const { items } = proof(memo.text, { shelf: { sources, quotes: library.quotes } });
  const milliseconds = performance.now() - began;
  const misses: string[] = [];
  let [planted, found, falseAlarms] = [0, 0, 0];
  for (const one of memo.items) {
    const own = items.filter((item) => item.start >= one.start && item.end <= one.end);
    const alarmed = own.some(isProblem);
    if (!one.right) planted += 1;
    if (!one.right && alarmed) found += 1;
    if (one.right && alarmed) falseAlarms += 1;
    if (one.right === alarmed) {
      const told = own.map((item) => `  ${item.kind} ${item.text.slice(0, 60)}: ${item.kind === 'quote' ? `${item.citation.mark} ${item.placeFault ?? ''} ${JSON.stringify(item.citation.differences)} ${item.citation.sourceName} ${item.citation.page}` : `${item.verdict} ${item.how}`}`); // prettier-ignore
      misses.push([`${one.right ? 'FALSE ALARM' : 'MISSED'} ${one.kind}: ${memo.text.slice(one.start, one.end)}`, ...told].join('\n')); // prettier-ignore
    }
  }
  return { planted, found, falseAlarms, items: memo.items.length, milliseconds, misses };
}
