import { RUN_IN, type UnitText } from '../search';
import { isCode } from './codeLines';
import type { Question } from './question';
import type { Features } from './weights';

const FORECAST =
  /\b(?:expect(?:s|ed)?|forecasts?|plan(?:s|ned)? to|budget(?:ed)?|anticipates?|outlook|should be (?:cut|raised|reduced|increased|replaced|shortened|lengthened|extended|lowered|widened|deepened)|erwarte[nt]?|rechnet|gerechnet|voraussichtlich)\b|見込|予想/i;
/** What an expectation counts that was asked for, against one that was not. */
const FORECAST_ASKED = -0.4;

const NEGATION = /\b(?:not|no|never|none|neither|nor|without|nicht|kein\w*|nie|ohne)\b|n['’]t\b|ない|ません/i;

/** What speaks for a unit or against it by its form alone: what it is on its page, and how it is put beside how the question is. */
export function formOf(
  text: string,
  kind: UnitText['unit']['kind'],
  question: Pick<Question, 'text' | 'phrases'>,
): Pick<Features, 'phrase' | 'row' | 'note' | 'heading' | 'negation' | 'forecast' | 'contents' | 'asking' | 'code'> {
  const lower = text.toLowerCase();
  const says = (holds: boolean): number => (holds ? 1 : 0);
  return {
    phrase: says(question.phrases.some((one) => lower.includes(one.toLowerCase()))),
    row: says(kind === 'row'),
    note: says(kind === 'note'),
    heading: says(kind === 'heading' || RUN_IN.test(text)),
    negation: says(NEGATION.test(question.text) && NEGATION.test(text)),
    forecast: FORECAST.test(text) ? (FORECAST.test(question.text) ? FORECAST_ASKED : 1) : 0,
    contents: says(kind === 'contents'),
    asking: says(/\?\s*$/.test(text)),
    code: says(kind === 'sentence' && isCode(text)),
  };
}
