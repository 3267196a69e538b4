/** What a page needs to know of texts to proof; what reads and writes them stands apart, in `texts`, since it is heavy. */
export { fitText, TEXT_FILES } from './texts/fit';
export { settingsFile } from './settingsFile';
export { cellsText } from './cellsText';
export { findingsToCsv } from './findingsCsv';
export { findingsToAnnotations } from './webAnnotations';
export { answerToText } from './copyText';
export { reviewFileOf, type ReviewDocument, type ReviewFile } from './reviewFile';
export { detailInWords, findingInWords, proofToCsv, proofToHtml, type ReportedProof } from './proofReport';
