import { describe, expect, test } from '@jest/globals';
import type { Shelved, SlipScope } from '@/store';
import { isAwaited, isPartial, readSoFar } from './scope';

const asked = (name: string, pagesRead: number, pageCount: number): SlipScope => ({
  sourceId: name,
  name,
  editionId: name,
  pagesRead,
  pageCount,
});

describe('what a question was asked of', () => {
  test('is told where documents were not read to their ends', () => {
    expect(readSoFar([asked('Lease', 2, 2)])).toBeNull();
    expect(readSoFar([asked('Lease', 1, 2), asked('Survey', 0, 0)])).toBe(
      'pages 1 to 1 of 2 of “Lease”, nothing yet of “Survey”',
    );
    expect(readSoFar(['a', 'b', 'c', 'd', 'e'].map((name) => asked(name, 0, 0)))).toBe(
      'nothing yet of “a”, “b”, “c” and 2 more',
    );
  });

  test('is partial for a document of which nothing is known yet', () => {
    expect([asked('a', 0, 0), asked('a', 1, 2), asked('a', 2, 2)].map(isPartial)).toEqual([true, true, false]);
  });

  test('awaits chosen documents that wait to be read, and none that failed', () => {
    const shelved = (state: string, chosen = true): Shelved =>
      ({ source: { chosen }, edition: { facts: null, state } }) as unknown as Shelved;
    expect(['waiting', 'reading', 'failed', 'stopped'].map((state) => isAwaited(shelved(state)))).toEqual([
      true,
      true,
      false,
      false,
    ]);
    expect(isAwaited(shelved('waiting', false))).toBe(false);
  });
});
