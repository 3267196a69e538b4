import { problem, ProblemError } from '../../problem';

/** A text to proof may have so many characters, its file so many bytes. */
export const MOST_CHARACTERS = 1_000_000;
export const MOST_BYTES = 40 * 1024 * 1024;
/** Endings of files whose text can be proofed, PDFs aside, which are read like documents. */
export const TEXT_FILES = '.md,.markdown,.txt,.html,.htm,.docx,.csv,.json,.jsonl,.jsonld,.pdf';

/** Throws a ProblemError for a text that is empty or too long to proof. */
export function fitText(text: string, file: string): string {
  const plain = text.replace(/^\ufeff/, '').replace(/\r\n?/g, '\n');
  if (!/[\p{L}\p{N}]/u.test(plain)) throw new ProblemError(problem('text-empty', { file }));
  if (plain.length > MOST_CHARACTERS)
    throw new ProblemError(problem('text-too-long', { file, limit: MOST_CHARACTERS.toLocaleString('en'), what: 'characters' })); // prettier-ignore
  return plain;
}
