import type { LogEvent } from '../review';

export const REVIEW_FORMAT = 'marked-page review';
export const REVIEW_VERSION = 1;

/** A document that the findings cite: enough to know one's own copy by. */
export interface ReviewDocument {
  readonly sha256: string;
  readonly name: string;
}

/** A review as a file: the log, and the fingerprints of the documents it cites. See docs/formats.md. */
export interface ReviewFile {
  readonly format: typeof REVIEW_FORMAT;
  readonly v: typeof REVIEW_VERSION;
  readonly dossier: string;
  /** ISO 8601. */
  readonly savedAt: string;
  readonly documents: readonly ReviewDocument[];
  readonly events: readonly LogEvent[];
}

/** A log as a review file. It holds no words of a document beyond the quotes that were kept. */
export function reviewFileOf(
  log: readonly LogEvent[],
  dossier: string,
  documents: readonly ReviewDocument[],
  now: number,
): ReviewFile {
  const events = [...log].sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
  return { format: REVIEW_FORMAT, v: REVIEW_VERSION, dossier, savedAt: new Date(now).toISOString(), documents, events };
}
