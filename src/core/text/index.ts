export { fold, type Folded } from './fold';
export { OffsetMap } from './offsetMap';
export { countWords, tokenize, type Token } from './tokens';
export { splitSentences, type Range } from './sentences';
export { findNumbers, parseDigits, parseNumberWords, type NumberMention } from './numbers';
export { findDates, type DateMention } from './dates';
export { detectLanguage, type Language } from './language';
export { stemWord } from './stem';
export { isDash, isDigit, isHyphen, isIdeographic, isLetter, isSpace, isWordChar } from './characters';
