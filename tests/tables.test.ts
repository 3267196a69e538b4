import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { ask, DEMO, find, firstSlip } from './support/desk';
import { openDemo, openDemoWithTables, tablesFound, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDemoWithTables();
  ({ page } = opened);
}, 180_000);

afterAll(() => opened.close());

interface Offsets {
  /** Pixels between the middles of the frame and of the figure's own text, and by how much the frame is the larger. */
  readonly off: number;
  readonly wider: number;
}

/** How the frame on the page lies around a figure of the text layer. */
function frameAround(figure: string): Promise<Offsets | null> {
  return page.evaluate((wanted) => {
    const frame = document.querySelector('[data-page-frame] [data-part=cell]')?.getBoundingClientRect();
    const runs = [...document.querySelectorAll('[data-page-frame] [data-start]')];
    const texts = runs.filter((run) => run.textContent?.trim() === wanted).map((run) => run.getBoundingClientRect());
    if (frame === undefined || texts.length === 0) return null;
    const middle = (box: DOMRect): [number, number] => [box.x + box.width / 2, box.y + box.height / 2];
    const [x, y] = middle(frame);
    const offs = texts.map((text) => Math.hypot(middle(text)[0] - x, middle(text)[1] - y));
    const nearest = texts[offs.indexOf(Math.min(...offs))] as DOMRect;
    return { off: Math.min(...offs), wider: Math.min(frame.width - nearest.width, frame.height - nearest.height) };
  }, figure);
}

async function expectFramed(figure: string): Promise<void> {
  await find(page, '[data-page-frame] [data-part=cell]');
  const around = await frameAround(figure);
  expect(around?.off).toBeLessThan(3);
  expect(around?.wider).toBeGreaterThanOrEqual(0);
}

describe('a figure in a table', () => {
  test('answers with its scale, and is framed with its label and column head on the strip and the page', async () => {
    await ask(page, 'What was the revenue in 2025?');
    expect(await firstSlip(page)).toContain('31,200 thousand crowns');
    const strip = await page.$$eval('[data-slip]:first-of-type [data-connect=strip] svg', (svgs) =>
      svgs.map((svg) => svg.querySelectorAll('[data-part=cell], line').length),
    );
    expect(strip.length).toBeGreaterThan(0);
    await expectFramed('31,200');
    expect(await page.$$eval('[data-page-frame] [data-part=leader]', (lines) => lines.length)).toBe(2);
  });

  test('stays framed at every size and turned', async () => {
    for (const key of ['+', '+', '-', '-', '-', '0', 't', '+', 't', 't', 't', '0']) {
      await page.keyboard.press(key as '+');
      await new Promise((resolve) => setTimeout(resolve, 250));
      await expectFramed('31,200');
    }
  });

  test('on a turned page of the file is framed too', async () => {
    await ask(page, 'What was the profit for the year 2022?');
    expect(await firstSlip(page)).toContain('1,502 thousand crowns');
    await expectFramed('1,502');
  });
});

describe('a reload while documents are looked through for tables', () => {
  test('goes on with it, and a figure is framed as before', async () => {
    const other = await openDemo();
    await other.page.reload({ waitUntil: 'domcontentloaded' });
    await tablesFound(other.page, DEMO.length);
    await ask(other.page, 'What was the revenue in 2025?');
    expect(await firstSlip(other.page)).toContain('31,200 thousand crowns');
    await find(other.page, '[data-page-frame] [data-part=cell]');
    await other.close();
  }, 180_000);
});

describe('looking at a page', () => {
  test('what was read is laid over it, and told in words', async () => {
    await page.keyboard.press('r');
    await find(page, '[aria-label="What was read"] [data-role=table]');
    const roles = await page.$$eval('[aria-label="What was read"] [data-role]', (parts) =>
      parts.map((part) => part.getAttribute('data-role')),
    );
    expect(new Set(roles)).toEqual(new Set(['body', 'head', 'table']));
    const tally = await (await find(page, '[aria-label="Tally of the page"]')).evaluate((part) => part.textContent);
    expect(tally).toMatch(/What was read: \d+ words · \d+ lines/);
    await page.keyboard.press('r');
    expect(await page.$('[aria-label="What was read"]')).toBeNull();
  });

  test('a ruler lies along the row pointed at', async () => {
    await page.keyboard.press('l');
    const cell = await page.$eval(
      '[data-page-frame] [data-part=cell]',
      (part) => part.getBoundingClientRect().toJSON() as DOMRect,
    );
    await page.mouse.move(cell.x + cell.width / 2, cell.y + cell.height / 2);
    const ruler = await find(page, '[data-part=ruler]');
    const rules = await ruler.$$eval('line', (lines) => lines.map((line) => line.getBoundingClientRect().y));
    expect(Math.abs((rules[0] as number) + (rules[1] as number) - 2 * (cell.y + cell.height / 2))).toBeLessThan(8);
    await page.keyboard.press('l');
  });

  test('the outline goes to a heading', async () => {
    await page.keyboard.press('o');
    await (await find(page, '[aria-label=Headings] ::-p-text(Balance sheet)')).click();
    await page.waitForFunction(() => document.querySelector<HTMLInputElement>('input[name=page]')?.value === 'F-3');
    expect(await page.$('[role=dialog]')).toBeNull();
  });
});

describe('finding words', () => {
  test('lists every place, document by document, and shows the one chosen on its page', async () => {
    await page.keyboard.press('/');
    await page.keyboard.type('Passenger  Certificate');
    await page.keyboard.press('Enter');
    await find(page, '[role=status] ::-p-text(6 places in 2 documents)');
    await page.focus('[data-claim="found/5"]');
    await page.waitForFunction(() => document.querySelector<HTMLInputElement>('input[name=page]')?.value === '3');
    const marked = await find(page, '[data-page-frame] [data-connect=quote]');
    expect(await marked.isIntersectingViewport()).toBe(true);
  });

  test('near each other finds other orders, here only in the open document', async () => {
    await page.select('[aria-label="How the words stand"]', 'near');
    await (await find(page, 'textarea')).click({ count: 3 });
    await page.keyboard.type('certificate valid months');
    await page.keyboard.press('Enter');
    await find(page, '[role=status] ::-p-text(in 1 document)');
    await (await find(page, 'textarea')).click({ count: 3 });
    await page.keyboard.type('certificate zeppelin');
    await page.keyboard.press('Enter');
    await find(page, '[data-slips] ::-p-text(stands nowhere)');
    await page.keyboard.press('Escape');
  });
});
