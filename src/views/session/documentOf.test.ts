import { describe, expect, test } from '@jest/globals';
import type { Citation } from '@/core/quote';
import type { Shelved } from '@/store';
import { documentOf } from './documentOf';

const shelf = [
  { source: { id: 'a' }, edition: { sha256: 'one' } },
  { source: { id: 'b' }, edition: { sha256: 'two' } },
] as unknown as Shelved[];
const cite = (sourceId: string, sha256: string): Citation => ({ sourceId, sha256 }) as Citation;

describe('the document a citation is of', () => {
  test('is the one it names, else the one with the same bytes', () => {
    expect(documentOf(shelf, cite('b', 'one'))?.source.id).toBe('b');
    expect(documentOf(shelf, cite('of a colleague', 'two'))?.source.id).toBe('b');
  });

  test('is none when neither is on the shelf, or nothing is known of it', () => {
    expect(documentOf(shelf, cite('x', 'three'))).toBeNull();
    expect(
      documentOf([{ source: { id: 'c' }, edition: { sha256: '' } }] as unknown as Shelved[], cite('x', '')),
    ).toBeNull();
  });
});
