import { describe, expect, test } from '@jest/globals';
import { addPage, makePdf, read } from '../../../../tests/support/pdf';
import type { DraftLine, DraftPage } from '../formats/pdf/pageText';
import { doubts } from './trust';

/** A page of lines; a `|` in a line begins its second cell. */
function page(lines: readonly string[]): DraftPage {
  let text = '';
  const made = lines.map((line) => {
    const start = text.length;
    const cut = line.indexOf('|');
    text += line.replace('|', ' ');
    const cells = cut < 0 ? null : [start, start + cut + 1];
    const own = { start, end: text.length, cells } as unknown as DraftLine;
    text += '\n';
    return own;
  });
  return { text, lines: made } as unknown as DraftPage;
}

const SIDE = 'the owner shall keep the vessel';

describe('a page is doubtful', () => {
  test('when many of its characters are none that a text holds', () => {
    expect(doubts(page(['\ue001\ue002\ue003\ue004\ue005 \ue006\ue007\ue008\ue009 of the quay']))).toEqual([
      expect.stringContaining('fonts'),
    ]);
    expect(doubts(page([`\ue001 ${SIDE.repeat(40)}`]))).toEqual([]);
  });

  test('when running text stands on both sides of a gap in most of its lines', () => {
    expect(doubts(page(Array<string>(12).fill(`${SIDE}|${SIDE}`)))).toEqual([expect.stringContaining('columns')]);
    expect(doubts(page([...Array<string>(12).fill(SIDE), `${SIDE}|${SIDE}`]))).toEqual([]);
    expect(doubts(page(Array<string>(12).fill(`${SIDE}|31,200`)))).toEqual([]);
  });

  test('and says so where it was read', async () => {
    const lines = Array.from({ length: 12 }, (_, at) => [
      { text: 'All of this stands at the left', x: 72, y: 100 + 30 * at },
      { text: 'and all of that at the right', x: 330, y: 100 + 30 * at },
    ]).flat();
    const { pages } = await read(await makePdf((doc) => addPage(doc, lines)));
    expect(pages[0]?.warnings.length).toBeLessThanOrEqual(1);
    expect(pages[0]?.text).toContain('All of this');
  });
});
