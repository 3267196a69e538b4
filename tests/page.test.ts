import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { barriers, barriersInBoth } from './support/axe';
import { allRead, ask, DEMO, find, firstSlip, press } from './support/desk';
import { openDesk, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDesk();
  ({ page } = opened);
}, 90_000);

afterAll(() => opened.close());

async function both(): Promise<void> {
  expect(await barriersInBoth(page)).toEqual([]);
}

/** Selects words on the open page with the mouse's means: a range of the text layer. */
async function select(words: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => document.querySelector('[data-page-frame]')?.textContent?.includes(wanted),
    {},
    words,
  );
  await page.evaluate((wanted) => {
    const runs = [...document.querySelectorAll<HTMLElement>('[data-page-frame] [data-start]')];
    const run = runs.find((one) => one.textContent?.includes(wanted));
    const node = run?.firstChild;
    if (node == null) throw new Error(`“${wanted}” is not in one run of the page.`);
    const from = node.textContent?.indexOf(wanted) ?? 0;
    getSelection()?.setBaseAndExtent(node, from, node, from + wanted.length);
  }, words);
  await find(page, '[role=toolbar][aria-label="Selected text"]');
}

/** Presses what is offered for the selected text. */
async function offered(name: string): Promise<void> {
  await (await find(page, `[role=toolbar] ::-p-text(${name})`)).click();
}

describe('the desk', () => {
  test('has no barrier when it is empty, light and dark', both);

  test('has none with an answer, a declined question and a checked quote', async () => {
    await press(page, 'Open the demo dossier');
    await allRead(page, DEMO.length);
    await ask(page, 'What is the fine for carrying passengers without a certificate?');
    await ask(page, 'How many parking places must the Operator provide?');
    expect(await firstSlip(page)).toMatch(/Not in these documents.*nearest/);
    await both();
  }, 120_000);

  test('says where a pasted quote stands, and what was changed in it', async () => {
    await (await find(page, '::-p-aria([name="Check a quote"][role="tab"])')).click();
    await page.click('textarea');
    await page.keyboard.type(
      'the Operator shall pay to the Board, within forty days of the end of each Service Quarter',
    );
    await page.keyboard.press('Enter');
    await find(page, '[aria-label="checked: altered"]');
    const slip = await page.$eval('article', (article) => article.innerText);
    expect(slip).toMatch(/page: thirty · quote: forty · figure/);
    await both();
  });

  test('takes the page said by its label, and tells a page that is not there', async () => {
    await page.select('select', await page.$eval('select option:nth-child(2)', (option) => option.value));
    await page.type('[aria-label="Page it is said to be on"]', 'xcix');
    await page.click('textarea');
    await page.keyboard.type('shall run every Scheduled Sailing shown in Schedule 3');
    await page.keyboard.press('Enter');
    await find(page, '::-p-text(has no page “xcix”)');
    await press(page, 'Dismiss');
  });
});

describe('the newer parts of the desk', () => {
  test('have no barrier: a careless answer, bearings, connected models, dossiers', async () => {
    await (await find(page, '::-p-aria([name="Ask"][role="tab"])')).click();
    await page.click('textarea', { count: 3 });
    await page.keyboard.press('Backspace');
    await page.select('select[aria-label="Answered by"]', 'practice: careless');
    await ask(page, 'Which certificates must the master of a vessel hold?');
    await find(page, '[data-slip]:first-of-type [data-key=mend], [data-slip]:first-of-type [data-key=keep]');
    await both();
    await page.select('select[aria-label="Answered by"]', '#settings');
    await find(page, '[role=dialog] form');
    expect(await barriers(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await page.select('select[aria-label="Answered by"]', 'built-in reader');
    await press(page, 'Dossiers');
    await find(page, '[role=dialog] [aria-label=Dossiers]');
    expect(await barriers(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await (await find(page, '::-p-aria([name="Bearings"][role="tab"])')).click();
    await find(page, '[aria-label=Summary]');
    await both();
    await (await find(page, '[aria-label="What lies on this leaf"] ::-p-text(Slips)')).click();
  }, 60_000);
});

describe('text selected on a page', () => {
  test('is kept as a finding, checked like any quote', async () => {
    await (await find(page, '[title="Open Concession agreement"]')).click();
    await page.focus('[aria-label="Go to page, by label or number"]');
    await page.keyboard.press('g');
    await page.$eval('[aria-label="Go to page, by label or number"]', (field) => (field as HTMLInputElement).select());
    await page.keyboard.type('1');
    await page.keyboard.press('Enter');
    await select('following words');
    await offered('Keep');
    await find(page, '::-p-text(The passage was kept as a finding.)');
    await press(page, 'Dismiss');
  });

  test('is offered to be asked about, to have its like found, and to be checked', async () => {
    await select('following words');
    await offered('Ask about this');
    await find(page, 'form ::-p-text(“following words”)');
    await ask(page, 'What do they mean?');
    await find(page, '[data-slip]:first-of-type ::-p-text(“following words”)');
    await select('following words');
    await offered('Find its like');
    await find(page, '::-p-text(Nothing in the documents looked at says the like.)');
    await (await find(page, '[aria-label="What lies on this leaf"] ::-p-text(Slips)')).click();
    await select('following words');
    await offered('Check');
    expect(await page.$eval('textarea', (field) => field.value)).toBe('following words');
    expect(
      await page.$eval('[aria-label="Page it is said to be on"]', (field) => (field as HTMLInputElement).value),
    ).toBe('1');
  });
});

test('the review has no barrier, takes a note and withdraws a finding', async () => {
  await (await find(page, 'nav a[href="/review"]')).click();
  await find(page, '[aria-label="Findings"] article');
  await both();
  await page.type('[aria-label="Note on this finding"]', 'shown to the council');
  await page.keyboard.press('Enter');
  // What was typed is an entry of the history once it is stored; a reload before that may lose it.
  await find(page, '[aria-label="Findings"] ::-p-text(History: 2 entries)');
  await page.reload({ waitUntil: 'networkidle0' });
  await find(page, '[aria-label="Findings"] article');
  expect(await page.$eval('[aria-label="Note on this finding"]', (field) => (field as HTMLInputElement).value)).toBe(
    'shown to the council',
  );
  await press(page, 'Withdraw');
  await find(page, '::-p-text(Nothing is kept yet)');
});

test('pages may not reach another origin', async () => {
  const response = await page.goto(opened.server.url);
  expect(response?.headers()['content-security-policy']).toMatch(/default-src 'self'.*frame-ancestors 'none'/);
});
