import { rmSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

// The benchmarks are measured as the product is shipped: bundled, not translated as they run.
const OUT = '.bench';
rmSync(OUT, { recursive: true, force: true });
await build({
  entryPoints: ['bench/run.ts', 'bench/dueRouteServer.ts', 'src/cli/homes/laneProcess.ts'],
  entryNames: '[name]',
  outdir: OUT,
  bundle: true,
  packages: 'external',
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
});
await import(pathToFileURL(`${OUT}/run.js`).href);
