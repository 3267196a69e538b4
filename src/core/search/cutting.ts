export interface PassageOptions {
  /** Words a passage may hold before the next unit starts a new one, and how few may not stand alone within a section. */
  readonly maxWords: number;
  readonly minWords: number;
  /** Sentences that a passage repeats of the one before, where the text goes on. */
  readonly overlap: number;
}

export const DEFAULT_PASSAGES: PassageOptions = { maxWords: 110, minWords: 45, overlap: 0 };

export const SEGMENT_VERSION = 26;

/** What a segment is built with: another one means building anew. */
export function segmentFingerprint(options: PassageOptions = DEFAULT_PASSAGES): string {
  const repeated = options.overlap === 0 ? '' : ` overlap ${options.overlap}`;
  return `segment/${SEGMENT_VERSION} words ${options.minWords}-${options.maxWords}${repeated}`;
}
