import { inOrder, type FindingPayload, type LogEvent } from './events';

/** A finding as the log leaves it. */
export interface Finding {
  readonly id: string;
  readonly keptAt: number;
  readonly note: string;
  /** Null when its text was erased with the document it quoted. */
  readonly content: FindingPayload | null;
}

/** The findings that stand, oldest first: a pure fold over the log that does not depend on the order of arrival. */
export function foldFindings(log: readonly LogEvent[]): Finding[] {
  const findings = new Map<string, Finding>();
  for (const event of inOrder(log)) {
    if (event.kind === 'finding-kept') {
      const content = event.payload as FindingPayload | null;
      findings.set(event.target, { id: event.target, keptAt: event.at.ms, note: content?.note ?? '', content });
    } else if (event.kind === 'finding-noted') {
      const finding = findings.get(event.target);
      const payload = event.payload as { note: string } | null;
      if (finding !== undefined && payload !== null) findings.set(event.target, { ...finding, note: payload.note });
    } else findings.delete(event.target);
  }
  return [...findings.values()];
}

/** True when a finding quotes a document. */
export function cites(finding: Finding, sourceId: string): boolean {
  return finding.content?.citations.some((citation) => citation.sourceId === sourceId) ?? false;
}
