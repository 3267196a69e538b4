import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

/**
 * Brings a fresh clone to where it can run, with Node alone, and skips what is up to date. Each step leaves a stamp of what it was made from in
 * `.setup/`. Usage: `node scripts/setup.mjs start|test|cli`.
 */
const root = path.dirname(path.dirname(fileURLToPath(import.meta.url)));
const stamps = path.join(root, '.setup');

function filesBelow(folder) {
  return readdirSync(path.join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const name = path.join(folder, entry.name);
    return entry.isDirectory() ? filesBelow(name) : [name];
  });
}

/** Fingerprint of files and folders, by content. */
function fingerprint(inputs) {
  const hash = createHash('sha256').update(process.version);
  for (const input of inputs.filter((one) => existsSync(path.join(root, one)))) {
    const files = statSync(path.join(root, input)).isDirectory() ? filesBelow(input) : [input];
    for (const file of files.sort()) hash.update(file).update(readFileSync(path.join(root, file)));
  }
  return hash.digest('hex');
}

/** Runs `work` unless the stamp of `name` says that it was done for the same inputs and its outputs are there. */
function step(name, inputs, outputs, work) {
  const stamp = path.join(stamps, name);
  const wanted = fingerprint(inputs);
  const done = existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted;
  if (done && outputs.every((output) => existsSync(path.join(root, output)))) return;
  process.stderr.write(`marked-page: ${name} …\n`);
  work();
  mkdirSync(stamps, { recursive: true });
  writeFileSync(stamp, wanted);
}

// Output goes to standard error, so that the command line's own output stays clean.
function run(command, args) {
  execFileSync(command, args, {
    cwd: root,
    stdio: ['ignore', 2, 2],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    shell: process.platform === 'win32',
  });
}

/** True when what is installed is what the lockfile asks for; packages for other platforms may be missing. */
function installed() {
  const ours = path.join(root, 'node_modules/.package-lock.json');
  if (!existsSync(ours)) return false;
  const have = JSON.parse(readFileSync(ours, 'utf8')).packages;
  const want = JSON.parse(readFileSync(path.join(root, 'package-lock.json'), 'utf8')).packages;
  return Object.entries(want).every(
    ([name, entry]) =>
      name === '' || (have[name] === undefined ? entry.optional : have[name].version === entry.version),
  );
}

function dependencies() {
  if (installed()) return;
  process.stderr.write('marked-page: dependencies …\n');
  run('npm', ['ci', '--no-audit', '--no-fund', '--ignore-scripts']);
}

function cli() {
  step(
    'command line',
    ['cli', 'src/core', 'scripts/buildCli.mjs', 'package-lock.json'],
    ['dist/cli/marked-page.mjs'],
    () => run('node', ['scripts/buildCli.mjs']),
  );
}

/** What pdf.js fetches while it reads and draws, served from our own origin. */
function assets() {
  step('page-drawing assets', ['package-lock.json'], ['public/pdfjs/cmaps'], () => {
    for (const folder of ['cmaps', 'standard_fonts', 'wasm', 'iccs']) {
      rmSync(path.join(root, 'public/pdfjs', folder), { recursive: true, force: true });
      cpSync(path.join(root, 'node_modules/pdfjs-dist', folder), path.join(root, 'public/pdfjs', folder), {
        recursive: true,
      });
    }
  });
}

function application() {
  step(
    'application',
    ['src', 'public/demo', 'next.config.ts', 'postcss.config.mjs', 'tsconfig.json', 'package-lock.json'],
    ['.next/BUILD_ID'],
    () => run('npx', ['next', 'build']),
  );
}

/** Chromium for the end-to-end tests, from Debian's packages, when it is missing and we may install it. */
function browser() {
  if (process.env.CHROMIUM_PATH || ['/usr/bin/chromium', '/usr/bin/chromium-browser'].some((file) => existsSync(file)))
    return;
  if (process.platform !== 'linux' || process.getuid?.() !== 0) {
    throw new Error('Chromium is missing: install it, or give its path in CHROMIUM_PATH, then run the tests again.');
  }
  process.stderr.write('marked-page: Chromium …\n');
  run('apt-get', ['update', '-qq']);
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', 'chromium']);
}

/** Makes sure of everything that `what` needs: `cli`, `start` or `test`. */
export function ensure(what) {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 11))
    throw new Error(`Node 20.11 or later is needed; this is ${process.version}.`);
  dependencies();
  cli();
  if (what === 'cli') return;
  assets();
  application();
  if (what === 'test') browser();
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  try {
    ensure(process.argv[2] ?? 'start');
  } catch (caught) {
    process.stderr.write(`marked-page: ${caught.message}\n`);
    process.exitCode = 1;
  }
}
