export { completeQuestion, type Before } from './followUp';
export { sayBecause } from './because';
export { canMend, mendClaim } from './mend';
export { compareAnswers, type Opinions, type Shared } from './opinions';
export { askBuiltIn, checkClaim, searchFor, type AskOptions, type Search } from './ask';
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
  ReaderAnswer,
  ReaderRequest,
} from './types';
