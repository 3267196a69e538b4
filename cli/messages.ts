import type { EditionFacts, Page, Section } from '../src/core/source';
import type { Language } from '../src/core/text';
import type { Problem } from '../src/core/problem';

/** What a reading worker is started with. */
export interface ReadingOrder {
  readonly path: string;
  readonly name: string;
}

/** What a reading worker reports, in this order: started, pages, then done or failed. */
export type ReadingReport =
  | { readonly kind: 'started'; readonly sha256: string; readonly facts: EditionFacts; readonly language: Language }
  | { readonly kind: 'page'; readonly page: Page; readonly sections: readonly Section[] }
  | { readonly kind: 'done' }
  | { readonly kind: 'failed'; readonly problem: Problem };
