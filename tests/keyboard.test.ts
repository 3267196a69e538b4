import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { allRead, DEMO, find, press } from './support/desk';
import { openDesk, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDesk();
  ({ page } = opened);
}, 90_000);

afterAll(() => opened.close());

/** Waits for a button and presses Tab until the focus is on it. */
async function tabTo(name: string): Promise<void> {
  await find(page, `::-p-aria([name="${name}"][role="button"])`);
  for (let count = 0; count < 60; count += 1) {
    await page.keyboard.press('Tab');
    // Between the last stop and the first the focus is on the body, whose text holds the names of all.
    const here = await page.evaluate(() => document.activeElement?.closest('button')?.textContent);
    if (here === name) return;
  }
  throw new Error(`No stop of the Tab key is named “${name}”.`);
}

describe('by keyboard alone', () => {
  test('from the empty desk to a kept finding', async () => {
    await tabTo('Open the demo dossier');
    await page.keyboard.press('Enter');
    await allRead(page, DEMO.length);
    await page.keyboard.press('q');
    await page.keyboard.type('What must the Operator pay for each Scheduled Sailing not performed?');
    await page.keyboard.press('Enter');
    await find(page, '[data-claim]:focus');
    await page.keyboard.press('k');
    await find(page, '::-p-text(Kept)');
    await find(page, 'nav a[href="/review"] span');
  }, 120_000);

  test('to the next claim and back, its page beside it', async () => {
    await page.keyboard.press('q');
    await page.keyboard.type('When does the agreement end?');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelectorAll('[data-slip]').length === 2);
    await find(page, '[data-claim]:focus');
    const key = (): Promise<string | null> =>
      page.$eval('[data-claim]:focus', (claim) => claim.getAttribute('data-claim'));
    const first = await key();
    await page.keyboard.press('ArrowDown');
    const second = await key();
    await page.keyboard.press('ArrowUp');
    expect(await key()).toBe(first);
    expect(second).not.toBe(first);
    await find(page, '[data-page-frame] [data-connect=quote]');
  });

  test('through the pages, and to one by its label', async () => {
    const shown = (): Promise<string | null> =>
      page.$eval('section[aria-label^="Page "]', (leaf) => leaf.getAttribute('aria-label'));
    const before = await shown();
    await page.keyboard.press('ArrowRight');
    await page.waitForFunction(
      (old) => document.querySelector('section[aria-label^="Page "]')?.getAttribute('aria-label') !== old,
      {},
      before,
    );
    // The field takes the page's label once the page is there.
    await find(page, '[data-page-frame] canvas');
    await page.keyboard.press('g');
    await page.keyboard.type('ii');
    await page.keyboard.press('Enter');
    await find(page, '[aria-label^="Page 2 of"]');
    await page.keyboard.press('g');
    await page.keyboard.type('999');
    await page.keyboard.press('Enter');
    await find(page, '::-p-text(has no page “999”)');
    await press(page, 'Dismiss');
  });

  test('larger and smaller, and back to the width', async () => {
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    const width = (): Promise<number> =>
      page.$eval('[data-page-frame] canvas', (canvas) => canvas.getBoundingClientRect().width);
    const fit = await width();
    await page.keyboard.press('+');
    await page.waitForFunction(
      (old) => (document.querySelector('[data-page-frame] canvas')?.getBoundingClientRect().width ?? 0) > old,
      {},
      fit,
    );
    await page.keyboard.press('0');
    await page.waitForFunction(
      (old) => document.querySelector('[data-page-frame] canvas')?.getBoundingClientRect().width === old,
      {},
      fit,
    );
  });

  test('the keys are listed', async () => {
    await page.keyboard.press('?');
    expect(await page.$eval('[role=dialog]', (dialog) => dialog.textContent)).toMatch(/keep what is chosen/);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
  });
});
