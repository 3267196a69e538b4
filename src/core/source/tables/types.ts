import type { Box, Span } from '../types';

/** A drawn line along one axis, in points from the top left of the page as displayed: `x0 <= x1`, `y0 <= y1`. */
export interface Rule {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

/** What a cell's text says as a number: printed value (not multiplied), its unit, and the power of ten it stands in. */
export interface CellValue {
  readonly value: number | null;
  readonly unit: string | null;
  /** 1, 1000, 1000000 …: what `value` is to be multiplied by. */
  readonly scale: number;
}

export interface TableCell extends CellValue {
  readonly text: string;
  /** Where the cell's text stands, a span a printed line. */
  readonly spans: readonly Span[];
}

/** Words that head a column or row, outermost first, each with the places it stands at. */
export interface Heads {
  readonly path: readonly string[];
  readonly spans: readonly (readonly Span[])[];
}

export interface TableRow extends Heads {
  /** One a column; null where nothing is printed. */
  readonly cells: readonly (TableCell | null)[];
}

/** Where a table stands on one of its pages. */
export interface TablePlace {
  readonly page: number;
  readonly box: Box;
}

/** A table over one or several pages: an overlay that points at spans of the pages' text. */
export interface Table {
  readonly caption: string | null;
  readonly captionSpans: readonly Span[];
  readonly unit: string | null;
  readonly scale: number;
  /** What stands over the row labels, such as "Vessel"; none where nothing does. */
  readonly corner?: string;
  /** The columns behind the row labels. */
  readonly columns: readonly Heads[];
  readonly rows: readonly TableRow[];
  readonly places: readonly TablePlace[];
}
