import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { openShelf } from '../cli/shelf';
import { standsAsCited, type QuoteCheck } from '../src/core/quote';
import { makeQuoteCases, type PagesOfText, type QuoteCase } from './quoteCases';
import { Random } from './random';

/** Kinds of difference that a change may rightly be told as. */
const NAMED_AS: Readonly<Record<string, readonly string[]>> = {
  digit: ['figure', 'date'],
  negation: ['negation'],
  modal: ['modal'],
  name: ['name', 'date'],
  word: ['word', 'name', 'figure', 'date', 'modal', 'negation'],
  clause: ['dropped'],
};
/** Changes of what is agreed, owed, allowed or counted. */
const GRAVE = new Set(['digit', 'negation', 'modal', 'name']);

/** Page texts by an extractor that is not ours, so that quotes do not share our reading's faults. */
function foreignPages(file: string): PagesOfText {
  const text = execFileSync('pdftotext', ['-q', file, '-'], { maxBuffer: 1 << 28 }).toString();
  return { name: path.basename(file), pages: text.split('\f').slice(0, -1) };
}

/** Page texts as this product reads them. */
export async function ownPages(files: readonly string[]): Promise<PagesOfText[]> {
  const { library } = await openShelf(files);
  return library.sources().map((source) => ({
    name: source.name,
    pages: Array.from({ length: source.pageCount }, (_, at) => source.page(at + 1)?.text ?? ''),
  }));
}

interface Tally {
  readonly marks: Map<string, number>;
  /** Altered ones; those whose change is named as what it is; those told as grave. */
  altered: number;
  named: number;
  grave: number;
}

/** Whether a change is told among a check's differences as the kind it is. A dropped clause may take a figure or a name with it. */
function isNamed(kind: string, { differences }: QuoteCheck): boolean {
  return differences.some(
    (one) => NAMED_AS[kind]?.includes(one.kind) === true || (kind === 'clause' && one.found === ''),
  );
}

export interface QuoteTrialOptions {
  readonly sources: readonly string[];
  readonly others: readonly string[];
  readonly each: number;
  readonly seed: number;
  /** True for page texts of another program, so that quotes do not share our reading's faults. */
  readonly foreign: boolean;
  readonly misses: boolean;
}

/** Quotes of known marks: a confusion table by kind of change, and how often what was changed is named. */
export async function runQuoteTrials({
  sources,
  others,
  each,
  seed,
  foreign,
  misses,
}: QuoteTrialOptions): Promise<void> {
  const documents = foreign ? sources.map(foreignPages) : await ownPages(sources);
  const strangers = others.length === 0 ? [] : foreign ? others.map(foreignPages) : await ownPages(others);
  const cases = makeQuoteCases(new Random(seed), documents, strangers, each);
  const { library } = await openShelf(sources);
  const rows = new Map<string, Tally>();
  const [times, total] = [[] as number[], { right: 0, rightPage: 0, pages: 0, falseTrust: 0 }];
  for (const one of cases) {
    const began = performance.now();
    const check = library.quotes.check({ quote: one.quote, sourceId: one.source, page: one.page });
    times.push(performance.now() - began);
    const row = rows.get(one.kind) ?? { marks: new Map<string, number>(), altered: 0, named: 0, grave: 0 };
    row.marks.set(check.mark, (row.marks.get(check.mark) ?? 0) + 1);
    rows.set(one.kind, row);
    if (one.expected === 'altered' && check.mark === 'altered') {
      row.altered += 1;
      if (isNamed(one.kind, check)) row.named += 1;
      if (check.differences.some((difference) => difference.grave)) row.grave += 1;
      if (misses && !isNamed(one.kind, check)) tellMiss('UNNAMED', one, check);
    }
    if (check.mark === one.expected) total.right += 1;
    else if (misses) tellMiss('MISS', one, check);
    if ((one.expected === 'altered' || one.expected === 'absent') && standsAsCited(check)) total.falseTrust += 1;
    if (one.truePage !== null && check.at !== null) {
      total.pages += 1;
      if (check.at.spans.some((span) => span.page === one.truePage)) total.rightPage += 1;
    }
  }
  tellRows(rows, cases.length, total, times);
}

function tellRows(
  rows: ReadonlyMap<string, Tally>,
  count: number,
  total: { readonly right: number; readonly rightPage: number; readonly pages: number; readonly falseTrust: number },
  times: number[],
): void {
  const share = (part: number, whole: number): string => `${((100 * part) / Math.max(1, whole)).toFixed(1)} %`;
  console.log(
    `\nquotes: ${count}, right marks ${share(total.right, count)}, altered or absent ones trusted ${total.falseTrust}, right page ${share(total.rightPage, total.pages)}`,
  );
  for (const [kind, { marks, altered, named, grave }] of rows) {
    const recall = altered === 0 ? '' : `; named ${named} of ${altered}${GRAVE.has(kind) ? `, grave ${grave}` : ''}`;
    console.log(`  ${kind.padEnd(15)}${[...marks].map(([mark, times]) => `${mark} ${times}`).join(', ')}${recall}`);
  }
  const grave = [...rows].filter(([kind]) => GRAVE.has(kind)).map(([, row]) => row);
  const sum = (of: (row: Tally) => number): number => grave.reduce((all, row) => all + of(row), 0);
  console.log(`  grave changes told as grave ${share(sum((row) => row.grave), sum((row) => row.altered))}, named ${share(sum((row) => row.named), sum((row) => row.altered))}`); // prettier-ignore
  times.sort((a, b) => a - b);
  console.log(
    `  milliseconds a quote: median ${times[times.length >> 1]?.toFixed(2)}, 95th percentile ${times[Math.floor(times.length * 0.95)]?.toFixed(2)}`,
  );
}

function tellMiss(word: string, one: QuoteCase, { mark, matched, differences }: QuoteCheck): void {
  console.log(
    `${word} ${one.kind}: ${mark} for ${one.expected}, ${one.source} p. ${one.page}\n  quote   ${one.quote}\n  matched ${matched.replace(/\n/g, '⏎')}\n  ${JSON.stringify(differences)}`,
  );
}
