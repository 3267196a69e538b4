export { factsOf, type Fact } from './facts';
export { keyFiguresOf, type KeyFigure } from './keyFigures';
export {
  DEFAULT_LENGTH,
  LENGTH_LIMITS,
  lengthIn,
  sayLength,
  summaryAsked,
  withinLimits,
  type SummaryLength,
} from './length';
export { summarise, type Summary, type SummaryOptions } from './summarise';
