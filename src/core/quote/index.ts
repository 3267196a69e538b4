export { QuoteIndex } from './check';
export type { PackedStreams } from './heldSource';
export { MOST_FOUND, standsAt, type FindWay } from './find';
export { standsAsCited } from './stands';
export { explainCheck, type Explanation, type Part, type StandsOn } from './explain';
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
