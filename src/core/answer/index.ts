export { completeQuestion, type Before } from './followUp';
export { placesLike } from './alike';
export { sayBecause } from './sayBecause';
export { saysAmended } from './sides';
export { canMend } from './canMend';
export { partAt } from './partAt';
export { mendClaim } from './mend';
export { compareAnswers, type Opinions, type Shared } from './opinions';
export { askBuiltIn, searchFor, type AskOptions, type Search, type SearchOptions } from './ask';
export { checkClaim } from './checkClaim';
export type { Subject } from './parts';
export type { Limits } from './places';
export { documentsSpokenOf } from './scope';
export { steeringOf } from './instructions';
export { DEFAULT_SETTINGS, SETTING_LIMITS, type AskSettings, type WatchPoint } from './settings';
export { WATCH_POINTS } from './watchPoints';
export { wholeHistory, wholeQuestion } from './thread';
export { splitQuestions } from './splitQuestions';
export type {
  Answer,
  AnswerKind,
  AskedSource,
  Calculation,
  Claim,
  DraftCitation,
  DraftClaim,
  FoundPassage,
  Reader,
  Reading,
  ReaderAnswer,
  ReaderRequest,
  Steered,
} from './types';
export { candidatesOf, leadingOf } from './builtIn';
export { seek } from './seek';
export { signsOf } from './trust';
export type { Evidence } from './evidence';
