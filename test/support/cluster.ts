import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { MIGRATIONS } from '../../src/cluster/installation.ts';
import { startThrowaway } from '../../src/cluster/throwaway.ts';
import { setUpDatabase } from '../../src/server/db/setup.ts';
import { loadDemoOnce } from '../../src/demo/load.ts';
import { CLOCK_AT, DEMO_PASSWORD, DEMO_TEMPLATE, PASSWORDS, TEMPLATE } from './fixed.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** The superuser's address of the throwaway cluster, ending in its template database. */
    adminUrl: string;
  }
}

// Nothing in it outlives the run, so nothing need be flushed to disk.
const OPTIONS = '-c fsync=off -c full_page_writes=off -c max_connections=200';

/** One throwaway cluster for a run, with two templates that test files copy: a migrated one, and one with the demo homes in it. */
export default async function setUp(project: TestProject): Promise<() => Promise<void>> {
  const cluster = await startThrowaway('test', OPTIONS, await preparedCluster());
  project.provide('adminUrl', cluster.adminUrl(TEMPLATE));
  return () => cluster.end();
}

const KEPT = '/tmp';
const PREFIX = 'salt-prepared-';

/** The folder of a stopped cluster with both templates, made anew only when something that makes them has changed. */
async function preparedCluster(): Promise<string> {
  const name = `${PREFIX}${hashOfMakers()}`;
  const folder = join(KEPT, name);
  if (existsSync(folder)) return folder;
  for (const old of readdirSync(KEPT))
    if (old.startsWith(PREFIX)) rmSync(join(KEPT, old), { recursive: true, force: true });
  const cluster = await startThrowaway('prepare', OPTIONS);
  await setUpDatabase(cluster.adminUrl(TEMPLATE), PASSWORDS, MIGRATIONS);
  const demo = await setUpDatabase(cluster.adminUrl(DEMO_TEMPLATE), PASSWORDS, MIGRATIONS);
  await loadDemoOnce(demo.app, DEMO_PASSWORD, Date.parse(CLOCK_AT));
  await cluster.keepAs(folder);
  return folder;
}

const MAKERS = ['core', 'contract', 'server', 'demo', 'cluster', 'locales'].map((name) => join('src', name));

/** All that decides what the templates hold: the program less its pages, its packages, and what stands fixed for tests. */
function hashOfMakers(): string {
  const hash = createHash('sha256');
  const files = MAKERS.flatMap((folder) =>
    readdirSync(folder, { recursive: true, withFileTypes: true })
      .filter((one) => one.isFile() && !one.name.endsWith('.test.ts'))
      .map(({ parentPath, name }) => join(parentPath, name)),
  );
  for (const file of [...files, 'package-lock.json', 'test/support/fixed.ts'].sort())
    hash.update(file).update('\0').update(readFileSync(file));
  return hash.digest('hex').slice(0, 16);
}
