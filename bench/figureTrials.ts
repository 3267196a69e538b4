import { weighClaim, type RestsOn } from '../src/core/claim';
import { sayTraced } from '../src/core/figure';
import type { Library } from '../src/core/library';
import { makeFigureCases, type FigureCase } from './figureCases';
import { Random } from './random';

/** How claims with right figures, and those with a wrong one, fared. */
export interface FigureTrial {
  /** By kind: how many, how many judged rightly, what was said of the others. */
  readonly kinds: ReadonlyMap<string, { readonly right: boolean; count: number; good: number }>;
  readonly faults: ReadonlyMap<string, Map<string, number>>;
  readonly misses: readonly string[];
  readonly milliseconds: readonly number[];
}

/** Weighs generated claims and holds what is said of their figures against what was done to them. */
export function runFigureTrials(library: Library, seed: number, each: number): FigureTrial {
  const sources = library.sources();
  const kinds = new Map<string, { right: boolean; count: number; good: number }>();
  const faults = new Map<string, Map<string, number>>();
  const misses: string[] = [];
  const milliseconds: number[] = [];
  for (const one of makeFigureCases(new Random(seed), sources, each)) {
    const began = performance.now();
    const rests = one.citations.map((cited): RestsOn => {
      const check = library.quotes.check({ quote: cited.quote, sourceId: cited.source, page: cited.page });
      return { mark: check.mark, quote: cited.quote, at: check.at };
    });
    const { figures } = weighClaim(one.claim, rests, sources);
    milliseconds.push(performance.now() - began);
    const wrong = figures.filter((figure) => figure.verdict === 'unsupported');
    const kind = kinds.get(one.kind) ?? { right: one.right, count: 0, good: 0 };
    kinds.set(one.kind, kind);
    kind.count += 1;
    const good = one.right ? wrong.length === 0 && figures.length > 0 : wrong.length > 0;
    if (good) kind.good += 1;
    else
      misses.push(
        tell(
          one,
          figures.map((figure) => `${figure.figure.text}: ${figure.verdict} ${sayTraced(figure)}`),
        ),
      );
    const named = faults.get(one.kind) ?? new Map<string, number>();
    faults.set(one.kind, named);
    for (const { fault } of wrong) named.set(fault ?? '', (named.get(fault ?? '') ?? 0) + 1);
  }
  return { kinds, faults, misses, milliseconds };
}

function tell(one: FigureCase, found: readonly string[]): string {
  return [`MISS ${one.kind}: ${one.claim}`, ...one.citations.map((cited) => `  quote  ${cited.source} p. ${cited.page}: ${cited.quote}`), ...found.map((line) => `  found  ${line.replace(/\n/g, ' ')}`)].join('\n'); // prettier-ignore
}
