export { blockBetween, cellsOf, type CellBlock } from './block';
export { isPointer, measureOf, plainUnit, type Measure } from './values';
export { mayHoldTables, TableFinder } from './findTables';
export type { Heads, Rule, Table, TableCell, TablePlace, TableRow } from './types';
