import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';
import { initCluster, startCluster, stopCluster } from '../../src/cluster/cluster.ts';
import { MIGRATIONS } from '../../src/cluster/installation.ts';
import { setUpDatabase } from '../../src/server/db/setup.ts';
import { PASSWORDS, TEMPLATE } from './database.ts';

declare module 'vitest' {
  interface ProvidedContext {
    /** The superuser's address of the throwaway cluster, ending in its template database. */
    adminUrl: string;
  }
}

/** One throwaway cluster for a run, with a migrated template that every test file copies. */
export default async function setUp(project: TestProject): Promise<() => Promise<void>> {
  const parent = mkdtempSync('/tmp/salt-test-');
  const cluster = { folder: join(parent, 'cluster'), superuserPassword: 'throwaway' };
  chmodSync(parent, 0o755);
  await initCluster(cluster);
  // Nothing in it outlives the run, so nothing need be flushed to disk.
  const running = await startCluster(cluster, '-c fsync=off -c full_page_writes=off -c max_connections=200');
  const adminUrl = running.adminUrl(TEMPLATE);
  await setUpDatabase(adminUrl, PASSWORDS, MIGRATIONS);
  project.provide('adminUrl', adminUrl);
  return async () => {
    await stopCluster(cluster);
    rmSync(parent, { recursive: true, force: true });
  };
}
