import Papa from 'papaparse';
import type { Finding } from '../review';

const COLUMNS = [
  'finding',
  'question',
  'note',
  'document',
  'page',
  'label',
  'section',
  'quote',
  'mark',
  'file sha-256',
  'kept at',
] as const;

/**
 * Findings as CSV (RFC 4180, UTF-8), a row a citation. Cells that a spreadsheet would take for a formula are neutralised with a leading
 * apostrophe.
 */
export function findingsToCsv(findings: readonly Finding[]): string {
  const rows = findings.flatMap((finding) =>
    (finding.content?.citations ?? []).map((citation) => [
      finding.content?.text ?? '',
      finding.content?.question ?? '',
      finding.note,
      citation.sourceName,
      citation.page ?? '',
      citation.label ?? '',
      citation.section,
      citation.quote,
      citation.mark,
      citation.sha256,
      new Date(finding.keptAt).toISOString(),
    ]),
  );
  return `${Papa.unparse({ fields: [...COLUMNS], data: rows }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}
