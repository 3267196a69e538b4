import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { openBrowser, type OpenBrowser } from './support/browser';
import { allRead, ask, bringIn, choose, DEMO, find, firstSlip, press, saved, spines } from './support/desk';
import { addPage, makePdf } from './support/pdf';
import { startServer, type RunningServer } from './support/server';

let server: RunningServer;
let browser: OpenBrowser;
let page: Page;
const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-walk-'));
const lease = path.join(folder, 'Berth lease.pdf');

beforeAll(async () => {
  const lines = [
    { text: '1 Rent', y: 120, bold: true },
    { text: '1.1 The rent of berth nine is 3,200 crowns a year, payable on the first day of May.', y: 140 },
  ];
  writeFileSync(lease, await makePdf((doc) => addPage(doc, lines)));
  server = await startServer();
  browser = await openBrowser();
  page = await browser.newPage(server.url);
}, 90_000);

afterAll(async () => {
  await browser.close();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('from the empty desk to a file of findings', () => {
  test('one click opens the demo dossier and reads it', async () => {
    await press(page, 'Open the demo dossier');
    await allRead(page, DEMO.length);
    const told = await spines(page);
    for (const name of DEMO) expect(told.some((spine) => spine.startsWith(name))).toBe(true);
  }, 120_000);

  test('a question is answered with a quote that was found on its page', async () => {
    await ask(page, 'How many bicycles shall the racks of each Vessel hold?');
    expect(await firstSlip(page)).toMatch(/Concession agreement, p\. \d+/);
    await find(page, '[data-slip] [aria-label="checked: exact"]');
  });

  test('the page beside it brackets the quote', async () => {
    await page.focus('[data-claim]');
    await find(page, '[data-page-frame] [data-connect=quote]');
    await find(page, '[aria-label^="Page "][aria-label$="of Concession agreement"]');
  });

  test('the claim is kept, listed in the review with its mark, and saved as CSV and as annotations', async () => {
    await press(page, 'Keep');
    await find(page, '::-p-text(Kept)');
    await (await find(page, 'nav a[href="/review"]')).click();
    await find(page, '[aria-label="Findings"] [aria-label="checked: exact"]');
    await choose(page, 'Hand on the findings', 'Save as CSV');
    const csv = await saved(browser.downloads, 'findings.csv');
    expect(csv).toMatch(/Concession agreement,\d+,/);
    expect(csv).toContain('twenty bicycles');
    await choose(page, 'Hand on the findings', 'Save as annotations');
    const collection = JSON.parse(await saved(browser.downloads, 'findings.jsonld')) as {
      first: { items: { target: { selector: { type: string; exact?: string }[] }[] }[] };
    };
    const selectors = collection.first.items[0]?.target[0]?.selector ?? [];
    expect(selectors.find((one) => one.type === 'TextQuoteSelector')?.exact).toContain('twenty bicycles');
  });

  test('a file of one’s own goes the same way, beside the demo', async () => {
    await (await find(page, 'nav a[href="/"]')).click();
    await bringIn(page, lease);
    await allRead(page, DEMO.length + 1);
    await ask(page, 'How much is the rent of berth nine?');
    expect(await firstSlip(page)).toMatch(/3,200 crowns.*Berth lease, p\. 1/);
    await press(page, 'Keep');
    await (await find(page, 'nav a[href="/review"]')).click();
    await find(page, '[aria-label="Findings"] article:nth-of-type(2)');
    rmSync(path.join(browser.downloads, 'findings.csv'));
    await choose(page, 'Hand on the findings', 'Save as CSV');
    expect(await saved(browser.downloads, 'findings.csv')).toMatch(/Berth lease,1,/);
  }, 60_000);

  test('everything is there again after a reload', async () => {
    await page.reload({ waitUntil: 'networkidle0' });
    await find(page, '[aria-label="Findings"] [aria-label="checked: exact"]');
    expect(await spines(page)).toHaveLength(DEMO.length + 1);
  });
});
