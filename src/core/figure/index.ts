export { agree, cellQuantity, quantityAt, sayQuantity, worth, type Quantity } from './quantity';
export { changeOf, type Change } from './change';
