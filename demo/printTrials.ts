import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { openBrowser } from '../tests/support/browser';

/** Prints the pages that `trials/printed.jsonl` asks about as PDFs, as a browser does it, from `trials/printed/*.html`: `npm run printed-documents -- FOLDER`. */
const [, , folder = 'trials/printed'] = process.argv;
const from = fileURLToPath(new URL('../trials/printed/', import.meta.url));

mkdirSync(folder, { recursive: true });
const open = await openBrowser();
for (const file of readdirSync(from).filter((one) => one.endsWith('.html'))) {
  const page = await open.newPage(pathToFileURL(from + file).href);
  writeFileSync(
    path.join(folder, `${path.basename(file, '.html')}.pdf`),
    await page.pdf({ format: 'A4', margin: { top: '10mm', bottom: '10mm', left: '10mm', right: '10mm' } }),
  );
}
await open.close();
