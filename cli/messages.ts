import type { EditionFacts, Page, Section, Table } from '../src/core/source';
import type { Language } from '../src/core/text';
import type { Problem } from '../src/core/problem';

/** What a reading worker is started with. */
export interface ReadingOrder {
  readonly path: string;
  readonly name: string;
}

/** What a reading worker reports, in this order: started, pages and the tables that end on them, then done or failed. */
export type ReadingReport =
  | { readonly kind: 'started'; readonly sha256: string; readonly facts: EditionFacts; readonly language: Language }
  | { readonly kind: 'page'; readonly page: Page; readonly sections: readonly Section[] }
  | { readonly kind: 'tables'; readonly tables: readonly Table[] }
  | { readonly kind: 'done' }
  | { readonly kind: 'failed'; readonly problem: Problem };
