import { build } from 'esbuild';

/** Bundles the command line, the trials and the benchmarks; packages stay outside and are found in node_modules. */
await build({
  entryPoints: {
    'marked-page': 'cli/main.ts',
    readingWorker: 'cli/readingWorker.ts',
    trials: 'bench/trials.ts',
    bench: 'bench/bench.ts',
  },
  outdir: 'dist/cli',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  packages: 'external',
  platform: 'node',
  target: 'es2022',
  format: 'esm',
  sourcemap: true,
  logLevel: 'warning',
});
