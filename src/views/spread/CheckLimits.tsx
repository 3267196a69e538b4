'use client';

import { Explained } from '@/ui';

const SEEN = [
  'each quote, character by character and word by word, on the page that is cited and everywhere else',
  'each figure: its value, unit, scale and sign, what it is of and for which period; or the calculation it comes out of',
  'a “not” that is missing or added, and what binds: may, should, shall, must',
  'names that the quotes do not have, and the direction: rose for fell, higher for lower is better',
  'whether the quotes speak of the same thing at all, by their words',
] as const;
const UNSEEN = [
  'what follows from several sentences taken together, or from what a document leaves out',
  'irony, emphasis, and words that mean something else here than elsewhere',
  'whether what a document says is true',
  'pictures and scans whose words were not read',
] as const;

/** What the check of quotes, figures and claims can see and what it cannot, behind a few words. */
export function CheckLimits() {
  return (
    <Explained
      trigger="What the check sees"
      label="What the check sees"
      className="text-[12px] whitespace-nowrap text-accent hover:underline"
      width="narrow"
    >
      <List title="It sees" points={SEEN} />
      <List title="It does not see" points={UNSEEN} />
      <p className="pt-2 text-muted">
        A claim that goes further than its quotes may still be right; a claim that is carried says no more than they do.
      </p>
    </Explained>
  );
}

function List({ title, points }: { readonly title: string; readonly points: readonly string[] }) {
  return (
    <>
      <p className="pt-1 font-semibold">{title}</p>
      <ul className="list-['–_'] pl-3">
        {points.map((point) => (
          <li key={point}>{point}</li>
        ))}
      </ul>
    </>
  );
}
