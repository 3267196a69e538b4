import { expose } from 'comlink';
import { askBuiltIn, type Answer } from '../core/answer';
import { Library } from '../core/library';
import { citationOf, type Citation, type QuoteCheck } from '../core/quote';
import { segmentFingerprint } from '../core/search';
import { getEdition, getSegment, pagesFrom, storeSegment, type Shelved } from '../store';
import { attempt, type Result } from './result';

const library = new Library();
/** Edition held for each document; a new one replaces it. */
const editions = new Map<string, string>();
const syncing = new Map<string, Promise<void>>();

async function sync({ source, edition }: Shelved): Promise<void> {
  const current = await getEdition(edition.id);
  if (current === undefined || current.facts === null) return;
  if (editions.get(source.id) !== edition.id) {
    library.remove(source.id);
    const stored = current.state === 'ready' ? await getSegment(edition.id) : undefined;
    const usable = stored?.fingerprint === segmentFingerprint() ? stored : null;
    library.add(
      {
        id: source.id,
        name: source.name,
        sha256: edition.sha256,
        pageCount: current.facts.pageCount,
        language: current.language,
      },
      usable,
    );
    editions.set(source.id, edition.id);
    if (usable !== null) complete.add(source.id);
    else complete.delete(source.id);
  }
  for (const { page, sections } of await pagesFrom(edition.id, library.pagesRead(source.id) + 1)) {
    library.addPage(source.id, page, sections);
  }
  if (!complete.has(source.id) && library.pagesRead(source.id) >= current.facts.pageCount) {
    complete.add(source.id);
    await storeSegment(edition.id, library.finish(source.id));
  }
}

/** Documents whose segment is finished. */
const complete = new Set<string>();

function syncOnce(shelved: Shelved): Promise<void> {
  const before = syncing.get(shelved.source.id) ?? Promise.resolve();
  const next = before.then(() => sync(shelved));
  // A failed step is told to whoever asked for it; the next one starts afresh.
  syncing.set(
    shelved.source.id,
    next.catch(() => undefined),
  );
  return next;
}

export interface CheckedQuote {
  readonly check: QuoteCheck;
  readonly citation: Citation;
}

const api = {
  /** Takes in what has been stored of a document since the last time. */
  sync(shelved: Shelved): Promise<Result<void>> {
    return attempt(() => syncOnce(shelved));
  },

  forget(sourceId: string): void {
    library.remove(sourceId);
    editions.delete(sourceId);
    complete.delete(sourceId);
  },

  /** Asks the built-in reader over the documents named that are held here. */
  ask(question: string, sourceIds: readonly string[]): Promise<Result<Answer>> {
    return attempt(() =>
      askBuiltIn(question, library.sources(sourceIds), library.quotes, { now: () => performance.now() }),
    );
  },

  /** Holds a quote against the documents named; `sourceId` and `page` are those cited, if any. */
  check(
    quote: string,
    cited: { readonly sourceId: string | null; readonly page: number | null },
    among: readonly string[],
  ): Promise<Result<CheckedQuote>> {
    return attempt(() => {
      const check = library.quotes.check({ quote, ...cited }, among);
      const id = check.at?.sourceId ?? cited.sourceId;
      const source = id === null ? null : (library.sources([id])[0] ?? null);
      return { check, citation: citationOf(quote, check, source, cited.page) };
    });
  },
};

export type DeskApi = typeof api;
expose(api);
