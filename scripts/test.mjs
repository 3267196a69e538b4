import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

/**
 * Everything that must hold: style, types, layering, unused code, unit tests, end-to-end tests. All of it runs, whatever failed before; the last line
 * is `N passed, N failed`, a check counting as one.
 */
const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const bin = (name) => path.join(root, 'node_modules/.bin', name);
const results = path.join(root, '.setup/results.json');
const sum = { passed: 0, failed: 0 };

function run(command, args) {
  // Nothing here takes so long; what hangs is stopped and counts as failed.
  return (
    spawnSync(command, args, { cwd: root, stdio: 'inherit', timeout: 15 * 60_000, killSignal: 'SIGKILL' }).status === 0
  );
}

function check(name, command, args) {
  process.stdout.write(`\n== ${name}\n`);
  if (run(command, args)) sum.passed += 1;
  else sum.failed += 1;
}

function jest(name, args) {
  process.stdout.write(`\n== ${name}\n`);
  rmSync(results, { force: true });
  const node = [
    '--experimental-vm-modules',
    '--disable-warning=ExperimentalWarning',
    path.join(root, 'node_modules/jest/bin/jest.js'),
  ];
  const good = run(process.execPath, [...node, '--forceExit', '--json', `--outputFile=${results}`, ...args]);
  try {
    const told = JSON.parse(readFileSync(results, 'utf8'));
    sum.passed += told.numPassedTests;
    // A suite that could not even start has no tests to count.
    sum.failed += told.numFailedTests + told.numRuntimeErrorTestSuites;
    if (!good && told.success) sum.failed += 1;
  } catch {
    process.stdout.write(`${name}: the test runner left no results.\n`);
    sum.failed += 1;
  }
}

mkdirSync(path.dirname(results), { recursive: true });
check('style (Prettier)', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
check('lint (ESLint)', bin('eslint'), ['--max-warnings', '0', '--cache', '--cache-location', '.setup/eslint', '.']);
check('types (TypeScript)', bin('tsc'), ['--noEmit']);
check('layers and cycles', bin('depcruise'), [
  '--config',
  '.dependency-cruiser.cjs',
  '--output-type',
  'err',
  'src',
  'cli',
  'bench',
  'demo',
  'tests',
]);
check('unused code', bin('knip'), ['--exclude', 'types']);
jest('unit tests', ['--selectProjects', 'core', 'interface']);
jest('end-to-end tests', ['--selectProjects', 'e2e', '--runInBand']);
process.stdout.write(`\n${sum.passed} passed, ${sum.failed} failed\n`);
process.exitCode = sum.failed === 0 && sum.passed > 0 ? 0 : 1;
