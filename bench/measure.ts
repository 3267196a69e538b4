import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';

export const say = (line: string): void => void process.stdout.write(`${line}\n`);

export function quantile(values: readonly number[], share: number): number {
  return [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? 0;
}

/** Milliseconds that some work takes. */
export async function timed(work: () => unknown): Promise<number> {
  const began = performance.now();
  await work();
  return performance.now() - began;
}

export const spread = (values: readonly number[]): string =>
  `median ${quantile(values, 0.5).toFixed(2)} ms, 95th percentile ${quantile(values, 0.95).toFixed(2)} ms`;

setFlagsFromString('--expose-gc');
const collect = runInNewContext('gc') as () => void;

/** Megabytes that live objects and buffers take, after a collection. */
export function liveMemory(): number {
  collect();
  collect();
  const { heapUsed, external } = process.memoryUsage();
  return (heapUsed + external) / 1e6;
}
