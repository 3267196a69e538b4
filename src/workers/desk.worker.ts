import { expose } from 'comlink';
import {
  askBuiltIn,
  checkClaim,
  documentsSpokenOf,
  mendClaim,
  placesLike,
  searchFor,
  steeringOf,
  type Answer,
  type AskSettings,
  type Claim,
  type DraftClaim,
  type SearchOptions,
  type Steered,
} from '../core/answer';
import { cellQuoted } from '../core/figure';
import { indexFingerprint, Library } from '../core/library';
import { ModelComposer, passagesToSend, type ModelAnswer, type ModelEvent, type SentPassage } from '../core/model';
import {
  citationOf,
  explainCheck,
  standsAt,
  type Citation,
  type Explanation,
  type FindWay,
  type QuoteCheck,
} from '../core/quote';
import { proofSteps, type ProofResult } from '../core/proof';
import { textOfSpans } from '../core/search';
import {
  factsOf,
  keyFiguresOf,
  summarise,
  type Fact,
  type KeyFigure,
  type Summary,
  type SummaryLength,
} from '../core/summary';
import { getEdition, getIndex, getTables, pagesFrom, storeIndex, type Shelved } from '../store';
import { WordFiles } from './neighbours';
import { attempt, type Result } from './result';

const library = new Library();
const words = new WordFiles();

/** The documents named that are held here, with the words that stand for others in their languages at hand. */
async function askedOf(sourceIds: readonly string[]): Promise<ReturnType<typeof library.sources>> {
  const sources = library.sources(sourceIds);
  library.neighbours = (await words.for(sources.map(({ segment }) => segment.language))) ?? library.neighbours;
  return sources;
}

/** Edition held for each document; a new one replaces it. */
const editions = new Map<string, string>();
const syncing = new Map<string, Promise<void>>();

async function sync({ source, edition }: Shelved): Promise<void> {
  const current = await getEdition(edition.id);
  if (current === undefined || current.facts === null) return;
  if (editions.get(source.id) !== edition.id) {
    library.remove(source.id);
    const stored = current.state === 'ready' ? await getIndex(edition.id) : undefined;
    const usable = stored?.fingerprint === indexFingerprint(library.settings.passages) ? stored : null;
    const [{ pageCount }, { language }] = [current.facts, current];
    const held = { id: source.id, name: source.name, sha256: edition.sha256, pageCount, language };
    if (usable === null) library.add(held);
    else library.addWhole(held, usable);
    editions.set(source.id, edition.id);
    tabled.delete(source.id);
    if (usable !== null) complete.add(source.id);
    else complete.delete(source.id);
  }
  if (!complete.has(source.id)) await takePages(source.id, edition.id, current.facts.pageCount);
  if (current.tables !== null && !tabled.has(source.id)) {
    tabled.add(source.id);
    library.setTables(source.id, await getTables(edition.id));
  }
}

/** Takes the pages stored since the last time, a few at a time, so that a long document never stands in memory unpacked. */
async function takePages(sourceId: string, editionId: string, pageCount: number): Promise<void> {
  for (;;) {
    const next = library.pagesRead(sourceId) + 1;
    const stored = await pagesFrom(editionId, next, next + PAGES_AT_ONCE - 1);
    for (const { page, sections } of stored) library.addPage(sourceId, page, sections);
    if (stored.length < PAGES_AT_ONCE) break;
  }
  if (library.pagesRead(sourceId) < pageCount) return;
  complete.add(sourceId);
  library.finish(sourceId);
  await storeIndex(editionId, library.indexOf(sourceId));
}

const PAGES_AT_ONCE = 50;
/** Documents whose index is finished, and those whose tables are held. */
const complete = new Set<string>();
const tabled = new Set<string>();

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

/** Answers of connected models that are being put together, by the id of their slip. */
const composers = new Map<string, ModelComposer>();
const now = (): number => performance.now();

/** A heading as an outline lists it; `level` from 0, `page` from 1. */
export interface Heading {
  readonly text: string;
  readonly level: number;
  readonly page: number;
  readonly label: string | null;
}

export interface Bearings {
  readonly facts: readonly Fact[];
  readonly figures: readonly KeyFigure[];
  readonly summary: Summary;
}

/** Proofs that were asked to stop, and milliseconds of work between two looks at that. */
const stopped = new Set<string>();
const TURN = 60;

/** Where alone to look, and what a question is about. */
export type AskHow = Pick<SearchOptions, 'limits' | 'about'>;

const api = {
  /** Has questions read another way from now on. True when documents are cut into other passages: they must be taken in anew. */
  configure(settings: AskSettings): boolean {
    if (!library.configure(settings)) return false;
    for (const held of [editions, complete, tabled]) held.clear();
    return true;
  },

  /** Takes in what has been stored of a document since the last time. */
  sync(shelved: Shelved): Promise<Result<void>> {
    return attempt(() => syncOnce(shelved));
  },

  forget(sourceId: string): void {
    library.remove(sourceId);
    editions.delete(sourceId);
    complete.delete(sourceId);
    tabled.delete(sourceId);
  },

  /** Where words stand in the documents named, each place as a citation of what is printed there. */
  find(wanted: string, way: FindWay, sourceIds: readonly string[]): Promise<Result<readonly Citation[]>> {
    return attempt(() =>
      library.quotes.places(wanted, way, sourceIds).map((place) => {
        const source = library.sources([place.sourceId])[0] ?? null;
        const printed = source === null ? '' : textOfSpans(source, place.spans);
        return citationOf(printed, standsAt(place, printed), source, null);
      }),
    );
  },

  /** What the documents named say like a text, each place as a citation, the likest first. */
  like(text: string, sourceIds: readonly string[]): Promise<Result<readonly Citation[]>> {
    return attempt(() => {
      const sources = library.sources(sourceIds);
      return placesLike(text, sources).map((draft) => {
        const source = sources.find(({ id }) => id === draft.sourceId) ?? null;
        return citationOf(draft.quote, library.quotes.check(draft, sourceIds), source, draft.page);
      });
    });
  },

  /** The headings of a document that were found so far, in order. */
  headings(sourceId: string): Heading[] {
    return library.sources([sourceId]).flatMap((source) =>
      source.sections
        .filter((section) => section.title !== '')
        .map(({ number, title, level, page }) => ({
          text: [number, title].filter(Boolean).join(' '),
          level,
          page,
          label: source.page(page)?.label ?? null,
        })),
    );
  },

  /** Asks the built-in reader over the documents named that are held here. */
  ask(question: string, sourceIds: readonly string[], how: AskHow): Promise<Result<Answer>> {
    return attempt(async () => {
      const sources = await askedOf(sourceIds);
      return askBuiltIn(question, sources, library.quotes, { now, ...library.asking(), ...how });
    });
  },

  /** How the built-in reader understands standing instructions over the documents held here. */
  steer(instructions: string): Promise<Result<readonly Steered[]>> {
    return attempt(() => steeringOf(instructions, library.sources()).told);
  },

  /** Begins a connected model's answer and gives the passages to send it. */
  beginAnswer(
    id: string,
    question: string,
    sourceIds: readonly string[],
    reader: Answer['reader'],
    how: AskHow,
  ): Promise<Result<readonly SentPassage[]>> {
    return attempt(async () => {
      const sources = await askedOf(sourceIds);
      const search = searchFor(question, sources, { ...library.asking(), ...how });
      composers.set(id, new ModelComposer(search, sources, library.quotes, reader));
      return passagesToSend(search.passages, sources);
    });
  },

  /** Takes what a model said, checks it, and gives the answer so far. */
  takeEvents(id: string, events: readonly ModelEvent[]): Promise<Result<ModelAnswer>> {
    return attempt(() => {
      const composer = composers.get(id);
      if (composer === undefined) throw new RangeError(`No answer “${id}” is being put together.`);
      for (const event of events) composer.take(event);
      return composer.soFar();
    });
  },

  endAnswer(id: string): void {
    composers.delete(id);
  },

  /** A claim put right by the documents named; null when they hold nothing of it. */
  mend(claim: Claim, sourceIds: readonly string[]): Promise<Result<Claim | null>> {
    return attempt(() => mendClaim(claim, library.sources(sourceIds), library.quotes));
  },

  /** Holds somebody's claim against the documents named: its quotes, and what it says beyond them. */
  weigh(claim: DraftClaim, sourceIds: readonly string[]): Promise<Result<Claim>> {
    return attempt(() => checkClaim(claim, library.sources(sourceIds), library.quotes));
  },

  /** What a document is and says in short. */
  bearings(sourceId: string, length: SummaryLength, about: string): Promise<Result<Bearings>> {
    return attempt(() => {
      const sources = library.sources([sourceId]);
      const facts = sources.flatMap((source) => factsOf(source, library.quotes));
      const figures = sources.flatMap((source) => keyFiguresOf(source, library.quotes));
      return { facts, figures, summary: summarise(sources, library.quotes, { length, about, now }) };
    });
  },

  /** Those of the documents named that some words speak of, by name or kind; all of them when they speak of none. */
  spokenOf(words: string, sourceIds: readonly string[]): Promise<Result<readonly string[]>> {
    return attempt(() => {
      const meant = documentsSpokenOf(words, library.sources(sourceIds));
      return meant.length === 0 ? sourceIds : meant.map(({ id }) => id);
    });
  },

  /** A summary of several documents together. */
  summarise(sourceIds: readonly string[], length: SummaryLength, about: string): Promise<Result<Summary>> {
    return attempt(() => summarise(library.sources(sourceIds), library.quotes, { length, about, now }));
  },

  /** Holds a text's quotations and figures against the documents named, telling how many are done; null when it was stopped. */
  proof(
    id: string,
    text: string,
    sourceIds: readonly string[],
    tell: (done: number, total: number) => void,
  ): Promise<Result<ProofResult | null>> {
    return attempt(async () => {
      let at = { done: 0, total: 1 };
      const shelf = { sources: library.sources(sourceIds), quotes: library.quotes };
      const steps = proofSteps(text, { shelf, onProgress: (done, total) => (at = { done, total }) });
      let turn = now();
      for (;;) {
        const next = steps.next();
        if (next.done === true) {
          stopped.delete(id);
          return next.value;
        }
        if (now() - turn < TURN) continue;
        tell(at.done, at.total);
        await new Promise((resolve) => setTimeout(resolve, 0));
        if (stopped.delete(id)) return null;
        turn = now();
      }
    });
  },

  stopProof(id: string): void {
    stopped.add(id);
  },

  /** Why a citation has its mark: it is held against all documents held here once more, as it was cited. */
  explain({ quote, cited, ...citation }: Citation): Promise<Result<Explanation>> {
    return attempt(() => {
      const sources = library.sources();
      const from = cited === undefined ? null : (sources.find((one) => one.name === cited.source)?.id ?? null);
      const place = citation.place === 'cited' ? { sourceId: citation.sourceId, page: citation.page } : { sourceId: from, page: cited?.page ?? null }; // prettier-ignore
      return explainCheck(quote, library.quotes.check({ quote, ...place }), sources);
    });
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
      const citation = citationOf(quote, check, source, cited.page);
      const cell = cellQuoted(source?.tables ?? [], citation.spans, quote);
      return { check, citation: cell === null ? citation : { ...citation, cell } };
    });
  },
};

export type DeskApi = typeof api;
expose(api);
