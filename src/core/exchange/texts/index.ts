import { problem, ProblemError } from '../../problem';
import { textOfDocx } from './docx';
import { textOfHtml } from './html';
import { fitText, MOST_BYTES } from './fit';
import { parseQuoteList, textOfQuotes } from './quoteList';

export { fitText } from './fit';
export { textOfPages } from './pages';
export { docxOf } from './toDocx';

/** The text of a file that is no PDF, by its name's ending: Markdown, plain text, HTML, DOCX, or a list of quotes. Throws a ProblemError for others. */
export async function textOfFile(bytes: Uint8Array, file: string): Promise<string> {
  const ending = /\.([a-z\d]+)$/i.exec(file)?.[1]?.toLowerCase() ?? '';
  if (bytes.length > MOST_BYTES) throw new ProblemError(problem('file-too-large', { file, limit: MOST_BYTES / 1024 / 1024 })); // prettier-ignore
  if (ending === 'docx') return fitText(await textOfDocx(bytes, file), file);
  if (!['md', 'markdown', 'txt', 'text', 'html', 'htm', 'csv', 'json', 'jsonl', 'jsonld'].includes(ending))
    throw new ProblemError(problem('text-kind', { file }));
  const text = new TextDecoder().decode(bytes);
  if (text.slice(0, 4000).includes('\u0000')) throw new ProblemError(problem('text-damaged', { file }));
  if (/^html?$/.test(ending)) return fitText(textOfHtml(text), file);
  const list = ['csv', 'json', 'jsonl', 'jsonld'].includes(ending);
  // What is plain text already keeps its very characters, so that offsets are those of the file.
  if (!list) return fitText(text, file);
  return fitText(textOfQuotes(parseQuoteList(text.replace(/^\ufeff/, ''), file)), file);
}
