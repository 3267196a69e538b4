import { expect, test } from '@jest/globals';
import { draw } from '../../../tests/support/draw';
import type { Claim } from '@/core/answer';
import type { Citation } from '@/core/quote';
import type { Finding } from '@/core/review';
import type { Incoming, Session } from '../session';
import { MergeDialog } from './MergeDialog';

const citation = (quote: string, mark: Citation['mark']): Citation =>
  ({ quote, mark, sourceName: 'Lease.pdf', page: 3, label: null, differences: [] }) as unknown as Citation;
const finding = { id: 'f', content: { text: 'The rent is due.', citations: [] }, withdrawn: false, decisions: [], comments: [] } as unknown as Finding; // prettier-ignore

function told(incoming: Partial<Incoming>): string {
  const whole = {
    file: { dossier: 'Ferry concession', savedAt: 0 },
    preview: { reviewers: ['Bo Lind'], newEvents: 1, newFindings: [finding], changed: [] },
    rechecked: [],
    further: [],
    missing: [],
    ...incoming,
  } as unknown as Incoming;
  draw(<MergeDialog session={{} as Session} incoming={whole} onClose={() => undefined} />);
  const words = document.body.textContent ?? '';
  document.body.replaceChildren();
  return words;
}

test('a colleague’s review is told before it is taken in: who, what is new, which quotes stand here', () => {
  const words = told({
    rechecked: [
      { citation: citation('The rent is due', 'exact'), here: citation('The rent is due', 'exact') },
      { citation: citation('It is paid', 'exact'), here: citation('It is paid', 'altered') },
    ],
    missing: ['Other.pdf'],
  });
  expect(words).toContain('By Bo Lind');
  expect(words).toContain('1 new finding');
  expect(words).toMatch(/1 of 2 stand in your copies\.\s*1 do not:/);
  expect(words).toContain('“It is paid”');
  expect(words).toContain('Not on your shelf, so not checked: “Other.pdf”');
});

test('findings that say more than their quotes are named with what is not covered', () => {
  const claim = { text: 'The rent must be paid at once.', uncovered: [{ kind: 'modal', said: 'must', stated: 'may' }] } as unknown as Claim; // prettier-ignore
  const words = told({ further: [claim] });
  expect(words).toContain('One finding goes further than its quotes');
  expect(words).toContain('Not covered: how binding it is: “must”, where they say “may”.');
  expect(told({})).not.toContain('further');
});
