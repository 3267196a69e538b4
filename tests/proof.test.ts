import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { docxOf } from '../src/core/exchange/texts';
import { barriersInBoth } from './support/axe';
import { choose, find, press, saved } from './support/desk';
import { openDemoWithTables, type Opened } from './support/open';

const MEMO = [
  '# Memo',
  'The Concession agreement (p. 3) says “The Operator has no right to a renewal”.',
  'It adds that “The Board may extend the Term once, by not more than three years” (Concession agreement, p. 3).',
  'Fares came to 27,833 million crowns in 2025 (Annual filing 2025, p. F-8).',
].join('\n\n');

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDemoWithTables();
  page = opened.page;
}, 180_000);
afterAll(() => opened.close());

/** What the open proof's tally says. */
const tally = (): Promise<string> => page.$eval('[data-tally]', (line) => (line as HTMLElement).innerText);
/** What is told of the chosen item. */
const told = (): Promise<string> =>
  page.$eval('[aria-label="What was found"]', (panel) => (panel as HTMLElement).innerText.replace(/\s+/g, ' '));

async function waitForTally(words: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => document.querySelector<HTMLElement>('[data-tally]')?.innerText.includes(wanted),
    { timeout: 30_000 },
    words,
  );
}

describe('a text', () => {
  test('that is pasted is proofed, and its problems are gone through by key', async () => {
    await (await find(page, 'a[href="/proof"]')).click();
    const field = await find(page, '::-p-aria([name="Text to proof"])');
    await (field as ElementHandle<HTMLTextAreaElement>).evaluate((area) => area.focus());
    await page.keyboard.sendCharacter(MEMO);
    await press(page, 'Proof it');
    await waitForTally('1 of 2 quotations');
    expect(await tally()).toContain('0 of 1 figure is supported');
    await page.focus('[data-proof-text]');
    await page.keyboard.press('n');
    await page.waitForSelector('[data-page-frame] [data-connect=quote]');
    expect(await told()).toMatch(/altered.*page: two · quote: three · figure/);
    await page.keyboard.press('e');
    await find(page, '[data-explanation] dl');
    const why = await page.$eval('[data-explanation]', (panel) =>
      (panel as HTMLElement).innerText.replace(/\s+/g, ' '),
    );
    expect(why).toMatch(
      /altered\. .*by not more than three years.*by not more than two years.*Changed in what it means: figure/i,
    );
    await page.keyboard.press('Escape');
    await page.waitForSelector('[data-explanation]', { hidden: true });
    await page.focus('[data-proof-text]');
    await page.keyboard.press('n');
    await page.waitForSelector('[data-page-frame] [data-part=cell]');
    expect(await told()).toMatch(/wrong scale: stated is 27,833 thousand crowns/);
  });

  test('has no barrier where it is begun and where it lies open', async () => {
    expect(await barriersInBoth(page)).toEqual([]);
  });

  test('is mended with one key each, and kept', async () => {
    await page.keyboard.press('w');
    await waitForTally('1 of 1 figure');
    expect(await page.$eval('[data-proof-text]', (text) => (text as HTMLElement).innerText)).toContain(
      'Fares came to 27.833 million crowns in 2025',
    );
    await page.keyboard.press('n');
    await page.keyboard.press('w');
    await waitForTally('2 of 2 quotations');
    await (await find(page, '[data-item="0"]')).click();
    await page.keyboard.press('k');
    await find(page, '::-p-text(It was kept as a finding.)');
  });

  test('is handed on as a report and as an office file', async () => {
    await choose(page, 'Save the text or a report of the proof', 'Report as CSV');
    const csv = await saved(opened.browser.downloads, 'Proof of Memo.csv');
    expect(csv).toContain('The Operator has no right to a renewal');
    await choose(page, 'Save the text or a report of the proof', 'The text as an office file (DOCX)');
    expect(await saved(opened.browser.downloads, 'Memo.docx')).toMatch(/^PK/);
  });

  test('stands after a reload, and tells what became different when fewer documents are asked', async () => {
    await page.reload({ waitUntil: 'networkidle0' });
    await (await find(page, '[aria-label="Texts proofed before"] li button')).click();
    await waitForTally('2 of 2 quotations');
    await (await find(page, '[aria-label=Shelf] li:nth-child(1) input[type=checkbox]')).click();
    await press(page, 'Run again');
    await waitForTally('0 of 2 quotations');
    await find(page, '::-p-text(2 items became different since)');
    await (await find(page, '[aria-label=Shelf] li:nth-child(1) input[type=checkbox]')).click();
  });

  test('is opened from an office file; a file that is none is told in a sentence', async () => {
    await press(page, 'Another text');
    const docx = path.join(opened.browser.downloads, 'opened.docx');
    writeFileSync(docx, new Uint8Array(await (await docxOf(MEMO, 'Memo')).arrayBuffer()));
    const input = (await find(page, '[data-input=proof]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(docx);
    await waitForTally('1 of 2 quotations');
    await press(page, 'Another text');
    const broken = path.join(opened.browser.downloads, 'broken.docx');
    writeFileSync(broken, 'no office file');
    await ((await find(page, '[data-input=proof]')) as ElementHandle<HTMLInputElement>).uploadFile(broken);
    await find(page, '::-p-text(“broken.docx” could not be read as the kind of file its name says)');
  });

  test('of the sample is at hand, and a proof can be deleted', async () => {
    await press(page, 'Proof the sample memo');
    await waitForTally('against 3 documents');
    await press(page, 'Another text');
    const count = (): Promise<number> => page.$$eval('[aria-label="Texts proofed before"] li', (items) => items.length);
    const before = await count();
    await press(page, 'Delete');
    await page.waitForFunction((wanted) => document.querySelectorAll('[aria-label="Texts proofed before"] li').length === wanted, {}, before - 1); // prettier-ignore
    expect(await count()).toBe(before - 1);
  });
});
