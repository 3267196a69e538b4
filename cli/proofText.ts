import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fitText, textOfFile, textOfPages } from '../src/core/exchange/texts';
import { problem, ProblemError } from '../src/core/problem';
import { readFiles, wholeFile } from './reading';

/** The text of a file to proof: of a PDF its lines in reading order, without running heads and page numbers. Throws a ProblemError for one that cannot be read. */
export async function readProofText(file: string): Promise<string> {
  const name = path.basename(file);
  if (/\.pdf$/i.test(file)) {
    for await (const result of readFiles([{ path: file, name }], wholeFile)) {
      if ('problem' in result) throw new ProblemError(result.problem);
      return fitText(textOfPages(result.read.pages), name);
    }
  }
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file);
  } catch (caught) {
    const reason = (caught as NodeJS.ErrnoException).code === 'ENOENT' ? 'no such file' : String((caught as Error).message); // prettier-ignore
    throw new ProblemError(problem('file-unreadable', { file, reason }));
  }
  return textOfFile(bytes, name);
}
