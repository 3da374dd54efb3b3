import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync, existsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pLimit from 'p-limit';
import { buildAll } from './build.ts';
import { countsSchema } from './checks/countsReporter.ts';

/** Files unchanged since the last run need not be checked again. */
function cachedIn(name: string): [string, string] {
  return ['--cache-location', join('node_modules', '.cache', name, 'cache')];
}

/** Results of type checks are cached, so that only files a change reaches are checked anew. */
function typesOf(project: string): string[] {
  return [
    '-p',
    project,
    '--incremental',
    '--tsBuildInfoFile',
    join('node_modules', '.cache', 'types', project),
  ];
}

/** The checks of `npm run check`, each one pass or fail; the longest first, for they run in two lanes. */
const CHECKS: readonly (readonly [name: string, program: string, ...args: string[]])[] = [
  [
    'lint',
    'eslint',
    '--max-warnings',
    '0',
    '--cache',
    '--cache-strategy',
    'content',
    ...cachedIn('eslint'),
    '.',
  ],
  ['types of the core', 'tsc', ...typesOf('tsconfig.core.json')],
  ['types of server, tools and tests', 'tsc', ...typesOf('tsconfig.node.json')],
  ['types of the interface', 'vue-tsc', ...typesOf('tsconfig.json')],
  ['format', 'prettier', '--check', '--log-level', 'warn', '--cache', ...cachedIn('prettier'), '.'],
  [
    'arrows and cycles',
    'depcruise',
    '--config',
    '.dependency-cruiser.json',
    '--output-type',
    'err',
    'src',
    'scripts',
    'test',
  ],
  ['unused files and exports', 'knip'],
  ['licences and lockfile', 'tsx', 'scripts/checks/lockfile.ts'],
  ['share of tests', 'tsx', 'scripts/checks/testShare.ts'],
  ['controls of the library', 'tsx', 'scripts/checks/controls.ts'],
];
const SUITES = ['unit', 'api', 'browser'] as const;

interface Count {
  passed: number;
  /** The names of what failed, told together at the end: what is far up a long output is not found. */
  readonly failed: string[];
}

function run(program: string, args: readonly string[], env: Record<string, string> = {}): boolean {
  const { status } = spawnSync(join('node_modules', '.bin', program), args, {
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return status === 0;
}

/** Runs a program and keeps what it says until it has ended, so that two at once do not talk into one another. */
async function runQuietly(
  program: string,
  args: readonly string[],
): Promise<{ passed: boolean; said: string }> {
  const child = spawn(join('node_modules', '.bin', program), args, { stdio: ['ignore', 'pipe', 'pipe'] });
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.on('data', (text: Buffer) => (said += text.toString()));
  const [code] = (await once(child, 'close')) as [number | null];
  return { passed: code === 0, said };
}

async function runChecks(count: Count): Promise<void> {
  const lanes = pLimit(2);
  await Promise.all(
    CHECKS.map(([name, program, ...args]) =>
      lanes(async () => {
        const { passed, said } = await runQuietly(program, args);
        if (said.trim() !== '') console.log(said.trimEnd());
        console.log(`${passed ? 'passed' : 'FAILED'}: ${name}`);
        if (passed) count.passed += 1;
        else count.failed.push(name);
      }),
    ),
  );
}

/** Runs one suite, which is the Vitest projects whose names begin with its own; a run that fails without counting a failed test still counts as one. */
function runSuite(suite: string, count: Count): void {
  const folder = mkdtempSync(join(tmpdir(), 'salt-counts-'));
  const file = join(folder, 'counts');
  const passed = run('vitest', ['run', '--project', `${suite}*`], { COUNTS_FILE: file });
  const lines = existsSync(file) ? readFileSync(file, 'utf8').trim().split('\n') : [];
  const failedBefore = count.failed.length;
  for (const line of lines) {
    const counts = countsSchema.parse(JSON.parse(line));
    count.passed += counts.passed;
    count.failed.push(...counts.failed);
  }
  if (!passed && count.failed.length === failedBefore) count.failed.push(`the run of ${suite}`);
  rmSync(folder, { recursive: true });
}

const parts = process.argv.slice(2);
const unknown = parts.find((part) => part !== 'check' && !SUITES.some((suite) => suite === part));
if (unknown !== undefined) {
  console.error(`unknown part "${unknown}": choose of check, ${SUITES.join(', ')}`);
  process.exit(2);
}
const count: Count = { passed: 0, failed: [] };
if (parts.includes('check')) await runChecks(count);
if (parts.includes('api') || parts.includes('browser')) await buildAll();
for (const suite of SUITES) if (parts.includes(suite)) runSuite(suite, count);
for (const name of count.failed) console.log(`failed: ${name}`);
console.log(`${count.passed} passed, ${count.failed.length} failed`);
process.exitCode = count.failed.length > 0 || count.passed === 0 ? 1 : 0;
