import { mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { longFile } from '../bench/longFile';
import { openBrowser } from '../tests/support/browser';
import { allRead, ask, bringIn, DEMO, find, press } from '../tests/support/desk';
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

async function run(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true });
  const server = await startServer();
  const browser = await openBrowser();
  const page = await browser.newPage(server.url);
  await shoot(page, 'desk-empty');
  await press(page, 'Open the demo dossier');
  await allRead(page, DEMO.length);
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
  await (await find(page, 'nav a[href="/review"]')).click();
  await (await find(page, '[aria-label="Findings"] [role=group]')).focus();
  await shoot(page, 'review');
  await (await find(page, 'nav a[href="/"]')).click();
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
  await server.stop();
}

await run();
