import { describe, expect, test } from '@jest/globals';
import { endsOnPurpose } from './lineBreaks';
import { layOutPage } from './pageText';

/** A page of lines 12 points apart, five points a character; a line that begins with a blank is set in by so many characters. */
function page(...lines: readonly string[]): ReturnType<typeof layOutPage> {
  const items = lines.map((line, at) => ({
    text: line.trim(),
    x: 50 + 5 * (line.length - line.trimStart().length),
    y: 100 + 12 * at,
    width: 5 * line.trim().length,
    size: 10,
    angle: 0,
    font: 'f',
  }));
  return layOutPage({ width: 600, height: 800, items });
}

describe('a line that ends on purpose', () => {
  const draft = page(
    'Technical data',
    'Main data of the boiler that stands in the engine room',
    'and is watched by an engineer of the second class, a',
    'representative of the owner, and, in port, the agent.',
    'It is heated.',
  );
  const ends = (at: number): boolean =>
    endsOnPurpose(draft, draft.lines[at] as (typeof draft.lines)[0], draft.lines[at + 1] as (typeof draft.lines)[0]);

  test('leaves room for the first word of the next', () => {
    expect(ends(0)).toBe(true);
  });

  test('is none that the next word would not have fitted', () => {
    expect(ends(1)).toBe(false);
    expect(ends(2)).toBe(false);
  });
});
