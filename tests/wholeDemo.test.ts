import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { ask, find, press } from './support/desk';
import { openDesk, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDesk();
  ({ page } = opened);
}, 90_000);

afterAll(() => opened.close());

/** Waits until the first slip says something; it is asked again while documents are still read. */
async function slipSays(text: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => document.querySelector('[data-slip]')?.textContent?.includes(wanted) ?? false,
    { timeout: 90_000 },
    text,
  );
}

test('the whole demo dossier opens, a value of the survey is found, and the leases stand in their folder', async () => {
  await press(page, 'Open all 21 of its documents');
  await page.waitForFunction(() => document.querySelectorAll('[aria-label=Shelf] li').length === 21, {
    timeout: 60_000,
  });
  await ask(page, 'How much oil does the port engine of Kittiwake use a day?');
  await slipSays('1.9 litre');
  await (await find(page, '::-p-text(All 21)')).click();
  await (await find(page, '[placeholder="Filter by name or folder"]')).click();
  await page.keyboard.type('berth leases');
  await page.waitForFunction(() => document.body.innerText.includes('Lease Carrick Slip 12'), { timeout: 20_000 });
  expect(await page.$$('[data-slip]')).toHaveLength(1);
}, 180_000);
