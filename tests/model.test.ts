import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Page } from 'puppeteer-core';
import { ask, choose, find, firstSlip, press } from './support/desk';
import { openDemo, type Opened } from './support/open';

let opened: Opened;
let page: Page;

beforeAll(async () => {
  opened = await openDemo();
  ({ page } = opened);
}, 150_000);

afterAll(() => opened.close());

async function answeredBy(reader: string): Promise<void> {
  await page.waitForSelector(`option[value="${reader}"]`);
  await page.select('select[aria-label="Answered by"]', reader);
}

/** Asks and waits until the answer has come in whole. */
async function askWhole(question: string): Promise<void> {
  await ask(page, question);
  await page.waitForFunction(() => !document.querySelector('[data-slip]')?.textContent?.includes('answering …'), {
    timeout: 30_000,
  });
}

const fromMenu = async (entry: string): Promise<void> => {
  await choose(page, 'More for this slip', entry);
};

describe('a connected model', () => {
  test('that is careless is seen through, claim by claim', async () => {
    await answeredBy('practice: careless');
    await askWhole('What must the Operator pay for each Scheduled Sailing not performed?');
    expect(await firstSlip(page)).toMatch(/stand-in that ships with the application/);
    const marks = await page.$$eval('[data-slip] [aria-label^="checked: "]', (glyphs) =>
      glyphs.map((one) => one.getAttribute('aria-label')),
    );
    expect(marks.filter((mark) => mark === 'checked: exact')).toHaveLength(1);
    expect(marks.length).toBeGreaterThan(2);
    // What is not carried offers no keeping.
    const claims = await page.$$eval('[data-slip]:first-of-type [data-claim]', (all) =>
      all.map((one) => ({
        bad: one.textContent?.includes('Not carried') ?? false,
        keeps: one.querySelector('[data-key=keep]') !== null,
      })),
    );
    for (const claim of claims) expect(claim.keeps).toBe(!claim.bad);
  });

  test('is mended in one action and kept', async () => {
    const key = await page.$eval('[data-slip] [data-claim]:has([data-key=mend])', (claim) =>
      claim.getAttribute('data-claim'),
    );
    await (await find(page, `[data-claim="${key}"] [data-key=mend]`)).click();
    await find(page, `[data-claim="${key}"] [aria-label="checked: exact"]`);
    expect(await page.$eval(`[data-claim="${key}"]`, (claim) => claim.textContent)).toMatch(
      /Mended by the page; it said:/,
    );
    await (await find(page, `[data-claim="${key}"] [data-key=keep]`)).click();
    await find(page, `[data-claim="${key}"] ::-p-text(Kept)`);
  });

  test('is laid beside another reader’s answer', async () => {
    await fromMenu('Second opinion: built-in reader');
    const told = await (
      await find(page, '[data-slip] [aria-label="Second opinion"] table')
    ).evaluate((table) => (table as HTMLElement).innerText);
    expect(told).toMatch(/A second opinion (?:agrees|differs)/);
    expect(told).toMatch(/figures\s+both: /);
    expect(told).toMatch(/places\s+both: /);
  });

  test('that fails is told in one sentence, and the built-in answer is offered', async () => {
    await answeredBy('practice: failing');
    await askWhole('Which documents must be kept on board?');
    expect(await firstSlip(page)).toMatch(/“practice: failing” .*(?:take the built-in answer)/);
    await press(page, 'Take the built-in answer');
    await page.waitForFunction(
      () => document.querySelector('[data-slip]')?.textContent?.includes('built-in answer') === false,
    );
    await find(page, '[data-slip]:first-of-type [aria-label="checked: exact"]');
  });

  test('that is slow is stopped; what had arrived stays', async () => {
    await answeredBy('practice: slow');
    await page.click('textarea');
    await page.keyboard.type('What is the term of the concession?');
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      () => {
        const [slip] = document.querySelectorAll('[data-slip]');
        return (
          slip?.textContent?.includes('term of the concession') === true && slip.querySelector('[data-claim]') !== null
        );
      },
      { timeout: 20_000 },
    );
    await press(page, 'Stop');
    await page.waitForFunction(() => document.querySelector('[data-slip]')?.textContent?.includes('Stopped before'));
    expect(await page.$$('[data-slip]:first-of-type [data-claim]')).not.toHaveLength(0);
  }, 60_000);

  test('can be added on loopback, tried, asked and removed', async () => {
    await answeredBy('#settings');
    await find(page, '[role=dialog] form[aria-label="Add a connected model"]');
    const fill = async (name: string, value: string): Promise<void> => {
      await page.click(`[role=dialog] input[name=${name}]`, { count: 3 });
      await page.keyboard.type(value);
    };
    await fill('name', 'Harbour desk');
    await fill('address', 'ftp://nowhere');
    await fill('model', 'careful');
    await press(page, 'Try it');
    await find(page, '::-p-text(Give the whole address)');
    await fill('address', `${opened.server.url}/api/practice/v1`);
    await press(page, 'Try it');
    await find(page, '::-p-text(It answered, in the form that is needed)');
    await press(page, 'Add');
    await find(page, '[aria-label="Models added here"] ::-p-text(Harbour desk)');
    await page.keyboard.press('Escape');
    await find(page, '::-p-text(Questions and passages go to Harbour desk)');
    await askWhole('How much was the revenue in 2025?');
    expect(await firstSlip(page)).toMatch(
      /Answered by Harbour desk: \d+ passages sent to Harbour desk, [\d,]+ tokens out/,
    );
  }, 60_000);
});

describe('a thread', () => {
  test('a follow-up is made whole, shown, and can be corrected', async () => {
    await answeredBy('built-in reader');
    await ask(page, 'What was the revenue in 2025?');
    await (await find(page, '[data-slip]:first-of-type [data-key=follow]')).click();
    await page.keyboard.type('and the year before?');
    await find(page, '::-p-text(What was the revenue in 2024?)');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelector('[data-slip] h2')?.textContent === 'and the year before?');
    expect(await firstSlip(page)).toMatch(/On What was the revenue in 2025\? Asked as: What was the revenue in 2024\?/);
    await press(page, 'Correct');
    await page.keyboard.down('Control');
    await page.keyboard.press('a');
    await page.keyboard.up('Control');
    await page.keyboard.type('How many passengers were carried in 2024?');
    await page.keyboard.press('Enter');
    await find(page, '[data-slip]:first-of-type ::-p-text(3.18 million)');
  });

  test('slips fold, are pinned and filtered', async () => {
    const count = await page.$$eval('[data-slip]', (slips) => slips.length);
    await (await find(page, '[data-slip]:first-of-type h2 button')).click();
    await find(page, '[data-slip]:first-of-type h2 button[aria-expanded=false]');
    expect(await page.$$('[data-slip]:first-of-type [data-claim]')).toHaveLength(0);
    await page.type('[aria-label="Filter the slips"]', 'kept on board');
    await page.waitForFunction(() => document.querySelectorAll('[data-slip]').length === 1);
    await fromMenu('Pin to the top');
    await find(page, '[data-slip] ::-p-text(pinned)');
    await page.click('[aria-label="Filter the slips"]', { count: 3 });
    await page.keyboard.press('Backspace');
    await page.waitForFunction((all) => document.querySelectorAll('[data-slip]').length === all, {}, count);
    expect(await firstSlip(page)).toMatch(/^Which documents must be kept on board/);
  });
});

describe('bearings', () => {
  test('say what the document is; each sentence stands on its page', async () => {
    await (await find(page, '::-p-aria([name="Bearings"][role="tab"])')).click();
    const panel = await find(page, '[aria-label="Bearings of Concession agreement"], [aria-label^="Bearings of"]');
    expect(await panel.evaluate((one) => (one as HTMLElement).innerText)).toMatch(
      /Title[\s\S]*Kind[\s\S]*Parties[\s\S]*Summary/,
    );
    const marks = await page.$$eval('[aria-label=Summary] [aria-label^="checked: "]', (all) =>
      all.map((one) => one.getAttribute('aria-label')),
    );
    expect(marks.length).toBeGreaterThanOrEqual(4);
    expect(new Set(marks)).toEqual(new Set(['checked: exact']));
  });

  test('are made anew at another length, and a fact is corrected by hand', async () => {
    await page.focus('[aria-label=Summary] [aria-label=Sentences]');
    await page.keyboard.type('2');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelectorAll('[aria-label=Summary] li').length === 2);
    await press(page, 'Edit: Date');
    await page.keyboard.type('2026-03-01');
    await page.keyboard.press('Enter');
    await find(page, '::-p-text(by hand)');
  });
});
