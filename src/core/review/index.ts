export {
  erased,
  firstBroken,
  nextEvent,
  type Appended,
  type EventKind,
  type FindingPayload,
  type LogEvent,
} from './events';
export { cites, foldFindings, type Finding } from './fold';
