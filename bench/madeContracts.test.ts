import { describe, expect, test } from '@jest/globals';
import { sectionPath } from '../src/core/source';
import { read } from '../tests/support/pdf';
import { madeContract } from './madeContracts';
import { Random } from './random';

const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

describe('made contracts', () => {
  test('are the same for the same seed, and differ otherwise', async () => {
    const [one, again, other] = [
      await madeContract(new Random(3)),
      await madeContract(new Random(3)),
      await madeContract(new Random(4)),
    ];
    expect(again.clauses).toEqual(one.clauses);
    expect(other.clauses).not.toEqual(one.clauses);
  });

  test('bear each clause’s words once, under the sections they say', async () => {
    for (const seed of [11, 12, 13]) {
      const { bytes, clauses } = await madeContract(new Random(seed));
      const { pages, sections } = await read(bytes);
      const text = pages.map((page) => page.text).join('\n');
      let right = 0;
      for (const { words, path } of clauses) {
        expect(text.split(words)).toHaveLength(2);
        const page = pages.find((one) => one.text.includes(words));
        const at = page?.text.indexOf(words) ?? -1;
        const line = page?.lines.find((one) => one.start <= at && at < one.end);
        const last =
          sectionPath(sections, line?.section ?? -1)
            .split(' › ')
            .at(-1) ?? '';
        if (plain(last).startsWith(plain(path.at(-1) ?? '?'))) right += 1;
      }
      expect(right / clauses.length).toBeGreaterThan(0.9);
    }
  });
});
