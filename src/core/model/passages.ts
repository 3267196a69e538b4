import type { AskedSource, FoundPassage } from '../answer';
import type { SentPassage } from './types';

/** Passages as they are sent, one a page, so that whoever quotes them can cite the right one. Best first. */
export function passagesToSend(passages: readonly FoundPassage[], sources: readonly AskedSource[]): SentPassage[] {
  return passages.flatMap((passage) => {
    const source = sources.find((one) => one.id === passage.sourceId);
    if (source === undefined) return [];
    const pages = [...new Set(passage.spans.map((span) => span.page))];
    return pages.map((number) => {
      const page = source.page(number);
      const texts = passage.spans
        .filter((span) => span.page === number)
        .map((span) => (page?.text ?? '').slice(span.start, span.end));
      return {
        source: source.name,
        page: number,
        label: page?.label ?? null,
        section: passage.section,
        text: texts.join('\n\n'),
      };
    });
  });
}
