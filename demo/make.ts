import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { documents } from './documents';
import { compose } from './typeset/compose';
import { setNotice } from './typeset/notice';

/** Makes the demo dossier's files in `public/demo`. */
const folder = fileURLToPath(new URL('../public/demo/', import.meta.url));
mkdirSync(folder, { recursive: true });

function keep(name: string, file: Buffer): void {
  writeFileSync(folder + name, file);
  process.stdout.write(`${name}: ${file.length} bytes\n`);
}

for (const [name, plan] of Object.entries(documents)) keep(name, await compose(plan));
const notice = { title: '第二電気船の建造に関するお知らせ', author: 'カリック造船所', made: new Date(Date.UTC(2025, 10, 18)) }; // prettier-ignore
keep(
  'Shipyard notice 2025.pdf',
  await setNotice(readFileSync(new URL('texts/notice.txt', import.meta.url), 'utf8'), notice),
);
