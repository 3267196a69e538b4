import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { zipSync } from 'fflate';
import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { allRead, ask, bringIn, find, firstSlip, press, spines } from './support/desk';
import { addPage, makePdf } from './support/pdf';
import { openDesk, type Opened } from './support/open';

let opened: Opened;
let page: Page;

const lease = (berth: number): Promise<Uint8Array> =>
  makePdf((doc) =>
    addPage(doc, [
      { text: `Lease of berth ${berth}`, y: 90, size: 16, bold: true },
      {
        text: `The tenant of berth ${berth} shall pay a rent of ${300 + 10 * berth} crowns a month for the berth.`,
        y: 130,
      },
      { text: 'The lease ends on the last day of March in the year after it was made.', y: 146 },
    ]),
  );

beforeAll(async () => {
  opened = await openDesk();
  ({ page } = opened);
  mkdirSync(opened.browser.downloads, { recursive: true });
}, 90_000);

afterAll(() => opened.close());

/** What is told of files brought in together, a string a file. */
function fates(): Promise<string[]> {
  return page.$$eval('[aria-label=Fates] li', (items) => items.map((item) => item.innerText.replace(/\s+/g, ' ')));
}

describe('many files at once', () => {
  test('come out of a ZIP file, each with its fate', async () => {
    const files: Record<string, Uint8Array> = {};
    for (let berth = 1; berth <= 5; berth += 1) files[`leases/Berth ${berth}.pdf`] = await lease(berth);
    files['leases/Copy of berth 1.pdf'] = files['leases/Berth 1.pdf'] as Uint8Array;
    files['leases/notes.txt'] = new TextEncoder().encode('to do');
    files['leases/nothing.pdf'] = new Uint8Array(0);
    files['__MACOSX/leases/Berth 1.pdf'] = new Uint8Array(4);
    const zip = path.join(opened.browser.downloads, 'leases.zip');
    writeFileSync(zip, zipSync(files));
    await bringIn(page, zip);
    await find(page, '[aria-label=Fates]');
    const told = await fates();
    expect(told.filter((fate) => fate.startsWith('taken in'))).toHaveLength(5);
    expect(told.find((fate) => fate.includes('Copy of berth 1'))).toMatch(/^here already/);
    expect(told.find((fate) => fate.includes('notes.txt'))).toMatch(/^refused .* is not a PDF/);
    expect(told.find((fate) => fate.includes('nothing.pdf'))).toMatch(/^refused .* is empty/);
    expect(told).toHaveLength(8);
    await press(page, 'Done');
    await allRead(page, 5);
    await ask(page, 'What is the rent of berth 4?');
    expect(await firstSlip(page)).toContain('340 crowns');
  });

  test('come out of a folder with those in it', async () => {
    const folder = path.join(opened.browser.downloads, 'more');
    mkdirSync(path.join(folder, 'north'), { recursive: true });
    writeFileSync(path.join(folder, 'Berth 6.pdf'), await lease(6));
    writeFileSync(path.join(folder, 'north', 'Berth 7.pdf'), await lease(7));
    writeFileSync(path.join(folder, 'north', '.hidden.pdf'), 'x');
    const input = (await find(page, 'input[aria-label="Bring in a folder"]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(folder);
    await allRead(page, 7);
    expect((await spines(page)).map((spine) => spine.slice(0, 7))).toEqual(
      expect.arrayContaining(['Berth 6', 'Berth 7']),
    );
  });

  test('a damaged ZIP file is refused with a sentence, the others stand', async () => {
    const zip = path.join(opened.browser.downloads, 'broken.zip');
    writeFileSync(zip, 'PK this is no ZIP file');
    await bringIn(page, zip);
    await find(page, '::-p-text(“broken.zip” could not be unpacked)');
    expect(await spines(page)).toHaveLength(7);
  });
});
