import { problem } from '../../src/core/problem';
import { citationOf, standsAsCited, type QuoteCheck } from '../../src/core/quote';
import type { AskedSource } from '../../src/core/answer';
import { claimFigure, weighClaim } from '../../src/core/claim';
import type { Library } from '../../src/core/library';
import { readQuotes, type QuoteRecord } from '../records';
import { sayTraced } from '../../src/core/figure';
import { asFigure } from '../cite';
import { pageOfLabel } from '../../src/core/search';
import { matchSource, openShelf } from '../shelf';
import { EXIT, print, tellProblem } from '../terminal';

function pagesOf(check: QuoteCheck): number[] {
  const sourceId = check.at?.sourceId;
  const places = check.places.length > 0 ? check.places : check.at === null ? [] : [check.at];
  const pages = places
    .filter((place) => place.sourceId === sourceId)
    .flatMap((place) => place.spans.map((span) => span.page));
  return [...new Set(pages)].sort((a, b) => a - b);
}

function asLine(
  id: string,
  quote: string,
  check: QuoteCheck,
  sources: readonly AskedSource[],
  ms: number,
): Record<string, unknown> {
  const source = sources.find((one) => one.id === check.at?.sourceId) ?? null;
  const citation = citationOf(quote, check, source, null);
  return {
    id,
    mark: check.mark,
    words: check.words,
    place: check.place,
    source: source?.name ?? null,
    page: citation.page,
    pages: pagesOf(check),
    label: citation.label,
    section: citation.section,
    matched: check.matched,
    score: Math.round(check.score * 1000) / 1000,
    differences: check.differences,
    ...(check.tooShort ? { tooShort: true } : {}),
    ms: Math.round(ms * 100) / 100,
  };
}

function asText(id: string, check: QuoteCheck): string {
  const where =
    check.at === null ? '' : `  ${check.at.sourceId}, p. ${check.at.spans.map((span) => span.page).join('–')}`;
  const differs = check.differences.map(
    (one) => `    ${one.grave ? 'grave, ' : ''}${one.kind}: page “${one.expected}”, quote “${one.found}”`,
  );
  return [`${id}: ${check.mark}${where}`, ...differs].join('\n');
}

interface Checked {
  readonly check: QuoteCheck;
  readonly line: Record<string, unknown>;
}

/** Holds quotes against a shelf, and says them as the command prints them. */
class Checker {
  private readonly sources: readonly AskedSource[];

  constructor(private readonly library: Library) {
    this.sources = library.sources();
  }

  record(record: QuoteRecord): { line: Record<string, unknown>; text: string; stands: boolean } {
    if (record.quote !== null) {
      const { check, line } = this.quote(record.id, { ...record, quote: record.quote });
      return { line, text: asText(record.id, check), stands: standsAsCited(check) };
    }
    const began = performance.now();
    const checked = record.citations.map((one) => this.quote(record.id, { ...one, label: null }));
    const stands = checked.length > 0 && checked.every((one) => standsAsCited(one.check));
    const quotes = checked.map(({ check }, at) => ({ mark: check.mark, quote: record.citations[at]?.quote ?? '', at: check.at })); // prettier-ignore
    const { standing, uncovered, figures } = weighClaim(record.claim ?? '', quotes, this.sources);
    const line = {
      id: record.id,
      claim: record.claim,
      standing,
      uncovered,
      citations: checked.map((one) => one.line),
      figures: figures.map((one) => asFigure(claimFigure(one))),
      ms: Math.round((performance.now() - began) * 100) / 100,
    };
    const text = [
      `${record.id}: ${standing}`,
      ...checked.map((one) => `  ${asText('quote', one.check)}`),
      ...figures.map((one) => `  ${one.figure.text}: ${one.verdict}  ${sayTraced(one)}`),
      ...uncovered
        .filter((one) => one.kind !== 'figure')
        .map((one) => `  ${one.kind}: “${one.said}” for “${one.stated}”`),
    ].join('\n');
    return { line, text, stands };
  }

  private quote(id: string, given: Pick<QuoteRecord, 'source' | 'page' | 'label'> & { quote: string }): Checked {
    const source = given.source === null ? null : matchSource(this.sources, given.source);
    if (given.source !== null && source === null) tellProblem(problem('source-unknown', { id, source: given.source }));
    const labelled = given.label !== null && source !== null ? pageOfLabel(source, given.label) : null;
    const plain = given.label !== null && /^\d+$/.test(given.label) ? Number(given.label) : null;
    const page = given.page ?? labelled ?? plain;
    const began = performance.now();
    const check = this.library.quotes.check({ quote: given.quote, sourceId: source?.id ?? given.source, page });
    return { check, line: asLine(id, given.quote, check, this.sources, performance.now() - began) };
  }
}

/** `check`: the mark of each quote, the standing of each claim. Gives the exit code: 1 when one is neither exact nor same words. */
export async function checkCommand(options: {
  sources: readonly string[];
  quotes: string;
  json: boolean;
}): Promise<number> {
  const records = readQuotes(options.quotes);
  const { library, incomplete } = await openShelf(options.sources);
  const checker = new Checker(library);
  let unverified = false;
  for (const record of records) {
    const { line, text, stands } = checker.record(record);
    if (!stands) unverified = true;
    print(options.json ? JSON.stringify(line) : text);
  }
  if (incomplete) return EXIT.unreadable;
  return unverified ? EXIT.unverified : EXIT.done;
}
