import { expect, test } from '@jest/globals';
import { readdirSync } from 'node:fs';
import { FIRST_FILES, FURTHER_FILES } from './demoFiles';

test('the demo dossier brings every file that is served for it, once', () => {
  const named = [...FIRST_FILES, ...Object.values(FURTHER_FILES).flat()].map((name) => `${name}.pdf`);
  expect([...named].sort()).toEqual(readdirSync('public/demo').sort());
});
