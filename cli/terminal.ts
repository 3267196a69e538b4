import { wordProblem, type Problem } from '../src/core/problem';

/** Exit codes; see docs/formats.md. */
export const EXIT = { done: 0, unverified: 1, usage: 2, unreadable: 3 } as const;

export function print(line: string): void {
  process.stdout.write(`${line}\n`);
}

export function tell(message: string): void {
  clearProgress();
  process.stderr.write(`${message}\n`);
}

export function tellProblem(problem: Problem): void {
  tell(wordProblem(problem));
}

export function showProgress(text: string): void {
  if (process.stderr.isTTY) process.stderr.write(`\r\u001b[K${text}`);
}

export function clearProgress(): void {
  if (process.stderr.isTTY) process.stderr.write('\r\u001b[K');
}
