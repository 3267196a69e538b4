export { QuoteIndex } from './check';
export { citationOf, type CellPlace, type CitableSource, type Citation } from './citation';
export type {
  Difference,
  DifferenceKind,
  Mark,
  Place,
  PlaceFound,
  QuoteCheck,
  QuoteRequest,
  WordsFound,
} from './types';
