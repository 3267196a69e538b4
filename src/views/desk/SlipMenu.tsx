'use client';

import { Menu, type MenuEntry } from '@/ui';
import type { StoredSlip } from '@/store';
import type { Session, SessionState } from '../session';
import { laidOut, movedPlace } from './laidOut';

/** What else can be done with a slip. */
export function SlipMenu({ session, state, slip }: { session: Session; state: SessionState; slip: StoredSlip }) {
  const laid = laidOut(state, '');
  const moves = [
    ['Move up', movedPlace(laid, slip, -1)],
    ['Move down', movedPlace(laid, slip, 1)],
  ] as const;
  const entries: MenuEntry[] = [
    {
      label: slip.pinned ? 'Unpin' : 'Pin to the top',
      onSelect: () => session.asking.lay(slip, { pinned: !slip.pinned }),
    },
    ...moves.flatMap(([label, place]) =>
      place === null ? [] : [{ label, onSelect: () => session.asking.lay(slip, { laidAt: place }) }],
    ),
    { label: 'Delete', onSelect: () => session.asking.deleteSlip(slip) },
  ];
  if (slip.kind === 'question') {
    const others = state.readers.filter((reader) => reader.name !== slip.answer.reader.name);
    entries.unshift(
      { label: 'Ask again', onSelect: () => void session.asking.askAgain(slip) },
      ...others.map((reader) => ({
        label: `Second opinion: ${reader.name}`,
        onSelect: () => void session.asking.secondOpinion(slip, reader),
      })),
    );
  }
  return <Menu label={`More for this slip`} entries={entries} trigger="More" />;
}
