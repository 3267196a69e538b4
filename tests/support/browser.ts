import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser, type Page } from 'puppeteer-core';

const PLACES = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser'];

export interface OpenBrowser {
  readonly browser: Browser;
  newPage(url: string, size?: { width: number; height: number }): Promise<Page>;
  /** Folder that downloads are saved in. */
  readonly downloads: string;
  close(): Promise<void>;
}

/** Headless Chromium with a fresh profile. */
export async function openBrowser(): Promise<OpenBrowser> {
  const executablePath = PLACES.find((place) => place !== undefined && existsSync(place));
  if (executablePath === undefined) throw new Error('Chromium is missing: npm test installs it.');
  const profile = mkdtempSync(path.join(tmpdir(), 'marked-page-'));
  const downloads = path.join(profile, 'downloads');
  const browser = await puppeteer.launch({
    executablePath,
    headless: true,
    userDataDir: path.join(profile, 'user'),
    protocolTimeout: 240_000,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--force-color-profile=srgb',
      '--hide-scrollbars',
    ],
  });
  const session = await browser.target().createCDPSession();
  await session.send('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: downloads,
    eventsEnabled: false,
  });
  return {
    browser,
    downloads,
    newPage: async (url, size = { width: 1280, height: 800 }) => {
      const page = await browser.newPage();
      await page.setViewport(size);
      await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'light' }]);
      await page.goto(url, { waitUntil: 'networkidle0' });
      return page;
    },
    close: async () => {
      await browser.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}
