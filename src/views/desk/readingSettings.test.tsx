import { describe, expect, test } from '@jest/globals';
import { act } from 'react';
import { draw } from '../../../tests/support/draw';
import { DEFAULT_SETTINGS, WATCH_POINTS, type AskSettings, type Limits, type WatchPoint } from '@/core/answer';
import { DEFAULT_LENGTH, type SummaryLength } from '@/core/summary';
import type { QuestionSlip } from '@/store';
import { Asked, Read } from './AskedOf';
import { AskWithin, limited } from './AskWithin';
import { LengthField } from './LengthField';
import { SearchSettings } from './SearchSettings';
import { WatchList } from './WatchList';
import { WordGroups } from './WordGroups';

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

function field(frame: HTMLElement, label: string): Field {
  const found = frame.querySelector<Field>(`[aria-label="${label}"]`);
  if (found === null) throw new Error(`There is no field “${label}”.`);
  return found;
}

/** Types into a field as people do: React hears of it, and of its being left. */
function type(into: Field, value: string): void {
  const kind =
    into instanceof HTMLTextAreaElement
      ? HTMLTextAreaElement
      : into instanceof HTMLSelectElement
        ? HTMLSelectElement
        : HTMLInputElement;
  act(() => {
    Object.getOwnPropertyDescriptor(kind.prototype, 'value')?.set?.call(into, value);
    into.dispatchEvent(new Event(into instanceof HTMLSelectElement ? 'change' : 'input', { bubbles: true }));
    into.dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
  });
}

function press(frame: HTMLElement, name: string): void {
  const found = [...frame.querySelectorAll('button')].find(
    (one) => one.textContent === name || one.getAttribute('aria-label') === name,
  );
  if (found === undefined) throw new Error(`There is no button “${name}”.`);
  act(() => found.click());
}

/** A frame that lies in the document, where events reach React. */
function laid(part: Parameters<typeof draw>[0]): HTMLElement {
  const frame = draw(part);
  document.body.append(frame);
  return frame;
}

describe('settings of the search', () => {
  const changed: Partial<AskSettings>[] = [];
  const frame = laid(<SearchSettings settings={DEFAULT_SETTINGS} onChange={(change) => changed.push(change)} />);

  test('say what each came as', () => {
    expect(frame.textContent).toContain('as it came: 110');
    expect(frame.textContent).toContain('as it came: × 1');
  });

  test('keep within their limits', () => {
    type(field(frame, 'Passages read for an answer'), '900');
    expect(changed.at(-1)).toEqual({ breadth: 40 });
    type(field(frame, 'Words of a passage'), '12');
    expect(changed.at(-1)).toEqual({ passages: { maxWords: 40, minWords: 40, overlap: 0 } });
    type(field(frame, 'Sentences repeated'), '2');
    expect(changed.at(-1)).toMatchObject({ passages: { overlap: 2 } });
  });

  test('weigh other wordings from none to half more', () => {
    type(field(frame, 'Weight of another wording'), '0');
    expect(changed.at(-1)).toEqual({ paraphrase: 0 });
  });
});

describe('groups of words', () => {
  const made: (readonly (readonly string[])[])[] = [];
  const frame = laid(<WordGroups groups={[['berth', 'mooring']]} onChange={(groups) => made.push(groups)} />);

  test('stand a line each, are trimmed and hold a word once', () => {
    const own = field(frame, 'This dossier’s own groups of words');
    expect(own.value).toBe('berth, mooring');
    type(own, 'berth, mooring,  berth\n\n total loss ; write-off');
    expect(made.at(-1)).toEqual([
      ['berth', 'mooring'],
      ['total loss', 'write-off'],
    ]);
  });

  test('known to the reader are looked up by the beginning of a word', () => {
    const listed = (): string[] => [...frame.querySelectorAll('li')].map((one) => one.textContent ?? '');
    expect(listed().at(-1)).toMatch(/^and [\d,]+ more groups$/);
    type(field(frame, 'Look up a word'), 'remunerat');
    expect(listed().length).toBeGreaterThan(0);
    expect(listed().every((group) => group.includes('remuneration'))).toBe(true);
    type(field(frame, 'Look up a word'), 'zeppelin');
    expect(listed()).toEqual(['No group holds it: add one on the left, if it has equals here.']);
  });
});

describe('the list of watch points', () => {
  const show = (points: readonly WatchPoint[] | null) => {
    const made: (readonly WatchPoint[] | null)[] = [];
    return { made, frame: laid(<WatchList points={points} onChange={(next) => made.push(next)} />) };
  };

  test('is the one that came, until it is changed', () => {
    const { made, frame } = show(null);
    expect(frame.querySelectorAll('ol > li')).toHaveLength(WATCH_POINTS.length);
    expect(frame.textContent).not.toContain('The list as it came');
    press(frame, 'Remove: Renewal');
    expect(made.at(-1)?.map(({ name }) => name)).toEqual(WATCH_POINTS.slice(1).map(({ name }) => name));
  });

  test('is edited point by point, added to, and laid back', () => {
    const point: WatchPoint = {
      name: 'Ice',
      words: 'ice',
      says: ['ice*'],
      why: 'it closes the harbour',
      usual: 'relief',
    };
    const { made, frame } = show([point]);
    press(frame, 'Ice');
    const says = frame.querySelector('textarea');
    if (says === null) throw new Error('nothing to edit');
    type(says, 'ice*\n\n frozen … quay ');
    expect(made.at(-1)).toEqual([{ ...point, says: ['ice*', 'frozen … quay'] }]);
    press(frame, 'Add a point');
    expect(made.at(-1)).toHaveLength(2);
    press(frame, 'The list as it came');
    expect(made.at(-1)).toBeNull();
  });
});

describe('where alone a question is asked', () => {
  test('is typed as pages and a section, and lifted at once', () => {
    const set: Limits[] = [];
    const frame = laid(<AskWithin limits={{ pages: '3' }} onLimits={(limits) => set.push(limits)} />);
    type(field(frame, 'Only in this section'), 'clause 7');
    expect(set.at(-1)).toEqual({ pages: '3', section: 'clause 7' });
    press(frame, 'Everywhere');
    expect(set.at(-1)).toEqual({});
    expect([{}, { pages: ' ' }, { section: 'x' }].map(limited)).toEqual([false, false, true]);
  });

  test('is told on the slip, with what it is about', () => {
    const slip = {
      about: { text: 'the fee is due' },
      limits: { pages: '3-7', section: 'Dues' },
    } as unknown as QuestionSlip;
    expect(draw(<Asked slip={slip} />).textContent).toBe('About “the fee is due”Asked only of pages 3-7, “Dues”');
    expect(draw(<Asked slip={{} as QuestionSlip} />).children).toHaveLength(0);
  });
});

test('readings and instructions are told with the answer, those not honoured by themselves', () => {
  const answer = {
    readings: [{ words: 'the lease', told: 'may be any of 3 documents' }],
    steered: [
      { instruction: 'Short answers', honoured: true, how: 'only what answers' },
      { instruction: 'In rhyme', honoured: false, how: 'it cannot' },
    ],
  };
  const lines = [...draw(<Read slip={{ answer } as unknown as QuestionSlip} />).querySelectorAll('p')].map(
    (one) => one.textContent,
  );
  expect(lines).toEqual([
    'The lease: may be any of 3 documents',
    'Not honoured: In rhyme; it cannot',
    'By standing instructions: Short answers (only what answers)',
  ]);
  expect(draw(<Read slip={{ answer: {} } as unknown as QuestionSlip} />).children).toHaveLength(0);
});

describe('how long a summary is wanted', () => {
  test('counts once it is a number in range, and begins anew with another unit', () => {
    const made: SummaryLength[] = [];
    const frame = laid(<LengthField value={DEFAULT_LENGTH} onChange={(next) => made.push(next)} />);
    type(field(frame, 'Sentences'), '900');
    expect(made).toEqual([]);
    type(field(frame, 'Sentences'), '7');
    expect(made.at(-1)).toEqual({ count: 7, unit: 'sentences' });
    type(field(frame, 'Counted in'), 'pages');
    expect(made.at(-1)).toEqual({ count: 0.5, unit: 'pages' });
  });
});
