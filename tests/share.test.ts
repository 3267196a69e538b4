import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { openBrowser, type OpenBrowser } from './support/browser';
import { allRead, ask, choose, DEMO, find, notices, press, saved, spines, waitForNotice } from './support/desk';
import { startServer, type RunningServer } from './support/server';

let server: RunningServer;
let ada: OpenBrowser;
let bo: OpenBrowser;
let adas: Page;
let bos: Page;

beforeAll(async () => {
  server = await startServer();
  ada = await openBrowser();
  bo = await openBrowser();
  adas = await ada.newPage(server.url);
  bos = await bo.newPage(server.url);
  await press(adas, 'Open the demo dossier');
  await allRead(adas, DEMO.length);
}, 150_000);

afterAll(async () => {
  await ada.close();
  await bo.close();
  await server.stop();
});

async function pick(page: Page, file: string, input: string): Promise<void> {
  await ((await find(page, `input[data-input=${input}]`)) as ElementHandle<HTMLInputElement>).uploadFile(file);
}

async function keep(page: Page, question: string): Promise<void> {
  await (await find(page, 'nav a[href="/"]')).click();
  await find(page, 'textarea');
  await ask(page, question);
  await (await find(page, '[data-slip]:first-of-type [data-key=keep]')).click();
  await find(page, '[data-slip]:first-of-type ::-p-text(Kept)');
}

async function toReview(page: Page): Promise<void> {
  await (await find(page, 'nav a[href="/review"]')).click();
  await find(page, '[aria-label="Findings"]');
}

async function handOn(browser: OpenBrowser, page: Page, entry: string, file: string): Promise<string> {
  await choose(page, 'Hand on the findings', entry);
  await saved(browser.downloads, file);
  return path.join(browser.downloads, file);
}

/** All findings as they read, without times. */
function reviewOf(page: Page): Promise<string[]> {
  return page.$$eval('[data-finding]', (cards) =>
    cards
      .map(
        (card) =>
          `${card.getAttribute('aria-label')} ${(card as HTMLElement).dataset['state']} ${card.querySelector('summary')?.textContent}`,
      )
      .sort(),
  );
}

describe('a dossier goes to a colleague as one file', () => {
  test('saved here, opened in another browser to the same state', async () => {
    await keep(adas, 'How many bicycles shall the racks of each Vessel hold?');
    await press(adas, 'Dossiers');
    await choose(adas, 'More for Ferry concession', 'Save as one file');
    await saved(ada.downloads, 'Ferry concession.dossier.zip');
    await adas.keyboard.press('Escape');
    await press(bos, 'Dossiers');
    await pick(bos, path.join(ada.downloads, 'Ferry concession.dossier.zip'), 'archive');
    await allRead(bos, DEMO.length);
    expect(await spines(bos)).toEqual(await spines(adas));
    await find(bos, '[data-slip] [aria-label="checked: exact"]');
    await toReview(bos);
    expect(await bos.$$('[data-finding]')).toHaveLength(1);
  }, 120_000);

  test('a second time it is told to be here already, and a damaged one is refused', async () => {
    await press(bos, 'Dossiers');
    await pick(bos, path.join(ada.downloads, 'Ferry concession.dossier.zip'), 'archive');
    expect(await waitForNotice(bos, 'is here already')).toMatch(/open that one, or delete it first/);
    await bos.keyboard.press('Escape');
    const damaged = path.join(bo.downloads, '..', 'damaged.zip');
    writeFileSync(damaged, 'PK no archive at all');
    await press(bos, 'Dossiers');
    await pick(bos, damaged, 'archive');
    expect(await waitForNotice(bos, 'This archive was not opened')).toMatch(/Nothing was changed/);
    await bos.keyboard.press('Escape');
  });
});

describe('two people share a review', () => {
  test('each decides and says why; the name is asked once', async () => {
    await toReview(adas);
    await adas.keyboard.press('n');
    await find(adas, '[data-finding] [data-claim]:focus');
    await adas.keyboard.press('y');
    await find(adas, '[role=dialog] input[name=name]');
    await adas.keyboard.type('Ada Holm');
    await adas.keyboard.press('Enter');
    await find(adas, '[data-state=confirmed] ::-p-text(Ada Holm)');
    await keep(bos, 'What must the Operator pay for each Scheduled Sailing not performed?');
    await toReview(bos);
    await (await find(bos, '[data-finding]:last-of-type [data-key=disputed]')).click();
    await bos.keyboard.type('Only in the first year');
    await bos.keyboard.press('Enter');
    await find(bos, '[role=dialog] input[name=name]');
    await bos.keyboard.type('Bo Lind');
    await bos.keyboard.press('Enter');
    await find(bos, '[data-state=disputed] ::-p-text(Only in the first year)');
    await bos.type('[data-finding]:first-of-type [data-key=comment]', 'Compare Schedule 4');
    await bos.keyboard.press('Enter');
    await find(bos, '[data-finding]:first-of-type ::-p-text(Compare Schedule 4)');
  });

  test('merging in both orders gives both the same review, nothing overwritten', async () => {
    const fromAda = await handOn(ada, adas, 'Save as review file, for a colleague', 'Ferry concession.review.json');
    const fromBo = await handOn(bo, bos, 'Save as review file, for a colleague', 'Ferry concession.review.json');
    for (const [page, file, who] of [
      [adas, fromBo, 'Bo Lind'],
      [bos, fromAda, 'Ada Holm'],
    ] as const) {
      await pick(page, file, 'review');
      const preview = await (await find(page, '[role=dialog]')).evaluate((dialog) => (dialog as HTMLElement).innerText);
      expect(preview).toContain(who);
      expect(preview).toMatch(/Nothing here is overwritten/);
      await press(page, 'Take it in');
      await waitForNotice(page, 'entries were taken into the review');
    }
    expect(await reviewOf(adas)).toEqual(await reviewOf(bos));
    expect(await adas.$$('[data-finding]')).toHaveLength(2);
    expect(await adas.$eval('[data-state=disputed]', (card) => (card as HTMLElement).innerText)).toMatch(
      /Ada Holm confirmed it[\s\S]*Bo Lind disputed it/,
    );
  });

  test('the same file again changes nothing; a hostile one is refused whole', async () => {
    const before = await reviewOf(adas);
    await pick(adas, path.join(bo.downloads, 'Ferry concession.review.json'), 'review');
    await find(adas, '[role=dialog] ::-p-text(Everything in it is here already)');
    await adas.keyboard.press('Escape');
    const hostile = path.join(ada.downloads, '..', 'hostile.json');
    writeFileSync(hostile, '{"format":"marked-page review","v":1,"events":[{"payload":"<script>alert(1)</script>"}]}');
    await pick(adas, hostile, 'review');
    await waitForNotice(adas, 'This review file was not taken in');
    expect(await reviewOf(adas)).toEqual(before);
    expect(await notices(adas)).not.toContain('<script>');
  });

  test('undo takes the last decision back', async () => {
    await (await find(adas, '[data-finding]:first-of-type [data-key=set-aside]')).click();
    await find(adas, '[data-finding]:first-of-type [data-key=set-aside][aria-pressed=true]');
    await press(adas, 'Undo');
    await find(adas, '[data-finding]:first-of-type [data-key=set-aside][aria-pressed=false]');
  });
});

describe('several dossiers', () => {
  test('a document read for one is not read again for another', async () => {
    await press(adas, 'Dossiers');
    await adas.type('[role=dialog] [aria-label="Name of a new dossier"]', 'Fares only');
    await press(adas, 'Make');
    await find(adas, '::-p-text(The shelf is empty)');
    await (await find(adas, 'nav a[href="/"]')).click();
    const input = (await find(adas, '[aria-label="Bring in documents"]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(path.resolve('public/demo/Annual filing 2025.pdf'));
    await allRead(adas, 1);
    await adas.reload({ waitUntil: 'networkidle0' });
    await find(adas, 'h1 ::-p-text(Fares only)').catch(() => find(adas, '::-p-text(Fares only)'));
    expect(await spines(adas)).toHaveLength(1);
  });

  test('a killed tab loses nothing that was done', async () => {
    await ask(adas, 'How much was the revenue in 2025?');
    await (await find(adas, '[data-slip] [data-key=keep]')).click();
    await find(adas, '[data-slip] ::-p-text(Kept)');
    const cdp = await adas.createCDPSession();
    // A crashed page never answers.
    void cdp.send('Page.crash').catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, 500));
    adas = await ada.newPage(server.url);
    await find(adas, '[data-slip] ::-p-text(Kept)');
  }, 60_000);

  test('remove everything leaves an empty database', async () => {
    await press(adas, 'Dossiers');
    await find(adas, '[role=dialog] ::-p-text(stored in this browser)');
    await press(adas, 'Remove everything');
    await find(adas, '[role=dialog] ::-p-text(cannot be undone)');
    await Promise.all([adas.waitForNavigation({ waitUntil: 'networkidle0' }), press(adas, 'Remove everything')]);
    await find(adas, '::-p-text(Open the demo dossier)');
    const left = await adas.evaluate(
      () =>
        new Promise<number>((resolve, reject) => {
          const opening = indexedDB.open('marked-page');
          opening.onerror = () => reject(new Error('The database could not be opened.'));
          opening.onsuccess = () => {
            const names = [...opening.result.objectStoreNames];
            const transaction = opening.result.transaction(names);
            let sum = 0;
            for (const name of names)
              transaction.objectStore(name).count().onsuccess = (event) =>
                (sum += (event.target as IDBRequest<number>).result);
            transaction.oncomplete = () => resolve(sum);
          };
        }),
    );
    expect(left).toBe(0);
  });
});
