import { searchFor, type AskedSource } from '../src/core/answer';
import type { Library } from '../src/core/library';
import { askModel, DEFAULT_BUDGET, ModelComposer, passagesToSend, type ModelEvent } from '../src/core/model';
import { standsAsCited, type Citation } from '../src/core/quote';
import { practiceEndpoint, practiceFetch } from '../src/server';

/** What plain comparison of squeezed characters says of a quote: on the page cited, on another, or nowhere. */
type Truth = 'there' | 'elsewhere' | 'nowhere';

export interface CarelessResult {
  readonly answers: number;
  readonly citations: number;
  /** Marks by truth: `truth mark`, counted. */
  readonly table: Readonly<Record<string, number>>;
  /** Quotes that stand nowhere as given, or not where they are cited, and were marked exact or same words. */
  readonly passed: readonly string[];
  /** Quotes that stand where they are cited and were marked otherwise. */
  readonly blamed: readonly string[];
}

function squeezed(text: string): string {
  return text
    .replace(/[-\u2010\u00ad]\s*\n\s*/g, '')
    .replace(/[\s\u00ad-]+/g, '')
    .toLowerCase();
}

/** Truth by a way that shares no code with the check. */
class Truths {
  private readonly pages = new Map<string, string[]>();

  constructor(sources: readonly AskedSource[]) {
    for (const source of sources)
      this.pages.set(
        source.name,
        [...Array(source.pageCount).keys()].map((at) => squeezed(source.page(at + 1)?.text ?? '')),
      );
  }

  of(source: string, page: unknown, quote: string): Truth {
    const words = squeezed(quote);
    const own = this.pages.get(source) ?? [];
    const at = Number(page) - 1;
    if (own[at]?.includes(words) === true || `${own[at] ?? ''}${own[at + 1] ?? ''}`.includes(words)) return 'there';
    for (const pages of this.pages.values()) if (pages.join('').includes(words)) return 'elsewhere';
    return 'nowhere';
  }
}

/** Asks the stand-in in one temper and holds the marks of its citations against the truth. */
export async function runCareless(
  library: Library,
  questions: readonly string[],
  temper: string,
): Promise<CarelessResult> {
  const endpoint = practiceEndpoint(temper);
  if (endpoint === null) throw new RangeError(`The stand-in has no temper “${temper}”.`);
  const sources = library.sources();
  const truths = new Truths(sources);
  const table: Record<string, number> = {};
  const [passed, blamed]: [string[], string[]] = [[], []];
  let citations = 0;
  for (const question of questions) {
    const search = searchFor(question, sources);
    const composer = new ModelComposer(search, sources, library.quotes, {
      name: endpoint.name,
      version: endpoint.model,
    });
    const request = {
      question,
      history: [],
      passages: passagesToSend(search.passages, sources),
      budget: DEFAULT_BUDGET,
    };
    const said: Extract<ModelEvent, { kind: 'claim' }>[] = [];
    for await (const event of askModel(endpoint, request, { fetch: practiceFetch, now: () => performance.now() })) {
      composer.take(event);
      if (event.kind === 'claim') said.push(event);
    }
    composer.soFar().answer.claims.forEach((claim, at) => {
      claim.citations.forEach((citation: Citation, nth) => {
        const given = said[at]?.citations[nth];
        if (given === undefined) return;
        const truth = truths.of(given.source, given.page, given.quote);
        const key = `${truth} ${citation.mark}`;
        table[key] = (table[key] ?? 0) + 1;
        citations += 1;
        const trusted = standsAsCited(citation);
        const line = `${truth} ${citation.mark} | ${given.source} p. ${given.page} | ${given.quote}`;
        if (trusted && truth !== 'there') passed.push(line);
        if (!trusted && truth === 'there') blamed.push(line);
      });
    });
  }
  return { answers: questions.length, citations, table, passed, blamed };
}
