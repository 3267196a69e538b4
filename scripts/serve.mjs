import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { fileURLToPath } from 'node:url';

/** Serves the built application on 127.0.0.1, or on HOST when it is given: on PORT when that is given, else on the first free port from 3000 on. */
const host = process.env.HOST ?? '127.0.0.1';
const loopback = ['127.0.0.1', '::1', 'localhost'].includes(host);
const given = process.env.PORT;
if (given !== undefined && !/^\d{1,5}$/.test(given)) {
  process.stderr.write(`marked-page: PORT is “${given}”, which is no port: give a number from 1 to 65535.\n`);
  process.exit(2);
}

function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

async function choosePort() {
  if (given !== undefined) {
    if (await isFree(Number(given))) return Number(given);
    process.stderr.write(`marked-page: port ${given} is taken: give another one in PORT.\n`);
    process.exit(2);
  }
  for (let port = 3000; port < 3100; port += 1) if (await isFree(port)) return port;
  process.stderr.write('marked-page: no port from 3000 to 3099 is free: give one in PORT.\n');
  return process.exit(2);
}

const port = await choosePort();
const next = fileURLToPath(new URL('../node_modules/next/dist/bin/next', import.meta.url));
const server = spawn(process.execPath, [next, 'start', '-H', host, '-p', String(port)], {
  stdio: ['inherit', 'pipe', 'inherit'],
  // Nothing leaves the machine, the framework's own statistics included.
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', MARKED_PAGE_LOOPBACK: loopback ? '1' : '0' },
});
server.stdout.on('data', (text) => {
  if (String(text).includes('Ready')) process.stdout.write(`Marked Page is at http://${host}:${port}\n`);
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
