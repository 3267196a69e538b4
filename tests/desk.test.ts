import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { choose, ask, find, firstSlip, press, spines } from './support/desk';
import { openDemo, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDemo();
  ({ page } = opened);
}, 120_000);

afterAll(() => opened.close());

const slips = (): Promise<string[]> =>
  page.$$eval('[data-slip] h2', (headings) => headings.map((heading) => heading.textContent ?? ''));

/** Presses an entry of a spine's menu. */
describe('slips', () => {
  test('are one a question when a message holds several, newest first', async () => {
    await page.click('textarea');
    await page.keyboard.type('Who is the auditor? How long is a passenger certificate valid?');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelectorAll('[data-slip]').length === 2);
    expect(await slips()).toEqual(['How long is a passenger certificate valid?', 'Who is the auditor?']);
  });

  test('say what was searched for, and show the passages they were drawn from', async () => {
    expect(await firstSlip(page)).toContain('searched “');
    await press(page, 'Passages');
    await find(page, '[aria-label="Nearest passages"] li');
  });

  test('are copied with their citations', async () => {
    // The clipboard of a browser without a window is not to be relied on; what would be put there is caught before it.
    await page.evaluate(() => {
      const caught = { text: '' };
      Object.assign(globalThis, { caught });
      const writeText = (text: string): Promise<void> => {
        caught.text = text;
        return Promise.resolve();
      };
      Object.defineProperty(navigator, 'clipboard', { value: { writeText }, configurable: true });
    });
    await press(page, 'Copy');
    await page.waitForFunction(() => (globalThis as unknown as { caught: { text: string } }).caught.text !== '');
    const copied = await page.evaluate(() => (globalThis as unknown as { caught: { text: string } }).caught.text);
    expect(copied).toMatch(/^How long is a passenger certificate valid\?/);
    expect(copied).toMatch(/Passenger vessel safety regulation, p\. \d+ \(page \d+ of the file\).*\[exact\]/);
  });

  test('keep their place when asked again, and go when deleted', async () => {
    await choose(page, 'More for this slip', 'Ask again');
    expect(await slips()).toHaveLength(2);
    await (await find(page, '[data-slip]:last-of-type [aria-label="More for this slip"]')).click();
    await (await find(page, '::-p-aria([name="Delete"][role="menuitem"])')).click();
    await page.waitForFunction(() => document.querySelectorAll('[data-slip]').length === 1);
    expect(await slips()).toEqual(['How long is a passenger certificate valid?']);
  });
});

describe('the shelf', () => {
  test('chooses which documents are asked', async () => {
    await (await find(page, '[aria-label="Ask Passenger vessel safety regulation"]')).click();
    await page.waitForFunction(() => document.querySelector('textarea')?.placeholder.includes('2 documents'));
    await ask(page, 'What is the smallest metacentric height?');
    expect(await firstSlip(page)).toMatch(/Not in these documents/);
    await (await find(page, '[aria-label="Ask Passenger vessel safety regulation"]')).click();
    await page.waitForFunction(() => document.querySelector('textarea')?.placeholder.includes('3 documents'));
    await choose(page, 'More for this slip', 'Ask again');
    await page.waitForFunction(() =>
      document.querySelector('[data-slip]')?.textContent?.includes('Passenger vessel safety regulation, p.'),
    );
    await find(page, '[data-slip]:first-of-type [aria-label*="0.35 metres"]');
  });

  test('tells in a sentence what was read', async () => {
    await choose(page, 'More for Annual filing 2025', 'What was read');
    await find(page, '::-p-text(40 of 40 pages read)');
    await press(page, 'Dismiss');
  });

  test('renames a document and the dossier', async () => {
    await choose(page, 'More for Annual filing 2025', 'Rename');
    await page.$eval('[role=dialog] input', (field) => field.select());
    await page.keyboard.type('The filing of the operator');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() =>
      document.querySelector('[aria-label=Shelf]')?.textContent?.includes('The filing of the operator'),
    );
    expect((await spines(page))[1]).toContain('The filing of the operator');
    await press(page, 'Dossiers');
    await choose(page, 'More for Ferry concession', 'Rename');
    await find(page, '[role=dialog] input[aria-label=Name]');
    await page.$eval('[role=dialog] input', (field) => field.select());
    await page.keyboard.type('Renewal 2026');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelector('h1')?.textContent === 'Renewal 2026');
    await page.keyboard.press('Escape');
  });

  test('asks before a document goes that findings quote, and keeps their quotes when told to', async () => {
    await page.focus('[data-claim]');
    await press(page, 'Keep');
    await find(page, '::-p-text(Kept)');
    await choose(page, 'More for Passenger vessel safety regulation', 'Remove');
    await find(page, '::-p-text(One finding quotes it.)');
    await press(page, 'Remove, keep the quotes');
    await page.waitForFunction(() => document.querySelectorAll('[aria-label=Shelf] li').length === 2);
    await (await find(page, 'nav a[href="/review"]')).click();
    await find(page, '::-p-text(document removed: Passenger vessel safety regulation)');
    await find(page, '[aria-label="Findings"] blockquote');
  });
});
