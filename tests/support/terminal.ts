import { spawnSync } from 'node:child_process';

/** What a run of the command line came to. */
export interface Run {
  readonly code: number | null;
  /** Its output's JSON lines. */
  readonly lines: readonly Record<string, unknown>[];
  readonly out: string;
  /** What it told on standard error. */
  readonly told: string;
}

/** Runs the command line as it ships. */
export function run(...args: readonly string[]): Run {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['bin/marked-page.mjs', ...args], {
    encoding: 'utf8',
  });
  const lines = stdout.split('\n').filter((line) => line.startsWith('{'));
  return {
    code: status,
    lines: lines.map((line) => JSON.parse(line) as Record<string, unknown>),
    out: stdout,
    told: stderr,
  };
}
