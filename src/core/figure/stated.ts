import { sectionOf, textOfSpans, unitsOfPassage, type ShelfSource } from '../search';
import { joinLineEnds, oneLine } from '../text';
import { isPointer, type Span, type Table, type RowOfTable } from '../source';
import { figuresSaid, labelTerms, periodOf, subjectOf, type PeriodSaid } from './around';
import type { FigureKind } from './figures';
import { spanOfColumn } from './period';
import { cellQuantity, type Quantity } from './quantity';
import { rowsTouched } from './tableRows';

/** A document whose figures are asked for: text and tables. */
export type FiguredSource = ShelfSource & { readonly sha256: string; readonly tables: readonly Table[] };

/** A figure that a document states, with the words that say what it is of. */
export interface StatedFigure {
  readonly quantity: Quantity;
  readonly kind: FigureKind;
  /** What names it: the row's own label, or the words next to it. */
  readonly label: ReadonlySet<string>;
  /** All that stands over and around it: labels, heads, caption, section; the sentence. */
  readonly context: ReadonlySet<string>;
  readonly period: PeriodSaid;
  readonly sourceId: string;
  readonly page: number;
  readonly spans: readonly Span[];
  /** The row or sentence it stands in: figures of one home are alternatives to each other. */
  readonly home: object;
  /** The cell it is; null for words. */
  readonly cell: { readonly row: RowOfTable; readonly column: number } | null;
  /** True for a number in a row of figures whose table was not made out: its scale and unit are not known. */
  readonly loose: boolean;
  /** How it is stated: "Revenue › 2025: 31,200", or the sentence. */
  readonly how: string;
}

/** A label and two figures or more, and nothing else. */
const ROW = /^\D{2,90}(?:\s*\(?[-−–]?\d[\d.,]*\)?\s?%?){2,}$/;

/** What passages state, by the segment they are of and the tables known then. */
const read = new WeakMap<
  FiguredSource['segment'],
  WeakMap<FiguredSource['tables'], Map<number, readonly StatedFigure[]>>
>();
const rowsRead = new WeakMap<RowOfTable['row'], readonly StatedFigure[]>();

function kindOfCell({ unit }: Quantity): FigureKind {
  return unit === '%' ? 'percentage' : unit === null ? 'number' : 'amount';
}

/** Figures of a table's row, each named by its labels and the heads of its column. */
export function figuresOfRow(source: FiguredSource, row: RowOfTable): readonly StatedFigure[] {
  const known = rowsRead.get(row.row);
  if (known !== undefined) return known;
  const { language } = source.segment;
  const { table } = row;
  const label = labelTerms(row.row.path.at(-1) ?? '', language);
  const over = subjectOf([...row.row.path, table.caption ?? ''].join(' '), language);
  const stated = row.row.cells.flatMap((cell, column): StatedFigure[] => {
    const quantity = cell === null ? null : cellQuantity(cell);
    const [span] = cell?.spans ?? [];
    const heads = (table.columns[column]?.path ?? []).join(' ');
    // The number of a note or an article only points elsewhere.
    if (cell === null || quantity === null || span === undefined || isPointer(heads)) return [];
    const own = periodOf(`${heads} ${row.row.path.join(' ')}`);
    const caption = periodOf(table.caption ?? '');
    const period = {
      years: own.years.size > 0 ? own.years : caption.years,
      parts: own.parts.size > 0 ? own.parts : caption.parts,
      span: own.span ?? caption.span ?? (table.columns.length > 0 ? spanOfColumn(table, column) : null),
    };
    return [
      {
        quantity,
        kind: kindOfCell(quantity),
        label,
        context: new Set([...over, ...subjectOf(heads, language)]),
        period,
        sourceId: source.id,
        page: span.page,
        spans: cell.spans,
        home: row.row,
        cell: { row, column },
        loose: false,
        how: `${[...row.row.path, heads].filter((part) => part !== '').join(' › ')}: ${cell.text}`,
      },
    ];
  });
  rowsRead.set(row.row, stated);
  return stated;
}

/** Figures of a stretch of text; `spans` say where it stands, `section` what stands over it. */
function figuresOfText(source: FiguredSource, spans: readonly Span[], section: string): StatedFigure[] {
  const { language } = source.segment;
  // A word that a line's end cut in two is one: "thou-sand" is a scale.
  const text = joinLineEnds(textOfSpans(source, spans)).replace(/\s*\n\s*/g, '\n');
  const [first] = spans;
  if (first === undefined || !/[\d０-９]|\p{L}/u.test(text)) return [];
  const over = subjectOf(section, language);
  const homesOfText = new Map<number, object>();
  return figuresSaid(text, language).map((said) => {
    const home = homesOfText.get(said.at) ?? {};
    homesOfText.set(said.at, home);
    return {
      quantity: said.figure,
      kind: said.figure.kind,
      label: said.local,
      context: new Set([...said.sentence, ...over]),
      period: said.period,
      sourceId: source.id,
      page: first.page,
      spans,
      home,
      cell: null,
      loose: said.figure.unit === null && said.figure.scale === 1 && ROW.test(oneLine(said.text)),
      how: oneLine(said.text),
    };
  });
}

const digitsIn = (text: string): string => text.replace(/\D/g, '');

/**
 * The figures that the words at some spans state: those of the table rows they touch, and those of their sentences. What stands in a cell is read there alone,
 * with its heads, scale and unit.
 */
export function figuresAt(source: FiguredSource, spans: readonly Span[], section: string): StatedFigure[] {
  const rows = rowsTouched(source.tables, spans);
  const cells = rows.flatMap((row) => figuresOfRow(source, row));
  const printed = new Set(
    rows.flatMap(({ row }) => row.cells.map((cell) => digitsIn(cell?.text ?? ''))).filter((digits) => digits !== ''),
  );
  const worded = figuresOfText(source, spans, section);
  return [...cells, ...worded.filter(({ quantity }) => !printed.has(digitsIn(quantity.text)))];
}

/** The figures of passage `index` of a document; worked out once. */
export function figuresOfPassage(source: FiguredSource, index: number): readonly StatedFigure[] {
  const bySegment =
    read.get(source.segment) ?? new WeakMap<FiguredSource['tables'], Map<number, readonly StatedFigure[]>>();
  read.set(source.segment, bySegment);
  const known = bySegment.get(source.tables) ?? new Map<number, readonly StatedFigure[]>();
  bySegment.set(source.tables, known);
  const found = known.get(index);
  if (found !== undefined) return found;
  const stated = unitsOfPassage(source, index)
    .filter(({ unit }) => unit.kind !== 'contents')
    .flatMap(({ unit }) => figuresAt(source, unit.spans, sectionOf(source, unit.section)));
  known.set(index, stated);
  return stated;
}
