import {
  FigureShelf,
  sameFigure,
  sayTraced,
  traceFigures,
  type FiguredSource,
  type StatedFigure,
  type TracedFigure,
} from '../figure';
import { detectLanguage, type Language } from '../text';
import { saidFrom } from './attach';
import { rightFigure } from './mend';
import { citationOfStated } from './stated';
import type { Quotation } from './quotations';
import { pagesNamed, type Reference } from './references';
import type { CellSaid, TableSaid } from './tableFigures';
import type { ProofFigure, ProofQuote, Said } from './types';

/** Pages of a range that are looked at for what they state. */
const MOST_PAGES = 12;
const TOTAL = /\b(?:total|sum|altogether|all|insgesamt|summe|gesamt)\b|合計/i;

/** What a sentence may rest on besides what the documents say of it. */
interface Held {
  readonly said: readonly Said[];
  readonly quoted: readonly StatedFigure[];
  readonly lead: string;
  readonly before: readonly StatedFigure[];
}

/** A sentence of the text that may say figures; `[start, end)` in UTF-16 code units. */
export interface Stretch {
  readonly start: number;
  readonly end: number;
  /** Where its paragraph begins. */
  readonly paragraph: number;
}

/** A line of a letter's head: to whom, from whom, when, on what. It says nothing that could be traced. */
const HEADER =
  /^[*_]{0,2}(?:to|from|cc|date|subject|re|author|prepared (?:by|for|on)|version|an|von|datum|betreff)[*_]{0,2}\s*:[^\n]*$/gim;

/** A text with some of its stretches as spaces, so that offsets stay. */
export function blanked(text: string, ranges: readonly { readonly start: number; readonly end: number }[]): string {
  let out = text;
  for (const { start, end } of ranges) out = out.slice(0, start) + ' '.repeat(end - start) + out.slice(end);
  return out;
}

/** The words with which a text says where something is from; empty when it does not. */
export function wordsSaid(text: string, { pages, section }: Said, references: readonly Reference[]): string {
  const near = references.find(
    (one) => (pages !== null && one.pages === pages) || (section !== null && one.section === section),
  );
  return near === undefined ? '' : text.slice(near.start, near.end);
}

/** Traces the figures of a text's sentences, each with what was said before it. */
export class Tracer {
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

  /** The figures of a sentence. */
  trace({ start, end, paragraph }: Stretch): ProofFigure[] {
    const sentence = this.plain.slice(start, end);
    const same = this.before.paragraph === paragraph;
    if (!/[\d０-９]|\p{L}{3}/u.test(sentence)) return [];
    const said = this.saidIn(start, end);
    const quoted = this.figures.at(
      this.quotes
        .filter((one) => one.start < end && one.end > paragraph && one.citation.spans.length > 0)
        .map(({ citation }) => ({ sourceId: citation.sourceId, spans: citation.spans })),
    );
    const [lead, before] = same ? [this.before.text, this.before.stated] : ['', []];
    const kept = this.hold(sentence, { said, quoted, lead, before });
    const stated = kept.flatMap(statedBehind);
    this.before = { paragraph, stated: stated.length > 0 ? stated : before, text: sentence };
    const misplaced = this.misplaced(sentence, start, end, kept, said);
    return kept.flatMap((one): ProofFigure[] => {
      const item = this.item({ ...one, figure: { ...one.figure, start: start + one.figure.start, end: start + one.figure.end } }, said); // prettier-ignore
      if (this.inQuotation(item.start, item.end)) return [];
      return [misplaced.has(one) ? { ...item, ...pageFault(one, this.sources, said) } : item];
    });
  }

  /** Quoted figures of a sentence that names one page of their document, where that page neither states them nor gives what they are worked out from. */
  private misplaced(
    sentence: string,
    start: number,
    end: number,
    traced: readonly TracedFigure[],
    said: readonly Said[],
  ): ReadonlySet<TracedFigure> {
    const inside = this.references.filter((one) => one.pages !== null && one.start >= start && one.start < end + 3);
    const [from] = said;
    if (inside.length !== 1 || from === undefined) return new Set();
    const there = this.onPagesOf(from);
    const options = { language: this.language, sense: this.figures.sense, support: there, rivals: [] };
    const held = there.length === 0 ? [] : traceFigures(sentence, options);
    const stands = ({ figure }: TracedFigure): boolean =>
      held.some((one) => one.figure.start === figure.start && one.verdict !== 'unsupported') ||
      there.some(({ kind, quantity }) => kind !== 'date' && sameFigure(figure, quantity, true));
    return new Set(
      traced.filter(
        (one) => one.verdict === 'quoted' && one.figure.kind !== 'date' && from.sourceIds.includes(one.stated?.sourceId ?? '') && !stands(one), // prettier-ignore
      ),
    );
  }

  /** The figures of a table's cells, each as the sentence that its labels make of it; totals may be worked out from what stands above them, changes from what stands before them. */
  traceTable({ caption, cells }: TableSaid): ProofFigure[] {
    const lead = this.plain.slice(caption.start, caption.end);
    const said = this.saidIn(caption.start, caption.end);
    const found: { readonly cell: CellSaid; readonly stated: readonly StatedFigure[] }[] = [];
    return cells.flatMap((cell) => {
      const over = found.filter((one) => one.cell.column === cell.column).flatMap((one) => one.stated);
      const beside = found.filter((one) => one.cell.row === cell.row).flatMap((one) => one.stated);
      const before = TOTAL.test(cell.sentence.slice(0, cell.at)) && over.length > 1 ? over : beside;
      const kept = this.hold(cell.sentence, { said, quoted: [], lead, before }).filter(
        ({ figure }) => figure.start >= cell.at && figure.start < cell.at + cell.length,
      );
      found.push({ cell, stated: kept.flatMap(statedBehind) });
      return kept.map((one) => {
        const start = cell.start + one.figure.start - cell.at;
        const end = Math.min(cell.start + cell.length, cell.start + one.figure.end - cell.at);
        // The unit and scale that the table gives are not written again in the cell.
        const behind = one.figure.text.slice(end - start);
        const item = this.item({ ...one, figure: { ...one.figure, start, end } }, said);
        const { right } = item;
        return behind !== '' && right?.endsWith(behind) === true ? { ...item, right: right.slice(0, -behind.length) } : item; // prettier-ignore
      });
    });
  }

  /** Traces the figures of a sentence in all documents, and in those it names where it names some: there what these say decides. */
  private hold(sentence: string, { said, quoted, lead, before }: Held): TracedFigure[] {
    const cited = said.flatMap((one) => this.onPagesOf(one));
    const citedFigures = new Set(cited);
    const support = [...new Set([...quoted, ...cited, ...this.figures.about(sentence, lead)])];
    const named = new Set(said.filter((one) => one.named).flatMap((one) => one.sourceIds));
    const traceIn = (figures: readonly StatedFigure[]): TracedFigure[] =>
      traceFigures(sentence, { language: this.language, sense: this.figures.sense, support: figures, rivals: [], cited: citedFigures, before, lead }); // prettier-ignore
    const traced = traceIn(support);
    const own = named.size === 0 ? traced : traceIn(support.filter((one) => named.has(one.sourceId)));
    return traced.map((one) =>
      strictest(
        one,
        own.find((other) => other.figure.start === one.figure.start),
      ),
    );
  }

  /** What the pages state that a text names. */
  private onPagesOf(said: Said): StatedFigure[] {
    return this.sources
      .filter((source) => said.sourceIds.includes(source.id))
      .flatMap((source) =>
        pagesNamed(source, said)
          .slice(0, MOST_PAGES)
          .flatMap((page) => this.figures.onPage(source, page)),
      );
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

  private item(traced: TracedFigure, [said]: readonly Said[]): ProofFigure {
    const { figure, verdict, fault, stated } = traced;
    const citation = stated === null ? null : citationOfStated(stated, this.sources);
    return {
      kind: 'figure',
      start: figure.start,
      end: figure.end,
      text: this.text.slice(figure.start, figure.end),
      saidFrom: said === undefined ? '' : wordsSaid(this.text, said, this.references),
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

/** The page on which a figure stands, in place of the one that is named. */
function pageFault(
  { stated }: TracedFigure,
  sources: readonly FiguredSource[],
  [said]: readonly Said[],
): Partial<ProofFigure> {
  const source = sources.find((one) => one.id === stated?.sourceId);
  if (stated === null || source === undefined || said === undefined) return {};
  const pages = pagesNamed(source, said);
  if (pages.length === 0 || pages.length > MOST_PAGES || pages.includes(stated.page)) return {};
  const label = source.page(stated.page)?.label ?? String(stated.page);
  return { placeFault: 'page', rightPlace: label, placeSaid: said.pages };
}

/** What states a figure that is quoted: later ones may be worked out from it. */
function statedBehind({ verdict, stated }: TracedFigure): StatedFigure[] {
  return verdict === 'quoted' && stated !== null ? [stated] : [];
}

/** Faults of a document that plainly states something else; the others may mean that it does not speak of it. */
const SPEAKS_OF_IT = new Set<string | null>(['scale', 'sign', 'unit', 'points', 'changed', 'row']);

/** What is said of a figure whose sentence names a document: that document's own word, where it speaks of it. */
function strictest(anywhere: TracedFigure, named: TracedFigure | undefined): TracedFigure {
  if (named === undefined || named.verdict !== 'unsupported') return named ?? anywhere;
  return anywhere.verdict === 'unsupported' || SPEAKS_OF_IT.has(named.fault) ? named : anywhere;
}
