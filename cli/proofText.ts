import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fitText, textOfFile, textOfPages } from '../src/core/exchange/texts';
import { problem, ProblemError } from '../src/core/problem';
import { readFiles, wholeFile } from './reading';

/** A text to proof, and where its offsets stand in the file it came from. */
export interface ProofText {
  readonly text: string;
  /** The offset in the file, in UTF-16 code units, of one in the text; the same where the file is no plain text. */
  readonly offsetInFile: (offset: number) => number;
}

const PLAIN = /\.(?:md|markdown|txt|text)$/i;

/** Byte-order marks and carriage returns before line feeds are left out of a text; this puts them back into an offset. */
function offsetsIn(raw: string): ProofText['offsetInFile'] {
  const left = [...raw.matchAll(/^\ufeff|\r(?=\n)/g)].map((match) => match.index);
  return (offset) => {
    let at = offset;
    for (const index of left) {
      if (index > at) break;
      at += 1;
    }
    return at;
  };
}

/** The text of a file to proof: of a PDF its lines in reading order, without running heads and page numbers. Throws a ProblemError for one that cannot be read. */
export async function readProofText(file: string): Promise<ProofText> {
  const name = path.basename(file);
  const same = (offset: number): number => offset;
  if (/\.pdf$/i.test(file)) {
    for await (const result of readFiles([{ path: file, name }], wholeFile)) {
      if ('problem' in result) throw new ProblemError(result.problem);
      return { text: fitText(textOfPages(result.read.pages), name), offsetInFile: same };
    }
  }
  let bytes: Buffer;
  try {
    bytes = readFileSync(file);
  } catch (caught) {
    const reason = (caught as NodeJS.ErrnoException).code === 'ENOENT' ? 'no such file' : String((caught as Error).message); // prettier-ignore
    throw new ProblemError(problem('file-unreadable', { file, reason }));
  }
  const text = await textOfFile(bytes, name);
  return { text, offsetInFile: PLAIN.test(name) ? offsetsIn(bytes.toString('utf8')) : same };
}
