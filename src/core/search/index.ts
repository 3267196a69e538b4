export { type PassageOptions, type Unit } from './passages';
export { SegmentBuilder, segmentFingerprint, type Segment } from './segment';
export { sectionOf, textOfSpans, unitsOfPassage, type ShelfSource, type UnitText } from './shelf';
export { inverseFrequency, searchPassages, type Hit, type QueryTerm } from './rank';
export { equivalentsOf } from './equivalents';
export { isStopword, termSet, termsOf, valueTerms } from './terms';
