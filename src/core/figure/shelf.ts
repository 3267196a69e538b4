import {
  equivalentsOf,
  inverseFrequency,
  lookUpPassages,
  sectionAt,
  termNumber,
  termsOf,
  type QueryTerm,
  type Segment,
} from '../search';
import type { Language } from '../text';
import type { Table, RowOfTable } from '../source';
import { labelTerms, wordsInOrder } from './around';
import type { Place } from '../quote';
import { figuresIn, type Figure } from './figures';
import { says, type WordSense } from './likeness';
import { worth } from './quantity';
import { labelsOfRatios } from './ratios';
import { figuresAt, figuresOfPassage, figuresOfRow, type FiguredSource, type StatedFigure } from './stated';
import { rowsTouched } from './tableRows';

/** Passages that are looked through for what a sentence says, by its words and by each of its figures. */
const SEARCHED = 10;
const BY_VALUE = 40;
const BY_SOURCE = 8;
/** Tables whose every row is looked at, when the search came upon one of theirs. */
const TABLES = 4;
/** Added to every frequency, so that in a document of a page or two no word weighs nothing. */
const SMOOTHING = 1;
const SCALES = [1, 1e3, 1e6, 1e9] as const;

/** Rows that a sentence names which are looked at, at most. */
const MOST_ROWS = 120;

interface LabelledRow {
  readonly row: RowOfTable;
  readonly label: ReadonlySet<string>;
}

const rowsOf = new WeakMap<readonly Table[], ReadonlyMap<string, readonly LabelledRow[]>>();

/** A document's table rows by one term of their label: the longest, which is the rarest as a rule. */
function rowsByTerm({ tables, segment: { language } }: FiguredSource): ReadonlyMap<string, readonly LabelledRow[]> {
  const known = rowsOf.get(tables);
  if (known !== undefined) return known;
  const rows = new Map<string, LabelledRow[]>();
  for (const table of tables) {
    for (const row of table.rows) {
      const label = labelTerms(row.path.at(-1) ?? '', language);
      const [longest] = [...label].sort((a, b) => b.length - a.length);
      if (longest === undefined) continue;
      const list = rows.get(longest) ?? [];
      list.push({ row: { table, row }, label });
      rows.set(longest, list);
    }
  }
  rowsOf.set(tables, rows);
  return rows;
}

const pagesOfPassages = new WeakMap<Segment, ReadonlyMap<number, readonly number[]>>();

/** Passages by the pages they stand on. */
function passagesByPage(segment: Segment): ReadonlyMap<number, readonly number[]> {
  const known = pagesOfPassages.get(segment);
  if (known !== undefined) return known;
  const pages = new Map<number, number[]>();
  for (let passage = 0; passage < segment.passageSections.length; passage += 1) {
    const [from, to] = [segment.passageUnits[passage] as number, segment.passageUnits[passage + 1] as number];
    for (let span = segment.unitSpans[from] as number; span < (segment.unitSpans[to] as number); span += 1) {
      const page = segment.spans[3 * span] as number;
      const list = pages.get(page) ?? [];
      if (list.at(-1) !== passage) list.push(passage);
      pages.set(page, list);
    }
  }
  pagesOfPassages.set(segment, pages);
  return pages;
}

/** The figures that documents state, asked for by place and by what is said of them. Immutable: documents that grow want a new one. */
export class FigureShelf {
  readonly sense: WordSense;
  private readonly byId: ReadonlyMap<string, FiguredSource>;

  /** `language` is that of the texts whose figures are asked for. */
  constructor(
    private readonly sources: readonly FiguredSource[],
    private readonly language: Language,
  ) {
    this.byId = new Map(sources.map((source) => [source.id, source]));
    const weights = new Map<string, number>();
    const others = new Map<string, readonly string[]>();
    this.sense = {
      weight: (term) => {
        const known = weights.get(term) ?? SMOOTHING + inverseFrequency(sources, term);
        weights.set(term, known);
        return known;
      },
      equivalents: (term) => {
        const known = others.get(term) ?? equivalentsOf(term, language).map((one) => one.term);
        others.set(term, known);
        return known;
      },
    };
  }

  /** What the words at some places state. */
  at(places: readonly Place[]): StatedFigure[] {
    return places.flatMap(({ sourceId, spans }) => {
      const source = this.byId.get(sourceId);
      if (source === undefined) return [];
      return figuresAt(source, spans, sectionAt(source, spans));
    });
  }

  /** What stands on the pages of some places, and in the tables they touch. */
  around(places: readonly Place[]): StatedFigure[] {
    const found = new Set<StatedFigure>();
    for (const { sourceId, spans } of places) {
      const source = this.byId.get(sourceId);
      if (source === undefined) continue;
      for (const page of new Set(spans.map((span) => span.page)))
        for (const stated of this.onPage(source, page)) found.add(stated);
      for (const { table } of rowsTouched(source.tables, spans))
        for (const row of table.rows) for (const stated of figuresOfRow(source, { table, row })) found.add(stated);
    }
    return [...found];
  }

  /** What one page of a document states. */
  onPage(source: FiguredSource, page: number): StatedFigure[] {
    return (passagesByPage(source.segment).get(page) ?? [])
      .flatMap((passage) => figuresOfPassage(source, passage))
      .filter((stated) => stated.page === page);
  }

  /** What the documents state of what a text speaks of, and wherever its figures stand. `lead` are words before it that say more of the subject. */
  about(text: string, lead = ''): StatedFigure[] {
    const found = new Set<StatedFigure>();
    const tables = new Set<object>();
    const take = (source: FiguredSource, passage: number, whole: boolean): void => {
      for (const stated of figuresOfPassage(source, passage)) {
        found.add(stated);
        const table = stated.cell?.row.table;
        if (!whole || table === undefined || tables.has(table) || tables.size >= TABLES) continue;
        tables.add(table);
        for (const row of table.rows) for (const one of figuresOfRow(source, { table, row })) found.add(one);
      }
    };
    for (const { source, passage } of lookUpPassages(this.sources, this.query(text, lead), SEARCHED))
      take(source as FiguredSource, passage, true);
    for (const figure of figuresIn(text, this.language)) {
      let left = BY_VALUE;
      for (const term of termsOfValue(figure)) {
        for (const source of this.sources) {
          if (left <= 0) break;
          const passages = passagesWith(source.segment, term, Math.min(left, BY_SOURCE));
          left -= passages.length;
          for (const passage of passages) take(source, passage, false);
        }
      }
    }
    for (const stated of this.named(text)) found.add(stated);
    for (const label of labelsOfRatios(text)) for (const stated of this.named(label)) found.add(stated);
    return [...found];
  }

  /** Cells of every row whose whole label a text names, the longest labels first. */
  private named(text: string): StatedFigure[] {
    const { language } = this;
    const sequence = wordsInOrder(text, language);
    const wide = new Set(sequence.flatMap((term) => [term, ...this.sense.equivalents(term)]));
    const found: { row: RowOfTable; source: FiguredSource; size: number }[] = [];
    for (const source of this.sources)
      for (const { row, label } of [...wide].flatMap((term) => rowsByTerm(source).get(term) ?? []))
        if (says(sequence, label, this.sense)) found.push({ row, source, size: label.size });
    found.sort((a, b) => b.size - a.size);
    return found.slice(0, MOST_ROWS).flatMap(({ row, source }) => figuresOfRow(source, row));
  }

  private query(text: string, lead: string): QueryTerm[] {
    const { language } = this;
    const weights = new Map<string, number>();
    const put = (from: string, weight: number): void => {
      for (const { term, word } of termsOf(from, language))
        if (!/^\d/.test(word)) weights.set(term, Math.max(weight, weights.get(term) ?? 0));
    };
    put(lead, 0.4);
    put(text, 1);
    return [...weights].map(([term, weight]) => ({ term, weight, equivalents: equivalentsOf(term, language) }));
  }
}

/** The terms that a figure's value is found under, however it is scaled where it stands: as it is said first. */
function termsOfValue(figure: Figure): string[] {
  if (figure.kind === 'date') return [`@${figure.value}`];
  const value = worth(figure).abs();
  const scaled = [figure.scale, ...SCALES.filter((scale) => scale !== figure.scale)].map((scale) =>
    value.div(scale).toFixed(),
  );
  // What a scale makes a long fraction of stands nowhere.
  const plain = scaled.filter((one) => one.length > 1 && !/^0\.0|\.\d{4}/.test(one));
  return plain.flatMap((one) => [`#${one}`, `#-${one}`]);
}

function passagesWith(segment: Segment, term: string, most: number): number[] {
  const number = termNumber(segment, term);
  if (number < 0) return [];
  const [from, to] = [segment.postingStarts[number] as number, segment.postingStarts[number + 1] as number];
  return [...segment.postingPassages.subarray(from, Math.min(to, from + most))];
}
