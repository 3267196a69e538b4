import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';

/** Names of the demo dossier's documents as they stand on the shelf. */
export const DEMO = ['Concession agreement', 'Annual filing 2025', 'Passenger vessel safety regulation'] as const;

/** The element whose accessible name or text is given; waits for it. */
export async function find(page: Page, selector: string): Promise<ElementHandle> {
  const found = await page.waitForSelector(selector, { timeout: 30_000 });
  if (found === null) throw new Error(`Nothing on the page matches ${selector}.`);
  return found;
}

export async function press(page: Page, name: string): Promise<void> {
  await (await find(page, `::-p-aria([name="${name}"][role="button"])`)).click();
}

/** Chooses an entry of the menu that a button opens. */
export async function choose(page: Page, menu: string, entry: string): Promise<void> {
  await press(page, menu);
  await (await find(page, `::-p-aria([name="${entry}"][role="menuitem"])`)).click();
}

/** Brings files in through the shelf's picker. */
export async function bringIn(page: Page, ...files: string[]): Promise<void> {
  const input = (await find(page, 'input[type=file]')) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(...files);
}

/** What the shelf says, a string a spine. */
export function spines(page: Page): Promise<string[]> {
  return page.$$eval('[aria-label=Shelf] li', (items) => items.map((item) => item.innerText.replace(/\s+/g, ' ')));
}

/** Waits until so many documents stand on the shelf and all are read to their ends. */
export async function allRead(page: Page, count: number): Promise<void> {
  await page.waitForFunction(
    (wanted) => {
      const items = [...document.querySelectorAll<HTMLElement>('[aria-label=Shelf] li')];
      return items.length === wanted && items.every((item) => /PDF · \d+ pp/.test(item.innerText));
    },
    { timeout: 90_000 },
    count,
  );
}

/** Asks a question and waits for its slip. */
export async function ask(page: Page, question: string): Promise<void> {
  await (await find(page, 'textarea')).click();
  await page.keyboard.type(question);
  await page.waitForFunction((text) => document.querySelector('textarea')?.value === text, {}, question);
  // While no document is read far enough, there is nothing to ask.
  await page.waitForSelector('form:has(textarea) button[type=submit]:enabled', { timeout: 60_000 });
  await page.keyboard.press('Enter');
  await page.waitForFunction(
    (text) => [...document.querySelectorAll('[data-slip] h2')].some((heading) => heading.textContent?.includes(text)),
    { timeout: 20_000 },
    question,
  );
}

/** What the first slip says. */
export function firstSlip(page: Page): Promise<string> {
  return page.$eval('[data-slip]', (slip) => (slip as HTMLElement).innerText.replace(/\s+/g, ' '));
}

/** What is told above the desk: refusals and the like. */
export function notices(page: Page): Promise<string> {
  return page.$$eval('[aria-live=polite] li', (items) => items.map((item) => item.innerText).join('\n'));
}

export async function waitForNotice(page: Page, text: string): Promise<string> {
  await page.waitForFunction(
    (wanted) => document.querySelector('[aria-live=polite]')?.textContent?.includes(wanted) ?? false,
    { timeout: 30_000 },
    text,
  );
  return notices(page);
}

/** The text of a file that the browser saved, once it is there whole. */
export async function saved(folder: string, name: string): Promise<string> {
  const file = path.join(folder, name);
  for (let attempt = 0; attempt < 100; attempt += 1) {
    const partial = existsSync(folder) && readdirSync(folder).some((one) => one.endsWith('.crdownload'));
    if (existsSync(file) && !partial) return readFileSync(file, 'utf8');
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`The browser did not save “${name}”.`);
}
