import type { Shelved, SlipScope } from '@/store';

/** True for a document that was not read to its end when it was asked: a few of its pages, or none yet. */
export function isPartial({ pagesRead, pageCount }: SlipScope): boolean {
  return pageCount === 0 || pagesRead < pageCount;
}

/** True for a document that is asked as soon as its pages come: one that waits its turn to be read. */
export function isAwaited({ source, edition }: Shelved): boolean {
  return source.chosen && edition.facts === null && (edition.state === 'waiting' || edition.state === 'reading');
}

const NAMED = 3;

/** How far the documents had been read when they were asked, in words; null when all of them were read whole. */
export function readSoFar(scope: readonly SlipScope[]): string | null {
  const partial = scope.filter(isPartial);
  const begun = partial
    .filter((one) => one.pagesRead > 0)
    .map((one) => `pages 1 to ${one.pagesRead} of ${one.pageCount} of “${one.name}”`);
  const waiting = partial.filter((one) => one.pagesRead === 0).map((one) => `“${one.name}”`);
  const more = waiting.length > NAMED ? ` and ${waiting.length - NAMED} more` : '';
  const none = waiting.length === 0 ? [] : [`nothing yet of ${waiting.slice(0, NAMED).join(', ')}${more}`];
  return partial.length === 0 ? null : [...begun, ...none].join(', ');
}
