import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from 'puppeteer-core';
import { press } from './desk';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What axe finds serious or critical on the page as it is shown. */
export async function barriers(page: Page): Promise<string[]> {
  await page.evaluate(AXE);
  return page.evaluate(async () => {
    const { axe } = globalThis as unknown as {
      axe: { run(): Promise<{ violations: { id: string; impact: string; nodes: { html: string }[] }[] }> };
    };
    const { violations } = await axe.run();
    return violations
      .filter((one) => one.impact === 'serious' || one.impact === 'critical')
      .map((one) => `${one.id}: ${one.nodes[0]?.html.slice(0, 160)}`);
  });
}

/** What axe finds serious or critical, in light and then in dark. */
export async function barriersInBoth(page: Page): Promise<string[]> {
  const light = await barriers(page);
  await press(page, 'Dark');
  const dark = await barriers(page);
  await press(page, 'Light');
  return [...light, ...dark];
}
