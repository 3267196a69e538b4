import { beforeEach, describe, expect, test } from '@jest/globals';
import { act } from 'react';
import { draw } from '../../../tests/support/draw';
import type { Citation, Explanation } from '@/core/quote';
import type { Session } from '../session';
import { CheckLimits } from './CheckLimits';
import { MarkExplained } from './MarkExplained';

const opened: (readonly [string, number])[] = [];
let found: Explanation;

const session = {
  explain: () => Promise.resolve(found),
  openPage: (sourceId: string, page: number) => opened.push([sourceId, page]),
} as unknown as Session;

const citation = (mark: Citation['mark'], more: Partial<Citation> = {}): Citation =>
  ({ mark, quote: 'The pilot may board', differences: [], ...more }) as unknown as Citation;

const PLACE = { sourceId: 's1', source: 'Rules', page: 12, label: 'ix' };
const ALTERED: Explanation = {
  searched: 'the pilot may board',
  sides: {
    quote: [{ text: 'The pilot ', differs: false }, { text: 'may ', differs: true }, { text: 'board', differs: false }],
    page: [{ text: 'The pilot ', differs: false }, { text: 'shall ', differs: true }, { text: 'board', differs: false }],
  },
  score: 0.874,
  places: [PLACE],
  instead: null,
}; // prettier-ignore

/** Draws a part, presses its button, and gives what opened. */
async function press(part: React.ReactNode): Promise<HTMLElement> {
  const frame = draw(part);
  document.body.append(frame);
  await act(async () => {
    frame.querySelector('button')?.click();
    await Promise.resolve();
  });
  const leaf = document.querySelector<HTMLElement>('[data-explanation]');
  if (leaf === null) throw new Error('Nothing opened.');
  return leaf;
}

beforeEach(() => {
  document.body.replaceChildren();
  opened.length = 0;
  found = ALTERED;
});

describe('a mark that is pressed', () => {
  test('sets both wordings side by side, with what differs picked out', async () => {
    const leaf = await press(<MarkExplained session={session} citation={citation('altered')} grave={false} />);
    expect([...leaf.querySelectorAll('p b')].map((one) => one.textContent?.trim())).toEqual(['altered.', 'may', 'shall']); // prettier-ignore
    expect(leaf.textContent).toContain('the pilot may board');
    expect(leaf.textContent).toContain('87 of 100');
  });

  test('names what was changed in its meaning, and only that', async () => {
    const differences = [
      { kind: 'modal', expected: 'shall', found: 'may', grave: true },
      { kind: 'word', expected: 'at', found: 'by', grave: false },
    ] as const;
    const leaf = await press(<MarkExplained session={session} citation={citation('altered', { differences })} grave />);
    expect(leaf.textContent).toContain('Changed in what it means: modal.');
  });

  test('opens the page that the words stand on', async () => {
    const leaf = await press(<MarkExplained session={session} citation={citation('exact')} grave={false} />);
    const place = [...leaf.querySelectorAll('button')].find((one) => one.textContent === 'Rules, p. ix');
    act(() => place?.click());
    expect(opened).toEqual([['s1', 12]]);
  });

  test('tells where it was cited and what is said there instead', async () => {
    found = { ...ALTERED, instead: { on: { ...PLACE, source: 'Old rules', label: null }, text: 'The pilot may wait' } };
    const cited = { source: 'Old rules', page: 3 };
    const leaf = await press(<MarkExplained session={session} citation={citation('elsewhere', { cited })} grave={false} />); // prettier-ignore
    expect(leaf.textContent).toMatch(/Cited as\s*Old rules, page 3/);
    expect(leaf.textContent).toMatch(/Said there\s*“The pilot may wait”\s*Old rules, p\. 12/);
  });

  test('has no wordings and no places where the words stand nowhere', async () => {
    found = { searched: 'whales', sides: null, score: 0, places: [], instead: null };
    const leaf = await press(<MarkExplained session={session} citation={citation('absent')} grave={false} />);
    expect(leaf.textContent).not.toMatch(/The page|Stands on|Nearest|Likeness/);
    expect(leaf.textContent).toContain('Nothing near these words');
  });
});

test('what the check sees is told beside what it does not', async () => {
  const leaf = await press(<CheckLimits />);
  const [sees, unseen] = [...leaf.querySelectorAll('ul')];
  expect(sees?.textContent).toMatch(/each quote.*each figure.*“not”.*names/);
  expect(unseen?.textContent).toMatch(/several sentences.*true.*scans/);
});
