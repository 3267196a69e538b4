import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { longFile } from '../bench/longFile';
import { openBrowser } from '../tests/support/browser';
import { reviewFileOf, type ReviewFile } from '../src/core/exchange';
import { nextEvent, type LogEvent } from '../src/core/review';
import { allRead, ask, bringIn, choose, DEMO, find, press, saved } from '../tests/support/desk';
import { startServer } from '../tests/support/server';

/** Takes the pictures in docs/screenshots from the demo dossier, at 1280x800. The application must be built. */
const FOLDER = 'docs/screenshots';

const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 1200));

async function shoot(page: Page, name: string): Promise<void> {
  await settled();
  const file = path.join(FOLDER, `${name}.png`);
  await page.screenshot({ path: file });
  process.stdout.write(`${file}\n`);
}

/** A question with its follow-up. */
async function thread(page: Page): Promise<void> {
  await ask(page, 'What was the revenue in 2025?');
  await (await find(page, '[data-slip]:first-of-type [data-key=follow]')).click();
  await page.keyboard.type('and the year before?');
  await page.keyboard.press('Enter');
  await find(page, '[data-slip]:first-of-type ::-p-text(Asked as)');
  await shoot(page, 'desk-thread');
}

/** A cell framed on its page, what was read laid over it, and words found everywhere. */
async function pages(page: Page): Promise<void> {
  await ask(page, 'How many passengers travelled from Aldmere to Skerrow in 2024?');
  await find(page, '[data-page-frame] [data-part=cell]');
  await shoot(page, 'desk-table');
  await page.keyboard.press('r');
  await shoot(page, 'page-read');
  await page.keyboard.press('r');
  await page.keyboard.press('/');
  await page.keyboard.type('passenger certificate');
  await page.keyboard.press('Enter');
  await (await find(page, '[data-claim="found/5"]')).focus();
  await shoot(page, 'desk-found');
  await (await find(page, '::-p-aria([name="Ask"][role="tab"])')).click();
  await (await find(page, 'textarea')).click({ count: 3 });
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Escape');
}

/** A model that can be wrong, another reader beside it, what a document is, and how models are connected. */
async function careless(page: Page): Promise<void> {
  await page.select('select[aria-label="Answered by"]', 'practice: careless');
  await ask(page, 'What must the Operator pay for each Scheduled Sailing not performed?');
  await settled();
  await (await find(page, '[data-slip]:first-of-type [data-claim]:has([aria-label="checked: altered"])')).focus();
  await shoot(page, 'desk-careless');
  await choose(page, 'More for this slip', 'Second opinion: built-in reader');
  const second = await find(page, '[data-slip] [aria-label="Second opinion"]');
  await second.evaluate((part) => part.scrollIntoView({ block: 'start' }));
  await shoot(page, 'desk-second');
  await page.select('select[aria-label="Answered by"]', '#reading');
  await (await find(page, '::-p-aria([name="Instructions"][role="tab"])')).click();
  await page.type(
    '[aria-label="Standing instructions"]',
    'Always give the date of the source\nAmounts in thousands\nAnswer in verse',
  );
  await shoot(page, 'reading-settings');
  await page.keyboard.press('Escape');
  await page.select('select[aria-label="Answered by"]', 'built-in reader');
  await (await find(page, '::-p-aria([name="Bearings"][role="tab"])')).click();
  await (await find(page, '[aria-label=Summary] li:nth-child(2) [data-claim]')).focus();
  await shoot(page, 'desk-bearings');
  await (await find(page, '[role=tablist] ::-p-text(Slips)')).click();
}

/** A colleague's review of the same findings: one disputed, one new. */
function colleaguesReview(own: ReviewFile): ReviewFile {
  const now = Date.now();
  const [first] = own.events.filter((event) => event.kind === 'finding-kept');
  if (first === undefined) throw new Error('There is no finding to review.');
  let log: LogEvent[] = [...own.events];
  const add = (event: LogEvent): void => void (log = [...log, event]);
  add(
    nextEvent(log, {
      actor: 'colleague',
      kind: 'reviewer-named',
      target: 'colleague',
      payload: { name: 'Bo Lind' },
      now,
    }),
  );
  add(
    nextEvent(log, {
      actor: 'colleague',
      kind: 'finding-decided',
      target: first.target,
      payload: { decision: 'disputed', reason: 'Only while the weather clause does not apply.' },
      now,
    }),
  );
  const payload = { ...(first.payload as { text: string; note: string; citations: never[]; question: string }) };
  add(
    nextEvent(log, {
      actor: 'colleague',
      kind: 'finding-kept',
      target: 'colleague-1',
      payload: { ...payload, question: 'What is due for a missed sailing?' },
      now,
    }),
  );
  return reviewFileOf(log, own.dossier, own.documents, now);
}

/** Decisions in the review, a colleague's review before and after it is taken in, and the list of dossiers. */
async function review(page: Page, downloads: string): Promise<void> {
  await (await find(page, 'nav a[href="/review"]')).click();
  await find(page, '[data-finding]');
  await page.keyboard.press('n');
  await find(page, '[data-claim]:focus');
  await page.keyboard.press('y');
  await find(page, '[role=dialog] input[name=name]');
  await page.keyboard.type('Ada Holm');
  await page.keyboard.press('Enter');
  await find(page, '[data-state=confirmed]');
  await choose(page, 'Hand on the findings', 'Save as review file, for a colleague');
  await saved(downloads, 'Ferry concession.review.json');
  const own = JSON.parse(readFileSync(path.join(downloads, 'Ferry concession.review.json'), 'utf8')) as ReviewFile;
  const theirs = path.join(tmpdir(), 'Bo Lind.review.json');
  writeFileSync(theirs, JSON.stringify(colleaguesReview(own)));
  await ((await find(page, 'input[data-input=review]')) as ElementHandle<HTMLInputElement>).uploadFile(theirs);
  await find(page, '[role=dialog] ::-p-text(new finding)');
  await shoot(page, 'merge');
  await press(page, 'Take it in');
  await find(page, '::-p-text(taken into the review)');
  await press(page, 'Dismiss');
  await (await find(page, '[data-finding]:last-of-type [data-claim]')).focus();
  await shoot(page, 'review');
  await press(page, 'Dossiers');
  await shoot(page, 'dossiers');
  await page.keyboard.press('Escape');
}

/** A memo held against the shelf: one of its faults looked at. */
async function proof(page: Page): Promise<void> {
  await (await find(page, 'nav a[href="/proof"]')).click();
  await press(page, 'Proof the sample memo');
  await find(page, '[data-tally]');
  await page.focus('[data-proof-text]');
  for (let step = 0; step < 3; step += 1) await page.keyboard.press('n');
  await find(page, '[data-page-frame] [data-part=cell]');
  await shoot(page, 'proof');
  await (await find(page, 'nav a[href="/"]')).click();
}

/** What needs several documents: sides of a conflict with a change worked out below, and two pages side by side. */
async function several(url: string): Promise<void> {
  const browser = await openBrowser();
  const page = await browser.newPage(url);
  await press(page, 'Open all 21 of its documents');
  await page.waitForFunction(() => document.querySelectorAll('[aria-label=Shelf] [data-tables=found]').length === 21, {
    timeout: 120_000,
  });
  await press(page, 'Dismiss');
  await ask(page, 'By how much did revenue rise from 2024 to 2025?');
  await ask(page, 'What must the Operator pay for each Scheduled Sailing not performed?');
  await find(page, '[data-claim]:focus');
  await shoot(page, 'desk-amended');
  await page.keyboard.press('b');
  await page.keyboard.press('ArrowDown');
  await (await find(page, '[aria-label=Shelf] button[aria-label^="Open Concession agreement"]')).click();
  await find(page, '[data-leaf=open] canvas');
  await page.keyboard.press('g');
  await page.keyboard.type('9');
  await page.keyboard.press('Enter');
  await find(page, '[data-leaf=open][aria-label^="Page 12 of"]');
  await shoot(page, 'pages-beside');
  await browser.close();
}

async function run(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true });
  const server = await startServer();
  const browser = await openBrowser();
  const page = await browser.newPage(server.url);
  await shoot(page, 'desk-empty');
  await press(page, 'Open the demo dossier');
  await allRead(page, DEMO.length);
  await page.waitForFunction(() => document.querySelectorAll('[aria-label=Shelf] [data-tables=found]').length === 3);
  await ask(page, 'How many parking places must the Operator provide?');
  await ask(page, 'What was the operating profit in the third quarter?');
  await ask(page, 'What must the Operator pay for each Scheduled Sailing not performed?');
  await find(page, '[data-claim]:focus');
  await page.keyboard.press('k');
  await shoot(page, 'desk-answer');
  await press(page, 'Dark');
  await shoot(page, 'desk-dark');
  await press(page, 'Light');
  await (await find(page, '::-p-aria([name="Check a quote"][role="tab"])')).click();
  await page.click('textarea');
  await page.keyboard.type(
    'The total of the sums due under clause 14.2 in any financial year shall not exceed 2,600,000 crowns',
  );
  await page.keyboard.press('Enter');
  await (await find(page, '[data-claim]:has([aria-label="checked: altered"])')).focus();
  await shoot(page, 'desk-check');
  await page.keyboard.press('k');
  await (await find(page, '::-p-aria([name="Ask"][role="tab"])')).click();
  await thread(page);
  await pages(page);
  await careless(page);
  await review(page, browser.downloads);
  await (await find(page, 'nav a[href="/"]')).click();
  await proof(page);
  const long = path.join(tmpdir(), 'Harbour works manual.pdf');
  const broken = path.join(tmpdir(), 'Minutes of May.pdf');
  writeFileSync(long, await longFile(640, 9));
  writeFileSync(broken, 'not a PDF');
  await bringIn(page, long, broken);
  await page.waitForFunction(() => /reading · page [1-9]\d\d of 640/.test(document.body.innerText), {
    timeout: 60_000,
  });
  await shoot(page, 'desk-reading');
  await browser.close();
  await several(server.url);
  await server.stop();
}

await run();
