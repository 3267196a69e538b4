import { partAt, type Answer } from '../answer';
import type { Citation } from '../quote';

/** A citation in words: "Concession agreement, p. 27 (31st page), 14.2". */
export function citationInWords(citation: Citation): string {
  const page =
    citation.page === null
      ? 'no page'
      : citation.label === null
        ? `p. ${citation.page}`
        : `p. ${citation.label} (page ${citation.page} of the file)`;
  return [citation.sourceName, page, citation.section].filter((part) => part !== '').join(', ');
}

/** An answer with its citations as plain text, to be pasted elsewhere. */
export function answerToText(question: string, answer: Answer): string {
  const claims = answer.claims.flatMap((claim, at) => [
    ...[partAt(answer.claims, at)].flatMap((part) => (part === null ? [] : part)),
    `“${claim.text}”`,
    ...claim.citations.map((citation) => `    ${citationInWords(citation)} [${citation.mark}]`),
  ]);
  const lines = answer.lines ?? [answer.headline ?? 'Not in these documents.'];
  const workings = answer.calculations.map(({ working }) => `Worked out: ${working}`);
  const missing = answer.found ? answer.missing.map((part) => `Not in these documents: ${part}`) : [];
  return [question, ...lines, ...workings, ...missing, '', ...claims].join('\n');
}
