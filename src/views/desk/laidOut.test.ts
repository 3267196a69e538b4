import { describe, expect, test } from '@jest/globals';
import type { QuestionSlip, StoredSlip } from '@/store';
import { laidOut, movedPlace } from './laidOut';

const slip = (id: string, question: string, pinned = false, askedAt = 9): QuestionSlip =>
  ({
    id,
    askedAt,
    kind: 'question',
    question,
    completed: question,
    pinned,
    answer: { headline: `about ${id}`, claims: [{ text: 'the fee', citations: [{ sourceName: 'Lease' }] }] },
  }) as unknown as QuestionSlip;
const quote = {
  id: 'q',
  askedAt: 8,
  kind: 'quote',
  quote: 'not more than',
  pinned: false,
  citation: { sourceName: 'Concession' },
} as unknown as StoredSlip;
const sum = {
  id: 's',
  askedAt: 7,
  kind: 'summary',
  about: 'accounts',
  pinned: false,
  claims: [],
} as unknown as StoredSlip;
const ids = (slips: readonly StoredSlip[]): string[] => slips.map((one) => one.id);

describe('slips on the desk', () => {
  const slips = [slip('a', 'How much?'), slip('b', 'Who pays?', true), quote, sum];

  test('pinned ones lie on top, the others keep their order', () => {
    expect(ids(laidOut({ slips, streaming: null }, ''))).toEqual(['b', 'a', 'q', 's']);
  });

  test('the one that is being answered lies before them, or in its own place', () => {
    expect(ids(laidOut({ slips, streaming: slip('new', 'When?', false, 10) }, ''))).toEqual([
      'b',
      'new',
      'a',
      'q',
      's',
    ]);
    const grown = laidOut({ slips, streaming: slip('a', 'How much now?') }, '');
    expect(ids(grown)).toEqual(['b', 'a', 'q', 's']);
    expect(grown[1]).toMatchObject({ question: 'How much now?' });
  });

  test('are moved past one another, pinned ones among themselves', () => {
    const laid = laidOut({ slips: [...slips, slip('c', 'Why?', false, 6)], streaming: null }, '');
    expect(ids(laid)).toEqual(['b', 'a', 'q', 's', 'c']);
    const after = (id: string, by: -1 | 1): string[] => {
      const moved = laid.map((one) => (one.id === id ? { ...one, laidAt: movedPlace(laid, one, by) ?? 0 } : one));
      return ids(laidOut({ slips: moved, streaming: null }, ''));
    };
    expect(after('q', -1)).toEqual(['b', 'q', 'a', 's', 'c']);
    expect(after('q', 1)).toEqual(['b', 'a', 's', 'q', 'c']);
    expect(after('s', 1)).toEqual(['b', 'a', 'q', 'c', 's']);
    for (const [id, by] of [
      ['b', 1],
      ['a', -1],
      ['c', 1],
    ] as const) {
      const one = laid.find((other) => other.id === id);
      expect(one === undefined ? 0 : movedPlace(laid, one, by)).toBeNull();
    }
  });

  test('are filtered by all words, in questions, answers, quotes and documents', () => {
    expect(ids(laidOut({ slips, streaming: null }, 'LEASE fee who'))).toEqual(['b']);
    expect(ids(laidOut({ slips, streaming: null }, 'concession'))).toEqual(['q']);
    expect(ids(laidOut({ slips, streaming: null }, 'accounts'))).toEqual(['s']);
    expect(laidOut({ slips, streaming: null }, 'nothing of it')).toEqual([]);
  });
});
