import { searchPassages, shareInCommon, termSet, unitsOfPassage } from '../search';
import { oneLine } from '../text';
import { quoteOf } from './quoted';
import type { AskedSource, DraftCitation } from './types';

/** Passages that are looked through, and how much of its words a sentence must share to be like another. */
const LOOKED_AT = 40;
const LIKE = 0.22;
const MOST = 30;

/** Sentences and table rows of the documents that say something like a text, the likest first; never the text itself where it stands. */
export function placesLike(text: string, sources: readonly AskedSource[]): DraftCitation[] {
  const language = sources[0]?.segment.language ?? 'en';
  const own = termSet(text, language);
  const wanted = oneLine(text);
  const terms = [...own].map((term) => ({ term, weight: 1 }));
  const found = searchPassages(sources, terms, LOOKED_AT).flatMap((hit) =>
    unitsOfPassage(hit.source, hit.passage).flatMap((one) => {
      const said = oneLine(one.text);
      const share = shareInCommon(own, termSet(said, hit.source.segment.language));
      const same = said.includes(wanted) || wanted.includes(said);
      return one.unit.kind === 'heading' || one.unit.kind === 'contents' || same || share < LIKE
        ? []
        : [{ share, citation: quoteOf(hit.source as AskedSource, one) }];
    }),
  );
  return found
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST)
    .map(({ citation }) => citation);
}
