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
  await (await find(page, '[placeholder="Filter by name, kind or folder"]')).click();
  await page.keyboard.type('berth leases');
  await page.waitForFunction(() => document.body.innerText.includes('Lease Carrick Slip 12'), { timeout: 20_000 });
  expect(await page.$$('[data-slip]')).toHaveLength(1);
  await page.keyboard.press('Escape');
}, 180_000);

test('a clause that was amended is told with both sides, what is in force first', async () => {
  await ask(page, 'What must the Operator pay for each Scheduled Sailing not performed?');
  await slipSays('Amended since');
  const lines = await page.$$eval('[data-slip]:first-of-type li', (items) => items.map((item) => item.innerText));
  expect(lines[0]).toMatch(/1,600.*amended, Letter of amendment 2023, 14 September 2023/s);
  expect(lines[1]).toMatch(/1,450.*Concession agreement/s);
});

test('a change is shown with its calculation, and each part of a question with its own line', async () => {
  await ask(page, 'By how much did revenue rise from 2024 to 2025?');
  await slipSays('Up by 2,520 thousand crowns (8.8 %)');
  expect(await page.$eval('[aria-label=Calculation]', (line) => line.textContent)).toBe(
    '31,200 − 28,680 = 2,520; 2,520 ÷ 28,680 = 8.8 %',
  );
  await ask(page, 'What is the rent, the deposit and the term of the lease of South Basin 9?');
  await slipSays('11,600 crowns');
  const lines = await page.$$eval('[data-slip]:first-of-type li', (items) => items.map((item) => item.innerText));
  expect(lines).toHaveLength(3);
  expect(lines[1]).toMatch(/^2,900 crowns/);
});
