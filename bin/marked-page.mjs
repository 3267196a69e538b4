#!/usr/bin/env node
import { ensure } from '../scripts/setup.mjs';

try {
  ensure('cli');
} catch (caught) {
  process.stderr.write(`marked-page: setting up failed: ${caught.message}\n`);
  process.exit(2);
}
await import('../dist/cli/marked-page.mjs');
