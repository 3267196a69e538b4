export { agree, cellQuantity, quantityAt, sayInScale, sayQuantity, worth, type Quantity } from './quantity';
export { changeOf, type Change } from './change';
export { spanAsked, spanMeant, spanNamed, spanOfColumn, type PeriodSpan } from './period';
export { subjectOf } from './around';
export type { Fault } from './faults';
export type { Figure, FigureKind } from './figures';
export { shareIn, type WordSense } from './likeness';
export type { FiguredSource, StatedFigure } from './stated';
export { addsFigure, sameFigure } from './same';
export { FigureShelf } from './shelf';
export { traceFigures, type TracedFigure, type TraceOptions } from './trace';
export type { Worked } from './work';
export { ratioNamed, workRatio } from './ratios';
export {
  cellPlace,
  cellQuoted,
  isCaption,
  isHeadOfTable,
  overlaps,
  printedRow,
  sayCell,
  tableRowAt,
} from './tableRows';
export { sayFault, sayStated, sayTraced } from './wording';
