import { problem } from '../../src/core/problem';
import { citationOf, type QuoteCheck } from '../../src/core/quote';
import type { AskedSource } from '../../src/core/answer';
import { readQuotes, type QuoteRecord } from '../records';
import { matchSource, openShelf, pageOfLabel } from '../shelf';
import { EXIT, print, tellProblem } from '../terminal';

function pagesOf(check: QuoteCheck): number[] {
  const sourceId = check.at?.sourceId;
  const places = check.places.length > 0 ? check.places : check.at === null ? [] : [check.at];
  const pages = places
    .filter((place) => place.sourceId === sourceId)
    .flatMap((place) => place.spans.map((span) => span.page));
  return [...new Set(pages)].sort((a, b) => a - b);
}

function asJson(record: QuoteRecord, check: QuoteCheck, sources: readonly AskedSource[], ms: number): string {
  const source = sources.find((one) => one.id === check.at?.sourceId) ?? null;
  const citation = citationOf(record.quote, check, source, null);
  return JSON.stringify({
    id: record.id,
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
  });
}

function asText(record: QuoteRecord, check: QuoteCheck): string {
  const where =
    check.at === null ? '' : `  ${check.at.sourceId}, p. ${check.at.spans.map((span) => span.page).join('–')}`;
  const differs = check.differences.map(
    (one) => `    ${one.grave ? 'grave, ' : ''}${one.kind}: page “${one.expected}”, quote “${one.found}”`,
  );
  return [`${record.id}: ${check.mark}${where}`, ...differs].join('\n');
}

/** `check`: the mark of each quote. Gives the exit code: 1 when one is neither exact nor same words. */
export async function checkCommand(options: {
  sources: readonly string[];
  quotes: string;
  json: boolean;
}): Promise<number> {
  const records = readQuotes(options.quotes);
  const { library, incomplete } = await openShelf(options.sources);
  const sources = library.sources();
  let unverified = false;
  for (const record of records) {
    const source = record.source === null ? null : matchSource(sources, record.source);
    if (record.source !== null && source === null)
      tellProblem(problem('source-unknown', { id: record.id, source: record.source }));
    const labelled = record.label !== null && source !== null ? pageOfLabel(source, record.label) : null;
    const page =
      record.page ?? labelled ?? (record.label !== null && /^\d+$/.test(record.label) ? Number(record.label) : null);
    const began = performance.now();
    const check = library.quotes.check({ quote: record.quote, sourceId: source?.id ?? record.source, page });
    const ms = performance.now() - began;
    if (check.mark !== 'exact' && check.mark !== 'same-words') unverified = true;
    print(options.json ? asJson(record, check, sources, ms) : asText(record, check));
  }
  if (incomplete) return EXIT.unreadable;
  return unverified ? EXIT.unverified : EXIT.done;
}
