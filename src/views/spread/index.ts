export { Choosable } from './Choosable';
export { PageLeaf, type PageLeafHandle } from './PageLeaf';
export { QuoteEntry } from './QuoteEntry';
export { ribbonMarks } from './ribbonMarks';
export { Thread } from './Thread';
export { leafKeys, useKeys } from './useKeys';
