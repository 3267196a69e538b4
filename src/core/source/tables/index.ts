export { blockBetween, cellsOf, type CellBlock } from './block';
export { isPointer, measureOf, plainUnit, type Measure } from './values';
export { rowsByPage, rowStretches, type PlacedRow, type RowOfTable } from './rowPlaces';
export { mayHoldTables, TableFinder } from './findTables';
export type { Heads, Rule, Table, TableCell, TablePlace, TableRow } from './types';
