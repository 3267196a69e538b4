import {
  FigureShelf,
  sayTraced,
  traceFigures,
  type FiguredSource,
  type StatedFigure,
  type TracedFigure,
} from '../figure';
import { detectLanguage, splitSentences, type Language } from '../text';
import { saidFrom } from './attach';
import { rightFigure } from './mend';
import { citationOfStated } from './stated';
import { proofQuote, type ProofShelf } from './proofQuote';
import { findQuotations, type Quotation } from './quotations';
import { findReferences, namesToFind, pagesNamed, type Reference } from './references';
import type { ProofFigure, ProofItem, ProofQuote, ProofResult, Said } from './types';

/** A sentence of the text that may say figures; `[start, end)` in UTF-16 code units. */
interface Stretch {
  readonly start: number;
  readonly end: number;
  /** Where its paragraph begins. */
  readonly paragraph: number;
}

const PARAGRAPH = /\n\s*\n|\n(?=\s*(?:[-*•–]\s|\(?\d{1,2}[.)]\s|#|>|\|))/g;

/** The sentences of a text, paragraph by paragraph; items of a list and rows of a table are paragraphs of their own. */
function stretches(text: string): Stretch[] {
  const found: Stretch[] = [];
  let from = 0;
  const take = (to: number): void => {
    for (const { start, end } of splitSentences(text.slice(from, to))) found.push({ start: from + start, end: from + end, paragraph: from }); // prettier-ignore
  };
  for (const match of text.matchAll(PARAGRAPH)) {
    take(match.index);
    from = match.index + match[0].length;
  }
  take(text.length);
  return found;
}

/** A line of a letter's head: to whom, from whom, when, on what. It says nothing that could be traced. */
const HEADER =
  /^[*_]{0,2}(?:to|from|cc|date|subject|re|author|prepared (?:by|for|on)|version|an|von|datum|betreff)[*_]{0,2}\s*:[^\n]*$/gim;

/** A text with some of its stretches as spaces, so that offsets stay. */
function blanked(text: string, ranges: readonly { readonly start: number; readonly end: number }[]): string {
  let out = text;
  for (const { start, end } of ranges) out = out.slice(0, start) + ' '.repeat(end - start) + out.slice(end);
  return out;
}

function wordsSaid(text: string, { pages, section }: Said, references: readonly Reference[]): string {
  const near = references.find(
    (one) => (pages !== null && one.pages === pages) || (section !== null && one.section === section),
  );
  return near === undefined ? '' : text.slice(near.start, near.end);
}

/** What a proof needs besides the text. */
export interface ProofOptions {
  readonly shelf: ProofShelf;
  /** Told after each quotation and sentence: how many of how many are done. */
  readonly onProgress?: (done: number, total: number) => void;
}

/** Works through a text step by step, so that whoever runs it can stop, or let others have their turn. */
export function* proofSteps(text: string, { shelf, onProgress }: ProofOptions): Generator<void, ProofResult> {
  const { sources } = shelf;
  const references = findReferences(text, namesToFind(sources));
  const quotations = findQuotations(text).filter(
    (one) => !references.some((ref) => ref.start <= one.start && one.end <= ref.end),
  );
  const sentences = stretches(text);
  const total = quotations.length + sentences.length;
  let done = 0;
  const step = (): void => onProgress?.((done += 1), total);
  const quotes: ProofQuote[] = [];
  for (const [at, quotation] of quotations.entries()) {
    const said = saidFrom(text, quotation.start, quotation.end, references, quotations[at - 1]?.end ?? 0, quotations[at + 1]?.start ?? text.length); // prettier-ignore
    const proofed = proofQuote(shelf, quotation, said, wordsSaid(text, said, references));
    if (proofed !== null) quotes.push(proofed);
    step();
    yield;
  }
  const figures: ProofFigure[] = [];
  const tracer = new Tracer(text, shelf.sources, references, quotations, quotes);
  for (const sentence of sentences) {
    figures.push(...tracer.trace(sentence));
    step();
    yield;
  }
  const items: ProofItem[] = [...quotes, ...figures].sort((a, b) => a.start - b.start);
  return { items, against: sources.map(({ id, name, sha256 }) => ({ sourceId: id, name, sha256 })) };
}

/** Holds a text's quotations and figures against the shelf in one go; see `proofSteps`. */
export function proof(text: string, options: ProofOptions): ProofResult {
  const steps = proofSteps(text, options);
  for (;;) {
    const next = steps.next();
    if (next.done === true) return next.value;
  }
}

/** Traces the figures of a text's sentences, each with what was said before it. */
class Tracer {
  private readonly figures: FigureShelf;
  private readonly language: Language;
  /** The text without references: their numbers and years are of no figure. */
  private readonly plain: string;
  private before: { paragraph: number; stated: readonly StatedFigure[]; text: string } = { paragraph: -1, stated: [], text: '' }; // prettier-ignore

  constructor(
    private readonly text: string,
    private readonly sources: readonly FiguredSource[],
    private readonly references: readonly Reference[],
    private readonly quotations: readonly Quotation[],
    private readonly quotes: readonly ProofQuote[],
  ) {
    const own = detectLanguage(text);
    this.language = own === 'und' ? (sources[0]?.segment.language ?? 'en') : own;
    this.figures = new FigureShelf(sources, this.language);
    const headers = [...text.matchAll(HEADER)].map((match) => ({ start: match.index, end: match.index + match[0].length })); // prettier-ignore
    // Names of documents hold years and numbers that no figure is of; other references are known for what they are.
    const named = references.filter((one) => one.sourceIds.length > 0);
    this.plain = blanked(text, [...named, ...headers]);
  }

  trace({ start, end, paragraph }: Stretch): ProofFigure[] {
    const sentence = this.plain.slice(start, end);
    const same = this.before.paragraph === paragraph;
    const lead = same ? this.before.text : '';
    if (!/[\d０-９]|\p{L}{3}/u.test(sentence)) return [];
    const said = this.saidIn(start, end);
    const cited = said.flatMap((one) =>
      this.sources
        .filter((source) => one.sourceIds.includes(source.id))
        .flatMap((source) =>
          pagesNamed(source, one)
            .slice(0, 12)
            .flatMap((page) => this.figures.onPage(source, page)),
        ),
    );
    const quoted = this.figures.at(
      this.quotes
        .filter((one) => one.start < end && one.end > paragraph && one.citation.spans.length > 0)
        .map(({ citation }) => ({ sourceId: citation.sourceId, spans: citation.spans })),
    );
    const citedFigures = new Set(cited);
    const support = [...new Set([...quoted, ...cited, ...this.figures.about(sentence, lead)])];
    const named = new Set(said.filter((one) => one.named).flatMap((one) => one.sourceIds));
    const traceIn = (figures: readonly StatedFigure[]): TracedFigure[] =>
      traceFigures(sentence, { language: this.language, sense: this.figures.sense, support: figures, rivals: [], cited: citedFigures, before: same ? this.before.stated : [], lead }); // prettier-ignore
    const traced = traceIn(support);
    const own = named.size === 0 ? traced : traceIn(support.filter((one) => named.has(one.sourceId)));
    const kept = traced.map((one) =>
      strictest(
        one,
        own.find((other) => other.figure.start === one.figure.start),
      ),
    );
    const stated = kept.flatMap((one) => (one.verdict === 'quoted' && one.stated !== null ? [one.stated] : []));
    this.before = { paragraph, stated: stated.length > 0 ? stated : same ? this.before.stated : [], text: sentence };
    return kept
      .filter((one) => !this.inQuotation(start + one.figure.start, start + one.figure.end))
      .map((one) => this.item(one, start, said[0] ?? null));
  }

  private saidIn(start: number, end: number): Said[] {
    const inside = this.references.filter((one) => one.start >= start && one.start < end + 3);
    const at = inside.at(-1)?.start ?? end;
    const next = this.quotations.find((one) => one.start >= end)?.start ?? this.text.length;
    const found = saidFrom(this.text, at, at, this.references, start, Math.min(next, end + 80));
    return found.sourceIds.length > 0 || found.pages !== null ? [found] : [];
  }

  private inQuotation(start: number, end: number): boolean {
    return this.quotations.some((one) => one.start <= start && end <= one.end && (one.way !== 'states' || this.quotes.some((quote) => quote.start === one.start))); // prettier-ignore
  }

  private item(traced: TracedFigure, from: number, said: Said | null): ProofFigure {
    const { figure, verdict, fault, stated } = traced;
    const citation = stated === null ? null : citationOfStated(stated, this.sources);
    return {
      kind: 'figure',
      start: from + figure.start,
      end: from + figure.end,
      text: this.text.slice(from + figure.start, from + figure.end),
      saidFrom: said === null ? '' : wordsSaid(this.text, said, this.references),
      citation,
      pages: stated === null ? [] : [stated.page],
      placeFault: null,
      rightPlace: null,
      placeSaid: null,
      verdict,
      fault,
      value: figure.value,
      unit: figure.unit,
      scale: figure.scale,
      how: sayTraced(traced),
      right: rightFigure(traced),
    };
  }
}

/** Faults of a document that plainly states something else; the others may mean that it does not speak of it. */
const SPEAKS_OF_IT = new Set<string | null>(['scale', 'sign', 'unit', 'points', 'changed', 'row']);

/** What is said of a figure whose sentence names a document: that document's own word, where it speaks of it. */
function strictest(anywhere: TracedFigure, named: TracedFigure | undefined): TracedFigure {
  if (named === undefined || named.verdict !== 'unsupported') return named ?? anywhere;
  return anywhere.verdict === 'unsupported' || SPEAKS_OF_IT.has(named.fault) ? named : anywhere;
}
