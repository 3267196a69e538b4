import { describe, expect, test } from '@jest/globals';
import type { Citation } from '@/core/quote';

import type { SessionState } from '../session';
import { ribbonMarks } from './ribbonMarks';

const cite = (sourceId: string, page: number | null): Citation => ({ sourceId, page }) as Citation;

const STATE = {
  shelf: ['a', 'b', 'c'].map((id) => ({ source: { id }, edition: { sha256: id } })),
  open: { sourceId: 'a', page: 1 },
  chosen: { key: 'slip-1/0', citation: cite('a', 4) },
  slips: [
    {
      id: 'slip-1',
      kind: 'question',
      second: null,
      answer: {
        claims: [{ citations: [cite('a', 4), cite('b', 9)] }],
        passages: [
          { sourceId: 'a', page: 7 },
          { sourceId: 'b', page: 2 },
        ],
      },
    },
    {
      id: 'slip-2',
      kind: 'question',
      second: null,
      answer: { claims: [{ citations: [cite('a', 30)] }], passages: [] },
    },
  ],
  proofs: [],
  findings: [{ content: { citations: [cite('a', 12), cite('a', null)] } }, { content: null }],
} as unknown as SessionState;

describe('the ribbon of the open document', () => {
  test('shows the chosen quote, the evidence and hits of its answer, and all findings', () => {
    expect(ribbonMarks(STATE, 'open')).toEqual([
      { kind: 'hit', page: 7 },
      { kind: 'evidence', page: 4 },
      { kind: 'finding', page: 12 },
      { kind: 'chosen', page: 4 },
    ]);
  });

  test('shows the evidence of a second opinion and of a summary too', () => {
    const [first] = STATE.slips;
    const second = { answer: { claims: [{ citations: [cite('a', 21)] }] } };
    const withSecond = { ...STATE, slips: [{ ...first, second }] } as unknown as SessionState;
    expect(ribbonMarks(withSecond, 'open')).toContainEqual({ kind: 'evidence', page: 21 });
    const summary = { id: 'slip-1', kind: 'summary', claims: [{ citations: [cite('a', 22)] }] };
    expect(ribbonMarks({ ...STATE, slips: [summary] } as unknown as SessionState, 'open')).toContainEqual({
      kind: 'evidence',
      page: 22,
    });
  });

  test('shows nothing of other documents', () => {
    expect(ribbonMarks({ ...STATE, open: { sourceId: 'c', page: 1 } }, 'open')).toEqual([]);
  });

  test('shows findings alone while nothing is chosen', () => {
    expect(ribbonMarks({ ...STATE, chosen: null }, 'open')).toEqual([{ kind: 'finding', page: 12 }]);
  });
});
