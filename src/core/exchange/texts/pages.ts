import { isFlow, type PageText } from '../../source';

/** The words of read pages as plain text: lines in reading order, running heads and page numbers left out, a blank line before each paragraph. */
export function textOfPages(pages: Iterable<PageText>): string {
  let text = '';
  for (const page of pages) {
    for (const line of page.lines) {
      if (!isFlow(line)) continue;
      text += `${text === '' ? '' : line.opens ? '\n\n' : '\n'}${page.text.slice(line.start, line.end)}`;
    }
  }
  return text;
}
