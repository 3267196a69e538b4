import type { Mark } from './types';

/** True for a quote that stands where it is cited: exact, or the same words. */
export function standsAsCited({ mark }: { readonly mark: Mark }): boolean {
  return mark === 'exact' || mark === 'same-words';
}
