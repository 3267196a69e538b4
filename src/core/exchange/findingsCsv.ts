import Papa from 'papaparse';
import { reviewState, type Finding } from '../review';

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
  'review',
  'decided by',
  'comments',
] as const;

/**
 * Findings as CSV (RFC 4180, UTF-8), a row a citation, with what reviewers decided. Cells that a spreadsheet would take for a formula are neutralised with a leading
 * apostrophe.
 */
export function findingsToCsv(findings: readonly Finding[], names: ReadonlyMap<string, string> = new Map()): string {
  const named = (actor: string): string => names.get(actor) ?? 'a reviewer without a name';
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
      reviewState(finding),
      finding.decisions
        .map((one) => `${named(one.by)}: ${one.decision}${one.reason === '' ? '' : ` (${one.reason})`}`)
        .join('; '),
      finding.comments.map((one) => `${named(one.by)}: ${one.text}`).join('; '),
    ]),
  );
  return `${Papa.unparse({ fields: [...COLUMNS], data: rows }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}
