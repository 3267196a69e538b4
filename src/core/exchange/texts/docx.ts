import mammoth from 'mammoth';
import { problem, ProblemError } from '../../problem';
import { textOfHtml } from './html';

/** Paragraph styles that office programs give block quotations. */
const STYLES = ["p[style-name='Quote'] => blockquote:fresh", "p[style-name='Intense Quote'] => blockquote:fresh", "p[style-name='Zitat'] => blockquote:fresh", "p[style-name='Block Text'] => blockquote:fresh"]; // prettier-ignore

/** The words of an office file as `textOfHtml` gives them. Throws a ProblemError for a file that is none. */
export async function textOfDocx(bytes: Uint8Array, file: string): Promise<string> {
  try {
    const buffer = bytes.slice().buffer;
    // Node takes a Buffer, a browser an ArrayBuffer; each ignores the other's key.
    const input = { arrayBuffer: buffer, buffer: bytes } as unknown as { arrayBuffer: ArrayBuffer };
    const { value } = await mammoth.convertToHtml(input, { styleMap: STYLES });
    return textOfHtml(value);
  } catch {
    throw new ProblemError(problem('text-damaged', { file }));
  }
}
