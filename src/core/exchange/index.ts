export { cellsText } from './cellsText';
export { findingsToCsv } from './findingsCsv';
export { findingsToAnnotations } from './webAnnotations';
export { answerToText } from './copyText';
export { reviewFileOf, type ReviewDocument, type ReviewFile } from './reviewFile';
export { detailInWords, findingInWords, proofToCsv, proofToHtml, type ReportedProof } from './proofReport';
