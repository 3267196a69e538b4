import { afterAll, beforeAll, beforeEach, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { longFile } from '../bench/longFile';
import { openBrowser, type OpenBrowser } from './support/browser';
import { allRead, ask, bringIn, find, firstSlip, notices, press, spines, waitForNotice } from './support/desk';
import { addPage, makePdf } from './support/pdf';
import { startServer, type RunningServer } from './support/server';

let server: RunningServer;
let browser: OpenBrowser;
let page: Page;
const folder = mkdtempSync(path.join(tmpdir(), 'marked-page-files-'));

function file(name: string, bytes: Uint8Array | string): string {
  const full = path.join(folder, name);
  writeFileSync(full, bytes);
  return full;
}

/** A lease of two pages that says what its rent is. */
async function lease(name: string, rent: string): Promise<string> {
  const bytes = await makePdf((doc) => {
    addPage(doc, [
      { text: '1 Rent', y: 120, bold: true },
      { text: `1.1 The rent of the berth is ${rent} crowns a year, payable on the first day of May.`, y: 140 },
    ]);
    addPage(doc, [
      { text: '2 Ending', y: 120, bold: true },
      { text: '2.1 The lease ends on 30 September 2031 unless it is renewed in writing before.', y: 140 },
    ]);
  });
  return file(name, bytes);
}

beforeAll(async () => {
  server = await startServer();
  browser = await openBrowser();
}, 90_000);

/** A new profile for each test: an empty desk. */
beforeEach(async () => {
  const context = await browser.browser.createBrowserContext();
  page = await context.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(server.url, { waitUntil: 'networkidle0' });
});

afterAll(async () => {
  await browser.close();
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

describe('a file that is not from the demo', () => {
  test('is read, asked and cited with its page', async () => {
    await bringIn(page, await lease('Berth lease.pdf', '3,200'));
    await allRead(page, 1);
    await ask(page, 'When does the lease end?');
    expect(await firstSlip(page)).toMatch(/30 September 2031.*Berth lease, p\. 2/);
    await find(page, '[data-slip] [aria-label="checked: exact"]');
  });

  test('is one document when its bytes come twice', async () => {
    const one = await lease('Berth lease.pdf', '3,200');
    await bringIn(page, one);
    await allRead(page, 1);
    await bringIn(page, one);
    expect(await waitForNotice(page, 'already here')).toContain('the same bytes are one document');
    expect(await spines(page)).toHaveLength(1);
  });

  test('with the name of another asks whether it is a new edition; the newest is asked then', async () => {
    await bringIn(page, await lease('Berth lease.pdf', '3,200'));
    await allRead(page, 1);
    await bringIn(page, await lease('Berth lease.pdf', '3,900'));
    await find(page, '::-p-text(The same name, other contents)');
    await press(page, 'New edition');
    await find(page, '[data-page-frame] ::-p-text(3,900)');
    await allRead(page, 1);
    await ask(page, 'How much is the rent of the berth?');
    expect(await firstSlip(page)).toContain('3,900 crowns');
  });

  test('goes with all its traces when it is removed', async () => {
    await bringIn(page, await lease('Berth lease.pdf', '3,200'));
    await allRead(page, 1);
    await (await find(page, '[aria-label="More for Berth lease"]')).click();
    await (await find(page, '::-p-aria([name="Remove"][role="menuitem"])')).click();
    await press(page, 'Remove');
    await page.waitForFunction(() => document.body.innerText.includes('The shelf is empty'));
    const left = await page.evaluate(async () => {
      const opening = indexedDB.open('marked-page');
      const database = await new Promise<IDBDatabase>((resolve) => (opening.onsuccess = () => resolve(opening.result)));
      const counts = ['sources', 'editions', 'files', 'pages', 'indexes'].map(
        (name) =>
          new Promise<number>((resolve) => {
            const counting = database.transaction(name).objectStore(name).count();
            counting.onsuccess = () => resolve(counting.result);
          }),
      );
      return Promise.all(counts);
    });
    expect(left).toEqual([0, 0, 0, 0, 0]);
  });
});

describe('a long file', () => {
  test('can be asked while it is read, and goes on after a reload in the middle', async () => {
    await bringIn(page, file('Long agreement.pdf', await longFile(260, 4)));
    await page.waitForFunction(() => /reading · page [1-9]\d* of 260/.test(document.body.innerText), {
      timeout: 60_000,
    });
    await ask(page, 'What is the name of the lighthouse keeper?');
    expect(await firstSlip(page)).toMatch(/Not in this document so far.*pages 1 to \d+ of 260/);
    const before = Number(/page (\d+) of 260/.exec((await spines(page))[0] ?? '')?.[1] ?? 260);
    await page.reload({ waitUntil: 'domcontentloaded' });
    await page.waitForFunction(() => document.querySelectorAll('[aria-label=Shelf] li').length === 1);
    const after = Number(/page (\d+) of 260/.exec((await spines(page))[0] ?? '')?.[1] ?? 260);
    expect(after).toBeGreaterThanOrEqual(Math.min(before, 259));
    await allRead(page, 1);
    expect((await spines(page))[0]).toContain('260 pp');
    await page.waitForFunction(() => !document.querySelector('[data-slip]')?.textContent?.includes('so far'), {
      timeout: 30_000,
    });
  }, 150_000);

  test('can be stopped and read on', async () => {
    await bringIn(page, file('Another agreement.pdf', await longFile(220, 6)));
    await page.waitForFunction(() => /reading · page [1-9]\d* of 220/.test(document.body.innerText), {
      timeout: 60_000,
    });
    await (await find(page, '[aria-label="More for Another agreement"]')).click();
    await (await find(page, '::-p-aria([name="Stop reading"][role="menuitem"])')).click();
    await page.waitForFunction(() => /stopped at page \d+ of 220/.test(document.body.innerText));
    await (await find(page, '[aria-label="More for Another agreement"]')).click();
    await (await find(page, '::-p-aria([name="Read on"][role="menuitem"])')).click();
    await allRead(page, 1);
  }, 150_000);
});

describe('files that are refused', () => {
  test('are told in one sentence each, and leave the others alone', async () => {
    const scan = await makePdf((doc) => doc.addPage().rect(90, 90, 300, 500).fill('#777'));
    await bringIn(
      page,
      file('note.pdf', 'no PDF at all'),
      file('zero.pdf', ''),
      file('cut.pdf', '%PDF-1.7 cut off'),
      file('scan.pdf', scan),
      await lease('Berth lease.pdf', '3,200'),
    );
    const fates = await (await find(page, '[aria-label=Fates]')).evaluate((list) => list.textContent ?? '');
    expect(fates).toMatch(/“note\.pdf” is not a PDF/);
    expect(fates).toMatch(/“zero\.pdf” is empty/);
    // What is found to be none only when it is read is told in the list as well.
    await page.waitForFunction(() => {
      const told = [...document.querySelectorAll('[aria-label=Fates] li')].map((one) => one.textContent ?? '');
      return told.some((one) => /^refused.*“cut\.pdf” is damaged/.test(one));
    });
    await press(page, 'Done');
    await waitForNotice(page, 'looks scanned');
    await allRead(page, 1);
    const told = await notices(page);
    expect(told).toMatch(/“cut\.pdf” is damaged/);
    expect(told).toMatch(/“scan\.pdf” holds no text on any of its 1 pages/);
    expect(await spines(page)).toHaveLength(1);
  }, 60_000);

  test('a locked one asks for its password, says when it is wrong, and opens with the right one', async () => {
    const locked = await makePdf(
      (doc) => addPage(doc, [{ text: 'The locked lease is worth 14 crowns in all the years to come.', y: 120 }]),
      { userPassword: 'mooring' },
    );
    await bringIn(page, file('locked.pdf', locked));
    for (const [given, next] of [
      ['anchor', 'That password does not open'],
      ['mooring', '1 pp'],
    ] as const) {
      await (await find(page, '[role=dialog] input[type=password]')).type(given);
      await page.keyboard.press('Enter');
      await find(page, `::-p-text(${next})`);
    }
    await ask(page, 'What is the locked lease worth?');
    await find(page, '[data-claim][aria-label*="14 crowns"]');
  }, 60_000);
});

test('two tabs of one dossier stay in step', async () => {
  const other = await page.browserContext().newPage();
  await other.goto(server.url, { waitUntil: 'networkidle0' });
  // A tab in the background draws nothing, so each is brought to the front before it is watched.
  await page.bringToFront();
  await bringIn(page, await lease('Berth lease.pdf', '3,200'));
  await allRead(page, 1);
  await other.bringToFront();
  await allRead(other, 1);
  await ask(other, 'When does the lease end?');
  await page.bringToFront();
  await page.waitForFunction(() =>
    document.querySelector('[data-slip]')?.textContent?.includes('When does the lease end?'),
  );
  expect(await firstSlip(page)).toContain('30 September 2031');
}, 90_000);
