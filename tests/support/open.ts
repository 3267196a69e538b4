import type { Page } from 'puppeteer-core';
import { openBrowser, type OpenBrowser } from './browser';
import { allRead, DEMO, press } from './desk';
import { startServer, type RunningServer } from './server';

/** The served application in a browser of its own, with one page open. */
export interface Opened {
  readonly server: RunningServer;
  readonly browser: OpenBrowser;
  readonly page: Page;
  close(): Promise<void>;
}

/** Opens the application at an empty desk. */
export async function openDesk(): Promise<Opened> {
  const server = await startServer();
  const browser = await openBrowser();
  const page = await browser.newPage(server.url);
  const close = async (): Promise<void> => {
    await browser.close();
    await server.stop();
  };
  return { server, browser, page, close };
}

/** The demo's first three documents, read to their ends and looked through for tables. */
export async function openDemoWithTables(): Promise<Opened> {
  const opened = await openDemo();
  await tablesFound(opened.page, DEMO.length);
  return opened;
}

/** Waits until so many documents are looked through for tables. */
export async function tablesFound(page: Page, count: number): Promise<void> {
  await page.waitForFunction(
    (wanted) => document.querySelectorAll('[aria-label=Shelf] [data-tables=found]').length === wanted,
    { timeout: 60_000 },
    count,
  );
}

/** Opens the application with the first three documents of the demo dossier, read to their ends. */
export async function openDemo(): Promise<Opened> {
  const opened = await openDesk();
  await press(opened.page, 'Open the demo dossier');
  await allRead(opened.page, DEMO.length);
  return opened;
}
