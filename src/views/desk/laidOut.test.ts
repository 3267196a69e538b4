import { describe, expect, test } from '@jest/globals';
import type { QuestionSlip, StoredSlip } from '@/store';
import { laidOut } from './laidOut';

const slip = (id: string, question: string, pinned = false): QuestionSlip =>
  ({
    id,
    kind: 'question',
    question,
    completed: question,
    pinned,
    answer: { headline: `about ${id}`, claims: [{ text: 'the fee', citations: [{ sourceName: 'Lease' }] }] },
  }) as unknown as QuestionSlip;
const quote = {
  id: 'q',
  kind: 'quote',
  quote: 'not more than',
  pinned: false,
  citation: { sourceName: 'Concession' },
} as unknown as StoredSlip;
const sum = { id: 's', kind: 'summary', about: 'accounts', pinned: false, claims: [] } as unknown as StoredSlip;
const ids = (slips: readonly StoredSlip[]): string[] => slips.map((one) => one.id);

describe('slips on the desk', () => {
  const slips = [slip('a', 'How much?'), slip('b', 'Who pays?', true), quote, sum];

  test('pinned ones lie on top, the others keep their order', () => {
    expect(ids(laidOut({ slips, streaming: null }, ''))).toEqual(['b', 'a', 'q', 's']);
  });

  test('the one that is being answered lies before them, or in its own place', () => {
    expect(ids(laidOut({ slips, streaming: slip('new', 'When?') }, ''))).toEqual(['b', 'new', 'a', 'q', 's']);
    const grown = laidOut({ slips, streaming: slip('a', 'How much now?') }, '');
    expect(ids(grown)).toEqual(['b', 'a', 'q', 's']);
    expect(grown[1]).toMatchObject({ question: 'How much now?' });
  });

  test('are filtered by all words, in questions, answers, quotes and documents', () => {
    expect(ids(laidOut({ slips, streaming: null }, 'LEASE fee who'))).toEqual(['b']);
    expect(ids(laidOut({ slips, streaming: null }, 'concession'))).toEqual(['q']);
    expect(ids(laidOut({ slips, streaming: null }, 'accounts'))).toEqual(['s']);
    expect(laidOut({ slips, streaming: null }, 'nothing of it')).toEqual([]);
  });
});
