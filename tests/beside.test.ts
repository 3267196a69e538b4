import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { find } from './support/desk';
import { openDemoWithTables, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDemoWithTables();
  ({ page } = opened);
}, 180_000);

afterAll(() => opened.close());

/** What lies on the leaves, left to right: each page's label. */
function leaves(): Promise<(string | null)[]> {
  return page.$$eval('[data-leaf]', (parts) => parts.map((part) => part.getAttribute('aria-label')));
}

async function leavesBecome(expected: readonly string[]): Promise<void> {
  await page.waitForFunction(
    (wanted) =>
      [...document.querySelectorAll('[data-leaf]')].map((part) => part.getAttribute('aria-label')).join('|') === wanted,
    { timeout: 20_000 },
    expected.join('|'),
  );
  expect(await leaves()).toEqual(expected);
}

async function openDocument(name: string): Promise<void> {
  await (
    await find(page, `[aria-label=Shelf] button[title^="Open “${name}"], [aria-label=Shelf] ::-p-text(${name})`)
  ).click();
}

/** Selects on a page from the first character of one run of text to the end of another, the nth of its kind. */
async function selectFrom(from: string, to: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => document.querySelector('[data-leaf=open] [data-page-frame]')?.textContent?.includes(wanted),
    { timeout: 20_000 },
    to,
  );
  await page.evaluate(
    (first, last) => {
      const runs = [...document.querySelectorAll<HTMLElement>('[data-leaf=open] [data-start]')];
      const [start, end] = [first, last].map(
        (wanted) => runs.find((run) => run.textContent?.trim() === wanted)?.firstChild,
      );
      if (start == null || end == null) throw new Error(`“${first}” or “${last}” is no run of the page.`);
      getSelection()?.setBaseAndExtent(start, 0, end, last.length);
    },
    from,
    to,
  );
}

describe('two pages of different documents', () => {
  test('lie side by side, and each turns on its own', async () => {
    await leavesBecome(['Page 1 of Concession agreement']);
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('b');
    await leavesBecome(['Page 2 of Concession agreement', 'Page 2 of Concession agreement']);
    await openDocument('Annual filing 2025');
    await leavesBecome(['Page 2 of Concession agreement', 'Page 1 of Annual filing 2025']);
    await page.keyboard.press('ArrowRight');
    await leavesBecome(['Page 2 of Concession agreement', 'Page 2 of Annual filing 2025']);
    await page.focus('[data-leaf=beside] [data-page-frame]');
    await page.keyboard.press('ArrowRight');
    await leavesBecome(['Page 3 of Concession agreement', 'Page 2 of Annual filing 2025']);
    const drawn = await page.$$eval('[data-leaf] canvas', (canvases) => canvases.length);
    expect(drawn).toBe(2);
  });

  test('make room for a question at once', async () => {
    await page.keyboard.press('q');
    await leavesBecome(['Page 2 of Annual filing 2025']);
    await page.keyboard.type('What is due?');
    expect(await page.$eval('textarea', (field) => field.value)).toBe('What is due?');
    await page.click('textarea', { count: 3 });
    await page.keyboard.press('Backspace');
    await page.$eval('textarea', (field) => field.blur());
  });
});

describe('cells of a table', () => {
  test('are chosen as a block, and copied with labels and heads', async () => {
    await opened.browser.browser
      .defaultBrowserContext()
      .overridePermissions(opened.server.url, ['clipboard-read', 'clipboard-write', 'clipboard-sanitized-write']);
    await page.keyboard.press('/');
    await page.keyboard.type('28,680');
    await page.keyboard.press('Enter');
    await (await find(page, '[data-claim="found/0"]')).focus();
    await find(page, '[data-leaf=open] [data-connect=quote]');
    await selectFrom('31,200', '28,680');
    await page.waitForFunction(() => document.querySelectorAll('[data-part=chosen-cell]').length === 2, {
      timeout: 20_000,
    });
    await (await find(page, '[role=toolbar] ::-p-text(Copy 2 cells)')).click();
    const copied = (await page.evaluate(() => navigator.clipboard.readText()))
      .split('\n')
      .map((line) => line.split('\t'));
    expect(copied[0]?.slice(1)).toEqual([expect.stringContaining('2025'), expect.stringContaining('2024')]);
    expect(copied[1]?.slice(1)).toEqual(['31,200', '28,680']);
    expect(copied[1]?.[0]).toMatch(/Revenue/);
  });

  test('are kept as a finding that frames them', async () => {
    await (await find(page, '[role=toolbar] ::-p-text(Keep)')).click();
    await page.waitForFunction(() => document.querySelector('[aria-live=polite]')?.textContent?.includes('kept'));
    await (await find(page, 'nav ::-p-text(Review)')).click();
    const finding = await (await find(page, '[data-finding]')).evaluate((card) => card.textContent);
    expect(finding).toMatch(/31,200 thousand crowns/);
    expect(finding).toMatch(/28,680 thousand crowns/);
  });
});
