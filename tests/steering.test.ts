import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { ask, find, firstSlip, press } from './support/desk';
import { barriers } from './support/axe';
import { openDemoWithTables, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDemoWithTables();
  ({ page } = opened);
}, 150_000);

afterAll(() => opened.close());

async function openSettings(part: string): Promise<void> {
  await page.select('select[aria-label="Answered by"]', '#reading');
  await (await find(page, `::-p-aria([name="${part}"][role="tab"])`)).click();
}

const firstSays = (words: string): Promise<unknown> =>
  page.waitForFunction(
    (wanted) => document.querySelector('[data-slip]')?.textContent?.includes(wanted) ?? false,
    { timeout: 20_000 },
    words,
  );

describe('where alone to look', () => {
  test('pages and a section limit a question, and the slip says so', async () => {
    await press(page, 'Only in …');
    await page.type('[aria-label="Only in this section"]', 'Force of Weather');
    await ask(page, 'What is the penalty for smuggling?');
    expect(await firstSlip(page)).toContain('Asked only of “Force of Weather”');
    expect(await firstSlip(page)).toContain('Not in these documents');
    await press(page, 'Everywhere');
    await page.type('[aria-label="Only on these pages"]', '900');
    await ask(page, 'What is the revenue?');
    expect(await firstSlip(page)).toContain('Not in these documents');
    await press(page, 'Everywhere');
    await press(page, 'Only in …');
  }, 60_000);

  test('a page that is named and missing is told', async () => {
    await ask(page, 'What is on page 400 of the Concession agreement?');
    expect(await firstSlip(page)).toContain('Page 400: “Concession agreement” has 31 pages');
  });
});

describe('a claim asked about', () => {
  test('is the subject of the next question, answered by its clause', async () => {
    await ask(
      page,
      'What must the Operator pay for each Scheduled Sailing not performed, under the Concession agreement?',
    );
    await (await find(page, '[data-slip]:first-of-type [data-claim]')).focus();
    await press(page, 'Ask about it');
    await ask(page, 'Within how many days must that be paid?');
    await firstSays('thirty days');
    expect(await firstSlip(page)).toContain('About “');
  }, 60_000);
});

describe('how questions are read', () => {
  test('own words, kept with the dossier, lead to what no list knows', async () => {
    const other = await opened.browser.newPage(opened.server.url);
    await find(other, 'textarea');
    await page.bringToFront();
    await ask(page, 'How much is the flumgeld?');
    expect(await firstSlip(page)).toContain('Not in these documents');
    await openSettings('Words');
    await page.type('[aria-label="This dossier’s own groups of words"]', 'flumgeld, performance bond');
    await press(page, 'Use these');
    await find(page, '[data-slip]:first-of-type ::-p-text(Asked with other settings)');
    await (await find(page, '[data-slip]:first-of-type ::-p-aria([name="Ask again"][role="button"])')).click();
    await firstSays('900,000 crowns');
    // The other tab reads questions so from now on too.
    await other.bringToFront();
    await ask(other, 'What sum has the flumgeld?');
    expect(await firstSlip(other)).toContain('900,000 crowns');
    await other.close();
    await page.bringToFront();
    await page.reload({ waitUntil: 'networkidle0' });
    await openSettings('Words');
    expect(await page.$eval('[aria-label="This dossier’s own groups of words"]', (field) => (field as HTMLTextAreaElement).value)).toBe('flumgeld, performance bond'); // prettier-ignore
  }, 90_000);

  test('instructions are told as understood while they are typed, and on each answer', async () => {
    await (await find(page, '::-p-aria([name="Instructions"][role="tab"])')).click();
    await page.type('[aria-label="Standing instructions"]', 'Amounts in thousands\nAnswer in Norse');
    await find(page, '[role=dialog] ::-p-text(Not honoured)');
    expect(await barriers(page)).toEqual([]);
    await press(page, 'Use these');
    await ask(page, 'How much is the performance bond?');
    await firstSays('900 thousand crowns');
    await firstSays('Not honoured: Answer in Norse');
  }, 60_000);

  test('shorter passages index the documents anew, and they still answer', async () => {
    await openSettings('Search');
    await page.$eval('[aria-label="Words of a passage"]', (field) => (field as HTMLInputElement).select());
    await page.type('[aria-label="Words of a passage"]', '60');
    await press(page, 'Use these');
    await ask(page, 'When does the Term end?');
    await firstSays('31 March 2027');
    await ask(page, 'What needs care in this contract?');
    await firstSays('Governing law');
  }, 90_000);

  test('a file that is no settings is refused with a sentence, and nothing changes', async () => {
    await openSettings('Search');
    const file = await page.$('[aria-label="Settings file"]');
    await (file as unknown as { uploadFile(path: string): Promise<void> }).uploadFile('package.json');
    await find(page, '[role=dialog] ::-p-text(These settings were not taken)');
    expect(await page.$eval('[aria-label="Words of a passage"]', (field) => (field as HTMLInputElement).value)).toBe(
      '60',
    );
    await page.keyboard.press('Escape');
  });
});

test('a message that asks for a summary gets one of that length', async () => {
  await ask(page, 'Summarise the Concession agreement in two sentences').catch(() => undefined);
  await firstSays('in 2 sentences');
  expect(await page.$$('[data-slip]:first-of-type [data-claim]')).toHaveLength(2);
}, 60_000);
