export { askBuiltIn, checkClaim, type AskOptions } from './ask';
export { BUILT_IN } from './builtIn';
export { analyseQuestion, kindOf, splitQuestions, type Question } from './question';
export type {
  Answer, AnswerKind, AskedSource, Calculation, Claim, DraftCitation, DraftClaim, FoundPassage, Reader, ReaderAnswer, ReaderRequest, Standing,
} from './types';
