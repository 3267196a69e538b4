import { expose } from 'comlink';
import type { AskSettings } from '../core/answer';
import type { ReviewFile } from '../core/exchange';
import { parseReview, parseSettings } from '../core/exchange/incoming';
import { problem, ProblemError } from '../core/problem';
import { openArchive, saveArchive, unpackFiles, type PackedFile } from '../store/archive';
import { attempt, type Result } from './result';

/** Bytes of a review file that are looked at. */
const MOST_REVIEW_BYTES = 40 * 1024 * 1024;

const api = {
  /** The files of a ZIP file. */
  unpack(zip: Blob, name: string): Promise<Result<PackedFile[]>> {
    return attempt(() => unpackFiles(zip, name));
  },

  /** A dossier as one archive file. */
  save(dossierId: string, now: number): Promise<Result<Blob>> {
    return attempt(() => saveArchive(dossierId, now));
  },

  /** Stores what an archive holds, whole or not at all, and gives the dossier's id. */
  open(file: Blob, now: number, newActor: string): Promise<Result<string>> {
    return attempt(() => openArchive(file, now, newActor));
  },

  /** Settings of a dossier out of a file's text, validated. */
  settings(text: string): Promise<Result<AskSettings>> {
    return attempt(() => parseSettings(text));
  },

  /** The review in a colleague's file, validated. */
  readReview(file: Blob, now: number): Promise<Result<ReviewFile>> {
    return attempt(async () => {
      if (file.size > MOST_REVIEW_BYTES)
        throw new ProblemError(problem('review-invalid', { reason: 'it is too large to be a review' }));
      return parseReview(await file.text(), now);
    });
  },
};

export type ArchiveApi = typeof api;
expose(api);
