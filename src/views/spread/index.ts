export { CheckLimits } from './CheckLimits';
export { Choosable } from './Choosable';
export { Spread, uncovering, useLeaves, type Leaves } from './Spread';
export { QuoteEntry } from './QuoteEntry';
export { leafKeys, useKeys } from './useKeys';
