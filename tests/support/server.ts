import { spawn, type ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';
import path from 'node:path';

export interface RunningServer {
  readonly url: string;
  stop(): Promise<void>;
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address !== null ? address.port : 0));
    });
  });
}

async function answers(url: string): Promise<boolean> {
  return fetch(url).then(
    (response) => response.ok,
    () => false,
  );
}

/** Serves the built application on a free port of 127.0.0.1, by the same script as `npm start`. */
export async function startServer(): Promise<RunningServer> {
  const port = await freePort();
  const server: ChildProcess = spawn(process.execPath, [path.resolve('scripts/serve.mjs')], {
    env: { ...process.env, PORT: String(port) },
    stdio: 'ignore',
  });
  const url = `http://127.0.0.1:${port}`;
  for (let attempt = 0; attempt < 150 && !(await answers(url)); attempt += 1) {
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  return {
    url,
    stop: () =>
      new Promise((resolve) => {
        server.once('exit', () => resolve());
        server.kill('SIGTERM');
      }),
  };
}
