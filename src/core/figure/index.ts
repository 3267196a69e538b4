export { agree, cellQuantity, quantityAt, sayQuantity, worth, type Quantity } from './quantity';
export { changeOf, type Change } from './change';
export { spanAsked, spanNamed, spanOfColumn, type PeriodSpan } from './period';
export { cellPlace, cellQuoted, sayCell, tableRowAt, type RowOfTable } from './tableRows';
