const KEYS: readonly (readonly [string, string])[] = [
  ['Q', 'go to the question'],
  ['V', 'check a quote'],
  ['/', 'find words'],
  ['Enter', 'ask (Shift and Enter starts a new line)'],
  ['↑  ↓', 'in the empty question: questions asked before'],
  ['↓  ↑', 'next and previous claim, item of a proof, finding; its page opens beside it'],
  ['K', 'keep what is chosen as a finding'],
  ['W', 'mend the chosen claim, or what is chosen in a proof, by the page'],
  ['E', 'explain the mark of what is chosen: what was looked for, what the page says, where it stands'],
  ['F', 'follow up on the chosen slip'],
  ['C', 'copy the answer with its citations'],
  ['→  ←', 'next and previous page'],
  ['+  −  0', 'larger, smaller, fit to width'],
  ['G', 'go to a page by label or number'],
  ['O', 'outline of the open document'],
  ['T', 'turn the page'],
  ['R', 'show what was read of the page'],
  ['L', 'lay a ruler along the row pointed at'],
  ['B', 'lay the page on the left leaf, to read another beside it; clear that leaf'],
  ['N', 'in a proof: the next to look at; in the review: the next undecided finding'],
  ['Y  D  S', 'confirm, dispute, set aside it'],
  ['M', 'comment on it'],
  ['Z', 'undo in the review'],
  ['?', 'this list'],
];

/** The keys that work while no text field has the focus. */
export function Shortcuts() {
  return (
    <dl className="mt-3 grid grid-cols-[7rem_1fr] gap-y-1.5">
      {KEYS.map(([key, does]) => (
        <div key={key} className="contents">
          <dt className="font-semibold">{key}</dt>
          <dd>{does}</dd>
        </div>
      ))}
    </dl>
  );
}
