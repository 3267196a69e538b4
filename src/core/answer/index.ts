export { askBuiltIn, checkClaim, type AskOptions } from './ask';
export { splitQuestions } from './question';
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
  Standing,
} from './types';
