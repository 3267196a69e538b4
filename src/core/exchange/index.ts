export { findingsToCsv } from './findingsCsv';
export { findingsToAnnotations } from './webAnnotations';
export { answerToText } from './copyText';
