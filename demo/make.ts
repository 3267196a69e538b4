import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { documents } from './documents';
import { compose } from './typeset/compose';

/** Makes the demo dossier's files in `public/demo`. */
const folder = fileURLToPath(new URL('../public/demo/', import.meta.url));
mkdirSync(folder, { recursive: true });
for (const [name, plan] of Object.entries(documents)) {
  const file = await compose(plan);
  writeFileSync(folder + name, file);
  process.stdout.write(`${name}: ${file.length} bytes\n`);
}
