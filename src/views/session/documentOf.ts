import type { Citation } from '@/core/quote';
import type { Shelved } from '@/store';

/** The document on the shelf that a citation is of: by its id here, or, when it comes from a colleague, by the fingerprint of its file. */
export function documentOf(shelf: readonly Shelved[], citation: Citation): Shelved | null {
  return (
    shelf.find((one) => one.source.id === citation.sourceId) ??
    shelf.find((one) => citation.sha256 !== '' && one.edition.sha256 === citation.sha256) ??
    null
  );
}
