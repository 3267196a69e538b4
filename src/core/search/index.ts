export { withAliases, withParaphrase } from './withAliases';
export { withCompounds } from './compounds';
export { DEFAULT_PASSAGES, segmentFingerprint, type PassageOptions } from './cutting';
export { type Unit } from './passages';
export { announces, announcesBefore, JAPANESE_ITEM } from './announces';
export { RUN_IN } from './runIn';
export { SegmentBuilder, termNumber, unitAt, type Segment } from './segment';
export {
  bareName,
  isDraft,
  pageOfLabel,
  placeKey,
  sectionAt,
  sectionOf,
  textOfSpans,
  unitsInOrder,
  unitsOfPassage,
  type ShelfSource,
  type UnitText,
} from './shelf';
export { documentFrequency, inverseFrequency } from './statistics';
export { equivalentsAmong, searchedBy, type QueryTerm } from './queryTerms';
export { type Hit, type Within } from './scores';
export { lookUpPassages, searchPassages, type Worth } from './rank';
export { equivalentsOf, knownEquivalents, writtenGroups, type Equivalent } from './equivalents';
export { phrasesIn, type Phrase } from './phrases';
export { separableVerbs } from './separableVerbs';
export { Neighbours } from './neighbours';
export { likenessOf, WordVectors, type Meaning } from './wordVectors';
export { isStopword, sameTerms, shareInCommon, termSet, termsOf, valueTerms } from './terms';
export { withWrittenSynonyms } from './writtenSynonyms';
