export {
  actorOf,
  counterOf,
  DECISIONS,
  erased,
  firstBroken,
  LOG_VERSION,
  nextEvent,
  type Appended,
  type Decision,
  type EventKind,
  type EventPayloads,
  type FindingPayload,
  type LogEvent,
} from './events';
export {
  cites,
  foldReview,
  reviewState,
  type Comment,
  type Decided,
  type Finding,
  type Review,
  type ReviewState,
  type Step,
} from './fold';
export { inverseOf, mergeLogs, previewMerge, type Inverse, type MergePreview } from './merge';
