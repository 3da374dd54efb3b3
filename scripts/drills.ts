import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildAll } from './build.ts';

// npm run drills: the fault tests of `npm test`, but long. Needs what `npm test` has installed.
const { values } = parseArgs({
  options: {
    requests: { type: 'string', default: '10000' },
    kills: { type: 'string', default: '30' },
    seed: { type: 'string', default: String(Date.now() % 1_000_000_000) },
  },
});
for (const [name, value] of Object.entries(values))
  if (!/^\d{1,9}$/.test(value)) {
    console.error(`--${name} must be a whole number, not "${value}"`);
    process.exit(2);
  }
console.log(`${values.requests} requests from seed ${values.seed}, ${values.kills} kills`);
await buildAll();
const { status } = spawnSync(
  join('node_modules', '.bin', 'vitest'),
  ['run', '--project', 'browser', '--testTimeout', '7200000', 'test/faults'],
  {
    stdio: 'inherit',
    env: {
      ...process.env,
      FUZZ_REQUESTS: values.requests,
      FUZZ_SEED: values.seed,
      KILLS: values.kills,
    },
  },
);
process.exitCode = status ?? 1;
