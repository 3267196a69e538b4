import { execFileSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';

/** Prints how many lines of code and of tests there are, blank lines and comments aside, and the tests' share. */
const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.ts', '*.tsx', '*.mjs', '*.cjs'])
  .toString()
  .split('\n');
const isTest = (file) => /\.test\.tsx?$/.test(file) || file.startsWith('tests/');
const lines = (file) =>
  readFileSync(file, 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .split('\n')
    .filter((line) => line.trim() !== '' && !line.trim().startsWith('//')).length;
const sum = { code: 0, tests: 0 };
for (const file of files.filter((one) => one !== '' && existsSync(one)))
  sum[isTest(file) ? 'tests' : 'code'] += lines(file);
const share = (100 * sum.tests) / (sum.code + sum.tests);
process.stdout.write(`code ${sum.code} lines, tests ${sum.tests} lines, share of tests ${share.toFixed(1)} %\n`);
