export { blockBetween, cellsOf, type CellBlock } from './block';
export { isPointer, plainUnit } from './values';
export { mayHoldTables, TableFinder } from './findTables';
export type { Heads, Rule, Table, TableCell, TablePlace, TableRow } from './types';
