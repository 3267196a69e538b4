export type {
  Box,
  EditionFacts,
  Geometry,
  Line,
  LineRole,
  Note,
  Page,
  PageText,
  Reading,
  Section,
  Span,
} from './types';
export { boxesOf, boxesOn, unionBox } from './geometry';
export { HeldPages, type PackedPage } from './heldPages';
export { isFlow, lineAt, sectionPath, sectionsUnder, textWithoutMarks, titledSection, withoutMarks } from './types';
export { openPdf, openingParameters, type PdfAssets, type PdfFile } from './formats/pdf/engine';
export { PdfReading, type PageRead, type PdfStart, type ReadingOptions } from './formats/pdf/readPdf';
export { isLabel } from './structure/titles';
export { readText } from './formats/text';
export {
  blockBetween,
  cellsOf,
  isPointer,
  mayHoldTables,
  measureOf,
  plainUnit,
  rowsByPage,
  rowStretches,
  TableFinder,
  type CellBlock,
  type Heads,
  type Measure,
  type PlacedRow,
  type RowOfTable,
  type Table,
  type TableCell,
  type TablePlace,
  type TableRow,
} from './tables';
