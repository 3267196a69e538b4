export { fold, type Folded } from './fold';
export { countWords, tokenize, type Token } from './tokens';
export { oneLine } from './oneLine';
export { splitSentences, type Range } from './sentences';
export { findNumbers, parseDigits, type NumberMention } from './numbers';
export { findDates, type DateMention } from './dates';
export { detectLanguage, type Language } from './language';
export { stemWord } from './stem';
export { isDigit, isIdeographic, isSpace, isWordChar } from './characters';
