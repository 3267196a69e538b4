import { reviewState, type Finding } from '@/core/review';
import { leafKeys, useKeys, type Leaves } from '../spread';
import type { Session } from '../session';

function focus(finding: Finding | undefined): void {
  const target = finding === undefined ? null : document.querySelector<HTMLElement>(`[data-claim="${finding.id}"]`);
  target?.focus();
  target?.scrollIntoView({ block: 'center' });
}

/** The finding that has the focus, by its place in the list; -1 when none has. */
function focused(findings: readonly Finding[]): number {
  const card = document.activeElement?.closest<HTMLElement>('[data-finding]');
  return findings.findIndex((one) => one.id === card?.dataset['finding']);
}

function press(key: string): void {
  const button = document.activeElement?.closest('[data-finding]')?.querySelector<HTMLElement>(`[data-key="${key}"]`);
  if (button instanceof HTMLInputElement) button.focus();
  else button?.click();
}

/** The review's keys; see Shortcuts. */
export function useReviewKeys(session: Session, leaves: Leaves, findings: readonly Finding[]): void {
  useKeys({
    ...leafKeys(leaves),
    n: () => {
      const at = focused(findings);
      const order = [...findings.slice(at + 1), ...findings.slice(0, at + 1)];
      focus(order.find((one) => reviewState(one) === 'undecided'));
    },
    y: () => press('confirmed'),
    d: () => press('disputed'),
    s: () => press('set-aside'),
    m: () => press('comment'),
    z: () => void session.findings.undo(),
    ArrowDown: () => focus(findings[Math.min(findings.length - 1, focused(findings) + 1)]),
    ArrowUp: () => focus(findings[Math.max(0, focused(findings) - 1)]),
  });
}
